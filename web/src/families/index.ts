import type { Family } from "../document/mission";
import { bands } from "./bands";
import { buildings } from "./buildings";
import { courses } from "./courses";
import { craft } from "./craft";
import { crossings } from "./crossings";
import { decks } from "./decks";
import { effects } from "./effects";
import { fixtures } from "./fixtures";
import { gates } from "./gates";
import { items } from "./items";
import { markers } from "./markers";
import { notes } from "./notes";
import { placeNames } from "./placeNames";
import { posts } from "./posts";
import { props } from "./props";
import { roads } from "./roads";
import { routes } from "./routes";
import { spawnPoints } from "./spawnPoints";
import { squads } from "./squads";
import { starts } from "./starts";
import type { SetDown, Traits } from "./traits";
import { units } from "./units";
import { views } from "./views";
import { walls } from "./walls";
import { zones } from "./zones";

/**
 * The families whose things have a place on the map, in the order in which Contents lists them. A
 * new one is a file beside this and a line here; what it has in common with others follows from it.
 */
export const FAMILIES = {
  starts,
  units,
  squads,
  bands,
  spawnPoints,
  posts,
  routes,
  zones,
  courses,
  walls,
  gates,
  decks,
  buildings,
  roads,
  crossings,
  fixtures,
  props,
  items,
  craft,
  effects,
  markers,
  placeNames,
  views,
  notes,
} as const;

/** A family whose things have a place on the map. */
export type PlacedFamily = keyof typeof FAMILIES;

/** The families whose things have no place on the map. */
type Unplaced =
  | "sides"
  | "stances"
  | "kinds"
  | "weapons"
  | "dealings"
  | "purposes"
  | "thingKinds"
  | "looks"
  | "itemKinds"
  | "folders"
  | "labels"
  | "flags"
  | "counters"
  | "timers"
  | "calls"
  | "choices"
  | "answers"
  | "exchanges"
  | "speakers"
  | "conversations"
  | "wavePlans"
  | "waves"
  | "objectives"
  | "endings"
  | "chapters"
  | "events"
  | "bundles"
  | "copies"
  | "todos";

/** A family that is told of neither here nor there does not compile. */
type Forgotten = Exclude<Family, PlacedFamily | Unplaced>;
true satisfies [Forgotten] extends [never] ? true : Forgotten;

/** What is told of a family. */
export type AnyTraits = Traits<PlacedFamily>;

/** The families, in their order. */
export const PLACED = Object.keys(FAMILIES) as PlacedFamily[];

/** What is told of a family; nothing of one whose things have no place on the map. */
export function traitsOf(family: string): AnyTraits | undefined {
  return (FAMILIES as unknown as Record<string, AnyTraits>)[family];
}

/** The families of which something is told. */
export function familiesWith(trait: (traits: AnyTraits) => unknown): PlacedFamily[] {
  return PLACED.filter((family) => trait(traitsOf(family) as AnyTraits));
}

/** How the things of a family are set down. */
export function setDownOf(family: PlacedFamily): SetDown<PlacedFamily> {
  const { setDown } = traitsOf(family) as AnyTraits;
  if (!setDown) throw new Error(`nothing sets down ${family} by itself`);
  return setDown;
}
