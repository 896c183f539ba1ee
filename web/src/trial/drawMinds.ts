import { sure } from "../document/sure";
import { toScreen } from "../drawing/camera";
import { faint, inks } from "../drawing/inks";
import type { Sheet } from "../drawing/sheet";
import type { UnitSnapshot } from "../generated/snapshot.gen";
import type { Mind } from "./messages";

/** Ways that are being gone, and where somebody last knew whom they go for. */
export function drawMinds(
  sheet: Sheet,
  minds: Mind[],
  chosen: number,
  where: (unit: number) => UnitSnapshot | undefined,
): void {
  const { c, camera, size } = sheet;
  c.save();
  for (const mind of minds) {
    const now = where(mind.unit);
    if (!now) continue;
    const from = toScreen(camera, size, now.x, now.y);
    const bold = mind.unit === chosen;
    if (mind.way.length > 0) drawWay(sheet, from, mind.way, bold);
    if (mind.target >= 0) {
      const to = toScreen(camera, size, mind.x, mind.y);
      c.strokeStyle = inks.error;
      c.lineWidth = bold ? 2 : 1;
      c.setLineDash([2, 4]);
      c.beginPath();
      c.moveTo(...from);
      c.lineTo(...to);
      c.stroke();
      c.setLineDash([]);
      c.beginPath();
      c.moveTo(to[0] - 5, to[1] - 5);
      c.lineTo(to[0] + 5, to[1] + 5);
      c.moveTo(to[0] + 5, to[1] - 5);
      c.lineTo(to[0] - 5, to[1] + 5);
      c.stroke();
    }
    if (bold) {
      c.strokeStyle = inks.ink;
      c.lineWidth = 2;
      c.beginPath();
      c.arc(from[0], from[1], 19, 0, Math.PI * 2);
      c.stroke();
    }
  }
  c.restore();
}

function drawWay(sheet: Sheet, from: [number, number], way: number[], bold: boolean): void {
  const { c, camera, size } = sheet;
  c.strokeStyle = faint(inks.ink, 0.6);
  c.lineWidth = bold ? 3 : 1.5;
  c.setLineDash([7, 5]);
  c.beginPath();
  c.moveTo(...from);
  let end = from;
  for (let i = 0; i + 1 < way.length; i += 2) {
    end = toScreen(camera, size, sure(way, i), sure(way, i + 1));
    c.lineTo(...end);
  }
  c.stroke();
  c.setLineDash([]);
  c.fillStyle = faint(inks.ink, 0.6);
  c.beginPath();
  c.arc(end[0], end[1], 3, 0, Math.PI * 2);
  c.fill();
}
