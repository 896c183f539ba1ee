import type { Condition, Mission } from "./mission";
import { newId, ordered, safeBetween } from "./mission";
import { happens, learntPhrases, type PhraseBook } from "./phrases";
import type { OpenMission } from "./store";
import { sure } from "./sure";

/** The steps to a part of the document. */
export type Path = readonly string[];

type Tree = Record<string, unknown>;

/** The part of a document at a path. */
export function part<T>(document: unknown, path: Path): T {
  return path.reduce((node, step) => (node as Tree)[step], document) as T;
}

const PERSONS: readonly unknown[] = ["causer", "other", "thisOne"];

/** Whether somebody of a firing's own is named somewhere within. */
function namesPersons(node: unknown): boolean {
  if (node === null || typeof node !== "object") return false;
  if (PERSONS.includes((node as { type?: unknown }).type)) return true;
  return Object.values(node).some(namesPersons);
}

/**
 * Edits what lies at a path. An event that fires through what happens goes on side by side from when
 * its actions first name somebody of a firing's own; what it was told otherwise later stays.
 */
function change(
  open: OpenMission,
  label: string,
  path: Path,
  edit: (draft: Mission) => void,
): void {
  open.edit(label, (draft) => {
    const event =
      path[0] === "events" && path[2] === "actions" ? sure(draft.events, sure(path, 1)) : null;
    const named = event === null || namesPersons(event.actions);
    edit(draft);
    const phrases = learntPhrases();
    if (event === null || named || event.firings !== "dropped" || !phrases) return;
    if (namesPersons(event.actions) && happens(event.when, phrases)) event.firings = "sideBySide";
  });
}

/** Puts a value at a path, as one edit. */
export function put(open: OpenMission, label: string, path: Path, value: unknown): void {
  change(open, label, path, (draft) => {
    const holder = part<Tree>(draft, path.slice(0, -1));
    holder[sure(path, path.length - 1)] = value;
  });
}

/** Deletes an entry of a map. */
export function drop(open: OpenMission, label: string, path: Path): void {
  open.edit(label, (draft) => {
    delete part<Tree>(draft, path.slice(0, -1))[sure(path, path.length - 1)];
  });
}

/** The families whose things stand in an order. */
type Ordered = {
  [F in keyof Mission]: Mission[F] extends Record<string, { order: string }> ? F : never;
}[keyof Mission];

/** Adds a thing after all others of its family; answers with its id. */
export function addThing<F extends Ordered>(
  open: OpenMission,
  label: string,
  family: F,
  thing: Mission[F] extends Record<string, infer T> ? Omit<T, "order"> : never,
): string {
  return append(open, label, [family], thing);
}

/** Adds an entry after all others of an ordered map; answers with its id. */
export function append(open: OpenMission, label: string, path: Path, entry: object): string {
  const id = newId();
  change(open, label, path, (draft) => {
    const parts = part<Record<string, { order: string }>>(draft, path);
    const last = ordered(parts).at(-1);
    parts[id] = { ...entry, order: safeBetween(last ? last[1].order : null, null) };
  });
  return id;
}

/**
 * Adds conditions to a group, as one edit. An event that had no condition yet and gets something
 * that happens fires any number of times.
 */
export function addParts(
  open: OpenMission,
  label: string,
  group: Path,
  phrases: PhraseBook,
  conditions: Condition[],
): void {
  open.edit(label, (draft) => {
    const [family, id = "", field] = group;
    const event = family === "events" && field === "when" ? draft.events[id] : null;
    const empty = event?.when.type === "all" && Object.keys(event.when.parts).length === 0;
    if (event && empty && conditions.some((it) => happens(it, phrases))) event.times = 0;
    const parts = part<Record<string, { order: string }>>(draft, [...group, "parts"]);
    let last = ordered(parts).at(-1)?.[1].order ?? null;
    for (const condition of conditions) {
      last = safeBetween(last, null);
      parts[newId()] = { condition, order: last } as { order: string };
    }
  });
}

/** Adds entries after all others of an ordered map, as one edit. */
export function appendAll(
  open: OpenMission,
  label: string,
  path: Path,
  entries: [string, object][],
): void {
  change(open, label, path, (draft) => {
    const parts = part<Record<string, { order: string }>>(draft, path);
    let last = ordered(parts).at(-1)?.[1].order ?? null;
    for (const [, entry] of entries) {
      last = safeBetween(last, null);
      parts[newId()] = { ...entry, order: last };
    }
  });
}

/** Moves an entry of an ordered map up or down among some of its entries. */
export function shift(
  open: OpenMission,
  label: string,
  path: Path,
  by: -1 | 1,
  among: (draft: Mission) => Record<string, { order: string }> = (draft) =>
    part(draft, path.slice(0, -1)),
): void {
  open.edit(label, (draft) => {
    const entries = ordered(among(draft));
    const id = path[path.length - 1];
    const at = entries.findIndex(([it]) => it === id);
    const to = at + by;
    if (to < 0 || to >= entries.length) return;
    const before = by < 0 ? entries[to - 1] : entries[to];
    const after = by < 0 ? entries[to] : entries[to + 1];
    const order = safeBetween(before?.[1].order ?? null, after?.[1].order ?? null);
    part<{ order: string }>(draft, path).order = order;
  });
}

/**
 * Moves an entry of an ordered map to a place in the same or another one, as one edit; nothing
 * happens where it would come to lie within itself.
 *
 * @param to the path of the map it goes to
 * @param before the entry that it goes before; null for the end
 */
export function relocate(
  open: OpenMission,
  label: string,
  from: Path,
  to: Path,
  before: string | null,
): void {
  const within = from.every((step, i) => to[i] === step);
  const id = sure(from, from.length - 1);
  if (within || before === id) return;
  open.edit(label, (draft) => {
    const holder = part<Record<string, { order: string }>>(draft, from.slice(0, -1));
    const moved = holder[id];
    delete holder[id];
    const parts = part<Record<string, { order: string }>>(draft, to);
    const entries = ordered(parts);
    const at = before === null ? entries.length : entries.findIndex(([it]) => it === before);
    const order = safeBetween(entries[at - 1]?.[1].order ?? null, entries[at]?.[1].order ?? null);
    parts[id in parts ? newId() : id] = { ...moved, order };
  });
}
