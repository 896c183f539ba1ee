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

/** Grids of more cells than this are traced on every other cell, so that they are soon printed. */
const FINE = 400_000;

const halved = new WeakMap<Float32Array, { grid: Grid; values: Float32Array }>();

/** The grid to trace: the mean of every four cells where there are very many. */
function traced(grid: Grid, values: Float32Array): { grid: Grid; values: Float32Array } {
  const { columns, rows, cell } = grid;
  if (columns * rows <= FINE || columns % 2 || rows % 2) return { grid, values };
  let half = halved.get(values);
  if (half) return half;
  const [w, h] = [columns / 2, rows / 2];
  const means = new Float32Array(w * h);
  for (let row = 0; row < h; row++) {
    for (let column = 0; column < w; column++) {
      const at = row * 2 * columns + column * 2;
      means[row * w + column] =
        (values[at] + values[at + 1] + values[at + columns] + values[at + columns + 1]) / 4;
    }
  }
  half = { grid: { columns: w, rows: h, cell: cell * 2 }, values: means };
  halved.set(values, half);
  return half;
}

/** The outlines of all that lies at or above some levels, closed along the edge of the sheet. */
export function traceArea(of: Grid, all: Float32Array, level: number): Path2D {
  const { grid, values } = traced(of, all);
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
export function traceLines(of: Grid, all: Float32Array, levels: number[]): Path2D {
  const { grid, values } = traced(of, all);
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
