import { houseOf } from "./houses";
import { type Deck, type Mission, ordered, type Position, type Unit } from "./mission";
import { knownGround } from "./raster";
import { insideRing } from "./shapes";
import { moves, stopsOf } from "./stops";
import { sure } from "./sure";

/** On which surface something stands. */
export type Level = Unit["level"];

/** A deck as it is asked about: its outline and openings, and the box around it. */
interface Slab {
  outline: Position[];
  openings: Position[][];
  middle: Position;
  west: number;
  south: number;
  east: number;
  north: number;
}

const slabs = new WeakMap<Deck, Slab>();

function slabOf(deck: Deck): Slab {
  const known = slabs.get(deck);
  if (known) return known;
  const outline = ordered(deck.corners).map(([, { position }]) => position);
  const xs = outline.map(({ x }) => x);
  const ys = outline.map(({ y }) => y);
  const mean = (values: number[]) => values.reduce((a, b) => a + b, 0) / values.length;
  const slab = {
    outline,
    openings: ordered(deck.openings).map(([, { corners }]) =>
      ordered(corners).map(([, { position }]) => position),
    ),
    middle: { x: mean(xs), y: mean(ys) },
    west: Math.min(...xs),
    east: Math.max(...xs),
    south: Math.min(...ys),
    north: Math.max(...ys),
  };
  slabs.set(deck, slab);
  return slab;
}

/** Whether a deck is there at a point: within its outline and in none of its openings. */
export function isOver(deck: Deck, at: Position): boolean {
  const slab = slabOf(deck);
  if (at.x < slab.west || at.x > slab.east || at.y < slab.south || at.y > slab.north) return false;
  return (
    slab.outline.length > 2 &&
    insideRing(at, slab.outline) &&
    !slab.openings.some((opening) => insideRing(at, opening))
  );
}

/** How high the upper side of a deck lies at a point, metres. */
export function deckHeight({ top, slope }: Deck, middle: Position, at: Position): number {
  const rise = Math.tan((slope.degrees * Math.PI) / 180);
  const toward = (slope.toward * Math.PI) / 180;
  const [dx, dy] = [at.x - middle.x, at.y - middle.y];
  return top + rise * (dx * Math.sin(toward) + dy * Math.cos(toward));
}

/** The middle of the corners of a deck, where its top is measured. */
export function middleOf(deck: Deck): Position {
  return slabOf(deck).middle;
}

/** A surface above the ground at a point. */
export interface Surface {
  level: Level;
  /** The thing that it is of, by key. */
  of: string;
  name: string;
  top: number;
}

/** The decks, floors and roofs over a point, the highest first. */
export function surfacesOver(mission: Mission, at: Position): Surface[] {
  const found: Surface[] = [];
  for (const [id, deck] of Object.entries(mission.decks)) {
    if (isOver(deck, at)) {
      const level: Level = { type: "deck", deck: { family: "decks", id } };
      const top = deckHeight(deck, middleOf(deck), at);
      found.push({ level, of: `decks/${id}`, name: deck.name, top });
    }
  }
  for (const [id, building] of Object.entries(mission.buildings)) {
    const house = houseOf(building, knownGround(mission.setting.terrain));
    if (house.line.length < 3 || !insideRing(at, house.line)) continue;
    house.floors.forEach((top, i) => {
      const [storey, of] = house.storeys[i] ?? ["", undefined];
      const level: Level = { type: "storey", building: { family: "buildings", id }, storey };
      const name = `${building.name}, ${of ? of.name.toLowerCase() : "roof"}`;
      found.push({ level, of: `buildings/${id}`, name, top });
    });
  }
  return found.sort((a, b) => b.top - a.top);
}

/** Whether two levels are the same. */
function sameLevel(one: Level, other: Level): boolean {
  if (one.type === "deck" && other.type === "deck") return one.deck.id === other.deck.id;
  if (one.type === "storey" && other.type === "storey") {
    return one.building.id === other.building.id && one.storey === other.storey;
  }
  return one.type === other.type;
}

/** The surface under a thing at a point; nothing where it stands on the ground. */
export function surfaceUnder(mission: Mission, level: Level, at: Position): Surface | undefined {
  if (level.type === "ground") return undefined;
  const over = surfacesOver(mission, at);
  return over.find((it) => sameLevel(it.level, level)) ?? over[0];
}

/** Which surface a run means by a number: of which thing, and of a building which floor. */
export interface Numbered {
  of: string;
  /** The floor of a building, from 0; the number of its storeys for the roof. */
  floor?: number;
}

/**
 * The surfaces of a mission as a run numbers them: 0 for the ground, then decks by their ids, their
 * ramps, of each building its floors from the lowest up, its roof and its stairs, and of each deck
 * that moves its further stops and itself while it goes.
 */
export function numberedSurfaces(mission: Mission): (Numbered | undefined)[] {
  const all: (Numbered | undefined)[] = [undefined];
  const byId = <T>(things: Record<string, T>) =>
    Object.entries(things).sort(([a], [b]) => (a < b ? -1 : 1));
  const decks = byId(mission.decks);
  for (const [id] of decks) all.push({ of: `decks/${id}` });
  for (const [id, { ramps }] of decks) {
    for (const _ of Object.keys(ramps)) all.push({ of: `decks/${id}` });
  }
  for (const [id, building] of byId(mission.buildings)) {
    const storeys = ordered(building.storeys).map(([storey]) => storey);
    if (storeys.length === 0 || Object.keys(building.corners).length < 3) continue;
    const of = `buildings/${id}`;
    for (let floor = 0; floor <= storeys.length; floor++) all.push({ of, floor });
    for (const [, stairs] of ordered(building.stairs)) {
      const floor = storeys.indexOf(stairs.storey);
      const leads = building.roof.make === "flat" || floor + 1 < storeys.length;
      if (floor >= 0 && leads) all.push({ of, floor });
    }
  }
  for (const [id, deck] of decks) {
    if (moves(deck)) for (const _ of stopsOf(deck)) all.push({ of: `decks/${id}` });
  }
  return all;
}

/** Whether a deck, a floor or a roof lies above a thing at a point. */
export function isCovered(mission: Mission, level: Level, at: Position): boolean {
  const over = surfacesOver(mission, at);
  if (over.length === 0) return false;
  const on = level.type === "ground" ? undefined : surfaceUnder(mission, level, at);
  return over[0] !== on && (!on || !sameLevel(sure(over, 0).level, on.level));
}

/** The highest and the lowest of a mission's decks, floors and roofs, metres; nothing without any. */
export function heightsOfSurfaces(mission: Mission): { least: number; most: number } | undefined {
  const ground = knownGround(mission.setting.terrain);
  const tops = [
    ...Object.values(mission.decks).map(({ top }) => top),
    ...Object.values(mission.buildings).flatMap((it) => houseOf(it, ground).floors),
  ];
  if (tops.length === 0) return undefined;
  return { least: Math.min(...tops), most: Math.max(...tops) };
}

/** The level of something new at a point, with what lies above a height peeled off. */
export function freshLevel(mission: Mission, at: Position, height: number | null): Level {
  const over = surfacesOver(mission, at);
  const seen = over.find(({ top }) => height === null || top <= height);
  if (seen === over[0]) return { type: "top" };
  return seen ? seen.level : { type: "ground" };
}

/** The point on a rim of a deck, or of an opening in it, that lies nearest to another. */
export function nearestOnRim(deck: Deck, at: Position): Position {
  const { outline, openings } = slabOf(deck);
  let best = at;
  let least = Infinity;
  for (const ring of [outline, ...openings]) {
    ring.forEach((a, i) => {
      const b = sure(ring, (i + 1) % ring.length);
      const [dx, dy] = [b.x - a.x, b.y - a.y];
      const length = dx * dx + dy * dy;
      const share = length === 0 ? 0 : ((at.x - a.x) * dx + (at.y - a.y) * dy) / length;
      const kept = Math.max(0, Math.min(1, share));
      const on = { x: a.x + dx * kept, y: a.y + dy * kept };
      const far = Math.hypot(on.x - at.x, on.y - at.y);
      if (far < least) [least, best] = [far, on];
    });
  }
  return best;
}
