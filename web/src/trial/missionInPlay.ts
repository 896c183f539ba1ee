import type { Mission, Prop } from "../document/mission";
import { PLACED, traitsOf } from "../families";
import type { InPlay } from "../families/traits";
import type { TrialState } from "./game";
import type { Brought, Moved } from "./messages";

/** A mission with its things as play has them by now, and without those that it does not show. */
export function missionInPlay(mission: Mission, play: InPlay): Mission {
  const shown = { ...mission };
  if (play.wind) shown.setting = { ...mission.setting, wind: play.wind };
  for (const family of PLACED) {
    const inPlay = traitsOf(family)?.inPlay;
    const things = inPlay ? inPlay(mission[family] as never, play) : {};
    Object.assign(shown, { [family]: things });
  }
  return shown;
}

/** What a mission is with all that zones may bring forth; kept until either is another. */
let kept: { mission: Mission; brought: Brought[]; with: Mission } | null = null;

/** A mission with the props that its zones may bring forth; they are gone until then. */
export function withBrought(mission: Mission, brought: Brought[]): Mission {
  if (brought.length === 0) return mission;
  if (kept?.mission !== mission || kept.brought !== brought) {
    const places = brought.map((it): [string, Prop] => [it.id, place(it)]);
    const props = { ...mission.props, ...Object.fromEntries(places) };
    kept = { mission, brought, with: { ...mission, props } };
  }
  return kept.with;
}

function place({ name, kind, at }: Brought): Prop {
  return {
    name,
    kind: { family: "thingKinds", id: kind },
    position: at,
    level: { type: "ground" },
    atop: { type: "nothing" },
    facing: 0,
    scale: 1,
    begins: { type: "asItsKind" },
    stands: "gone",
    drops: {},
    wear: "none",
    sunk: 0,
    tilt: 0,
    front: 0,
  };
}

/** How far open a gate is that is moving, 0 to 1, a share of a step before the latest one. */
export function openness(moved: Moved | undefined, step: number, share: number) {
  if (!moved) return undefined;
  const gone = (step - 1 + share - moved.since) / (moved.until - moved.since);
  return moved.from + (moved.to - moved.from) * Math.max(0, Math.min(1, gone));
}

/** How far a deck is from where it was drawn, a share of a step before the latest one. */
export function goneNow(decks: TrialState["decks"], id: string, step: number, share: number) {
  const now = decks.at[id];
  const was = decks.were[id] ?? { east: 0, north: 0, up: 0 };
  if (decks.step !== step || !(now?.goes || decks.were[id]?.goes)) return now;
  const { east, north, up } = now ?? { east: 0, north: 0, up: 0 };
  const mix = (from: number, to: number) => from + (to - from) * share;
  return { east: mix(was.east, east), north: mix(was.north, north), up: mix(was.up, up) };
}
