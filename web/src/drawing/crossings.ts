import type { Crossing, CrossingManner, Mission, Position } from "../document/mission";
import { toScreen } from "./camera";
import { inks } from "./inks";
import type { Sheet } from "./sheet";

/** The ink of a crossing that was made, and of one that somebody finds by themselves. */

/** Pixels of a metre below which crossings that are found are not told apart, and so not drawn. */
const LEGIBLE = 3;

/** A crossing shorter than this on the screen is a dot, pixels. */
const TINY = 16;

/** A crossing as it is drawn. */
export interface Span {
  manner: CrossingManner;
  from: Position;
  to: Position;
  back: boolean;
}

/** The curve of a crossing on the screen: bowed to one side, so that there and back lie apart. */
function curve({ camera, size }: Sheet, { manner, from, to }: Span) {
  const [ax, ay] = toScreen(camera, size, from.x, from.y);
  const [bx, by] = toScreen(camera, size, to.x, to.y);
  const length = Math.hypot(bx - ax, by - ay);
  const bow = manner === "leap" ? Math.min(26, length * 0.3) : 0;
  const [nx, ny] = length === 0 ? [0, 0] : [(by - ay) / length, -(bx - ax) / length];
  const [mx, my] = [(ax + bx) / 2 + nx * bow, (ay + by) / 2 + ny * bow];
  return { ax, ay, bx, by, mx, my, length };
}

/** An arrow head at an end of a curve that comes from a point. */
function head(c: CanvasRenderingContext2D, x: number, y: number, fromX: number, fromY: number) {
  const far = Math.hypot(x - fromX, y - fromY) || 1;
  const [ux, uy] = [(x - fromX) / far, (y - fromY) / far];
  c.moveTo(x - ux * 7 - uy * 4, y - uy * 7 + ux * 4);
  c.lineTo(x, y);
  c.lineTo(x - ux * 7 + uy * 4, y - uy * 7 - ux * 4);
}

/** What tells how one gets over: rungs across a climb, a wave along a ford, low bows over a crawl. */
function sign(c: CanvasRenderingContext2D, at: ReturnType<typeof curve>, manner: CrossingManner) {
  const { ax, ay, bx, by, length } = at;
  if (length < 14 || manner === "leap" || manner === "drop") return;
  const [ux, uy] = [(bx - ax) / length, (by - ay) / length];
  const many = Math.max(1, Math.min(9, Math.floor(length / 9)));
  for (let i = 1; i <= many; i++) {
    const [x, y] = [ax + ((bx - ax) * i) / (many + 1), ay + ((by - ay) * i) / (many + 1)];
    if (manner === "climb") {
      c.moveTo(x - uy * 4.5, y + ux * 4.5);
      c.lineTo(x + uy * 4.5, y - ux * 4.5);
    } else {
      const up = manner === "crawl" ? 5 : i % 2 === 0 ? 4 : -4;
      c.moveTo(x - ux * 4, y - uy * 4);
      c.quadraticCurveTo(x - uy * up, y + ux * up, x + ux * 4, y + uy * 4);
    }
  }
}

/** A crossing that is too short on the screen to be drawn as one. */
function dot(c: CanvasRenderingContext2D, x: number, y: number, ink: string): void {
  c.beginPath();
  c.arc(x, y, 3.2, 0, Math.PI * 2);
  c.fillStyle = ink;
  c.fill();
  c.lineWidth = 1.5;
  c.strokeStyle = inks.slip;
  c.stroke();
}

function draw(sheet: Sheet, span: Span, ink: string, width: number): void {
  const { c } = sheet;
  const at = curve(sheet, span);
  const { ax, ay, bx, by, mx, my, length } = at;
  if (length < TINY) {
    dot(c, (ax + bx) / 2, (ay + by) / 2, ink);
    return;
  }
  c.beginPath();
  c.moveTo(ax, ay);
  c.quadraticCurveTo(mx, my, bx, by);
  sign(c, at, span.manner);
  head(c, bx, by, mx, my);
  if (span.back) head(c, ax, ay, mx, my);
  c.lineWidth = width + 2.5;
  c.strokeStyle = inks.slip;
  c.stroke();
  c.lineWidth = width;
  c.strokeStyle = ink;
  c.stroke();
}

/** Draws a crossing that the designer has made: dashed where not everybody may use it. */
function drawMade(sheet: Sheet, crossing: Crossing, selected: boolean): void {
  const { c } = sheet;
  c.save();
  c.lineCap = "round";
  c.lineJoin = "round";
  if (crossing.open !== "everybody") c.setLineDash([7, 4]);
  draw(sheet, crossing, selected ? inks.ink : inks.made, selected ? 3 : 2.2);
  c.restore();
}

/** Draws crossings. */
export function drawCrossings(
  sheet: Sheet,
  crossings: Mission["crossings"],
  marked: (id: string) => boolean,
): void {
  for (const [id, crossing] of Object.entries(crossings)) {
    drawMade(sheet, crossing, marked(id));
  }
}

/** Draws the crossings that somebody finds by themselves. */
export function drawFound(sheet: Sheet, found: Span[]): void {
  const { c, camera, size } = sheet;
  if (camera.scale < LEGIBLE) return;
  c.save();
  c.lineCap = "round";
  c.lineJoin = "round";
  for (const span of found) {
    const [x, y] = toScreen(camera, size, span.from.x, span.from.y);
    if (x < -50 || y < -50 || x > size.width + 50 || y > size.height + 50) continue;
    draw(sheet, span, inks.found, 1.3);
  }
  c.restore();
}
