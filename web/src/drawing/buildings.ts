import { endsOf, houseOf, pathOfDoor, storeySeen, wallsOf } from "../document/houses";
import { type Building, type Mission, ordered, type Position } from "../document/mission";
import { knownGround } from "../document/raster";
import { firstOf, sure } from "../document/sure";
import { toScreen } from "./camera";
import { faint, inks } from "./inks";
import type { Sheet } from "./sheet";

const TREAD = 4;

export type Line = [number, number][];

/** Draws buildings: their roofs, or the plan of the storey that is looked into. */
export function drawBuildings(
  sheet: Sheet,
  buildings: Mission["buildings"],
  terrain: Mission["setting"]["terrain"],
  marked: (id: string) => boolean,
): void {
  const ground = knownGround(terrain);
  for (const [id, building] of Object.entries(buildings)) {
    const house = houseOf(building, ground);
    if (house.line.length < 2) continue;
    const line = screened(sheet, house.line);
    const seen = storeySeen(house, sheet.peel ?? null);
    const selected = marked(id);
    if (seen < 0) footprint(sheet, line, selected);
    else if (seen >= house.storeys.length) roof(sheet, building, line, selected);
    else plan(sheet, building, ground, seen, selected);
  }
}

export function screened({ camera, size }: Sheet, points: Position[]): Line {
  return points.map(({ x, y }) => toScreen(camera, size, x, y));
}

function ringOf(line: Line): Path2D {
  const path = new Path2D();
  line.forEach(([x, y], i) => {
    if (i === 0) path.moveTo(x, y);
    else path.lineTo(x, y);
  });
  path.closePath();
  return path;
}

/** Where a building stands whose floors are all peeled off. */
function footprint({ c }: Sheet, line: Line, selected: boolean): void {
  c.save();
  c.setLineDash([5, 4]);
  c.lineWidth = selected ? 2.2 : 1.2;
  c.strokeStyle = selected ? inks.ink : inks.wall;
  c.stroke(ringOf(line));
  c.restore();
}

/** A roof from above, with its shadow: two slopes about a ridge, or a floor within a low wall. */
function roof({ c }: Sheet, building: Building, line: Line, selected: boolean): void {
  const ring = ringOf(line);
  c.save();
  c.lineJoin = "round";
  c.save();
  c.translate(5, 5);
  c.fillStyle = faint(inks.shadow, 0.3);
  c.fill(ring);
  c.restore();
  if (building.roof.make === "pitched") {
    c.fillStyle = inks.roof;
    c.fill(ring);
    slopes(c, ring, line);
  } else {
    c.fillStyle = inks.flatRoof;
    c.fill(ring);
    if (building.roof.parapet > 0) {
      c.save();
      c.clip(ring);
      c.lineWidth = 9;
      c.strokeStyle = inks.roofSeam;
      c.stroke(ring);
      c.restore();
    }
  }
  c.lineWidth = selected ? 2.8 : 1.6;
  c.strokeStyle = selected ? inks.ink : inks.wall;
  c.stroke(ring);
  c.restore();
}

/** Shades the slope away from the light and draws the ridge, along the longest side. */
function slopes(c: CanvasRenderingContext2D, ring: Path2D, line: Line): void {
  const sides = line.map(([x, y], i) => {
    const [nx, ny] = sure(line, (i + 1) % line.length);
    return { turn: Math.atan2(ny - y, nx - x), length: Math.hypot(nx - x, ny - y) };
  });
  const { turn } = sides.reduce((one, other) => (other.length > one.length ? other : one));
  const x = line.reduce((sum, [px]) => sum + px, 0) / line.length;
  const y = line.reduce((sum, [, py]) => sum + py, 0) / line.length;
  const reach = Math.max(...line.map(([px, py]) => Math.hypot(px - x, py - y)));
  c.save();
  c.clip(ring);
  c.translate(x, y);
  // The light comes from the north-west: the slope that looks to the south or east is dark.
  c.rotate(Math.cos(turn) - Math.sin(turn) > 0 ? turn : turn + Math.PI);
  c.fillStyle = faint(inks.roomEdge, 0.22);
  c.fillRect(-reach, 0, 2 * reach, reach);
  c.beginPath();
  for (let at = -reach; at <= reach; at += 6) {
    c.moveTo(at, -reach);
    c.lineTo(at, reach);
  }
  c.lineWidth = 0.6;
  c.strokeStyle = faint(inks.roomEdge, 0.28);
  c.stroke();
  c.beginPath();
  c.moveTo(-reach, 0);
  c.lineTo(reach, 0);
  c.lineWidth = 1.8;
  c.strokeStyle = inks.roomEdge;
  c.stroke();
  c.restore();
}

/** The plan of a storey: its floor, walls with their doors and windows, and stairs. */
function plan(
  sheet: Sheet,
  building: Building,
  ground: Parameters<typeof houseOf>[1],
  seen: number,
  selected: boolean,
): void {
  const { c, camera } = sheet;
  const house = houseOf(building, ground);
  const [storey] = sure(house.storeys, seen);
  const width = Math.max(3, building.thickness * camera.scale);
  c.save();
  c.lineCap = "butt";
  c.lineJoin = "miter";
  c.fillStyle = inks.room;
  c.fill(ringOf(screened(sheet, house.line)));
  for (const [, stairs] of ordered(building.stairs)) {
    const from = house.storeys.findIndex(([id]) => id === stairs.storey);
    if (from === seen || from === seen - 1) drawStairs(sheet, stairs, from === seen);
  }
  for (const { path } of wallsOf(building, house, storey)) {
    stroke(c, screened(sheet, path), width, selected ? inks.ink : inks.wall);
  }
  for (const [, door] of ordered(building.doors)) {
    const path = door.storey === storey ? pathOfDoor(building, house, door) : undefined;
    const ends = path && endsOf(path, door);
    if (ends) drawDoor(c, screened(sheet, ends), width);
  }
  for (const [, window] of ordered(building.windows)) {
    const outer = [...house.line, sure(house.line, 0)];
    const ends = window.storey === storey ? endsOf(outer, window) : undefined;
    if (!ends) continue;
    stroke(c, screened(sheet, ends), width - 1, inks.halo);
    stroke(c, screened(sheet, ends), 1.4, inks.tarn);
  }
  c.restore();
}

export function stroke(
  c: CanvasRenderingContext2D,
  line: Line,
  width: number,
  colour: string,
): void {
  c.beginPath();
  line.forEach(([x, y], i) => {
    if (i === 0) c.moveTo(x, y);
    else c.lineTo(x, y);
  });
  c.lineWidth = Math.max(1, width);
  c.strokeStyle = colour;
  c.stroke();
}

/** A doorway: a gap in the wall with its two jambs. */
function drawDoor(c: CanvasRenderingContext2D, ends: Line, width: number): void {
  stroke(c, ends, width + 1, inks.room);
  const [[ax, ay], [bx, by]] = firstOf(ends, 2);
  const length = Math.hypot(bx - ax, by - ay) || 1;
  const [nx, ny] = [
    (-(by - ay) / length) * (width / 2 + 2),
    ((bx - ax) / length) * (width / 2 + 2),
  ];
  c.beginPath();
  for (const [x, y] of ends) {
    c.moveTo(x - nx, y - ny);
    c.lineTo(x + nx, y + ny);
  }
  c.lineWidth = 1.6;
  c.strokeStyle = inks.ink;
  c.stroke();
}

/** Stairs as treads, with an arrow the way they rise; those that come from below are pale. */
function drawStairs(
  sheet: Sheet,
  stairs: { foot: Position; head: Position; width: number },
  up: boolean,
): void {
  const { c, camera } = sheet;
  const [[fx, fy], [hx, hy]] = firstOf(screened(sheet, [stairs.foot, stairs.head]), 2);
  const length = Math.hypot(hx - fx, hy - fy);
  const half = Math.max(2, (stairs.width / 2) * camera.scale);
  c.save();
  c.translate(fx, fy);
  c.rotate(Math.atan2(hy - fy, hx - fx));
  c.globalAlpha = up ? 1 : 0.55;
  c.fillStyle = up ? inks.deck : inks.stairsDown;
  c.fillRect(0, -half, length, 2 * half);
  c.beginPath();
  c.rect(0, -half, length, 2 * half);
  for (let at = TREAD; at < length; at += TREAD) {
    c.moveTo(at, -half);
    c.lineTo(at, half);
  }
  c.lineWidth = 0.9;
  c.strokeStyle = inks.flint;
  c.stroke();
  c.beginPath();
  c.moveTo(2, 0);
  c.lineTo(length - 2, 0);
  c.moveTo(length - 7, -4);
  c.lineTo(length - 2, 0);
  c.lineTo(length - 7, 4);
  c.lineWidth = 1.5;
  c.strokeStyle = inks.ink;
  c.stroke();
  c.restore();
}
