import type { Position } from "../../document/mission";
import { metres } from "../../document/units";
import { toScreen } from "../../drawing/camera";
import { inks } from "../../drawing/inks";
import { inked } from "../../drawing/labels";
import { letters } from "../../drawing/letters";
import type { Sheet } from "../../drawing/sheet";

/** Draws the line that is measured. */
export function drawRuler(sheet: Sheet, ruler: Position[], pointer: Position | null): void {
  const [a, b = pointer] = ruler;
  if (!a || !b) return;
  const { c, camera, size } = sheet;
  const [ax, ay] = toScreen(camera, size, a.x, a.y);
  const [bx, by] = toScreen(camera, size, b.x, b.y);
  c.save();
  for (const [width, colour] of [
    [4.5, inks.halo],
    [1.8, inks.ink],
  ] as const) {
    c.lineWidth = width;
    c.strokeStyle = colour;
    c.beginPath();
    c.moveTo(ax, ay);
    c.lineTo(bx, by);
    c.stroke();
  }
  for (const [x, y] of [
    [ax, ay],
    [bx, by],
  ] as const) {
    c.beginPath();
    c.arc(x, y, 4.5, 0, Math.PI * 2);
    c.fillStyle = inks.slip;
    c.fill();
    c.lineWidth = 1.8;
    c.stroke();
  }
  const length = Math.hypot(b.x - a.x, b.y - a.y);
  c.font = letters(13);
  inked(c, metres(length), (ax + bx) / 2 + 8, (ay + by) / 2 - 8);
  c.restore();
}
