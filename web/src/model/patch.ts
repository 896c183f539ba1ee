import { enablePatches, type Patch, produceWithPatches } from "immer";
import type { Operation } from "../api";
import type { Mission } from "./mission";

enablePatches();

/** A change that could not be put on a document: what it expected and what stands there. */
export interface Clash {
  path: string;
  expected: unknown;
  found: unknown;
}

type Tree = Record<string, unknown>;

function pointer(path: (string | number)[]): string {
  return path
    .map((step) => `/${String(step).replaceAll("~", "~0").replaceAll("/", "~1")}`)
    .join("");
}

function steps(path: string): string[] {
  return path
    .slice(1)
    .split("/")
    .map((step) => step.replaceAll("~1", "/").replaceAll("~0", "~"));
}

/** What stands at a JSON Pointer. */
export function at(document: unknown, path: string): unknown {
  let node = document;
  for (const step of path === "" ? [] : steps(path)) {
    if (node === null || typeof node !== "object") return undefined;
    node = (node as Tree)[step];
  }
  return node;
}

/** Whether two JSON trees hold the same, whatever the order of their members. */
export function same(one: unknown, other: unknown): boolean {
  if (one === other) return true;
  if (one === null || other === null || typeof one !== "object" || typeof other !== "object") {
    return false;
  }
  const keys = Object.keys(one);
  return (
    keys.length === Object.keys(other).length &&
    keys.every((name) => name in other && same((one as Tree)[name], (other as Tree)[name]))
  );
}

/** A change of the document as a patch with its tests, and the patch that takes it back. */
export function change(
  mission: Mission,
  recipe: (draft: Mission) => void,
): { next: Mission; patch: Operation[]; inverse: Operation[] } {
  const [next, patches] = produceWithPatches(mission, recipe);
  const patch = tested(mission, patches);
  return { next, patch, inverse: invert(mission, patch) };
}

function tested(mission: Mission, patches: Patch[]): Operation[] {
  const patch: Operation[] = [];
  let document: Mission = mission;
  for (const { op, path, value } of patches) {
    const place = pointer(path);
    const before = at(document, place);
    const operation: Operation = op === "remove" ? { op, path: place } : { op, path: place, value };
    if (op !== "add") patch.push({ op: "test", path: place, value: before });
    patch.push(operation);
    document = applyOne(document, operation) as Mission;
  }
  return patch;
}

/** The patch that takes a patch on a document back, with its own tests. */
export function invert(mission: Mission, patch: Operation[]): Operation[] {
  const back: Operation[][] = [];
  let document: Mission = mission;
  for (const operation of patch) {
    const { op, path, value } = operation;
    const before = at(document, path);
    if (op === "add" && before === undefined) {
      back.push([
        { op: "test", path, value },
        { op: "remove", path },
      ]);
    } else if (op === "add" || op === "replace") {
      back.push([
        { op: "test", path, value },
        { op: "replace", path, value: before },
      ]);
    } else if (op === "remove") {
      back.push([{ op: "add", path, value: before }]);
    }
    document = applyOne(document, operation) as Mission;
  }
  return back.reverse().flat();
}

/** The document with a patch put on it, or what it clashed with. */
export function apply(mission: Mission, patch: Operation[]): Mission | Clash {
  let document: Mission = mission;
  for (const operation of patch) {
    const next = applyOne(document, operation);
    if ("clash" in (next as object)) return (next as { clash: Clash }).clash;
    document = next as Mission;
  }
  return document;
}

/** Whether putting on a patch clashed. */
export function clashed(result: Mission | Clash): result is Clash {
  return !("schema" in result);
}

function applyOne(document: unknown, operation: Operation): unknown {
  const path = steps(operation.path);
  const clash = { clash: { path: operation.path, expected: operation.value, found: undefined } };
  const walk = (node: unknown, depth: number): unknown => {
    if (node === null || typeof node !== "object") return clash;
    const step = path[depth];
    const child = (node as Tree)[step];
    if (depth < path.length - 1) {
      const changed = walk(child, depth + 1);
      if (changed === clash || isClash(changed)) return changed;
      return changed === child ? node : { ...node, [step]: changed };
    }
    if (operation.op === "test") {
      const held = child !== undefined && same(child, operation.value);
      return held ? node : { clash: { ...clash.clash, found: child } };
    }
    if (operation.op === "add") return { ...node, [step]: operation.value };
    if (child === undefined) return clash;
    if (operation.op === "replace") return { ...node, [step]: operation.value };
    const { [step]: _, ...rest } = node as Tree;
    return rest;
  };
  return walk(document, 0);
}

function isClash(result: unknown): boolean {
  return typeof result === "object" && result !== null && "clash" in result;
}

/** The same patch, made against what now stands in the document: tests are taken from there. */
export function retest(mission: Mission, patch: Operation[]): Operation[] | undefined {
  const again: Operation[] = [];
  let document: unknown = mission;
  for (const operation of patch.filter(({ op }) => op !== "test")) {
    const before = at(document, operation.path);
    if (operation.op === "remove" && before === undefined) continue;
    const op = operation.op === "replace" && before === undefined ? "add" : operation.op;
    if (op !== "add") again.push({ op: "test", path: operation.path, value: before });
    again.push({ ...operation, op });
    document = applyOne(document, { ...operation, op });
    if (isClash(document)) return undefined;
  }
  return again;
}
