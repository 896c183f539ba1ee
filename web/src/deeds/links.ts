import {
  FAMILY_WORDS,
  type Mission,
  nameOf,
  type Order,
  pinnedOf,
  type Ref,
} from "../document/mission";
import type { OpenMission } from "../document/store";
import { traitsOf } from "../families";
import { join } from "./deeds";

/** Something that two things can do together. */
export interface Offer {
  word: string;
  make: (open: OpenMission) => void;
}

/** Gives a unit or squad an order, as one edit. */
function order(of: Ref, name: string, verb: string, to: Order): Offer {
  return {
    word: verb,
    make: (open) =>
      open.edit(`${name}: ${verb}`, (draft) => {
        const who = of.family === "squads" ? draft.squads[of.id] : draft.units[of.id];
        who.order = to;
      }),
  };
}

/** Someone as an order names them: one unit, all of a squad, or a player. */
function whom(to: Ref) {
  if (to.family === "squads") {
    return { quantifier: { type: "any" }, whom: { type: "squad", squad: to } } as const;
  }
  return to.family === "starts"
    ? ({ quantifier: { type: "any" }, whom: { type: "start", start: to } } as const)
    : ({ quantifier: { type: "any" }, whom: { type: "unit", unit: to } } as const);
}

/** What two things can do together, in the order in which it is likely meant. */
export function offers(mission: Mission, from: Ref, to: Ref): Offer[] {
  const [a, b] = [nameOf(mission, from), nameOf(mission, to)];
  if (from.family === "units" || from.family === "squads") return ofPeople(from, to, a, b);
  if (from.family === "fixtures" && to.family === "gates") return ofFixture(from, to, a, b);
  if (from.family === "zones" && (to.family === "units" || to.family === "starts")) {
    return [
      {
        word: `ride on ${b}`,
        make: (open) =>
          open.edit(`${a} rides on ${b}`, (draft) => {
            draft.zones[from.id].rides =
              to.family === "units" ? { type: "unit", unit: to } : { type: "start", start: to };
          }),
      },
    ];
  }
  const back = linkable(to.family).includes(from.family);
  return back ? offers(mission, to, from).map((it) => ({ ...it, word: `${b}: ${it.word}` })) : [];
}

function ofPeople(from: Ref, to: Ref, a: string, b: string): Offer[] {
  switch (to.family) {
    case "posts":
      return [order(from, a, `guard ${b}`, { type: "guard", post: to })];
    case "routes":
      return [order(from, a, `go along ${b}`, { type: "along", route: to })];
    case "zones":
      return [order(from, a, `go to and fro to ${b}`, goesTo({ type: "zone", zone: to }))];
    case "spawnPoints":
      return [
        order(from, a, `go to and fro to ${b}`, goesTo({ type: "spawnPoint", spawnPoint: to })),
      ];
    case "units":
    case "squads":
    case "starts": {
      const orders = [
        order(from, a, `escort ${b}`, { type: "escort", who: whom(to) }),
        order(from, a, `attack ${b}`, { type: "attack", who: whom(to) }),
      ];
      const joins = from.family === "units" && to.family === "squads";
      const join_: Offer = { word: `join ${b}`, make: (open) => join(open, [from], to.id) };
      return joins ? [join_, ...orders] : orders;
    }
    default:
      return [];
  }
}

function goesTo(to: Extract<Order, { type: "prowl" }>["to"]): Order {
  return { type: "prowl", to, pause: pinnedOf(10) };
}

function ofFixture(from: Ref, to: Ref, a: string, b: string): Offer[] {
  return (["opens", "closes", "turns"] as const).map((type) => {
    const verb = { opens: "open", closes: "close", turns: "open or close" }[type];
    return {
      word: `${verb} ${b}`,
      make: (open) =>
        open.edit(`${a} ${type} ${b}`, (draft) => {
          const uses = Object.values(draft.fixtures[from.id].uses);
          const use = uses.find(({ effect }) => effect.type === "nothing") ?? uses[0];
          if (use) use.effect = { type, gate: to };
        }),
    };
  });
}

/** Why two things can do nothing together. */
export function noOffer(mission: Mission, from: Ref, to: Ref): string {
  return `${nameOf(mission, from)} and ${nameOf(mission, to)} have nothing to do with each other: a ${FAMILY_WORDS[from.family]} and a ${FAMILY_WORDS[to.family]}.`;
}

/** The families that something of a family can be linked to. */
export function linkable(family: Ref["family"]): Ref["family"][] {
  return traitsOf(family)?.links ?? [];
}
