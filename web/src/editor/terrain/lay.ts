import { type Operation, send } from "../../document/api";
import { type Ground, SURFACES } from "../../document/raster";
import type { OpenMission } from "../../document/store";

/** What land is like. */
export type Land = "coast" | "hills" | "marsh" | "rock" | "flat";

/** What ground is wanted. */
export interface Wish {
  land: Land;
  columns: number;
  rows: number;
  cell: number;
  seed: number;
  relief: number;
  sea: number;
  growth: number;
  roads: boolean;
  settlements: number;
}

/** The fewest and the most cells on a side. */
export const CELLS = [64, 2048] as const;

/** What a new ground would change. */
interface Laid {
  patch: Operation[];
  /** How many points lie beyond its edge and would be moved onto it. */
  moved: number;
}

interface Sketch {
  columns: number;
  rows: number;
  cell: number;
  heights: string;
  surfaces: string;
}

function bytesOf(base64: string): Uint8Array {
  return Uint8Array.from(atob(base64), (letter) => letter.charCodeAt(0));
}

/** A ground from a sketch of it. */
export function groundOf(sketch: Sketch): Ground {
  const { columns, rows, cell } = sketch;
  const stored = new DataView(bytesOf(sketch.heights).buffer);
  const heights = Float32Array.from(
    { length: columns * rows },
    (_, i) => stored.getInt16(i * 2, true) / 100,
  );
  const bytes = bytesOf(sketch.surfaces);
  const surfaces = bytes.map((stored) => stored % SURFACES.length);
  const growth = bytes.map((stored) => Math.floor(stored / SURFACES.length));
  return { columns, rows, cell, heights, surfaces, growth };
}

/** A coarse picture of a ground that is wished for. */
export async function sketched(open: OpenMission, wish: Wish): Promise<Ground> {
  return groundOf(await send<Sketch>("POST", `${at(open)}/sketch`, wish));
}

function at(open: OpenMission): string {
  return `/api/missions/${open.state.id}/terrain`;
}

/** Lays a ground that is made as it is wished for; answers with how many points were moved. */
export async function layMade(open: OpenMission, wish: Wish): Promise<number> {
  await open.stored();
  const { patch, moved } = await send<Laid>("POST", `${at(open)}/made`, wish);
  if (!open.take("New ground", patch)) {
    throw new Error("The mission has changed meanwhile. Try again.");
  }
  return moved;
}

/** Why a ground of a size cannot be; nothing for one that can. */
export function whyNot({ columns, rows }: Pick<Wish, "columns" | "rows">): string | undefined {
  const [least, most] = CELLS;
  const fits = (cells: number) => cells >= least && cells <= most;
  if (fits(columns) && fits(rows)) return undefined;
  const [across, up] = [`${columns} × ${rows} cells`, `${least} to ${most} on a side`];
  return `That would be ${across}; there can be ${up}. Change the size or the cell.`;
}
