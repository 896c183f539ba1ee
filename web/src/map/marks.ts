import { joinsOf, pathOf, stretches } from "../model/geometry";
import {
  type Fixture,
  type FixtureLook,
  type Gate,
  type Marker,
  type Mission,
  ordered,
  type Post,
  type Prop,
  type PropKind,
  type PropKindFigure,
  type Route,
  type SpawnPoint,
  type Wall,
} from "../model/mission";
import { toScreen } from "./camera";
import { drawDecks } from "./decks";
import type { Sheet } from "./draw";
import { drawCargo, drawCraft, drawNote, drawPlaceName, drawView } from "./pins";
import { bearingStep, putSprite } from "./sprites";
import { SIDE_COLOURS } from "./stones";

const INK = "#22262b";
const PAPER = "rgba(252,250,243,0.92)";
const FLINT = "#3a4048";

/** Draws a route: a thin line with chevrons the way it goes, and a bead at each waypoint. */
export function drawRoute(sheet: Sheet, route: Route, selected: boolean): void {
  const { c, camera, size } = sheet;
  const points = ordered(route.waypoints).map(([, { position, waits }]) => {
    const [px, py] = toScreen(camera, size, position.x, position.y);
    return { x: px, y: py, waits };
  });
  const joins = joinsOf(route);
  const legs = joins
    ? joins.map(([a, b]) => [points[a], points[b]] as const)
    : stretches(points, route.way === "loop");
  c.save();
  c.lineCap = "round";
  for (const [width, colour] of [
    [selected ? 5.5 : 4.5, PAPER],
    [selected ? 2.4 : 1.5, selected ? INK : FLINT],
  ] as const) {
    c.beginPath();
    for (const [a, b] of legs) {
      c.moveTo(a.x, a.y);
      c.lineTo(b.x, b.y);
    }
    c.lineWidth = width;
    c.strokeStyle = colour;
    c.stroke();
  }
  for (const [a, b] of legs) {
    chevron(c, a.x, a.y, b.x, b.y);
    if (route.way === "thereAndBack") chevron(c, b.x, b.y, a.x, a.y);
  }
  points.forEach(({ x, y, waits }, i) => {
    bead(c, x, y, waits.type !== "goesOn", selected ? String(i + 1) : "");
  });
  c.restore();
}

function chevron(c: CanvasRenderingContext2D, ax: number, ay: number, bx: number, by: number) {
  if (Math.hypot(bx - ax, by - ay) < 46) return;
  c.save();
  c.translate(ax + (bx - ax) * 0.32, ay + (by - ay) * 0.32);
  c.rotate(Math.atan2(by - ay, bx - ax));
  c.beginPath();
  c.moveTo(-4, -5);
  c.lineTo(4, 0);
  c.lineTo(-4, 5);
  c.lineWidth = 1.8;
  c.strokeStyle = FLINT;
  c.stroke();
  c.restore();
}

/** A waypoint; filled where one waits. */
function bead(c: CanvasRenderingContext2D, x: number, y: number, waits: boolean, number: string) {
  c.beginPath();
  c.arc(x, y, number ? 8 : 4, 0, Math.PI * 2);
  c.fillStyle = waits ? FLINT : "#fcfaf3";
  c.fill();
  c.lineWidth = 1.5;
  c.strokeStyle = FLINT;
  c.stroke();
  if (!number) return;
  c.font = '600 12px "Source Sans 3 Variable", sans-serif';
  c.textAlign = "center";
  c.fillStyle = waits ? "#fcfaf3" : INK;
  c.fillText(number, x, y + 4);
  c.textAlign = "left";
}

/** Draws a post: a stake, open to the side it watches. */
export function drawPost(sheet: Sheet, post: Post, selected: boolean): void {
  if (sheet.camera.scale < SPECKS) {
    drawSpeck(sheet, post.position, selected ? INK : FLINT);
    return;
  }
  at(sheet, post, `post/${selected}`, 18, (c) => {
    for (const [width, colour] of [
      [5, PAPER],
      [selected ? 2.8 : 2, INK],
    ] as const) {
      c.beginPath();
      c.moveTo(-8, -4);
      c.lineTo(-8, 7);
      c.lineTo(8, 7);
      c.lineTo(8, -4);
      c.moveTo(0, 7);
      c.lineTo(0, -1);
      c.lineWidth = width;
      c.strokeStyle = colour;
      c.stroke();
    }
    if (selected) ring(c);
  });
}

/** Draws a spawn point: an arrow that comes in through a dotted ring. */
export function drawSpawnPoint(sheet: Sheet, point: SpawnPoint, selected: boolean): void {
  at(sheet, point, `spawn/${selected}`, 18, (c) => {
    c.beginPath();
    c.arc(0, 0, 10, 0, Math.PI * 2);
    c.fillStyle = PAPER;
    c.fill();
    c.setLineDash([3, 3]);
    c.lineWidth = selected ? 2.4 : 1.6;
    c.strokeStyle = INK;
    c.stroke();
    c.setLineDash([]);
    c.beginPath();
    c.moveTo(0, 9);
    c.lineTo(0, -5);
    c.moveTo(-4, -1);
    c.lineTo(0, -6);
    c.lineTo(4, -1);
    c.lineWidth = 2;
    c.stroke();
    if (selected) ring(c);
  });
}

/** Puts a small picture of a thing where it is, as it faces. */
function at(
  { c, camera, size }: Sheet,
  thing: { position: { x: number; y: number }; facing: number },
  name: string,
  half: number,
  draw: (c: CanvasRenderingContext2D) => void,
): void {
  const [px, py] = toScreen(camera, size, thing.position.x, thing.position.y);
  if (px + half < 0 || py + half < 0 || px - half > size.width || py - half > size.height) return;
  const facing = bearingStep(thing.facing);
  putSprite(c, `${name}/${facing}`, px, py, half, (own) => {
    own.lineJoin = "round";
    own.rotate((facing * Math.PI) / 180);
    draw(own);
  });
}

function ring(c: CanvasRenderingContext2D): void {
  c.beginPath();
  c.arc(0, 0, 16, 0, Math.PI * 2);
  c.lineWidth = 1.6;
  c.strokeStyle = INK;
  c.stroke();
}

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

/** Below this scale props and posts are specks, pixels a metre. */
const SPECKS = 0.3;

/** Draws something that is too small to be told from others at this scale. */
function drawSpeck({ c, camera, size }: Sheet, at: { x: number; y: number }, ink: string): void {
  const [px, py] = toScreen(camera, size, at.x, at.y);
  if (px < -3 || py < -3 || px > size.width + 3 || py > size.height + 3) return;
  c.fillStyle = PAPER;
  c.fillRect(px - 3, py - 3, 6, 6);
  c.fillStyle = ink;
  c.fillRect(px - 2, py - 2, 4, 4);
}

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
  at(sheet, prop, name, half, (c) => {
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

/** Draws what stands on the ground of a mission: props, walls, gates as they stand, fixtures. */
export function drawWorks(
  sheet: Sheet,
  mission: Mission,
  marked: (name: string) => boolean,
  stands: (id: string) => Gate["stands"] = (id) => mission.gates[id].stands,
): void {
  drawDecks(sheet, mission, marked);
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
  for (const [id, wall] of Object.entries(mission.walls)) {
    drawWall(sheet, wall, marked(`walls/${id}`));
  }
  for (const [id, gate] of Object.entries(mission.gates)) {
    drawGate(sheet, gate, stands(id), marked(`gates/${id}`));
  }
  for (const [id, fixture] of Object.entries(mission.fixtures)) {
    drawFixture(sheet, fixture, marked(`fixtures/${id}`));
  }
}

/** Draws a marker: a pennant on a pole. */
export function drawMarker(sheet: Sheet, marker: Marker, selected: boolean): void {
  const { c, camera, size } = sheet;
  const [px, py] = toScreen(camera, size, marker.position.x, marker.position.y);
  c.save();
  c.translate(px, py);
  c.lineJoin = "round";
  const pennant = new Path2D("M0 0L0 -20L13 -15.5L0 -11");
  c.lineWidth = 4.5;
  c.strokeStyle = PAPER;
  c.stroke(pennant);
  c.fillStyle = "#c9a83b";
  c.fill(pennant);
  c.lineWidth = selected ? 2.6 : 1.6;
  c.strokeStyle = INK;
  c.stroke(pennant);
  c.beginPath();
  c.arc(0, 0, 2.5, 0, Math.PI * 2);
  c.fillStyle = INK;
  c.fill();
  c.restore();
}

/** Draws the routes, posts, spawn points, markers and all that is pinned to the sheet. */
export function drawMarks(sheet: Sheet, mission: Mission, marked: (name: string) => boolean): void {
  for (const [id, route] of Object.entries(mission.routes)) {
    drawRoute(sheet, route, marked(`routes/${id}`));
  }
  for (const [id, post] of Object.entries(mission.posts)) {
    drawPost(sheet, post, marked(`posts/${id}`));
  }
  for (const [id, point] of Object.entries(mission.spawnPoints)) {
    drawSpawnPoint(sheet, point, marked(`spawnPoints/${id}`));
  }
  for (const [id, marker] of Object.entries(mission.markers)) {
    drawMarker(sheet, marker, marked(`markers/${id}`));
  }
  for (const [id, place] of Object.entries(mission.placeNames)) {
    drawPlaceName(sheet, place, marked(`placeNames/${id}`));
  }
  for (const [id, view] of Object.entries(mission.views)) {
    drawView(sheet, view, marked(`views/${id}`));
  }
  for (const [id, note] of Object.entries(mission.notes)) {
    drawNote(sheet, note, marked(`notes/${id}`));
  }
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
  c.strokeStyle = INK;
  c.stroke();
  c.setLineDash([]);
  for (const [px, py] of path.slice(0, points.length)) bead(c, px, py, false, "");
  c.restore();
}
