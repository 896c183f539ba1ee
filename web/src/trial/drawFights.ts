import { toScreen } from "../drawing/camera";
import { faint, inks } from "../drawing/inks";
import type { Sheet } from "../drawing/sheet";
import type { UnitSnapshot } from "../generated/snapshot.gen";
import type { Aim, Outcome, Struck } from "./messages";

/** Where a unit is seen now; nothing where it is not. */
type Where = (unit: number) => UnitSnapshot | undefined;

type Point = [number, number];

/** How far from the middle of a stone lines to and from it end, pixels. */
const CLEAR = 17;

/** For how many steps a blow or a shot is seen. */
export const SEEN = 14;

/** What is written where a blow or a shot ends; a hit needs no word, and a blow at nobody none. */
const MISSED: Partial<Record<Outcome, string>> = {
  wide: "missed",
  far: "too far",
  moving: "dodged",
  covered: "cover",
};

/** Draws who aims at whom: a dotted line to an open angle before whom it is meant for. */
export function drawAims(sheet: Sheet, aims: Aim[], where: Where, own: number): void {
  for (const { by, at } of aims) {
    const ends = between(sheet, where(by), where(at));
    if (!ends) continue;
    const { c } = sheet;
    const [from, to] = ends;
    const mine = at === own;
    c.save();
    c.strokeStyle = mine ? inks.error : faint(inks.ink, 0.7);
    c.lineWidth = mine ? 2 : 1.4;
    c.setLineDash([2, 4]);
    stroke(c, from, to);
    c.setLineDash([]);
    angle(c, from, to);
    c.restore();
  }
}

/** Where a blow or a shot that missed ended, and what is written there. */
interface Miss {
  word: string;
  end: Point;
}

/**
 * Draws blows and shots: a line to a star where they hit, else to where they went. Answers with what
 * is to be written at the ends of those that missed.
 */
export function drawStrikes(sheet: Sheet, strikes: Struck[], where: Where, now: number): Miss[] {
  const { c, camera, size } = sheet;
  return strikes.flatMap(({ step, by, at, outcome }) => {
    const age = now - step;
    const victim = where(at);
    if (age < 0 || age >= SEEN || !victim) return [];
    const ends = between(sheet, where(by), victim);
    const end: Point = ends ? endOf(ends, outcome) : toScreen(camera, size, victim.x, victim.y);
    c.save();
    c.globalAlpha = 1 - (age / SEEN) ** 3;
    if (ends) drawLine(c, ends[0], end, outcome);
    if (outcome === "hit") star(c, end);
    c.restore();
    const word = MISSED[outcome];
    return word ? [{ word, end }] : [];
  });
}

function drawLine(c: CanvasRenderingContext2D, from: Point, end: Point, outcome: Outcome): void {
  const hit = outcome === "hit";
  for (const [width, ink] of [
    [5, inks.halo],
    [hit ? 2.6 : 1.6, hit ? inks.error : inks.ink],
  ] as const) {
    c.lineWidth = width;
    c.strokeStyle = ink;
    c.setLineDash(hit ? [] : [8, 4]);
    stroke(c, from, end);
  }
  c.setLineDash([]);
  if (outcome === "covered") bar(c, from, end);
}

/** Where a blow or a shot ends: at whom it hits, before them, or past them. */
function endOf([[fx, fy], [tx, ty]]: [Point, Point], outcome: Outcome): Point {
  const length = Math.hypot(tx - fx, ty - fy) || 1;
  const [ux, uy] = [(tx - fx) / length, (ty - fy) / length];
  const along = (by: number, aside: number): Point => [
    tx + ux * by - uy * aside,
    ty + uy * by + ux * aside,
  ];
  if (outcome === "far") return [fx + (tx - fx) * 0.75, fy + (ty - fy) * 0.75];
  if (outcome === "wide") return along(2 * CLEAR + 10, -CLEAR);
  if (outcome === "moving") return along(2 * CLEAR + 10, CLEAR);
  return [tx, ty];
}

/** The star of a hit. */
function star(c: CanvasRenderingContext2D, [x, y]: Point): void {
  for (const [width, ink] of [
    [5, inks.halo],
    [2.2, inks.error],
  ] as const) {
    c.lineWidth = width;
    c.strokeStyle = ink;
    c.beginPath();
    for (let ray = 0; ray < 6; ray++) {
      const turn = (ray * Math.PI) / 3;
      c.moveTo(x + 3 * Math.cos(turn), y + 3 * Math.sin(turn));
      c.lineTo(x + 9 * Math.cos(turn), y + 9 * Math.sin(turn));
    }
    c.stroke();
  }
}

/** What a shot ends at that it does not go through. */
function bar(c: CanvasRenderingContext2D, [fx, fy]: Point, [x, y]: Point): void {
  const length = Math.hypot(x - fx, y - fy) || 1;
  const [ux, uy] = [(x - fx) / length, (y - fy) / length];
  c.lineWidth = 3.5;
  c.strokeStyle = inks.ink;
  stroke(c, [x - uy * 8, y + ux * 8], [x + uy * 8, y - ux * 8]);
}

/** The stretch between two stones, from rim to rim; nothing where one is not seen. */
function between(
  { camera, size }: Sheet,
  a: UnitSnapshot | undefined,
  b: UnitSnapshot | undefined,
): [Point, Point] | undefined {
  if (!a || !b) return undefined;
  const [ax, ay] = toScreen(camera, size, a.x, a.y);
  const [bx, by] = toScreen(camera, size, b.x, b.y);
  const length = Math.hypot(bx - ax, by - ay) || 1;
  const [ux, uy] = [(bx - ax) / length, (by - ay) / length];
  const off = Math.min(CLEAR, length / 2 - 1);
  return [
    [ax + ux * off, ay + uy * off],
    [bx - ux * off, by - uy * off],
  ];
}

function stroke(c: CanvasRenderingContext2D, from: Point, to: Point): void {
  c.beginPath();
  c.moveTo(...from);
  c.lineTo(...to);
  c.stroke();
}

/** The open angle at the end of a line. */
function angle(c: CanvasRenderingContext2D, [fx, fy]: Point, [x, y]: Point): void {
  const turn = Math.atan2(y - fy, x - fx);
  c.beginPath();
  c.moveTo(x - 9 * Math.cos(turn - 0.6), y - 9 * Math.sin(turn - 0.6));
  c.lineTo(x, y);
  c.lineTo(x - 9 * Math.cos(turn + 0.6), y - 9 * Math.sin(turn + 0.6));
  c.stroke();
}
