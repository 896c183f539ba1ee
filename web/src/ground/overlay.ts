import { toScreen } from "../map/camera";
import { inked, type Sheet } from "../map/draw";
import type { MapPointer } from "../map/MapCanvas";
import { drawStone } from "../map/stones";
import type { Tool } from "../model/desk";
import { type Mission, type Position, placeOf, refOf } from "../model/mission";
import { facingOf } from "./deeds";
import type { Gesture } from "./gesture";

/** The printed margin to the north and west, in pixels. */
export const MARGIN = 26;
const HANDLE = 38;

/** Everything with a place. */
export function everything(mission: Mission): string[] {
  return (["starts", "units", "zones"] as const).flatMap((family) =>
    Object.keys(mission[family]).map((id) => `${family}/${id}`),
  );
}

type Grip = "turn" | "resize" | null;

function gripOf(
  sheet: Sheet,
  mission: Mission,
  ref: ReturnType<typeof refOf>,
): { px: number; py: number; grip: Grip } | null {
  const at = placeOf(mission, ref);
  if (!at) return null;
  const [px, py] = toScreen(sheet.camera, sheet.size, at.x, at.y);
  if (ref.family === "zones") {
    const radius = mission.zones[ref.id].shape.radius * sheet.camera.scale;
    return { px: px + radius, py, grip: "resize" };
  }
  const angle = (facingOf(mission, ref) * Math.PI) / 180;
  return { px: px + Math.sin(angle) * HANDLE, py: py - Math.cos(angle) * HANDLE, grip: "turn" };
}

/** The handle of a thing under the pointer, if it is one. */
export function handleAt(
  sheet: Sheet,
  mission: Mission,
  ref: ReturnType<typeof refOf>,
  p: MapPointer,
): Grip {
  const found = gripOf(sheet, mission, ref);
  return found && Math.hypot(found.px - p.px, found.py - p.py) <= 12 ? found.grip : null;
}

/** Draws the handle of the selected thing, with live figures while it is dragged. */
export function drawHandle(
  sheet: Sheet,
  mission: Mission,
  ref: ReturnType<typeof refOf>,
  gesture: Gesture | null,
): void {
  const found = gripOf(sheet, mission, ref);
  const at = placeOf(mission, ref);
  if (!found || !at) return;
  const { c, camera, size } = sheet;
  const [x, y] = toScreen(camera, size, at.x, at.y);
  c.save();
  c.beginPath();
  c.moveTo(x, y);
  c.lineTo(found.px, found.py);
  c.setLineDash([2, 3]);
  c.strokeStyle = "#22262b";
  c.lineWidth = 1;
  if (found.grip === "turn") c.stroke();
  c.beginPath();
  c.arc(found.px, found.py, 6, 0, Math.PI * 2);
  c.setLineDash([]);
  c.fillStyle = "#fcfaf3";
  c.fill();
  c.lineWidth = 1.8;
  c.stroke();
  c.font = '600 13px "Source Sans 3 Variable", sans-serif';
  if (gesture?.is === "turn") inked(c, `${gesture.bearing}°`, found.px + 10, found.py + 4);
  if (gesture?.is === "resize") {
    inked(c, `radius ${gesture.radius} m`, found.px + 10, found.py + 4);
  }
  c.restore();
}

/** Draws the frame that selects what is inside it. */
export function drawFrame(
  { c }: Sheet,
  frame: { px: number; py: number; toPx: number; toPy: number },
) {
  c.save();
  c.fillStyle = "rgba(34,38,43,0.08)";
  c.strokeStyle = "#22262b";
  c.setLineDash([4, 3]);
  const [w, h] = [frame.toPx - frame.px, frame.toPy - frame.py];
  c.fillRect(frame.px, frame.py, w, h);
  c.strokeRect(frame.px, frame.py, w, h);
  c.restore();
}

/** The things inside a frame. */
export function framed(
  sheet: Sheet | null,
  mission: Mission,
  frame: { px: number; py: number; toPx: number; toPy: number },
): string[] {
  if (!sheet) return [];
  const [west, east] = [Math.min(frame.px, frame.toPx), Math.max(frame.px, frame.toPx)];
  const [top, bottom] = [Math.min(frame.py, frame.toPy), Math.max(frame.py, frame.toPy)];
  return everything(mission).filter((name) => {
    const at = placeOf(mission, refOf(name));
    if (!at) return false;
    const [px, py] = toScreen(sheet.camera, sheet.size, at.x, at.y);
    return px >= west && px <= east && py >= top && py <= bottom;
  });
}

/** Draws what is about to be set down, its clearance, and why the place is bad. */
export function drawGhost(
  sheet: Sheet,
  mission: Mission,
  tool: Tool,
  at: Position,
  why: string,
): void {
  const { c, camera, size } = sheet;
  const [px, py] = toScreen(camera, size, at.x, at.y);
  c.save();
  if (tool.sets === "zone") {
    c.beginPath();
    c.arc(px, py, 15 * camera.scale, 0, Math.PI * 2);
    c.setLineDash([5, 4]);
    c.strokeStyle = "#22262b";
    c.fillStyle = "rgba(34,38,43,0.08)";
    c.fill();
    c.stroke();
  } else {
    const kind = mission.kinds[tool.kind];
    clearance(c, px, py, Math.max(2, kind.radius * camera.scale));
    const player = tool.sets === "start";
    const side = mission.sides[tool.side];
    drawStone(c, px, py, { side, glyph: kind.glyph, facing: 0, faded: true, player });
  }
  c.restore();
  if (why) drawWhy(sheet, at, why);
}

function clearance(c: CanvasRenderingContext2D, px: number, py: number, radius: number): void {
  c.beginPath();
  c.arc(px, py, radius, 0, Math.PI * 2);
  c.strokeStyle = "#22262b";
  c.setLineDash([2, 2]);
  c.stroke();
  c.setLineDash([]);
}

/** Says beside a place why it is bad. */
export function drawWhy({ c, camera, size }: Sheet, at: Position | null, why: string): void {
  if (!at) return;
  const [px, py] = toScreen(camera, size, at.x, at.y);
  const text = `⚑ ${why}`;
  c.save();
  c.font = '600 13px "Source Sans 3 Variable", sans-serif';
  const width = c.measureText(text).width + 16;
  const left = Math.max(MARGIN + 4, Math.min(size.width - width - 12, px - width / 2));
  const top = py > 60 ? py - 52 : py + 26;
  c.fillStyle = "#f5e6df";
  c.fillRect(left, top, width, 24);
  c.strokeStyle = "#a33a1b";
  c.strokeRect(left, top, width, 24);
  c.fillStyle = "#a33a1b";
  c.fillText(text, left + 8, top + 16.5);
  c.restore();
}
