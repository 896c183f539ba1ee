import {
  type Mission,
  ordered,
  type Place,
  type Position,
  type Working,
  type Zone,
} from "../document/mission";
import { toScreen } from "../drawing/camera";
import { edgeOf, inks } from "../drawing/inks";
import { inView, line, type Sheet } from "../drawing/sheet";
import { type ZoneOutline, zoneOutline } from "../drawing/zones";

/** Below this many pixels from its middle to its rim, a zone's signs would hide it. */
const ROOM = 9;

/** Pixels between two arrows of a push. */
const APART = 26;

/** Signs of what has no place of its own, within 14 by 14 around their middle. */
const SIGNS: Partial<Record<Working["work"]["type"], string>> = {
  checkpoint: "M-4 7L-4 -6L5 -3L-4 0",
  slows: "M-6 -2Q-3 -5 0 -2T6 -2M-6 3Q-3 0 0 3T6 3",
  clearsAway: "M-5 -5L5 5M-5 5L5 -5",
  bringsForth: "M-5 0A5 5 0 1 0 5 0A5 5 0 1 0 -5 0M-2.5 0L2.5 0M0 -2.5L0 2.5",
  shows: "M-7 0Q0 -7 7 0Q0 7 -7 0M-1.5 0A1.5 1.5 0 1 0 1.5 0A1.5 1.5 0 1 0 -1.5 0",
};

/** Whether a zone does something to people, and not to loose things alone. */
export function toPeople(work: Working["work"]): boolean {
  if (work.type === "bringsForth") return false;
  return !("what" in work) || work.what !== "things";
}

/** Draws what a zone does: rings of harm, arrows of pushes and transfers, teeth of a boundary. */
export function drawWorkings(sheet: Sheet, zone: Zone, selected: boolean, mission: Mission): void {
  const some = ordered(zone.does);
  if (some.length === 0) return;
  const outline = zoneOutline(sheet, zone.shape);
  const { c } = sheet;
  c.save();
  c.lineCap = "round";
  c.lineJoin = "round";
  c.strokeStyle = selected ? inks.ink : edgeOf(zone.hue);
  c.lineWidth = 1.4;
  for (const [, { work }] of some) {
    if (work.type === "transfers") transfer(sheet, outline, work, mission);
  }
  if (outline.r >= ROOM && inView(sheet, outline.px, outline.py, outline.r)) {
    some.forEach(([, { work }]) => {
      draw(sheet, outline, work, mission);
    });
    signs(
      c,
      outline,
      some.flatMap(([, { work }]) => SIGNS[work.type] ?? []),
    );
  }
  c.restore();
}

function draw(sheet: Sheet, outline: ZoneOutline, work: Working["work"], mission: Mission): void {
  const { c } = sheet;
  switch (work.type) {
    case "harms":
    case "heals":
      rings(c, outline, work.type === "harms" ? inks.error : inks.moss, work.spread === "middle");
      break;
    case "pushes":
      pushed(c, outline, (work.bearing * Math.PI) / 180);
      break;
    case "pushesAlong":
      along(sheet, outline, mission, work.route.id);
      break;
    case "bounds":
    case "turnsBack":
    case "harmsOutside":
    case "bringsBack":
    case "endsOutside":
      teeth(c, outline);
      break;
  }
}

/** Rings within the rim: three toward the middle where it grows, else one. */
function rings(
  c: CanvasRenderingContext2D,
  { rim, px, py }: ZoneOutline,
  ink: string,
  grows: boolean,
): void {
  for (const share of grows ? [0.78, 0.52, 0.26] : [0.88]) {
    const smaller = new Path2D();
    const shrink = new DOMMatrix().translate(px, py).scale(share).translate(-px, -py);
    smaller.addPath(rim, shrink);
    c.save();
    c.strokeStyle = ink;
    c.setLineDash(grows ? [] : [5, 3]);
    c.lineWidth = grows ? 2.4 - share * 1.6 : 1.4;
    c.stroke(smaller);
    c.restore();
  }
}

/** Arrows within the rim toward a bearing, radians. */
function pushed(c: CanvasRenderingContext2D, { rim, px, py, r }: ZoneOutline, bearing: number) {
  c.save();
  c.clip(rim);
  const reach = Math.ceil(r / APART);
  for (let row = -reach; row <= reach; row++) {
    for (let column = -reach; column <= reach; column++) {
      const x = px + column * APART + (row % 2 === 0 ? 0 : APART / 2);
      arrow(c, x, py + row * APART * 0.8, bearing, 8);
    }
  }
  c.restore();
}

/** Arrows along a route, where it leads through the zone. */
function along(sheet: Sheet, { rim }: ZoneOutline, mission: Mission, route: string): void {
  const { c, camera, size } = sheet;
  const points = ordered(mission.routes[route]?.waypoints ?? {}).map(([, { position }]) =>
    toScreen(camera, size, position.x, position.y),
  );
  c.save();
  c.clip(rim);
  points.slice(1).forEach(([x, y], i) => {
    const [fromX, fromY] = points[i] ?? [x, y];
    const far = Math.hypot(x - fromX, y - fromY);
    const bearing = Math.atan2(x - fromX, fromY - y);
    for (let at = APART / 2; at < far; at += APART) {
      arrow(c, fromX + ((x - fromX) * at) / far, fromY + ((y - fromY) * at) / far, bearing, 8);
    }
  });
  c.restore();
}

/** An arrow about its middle toward a bearing, radians. */
function arrow(
  c: CanvasRenderingContext2D,
  x: number,
  y: number,
  bearing: number,
  half: number,
): void {
  c.save();
  c.translate(x, y);
  c.rotate(bearing);
  c.beginPath();
  c.moveTo(0, half);
  c.lineTo(0, -half);
  c.moveTo(-half / 2, -half / 2);
  c.lineTo(0, -half);
  c.lineTo(half / 2, -half / 2);
  c.stroke();
  c.restore();
}

/** Short strokes inward all along the rim. */
function teeth(c: CanvasRenderingContext2D, { rim }: ZoneOutline): void {
  c.save();
  c.clip(rim);
  c.lineCap = "butt";
  c.lineWidth = 12;
  c.setLineDash([2, 7]);
  c.stroke(rim);
  c.restore();
}

/** A dashed line to each place that a zone transfers to. */
function transfer(
  sheet: Sheet,
  { px, py, r }: ZoneOutline,
  work: Extract<Working["work"], { type: "transfers" }>,
  mission: Mission,
): void {
  const { c, camera, size } = sheet;
  for (const place of placesOf(work.to)) {
    const at = positionOf(mission, place);
    if (!at) continue;
    const [x, y] = toScreen(camera, size, at.x, at.y);
    const far = Math.hypot(x - px, y - py);
    if (far < r + 4) continue;
    const bearing = Math.atan2(x - px, py - y);
    const [east, north] = [(x - px) / far, (y - py) / far];
    c.save();
    c.setLineDash([2, 5]);
    c.lineWidth = 1.8;
    line(c, px + east * r, py + north * r, x, y);
    c.restore();
    arrow(c, x - east * 6, y - north * 6, bearing, 6);
    if (work.ways === "both" && place.type === "zone") {
      arrow(c, px + east * (r + 6), py + north * (r + 6), bearing + Math.PI, 6);
    }
  }
}

function placesOf(to: Extract<Working["work"], { type: "transfers" }>["to"]): Place[] {
  if (to.type === "oneOf") return ordered(to.places).map(([, { place }]) => place);
  return to.type === "nearestOf" ? [] : [to];
}

/** Where a place is now; nowhere where its thing is gone. */
function positionOf(mission: Mission, place: Place): Position | undefined {
  switch (place.type) {
    case "point":
      return place.position;
    case "zone":
      return mission.zones[place.zone.id] && middleOf(mission.zones[place.zone.id]);
    case "unit":
      return mission.units[place.unit.id]?.position;
    case "start":
      return mission.starts[place.start.id]?.position;
    case "spawnPoint":
      return mission.spawnPoints[place.spawnPoint.id]?.position;
    case "post":
      return mission.posts[place.post.id]?.position;
  }
}

function middleOf(zone: Zone | undefined): Position | undefined {
  if (!zone) return undefined;
  if (zone.shape.type !== "polygon") return zone.shape.centre;
  const corners = Object.values(zone.shape.corners).map(({ position }) => position);
  const sum = (of: (it: Position) => number) =>
    corners.reduce((all, it) => all + of(it), 0) / corners.length;
  return { x: sum(({ x }) => x), y: sum(({ y }) => y) };
}

/** Signs side by side on a light ground, in the middle of a zone. */
function signs(c: CanvasRenderingContext2D, { px, py }: ZoneOutline, paths: string[]): void {
  paths.forEach((path, i) => {
    c.save();
    c.translate(px + (i - (paths.length - 1) / 2) * 20, py);
    c.beginPath();
    c.arc(0, 0, 9.5, 0, Math.PI * 2);
    c.fillStyle = inks.slip;
    c.fill();
    c.stroke();
    c.stroke(new Path2D(path));
    c.restore();
  });
}
