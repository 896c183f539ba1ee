import { toScreen } from "../drawing/camera";
import { faint, inks } from "../drawing/inks";
import type { Labels } from "../drawing/labels";
import type { Sheet } from "../drawing/sheet";

/** A stitched curve from one point to another, with a word in its middle where there is room. */
export function drawLink(
  sheet: Sheet,
  from: { x: number; y: number },
  to: { x: number; y: number },
  word: string,
  labels: Labels,
): void {
  const { c, camera, size } = sheet;
  const [ax, ay] = toScreen(camera, size, from.x, from.y);
  const [bx, by] = toScreen(camera, size, to.x, to.y);
  const bend = 0.18;
  const mx = (ax + bx) / 2 - (by - ay) * bend;
  const my = (ay + by) / 2 + (bx - ax) * bend;
  c.save();
  c.beginPath();
  c.moveTo(ax, ay);
  c.quadraticCurveTo(mx, my, bx, by);
  c.lineWidth = 4;
  c.strokeStyle = faint(inks.slip, 0.75);
  c.stroke();
  c.setLineDash([6, 4]);
  c.lineWidth = 1.5;
  c.strokeStyle = inks.ink;
  c.stroke();
  c.restore();
  const lx = (ax + 2 * mx + bx) / 4;
  const ly = (ay + 2 * my + by) / 4;
  if (word && Math.hypot(bx - ax, by - ay) > 70) labels.draw(c, word, lx, ly, 4);
}
