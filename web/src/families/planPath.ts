import { sure } from "../document/sure";
import { PLANS } from "./plans";

/** How much of a wall a door takes from the drawing of a plan, metres. */
const GAP = 1.6;

/** A ready plan as strokes about the origin, in metres, north at the top: walls with their doors open. */
export function planPath(plan: string): string {
  const { width, depth, doors, inner } = sure(PLANS, plan);
  const corners: [number, number][] = [
    [-width / 2, depth / 2],
    [width / 2, depth / 2],
    [width / 2, -depth / 2],
    [-width / 2, -depth / 2],
  ];
  const lengths = [width, depth, width, depth];
  let from = 0;
  const walls = corners.flatMap((a, i) => {
    const b = sure(corners, (i + 1) % 4);
    const length = sure(lengths, i);
    const open = doors
      .filter(([storey, along]) => storey === 0 && along >= from && along < from + length)
      .map(([, along, wide]) => [along - from, Math.max(GAP, wide)] as const);
    from += length;
    const at = (along: number) =>
      a.map((start, axis) => round(start + ((sure(b, axis) - start) * along) / length)).join(" ");
    const stops = open.flatMap(([along, wide]) => [along - wide / 2, along + wide / 2]);
    const ends = [0, ...stops, length];
    return Array.from({ length: ends.length / 2 }, (_, k) => {
      return `M${at(sure(ends, 2 * k))}L${at(sure(ends, 2 * k + 1))}`;
    });
  });
  const within = inner
    .filter(([storey]) => storey === 0)
    .map(([, ax, ay, bx, by]) => `M${ax} ${-ay}L${bx} ${-by}`);
  return [...walls, ...within].join("");
}

function round(metres: number): number {
  return Math.round(metres * 100) / 100;
}
