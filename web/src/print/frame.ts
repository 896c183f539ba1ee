import { extent, type Mission, type Position } from "../document/mission";

/** A sheet of paper lying across, millimetres. */
export interface Paper {
  width: number;
  height: number;
}

/** The papers that a sheet is printed on (ISO 216, lying across). */
export const PAPERS: Record<string, Paper> = {
  A4: { width: 297, height: 210 },
  A3: { width: 420, height: 297 },
  A2: { width: 594, height: 420 },
};

/** The edge of the paper that stays bare, the strip of the title block, and the legend's column. */
export const EDGE = 9;
export const TITLE = 19;
export const LEGEND = 46;

/** Where the ground lies on a paper, millimetres, and how large a metre is. */
export interface Frame {
  left: number;
  top: number;
  width: number;
  height: number;
  scale: number;
}

/** The ground as large as the paper has room for beside the legend and above the title block. */
export function frameOf(mission: Mission, paper: Paper, legend: boolean): Frame {
  const ground = extent(mission);
  const across = paper.width - 2 * EDGE - 6 - (legend ? LEGEND : 0);
  const up = paper.height - 2 * EDGE - 4 - TITLE;
  const scale = Math.min(across / ground.width, up / ground.height);
  const [width, height] = [ground.width * scale, ground.height * scale];
  return { left: EDGE + 6 + (across - width) / 2, top: EDGE + 4, width, height, scale };
}

/** A point of the ground on the paper, millimetres from its upper left corner. */
export function onPaper(frame: Frame, { x, y }: Position): [number, number] {
  const round = (value: number) => Math.round(value * 100) / 100;
  return [round(frame.left + x * frame.scale), round(frame.top + frame.height - y * frame.scale)];
}

/** A step of metres that is 1, 2 or 5 times a power of ten, and no shorter than a length of paper. */
export function niceStep(frame: Frame, least: number): number {
  const metres = least / frame.scale;
  const power = 10 ** Math.floor(Math.log10(metres));
  return [1, 2, 5, 10].map((it) => it * power).find((it) => it >= metres) ?? 10 * power;
}

/** How much smaller the print is than the ground, as one says it. */
export function ratio(frame: Frame): string {
  const exact = 1000 / frame.scale;
  const power = 10 ** Math.max(0, Math.floor(Math.log10(exact)) - 1);
  return `about 1 : ${(Math.round(exact / power) * power).toLocaleString("en")}`;
}
