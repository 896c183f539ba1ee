import { type Ground, heightAt } from "../document/raster";
import { sure } from "../document/sure";
import { type Plant, plantsOf } from "../map/growth";
import type { Colour, Eye, Face, Point } from "./picture";
import { DARK } from "./tints";

/** Plants are shown one by one this near, metres, trees farther off. */
const PLANTS = 80;
const TREES = 450;

/** The most plants that are shown. */
const MOST = 5000;

/** Plants near the eye, and trees farther off, as flat shapes that face it. */
export function plants(ground: Ground, eye: Eye): Face[] {
  const faces: Face[] = [];
  const reach = Math.ceil(TREES / ground.cell);
  const [column, row] = [Math.floor(eye.x / ground.cell), Math.floor(eye.y / ground.cell)];
  let many = 0;
  for (let r = Math.max(0, row - reach); r < Math.min(ground.rows, row + reach); r++) {
    for (let c = Math.max(0, column - reach); c < Math.min(ground.columns, column + reach); c++) {
      const cell = r * ground.columns + c;
      if (ground.growth[cell] === 0 || many > MOST) continue;
      const far = Math.hypot((c - column) * ground.cell, (r - row) * ground.cell);
      for (const plant of far < TREES ? plantsOf(ground, cell) : []) {
        if (far > PLANTS && plant.kind !== 3) break;
        if (Math.hypot(plant.x - eye.x, plant.y - eye.y) < 0.8) continue;
        drawn(faces, ground, plant, eye);
        many++;
      }
    }
  }
  return faces;
}

/** Draws one plant. */
function drawn(faces: Face[], ground: Ground, plant: Plant, eye: Eye): void {
  const base = heightAt(ground, plant.x, plant.y);
  const [dx, dy] = [plant.x - eye.x, plant.y - eye.y];
  const far = Math.hypot(dx, dy) || 1;
  const [rx, ry] = [dy / far, -dx / far];
  const point = (aside: number, up: number): Point => [
    plant.x + rx * aside,
    plant.y + ry * aside,
    base + up,
  ];
  const { height, spread } = plant;
  const tint = sure(PLANT_TINTS, plant.kind);
  const tone = 0.85 + 0.3 * (plant.size - 0.7);
  const colour = tint.map((it) => it * tone) as Colour;
  if (plant.kind === 3) {
    faces.push({
      points: [
        point(-0.2, 0),
        point(0.2, 0),
        point(0.15, height * 0.5),
        point(-0.15, height * 0.5),
      ],
      colour: DARK,
      soft: true,
    });
    faces.push({
      points: oval(point, spread / 2, height * 0.3, height),
      colour,
      soft: true,
    });
  } else if (plant.kind === 0) {
    for (const lean of [-0.2, 0.05, 0.25]) {
      faces.push({
        points: [point(lean - 0.04, 0), point(lean + 0.04, 0), point(lean * 1.6, height)],
        colour,
        soft: true,
      });
    }
  } else {
    faces.push({ points: oval(point, spread / 2, 0, height), colour, soft: true });
  }
}

const PLANT_TINTS: Colour[] = [
  [140, 146, 82],
  [88, 106, 50],
  [138, 104, 128],
  [86, 118, 70],
];

/** An upright oval of eight corners. */
function oval(
  point: (aside: number, up: number) => Point,
  half: number,
  low: number,
  high: number,
): Point[] {
  const middle = (low + high) / 2;
  return Array.from({ length: 8 }, (_, i) => {
    const turn = (Math.PI * (2 * i + 1)) / 8;
    return point(Math.sin(turn) * half, middle + (Math.cos(turn) * (high - low)) / 2);
  });
}
