import earcut from "earcut";
import type { Position } from "../document/mission";
import { sure } from "../document/sure";
import type { Colour, Face, Point } from "./picture";

/** Faces are gathered here. */
export type Faces = Face[];

/** A flat outline with holes at a height that may slope. */
export function sheet(
  faces: Faces,
  outline: Position[],
  holes: Position[][],
  height: (at: Position) => number,
  colour: Colour,
): void {
  if (outline.length < 3) return;
  const all = [outline, ...holes].flat();
  const starts: number[] = [];
  holes.reduce((from, hole) => {
    starts.push(from);
    return from + hole.length;
  }, outline.length);
  const corners = earcut(
    all.flatMap(({ x, y }) => [x, y]),
    starts,
  );
  const point = (i: number): Point => [sure(all, i).x, sure(all, i).y, height(sure(all, i))];
  for (let i = 0; i < corners.length; i += 3) {
    const points = [
      point(sure(corners, i)),
      point(sure(corners, i + 1)),
      point(sure(corners, i + 2)),
    ];
    faces.push({ points, colour });
  }
}

/** An upright side along a line, from one height to another. */
export function side(
  faces: Faces,
  a: Position,
  b: Position,
  [aLow, aHigh, bLow, bHigh]: [number, number, number, number],
  colour: Colour,
): void {
  faces.push({
    points: [
      [a.x, a.y, aLow],
      [b.x, b.y, bLow],
      [b.x, b.y, bHigh],
      [a.x, a.y, aHigh],
    ],
    colour,
  });
}

/** A wall as thick as it is, from one height to another. */
export function slab(
  faces: Faces,
  a: Position,
  b: Position,
  thickness: number,
  [low, high]: [number, number],
  colour: Colour,
): void {
  const length = Math.hypot(b.x - a.x, b.y - a.y);
  if (length === 0 || high <= low) return;
  const [nx, ny] = [
    ((b.y - a.y) / length) * (thickness / 2),
    ((a.x - b.x) / length) * (thickness / 2),
  ];
  const ring = [
    { x: a.x + nx, y: a.y + ny },
    { x: b.x + nx, y: b.y + ny },
    { x: b.x - nx, y: b.y - ny },
    { x: a.x - nx, y: a.y - ny },
  ];
  prism(faces, ring, [low, high], colour);
}

/** An upright block over a convex outline. */
export function prism(
  faces: Faces,
  ring: Position[],
  [low, high]: [number, number],
  colour: Colour,
): void {
  ring.forEach((a, i) => {
    side(faces, a, sure(ring, (i + 1) % ring.length), [low, high, low, high], colour);
  });
  faces.push({ points: ring.map(({ x, y }): Point => [x, y, high]), colour });
}

/** A block about a point, turned. */
export function block(at: Position, width: number, depth: number, facing: number): Position[] {
  const turn = (facing * Math.PI) / 180;
  const [sin, cos] = [Math.sin(turn), Math.cos(turn)];
  const signs = [
    [-1, -1],
    [1, -1],
    [1, 1],
    [-1, 1],
  ] as const;
  return signs.map(([a, b]) => ({
    x: at.x + ((a * width) / 2) * cos + ((b * depth) / 2) * sin,
    y: at.y - ((a * width) / 2) * sin + ((b * depth) / 2) * cos,
  }));
}

/** A round outline about a point. */
export function round(at: Position, radius: number, corners = 8): Position[] {
  return Array.from({ length: corners }, (_, i) => {
    const turn = (2 * Math.PI * i) / corners;
    return { x: at.x + radius * Math.sin(turn), y: at.y + radius * Math.cos(turn) };
  });
}
