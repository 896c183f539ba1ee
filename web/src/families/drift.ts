import { inOrder } from "../document/corners";
import { type Mission, ordered, type Position, type Working, type Zone } from "../document/mission";
import { boxCorners, insideRing } from "../document/shapes";

/** How long one is followed at most, seconds, and in what strides: those of play. */
const LONGEST = 120;
const STRIDE = 0.05;

/** What is pushed along a route makes for a point so far ahead on it, metres: as in play. */
const AHEAD = 1;

/** Where zones take somebody who lets go, and how long they take. */
export interface Drift {
  way: Position[];
  seconds: number;
  /** Whether it would go on after the longest time that is looked at. */
  goesOn: boolean;
}

/**
 * Where zones that push would take somebody, or a loose thing, from a point, as the designer has drawn them: all that
 * can act do, nothing stands in the way and speeds are those without a level. Nothing where no zone
 * pushes there.
 */
export function driftFrom(
  mission: Mission,
  from: Position,
  what: Drifting = "people",
): Drift | undefined {
  const pushing = Object.values(mission.zones).filter(
    (zone) => zone.rides.type === "stands" && pushes(zone, what),
  );
  let at = from;
  const way = [from];
  let seconds = 0;
  for (; seconds < LONGEST; seconds += STRIDE) {
    let [east, north] = [0, 0];
    for (const { shape, does } of pushing) {
      if (!insideShape(at, shape)) continue;
      for (const { work } of Object.values(does)) {
        if (!takes(work, what)) continue;
        const push = pushAt(mission, work, at);
        east += push.x;
        north += push.y;
      }
    }
    if (Math.hypot(east, north) < 1e-6) break;
    at = { x: at.x + east * STRIDE, y: at.y + north * STRIDE };
    way.push(at);
  }
  if (way.length < 2) return undefined;
  return { way, seconds, goesOn: seconds >= LONGEST };
}

/** Whether a point lies in a zone. */
function insideShape(at: Position, shape: Zone["shape"]): boolean {
  if (shape.type === "circle") {
    return Math.hypot(at.x - shape.centre.x, at.y - shape.centre.y) <= shape.radius;
  }
  const ring =
    shape.type === "rectangle"
      ? boxCorners({ is: "box", ...shape })
      : inOrder(shape.corners).map((corner) => corner.at);
  return insideRing(at, ring);
}

/** Whom or what a push takes along. */
export type Drifting = "people" | "things";

/** Whether a zone pushes people, or loose things. */
export function pushes(zone: Zone | undefined, what: Drifting): boolean {
  return Object.values(zone?.does ?? {}).some(({ work }) => takes(work, what));
}

function takes(work: Working["work"], what: Drifting): boolean {
  return (
    (work.type === "pushes" || work.type === "pushesAlong") &&
    (work.what === "all" || work.what === what)
  );
}

/** How fast something pushes at a point, metres a second. */
function pushAt(mission: Mission, work: Working["work"], at: Position): Position {
  if (work.type === "pushes") {
    const bearing = (work.bearing * Math.PI) / 180;
    return { x: Math.sin(bearing) * work.speed.value, y: Math.cos(bearing) * work.speed.value };
  }
  if (work.type !== "pushesAlong") return { x: 0, y: 0 };
  const points = ordered(mission.routes[work.route.id]?.waypoints ?? {}).map(
    ([, { position }]) => position,
  );
  let least = Number.POSITIVE_INFINITY;
  let toward = at;
  points.slice(1).forEach((to, i) => {
    const from = points[i] ?? to;
    const [dx, dy] = [to.x - from.x, to.y - from.y];
    const length = Math.hypot(dx, dy);
    if (length === 0) return;
    const along = ((at.x - from.x) * dx + (at.y - from.y) * dy) / length ** 2;
    const on = Math.max(0, Math.min(1, along));
    const off = Math.hypot(from.x + on * dx - at.x, from.y + on * dy - at.y);
    // At a bend both pieces are as near: the later one leads on.
    if (off > least + 1e-9) return;
    least = off;
    const share = on + AHEAD / length;
    toward = { x: from.x + dx * share, y: from.y + dy * share };
  });
  const far = Math.hypot(toward.x - at.x, toward.y - at.y);
  if (far === 0) return { x: 0, y: 0 };
  // Beyond its end one comes to rest.
  const share = Math.min(work.speed.value, far / STRIDE) / far;
  return { x: (toward.x - at.x) * share, y: (toward.y - at.y) * share };
}
