import { boxCorners } from "../model/geometry";
import { type Mission, ordered, type Zone, type ZoneShape } from "../model/mission";
import { measured, shownUnit, toKept } from "../model/units";
import { type Box, type Camera, type Size, toScreen } from "./camera";
import type { Ground } from "./ground";
import { drawPlants, printGrowth } from "./growth";
import { hillLines } from "./hills";
import { FONT, inked, type Labels } from "./labels";
import { printLand } from "./land";
import { printSea } from "./sea";
import { putSprite } from "./sprites";
import type { InkedLine } from "./trace";

/** A canvas with the camera and the size it is drawn for. */
export interface Sheet {
  c: CanvasRenderingContext2D;
  camera: Camera;
  size: Size;
  /** What of it is in view, where it reaches farther; names are written there first. */
  inner?: Box;
  /** The height up to which floors of buildings are looked at, metres; without, their roofs. */
  peel?: number | null;
}

/** Whether something about a pixel can be seen. */
export function inView({ size }: Sheet, px: number, py: number, reach: number): boolean {
  return (
    px + reach >= 0 && py + reach >= 0 && px - reach <= size.width && py - reach <= size.height
  );
}

/** Draws the printed ground: land, water over it, and the lines of both. */
export function drawGround({ c, camera, size }: Sheet, ground: Ground, water: number): void {
  const land = printLand(ground);
  const sea = printSea(ground, water);
  const width = ground.columns * ground.cell;
  const height = ground.rows * ground.cell;
  c.save();
  const [x, y] = toScreen(camera, size, 0, 0);
  c.translate(x, y);
  c.scale(camera.scale, -camera.scale);
  c.beginPath();
  c.rect(0, 0, width, height);
  c.clip();
  c.fillStyle = land.base;
  c.fill();
  for (const { path, tint } of land.areas) {
    c.fillStyle = tint;
    c.fill(path);
  }
  const grown = printGrowth(ground);
  if (grown) drawPicture(c, grown, width, height);
  drawPicture(c, land.shade, width, height);
  for (const line of [...hillLines(ground), land.rims]) drawLine(c, line, camera.scale);
  c.save();
  c.clip(sea.area, "evenodd");
  drawPicture(c, sea.picture, width, height);
  c.restore();
  for (const line of sea.lines) drawLine(c, line, camera.scale);
  c.lineWidth = 1.5 / camera.scale;
  c.strokeStyle = "#5c646e";
  c.strokeRect(0, 0, width, height);
  c.restore();
  if (grown) drawPlants({ c, camera, size }, ground);
}

/** Draws a picture whose north is at its top over the whole ground, in metres. */
function drawPicture(
  c: CanvasRenderingContext2D,
  picture: HTMLCanvasElement,
  width: number,
  height: number,
): void {
  c.save();
  c.scale(1, -1);
  c.imageSmoothingQuality = "medium";
  c.drawImage(picture, 0, -height, width, height);
  c.restore();
}

function drawLine(c: CanvasRenderingContext2D, line: InkedLine, scale: number): void {
  c.lineJoin = "round";
  c.lineWidth = line.width / scale;
  c.strokeStyle = line.ink;
  c.setLineDash((line.dash ?? []).map((dash) => dash / scale));
  c.stroke(line.path);
  c.setLineDash([]);
}

/** The outline of a zone on the screen. */
export interface ZoneOutline {
  rim: Path2D;
  /** The middle of its bounds and half of their larger side, in pixels. */
  px: number;
  py: number;
  r: number;
  /** How far from the middle its name is written: outside a circle, in the middle of others. */
  gap: number;
}

/** The outline of a zone as the camera sees it. */
export function zoneOutline({ camera, size }: Sheet, shape: ZoneShape): ZoneOutline {
  const rim = new Path2D();
  if (shape.type === "circle") {
    const [px, py] = toScreen(camera, size, shape.centre.x, shape.centre.y);
    const r = Math.max(3, shape.radius * camera.scale);
    rim.arc(px, py, r, 0, Math.PI * 2);
    return { rim, px, py, r, gap: r + 5 };
  }
  const ring =
    shape.type === "rectangle"
      ? boxCorners({ is: "box", ...shape })
      : ordered(shape.corners).map(([, { position }]) => position);
  const points = ring.map(({ x, y }) => toScreen(camera, size, x, y));
  points.forEach(([px, py], i) => {
    if (i === 0) rim.moveTo(px, py);
    else rim.lineTo(px, py);
  });
  rim.closePath();
  const [xs, ys] = [points.map(([px]) => px), points.map(([, py]) => py)];
  const [west, east] = [Math.min(...xs), Math.max(...xs)];
  const [top, bottom] = [Math.min(...ys), Math.max(...ys)];
  const r = Math.max(east - west, bottom - top) / 2;
  return { rim, px: (west + east) / 2, py: (top + bottom) / 2, r, gap: 5 };
}

/** Round zones that reach no farther are small pictures, pixels. */
const SMALL = 32;

/** Draws a zone: its rim in its hue, and a faint hatch that lets what lies inside be seen. */
export function drawZone(sheet: Sheet, zone: Zone, selected: boolean): void {
  const { c, size } = sheet;
  const { rim, px, py, r } = zoneOutline(sheet, zone.shape);
  if (px + r < 0 || py + r < 0 || px - r > size.width || py - r > size.height) return;
  if (zone.shape.type === "circle" && r <= SMALL) {
    const radius = Math.round(r * 2) / 2;
    const name = `zone/${zone.hue}/${zone.hatch}/${radius}/${selected}`;
    putSprite(c, name, px, py, radius + 3, (own) => {
      const circle = new Path2D();
      circle.arc(0, 0, radius, 0, Math.PI * 2);
      inkZone(own, zone, { rim: circle, px: 0, py: 0, r: radius }, selected);
    });
    return;
  }
  c.save();
  inkZone(c, zone, { rim, px, py, r }, selected);
  c.restore();
}

function inkZone(
  c: CanvasRenderingContext2D,
  zone: Zone,
  { rim, px, py, r }: Omit<ZoneOutline, "gap">,
  selected: boolean,
): void {
  c.lineJoin = "round";
  c.fillStyle = `hsl(${zone.hue} 55% 45% / 0.1)`;
  c.fill(rim);
  const hatched = r > GAP ? hatch(c, zone, px, py) : null;
  if (hatched) {
    c.fillStyle = hatched;
    c.fill(rim);
  }
  c.lineWidth = selected ? 4 : 3;
  c.strokeStyle = "rgba(252,250,243,0.8)";
  c.stroke(rim);
  c.lineWidth = selected ? 2.4 : 1.6;
  c.strokeStyle = selected ? "#22262b" : `hsl(${zone.hue} 55% 30%)`;
  c.stroke(rim);
}

/** Pixels between two lines of a hatch. */
const GAP = 9;

const hatches = new Map<string, HTMLCanvasElement>();

/** The hatch of a zone as a pattern that stays with its middle. */
function hatch(
  c: CanvasRenderingContext2D,
  { hue, hatch: kind }: Zone,
  px: number,
  py: number,
): CanvasPattern | null {
  const ratio = window.devicePixelRatio || 1;
  const name = `${hue}/${kind}@${ratio}`;
  let square = hatches.get(name);
  if (!square) {
    square = hatchSquare(hue, kind, ratio);
    hatches.set(name, square);
  }
  const pattern = c.createPattern(square, "repeat");
  pattern?.setTransform(new DOMMatrix().translate(px, py).scale(1 / ratio));
  return pattern;
}

/** One square of a hatch, which fits itself on all sides. */
function hatchSquare(hue: number, kind: Zone["hatch"], ratio: number): HTMLCanvasElement {
  const canvas = document.createElement("canvas");
  canvas.width = GAP * ratio;
  canvas.height = GAP * ratio;
  const c = canvas.getContext("2d");
  if (!c) return canvas;
  c.scale(ratio, ratio);
  c.strokeStyle = `hsl(${hue} 55% 30% / 0.45)`;
  c.lineWidth = kind === "dotted" ? 1.8 : 1;
  c.lineCap = kind === "dotted" ? "round" : "square";
  if (kind === "dotted") c.setLineDash([0.1, (GAP * Math.SQRT2) / 2]);
  for (const shift of [-GAP, 0, GAP]) {
    if (kind !== "falling") line(c, shift, GAP, shift + GAP, 0);
    if (kind === "falling" || kind === "crossed") line(c, shift, 0, shift + GAP, GAP);
  }
  return canvas;
}

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
  c.strokeStyle = "rgba(252,250,243,0.75)";
  c.stroke();
  c.setLineDash([6, 4]);
  c.lineWidth = 1.5;
  c.strokeStyle = "#22262b";
  c.stroke();
  c.restore();
  const lx = (ax + 2 * mx + bx) / 4;
  const ly = (ay + 2 * my + by) / 4;
  if (word && Math.hypot(bx - ax, by - ay) > 70) labels.draw(c, word, lx, ly, 4);
}

const STEPS = [1, 2, 5, 10, 20, 50, 100, 200, 500, 1000, 2000, 5000];

/** The printed margin: metre ticks, scale bar, north, wind and title block. */
export function drawMargin(sheet: Sheet, mission: Mission, margin: number): void {
  const { c, size } = sheet;
  c.save();
  c.fillStyle = "#fcfaf3";
  c.fillRect(0, 0, size.width, margin);
  c.fillRect(0, 0, margin, size.height);
  c.fillRect(size.width - 8, 0, 8, size.height);
  c.fillRect(0, size.height - 8, size.width, 8);
  c.strokeStyle = "#22262b";
  c.lineWidth = 1.4;
  c.strokeRect(margin, margin, size.width - margin - 8, size.height - margin - 8);
  ticks(sheet, mission, margin);
  scaleBar(sheet, margin);
  plate(c, size.width - 114, margin + 8, 100, 66);
  north(c, size.width - 34, margin + 40);
  wind(c, size.width - 78, margin + 34, mission.setting.wind);
  c.restore();
}

function ticks({ c, camera, size }: Sheet, mission: Mission, margin: number): void {
  const one = toKept(1, "m");
  const unit = shownUnit("m");
  const step = STEPS.find((it) => it * one * camera.scale >= 64) ?? 5000;
  const { columns, rows, cell } = mission.setting.terrain;
  c.font = `12px ${FONT}`;
  c.fillStyle = "#3a4048";
  c.lineWidth = 1;
  c.textAlign = "center";
  for (let x = 0; x * one <= columns * cell; x += step) {
    const [px] = toScreen(camera, size, x * one, 0);
    if (px < margin + 14 || px > size.width - 24) continue;
    line(c, px, margin - 5, px, margin);
    c.fillText(`${x} ${unit}`, px, margin - 8);
  }
  for (let y = 0; y * one <= rows * cell; y += step) {
    const [, py] = toScreen(camera, size, 0, y * one);
    if (py < margin + 14 || py > size.height - 24) continue;
    line(c, margin - 5, py, margin, py);
    c.save();
    c.translate(margin - 8, py);
    c.rotate(-Math.PI / 2);
    c.fillText(`${y} ${unit}`, 0, 0);
    c.restore();
  }
  c.textAlign = "left";
}

function line(c: CanvasRenderingContext2D, x: number, y: number, toX: number, toY: number): void {
  c.beginPath();
  c.moveTo(x, y);
  c.lineTo(toX, toY);
  c.stroke();
}

/** The paper that what explains the map is printed on, so that names beneath do not run into it. */
function plate(c: CanvasRenderingContext2D, x: number, y: number, width: number, height: number) {
  c.fillStyle = "rgba(252,250,243,0.88)";
  c.fillRect(x, y, width, height);
}

function scaleBar({ c, camera, size }: Sheet, margin: number): void {
  const one = toKept(1, "m") * camera.scale;
  const length = STEPS.findLast((it) => it * one <= 110) ?? 1;
  const px = length * one;
  const x = margin + 16;
  const y = size.height - 30;
  plate(c, x - 8, y - 20, px + 50, 32);
  for (let i = 0; i < 4; i++) {
    c.fillStyle = i % 2 === 0 ? "#22262b" : "#fcfaf3";
    c.fillRect(x + (px / 4) * i, y, px / 4, 5);
  }
  c.strokeStyle = "#22262b";
  c.lineWidth = 1;
  c.strokeRect(x, y, px, 5);
  c.fillStyle = "#22262b";
  c.font = `12px ${FONT}`;
  c.fillText("0", x - 2, y - 5);
  c.fillText(`${length} ${shownUnit("m")}`, x + px - 8, y - 5);
}

function north(c: CanvasRenderingContext2D, x: number, y: number): void {
  c.save();
  c.translate(x, y);
  c.beginPath();
  c.moveTo(0, -24);
  c.lineTo(5, 2);
  c.lineTo(0, -3);
  c.lineTo(-5, 2);
  c.closePath();
  c.fillStyle = "#22262b";
  c.strokeStyle = "rgba(252,250,243,0.9)";
  c.lineWidth = 3;
  c.stroke();
  c.fill();
  c.font = `700 13px ${FONT}`;
  c.textAlign = "center";
  inked(c, "N", 0, 18);
  c.restore();
}

const COMPASS = ["N", "NE", "E", "SE", "S", "SW", "W", "NW"];

/** The name of a bearing on the eight-point compass. */
export function compass(bearing: number): string {
  return COMPASS[Math.round((((bearing % 360) + 360) % 360) / 45) % 8];
}

/** A vane with one barb for each 4 m/s, its tail to where the wind comes from. */
function wind(
  c: CanvasRenderingContext2D,
  x: number,
  y: number,
  { speed, from }: { speed: number; from: number },
): void {
  c.save();
  c.translate(x, y);
  c.save();
  c.rotate((from * Math.PI) / 180);
  for (const [width, colour] of [
    [4, "rgba(252,250,243,0.9)"],
    [1.8, "#22262b"],
  ] as const) {
    c.lineWidth = width;
    c.strokeStyle = colour;
    line(c, 0, 14, 0, -14);
    for (let barb = 0; barb < Math.min(5, Math.round(speed / 4)); barb++) {
      line(c, 0, -14 + barb * 5, 8, -18 + barb * 5);
    }
  }
  c.restore();
  c.font = `600 12px ${FONT}`;
  c.textAlign = "center";
  inked(c, `${compass(from)} ${measured(speed, "m/s", 0)}`, 0, 32);
  c.restore();
}
