import { type Place, pinnedOf, type Selector } from "../document/mission";

export type Whom = Selector["whom"];

/** Those of some who stand somewhere, or some of whom those come first who stand nearest to it. */
export type Narrowed = Extract<Whom, { of: Whom }>;

/** A place that has still to be chosen. */
const NOWHERE: Place = { type: "zone", zone: { family: "zones", id: "" } };

/** Whether it is said where those have to stand who are meant, or who of them comes first. */
export function isNarrowed(whom: Whom): whom is Narrowed {
  return "of" in whom;
}

/** Of whom it speaks, wherever they have to stand. */
export function baseOf(whom: Whom): Whom {
  return isNarrowed(whom) ? baseOf(whom.of) : whom;
}

/** The same about others. */
export function rebased(whom: Whom, base: Whom): Whom {
  return isNarrowed(whom) ? { ...whom, of: rebased(whom.of, base) } : base;
}

/** The ways in which those who are meant are narrowed down, the innermost first. */
export function narrowings(whom: Whom): Narrowed["type"][] {
  return isNarrowed(whom) ? [...narrowings(whom.of), whom.type] : [];
}

/** Narrows down who is meant; who comes first is said last. */
export function narrowed(whom: Whom, how: Narrowed["type"]): Whom {
  const last = whom.type === "nearest" || whom.type === "farthest";
  if (last && (how === "inside" || how === "within"))
    return { ...whom, of: narrowed(whom.of, how) };
  if (how === "inside") return { type: how, of: whom, zone: { family: "zones", id: "" } };
  if (how === "within") return { type: how, of: whom, distance: pinnedOf(20), place: NOWHERE };
  return { type: how, of: whom, place: NOWHERE };
}

/** Leaves out one way in which those who are meant are narrowed down. */
export function widened(whom: Whom, how: Narrowed["type"]): Whom {
  if (!isNarrowed(whom)) return whom;
  return whom.type === how ? whom.of : { ...whom, of: widened(whom.of, how) };
}
