import { current, isDraft } from "immer";
import { FAMILIES, type PlacedFamily, traitsOf } from "../families";
import type { Geometry, Spot } from "../families/traits";
import { squadsOf } from "./bands";
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
} from "./mission";

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

/** The stretches of an outline or line: each with the indexes of its two vertices. */
export function stretchesOf(geometry: Geometry): [Position, Position, number, number][] {
  const path = pathOf(geometry);
  if (geometry.is === "line" && geometry.joins) {
    return geometry.joins.map(([a, b]) => [path[a], path[b], a, b]);
  }
  return stretches(path, geometry.is !== "line" || geometry.closed).map(([a, b, i]) => [
    a,
    b,
    i,
    (i + 1) % path.length,
  ]);
}

/** Where a thing lies; nothing for what has no place of its own. */
export function geometryOf(mission: Mission, ref: Ref): Geometry | undefined {
  const thing = find(mission, ref);
  return thing && traitsOf(ref.family)?.geometry(thing as never);
}

/** The units of a squad. */
export function membersOf(mission: Mission, squad: string): Ref[] {
  return Object.entries(mission.units)
    .filter(([, { belongs }]) => belongs.type === "squad" && belongs.squad.id === squad)
    .map(([id]) => ({ family: "units", id }));
}

/** Where the positions of a thing are kept that move with it; those of a group are its members'. */
function spotsOf(mission: Mission, ref: Ref): Spot[] {
  const thing = find(mission, ref);
  return (thing && traitsOf(ref.family)?.spots(thing as never)) ?? [];
}

/** A thing, or in place of a squad or a band its members. */
export function single(mission: Mission, ref: Ref): Ref[] {
  if (ref.family === "bands") {
    return squadsOf(mission, ref.id).flatMap((squad) => membersOf(mission, squad));
  }
  return ref.family === "squads" ? membersOf(mission, ref.id) : [ref];
}

/** All positions that are moved with a thing, in a mission or a draft of it. */
export function positionsOf(mission: Mission, ref: Ref): Position[] {
  return single(mission, ref).flatMap((it) =>
    spotsOf(mission, it).map(({ holder, field }) => holder[field]),
  );
}

/** Moves things of a draft by metres; what belongs to two of them moves once. */
export function moveThings(draft: Mission, refs: Ref[], dx: number, dy: number): void {
  const each = new Map(refs.flatMap((ref) => single(draft, ref)).map((ref) => [key(ref), ref]));
  const extent = extentOf(draft);
  for (const ref of each.values()) {
    for (const { holder, field } of spotsOf(draft, ref)) {
      // Read past the draft: what is replaced whole need not be followed first.
      const { x, y } = (isDraft(holder) ? current(holder) : holder)[field];
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
    const [dx, dy] = [holder[field].x - middle.x, holder[field].y - middle.y];
    const to = { x: middle.x + dx * cos + dy * sin, y: middle.y - dx * sin + dy * cos };
    holder[field] = within(extent, to);
  }
}

/** Where a thing is, for links and for finding it: its middle, or the first waypoint of a route. */
export function placeOf(mission: Mission, ref: Ref): Position | undefined {
  if (!find(mission, ref)) return undefined;
  const corners =
    ref.family === "decks" || ref.family === "buildings" ? verticesIn(mission, ref) : undefined;
  const positions = corners
    ? Object.values(corners).map(({ position }) => position)
    : positionsOf(mission, ref);
  if (ref.family === "routes")
    return geometryOf(mission, ref)?.is === "line" ? first(mission, ref) : undefined;
  if (positions.length === 0) return undefined;
  const sum = positions.reduce((a, b) => ({ x: a.x + b.x, y: a.y + b.y }));
  return { x: sum.x / positions.length, y: sum.y / positions.length };
}

function first(mission: Mission, ref: Ref): Position | undefined {
  const parts = verticesIn(mission, ref);
  return parts && ordered(parts)[0]?.[1].position;
}

/** The corners of a box, from the south-west clockwise before it is turned. */
export function boxCorners(box: Extract<Geometry, { is: "box" }>): Position[] {
  const turn = (box.bearing * Math.PI) / 180;
  const [sin, cos] = [Math.sin(turn), Math.cos(turn)];
  return [
    [-1, -1],
    [-1, 1],
    [1, 1],
    [1, -1],
  ].map(([a, b]) => {
    const across = (a * box.width) / 2;
    const along = (b * box.depth) / 2;
    return {
      x: box.centre.x + across * cos + along * sin,
      y: box.centre.y - across * sin + along * cos,
    };
  });
}

/** The points of an outline or line, in order; none for a point or a circle. */
export function pathOf(geometry: Geometry): Position[] {
  if (geometry.is === "box") return boxCorners(geometry);
  return "vertices" in geometry ? geometry.vertices.map(({ at }) => at) : [];
}

/** How far a point lies from a stretch between two others. */
export function distanceTo(p: Position, a: Position, b: Position): number {
  const [dx, dy] = [b.x - a.x, b.y - a.y];
  const length = dx * dx + dy * dy;
  const share = length === 0 ? 0 : ((p.x - a.x) * dx + (p.y - a.y) * dy) / length;
  const kept = Math.max(0, Math.min(1, share));
  return Math.hypot(p.x - a.x - dx * kept, p.y - a.y - dy * kept);
}

/** Whether a point lies inside a closed line. */
export function insideRing(p: Position, ring: Position[]): boolean {
  let inside = false;
  ring.forEach((a, i) => {
    const b = ring[(i + ring.length - 1) % ring.length];
    if (a.y > p.y !== b.y > p.y && p.x < ((b.x - a.x) * (p.y - a.y)) / (b.y - a.y) + a.x) {
      inside = !inside;
    }
  });
  return inside;
}

/** The stretches of a path: each with the index of the point it starts at. */
export function stretches(path: Position[], closed: boolean): [Position, Position, number][] {
  const found: [Position, Position, number][] = [];
  for (let i = 1; i < path.length; i++) found.push([path[i - 1], path[i], i - 1]);
  if (closed && path.length > 2) found.push([path[path.length - 1], path[0], path.length - 1]);
  return found;
}

/** Metres along a path. */
export function lengthOf(path: Position[], closed: boolean): number {
  return stretches(path, closed).reduce((sum, [a, b]) => sum + Math.hypot(b.x - a.x, b.y - a.y), 0);
}

/** Rounds metres to the centimetre and keeps them on the ground. */
export function onGround(mission: Mission, position: Position): Position {
  return within(extentOf(mission), position);
}

/** The far corner of the ground, metres east and north. */
function extentOf(mission: Mission): Position {
  const { columns, rows, cell } = mission.setting.terrain;
  return { x: columns * cell, y: rows * cell };
}

function within(extent: Position, { x, y }: Position): Position {
  const kept = (value: number, most: number) =>
    Math.round(Math.max(0, Math.min(most, value)) * 100) / 100;
  return { x: kept(x, extent.x), y: kept(y, extent.y) };
}

/** A bearing from 0 up to 360, in whole degrees. */
export function wholeBearing(degrees: number): number {
  return ((Math.round(degrees) % 360) + 360) % 360;
}
