import { DENSEST, type Ground, growthOf } from "../document/raster";
import { sure } from "../document/sure";
import { toScreen } from "../drawing/camera";
import { faint, type Ink, inks, onInks, rgbOf } from "../drawing/inks";
import { pixels } from "../drawing/pixels";
import type { Sheet } from "../drawing/sheet";
import { putSprite } from "../drawing/sprites";

/** What grows, as it is printed: its tint, and how it stands. */
const LOOKS: { ink: Ink; height: number; spread: number; each: number }[] = [
  { ink: "reeds", height: 2.2, spread: 0.5, each: 3 },
  { ink: "gorse", height: 1.5, spread: 1.1, each: 5 },
  { ink: "heath", height: 0.5, spread: 0.6, each: 3 },
  { ink: "trees", height: 8, spread: 4.2, each: 42 },
];

/** How much of the ground the densest growth covers with its tint, 0 to 1. */
const COVER = 0.6;

/** Plants are drawn one by one where a metre is at least this many pixels. */
const EACH = 3;

/** A kind of growth and how dense it is. */
interface Grows {
  kind: number;
  density: number;
}

/** How much of the ground growth covers with its tint, 0 to 1. */
export function growthCover({ density }: Pick<Grows, "density">): number {
  return (COVER * density) / DENSEST;
}

/** The tint of a kind of growth: red, green and blue, 0 to 255. */
export function growthTint({ kind }: Pick<Grows, "kind">): [number, number, number] {
  return rgbOf(inks[sure(LOOKS, kind).ink]);
}

let printed = new WeakMap<Ground, HTMLCanvasElement | null>();
onInks(() => {
  printed = new WeakMap();
});

/** The tint of all that grows, a pixel a cell, north at the top; null where nothing does. */
export function printGrowth(ground: Ground): HTMLCanvasElement | null {
  let picture = printed.get(ground);
  if (picture === undefined) {
    picture = ground.growth.some((code) => code > 0) ? print(ground) : null;
    printed.set(ground, picture);
  }
  return picture;
}

function print({ columns, rows, growth }: Ground): HTMLCanvasElement {
  return pixels(columns, rows, (data) => {
    growth.forEach((code, cell) => {
      const grows = growthOf(code);
      if (!grows) return;
      const row = rows - 1 - Math.floor(cell / columns);
      data.set(
        [...growthTint(grows), growthCover(grows) * 255],
        (row * columns + (cell % columns)) * 4,
      );
    });
  });
}

/** A plant: where it stands, what it is, and how large beside others of its kind. */
export interface Plant {
  x: number;
  y: number;
  kind: number;
  size: number;
  height: number;
  spread: number;
}

/** A number from 0 to 1 for a cell and an ordinal, the same each time. */
function roll(cell: number, ordinal: number): number {
  let h = Math.imul(cell + 1, 374761393) + Math.imul(ordinal + 1, 668265263);
  h = Math.imul(h ^ (h >>> 13), 1274126177);
  return ((h ^ (h >>> 16)) >>> 0) / 4294967296;
}

/** The plants of a cell: as many as its density asks for, always at the same places. */
export function plantsOf(ground: Ground, cell: number): Plant[] {
  const grows = growthOf(sure(ground.growth, cell));
  if (!grows) return [];
  const look = sure(LOOKS, grows.kind);
  const area = ground.cell * ground.cell;
  const wanted = (area * grows.density) / DENSEST / look.each;
  const many = Math.floor(wanted) + (roll(cell, 0) < wanted % 1 ? 1 : 0);
  const west = (cell % ground.columns) * ground.cell;
  const south = Math.floor(cell / ground.columns) * ground.cell;
  const plants: Plant[] = [];
  for (let i = 0; i < many; i++) {
    const size = 0.7 + 0.6 * roll(cell, 3 * i + 3);
    plants.push({
      x: west + roll(cell, 3 * i + 1) * ground.cell,
      y: south + roll(cell, 3 * i + 2) * ground.cell,
      kind: grows.kind,
      size,
      height: look.height * size,
      spread: look.spread * size,
    });
  }
  return plants;
}

/** Draws the plants in view one by one, once they are large enough to be told apart. */
export function drawPlants(sheet: Sheet, ground: Ground): void {
  const { c, camera, size } = sheet;
  if (camera.scale < EACH) return;
  const half = { x: size.width / 2 / camera.scale, y: size.height / 2 / camera.scale };
  const within = (value: number, most: number) => Math.max(0, Math.min(most, value));
  const west = within(Math.floor((camera.x - half.x) / ground.cell), ground.columns);
  const east = within(Math.ceil((camera.x + half.x) / ground.cell), ground.columns);
  const south = within(Math.floor((camera.y - half.y) / ground.cell), ground.rows);
  const north = within(Math.ceil((camera.y + half.y) / ground.cell), ground.rows);
  for (let row = north - 1; row >= south; row--) {
    for (let column = west; column < east; column++) {
      const cell = row * ground.columns + column;
      if (ground.growth[cell] === 0) continue;
      for (const plant of plantsOf(ground, cell)) drawPlant(c, sheet, plant);
    }
  }
}

function drawPlant(c: CanvasRenderingContext2D, { camera, size }: Sheet, plant: Plant): void {
  const [px, py] = toScreen(camera, size, plant.x, plant.y);
  const step = Math.round(plant.size * 5) / 5;
  const r = Math.max(1.5, (sure(LOOKS, plant.kind).spread * step * camera.scale) / 2);
  const name = `plant/${plant.kind}/${r.toFixed(1)}`;
  putSprite(c, name, px, py, r + 4, (own) => sure(DRAWN, plant.kind)(own, r));
}

type Draws = (c: CanvasRenderingContext2D, r: number) => void;

const DRAWN: Draws[] = [
  (c, r) => {
    c.beginPath();
    for (const [from, to] of [
      [-0.5, -0.9],
      [0, 0],
      [0.5, 0.9],
    ] as const) {
      c.moveTo(from * r, r);
      c.lineTo(to * r, -r);
    }
    c.lineWidth = 1.1;
    c.strokeStyle = inks.reedStem;
    c.stroke();
  },
  (c, r) => {
    c.beginPath();
    c.arc(-r * 0.35, 0, r * 0.65, 0, Math.PI * 2);
    c.arc(r * 0.35, r * 0.1, r * 0.6, 0, Math.PI * 2);
    c.fillStyle = inks.gorseLeaf;
    c.fill();
    c.fillStyle = inks.lichen;
    for (const [x, y] of [
      [-0.4, -0.2],
      [0.3, 0.2],
      [0.1, -0.3],
    ] as const) {
      c.fillRect(x * r - 0.7, y * r - 0.7, 1.4, 1.4);
    }
  },
  (c, r) => {
    c.fillStyle = inks.heatherBell;
    for (const [x, y] of [
      [-0.6, 0.3],
      [0, -0.5],
      [0.6, 0.4],
    ] as const) {
      c.beginPath();
      c.arc(x * r, y * r, Math.max(0.7, r * 0.3), 0, Math.PI * 2);
      c.fill();
    }
  },
  (c, r) => {
    c.beginPath();
    c.arc(r * 0.12, r * 0.12, r, 0, Math.PI * 2);
    c.fillStyle = faint(inks.shadow, 0.25);
    c.fill();
    c.beginPath();
    c.arc(0, 0, r, 0, Math.PI * 2);
    c.fillStyle = inks.crown;
    c.fill();
    c.lineWidth = 1;
    c.strokeStyle = inks.crownEdge;
    c.stroke();
    c.beginPath();
    c.arc(-r * 0.25, -r * 0.25, r * 0.45, 0, Math.PI * 2);
    c.fillStyle = inks.crownLight;
    c.fill();
  },
];
