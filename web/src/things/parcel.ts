import { isDraft, original } from "immer";
import { squadsOf } from "../document/membership";
import {
  type Family,
  find,
  freshName,
  key,
  type Mission,
  newId,
  orderAfter,
  type Position,
  type Ref,
  references,
  refOf,
} from "../document/mission";
import type { ShippedThings } from "../document/shipped";
import { copyWaypoints } from "../document/strands";
import { sure } from "../document/sure";
import { PLACED, type PlacedFamily } from "../families";
import { withLines } from "../families/conveyor";
import { restack } from "../families/stacks";
import { moveThings, positionsOf } from "./geometry";

/** Families without a place that travel with what names them. */
const CATALOGUE = [
  "kinds",
  "weapons",
  "thingKinds",
  "looks",
  "itemKinds",
  "dealings",
  "sides",
  "purposes",
  "bands",
] as const;
type CatalogueFamily = (typeof CATALOGUE)[number];

/** The most things that a parcel holds. */
const MOST = 5000;

interface Packed {
  ref: Ref;
  thing: { name: string };
}

/** Things on their way to another place or mission, with what they are made of. */
export interface Parcel {
  flintmoss: "parcel";
  schema: number;
  /** The middle of what is packed. */
  middle: Position;
  things: Packed[];
  catalogue: Packed[];
}

function inCatalogue(family: Family): family is CatalogueFamily {
  return (CATALOGUE as readonly string[]).includes(family);
}

/** Packs things of a mission; bands bring their squads, and squads their members. */
export function parcel(mission: Mission, keys: string[]): Parcel {
  const refs = new Map(withLines(mission, keys.map(refOf)).map((ref) => [key(ref), ref]));
  for (const { family, id } of [...refs.values()]) {
    if (family !== "bands") continue;
    for (const squad of squadsOf(mission, id)) {
      refs.set(`squads/${squad}`, { family: "squads", id: squad });
    }
  }
  for (const [id, unit] of Object.entries(mission.units)) {
    if (unit.belongs.type === "squad" && refs.has(key(unit.belongs.squad))) {
      refs.set(`units/${id}`, { family: "units", id });
    }
  }
  const packed = (ref: Ref): Packed[] => {
    const thing = find(mission, ref);
    return thing ? [{ ref, thing }] : [];
  };
  const things = [...refs.values()].flatMap(packed);
  const named = new Map<string, Ref>();
  const gather = (thing: unknown) => {
    for (const { ref } of references(thing)) {
      const packs = refs.has(key(ref)) || named.has(key(ref));
      if (!inCatalogue(ref.family) || packs) continue;
      named.set(key(ref), ref);
      gather(find(mission, ref));
    }
  };
  for (const { thing } of things) gather(thing);
  return {
    flintmoss: "parcel",
    schema: mission.schema,
    middle: middleOf(mission, things),
    things,
    catalogue: [...named.values()].flatMap(packed),
  };
}

function middleOf(mission: Mission, things: Packed[]): Position {
  const all = things.flatMap(({ ref }) => positionsOf(mission, ref));
  const middle = (values: number[]) => (Math.min(...values) + Math.max(...values)) / 2;
  return all.length === 0
    ? { x: 0, y: 0 }
    : { x: middle(all.map(({ x }) => x)), y: middle(all.map(({ y }) => y)) };
}

/** A parcel from text; nothing for text that is none, or that another version has packed. */
export function fileOf(text: string): Parcel | undefined {
  try {
    const parcel = JSON.parse(text) as Parcel;
    const whole =
      parcel?.flintmoss === "parcel" &&
      Array.isArray(parcel.things) &&
      Array.isArray(parcel.catalogue) &&
      parcel.things.length <= MOST &&
      parcel.things.every(({ ref }) => PLACED.includes(ref?.family as PlacedFamily)) &&
      parcel.catalogue.every(({ ref }) => inCatalogue(ref?.family));
    return whole ? parcel : undefined;
  } catch {
    return undefined;
  }
}

/**
 * Unpacks a parcel into a draft about a point. What it is made of is matched by id, then by name, and
 * brought along where the mission has none; references to what is not there are left open.
 */
export function unpack(draft: Mission, from: Parcel, at: Position): string[] {
  const known = new Map<string, Ref>();
  for (const { ref, thing } of from.catalogue) known.set(key(ref), matched(draft, ref, thing));
  for (const { ref } of from.things) known.set(key(ref), { family: ref.family, id: newId() });
  const made: Ref[] = [];
  for (const { ref, thing } of from.things) {
    const to = known.get(key(ref)) as Ref;
    const family = draft[ref.family] as unknown as Record<string, { name: string }>;
    const copy = repointed(thing, known) as { name: string };
    copy.name = freshName(family, thing.name.replace(/ \d+$/, ""));
    if (ref.family === "routes") {
      const route = copy as Mission["routes"][string];
      route.waypoints = copyWaypoints(route.waypoints);
    }
    if ("order" in copy && typeof copy.order === "string") {
      copy.order = orderAfter(family as unknown as Record<string, { order: string }>);
    }
    family[to.id] = copy;
    made.push(to);
    // A copy of what is still there bears the same labels.
    for (const { things: bearers } of Object.values(draft.labels)) {
      if (bearers[ref.id]?.family === ref.family) bearers[to.id] = to;
    }
  }
  for (const { catalogue } of [from]) {
    for (const { ref, thing } of catalogue) settle(draft, known.get(key(ref)) as Ref, thing, known);
  }
  moveThings(draft, made, at.x - from.middle.x, at.y - from.middle.y);
  restack(isDraft(draft) ? (original(draft) ?? draft) : draft, draft, made);
  return made.map(key);
}

/**
 * Brings an entry of the catalogue with all that it names; what the mission has already, by id or by
 * name, is taken for it.
 *
 * @returns the entry as the mission has it then
 */
export function bring(draft: Mission, from: ShippedThings, first: Ref): Ref {
  const named = new Map<string, Packed>();
  const gather = (ref: Ref) => {
    const things = (from as Partial<Record<Family, Record<string, { name: string }>>>)[ref.family];
    const thing = things?.[ref.id];
    if (!thing || named.has(key(ref))) return;
    named.set(key(ref), { ref, thing });
    for (const it of references(thing)) gather(it.ref);
  };
  gather(first);
  const known = new Map<string, Ref>();
  for (const [at, { ref, thing }] of named) known.set(at, matched(draft, ref, thing));
  for (const [at, { thing }] of named) settle(draft, known.get(at) as Ref, thing, known);
  return known.get(key(first)) as Ref;
}

/** What a mission has in the place of an entry of another's catalogue, by id or by name. */
function matched(draft: Mission, ref: Ref, thing: { name: string }): Ref {
  const family = draft[ref.family] as unknown as Record<string, { name: string }>;
  if (family[ref.id]?.name === thing.name) return ref;
  const named = Object.keys(family).find((id) => sure(family, id).name === thing.name);
  if (named) return { family: ref.family, id: named };
  return { family: ref.family, id: family[ref.id] ? newId() : ref.id };
}

/** Brings an entry of the catalogue along where the mission has none. */
function settle(draft: Mission, to: Ref, thing: { name: string }, known: Map<string, Ref>): void {
  const family = draft[to.family] as unknown as Record<string, unknown>;
  family[to.id] ??= repointed(thing, known);
}

/** A copy of a part of a document whose references lead to where things are now. */
function repointed(node: unknown, known: Map<string, Ref>): unknown {
  if (node === null || typeof node !== "object") return node;
  const fields = node as Record<string, unknown>;
  if (Object.keys(fields).length === 2 && "family" in fields && "id" in fields) {
    return { ...(known.get(key(fields as unknown as Ref)) ?? (fields as unknown as Ref)) };
  }
  return Object.fromEntries(
    Object.entries(fields).map(([name, part]) => [name, repointed(part, known)]),
  );
}
