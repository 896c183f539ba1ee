import { sure } from "../../document/sure";
import { INKS, type Ink, inks, rgbOf } from "../../drawing/inks";

/** How soon somebody gets where, as the server pictures it. */
export interface Reach {
  columns: number;
  rows: number;
  /** Seconds at their walk, row by row from the south-west. */
  seconds: Uint16Array;
}

/** Stands for where nobody can stand, and for where one does not get to. */
const SOLID = 65535;
const APART = 65534;

/** Stand for where they alone get to, and for where the same kind in other hands alone does. */
const ALONE = 65533;
const OTHERS = 65532;

/** An ink, and how much of the ground it covers, 0 to 1. */
export interface Tint {
  ink: Ink;
  share: number;
}

/** Bands of time: the seconds up to which each goes, and its tint. */
export const BANDS = [
  { most: 10, ink: "reach1", share: 0.7 },
  { most: 30, ink: "reach2", share: 0.6 },
  { most: 60, ink: "reach3", share: 0.52 },
  { most: 120, ink: "reach4", share: 0.46 },
  { most: 300, ink: "reach5", share: 0.42 },
  { most: OTHERS - 1, ink: "reach6", share: 0.42 },
] as const;

/** The tint of ground that bears somebody who does not get there. */
export const ISLAND = { ink: "reachIsland", share: 0.5 } as const;

/** The tints of ground to which only the one or only the other gets. */
export const APART_BY_HANDS = {
  alone: { ink: "reachAlone", share: 0.7 },
  others: { ink: "reachOthers", share: 0.7 },
} as const;

/** The picture of a reach from what the server sends: columns, rows, then a number for each. */
export function decoded(bytes: ArrayBuffer): Reach {
  const view = new DataView(bytes);
  const [columns, rows] = [view.getUint16(0, true), view.getUint16(2, true)];
  const seconds = Uint16Array.from({ length: columns * rows }, (_, i) =>
    view.getUint16(4 + i * 2, true),
  );
  return { columns, rows, seconds };
}

/** The tint of a time; nothing for where nobody can stand. */
export function tintOf(seconds: number): Tint | undefined {
  if (seconds === SOLID) return undefined;
  if (seconds === APART) return ISLAND;
  if (seconds === ALONE) return APART_BY_HANDS.alone;
  if (seconds === OTHERS) return APART_BY_HANDS.others;
  return BANDS.find(({ most }) => seconds <= most);
}

/** How soon somebody is at a point, in words. */
export function soonAt(
  reach: Reach,
  size: { width: number; height: number },
  x: number,
  y: number,
) {
  const column = Math.floor((x / size.width) * reach.columns);
  const row = Math.floor((y / size.height) * reach.rows);
  if (column < 0 || row < 0 || column >= reach.columns || row >= reach.rows) return "";
  const seconds = sure(reach.seconds, row * reach.columns + column);
  if (seconds === SOLID) return "nobody stands here";
  if (seconds === APART) return "not reached";
  if (seconds === ALONE) return "only they get here";
  if (seconds === OTHERS) return "only others get here";
  return `${Math.floor(seconds / 60)}:${String(seconds % 60).padStart(2, "0")} away`;
}

/** A band in words. */
export function bandWords(i: number): string {
  const span = (seconds: number) => (seconds < 60 ? `${seconds} s` : `${seconds / 60} min`);
  return i === BANDS.length - 1 ? "later" : span(sure(BANDS, i).most);
}

/** Puts the tints of a reach into the points of a picture, north at its top. */
export function paintInto(data: Uint8ClampedArray, { columns, rows, seconds }: Reach): void {
  const rgbs = new Map<Ink, number[]>(INKS.map((ink) => [ink, rgbOf(inks[ink])]));
  seconds.forEach((soon, i) => {
    const tint = tintOf(soon);
    if (!tint) return;
    const column = i % columns;
    const row = rows - 1 - Math.floor(i / columns);
    const beside = [
      column + 1 < columns ? sure(seconds, i + 1) : soon,
      seconds[i + columns] ?? soon,
    ];
    const edge = beside.some((it) => it < OTHERS && soon < OTHERS && tintOf(it) !== tint);
    // The line between two bands.
    const { ink, share }: Tint = edge ? { ink: "reachEdge", share: 0.75 } : tint;
    data.set([...(rgbs.get(ink) ?? []), share * 255], (row * columns + column) * 4);
  });
}
