import { pathOf } from "../document/shapes";
import { toScreen } from "./camera";
import { inks } from "./inks";
import { letters, lettersGrown } from "./letters";
import type { Sheet } from "./sheet";

/** A waypoint; filled where one waits. */
export function bead(
  c: CanvasRenderingContext2D,
  x: number,
  y: number,
  waits: boolean,
  number: string,
) {
  c.beginPath();
  c.arc(x, y, number ? 8 * lettersGrown() : 4, 0, Math.PI * 2);
  c.fillStyle = waits ? inks.flint : inks.slip;
  c.fill();
  c.lineWidth = 1.5;
  c.strokeStyle = inks.flint;
  c.stroke();
  if (!number) return;
  c.font = letters(12);
  c.textAlign = "center";
  c.fillStyle = waits ? inks.slip : inks.ink;
  c.fillText(number, x, y + 4 * lettersGrown());
  c.textAlign = "left";
}

/** The points on the screen of what a tool draws point by point. */
export function drawDraft(
  { c, camera, size }: Sheet,
  points: { x: number; y: number }[],
  next: { x: number; y: number } | null,
  closed: boolean,
): void {
  const all = next ? [...points, next] : points;
  const path = pathOf({
    is: "line",
    vertices: all.map((at, i) => ({ id: String(i), at })),
    closed,
  }).map(({ x, y }) => toScreen(camera, size, x, y));
  c.save();
  c.beginPath();
  path.forEach(([px, py], i) => {
    if (i === 0) c.moveTo(px, py);
    else c.lineTo(px, py);
  });
  if (closed) c.closePath();
  c.setLineDash([5, 4]);
  c.lineWidth = 1.8;
  c.strokeStyle = inks.ink;
  c.stroke();
  c.setLineDash([]);
  for (const [px, py] of path.slice(0, points.length)) bead(c, px, py, false, "");
  c.restore();
}
