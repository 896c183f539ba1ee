import { type Ground, thinned } from "../document/raster";
import { sure } from "../document/sure";
import { type Ink, inks, onInks, rgbOf } from "../drawing/inks";
import { pixels } from "../drawing/pixels";
import { type InkedLine, traceArea } from "./trace";

/** What surfaces look like, by the number that tiles store. */
export const TINTS: Ink[] = [
  "shingle",
  "grass",
  "marsh",
  "mud",
  "rock",
  "plank",
  "roadTop",
  "floor",
];
const FLOOR = 7;

/** How much of a cell's neighbourhood a surface must fill to be drawn there. */
const EDGE = 0.42;

/** What lies above the water, as it is printed; sharp at any scale. Lengths in metres. */
export interface Land {
  /** The tint of the most common surface, which lies under the others. */
  base: Ink;
  areas: { path: Path2D; tint: Ink }[];
  /** Light and shadow of the hills: a pixel a sample, north at the top. */
  shade: HTMLCanvasElement;
  /** The walls of houses. */
  rims: InkedLine;
}

let printed = new WeakMap<Ground, Land>();
onInks(() => {
  printed = new WeakMap();
});

/** Prints the land of a ground, once. */
export function printLand(ground: Ground): Land {
  let land = printed.get(ground);
  if (!land) {
    land = print(ground);
    printed.set(ground, land);
  }
  return land;
}

function print(whole: Ground): Land {
  const ground = thinned(whole);
  const many = new Array<number>(TINTS.length).fill(0);
  for (const surface of ground.surfaces) many[surface] = sure(many, surface) + 1;
  const common = many.indexOf(Math.max(...many));
  const areas = TINTS.flatMap((tint, surface) =>
    surface === common || surface === FLOOR || many[surface] === 0
      ? []
      : [{ path: traceArea(ground, share(ground, surface), EDGE), tint }],
  );
  const floor = whole.surfaces.includes(FLOOR)
    ? [{ path: floors(whole, "cells"), tint: sure(TINTS, FLOOR) }]
    : [];
  return {
    base: sure(TINTS, common),
    areas: [...areas, ...floor],
    shade: shades(ground),
    rims: { path: floors(whole, "rims"), ink: "ink", width: 2 },
  };
}

/** How much of each cell and those around it a surface fills, 0 to 1. */
function share({ columns, rows, surfaces }: Ground, surface: number): Float32Array {
  const along = new Float32Array(columns * rows);
  const both = new Float32Array(columns * rows);
  const has = (at: number) => (surfaces[at] === surface ? 1 : 0);
  for (let at = 0; at < along.length; at++) {
    const column = at % columns;
    const west = column > 0 ? at - 1 : at;
    const east = column < columns - 1 ? at + 1 : at;
    along[at] = (has(west) + 2 * has(at) + has(east)) / 4;
  }
  for (let at = 0; at < both.length; at++) {
    const south = at >= columns ? at - columns : at;
    const north = at < both.length - columns ? at + columns : at;
    both[at] = (sure(along, south) + 2 * sure(along, at) + sure(along, north)) / 4;
  }
  return both;
}

/** How much of the ground light covers that falls on a slope, or its shadow where it is below 0. */
export function lightShare(lit: number): number {
  return Math.min(0.36, lit > 0 ? lit * 1.6 : -lit);
}

/** Light from the north-west: pale where it falls, dark in the shadow. */
function shades({ columns, rows, cell, heights }: Ground): HTMLCanvasElement {
  const [sun, shadow] = [rgbOf(inks.sunlit), rgbOf(inks.shadow)];
  return pixels(columns, rows, (data) => {
    for (let row = 0; row < rows; row++) {
      for (let column = 0; column < columns; column++) {
        const west = sure(heights, row * columns + Math.max(0, column - 1));
        const east = sure(heights, row * columns + Math.min(columns - 1, column + 1));
        const south = sure(heights, Math.max(0, row - 1) * columns + column);
        const north = sure(heights, Math.min(rows - 1, row + 1) * columns + column);
        const lit = ((east - west + south - north) / (2 * cell)) * 0.34;
        const i = ((rows - 1 - row) * columns + column) * 4;
        data.set(lit > 0 ? sun : shadow, i);
        data[i + 3] = 255 * lightShare(lit);
      }
    }
  });
}

/** The floors of houses, square as a surveyor inks them: their cells, or only their outlines. */
function floors(ground: Ground, what: "cells" | "rims"): Path2D {
  const { columns, rows, cell, surfaces } = ground;
  const path = new Path2D();
  const floor = (c: number, r: number) =>
    c >= 0 && r >= 0 && c < columns && r < rows && surfaces[r * columns + c] === FLOOR;
  for (let row = 0; row < rows; row++) {
    for (let column = 0; column < columns; column++) {
      if (!floor(column, row)) continue;
      const [w, s, e, n] = [column * cell, row * cell, (column + 1) * cell, (row + 1) * cell];
      if (what === "cells") {
        path.rect(w, s, cell, cell);
        continue;
      }
      if (!floor(column - 1, row)) segment(path, w, s, w, n);
      if (!floor(column + 1, row)) segment(path, e, s, e, n);
      if (!floor(column, row - 1)) segment(path, w, s, e, s);
      if (!floor(column, row + 1)) segment(path, w, n, e, n);
    }
  }
  return path;
}

function segment(path: Path2D, x: number, y: number, toX: number, toY: number): void {
  path.moveTo(x, y);
  path.lineTo(toX, toY);
}
