import { contours } from "d3-contour";
import type { Ground } from "./ground";

/** A line on the printed ground, in metres, with how it is inked; width in pixels of the screen. */
export interface InkedLine {
  path: Path2D;
  ink: string;
  width: number;
  dash?: number[];
}

type Grid = Pick<Ground, "columns" | "rows" | "cell">;

/** The outlines of all that lies at or above some levels, closed along the edge of the sheet. */
export function traceArea(grid: Grid, values: Float32Array, level: number): Path2D {
  const path = new Path2D();
  for (const ring of rings(grid, values, [level])) {
    ring.forEach(([x, y], i) => {
      if (i === 0) path.moveTo(x * grid.cell, y * grid.cell);
      else path.lineTo(x * grid.cell, y * grid.cell);
    });
    path.closePath();
  }
  return path;
}

/** The lines at which values pass some levels, without the stretches along the edge of the sheet. */
export function traceLines(grid: Grid, values: Float32Array, levels: number[]): Path2D {
  const path = new Path2D();
  for (const ring of rings(grid, values, levels)) {
    let down = false;
    for (const [x, y] of ring) {
      const edge = x <= 0.5 || y <= 0.5 || x >= grid.columns - 0.5 || y >= grid.rows - 0.5;
      if (!edge && down) path.lineTo(x * grid.cell, y * grid.cell);
      else if (!edge) path.moveTo(x * grid.cell, y * grid.cell);
      down = !edge;
    }
  }
  return path;
}

function rings(grid: Grid, values: Float32Array, levels: number[]): number[][][] {
  const maker = contours().size([grid.columns, grid.rows]);
  return maker
    .thresholds(levels)(values as unknown as number[])
    .flatMap(({ coordinates }) => coordinates.flat());
}
