import { type Ground, thinned } from "../document/raster";
import { sure } from "../document/sure";
import type { HillsAsked } from "./hills.worker";
import type { Strokes } from "./rings";
import { type InkedLine, pathOfStrokes } from "./trace";

/** Most contours between the lowest and the highest ground. */
const CONTOURS = 28;

/** Ground deeper below zero than this has no contours of the land, metres. */
const SHOALS = -3;

const LINES: Omit<InkedLine, "path">[] = [
  { ink: "contour", share: 0.57, width: 0.7 },
  { ink: "contour", width: 1 },
];

const NONE: InkedLine[] = [];
const traced = new WeakMap<Ground, InkedLine[]>();
const waiting = new Map<number, Ground>();
const listeners = new Set<(ground: Ground) => void>();
let worker: Worker | undefined;
let asked = 0;

/** Has somebody told when the contours of a ground are there; answers with how to stop it. */
export function onTraced(listener: (ground: Ground) => void): () => void {
  listeners.add(listener);
  return () => listeners.delete(listener);
}

/**
 * The contours of a ground: none at first, since a worker traces them beside the page, so that the
 * rest of the sheet is there at once.
 */
export function hillLines(ground: Ground): InkedLine[] {
  const there = traced.get(ground);
  if (there) return there;
  traced.set(ground, NONE);
  ask(ground);
  return NONE;
}

function ask(ground: Ground): void {
  if (!worker) {
    worker = new Worker(new URL("./hills.worker.ts", import.meta.url), { type: "module" });
    worker.onmessage = ({ data }) => take(data);
  }
  const { columns, rows, cell, heights } = thinned(ground);
  asked++;
  waiting.set(asked, ground);
  const message: HillsAsked = {
    asked,
    grid: { columns, rows, cell },
    heights,
    levels: levels(heights),
  };
  worker.postMessage(message);
}

function take(answer: { asked: number; traced: Strokes[] }): void {
  const ground = waiting.get(answer.asked);
  waiting.delete(answer.asked);
  if (!ground) return;
  traced.set(
    ground,
    answer.traced.map((strokes, i) => ({ path: pathOfStrokes(strokes), ...sure(LINES, i) })),
  );
  for (const listener of listeners) listener(ground);
}

/** The levels of the plain contours, and those of every fifth. */
function levels(heights: Float32Array): number[][] {
  let lowest = Infinity;
  let highest = -Infinity;
  for (const height of heights) {
    lowest = Math.min(lowest, height);
    highest = Math.max(highest, height);
  }
  lowest = Math.max(lowest, SHOALS);
  const step = Math.max(1, Math.ceil((highest - lowest) / CONTOURS));
  const plain: number[] = [];
  const fifth: number[] = [];
  for (let level = Math.ceil(lowest / step) * step; level < highest; level += step) {
    (level % (5 * step) === 0 ? fifth : plain).push(level);
  }
  return [plain, fifth];
}
