import { key, type Mission, type Position, type Ref, refOf } from "../document/mission";
import type { OpenMission } from "../document/store";
import { sure } from "../document/sure";
import { moveThings, placeOf } from "../things/geometry";

/** How things are put in a row. */
export type Alignment = "west" | "middleEast" | "east" | "south" | "middleNorth" | "north";

/** Along what things are spread evenly. */
export type Spread = "eastward" | "northward";

interface Placed {
  ref: Ref;
  at: Position;
}

function placed(mission: Mission, keys: string[]): Placed[] {
  return keys.map(refOf).flatMap((ref) => {
    const at = placeOf(mission, ref);
    return at ? [{ ref, at }] : [];
  });
}

/** Where each thing goes when they are put in a row. */
export function aligned(mission: Mission, keys: string[], to: Alignment): Map<string, Position> {
  const things = placed(mission, keys);
  const xs = things.map(({ at }) => at.x);
  const ys = things.map(({ at }) => at.y);
  const middle = (values: number[]) => (Math.min(...values) + Math.max(...values)) / 2;
  const line = {
    west: { x: Math.min(...xs) },
    middleEast: { x: middle(xs) },
    east: { x: Math.max(...xs) },
    south: { y: Math.min(...ys) },
    middleNorth: { y: middle(ys) },
    north: { y: Math.max(...ys) },
  }[to];
  return new Map(things.map(({ ref, at }) => [key(ref), { ...at, ...line }]));
}

/** Where each thing goes when all are spread evenly between the first and the last of them. */
export function spread(mission: Mission, keys: string[], along: Spread): Map<string, Position> {
  const axis = along === "eastward" ? "x" : "y";
  const things = placed(mission, keys).sort((a, b) => a.at[axis] - b.at[axis]);
  const [first, last] = [sure(things, 0), sure(things, things.length - 1)];
  const gap = things.length > 1 ? (last.at[axis] - first.at[axis]) / (things.length - 1) : 0;
  return new Map(
    things.map(({ ref, at }, i) => [key(ref), { ...at, [axis]: first.at[axis] + gap * i }]),
  );
}

/** Moves things to where each belongs, as one edit. */
export function layOut(open: OpenMission, label: string, places: Map<string, Position>): void {
  open.edit(label, (draft) => {
    for (const [name, to] of places) {
      const at = placeOf(draft, refOf(name));
      if (at) moveThings(draft, [refOf(name)], to.x - at.x, to.y - at.y);
    }
  });
}
