import { sure } from "../document/sure";
import type { Ink } from "../drawing/inks";
import { type Grid, rings, type Strokes, strokes } from "./rings";

/** A line on the printed ground, in metres, with how it is inked; width in pixels of the screen. */
export interface InkedLine {
  path: Path2D;
  ink: Ink;
  /** How much of what lies beneath the ink covers, 0 to 1; all unless said. */
  share?: number;
  width: number;
  dash?: number[];
}

/** The outlines of all that lies at or above some levels, closed along the edge of the sheet. */
export function traceArea(grid: Grid, values: Float32Array, level: number): Path2D {
  const path = new Path2D();
  for (const ring of rings(grid, values, [level])) {
    ring.forEach(([x = 0, y = 0], i) => {
      if (i === 0) path.moveTo(x * grid.cell, y * grid.cell);
      else path.lineTo(x * grid.cell, y * grid.cell);
    });
    path.closePath();
  }
  return path;
}

/** The lines at which values pass some levels, without the stretches along the edge of the sheet. */
export function traceLines(grid: Grid, values: Float32Array, levels: number[]): Path2D {
  return pathOfStrokes(strokes(grid, values, levels));
}

/** Lines as a canvas strokes them. */
export function pathOfStrokes({ points, lengths }: Strokes): Path2D {
  const path = new Path2D();
  let at = 0;
  for (const length of lengths) {
    path.moveTo(sure(points, at), sure(points, at + 1));
    for (let i = 1; i < length; i++)
      path.lineTo(sure(points, at + 2 * i), sure(points, at + 2 * i + 1));
    at += 2 * length;
  }
  return path;
}
