import { type PartTool, useDesk } from "../desk/desk";
import { partsAt } from "../document/corners";
import {
  alongPath,
  endsOf,
  type House,
  houseOf,
  nearestWall,
  pathOfDoor,
  storeySeen,
  wallsOf,
} from "../document/houses";
import {
  type Building,
  type Mission,
  nameOf,
  newId,
  orderAfter,
  ordered,
  type Position,
  type Ref,
} from "../document/mission";
import { knownGround } from "../document/raster";
import { onGround } from "../document/shapes";
import type { OpenMission } from "../document/store";
import { firstOf, sure } from "../document/sure";
import { middleOf, nearestOnRim } from "../document/surfaces";
import { AT_ONCE, BY_HAND } from "../families/gates";
import { DOOR, WINDOW } from "../families/plans";

/** How wide new ramps and stairs are, metres. */
const WIDE = { deck: 1.6, building: 1.1 };

/** A point of a part of a thing, and the way to it from the thing. */
export interface PartPoint {
  path: string[];
  at: Position;
  /** How far it is from another point that it would hide, metres; without, it hides none. */
  apart?: number;
}

/** The points of a thing's parts that are dragged by themselves. */
export function partPoints(mission: Mission, ref: Ref): PartPoint[] {
  if (ref.family === "buildings") return partsOfBuilding(mission, ref.id);
  const deck = ref.family === "decks" ? mission.decks[ref.id] : undefined;
  if (!deck) return [];
  const openings = ordered(deck.openings).flatMap(([id, { corners }]) =>
    cornersAt(["openings", id], corners),
  );
  const middle = middleOf(deck);
  const stops = ordered(deck.motion.stops).map(([id, { east, north }]) => ({
    path: ["motion", "stops", id],
    at: { x: middle.x + east, y: middle.y + north },
  }));
  return [...openings, ...endsAt("ramps", ordered(deck.ramps)), ...stops];
}

function cornersAt(path: string[], corners: Record<string, { order: string; position: Position }>) {
  return ordered(corners).map(([corner, { position }]) => ({
    path: [...path, "corners", corner, "position"],
    at: position,
  }));
}

function endsAt(of: string, parts: [string, { head: Position; foot: Position }][]): PartPoint[] {
  return parts.flatMap(([id, { head, foot }]) => [
    { path: [of, id, "head"], at: head },
    { path: [of, id, "foot"], at: foot },
  ]);
}

/** Doors, windows, inner walls and stairs of the storey that is looked into. */
function partsOfBuilding(mission: Mission, id: string): PartPoint[] {
  const building = mission.buildings[id];
  if (!building) return [];
  const house = houseOn(mission, building);
  const storey = house.storeys[storeySeen(house, useDesk.getState().peel)]?.[0];
  const here = ([, part]: [string, { storey: string }]) => part.storey === storey;
  const openings = (of: "doors" | "windows") =>
    ordered<{ order: string; storey: string; along: number; width: number }>(building[of])
      .filter(here)
      .flatMap(([part, it]): PartPoint[] => {
        const path = pathOfOpening(building, house, of, part);
        const at = path && alongPath(path, it.along)?.at;
        const ends = path && endsOf(path, it);
        if (!at || !ends) return [];
        const apart = it.width / 2;
        return [
          { path: [of, part], at },
          { path: [of, part, "from"], at: ends[0], apart },
          { path: [of, part, "to"], at: ends[1], apart },
        ];
      });
  return [
    ...openings("doors"),
    ...openings("windows"),
    ...ordered(building.inner)
      .filter(here)
      .flatMap(([part, { corners }]) => cornersAt(["inner", part], corners)),
    ...endsAt("stairs", ordered(building.stairs).filter(here)),
  ];
}

function houseOn(mission: Mission, building: Building): House {
  return houseOf(building, knownGround(mission.setting.terrain));
}

function pathOfOpening(
  building: Building,
  house: House,
  of: "doors" | "windows",
  part: string,
): Position[] | undefined {
  return of === "doors" ? pathOfDoor(building, house, sure(building.doors, part)) : outer(house);
}

function outer(house: House): Position[] {
  return [...house.line, sure(house.line, 0)];
}

/** Puts a point of a part elsewhere: heads of ramps keep to a rim, openings to their walls. */
export function putPart(draft: Mission, ref: Ref, path: string[], at: Position): void {
  const thing = ref.family === "decks" ? draft.decks[ref.id] : draft.buildings[ref.id];
  if (!thing) return;
  const [of, part = "", end] = path;
  if ("storeys" in thing && (of === "doors" || of === "windows")) {
    if (end === "from" || end === "to") widen(draft, thing, { of, part, end }, at);
    else slide(draft, thing, of, part, at);
    return;
  }
  if ("motion" in thing && of === "motion") {
    const stop = thing.motion.stops[path[2] ?? ""];
    const middle = middleOf(thing);
    if (stop) Object.assign(stop, { east: cm(at.x - middle.x), north: cm(at.y - middle.y) });
    return;
  }
  const holder = path.slice(0, -1).reduce<unknown>(step, thing) as Record<string, Position>;
  const last = path.at(-1) ?? "";
  if (!holder?.[last]) return;
  const rim = of === "ramps" && last === "head" && "openings" in thing;
  holder[last] = onGround(draft, rim ? nearestOnRim(thing, at) : at);
}

/** To the centimetre. */
function cm(length: number): number {
  return Math.round(length * 100) / 100;
}

function step(holder: unknown, name: string): unknown {
  return (holder as Record<string, unknown> | undefined)?.[name];
}

function slide(
  draft: Mission,
  building: Building,
  of: "doors" | "windows",
  part: string,
  at: Position,
) {
  const house = houseOn(draft, building);
  const it = building[of][part];
  if (!it) return;
  const walls =
    of === "doors" ? wallsOf(building, house, it.storey) : [{ wall: "", path: outer(house) }];
  const near = nearestWall(walls, at);
  if (!near) return;
  it.along = near.along;
  if (of === "doors") sure(building.doors, part).wall = near.wall;
}

/** The narrowest and the widest opening, metres. */
const WIDTHS = [0.4, 20] as const;

/** Drags one end of an opening along its wall; the other stays. */
function widen(
  draft: Mission,
  building: Building,
  { of, part, end }: { of: "doors" | "windows"; part: string; end: "from" | "to" },
  at: Position,
) {
  const it = building[of][part];
  const path = it && pathOfOpening(building, houseOn(draft, building), of, part);
  const found = path && alongPath(path, it.along);
  if (!found) return;
  const way = end === "to" ? 1 : -1;
  const other = it.along - (way * it.width) / 2;
  const off = (at.x - found.at.x) * found.east + (at.y - found.at.y) * found.north;
  const room = way > 0 ? found.to - other : other - found.from;
  const wanted = Math.min(way * (it.along + off - other), room, WIDTHS[1]);
  it.width = Math.round(Math.max(WIDTHS[0], wanted) * 100) / 100;
  it.along = Math.round((other + (way * it.width) / 2) * 1000) / 1000;
}

const WORDS: Record<PartTool["part"], string> = {
  opening: "an opening",
  ramp: "a ramp",
  stairs: "stairs",
  door: "a door",
  window: "a window",
  inner: "an inner wall",
};

/** Adds a part that was drawn to its thing, as one edit. */
export function addPart(open: OpenMission, tool: PartTool, points: Position[]): void {
  const name = nameOf(open.state.mission, tool.of);
  open.edit(`Give ${name} ${WORDS[tool.part]}`, (draft) => {
    const at = points.map((point) => onGround(draft, point));
    if (tool.of.family === "decks") addToDeck(draft, tool, at);
    else addToBuilding(draft, tool, at);
  });
}

function addToDeck(draft: Mission, { part, of }: PartTool, at: Position[]): void {
  const deck = draft.decks[of.id];
  if (!deck) return;
  const { openings, ramps } = deck;
  if (part === "opening") {
    openings[newId()] = { order: orderAfter(openings), corners: partsAt(at, {}) };
    return;
  }
  ramps[newId()] = {
    order: orderAfter(ramps),
    head: onGround(draft, nearestOnRim(deck, sure(at, 0))),
    foot: sure(at, 1),
    width: WIDE.deck,
    tread: part === "stairs" ? "stairs" : "slope",
  };
}

function addToBuilding(draft: Mission, { part, of, storey }: PartTool, at: Position[]): void {
  const building = draft.buildings[of.id];
  if (!building) return;
  const { doors, windows, inner, stairs } = building;
  const house = houseOn(draft, building);
  if (part === "door") {
    const near = nearestWall(wallsOf(building, house, storey), sure(at, 0));
    const { wall, along } = near ?? { wall: "", along: 0 };
    doors[newId()] = { order: orderAfter(doors), storey, wall, along, ...DOOR };
  } else if (part === "window") {
    const along = nearestWall([{ wall: "", path: outer(house) }], sure(at, 0))?.along ?? 0;
    const lets = { ...WINDOW.lets };
    windows[newId()] = { order: orderAfter(windows), storey, along, ...WINDOW, lets };
  } else if (part === "inner") {
    inner[newId()] = { order: orderAfter(inner), storey, corners: partsAt(at, {}) };
  } else if (part === "stairs") {
    const [foot, head] = firstOf(at, 2);
    stairs[newId()] = { order: orderAfter(stairs), storey, foot, head, width: WIDE.building };
  }
}

/** Hangs a gate in a doorway, which opens and closes it. */
export function hangGate(open: OpenMission, building: string, door: string): string {
  const id = newId();
  const { name } = sure(open.state.mission.buildings, building);
  open.edit(`Hang a gate in a door of ${name}`, (draft) => {
    const of = sure(draft.buildings, building);
    const { storey, along, width, height, ...rest } = sure(of.doors, door);
    const path = pathOfDoor(of, houseOn(draft, of), { storey, along, width, height, ...rest });
    const found = path && alongPath(path, along);
    if (!found) return;
    const end = (way: number) =>
      onGround(draft, {
        x: found.at.x + (way * found.east * width) / 2,
        y: found.at.y + (way * found.north * width) / 2,
      });
    draft.gates[id] = {
      name: `${name} door`,
      from: end(-1),
      to: end(1),
      height,
      level: { type: "storey", building: { family: "buildings", id: building }, storey },
      stands: "closed",
      stops: { movement: true, sight: true, shots: true, sound: 15 },
      hand: structuredClone(BY_HAND),
      motion: { ...AT_ONCE },
    };
  });
  return `gates/${id}`;
}
