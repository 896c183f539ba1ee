import type { Mission, Position } from "../document/mission";
import { toScreen } from "../drawing/camera";
import { inks } from "../drawing/inks";
import type { Labels } from "../drawing/labels";
import type { Sheet } from "../drawing/sheet";
import { driftFrom } from "../families/drift";

/** Between two dots of the way, seconds. */
const DOT = 1;

/** Draws where zones that push would take somebody from the pointer, a dot for each second. */
export function drawDrift(sheet: Sheet, mission: Mission, from: Position, labels: Labels): void {
  const drift = driftFrom(mission, from);
  if (!drift) return;
  const { c, camera, size } = sheet;
  const points = drift.way.map(({ x, y }) => toScreen(camera, size, x, y));
  c.save();
  c.lineJoin = "round";
  for (const [width, colour] of [
    [4.5, inks.halo],
    [1.6, inks.ink],
  ] as const) {
    c.lineWidth = width;
    c.strokeStyle = colour;
    c.beginPath();
    for (const [x, y] of points) c.lineTo(x, y);
    c.stroke();
  }
  const every = Math.max(1, Math.round((DOT * points.length) / Math.max(DOT, drift.seconds)));
  c.fillStyle = inks.ink;
  points.forEach(([x, y], i) => {
    if (i % every !== 0) return;
    c.beginPath();
    c.arc(x, y, 2.4, 0, Math.PI * 2);
    c.fill();
  });
  const [x, y] = points.at(-1) ?? [0, 0];
  c.lineWidth = 1.6;
  c.strokeStyle = inks.ink;
  c.beginPath();
  c.arc(x, y, 6, 0, Math.PI * 2);
  c.stroke();
  c.restore();
  const word = drift.goesOn ? "goes on" : `${drift.seconds.toFixed(drift.seconds < 10 ? 1 : 0)} s`;
  labels.draw(c, word, x, y, 10);
}
