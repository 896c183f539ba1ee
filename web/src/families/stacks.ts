import {
  type Mission,
  ordered,
  type Position,
  type Ref,
  refOf,
  type ThingKind,
} from "../document/mission";
import { distanceTo } from "../document/shapes";
import { sure } from "../document/sure";
import { SPECKS } from "../drawing/sprites";
import { appearanceOf, extentOf, kindOf, type Upright } from "./kinds";

/** How many things stand on one another at most; what would be higher stands on the surface. */
const TALLEST = 50;

/** What is lower bears nothing, metres. */
const LOWEST = 0.05;

/** The families of things that stand on others. */
export const STACKED = ["props", "fixtures"] as const;

/** A prop or a fixture; nothing for what is neither. */
export function uprightOf(mission: Mission, { family, id }: Ref): Upright | undefined {
  return family === "props" || family === "fixtures" ? mission[family][id] : undefined;
}

/** How many things a thing stands on, one over the other. */
export function storeyOf(mission: Mission, thing: Upright): number {
  let storey = 0;
  let under: Upright | undefined = thing;
  while (under?.atop.type === "upon" && storey <= TALLEST) {
    storey++;
    under = uprightOf(mission, under.atop.thing);
  }
  return storey;
}

/** How far each storey of a stack is drawn aside of the one below, so that that is seen, pixels. */
const ASIDE = 3;

/** Moves a thing that stands on others aside, as the map draws it; the scale is pixels a metre. */
export function aside<T extends Upright>(mission: Mission, thing: T, scale: number): T {
  if (thing.atop.type !== "upon" || scale < SPECKS) return thing;
  const by = (ASIDE * storeyOf(mission, thing)) / scale;
  return { ...thing, position: { x: thing.position.x - by, y: thing.position.y + by } };
}

const SORTED = new WeakMap<object, Record<string, Upright>>();

/** Before which others a thing is drawn: no less than what it stands on. */
export function frontOf(mission: Mission, thing: Upright): number {
  let front = thing.front;
  let under: Upright | undefined = thing;
  for (let storey = 0; under?.atop.type === "upon" && storey <= TALLEST; storey++) {
    under = uprightOf(mission, under.atop.thing);
    front = Math.max(front, under?.front ?? front);
  }
  return front;
}

/** How near things are that one is drawn before or behind, metres from middle to middle. */
const NEAR = 8;

/** The farthest that one can be drawn before or behind others. */
const FARTHEST = 100;

/** The number with which a thing is drawn before, or behind, all others near to it. */
export function pastOthers(mission: Mission, { family, id }: Ref, way: 1 | -1): number {
  const thing = uprightOf(mission, { family, id });
  if (!thing) return 0;
  const { x, y } = thing.position;
  const others = STACKED.flatMap((of) =>
    Object.entries(mission[of])
      .filter(([other]) => other !== id)
      .map(([, it]) => it)
      .filter(({ position }) => Math.hypot(position.x - x, position.y - y) < NEAR)
      .map((it) => frontOf(mission, it) * way),
  );
  return Math.max(-FARTHEST, Math.min(FARTHEST, (Math.max(0, ...others) + 1) * way));
}

/**
 * Things in the order in which they are drawn: those that are to be before others after those, and
 * what stands on others after what it stands on.
 */
export function fromBelow<T extends Upright>(
  mission: Mission,
  things: Record<string, T>,
): Record<string, T> {
  let sorted = SORTED.get(things) as Record<string, T> | undefined;
  if (!sorted) {
    const all = Object.entries(things);
    const ordered = all.some(([, { atop, front }]) => atop.type === "upon" || front !== 0);
    const places = ordered
      ? all.map(([id, thing]) => ({
          entry: [id, thing] as const,
          front: frontOf(mission, thing),
          storey: storeyOf(mission, thing),
        }))
      : [];
    sorted = ordered
      ? Object.fromEntries(
          places
            .sort((one, other) => one.front - other.front || one.storey - other.storey)
            .map(({ entry }) => entry),
        )
      : things;
    SORTED.set(things, sorted);
  }
  return sorted;
}

/** How far the foot of a thing is above the surface that it stands over, metres. */
export function liftOf(mission: Mission, thing: Upright): number {
  if (thing.atop.type !== "upon" || storeyOf(mission, thing) > TALLEST) return 0;
  const { thing: ref } = thing.atop;
  if (ref.family === "walls") return mission.walls[ref.id]?.height ?? 0;
  const under = uprightOf(mission, ref);
  const kind = under && kindOf(mission, under);
  if (!kind || !covers(kind, under, thing.position)) return 0;
  return liftOf(mission, under) + heightOf(mission, under);
}

/** How high a thing is when play begins, metres. */
export function heightOf(mission: Mission, thing: Upright): number {
  const tall = (appearanceOf(mission, thing)?.height ?? 0) * thing.scale;
  return Math.max(0, tall - ("sunk" in thing ? thing.sunk : 0));
}

/** Whether the footprint of a thing covers a point. */
function covers(kind: ThingKind, thing: Upright, at: Position): boolean {
  const [dx, dy] = [at.x - thing.position.x, at.y - thing.position.y];
  const [width, depth] = extentOf(kind).map((it) => (it / 2) * thing.scale) as [number, number];
  if (kind.footprint.type === "round") return Math.hypot(dx, dy) <= width;
  const turn = (thing.facing * Math.PI) / 180;
  const across = dx * Math.cos(turn) - dy * Math.sin(turn);
  const along = dx * Math.sin(turn) + dy * Math.cos(turn);
  return Math.abs(across) <= width && Math.abs(along) <= depth;
}

/** Whether a thing stops people as it looks at first, so that others can stand on it. */
function bears(mission: Mission, thing: Upright): boolean {
  const looks = appearanceOf(mission, thing);
  return thing.stands === "there" && !!looks?.stops.movement && heightOf(mission, thing) > LOWEST;
}

/** The side of a square by which things are looked up, metres. */
const SQUARE = 8;

/** Tells which things bear what is set down at a point, the highest first. */
export type Bearers = (at: Position) => Ref[];

/** Looks up what bears things, of all but some. */
export function bearersOf(mission: Mission, except: ReadonlySet<string> = new Set()): Bearers {
  const squares = new Map<string, Ref[]>();
  const square = (x: number, y: number) => `${Math.floor(x / SQUARE)} ${Math.floor(y / SQUARE)}`;
  for (const family of STACKED) {
    for (const [id, thing] of Object.entries(mission[family])) {
      const kind = kindOf(mission, thing);
      if (!kind || except.has(`${family}/${id}`) || !bears(mission, thing)) continue;
      const reach = (Math.hypot(...extentOf(kind)) / 2) * thing.scale;
      const { x, y } = thing.position;
      for (let east = x - reach; east < x + reach + SQUARE; east += SQUARE) {
        for (let north = y - reach; north < y + reach + SQUARE; north += SQUARE) {
          const at = square(Math.min(east, x + reach), Math.min(north, y + reach));
          const there = squares.get(at);
          if (!there) squares.set(at, [{ family, id }]);
          else if (there.at(-1)?.id !== id) there.push({ family, id });
        }
      }
    }
  }
  return (at) => {
    const found = (squares.get(square(at.x, at.y)) ?? []).flatMap((ref) => {
      const thing = sure(mission[ref.family as "props"], ref.id) as Upright;
      const kind = kindOf(mission, thing);
      const top = liftOf(mission, thing) + heightOf(mission, thing);
      return kind && covers(kind, thing, at) ? [{ ref, top }] : [];
    });
    for (const [id, wall] of Object.entries(mission.walls)) {
      const line = ordered(wall.corners).map(([, { position }]) => position);
      const on = line.some((to, i) => {
        const from = line[i - 1];
        return from && distanceTo(at, from, to) <= wall.thickness / 2;
      });
      if (on) found.push({ ref: { family: "walls", id }, top: wall.height });
    }
    const all = new Map(found.map((it) => [it.ref.id, it]));
    return [...all.values()].sort((one, other) => other.top - one.top).map(({ ref }) => ref);
  };
}

/** On what else than the surface a thing stands that is set down where these bear it. */
export function atopOf(bearers: Ref[]): Upright["atop"] {
  const [bearer] = bearers;
  return bearer ? { type: "upon", thing: bearer } : { type: "nothing" };
}

/** Some things with all that stand on them, over however many, and are not among them yet. */
export function withStacks(mission: Mission, refs: Ref[]): Ref[] {
  const all = new Set(refs.map(({ family, id }) => `${family}/${id}`));
  for (let turn = 0, many = -1; many !== all.size && turn < TALLEST; turn++) {
    many = all.size;
    for (const family of STACKED) {
      for (const [id, { atop }] of Object.entries(mission[family])) {
        if (atop.type === "upon" && all.has(`${atop.thing.family}/${atop.thing.id}`))
          all.add(`${family}/${id}`);
      }
    }
  }
  return [...all].map(refOf);
}

/** Has things of a draft whose bearers are deleted stand on what bore those, or on the surface. */
export function standAgain(before: Mission, draft: Mission, gone: ReadonlySet<string>): void {
  for (const family of STACKED) {
    for (const [id, thing] of Object.entries(before[family]) as [string, Upright][]) {
      const now = uprightOf(draft, { family, id });
      if (!now || thing.atop.type !== "upon") continue;
      let atop: Upright["atop"] = thing.atop;
      for (let storey = 0; atop.type === "upon" && storey < TALLEST; storey++) {
        const { thing: bearer }: { thing: Ref } = atop;
        if (!gone.has(`${bearer.family}/${bearer.id}`)) break;
        atop = uprightOf(before, bearer)?.atop ?? { type: "nothing" };
      }
      if (atop !== thing.atop) now.atop = atop.type === "upon" ? { ...atop } : { type: "nothing" };
    }
  }
}

/** Has moved things stand on what they were dropped on, unless that came along with them. */
export function restack(before: Mission, draft: Mission, moved: Ref[]): void {
  if (!moved.some(({ family }) => family === "props" || family === "fixtures")) return;
  const along = new Set(moved.map(({ family, id }) => `${family}/${id}`));
  const bearers = bearersOf(before, along);
  for (const ref of moved) {
    const thing = uprightOf(draft, ref);
    if (!thing) continue;
    const { atop } = thing;
    if (atop.type === "upon" && along.has(`${atop.thing.family}/${atop.thing.id}`)) continue;
    const now = atopOf(bearers(thing.position));
    const same =
      now.type === "upon" && atop.type === "upon"
        ? now.thing.family === atop.thing.family && now.thing.id === atop.thing.id
        : now.type === atop.type;
    if (!same) thing.atop = now;
  }
}
