import { type Ground, thinned } from "../document/raster";
import { sure } from "../document/sure";
import { inks, onInks, rgbOf } from "../drawing/inks";
import { type InkedLine, traceArea, traceLines } from "./trace";

/** Water this deep has the deepest tint, metres. */
export const DEEPEST = 7;

/** How far above the water the line of high water is drawn, metres. */
const WRACK = 0.5;

/** The water of a ground at one level, as it is printed. Lengths in metres. */
export interface Sea {
  level: number;
  /** The whole sheet without what stands above the water; filled by the even-odd rule. */
  area: Path2D;
  /** Tints by depth: a pixel a sample, north at the top. */
  picture: HTMLCanvasElement;
  lines: InkedLine[];
}

let printed = new WeakMap<Ground, Sea>();
onInks(() => {
  printed = new WeakMap();
});

/** Prints the water of a ground at a level; the last level is kept. */
export function printSea(ground: Ground, level: number): Sea {
  let sea = printed.get(ground);
  if (sea?.level !== level) {
    sea = print(ground, level);
    printed.set(ground, sea);
  }
  return sea;
}

function print(whole: Ground, level: number): Sea {
  const ground = thinned(whole);
  const area = new Path2D();
  area.rect(0, 0, ground.columns * ground.cell, ground.rows * ground.cell);
  area.addPath(traceArea(ground, ground.heights, level));
  const traced = (levels: number[]) => traceLines(ground, ground.heights, levels);
  return {
    level,
    area,
    picture: tint(ground, level),
    lines: [
      { path: traced([-0.6, -1.6, -3.2].map((it) => level + it)), ...DEPTH },
      { path: traced([level + WRACK]), ink: "ink", share: 0.45, width: 0.8, dash: [1, 3] },
      { path: traced([level]), ink: "ink", width: 1.5 },
    ],
  };
}

const DEPTH = { ink: "depth", width: 0.7 } as const;

function tint({ columns, rows, heights }: Ground, level: number): HTMLCanvasElement {
  const canvas = document.createElement("canvas");
  canvas.width = columns;
  canvas.height = rows;
  const context = canvas.getContext("2d");
  if (!context) return canvas;
  const image = context.createImageData(columns, rows);
  const [shallow, deep] = [rgbOf(inks.shallow), rgbOf(inks.deep)];
  for (let at = 0; at < heights.length; at++) {
    const row = rows - 1 - Math.floor(at / columns);
    const i = (row * columns + (at % columns)) * 4;
    const share = Math.max(0, Math.min(1, (level - sure(heights, at)) / DEEPEST));
    for (let channel = 0; channel < 3; channel++) {
      image.data[i + channel] =
        sure(shallow, channel) + (sure(deep, channel) - sure(shallow, channel)) * share;
    }
    image.data[i + 3] = 255;
  }
  context.putImageData(image, 0, 0);
  return canvas;
}
