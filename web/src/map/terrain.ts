import { contours } from "d3-contour";
import type { Ground } from "./ground";

type Rgb = [number, number, number];

const TINTS: Rgb[] = [
  [232, 222, 196], // shingle
  [221, 225, 186], // grass
  [203, 212, 172], // marsh
  [205, 194, 166], // mud
  [209, 203, 190], // rock
  [222, 205, 165], // plank
  [241, 233, 209], // road
  [74, 80, 88], // floor
];
const FLOOR = 7;
const SHALLOW: Rgb = [205, 224, 227];
const DEEP: Rgb = [150, 184, 198];

/** The ground as it is printed: a tinted picture, and lines that stay sharp at any scale. */
export interface Print {
  /** One pixel a sample, north at the top. */
  picture: HTMLCanvasElement;
  /** Lines in metres, with how they are inked; width in pixels of the screen. */
  lines: { path: Path2D; ink: string; width: number; dash?: number[] }[];
}

const prints = new WeakMap<Ground, { water: number; print: Print }>();

/** Prints a ground with its water at a level; printed once and kept. */
export function printGround(ground: Ground, water: number): Print {
  const kept = prints.get(ground);
  if (kept && kept.water === water) return kept.print;
  const print = { picture: tint(ground, water), lines: lines(ground, water) };
  prints.set(ground, { water, print });
  return print;
}

/** How many pixels one sample is wide in the tinted picture. */
const FINE = 3;

function tint(ground: Ground, water: number): HTMLCanvasElement {
  const { columns, rows } = ground;
  const width = columns * FINE;
  const height = rows * FINE;
  const canvas = document.createElement("canvas");
  canvas.width = width;
  canvas.height = height;
  const context = canvas.getContext("2d");
  if (!context) return canvas;
  const image = context.createImageData(width, height);
  const shade = shades(ground);
  const tints = [0, 1, 2].map((channel) =>
    Float32Array.from(ground.surfaces, (surface) => (TINTS[surface] ?? TINTS[0])[channel]),
  );
  for (let py = 0; py < height; py++) {
    for (let px = 0; px < width; px++) {
      const gx = (px + 0.5) / FINE - 0.5;
      const gy = rows - 1 - ((py + 0.5) / FINE - 0.5);
      const level = bilinear(ground.heights, columns, rows, gx, gy);
      const light = bilinear(shade, columns, rows, gx, gy);
      const rgb =
        level < water
          ? sea(water - level)
          : tints.map((channel) => bilinear(channel, columns, rows, gx, gy));
      const lit = level < water ? 1 + (light - 1) * 0.25 : light;
      const i = (py * width + px) * 4;
      image.data[i] = Math.min(255, rgb[0] * lit);
      image.data[i + 1] = Math.min(255, rgb[1] * lit);
      image.data[i + 2] = Math.min(255, rgb[2] * lit);
      image.data[i + 3] = 255;
    }
  }
  context.putImageData(image, 0, 0);
  return canvas;
}

function bilinear(of: Float32Array, columns: number, rows: number, gx: number, gy: number): number {
  const x = Math.max(0, Math.min(columns - 1.001, gx));
  const y = Math.max(0, Math.min(rows - 1.001, gy));
  const column = Math.floor(x);
  const row = Math.floor(y);
  const fx = x - column;
  const i = row * columns + column;
  const south = of[i] * (1 - fx) + of[i + 1] * fx;
  const north = of[i + columns] * (1 - fx) + of[i + columns + 1] * fx;
  return south + (north - south) * (y - row);
}

/** Light from the north-west on each sample, about 1 on the level. */
function shades(ground: Ground): Float32Array {
  const { columns, rows, cell, heights } = ground;
  const shade = new Float32Array(columns * rows);
  for (let row = 0; row < rows; row++) {
    for (let column = 0; column < columns; column++) {
      const west = heights[row * columns + Math.max(0, column - 1)];
      const east = heights[row * columns + Math.min(columns - 1, column + 1)];
      const south = heights[Math.max(0, row - 1) * columns + column];
      const north = heights[Math.min(rows - 1, row + 1) * columns + column];
      const slope = ((west - east) * -1 + (north - south) * -1) / (2 * cell);
      shade[row * columns + column] = Math.max(0.68, Math.min(1.14, 1 + slope * 0.34));
    }
  }
  return shade;
}

function sea(depth: number): Rgb {
  const share = Math.min(1, depth / 7);
  return [0, 1, 2].map((i) => SHALLOW[i] + (DEEP[i] - SHALLOW[i]) * share) as Rgb;
}

function lines(ground: Ground, water: number): Print["lines"] {
  const { columns, rows, heights } = ground;
  let lowest = Infinity;
  let highest = -Infinity;
  for (const height of heights) {
    lowest = Math.min(lowest, height);
    highest = Math.max(highest, height);
  }
  const step = Math.max(1, Math.ceil((highest - water) / 24));
  const whole: number[] = [];
  const fifth: number[] = [];
  for (let level = Math.ceil(water + step / 2); level < highest; level += step) {
    (level % (5 * step) === 0 ? fifth : whole).push(level);
  }
  const depths = [-0.6, -1.6, -3.2].map((depth) => water + depth).filter((it) => it > lowest);
  const traced = (levels: number[]) => trace(ground, contours().size([columns, rows]), levels);
  return [
    { path: traced(depths), ink: "rgba(60,104,126,0.5)", width: 0.7 },
    { path: traced(whole), ink: "rgba(92,78,44,0.34)", width: 0.7 },
    { path: traced(fifth), ink: "rgba(92,78,44,0.6)", width: 1 },
    { path: traced([water + 0.5]), ink: "rgba(34,38,43,0.45)", width: 0.8, dash: [1, 3] },
    { path: traced([water]), ink: "#22262b", width: 1.5 },
    { path: floors(ground), ink: "#22262b", width: 2 },
    { path: edge(ground), ink: "#5c646e", width: 1.5 },
  ];
}

function trace(ground: Ground, maker: ReturnType<typeof contours>, levels: number[]): Path2D {
  const path = new Path2D();
  const values = ground.heights as unknown as number[];
  for (const { coordinates } of maker.thresholds(levels)(values)) {
    for (const polygon of coordinates) {
      for (const ring of polygon) drawRing(path, ring, ground);
    }
  }
  return path;
}

/** Draws a ring in metres, leaving out the stretches along the edge of the sheet. */
function drawRing(path: Path2D, ring: number[][], ground: Ground): void {
  const { columns, rows, cell } = ground;
  const edge = ([x, y]: number[]) => x <= 0.5 || y <= 0.5 || x >= columns - 0.5 || y >= rows - 0.5;
  let down = false;
  for (const point of ring) {
    if (edge(point)) {
      down = false;
    } else if (down) {
      path.lineTo(point[0] * cell, point[1] * cell);
    } else {
      path.moveTo(point[0] * cell, point[1] * cell);
      down = true;
    }
  }
}

/** The outlines of floors: houses as a surveyor inks them. */
function floors(ground: Ground): Path2D {
  const { columns, rows, cell, surfaces } = ground;
  const path = new Path2D();
  const floor = (c: number, r: number) =>
    c >= 0 && r >= 0 && c < columns && r < rows && surfaces[r * columns + c] === FLOOR;
  for (let row = 0; row < rows; row++) {
    for (let column = 0; column < columns; column++) {
      if (!floor(column, row)) continue;
      const [w, s, e, n] = [column * cell, row * cell, (column + 1) * cell, (row + 1) * cell];
      if (!floor(column - 1, row)) segment(path, w, s, w, n);
      if (!floor(column + 1, row)) segment(path, e, s, e, n);
      if (!floor(column, row - 1)) segment(path, w, s, e, s);
      if (!floor(column, row + 1)) segment(path, w, n, e, n);
    }
  }
  return path;
}

function edge({ columns, rows, cell }: Ground): Path2D {
  const path = new Path2D();
  path.rect(0, 0, columns * cell, rows * cell);
  return path;
}

function segment(path: Path2D, x: number, y: number, toX: number, toY: number): void {
  path.moveTo(x, y);
  path.lineTo(toX, toY);
}
