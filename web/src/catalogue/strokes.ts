import { orderAfter, type Stroke } from "../document/mission";

/** The shapes that a drawing is made of. */
export const SHAPES = ["line", "bow", "ring", "box"] as const;
export type ShapeType = (typeof SHAPES)[number];

export const SHAPE_WORDS: Record<ShapeType, string> = {
  line: "Line",
  bow: "Curve",
  ring: "Ring",
  box: "Box",
};

/** The most strokes of a drawing. */
export const MOST_STROKES = 48;

/** How far a stroke may reach beyond the footprint, in halves of it. */
const FARTHEST = 1.5;

/** The step to which points are rounded. */
export const GRAIN = 0.05;

export interface Point {
  x: number;
  y: number;
}

/** A point on the grid of a drawing, within what can be drawn. */
export function onGrid({ x, y }: Point): Point {
  const grid = (at: number) =>
    Math.max(-FARTHEST, Math.min(FARTHEST, Number((Math.round(at / GRAIN) * GRAIN).toFixed(2))));
  return { x: grid(x), y: grid(y) };
}

/** A shape between two points. */
export function shapeBetween(type: ShapeType, from: Point, to: Point): Stroke["shape"] {
  const ends = { x: from.x, y: from.y, toX: to.x, toY: to.y };
  if (type !== "bow") return { type, ...ends };
  const [dx, dy] = [to.x - from.x, to.y - from.y];
  const over = onGrid({ x: (from.x + to.x) / 2 - dy / 2, y: (from.y + to.y) / 2 + dx / 2 });
  return { type, ...ends, overX: over.x, overY: over.y };
}

/** The points by which a shape is held: its ends, and the one that a curve is drawn towards. */
export function handlesOf(shape: Stroke["shape"]): Point[] {
  const ends = [
    { x: shape.x, y: shape.y },
    { x: shape.toX, y: shape.toY },
  ];
  return shape.type === "bow" ? [...ends, { x: shape.overX, y: shape.overY }] : ends;
}

/** The same shape with one of its handles at another point. */
export function withHandle(shape: Stroke["shape"], handle: number, to: Point): Stroke["shape"] {
  if (handle === 0) return { ...shape, x: to.x, y: to.y };
  if (handle === 1) return { ...shape, toX: to.x, toY: to.y };
  return shape.type === "bow" ? { ...shape, overX: to.x, overY: to.y } : shape;
}

/** The same shape moved by a step. */
export function moved(shape: Stroke["shape"], dx: number, dy: number): Stroke["shape"] {
  return handlesOf(shape).reduce<Stroke["shape"]>(
    (it, { x, y }, handle) => withHandle(it, handle, onGrid({ x: x + dx, y: y + dy })),
    shape,
  );
}

/** A new stroke of a drawing, over all others. */
export function strokeOf(drawing: Record<string, Stroke>, shape: Stroke["shape"]): Stroke {
  return { order: orderAfter(drawing), shape, filled: false };
}
