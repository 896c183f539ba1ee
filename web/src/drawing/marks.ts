import { joinsOf } from "../document/corners";
import {
  type Marker,
  type Mission,
  ordered,
  type Post,
  type Route,
  type SpawnPoint,
} from "../document/mission";
import { pathOf, stretches } from "../document/shapes";
import { toScreen } from "./camera";
import { FLINT, INK, PAPER } from "./inks";
import { drawNote, drawPlaceName, drawView } from "./pins";
import type { Sheet } from "./sheet";
import { drawSpeck, putFacing, ring, SPECKS } from "./sprites";

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
  putFacing(sheet, post, `post/${selected}`, 18, (c) => {
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
  putFacing(sheet, point, `spawn/${selected}`, 18, (c) => {
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
