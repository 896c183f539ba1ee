import { type Deck, ordered, type Position } from "./mission";

/** Where a deck that moves stops, seen from where it is drawn, metres. */
export interface DeckStop {
  east: number;
  north: number;
  up: number;
}

/** How far above the one before a new stop lies, metres. */
export const STOREY = 3;

/** A deck that stays where it is. */
export const STAYS: Deck["motion"] = { runs: "sent", speed: 1, stay: 3, load: 0, stops: {} };

/** The stops of a deck in their order, the first where it is drawn. */
export function stopsOf({ motion }: Deck): DeckStop[] {
  const others = ordered(motion.stops).map(([, stop]) => stop);
  return [{ east: 0, north: 0, up: 0 }, ...others];
}

/** Whether a deck moves at all. */
export function moves(deck: Deck): boolean {
  return Object.keys(deck.motion.stops).length > 0 && Object.keys(deck.corners).length > 2;
}

/** How far a deck goes from its first stop to its last, metres. */
export function wayOf(deck: Deck): number {
  const stops = stopsOf(deck);
  return stops.slice(1).reduce((sum, stop, i) => sum + apart(stop, stops[i] ?? stop), 0);
}

function apart(one: DeckStop, other: DeckStop): number {
  return Math.hypot(one.east - other.east, one.north - other.north, one.up - other.up);
}

/** A deck so far from where it is drawn, with all that belongs to it but its ramps. */
export function shifted(deck: Deck, { east, north, up }: DeckStop): Deck {
  const off = ({ x, y }: Position) => ({ x: x + east, y: y + north });
  const corners = (all: Deck["corners"]) =>
    Object.fromEntries(
      Object.entries(all).map(([id, it]) => [id, { ...it, position: off(it.position) }]),
    );
  return {
    ...deck,
    corners: corners(deck.corners),
    openings: Object.fromEntries(
      Object.entries(deck.openings).map(([id, it]) => [
        id,
        { ...it, corners: corners(it.corners) },
      ]),
    ),
    top: deck.top + up,
  };
}
