import { CENTIMETRE, GONE, THING, UNIT_FIELDS, type UnitSnapshot } from "../generated/snapshot.gen";

/** What is known of all units at one step. */
export interface Snapshot {
  step: number;
  units: ReadonlyMap<number, UnitSnapshot>;
  /** Where those things lie that may move and are not where they were set down, by their numbers. */
  places: ReadonlyMap<number, ThingPlace>;
}

/** Where a thing lies: metres east and north, and of its foot above the zero of heights. */
export interface ThingPlace {
  x: number;
  y: number;
  foot: number;
}

const BYTES = { u8: 1, u16: 2, i32: 4 } as const;
const HEADER = 8;

/** What is known before the first snapshot. */
const NOTHING: Snapshot = { step: 0, units: new Map(), places: new Map() };

/**
 * Decodes a snapshot against the one that it differs from; `undefined` where that one is not at hand.
 */
export function decode(
  bytes: ArrayBuffer,
  known: (step: number) => Snapshot | undefined,
): Snapshot | undefined {
  const view = new DataView(bytes);
  const step = view.getUint32(0);
  const base = view.getUint32(4);
  const from = base === 0 ? NOTHING : known(base);
  if (!from) return undefined;
  const units = new Map<number, UnitSnapshot>(from.units);
  const places = new Map<number, ThingPlace>(from.places);
  let at = HEADER;
  while (at < bytes.byteLength) {
    const unit = view.getUint16(at);
    const mask = view.getUint8(at + 2);
    at += 3;
    if (mask === GONE) {
      units.delete(unit);
      continue;
    }
    if (mask === THING) {
      const [x, y, foot] = [0, 4, 8].map((by) => view.getInt32(at + by) * CENTIMETRE);
      places.set(unit, { x: x ?? 0, y: y ?? 0, foot: foot ?? 0 });
      at += 3 * BYTES.i32;
      continue;
    }
    const fields = {
      x: 0,
      y: 0,
      facing: 0,
      health: 0,
      signs: 0,
      speed: 0,
      deck: 0,
      ...units.get(unit),
    };
    UNIT_FIELDS.forEach(({ name, wire, scale }, i) => {
      if (mask & (1 << i)) {
        const number =
          wire === "u8"
            ? view.getUint8(at)
            : wire === "u16"
              ? view.getUint16(at)
              : view.getInt32(at);
        fields[name] = number * scale;
        at += BYTES[wire];
      }
    });
    units.set(unit, fields);
  }
  return { step, units, places };
}

/** What the signs of a unit say. */
export function signs(unit: UnitSnapshot) {
  return {
    dead: (unit.signs & 1) !== 0,
    down: (unit.signs & 64) !== 0,
    alertness: (unit.signs >> 1) & 3,
    struck: (unit.signs & 8) !== 0,
    hurt: (unit.signs & 16) !== 0,
    underWay: (unit.signs & 32) !== 0,
    bound: (unit.signs & 128) !== 0,
  };
}

/** Where things lie between two snapshots, by their ids; what leaps is where it comes to. */
export function placesBetween(
  one: Snapshot | undefined,
  other: Snapshot | undefined,
  share: number,
  ids: string[],
): ReadonlyMap<string, ThingPlace> {
  const between = new Map<string, ThingPlace>();
  for (const [thing, to] of other?.places ?? []) {
    const from = one?.places.get(thing) ?? to;
    const leaps = Math.hypot(to.x - from.x, to.y - from.y) > LEAP;
    const on = leaps ? 1 : share;
    between.set(ids[thing] ?? "", {
      x: from.x + (to.x - from.x) * on,
      y: from.y + (to.y - from.y) * on,
      foot: from.foot + (to.foot - from.foot) * on,
    });
  }
  return between;
}

/** What goes farther between two snapshots has not slid there, metres. */
const LEAP = 3;

/** A unit between two snapshots; it turns the shorter way. */
export function between(one: UnitSnapshot, other: UnitSnapshot, share: number): UnitSnapshot {
  const turn = ((other.facing - one.facing + 540) % 360) - 180;
  return {
    ...other,
    x: one.x + (other.x - one.x) * share,
    y: one.y + (other.y - one.y) * share,
    facing: one.facing + turn * share,
  };
}
