import { partsAt } from "../document/corners";
import {
  type Mission,
  newId,
  ordered,
  type Position,
  pinnedOf,
  type Ref,
  refOf,
  usesOf,
  type Working,
  type ZoneShape,
} from "../document/mission";
import { WAYPOINT } from "./routes";
import type { Points } from "./traits";

/** Half of how wide a conveyor is drawn, metres. */
const HALF = 0.75;

/** The rim of a bend lies at most this many half widths from the line. */
const SHARPEST = 2;

/** What a zone is like that does something to everybody, always and silently. */
export const WORKING: Omit<Working, "order" | "work"> = {
  whom: { type: "anyone" },
  hands: "both",
  goes: "anyhow",
  bears: { type: "whatever" },
  when: { type: "all", parts: {} },
  told: false,
};

/** The outline of a conveyor along a line: its left side, and back along its right one. */
export function conveyorShape(line: Points): ZoneShape {
  const sides = line.map((at, i) => aside(line, at, i));
  const left = sides.map(([x, y], i) => beside(line, i, x, y));
  const right = sides.map(([x, y], i) => beside(line, i, -x, -y)).reverse();
  return { type: "polygon", corners: partsAt([...left, ...right], {}) };
}

function beside(line: Points, i: number, x: number, y: number): Position {
  const { x: east, y: north } = line[i] ?? line[0];
  return { x: east + x, y: north + y };
}

/** From a point of a line to the rim on its left: square to it, at a bend between both pieces. */
function aside(line: Points, at: Position, i: number): [number, number] {
  const before = line[i - 1] ?? at;
  const after = line[i + 1] ?? at;
  const [inX, inY] = unit(at.x - before.x, at.y - before.y);
  const [outX, outY] = unit(after.x - at.x, after.y - at.y);
  const [x, y] = unit(inX + outX, inY + outY);
  // Along the middle of a bend the rim is farther off than the half width.
  const end = Math.hypot(inX, inY) === 0 || Math.hypot(outX, outY) === 0;
  const far = HALF / (end ? 1 : Math.max(1 / SHARPEST, x * inX + y * inY));
  return [-y * far, x * far];
}

function unit(x: number, y: number): [number, number] {
  const length = Math.hypot(x, y);
  return length === 0 ? [0, 0] : [x / length, y / length];
}

/** Gives a conveyor that has just been drawn its line, and has it push loose things along that. */
export function completeConveyor(
  draft: Mission,
  zone: Mission["zones"][string],
  line: Points,
): void {
  const id = newId();
  draft.routes[id] = {
    name: `Line of ${zone.name}`.slice(0, 60),
    way: "once",
    open: { type: "all" },
    waypoints: partsAt(line, WAYPOINT),
  };
  zone.does[newId()] = {
    order: "a0",
    ...WORKING,
    work: {
      type: "pushesAlong",
      what: "things",
      route: { family: "routes", id },
      speed: pinnedOf(0.8),
      rise: pinnedOf(0),
    },
  };
}

/** Has a spawner that has just been set down bring forth things of the first loose kind. */
export function completeSpawner(draft: Mission, zone: Mission["zones"][string]): void {
  const [id = ""] =
    Object.entries(draft.thingKinds).find(([, { hold }]) => hold.type === "loose") ?? [];
  zone.does[newId()] = {
    order: "a0",
    ...WORKING,
    work: {
      type: "bringsForth",
      thingKind: { family: "thingKinds", id },
      every: pinnedOf(5),
      most: pinnedOf(8),
      total: pinnedOf(1000),
    },
  };
}

/** The lines along which a zone pushes that nothing else names. */
function ownLines(mission: Mission, id: string): Ref[] {
  return ordered(mission.zones[id]?.does ?? {}).flatMap(([, { work }]) => {
    if (work.type !== "pushesAlong" || !mission.routes[work.route.id]) return [];
    const users = usesOf(mission, work.route);
    return users.every((user) => user.family === "zones" && user.id === id) ? [work.route] : [];
  });
}

/** Whether a thing is the line of a zone that belongs to it alone. */
export function isOwnLine(mission: Mission, zone: Ref, line: Ref): boolean {
  return (
    zone.family === "zones" &&
    line.family === "routes" &&
    ownLines(mission, zone.id).some(({ id }) => id === line.id)
  );
}

/** Some things with the lines that belong to the zones among them alone, each once. */
export function withLines(mission: Mission, refs: Ref[]): Ref[] {
  const all = new Set(refs.map(({ family, id }) => `${family}/${id}`));
  for (const { family, id } of refs) {
    if (family !== "zones") continue;
    for (const line of ownLines(mission, id)) all.add(`${line.family}/${line.id}`);
  }
  return [...all].map(refOf);
}

/** Has copies of zones push along the copies of their lines. */
export function followLines(draft: Mission, made: Map<string, Ref>): void {
  for (const copy of made.values()) {
    if (copy.family !== "zones") continue;
    for (const { work } of Object.values(draft.zones[copy.id]?.does ?? {})) {
      const line = work.type === "pushesAlong" && made.get(`routes/${work.route.id}`);
      if (line) work.route = line;
    }
  }
}
