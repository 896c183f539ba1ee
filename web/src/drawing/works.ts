import {
  type Deck,
  type Fixture,
  type FixtureLook,
  type Gate,
  type Mission,
  ordered,
  type Prop,
  type PropKind,
  type PropKindFigure,
  type Wall,
} from "../document/mission";
import { heightAt, knownGround } from "../document/raster";
import { stretches } from "../document/shapes";
import { middleOf } from "../document/surfaces";
import { drawBuildings, drawRoads } from "./buildings";
import { toScreen } from "./camera";
import { drawCrossings } from "./crossings";
import { drawDecks } from "./decks";
import { FLINT, INK, PAPER } from "./inks";
import { drawCargo, drawCraft, drawItem } from "./pins";
import type { Sheet } from "./sheet";
import { drawSpeck, putFacing, SPECKS } from "./sprites";
import { SIDE_COLOURS } from "./stones";

/** Draws a wall as thick as it is. */
export function drawWall(sheet: Sheet, wall: Wall, selected: boolean): void {
  const { c, camera, size } = sheet;
  const points = ordered(wall.corners).map(([, { position }]) =>
    toScreen(camera, size, position.x, position.y),
  );
  const width = Math.max(3, wall.thickness * camera.scale);
  c.save();
  c.lineJoin = "round";
  c.lineCap = "round";
  for (const [more, colour] of [
    [3, PAPER],
    [0, selected ? INK : FLINT],
    [-2, wall.stops.sight ? "#8d9299" : "#d9dcdf"],
  ] as const) {
    c.beginPath();
    points.forEach(([px, py], i) => {
      if (i === 0) c.moveTo(px, py);
      else c.lineTo(px, py);
    });
    c.lineWidth = Math.max(1, width + more);
    c.strokeStyle = colour;
    c.stroke();
  }
  drawSlits(sheet, wall, width);
  c.restore();
}

/** Draws the slits of a wall as gaps with a line through them. */
function drawSlits({ c, camera, size }: Sheet, wall: Wall, width: number): void {
  const path = ordered(wall.corners).map(([, { position }]) => position);
  c.lineCap = "butt";
  for (const slit of Object.values(wall.slits)) {
    let from = 0;
    for (const [a, b] of stretches(path, false)) {
      const length = Math.hypot(b.x - a.x, b.y - a.y);
      const [start, end] = [slit.along - slit.width / 2 - from, slit.along + slit.width / 2 - from];
      from += length;
      if (end <= 0 || start >= length) continue;
      const at = (metres: number) => {
        const share = Math.max(0, Math.min(1, metres / length));
        return toScreen(camera, size, a.x + (b.x - a.x) * share, a.y + (b.y - a.y) * share);
      };
      for (const [line, colour] of [
        [Math.max(width + 1, 4), "#fcfaf3"],
        [1.5, INK],
      ] as const) {
        c.beginPath();
        c.moveTo(...at(start));
        c.lineTo(...at(end));
        c.lineWidth = line;
        c.strokeStyle = colour;
        c.stroke();
      }
    }
  }
}

/** Draws a gate between its two posts: its leaf across, half across, or swung aside. */
export function drawGate(
  sheet: Sheet,
  gate: Gate,
  stands: Gate["stands"],
  selected: boolean,
): void {
  const { c, camera, size } = sheet;
  const [ax, ay] = toScreen(camera, size, gate.from.x, gate.from.y);
  const [bx, by] = toScreen(camera, size, gate.to.x, gate.to.y);
  const open = { open: 1, half: 0.5, closed: 0 }[stands];
  const width = Math.max(3, 0.3 * camera.scale);
  c.save();
  c.lineCap = "butt";
  for (const [w, colour] of [
    [width + 3, PAPER],
    [width, selected ? INK : "#6d4a1e"],
  ] as const) {
    c.lineWidth = w;
    c.strokeStyle = colour;
    c.beginPath();
    c.moveTo(ax + (bx - ax) * open, ay + (by - ay) * open);
    c.lineTo(bx, by);
    c.moveTo(bx, by);
    c.lineTo(bx + (by - ay) * open * 0.9, by - (bx - ax) * open * 0.9);
    c.stroke();
  }
  for (const [x, y] of [
    [ax, ay],
    [bx, by],
  ]) {
    c.beginPath();
    c.rect(x - 3.5, y - 3.5, 7, 7);
    c.fillStyle = selected ? INK : FLINT;
    c.fill();
    c.lineWidth = 1.2;
    c.strokeStyle = "#fcfaf3";
    c.stroke();
  }
  c.restore();
}

/** Drawings of props within a unit square about the origin, as strokes over their ground. */
export const PROP_FIGURES: Record<PropKindFigure, string> = {
  cask: "M-0.3 0A0.3 0.3 0 1 1 0.3 0A0.3 0.3 0 1 1 -0.3 0",
  crate: "M-0.35 -0.35L0.35 0.35M0.35 -0.35L-0.35 0.35",
  pot: "M-0.3 -0.1L0.3 -0.1M-0.3 0.15L0.3 0.15M-0.1 -0.3L-0.1 0.3M0.15 -0.3L0.15 0.3",
  driftwood: "M-0.4 -0.15L0.4 -0.05M-0.35 0.15L0.3 0.2",
  hull: "M0 -0.42L0 0.42M-0.3 -0.15L0.3 -0.15M-0.3 0.15L0.3 0.15",
  boulder: "M-0.25 0.1L0 -0.2L0.25 0.05",
};

/** Draws a prop on the ground that it covers. */
export function drawProp(sheet: Sheet, prop: Prop, kind: PropKind | undefined, selected: boolean) {
  const { camera } = sheet;
  if (camera.scale < SPECKS) {
    drawSpeck(sheet, prop.position, selected ? INK : "#6d4a1e");
    return;
  }
  const shape = kind?.footprint;
  const least = 10 / camera.scale;
  const width = Math.max(least, shape?.type === "block" ? shape.width : 2 * (shape?.radius ?? 0.5));
  const depth = Math.max(least, shape?.type === "block" ? shape.depth : 2 * (shape?.radius ?? 0.5));
  const half = (Math.hypot(width, depth) / 2) * camera.scale + 4;
  const size = `${width.toFixed(2)}/${depth.toFixed(2)}/${camera.scale.toFixed(4)}`;
  const kindly = `${kind?.figure}/${shape?.type}/${kind?.stops.movement}`;
  const name = `prop/${kindly}/${size}/${prop.look}/${prop.tilt > 0 || prop.sunk > 0}/${selected}`;
  putFacing(sheet, prop, name, half, (c) => {
    c.scale(camera.scale, camera.scale);
    const body = new Path2D();
    if (shape?.type === "block") body.roundRect(-width / 2, -depth / 2, width, depth, least / 5);
    else body.ellipse(0, 0, width / 2, depth / 2, 0, 0, Math.PI * 2);
    c.lineWidth = 4 / camera.scale;
    c.strokeStyle = PAPER;
    c.stroke(body);
    c.fillStyle = kind?.stops.movement ? "#d8c7a6" : "#eee6d2";
    c.fill(body);
    c.lineWidth = (selected ? 2.4 : 1.4) / camera.scale;
    c.strokeStyle = selected ? INK : "#6d4a1e";
    c.stroke(body);
    if (!kind) return;
    const figure = new Path2D();
    figure.addPath(
      new Path2D(PROP_FIGURES[kind.figure]),
      new DOMMatrix([width, 0, 0, depth, 0, 0]),
    );
    c.lineWidth = 1.2 / camera.scale;
    c.stroke(figure);
    wear(c, prop, body, width, depth, camera.scale);
  });
}

/** Shows that a prop is weathered, broken or overgrown, and that it is sunk or tilted. */
function wear(
  c: CanvasRenderingContext2D,
  prop: Prop,
  body: Path2D,
  width: number,
  depth: number,
  scale: number,
): void {
  const [w, d] = [width / 2, depth / 2];
  if (prop.look === 1 || prop.look === 3) {
    c.fillStyle = prop.look === 1 ? "rgba(92,100,110,0.35)" : "rgba(78,107,46,0.45)";
    c.fill(body);
  }
  if (prop.look === 2) {
    c.lineWidth = 1.6 / scale;
    c.strokeStyle = "#fcfaf3";
    c.stroke(
      new Path2D(
        `M${-w} ${-d * 0.4}L${-w * 0.2} ${d * 0.1}L${w * 0.1} ${-d * 0.3}L${w} ${d * 0.5}`,
      ),
    );
  }
  if (prop.tilt > 0 || prop.sunk > 0) {
    c.save();
    c.clip(body);
    c.fillStyle = "rgba(34,38,43,0.28)";
    c.fillRect(-w, 0, 2 * w, d);
    c.restore();
  }
}

/** How high a deck lies above the ground in its middle, metres; 0 where the ground is not known. */
function above(mission: Mission, deck: Deck): number {
  const { x, y } = middleOf(deck);
  const ground = knownGround(mission.setting.terrain);
  return ground ? Math.max(0, deck.top - heightAt(ground, x, y)) : 0;
}

/** Drawings of fixtures about the origin, within 7 units, as strokes. */
export const FIXTURE_SIGNS: Record<FixtureLook, string> = {
  lever: "M-5 5L5 5M0 5L4 -5M2.6 -5A1.5 1.5 0 1 1 5.4 -5A1.5 1.5 0 1 1 2.6 -5",
  bell: "M-5 4L5 4L3.5 2L3.5 -2Q3.5 -5.5 0 -5.5Q-3.5 -5.5 -3.5 -2L-3.5 2ZM-1.2 4.6Q0 6.6 1.2 4.6",
  lamp: "M-3 5.5L3 5.5M-2.5 -3L2.5 -3L3 4L-3 4ZM-1.5 -3Q-1.5 -6 0 -6Q1.5 -6 1.5 -3M0 -1L0 2",
  chest: "M-5 -1L5 -1L5 5L-5 5ZM-5 -1Q-5 -5 0 -5Q5 -5 5 -1M-1 1L1 1",
};

/** Draws a fixture as a square plate with its sign. */
export function drawFixture(sheet: Sheet, fixture: Fixture, selected: boolean): void {
  const { c, camera, size } = sheet;
  const [px, py] = toScreen(camera, size, fixture.position.x, fixture.position.y);
  c.save();
  c.translate(px, py);
  c.save();
  c.rotate((fixture.facing * Math.PI) / 180);
  c.beginPath();
  c.moveTo(-4.5, -13);
  c.lineTo(0, -20);
  c.lineTo(4.5, -13);
  c.closePath();
  c.lineWidth = 3;
  c.strokeStyle = PAPER;
  c.stroke();
  c.fillStyle = FLINT;
  c.fill();
  c.restore();
  c.beginPath();
  c.roundRect(-10, -10, 20, 20, 3);
  c.fillStyle = "#fcfaf3";
  c.fill();
  c.lineWidth = selected ? 2.6 : 1.4;
  c.strokeStyle = selected ? INK : FLINT;
  c.stroke();
  c.lineWidth = 1.6;
  c.lineJoin = "round";
  c.lineCap = "round";
  c.strokeStyle = INK;
  c.stroke(new Path2D(FIXTURE_SIGNS[fixture.look]));
  c.restore();
}

/**
 * Draws what stands and lies on the ground of a mission: roads, buildings, decks, props, items
 * unless they lie otherwise by now, walls, gates as they stand, crossings, fixtures.
 *
 * @param peel the height up to which floors are looked at, metres; nothing for the roofs
 */
export function drawWorks(
  sheet: Sheet,
  mission: Mission,
  marked: (name: string) => boolean,
  stands: (id: string) => Gate["stands"] = (id) => mission.gates[id].stands,
  lying = true,
  peel: number | null = null,
): void {
  drawRoads(sheet, mission, marked);
  drawBuildings(sheet, mission, marked, peel);
  drawDecks(sheet, mission, marked, (deck) => above(mission, deck));
  for (const [id, cargo] of Object.entries(mission.cargo)) {
    drawCargo(sheet, cargo, marked(`cargo/${id}`));
  }
  for (const [id, craft] of Object.entries(mission.craft)) {
    const side = mission.sides[craft.side.id];
    drawCraft(sheet, craft, side ? SIDE_COLOURS[side.colour] : FLINT, marked(`craft/${id}`));
  }
  for (const [id, prop] of Object.entries(mission.props)) {
    drawProp(sheet, prop, mission.propKinds[prop.kind.id], marked(`props/${id}`));
  }
  for (const [id, { position, kind, count }] of lying ? Object.entries(mission.items) : []) {
    const { figure } = mission.itemKinds[kind.id] ?? {};
    drawItem(sheet, position, figure, count, marked(`items/${id}`));
  }
  for (const [id, wall] of Object.entries(mission.walls)) {
    drawWall(sheet, wall, marked(`walls/${id}`));
  }
  for (const [id, gate] of Object.entries(mission.gates)) {
    drawGate(sheet, gate, stands(id), marked(`gates/${id}`));
  }
  drawCrossings(sheet, mission, marked);
  for (const [id, fixture] of Object.entries(mission.fixtures)) {
    drawFixture(sheet, fixture, marked(`fixtures/${id}`));
  }
}
