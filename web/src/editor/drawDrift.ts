import type { Gesture } from "../deeds/gesture";
import type { Tool } from "../desk/desk";
import { type Mission, type Position, refOf } from "../document/mission";
import { toScreen } from "../drawing/camera";
import { inks } from "../drawing/inks";
import type { Labels } from "../drawing/labels";
import type { Sheet } from "../drawing/sheet";
import { type Drifting, driftFrom } from "../families/drift";
import { uprightOf } from "../families/stacks";

/** How many seconds may lie between two dots of the way, and how far they are apart, pixels. */
const SECONDS = [1, 2, 5, 10, 30, 60, 120];
const APART = 14;

/** Draws where zones that push would take somebody or something, with dots in time. */
export function drawDrift(
  sheet: Sheet,
  mission: Mission,
  from: Position,
  labels: Labels,
  what: Drifting,
): void {
  const drift = driftFrom(mission, from, what);
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
  const far = points.slice(1).reduce((sum, [x, y], i) => {
    const [fromX, fromY] = points[i] ?? [x, y];
    return sum + Math.hypot(x - fromX, y - fromY);
  }, 0);
  const dot = SECONDS.find((it) => (far / drift.seconds) * it >= APART) ?? SECONDS.at(-1) ?? 1;
  const every = Math.max(1, Math.round((dot * points.length) / drift.seconds));
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

/** Where the one loose thing is that is being dragged, or is about to be set down. */
export function loadAt(
  mission: Mission,
  tool: Tool | null,
  gesture: Gesture | null,
  pointer: Position | null,
): Position | undefined {
  const loose = (kind: string) => mission.thingKinds[kind]?.hold.type === "loose";
  if (tool?.sets === "props" || tool?.sets === "fixtures")
    return pointer && loose(tool.choice) ? pointer : undefined;
  const [name, ...others] = gesture?.is === "move" ? gesture.keys : [];
  const ref = name && others.length === 0 ? refOf(name) : undefined;
  const thing = ref && uprightOf(mission, ref);
  return thing && loose(thing.kind.id) ? thing.position : undefined;
}
