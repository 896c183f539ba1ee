import {
  type Mission,
  newId,
  orderAfter,
  ordered,
  type Place,
  type WhereNearestOf,
  type WhereOneOf,
} from "../document/mission";
import { placeWords } from "./places";

/** Where an event does something: at a place, at one of several, or where somebody is. */
export type Where = Place | WhereOneOf | WhereNearestOf;

/** How one of several places is taken, in words. */
export const CHOICES: Record<WhereOneOf["how"], string> = {
  nearest: "the nearest of",
  inTurn: "the next in turn of",
  byChance: "one by chance of",
  emptiest: "the emptiest of",
};

/** Whether it is a place, always the same. */
export function isPlace(where: Where): where is Place {
  return where.type !== "oneOf" && where.type !== "nearestOf";
}

/** One of several places, of which the first is known. */
export function oneOf(place: Place): WhereOneOf {
  return { type: "oneOf", how: "nearest", places: { [newId()]: { order: "a0", place } } };
}

/** The same with one more place to choose from. */
export function withPlace(one: WhereOneOf, place: Place): WhereOneOf {
  return {
    ...one,
    places: { ...one.places, [newId()]: { order: orderAfter(one.places), place } },
  };
}

/** The same without one of its places; the last is a place by itself. */
export function withoutPlace(one: WhereOneOf, id: string): Where {
  const { [id]: gone, ...places } = one.places;
  return gone && Object.keys(places).length === 0 ? gone.place : { ...one, places };
}

/** Where something is done, in words; `some` says who is meant. */
export function whereWords(
  mission: Mission,
  where: Where,
  some: (whom: WhereNearestOf["whom"]) => string,
): string {
  switch (where.type) {
    case "oneOf": {
      const places = ordered(where.places).map(([, { place }]) => placeWords(mission, place));
      return `${CHOICES[where.how]} (${places.join(", ")})`;
    }
    case "nearestOf":
      return isPerson(where.whom) ? some(where.whom) : `${CHOICES.nearest} ${some(where.whom)}`;
    default:
      return placeWords(mission, where);
  }
}

/** Whether somebody is meant who is known only when it is done. */
export function isPerson(whom: WhereNearestOf["whom"]): boolean {
  return whom.type === "causer" || whom.type === "other" || whom.type === "thisOne";
}
