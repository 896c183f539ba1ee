import { pathOf, stretches } from "../model/geometry";
import { type Mission, ordered, type Post, type Route, type SpawnPoint } from "../model/mission";
import { toScreen } from "./camera";
import type { Sheet } from "./draw";

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
  c.save();
  c.lineJoin = "round";
  for (const [width, colour] of [
    [selected ? 5.5 : 4.5, PAPER],
    [selected ? 2.4 : 1.5, selected ? INK : FLINT],
  ] as const) {
    c.beginPath();
    points.forEach(({ x, y }, i) => {
      if (i === 0) c.moveTo(x, y);
      else c.lineTo(x, y);
    });
    if (route.way === "loop") c.closePath();
    c.lineWidth = width;
    c.strokeStyle = colour;
    c.stroke();
  }
  for (const [a, b] of stretches(points, route.way === "loop")) {
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
  const { c } = sheet;
  at(sheet, post, () => {
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
  const { c } = sheet;
  at(sheet, point, () => {
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

function at(
  { c, camera, size }: Sheet,
  thing: { position: { x: number; y: number }; facing: number },
  draw: () => void,
): void {
  const [px, py] = toScreen(camera, size, thing.position.x, thing.position.y);
  c.save();
  c.lineJoin = "round";
  c.translate(px, py);
  c.rotate((thing.facing * Math.PI) / 180);
  draw();
  c.restore();
}

function ring(c: CanvasRenderingContext2D): void {
  c.beginPath();
  c.arc(0, 0, 16, 0, Math.PI * 2);
  c.lineWidth = 1.6;
  c.strokeStyle = INK;
  c.stroke();
}

/** Draws the routes, posts and spawn points of a mission. */
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
