import { type Ground, heightAt } from "../map/ground";
import { insideRing } from "./geometry";
import { type Deck, type Mission, ordered, type Position, type Ref, type Unit } from "./mission";

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

/** The decks over a point, the highest first. */
export function decksOver(mission: Mission, at: Position): { id: string; top: number }[] {
  return Object.entries(mission.decks)
    .filter(([, deck]) => isOver(deck, at))
    .map(([id, deck]) => ({ id, top: deckHeight(deck, middleOf(deck), at) }))
    .sort((a, b) => b.top - a.top);
}

/** A thing that stands on a surface of one's choice. */
export interface Levelled {
  level: Level;
  position?: Position;
}

/** The families whose things stand on a surface of one's choice. */
export const LEVELLED = [
  "starts",
  "units",
  "spawnPoints",
  "posts",
  "walls",
  "gates",
  "fixtures",
  "props",
  "items",
  "cargo",
] as const;
type LevelledFamily = (typeof LEVELLED)[number];

/** The level that a thing stands on; nothing for what has none. */
export function levelOf(mission: Mission, ref: Ref): Level | undefined {
  return LEVELLED.includes(ref.family as LevelledFamily)
    ? mission[ref.family as LevelledFamily][ref.id]?.level
    : undefined;
}

/** The deck under a thing at a point; nothing where it stands on the ground. */
export function deckUnder(mission: Mission, level: Level, at: Position): string | undefined {
  if (level.type === "ground") return undefined;
  const over = decksOver(mission, at);
  const asked = level.type === "deck" ? over.find(({ id }) => id === level.deck.id) : undefined;
  return (asked ?? over[0])?.id;
}

/** Whether a deck lies above a thing at a point. */
export function isCovered(mission: Mission, level: Level, at: Position): boolean {
  const over = decksOver(mission, at);
  if (over.length === 0) return false;
  const on = deckUnder(mission, level, at);
  return over[0].id !== on;
}

/** The highest and the lowest top of a mission's decks, metres; nothing where it has none. */
export function heightsOfDecks(mission: Mission): { least: number; most: number } | undefined {
  const tops = Object.values(mission.decks).map(({ top }) => top);
  if (tops.length === 0) return undefined;
  return { least: Math.min(...tops), most: Math.max(...tops) };
}

/** The decks that lie higher than is looked at, and all that stands on them, by key. */
export function peeledOff(mission: Mission, height: number | null): ReadonlySet<string> {
  const off = new Set<string>();
  if (height === null) return off;
  for (const [id, { top }] of Object.entries(mission.decks)) {
    if (top > height) off.add(`decks/${id}`);
  }
  if (off.size === 0) return off;
  for (const family of LEVELLED) {
    for (const [id, thing] of Object.entries(mission[family])) {
      const at = "position" in thing ? thing.position : pointOf(thing);
      const on = at && deckUnder(mission, thing.level, at);
      if (on && off.has(`decks/${on}`)) off.add(`${family}/${id}`);
    }
  }
  return off;
}

function pointOf(thing: object): Position | undefined {
  if ("from" in thing) return thing.from as Position;
  const corners = "corners" in thing ? (thing.corners as Deck["corners"]) : {};
  return ordered(corners)[0]?.[1].position;
}

/** The level of something new at a point, with decks peeled off above a height. */
export function freshLevel(mission: Mission, at: Position, height: number | null): Level {
  const over = decksOver(mission, at);
  const seen = over.find(({ id }) => height === null || mission.decks[id].top <= height);
  if (seen === over[0]) return { type: "top" };
  return seen ? { type: "deck", deck: { family: "decks", id: seen.id } } : { type: "ground" };
}

/** How high above the zero of heights a thing stands at a point, metres. */
export function standsAt(mission: Mission, ground: Ground, level: Level, at: Position): number {
  const id = deckUnder(mission, level, at);
  if (id === undefined) return heightAt(ground, at.x, at.y);
  const deck = mission.decks[id];
  return deckHeight(deck, middleOf(deck), at);
}

/** The point on a rim of a deck, or of an opening in it, that lies nearest to another. */
export function nearestOnRim(deck: Deck, at: Position): Position {
  const { outline, openings } = slabOf(deck);
  let best = at;
  let least = Infinity;
  for (const ring of [outline, ...openings]) {
    ring.forEach((a, i) => {
      const b = ring[(i + 1) % ring.length];
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
