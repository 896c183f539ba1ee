import {
  FAMILY_WORDS,
  find,
  type Mission,
  nameOf,
  type Order,
  type Ref,
} from "../document/mission";
import { traitsOf } from "../families";
import type { Offer } from "../families/traits";

/** Gives something an order, as one edit. */
function order(mission: Mission, of: Ref, verb: string, to: Order): Offer {
  return {
    word: verb,
    label: `${nameOf(mission, of)}: ${verb}`,
    make: (draft) => {
      const who = find(draft, of) as { order: Order } | undefined;
      if (who) who.order = to;
    },
  };
}

/** What one thing can do with another. */
function own(mission: Mission, from: Ref, to: Ref): Offer[] {
  const traits = traitsOf(from.family);
  if (!traits?.links?.includes(to.family)) return [];
  const name = nameOf(mission, to);
  const orders = (traits.ordered && traitsOf(to.family)?.orders?.(to, name)) || [];
  return [
    ...(traits.offers?.(from, to, mission) ?? []),
    ...orders.map((it) => order(mission, from, it.verb, it.order)),
  ];
}

/** What two things can do together, in the order in which it is likely meant. */
export function offers(mission: Mission, from: Ref, to: Ref): Offer[] {
  const found = own(mission, from, to);
  if (found.length > 0) return found;
  const back = `${nameOf(mission, to)}: `;
  return own(mission, to, from).map((it) => ({ ...it, word: `${back}${it.word}` }));
}

/** Why two things can do nothing together. */
export function noOffer(mission: Mission, from: Ref, to: Ref): string {
  return `${nameOf(mission, from)} and ${nameOf(mission, to)} have nothing to do with each other: a ${FAMILY_WORDS[from.family]} and a ${FAMILY_WORDS[to.family]}.`;
}

/** The families that something of a family can be linked to. */
export function linkable(family: Ref["family"]): Ref["family"][] {
  return traitsOf(family)?.links ?? [];
}
