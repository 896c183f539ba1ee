import type { Corner, Mission, Position, RouteWaypoint } from "./mission";
import { sure } from "./sure";

/** The corners or waypoints of a thing, by id. */
export type Vertices = Record<string, Corner | RouteWaypoint>;

/** A corner or waypoint with its id. */
export interface Vertex {
  id: string;
  at: Position;
}

/** Where a thing lies on the ground, whatever its family. */
export type Geometry =
  | { is: "point"; at: Position; facing?: number }
  | { is: "circle"; centre: Position; radius: number }
  | { is: "box"; centre: Position; width: number; depth: number; bearing: number; upright?: true }
  | { is: "ring"; vertices: Vertex[] }
  | {
      is: "line";
      vertices: Vertex[];
      closed: boolean;
      /** Which vertices are joined, by their place in the order; without, each to the next. */
      joins?: [number, number][];
    };

/** The stretches of an outline or line: each with the indexes of its two vertices. */
export function stretchesOf(geometry: Geometry): [Position, Position, number, number][] {
  const path = pathOf(geometry);
  if (geometry.is === "line" && geometry.joins) {
    return geometry.joins.map(([a, b]) => [sure(path, a), sure(path, b), a, b]);
  }
  return stretches(path, geometry.is !== "line" || geometry.closed).map(([a, b, i]) => [
    a,
    b,
    i,
    (i + 1) % path.length,
  ]);
}

/** The corners of a box, from the south-west clockwise before it is turned. */
export function boxCorners(box: Extract<Geometry, { is: "box" }>): Position[] {
  const turn = (box.bearing * Math.PI) / 180;
  const [sin, cos] = [Math.sin(turn), Math.cos(turn)];
  const signs = [
    [-1, -1],
    [-1, 1],
    [1, 1],
    [1, -1],
  ] as const;
  return signs.map(([a, b]) => {
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
    const b = sure(ring, (i + ring.length - 1) % ring.length);
    if (a.y > p.y !== b.y > p.y && p.x < ((b.x - a.x) * (p.y - a.y)) / (b.y - a.y) + a.x) {
      inside = !inside;
    }
  });
  return inside;
}

/** The stretches of a path: each with the index of the point it starts at. */
export function stretches(path: Position[], closed: boolean): [Position, Position, number][] {
  const found: [Position, Position, number][] = [];
  for (let i = 1; i < path.length; i++) found.push([sure(path, i - 1), sure(path, i), i - 1]);
  if (closed && path.length > 2)
    found.push([sure(path, path.length - 1), sure(path, 0), path.length - 1]);
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
export function extentOf(mission: Mission): Position {
  const { columns, rows, cell } = mission.setting.terrain;
  return { x: columns * cell, y: rows * cell };
}

/** A position to the centimetre, within a far corner. */
export function within(extent: Position, { x, y }: Position): Position {
  const kept = (value: number, most: number) =>
    Math.round(Math.max(0, Math.min(most, value)) * 100) / 100;
  return { x: kept(x, extent.x), y: kept(y, extent.y) };
}

/** A bearing from 0 up to 360, in whole degrees. */
export function wholeBearing(degrees: number): number {
  return ((Math.round(degrees) % 360) + 360) % 360;
}
