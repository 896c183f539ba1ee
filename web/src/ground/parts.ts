import type { PartTool } from "../model/desk";
import { onGround } from "../model/geometry";
import {
  type Mission,
  newId,
  orderAfter,
  ordered,
  type Position,
  type Ref,
} from "../model/mission";
import type { OpenMission } from "../model/store";
import { nearestOnRim } from "../model/surfaces";
import { inOrder } from "./fresh";

/** How wide new ramps are, metres. */
const WIDE = 1.6;

/** A point of a part of a thing, and the way to it from the thing. */
export interface PartPoint {
  path: string[];
  at: Position;
}

/** The points of a thing's parts that are dragged by themselves: openings and ramps of a deck. */
export function partPoints(mission: Mission, ref: Ref): PartPoint[] {
  const deck = ref.family === "decks" ? mission.decks[ref.id] : undefined;
  if (!deck) return [];
  const openings = ordered(deck.openings).flatMap(([id, { corners }]) =>
    ordered(corners).map(([corner, { position }]) => ({
      path: ["openings", id, "corners", corner, "position"],
      at: position,
    })),
  );
  const ramps = ordered(deck.ramps).flatMap(([id, { head, foot }]) => [
    { path: ["ramps", id, "head"], at: head },
    { path: ["ramps", id, "foot"], at: foot },
  ]);
  return [...openings, ...ramps];
}

/** Puts a point of a part elsewhere; the head of a ramp keeps to a rim of its deck. */
export function putPart(draft: Mission, ref: Ref, path: string[], at: Position): void {
  const deck = draft.decks[ref.id];
  if (!deck) return;
  const holder = path.slice(0, -1).reduce<unknown>(step, deck) as Record<string, Position>;
  const last = path[path.length - 1];
  if (holder?.[last]) {
    holder[last] = onGround(draft, last === "head" ? nearestOnRim(deck, at) : at);
  }
}

function step(holder: unknown, name: string): unknown {
  return (holder as Record<string, unknown> | undefined)?.[name];
}

/** Adds a part that was drawn to its thing, as one edit. */
export function addPart(open: OpenMission, tool: PartTool, points: Position[]): void {
  const deck = open.state.mission.decks[tool.deck];
  if (!deck) return;
  const words = { opening: "an opening", ramp: "a ramp", stairs: "stairs" };
  open.edit(`Give ${deck.name} ${words[tool.part]}`, (draft) => {
    const { openings, ramps } = draft.decks[tool.deck];
    const at = points.map((point) => onGround(draft, point));
    if (tool.part === "opening") {
      openings[newId()] = { order: orderAfter(openings), corners: inOrder(at, {}) };
      return;
    }
    ramps[newId()] = {
      order: orderAfter(ramps),
      head: onGround(draft, nearestOnRim(deck, at[0])),
      foot: at[1],
      width: WIDE,
      tread: tool.part === "stairs" ? "stairs" : "slope",
    };
  });
}
