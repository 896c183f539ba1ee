import { current, isDraft } from "immer";
import { single } from "../document/membership";
import {
  type Corner,
  type Family,
  find,
  key,
  type Mission,
  ordered,
  type Position,
  type Ref,
  type RouteWaypoint,
  refOf,
} from "../document/mission";
import { extentOf, type Geometry, within } from "../document/shapes";
import { sure } from "../document/sure";
import { FAMILIES, type PlacedFamily, traitsOf } from "../families";
import type { Sized, Spot } from "../families/traits";

/** Whether the things of a family have a place on the map. */
export function isPlacedFamily(family: Family): family is PlacedFamily {
  return family in FAMILIES;
}

/** Whether the things of a family lie nowhere but where their members do. */
export function isGroupFamily(family: Family): boolean {
  return traitsOf(family)?.group === true;
}

/** Whether a key is that of a thing with a place on the map. */
export function isPlaced(name: string): boolean {
  return isPlacedFamily(refOf(name).family);
}

/** Whether the things of a family lie between two ends. */
export function isSpan(family: Family): family is "gates" | "crossings" {
  return traitsOf(family)?.span === true;
}

/** A thing that is a point and faces somewhere, in a mission or a draft of it. */
export function facingThing(
  mission: Mission,
  ref: Ref,
): { position: Position; facing: number } | undefined {
  return traitsOf(ref.family)?.facing
    ? (find(mission, ref) as { position: Position; facing: number } | undefined)
    : undefined;
}

/** The corners or waypoints of a thing by id, in a mission or a draft of it. */
export function verticesIn(
  mission: Mission,
  ref: Ref,
): Record<string, Corner | RouteWaypoint> | undefined {
  const thing = find(mission, ref);
  return thing && traitsOf(ref.family)?.vertices?.(thing as never);
}

/** Where a thing lies; nothing for what has no place of its own. */
export function geometryOf(mission: Mission, ref: Ref): Geometry | undefined {
  const thing = find(mission, ref);
  return thing && traitsOf(ref.family)?.geometry(thing as never);
}

/** Where the positions of a thing are kept that move with it; those of a group are its members'. */
function spotsOf(mission: Mission, ref: Ref): Spot[] {
  const thing = find(mission, ref);
  return (thing && traitsOf(ref.family)?.spots(thing as never)) ?? [];
}

/** All positions that are moved with a thing, in a mission or a draft of it. */
export function positionsOf(mission: Mission, ref: Ref): Position[] {
  return single(mission, ref).flatMap((it) =>
    spotsOf(mission, it).map(({ holder, field }) => sure(holder, field)),
  );
}

/** Some things, and the members of groups in their place, each once. */
export function singles(mission: Mission, refs: Ref[]): Ref[] {
  const each = refs.flatMap((ref) => single(mission, ref));
  return [...new Map(each.map((ref) => [key(ref), ref])).values()];
}

/** Moves things of a draft by metres; what belongs to two of them moves once. */
export function moveThings(draft: Mission, refs: Ref[], dx: number, dy: number): void {
  const extent = extentOf(draft);
  for (const ref of singles(draft, refs)) {
    for (const { holder, field } of spotsOf(draft, ref)) {
      // Read past the draft: what is replaced whole need not be followed first.
      const { x, y } = sure(isDraft(holder) ? current(holder) : holder, field);
      holder[field] = within(extent, { x: x + dx, y: y + dy });
    }
  }
}

/** Turns a thing about its middle by degrees clockwise, corner by corner. */
export function turnAbout(draft: Mission, ref: Ref, degrees: number): void {
  const middle = placeOf(draft, ref);
  if (!middle) return;
  const angle = (degrees * Math.PI) / 180;
  const [sin, cos] = [Math.sin(angle), Math.cos(angle)];
  const extent = extentOf(draft);
  for (const { holder, field } of spotsOf(draft, ref)) {
    const [dx, dy] = [sure(holder, field).x - middle.x, sure(holder, field).y - middle.y];
    const to = { x: middle.x + dx * cos + dy * sin, y: middle.y - dx * sin + dy * cos };
    holder[field] = within(extent, to);
  }
}

/** What holds the size of a thing, in a mission or a draft of it; nothing for what has none. */
export function sizedIn(mission: Mission, ref: Ref): Sized | undefined {
  const thing = find(mission, ref);
  return thing && traitsOf(ref.family)?.sized?.(thing as never);
}

/** Where a thing is, for links and for finding it: its middle, or where it begins. */
export function placeOf(mission: Mission, ref: Ref): Position | undefined {
  if (!find(mission, ref)) return undefined;
  if (traitsOf(ref.family)?.begins) return first(mission, ref);
  const corners = geometryOf(mission, ref)?.is === "ring" ? verticesIn(mission, ref) : undefined;
  const positions = corners
    ? Object.values(corners).map(({ position }) => position)
    : positionsOf(mission, ref);
  if (positions.length === 0) return undefined;
  const sum = positions.reduce((a, b) => ({ x: a.x + b.x, y: a.y + b.y }));
  return { x: sum.x / positions.length, y: sum.y / positions.length };
}

function first(mission: Mission, ref: Ref): Position | undefined {
  const parts = verticesIn(mission, ref);
  return parts && ordered(parts)[0]?.[1].position;
}
