import { inOrder, joinsOf, partsAt } from "../document/corners";
import { nameOf, ordered, type Route, usesOf } from "../document/mission";
import { lengthOf, pathOf, stretches } from "../document/shapes";
import { sure } from "../document/sure";
import { metres } from "../document/units";
import { toScreen } from "../drawing/camera";
import { bead } from "../drawing/draft";
import { inks } from "../drawing/inks";
import { FLINT } from "../drawing/printed";
import type { Sheet } from "../drawing/sheet";
import { cornerSpots, each, MARKS, only, type Traits } from "./traits";

const WAYS = {
  once: "gone along once",
  loop: "gone round and round",
  thereAndBack: "gone there and back",
};

/** The plain waypoint. */
export const WAYPOINT = {
  speed: { type: "walk" },
  waits: { type: "goesOn" },
  height: { type: "any" },
  task: { type: "nothing" },
  follows: "",
  leads: "",
} as const;

/** Lines of waypoints to go along. */
export const routes: Traits<"routes"> = {
  heading: "Routes",
  sign: "M3 14L7 6L12 11L16 4M1.6 14A1.4 1.4 0 1 1 4.4 14A1.4 1.4 0 1 1 1.6 14M14.6 4A1.4 1.4 0 1 1 17.4 4A1.4 1.4 0 1 1 14.6 4",
  setDown: {
    at: 5,
    tray: only("Places", "Route", "waypoints path patrol"),
    drawn: () => ({ least: 2, most: 200 }),
    fresh: ({ at }) => ({
      name: "Route",
      way: "thereAndBack",
      open: { type: "all" },
      waypoints: partsAt(at, WAYPOINT),
    }),
    remembered: ["way", "open"],
  },
  geometry: lineOf,
  spots: ({ waypoints }) => cornerSpots(waypoints),
  vertices: ({ waypoints }) => waypoints,
  begins: true,
  layer: "lines",
  named: 16,
  painted: { at: MARKS, draw: each(drawRoute) },
  inPlay: null,
  solid: null,
  printed: {
    at: MARKS,
    draw: (routes, { line }) =>
      Object.entries(routes).map(([id, route]) => (
        <path
          key={id}
          d={line(pathOf(lineOf(route)), lineOf(route).closed)}
          fill="none"
          stroke={FLINT}
          strokeWidth={0.35}
          strokeDasharray="1.6 1"
        />
      )),
    legend: {
      word: "Route",
      sign: <path d="M0 1.5H7" stroke={FLINT} strokeWidth={0.35} strokeDasharray="1.6 1" />,
    },
  },
  sentence: (route, mission, ref) => {
    const long = metres(lengthOf(pathOf(lineOf(route)), route.way === "loop"), 0);
    const users = usesOf(mission, ref).filter(
      ({ family }) => family === "units" || family === "squads",
    );
    const by =
      users.length > 0
        ? `by ${users.map((user) => nameOf(mission, user)).join(", ")}`
        : "by nobody yet";
    const many = Object.keys(route.waypoints).length;
    return `A route of ${many} waypoints over ${long}, ${WAYS[route.way]} ${by}.`;
  },
  slip: ["route"],
  side: ({ open }) => (open.type === "side" ? open.side.id : ""),
  links: ["units", "squads"],
  orders: (route, name) => [{ verb: `go along ${name}`, order: { type: "along", route } }],
  acts: true,
  linked: "goes along",
};

function lineOf(route: Route) {
  const vertices = inOrder(route.waypoints);
  const joins = joinsOf(route);
  return joins
    ? { is: "line" as const, vertices, closed: false, joins }
    : { is: "line" as const, vertices, closed: route.way === "loop" };
}

/** Draws a route: a thin line with chevrons the way it goes, and a bead at each waypoint. */
function drawRoute(sheet: Sheet, route: Route, selected: boolean): void {
  const { c, camera, size } = sheet;
  const points = ordered(route.waypoints).map(([, { position, waits }]) => {
    const [px, py] = toScreen(camera, size, position.x, position.y);
    return { x: px, y: py, waits };
  });
  const joins = joinsOf(route);
  const legs = joins
    ? joins.map(([a, b]) => [sure(points, a), sure(points, b)] as const)
    : stretches(points, route.way === "loop");
  c.save();
  c.lineCap = "round";
  for (const [width, colour] of [
    [selected ? 5.5 : 4.5, inks.halo],
    [selected ? 2.4 : 1.5, selected ? inks.ink : inks.flint],
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
  c.strokeStyle = inks.flint;
  c.stroke();
  c.restore();
}
