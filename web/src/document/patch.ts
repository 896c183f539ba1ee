import { enablePatches, type Patch, produceWithPatches, setAutoFreeze } from "immer";
import type { Operation } from "./api";
import type { Mission } from "./mission";
import { sure } from "./sure";

enablePatches();
// Freezing walks all that is new at every edit; nobody writes to a document outside of a recipe.
setAutoFreeze(false);

/** A change that could not be put on a document: what it expected and what stands there. */
export interface Clash {
  path: string;
  expected: unknown;
  found: unknown;
}

type Tree = Record<string, unknown>;

/** What a JSON Pointer writes in another way. */
const SPECIAL = /[~/]/;

function pointer(path: (string | number)[]): string {
  return path
    .map(String)
    .map(
      (step) => `/${SPECIAL.test(step) ? step.replaceAll("~", "~0").replaceAll("/", "~1") : step}`,
    )
    .join("");
}

/** The steps of a JSON Pointer. */
export function steps(path: string): string[] {
  const way = path.slice(1).split("/");
  return path.includes("~")
    ? way.map((step) => step.replaceAll("~1", "/").replaceAll("~0", "~"))
    : way;
}

/** What stands at a JSON Pointer. */
export function at(document: unknown, path: string): unknown {
  return along(document, path === "" ? [] : steps(path));
}

/** What stands at the end of a way through a document. */
function along(document: unknown, way: string[]): unknown {
  let node = document;
  for (const step of way) {
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
  const each = patches.map(({ op, path, value }: Patch): Step => {
    const place = pointer(path);
    const operation = op === "remove" ? { op, path: place } : { op, path: place, value };
    return { operation, way: path.map(String) };
  });
  return { next, ...bothWays(mission, each) };
}

/** The patch that takes a patch on a document back, with its own tests. */
export function invert(mission: Mission, patch: Operation[]): Operation[] {
  const each = patch.filter(({ op }) => op !== "test");
  return bothWays(
    mission,
    each.map((operation) => ({ operation, way: steps(operation.path) })),
  ).inverse;
}

/** An operation and the steps of its path. */
interface Step {
  operation: Operation;
  way: string[];
}

/** Operations with their tests, and the way back with its own. */
function bothWays(mission: Mission, each: Step[]) {
  const patch: Operation[] = [];
  const back: Operation[][] = [];
  const copy = new Copy(mission);
  for (const { operation, way } of each) {
    const { op, path, value } = operation;
    const before = along(copy.document, way);
    if (op !== "add") patch.push({ op: "test", path, value: before });
    patch.push(operation);
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
    copy.write(op, way, value);
  }
  return { patch, inverse: back.reverse().flat() };
}

/** The document with a patch put on it, or what it clashed with. */
export function apply(mission: Mission, patch: Operation[]): Mission | Clash {
  const copy = new Copy(mission);
  for (const operation of patch) {
    const clash = copy.put(operation);
    if (clash) return clash;
  }
  return copy.document as unknown as Mission;
}

/** Whether putting on a patch clashed. */
export function clashed(result: Mission | Clash): result is Clash {
  return !("schema" in result);
}

/** A copy of a document that operations are put on: each part is copied once, when it first changes. */
class Copy {
  document: Tree;
  /** The parts that are this copy's own. */
  private readonly own = new Set<object>();

  constructor(mission: Mission) {
    this.document = mission as unknown as Tree;
  }

  private owned(node: Tree): Tree {
    if (this.own.has(node)) return node;
    const copy = { ...node };
    this.own.add(copy);
    return copy;
  }

  /** Puts an operation on; answers with what it clashed with, having changed nothing. */
  put({ op, path, value }: Operation): Clash | undefined {
    const way = steps(path);
    const holder = along(this.document, way.slice(0, -1));
    if (holder === null || typeof holder !== "object") {
      return { path, expected: value, found: undefined };
    }
    const found = (holder as Tree)[sure(way, way.length - 1)];
    if (op === "test") {
      return found !== undefined && same(found, value)
        ? undefined
        : { path, expected: value, found };
    }
    if (op !== "add" && found === undefined) return { path, expected: value, found };
    this.write(op, way, value);
    return undefined;
  }

  /** Writes what an operation says at the end of a way that is there. */
  write(op: Operation["op"], way: string[], value: unknown): void {
    this.document = this.owned(this.document);
    let holder = this.document;
    for (let i = 0; i < way.length - 1; i++) {
      holder[sure(way, i)] = this.owned(holder[sure(way, i)] as Tree);
      holder = holder[sure(way, i)] as Tree;
    }
    if (op === "remove") delete holder[sure(way, way.length - 1)];
    else holder[sure(way, way.length - 1)] = value;
  }
}

/** The same patch, made against what now stands in the document: tests are taken from there. */
export function retest(mission: Mission, patch: Operation[]): Operation[] | undefined {
  const again: Operation[] = [];
  const copy = new Copy(mission);
  for (const operation of patch.filter(({ op }) => op !== "test")) {
    const before = at(copy.document, operation.path);
    if (operation.op === "remove" && before === undefined) continue;
    const op = operation.op === "replace" && before === undefined ? "add" : operation.op;
    if (op !== "add") again.push({ op: "test", path: operation.path, value: before });
    again.push({ ...operation, op });
    if (copy.put({ ...operation, op })) return undefined;
  }
  return again;
}
