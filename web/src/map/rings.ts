import { contours } from "d3-contour";

/** A grid of values, one in the middle of each cell. */
export interface Grid {
  columns: number;
  rows: number;
  /** Metres along the side of a cell. */
  cell: number;
}

/** The outlines of all that lies at or above some levels, in cells, closed along the edge. */
export function rings(grid: Grid, values: Float32Array, levels: number[]): number[][][] {
  const maker = contours().size([grid.columns, grid.rows]);
  return maker
    .thresholds(levels)(values as unknown as number[])
    .flatMap(({ coordinates }) => coordinates.flat());
}

/** Lines one after the other: x, y, x, y, … in metres, and how many points each has. */
export interface Strokes {
  points: Float32Array;
  lengths: Uint32Array;
}

/** The lines at which values pass some levels, without the stretches along the edge of the sheet. */
export function strokes(grid: Grid, values: Float32Array, levels: number[]): Strokes {
  const points: number[] = [];
  const lengths: number[] = [];
  for (const ring of rings(grid, values, levels)) {
    let down = false;
    for (const [x = 0, y = 0] of ring) {
      const edge = x <= 0.5 || y <= 0.5 || x >= grid.columns - 0.5 || y >= grid.rows - 0.5;
      if (!edge) {
        points.push(x * grid.cell, y * grid.cell);
        lengths.push(down ? (lengths.pop() ?? 0) + 1 : 1);
      }
      down = !edge;
    }
  }
  return { points: Float32Array.from(points), lengths: Uint32Array.from(lengths) };
}
