import { kindOf } from "../deeds/fresh";
import type { Gesture } from "../deeds/gesture";
import { partPoints } from "../deeds/parts";
import type { Tool } from "../desk/desk";
import { isPerson } from "../desk/desk";
import { type Mission, type Position, type Ref, refOf } from "../document/mission";
import type { Geometry } from "../document/shapes";
import { boxCorners, lengthOf, pathOf, stretchesOf, wholeBearing } from "../document/shapes";
import { sure } from "../document/sure";
import { metres } from "../document/units";
import { toScreen } from "../drawing/camera";
import { faint, inks } from "../drawing/inks";
import { inked } from "../drawing/labels";
import { letters, lettersGrown } from "../drawing/letters";
import { inView, line, type Sheet } from "../drawing/sheet";
import { putSprite } from "../drawing/sprites";
import { drawStone } from "../drawing/stones";
import { zoneOutline } from "../drawing/zones";
import { PLACED, traitsOf } from "../families";
import { extentOf, kindOf as kindOfThing } from "../families/kinds";
import { uprightOf } from "../families/stacks";
import { geometryOf, isGroupFamily, isSpan, placeOf } from "../things/geometry";

/** How wide the printed margin to the north and west is, in pixels. */
export function marginWidth(): number {
  return Math.round(26 * lettersGrown());
}

const HANDLE = 38;
/** How near the pointer must be to take hold of a handle, in pixels. */
const GRASP = 12;

/** Everything that can be hit on the map. */
export function everything(mission: Mission): string[] {
  return PLACED.filter((family) => !isGroupFamily(family)).flatMap((family) =>
    Object.keys(mission[family]).map((id) => `${family}/${id}`),
  );
}

/** Something of a thing that can be taken hold of. */
export type Grip = { px: number; py: number; at: Position } & (
  | { grip: "turn" }
  | { grip: "resize" }
  | { grip: "reshape" }
  | { grip: "scale"; per: number }
  | { grip: "vertex"; id: string }
  | { grip: "part"; path: string[]; small: boolean }
  | { grip: "insert"; after: [string, string] }
);

/** The handles of a thing. */
export function gripsOf(sheet: Sheet, mission: Mission, ref: Ref): Grip[] {
  const geometry = geometryOf(mission, ref);
  if (!geometry) return [];
  const screen = (at: Position) => {
    const [px, py] = toScreen(sheet.camera, sheet.size, at.x, at.y);
    return { px, py, at };
  };
  const turnAt = (at: Position, bearing: number, away: number): Grip => {
    const angle = (bearing * Math.PI) / 180;
    const { px, py } = screen(at);
    return { px: px + Math.sin(angle) * away, py: py - Math.cos(angle) * away, at, grip: "turn" };
  };
  switch (geometry.is) {
    case "point":
      return geometry.facing === undefined
        ? []
        : [turnAt(geometry.at, geometry.facing, HANDLE), ...scaleGrips(sheet, mission, ref)];
    case "circle": {
      const { px, py, at } = screen(geometry.centre);
      return [{ px: px + geometry.radius * sheet.camera.scale, py, at, grip: "resize" }];
    }
    case "box":
      return [
        ...(geometry.upright
          ? []
          : [
              turnAt(
                geometry.centre,
                geometry.bearing,
                (geometry.depth / 2) * sheet.camera.scale + 24,
              ),
            ]),
        ...boxCorners(geometry).map((corner): Grip => ({ ...screen(corner), grip: "reshape" })),
      ];
    default:
      return [
        ...partPoints(mission, ref)
          .filter(({ apart = Infinity }) => apart * sheet.camera.scale >= APART)
          .map(
            ({ path, at, apart }): Grip => ({
              ...screen(at),
              grip: "part",
              path,
              small: apart !== undefined,
            }),
          ),
        ...vertexGrips(geometry, screen).filter(
          ({ grip }) => grip === "vertex" || !isSpan(ref.family),
        ),
      ];
  }
}

/** How near to the middle of a thing the handle for its size lies at least, pixels. */
const CLEAR = 26;

/** The handle for the size of a prop or fixture: by its right hand corner, as it faces. */
function scaleGrips(sheet: Sheet, mission: Mission, ref: Ref): Grip[] {
  const thing = uprightOf(mission, ref);
  const kind = thing && kindOfThing(mission, thing);
  if (!kind) return [];
  const [width, depth] = extentOf(kind);
  const round = kind.footprint.type === "round";
  const out = (round ? width / 2 : Math.hypot(width, depth) / 2) * thing.scale;
  const far = Math.max(out, CLEAR / sheet.camera.scale);
  const corner = round ? Math.PI / 4 : Math.atan2(width, depth);
  const angle = (thing.facing * Math.PI) / 180 + corner;
  const { x, y } = thing.position;
  const at = { x: x + Math.sin(angle) * far, y: y + Math.cos(angle) * far };
  const [px, py] = toScreen(sheet.camera, sheet.size, at.x, at.y);
  return [{ px, py, at, grip: "scale", per: far / thing.scale }];
}

/** Handles that are nearer to the one they belong to are not shown, pixels. */
const APART = 16;

const ROOM_FOR_MORE = 44;

function vertexGrips(
  geometry: Extract<Geometry, { vertices: unknown }>,
  screen: (at: Position) => { px: number; py: number; at: Position },
): Grip[] {
  const { vertices } = geometry;
  const between = stretchesOf(geometry).flatMap(([a, b, i, j]): Grip[] => {
    const [from, to] = [screen(a), screen(b)];
    if (Math.hypot(from.px - to.px, from.py - to.py) < ROOM_FOR_MORE) return [];
    const middle = screen({ x: (a.x + b.x) / 2, y: (a.y + b.y) / 2 });
    return [{ ...middle, grip: "insert", after: [sure(vertices, i).id, sure(vertices, j).id] }];
  });
  return [
    ...vertices.map(({ id, at }): Grip => ({ ...screen(at), grip: "vertex", id })),
    ...between,
  ];
}

/** The handle of a thing under the pointer, if it is one. */
export function handleAt(
  sheet: Sheet,
  mission: Mission,
  ref: Ref,
  p: { px: number; py: number },
): Grip | undefined {
  return gripsOf(sheet, mission, ref).find(
    ({ px, py }) => Math.hypot(px - p.px, py - p.py) <= GRASP,
  );
}

/** How far below and left of a thing its link handle lies, pixels. */
const LINK_AT = 30;

/** Where the handle is that a link is drawn from. */
export function linkHandle(sheet: Sheet, mission: Mission, ref: Ref): [number, number] | undefined {
  const at = placeOf(mission, ref);
  if (!at || !traitsOf(ref.family)?.links) return undefined;
  const [px, py] = toScreen(sheet.camera, sheet.size, at.x, at.y);
  return [px - LINK_AT, py + LINK_AT];
}

/** Whether the pointer is on the handle that a link is drawn from. */
export function linkHandleAt(
  sheet: Sheet,
  mission: Mission,
  ref: Ref,
  p: { px: number; py: number },
): boolean {
  const handle = linkHandle(sheet, mission, ref);
  return handle !== undefined && Math.hypot(handle[0] - p.px, handle[1] - p.py) <= GRASP;
}

/** Draws the handle that a link is drawn from, and the link while it is drawn. */
export function drawLinkHandle(
  sheet: Sheet,
  mission: Mission,
  ref: Ref,
  gesture: Gesture | null,
): void {
  const handle = linkHandle(sheet, mission, ref);
  if (!handle) return;
  const { c, camera, size } = sheet;
  const [x, y] = handle;
  c.save();
  c.beginPath();
  c.arc(x, y, 9, 0, Math.PI * 2);
  c.fillStyle = inks.slip;
  c.fill();
  c.lineWidth = 1.5;
  c.strokeStyle = inks.ink;
  c.stroke();
  c.beginPath();
  c.ellipse(x - 2.2, y + 2.2, 3.6, 2, -Math.PI / 4, 0, Math.PI * 2);
  c.ellipse(x + 2.2, y - 2.2, 3.6, 2, -Math.PI / 4, 0, Math.PI * 2);
  c.stroke();
  if (gesture?.is === "link") {
    const [tx, ty] = toScreen(camera, size, gesture.to.x, gesture.to.y);
    c.beginPath();
    c.moveTo(x, y);
    c.lineTo(tx, ty);
    c.setLineDash([6, 4]);
    c.lineWidth = 1.8;
    c.stroke();
  }
  c.restore();
}

/** Draws the handles of the selected thing, with live figures while one is dragged. */
export function drawHandles(
  sheet: Sheet,
  mission: Mission,
  ref: Ref,
  gesture: Gesture | null,
  active: string | null,
): void {
  const { c } = sheet;
  c.save();
  c.lineWidth = 1;
  for (const grip of gripsOf(sheet, mission, ref)) {
    drawGrip(sheet, grip, ref.family === "routes");
    if (grip.grip === "vertex" && grip.id === active) drawActive(c, grip);
  }
  c.font = letters(13);
  const says = gesture && figure(mission, ref, gesture);
  const held = says && heldAt(sheet, mission, ref, gesture);
  if (says && held) inked(c, says, held.px + 12, held.py + 4);
  c.restore();
}

function drawGrip({ c, camera, size }: Sheet, grip: Grip, bare: boolean): void {
  if (grip.grip === "turn") {
    const [x, y] = toScreen(camera, size, grip.at.x, grip.at.y);
    c.beginPath();
    c.moveTo(x, y);
    c.lineTo(grip.px, grip.py);
    c.setLineDash([2, 3]);
    c.strokeStyle = inks.ink;
    c.stroke();
    c.setLineDash([]);
  }
  if (grip.grip === "vertex" && bare) return;
  const small = grip.grip === "insert";
  c.beginPath();
  const half = grip.grip === "part" && grip.small ? 3.5 : 5;
  if (grip.grip === "part" || grip.grip === "scale")
    c.rect(grip.px - half, grip.py - half, 2 * half, 2 * half);
  else c.arc(grip.px, grip.py, small ? 4 : 6, 0, Math.PI * 2);
  c.fillStyle = small ? faint(inks.slip, 0.75) : inks.slip;
  c.fill();
  c.lineWidth = small ? 1.2 : 1.8;
  c.strokeStyle = inks.ink;
  c.stroke();
  if (small) {
    c.beginPath();
    c.moveTo(grip.px - 2.5, grip.py);
    c.lineTo(grip.px + 2.5, grip.py);
    c.moveTo(grip.px, grip.py - 2.5);
    c.lineTo(grip.px, grip.py + 2.5);
    c.stroke();
  }
}

/** Rings the corner that the arrows move. */
function drawActive(c: CanvasRenderingContext2D, { px, py }: Grip): void {
  c.beginPath();
  c.arc(px, py, 11, 0, Math.PI * 2);
  c.lineWidth = 2.2;
  c.strokeStyle = inks.moss;
  c.stroke();
}

function heldAt(sheet: Sheet, mission: Mission, ref: Ref, gesture: Gesture): Grip | undefined {
  const grips = gripsOf(sheet, mission, ref);
  if (gesture.is === "vertex") {
    return grips.find((it) => it.grip === "vertex" && it.id === gesture.id);
  }
  return grips.find(({ grip }) => grip === gesture.is);
}

function figure(mission: Mission, ref: Ref, gesture: Gesture): string {
  const geometry = geometryOf(mission, ref);
  if (gesture.is === "turn") return `${wholeBearing(gesture.bearing)}°`;
  if (gesture.is === "resize") return `radius ${metres(gesture.radius)}`;
  if (gesture.is === "scale") return `× ${gesture.scale}`;
  if (gesture.is === "reshape") return `${metres(gesture.width)} × ${metres(gesture.depth)}`;
  if (gesture.is !== "vertex" || !geometry) return "";
  const closed = geometry.is === "ring" || (geometry.is === "line" && geometry.closed);
  return `${metres(lengthOf(pathOf(geometry), closed), 0)} ${closed ? "round" : "long"}`;
}

/** Puts a flag on each thing about which something was found. */
export function drawFlags(sheet: Sheet, mission: Mission, flagged: ReadonlySet<string>): void {
  for (const name of flagged) {
    const at = placeOf(mission, refOf(name));
    if (!at) continue;
    const [px, py] = toScreen(sheet.camera, sheet.size, at.x, at.y);
    if (!inView(sheet, px, py, 30)) continue;
    putSprite(sheet.c, "flag", px + 10, py - 16, 10, (c) => {
      const flag = new Path2D("M-5 8L-5 -7L6 -3.5L-5 0");
      c.lineJoin = "round";
      c.lineWidth = 4.5;
      c.strokeStyle = inks.slip;
      c.stroke(flag);
      c.fillStyle = inks.error;
      c.fill(flag);
      c.lineWidth = 1.8;
      c.strokeStyle = inks.error;
      c.stroke(flag);
    });
  }
}

/** Draws the frame that selects what is inside it. */
export function drawFrame(
  { c }: Sheet,
  frame: { px: number; py: number; toPx: number; toPy: number },
) {
  c.save();
  c.fillStyle = faint(inks.ink, 0.08);
  c.strokeStyle = inks.ink;
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
  if (tool.sets === "zones") {
    const shape =
      tool.choice === "circle"
        ? ({ type: "circle", centre: at, radius: 15 } as const)
        : ({ type: "rectangle", centre: at, width: 30, depth: 20, bearing: 0 } as const);
    const { rim } = zoneOutline(sheet, shape);
    c.setLineDash([5, 4]);
    c.strokeStyle = inks.ink;
    c.fillStyle = faint(inks.ink, 0.08);
    c.fill(rim);
    c.stroke(rim);
  } else if (!isPerson(tool)) {
    clearance(c, px, py, 12);
  } else {
    const kind = sure(mission.kinds, kindOf(mission, tool));
    clearance(c, px, py, Math.max(2, kind.radius * camera.scale));
    const player = tool.sets === "starts";
    const side = mission.sides[tool.side];
    drawStone(c, px, py, { side, glyph: kind.glyph, facing: 0, faded: true, player });
  }
  c.restore();
  if ((tool.count ?? 1) > 1) {
    c.font = letters(14, 700);
    inked(c, `× ${tool.count}`, px + 18, py + 18);
  }
  if (why) drawWhy(sheet, at, why);
}

function clearance(c: CanvasRenderingContext2D, px: number, py: number, radius: number): void {
  c.beginPath();
  c.arc(px, py, radius, 0, Math.PI * 2);
  c.strokeStyle = inks.ink;
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
  c.font = letters(13);
  const width = c.measureText(text).width + 16;
  const height = 24 * lettersGrown();
  const left = Math.max(marginWidth() + 4, Math.min(size.width - width - 12, px - width / 2));
  const top = py > height + 36 ? py - 28 - height : py + 26;
  c.fillStyle = inks.errorSoft;
  c.fillRect(left, top, width, height);
  c.strokeStyle = inks.error;
  c.strokeRect(left, top, width, height);
  c.fillStyle = inks.error;
  c.fillText(text, left + 8, top + height * 0.69);
  c.restore();
}

/** Draws where keys have put the cursor. */
export function drawCursor({ c, camera, size }: Sheet, at: Position): void {
  const [px, py] = toScreen(camera, size, at.x, at.y);
  for (const [width, ink] of [
    [4.5, inks.halo],
    [1.8, inks.ink],
  ] as const) {
    c.lineWidth = width;
    c.strokeStyle = ink;
    line(c, px - 12, py, px - 3, py);
    line(c, px + 3, py, px + 12, py);
    line(c, px, py - 12, px, py - 3);
    line(c, px, py + 3, px, py + 12);
  }
}
