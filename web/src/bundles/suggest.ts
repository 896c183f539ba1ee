import {
  FAMILY_WORDS,
  type Family,
  find,
  key,
  type Mission,
  namedIn,
  nameOf,
  type Ref,
  references,
  refOf,
  usesOf,
} from "../document/mission";
import { sure } from "../document/sure";

/** Families that a bundle cannot be made of; what it is made of names them. */
const NEVER: ReadonlySet<Family> = new Set<Family>([
  "sides",
  "stances",
  "kinds",
  "weapons",
  "starts",
  "purposes",
  "thingKinds",
  "looks",
  "itemKinds",
  "folders",
  "labels",
  "speakers",
  "chapters",
  "bundles",
  "copies",
  "todos",
]);

/** Families whose things have no place and are set and read by events. */
const FACTS: ReadonlySet<Family> = new Set<Family>([
  "bands",
  "flags",
  "counters",
  "timers",
  "conversations",
  "choices",
  "answers",
  "exchanges",
  "wavePlans",
  "waves",
  "objectives",
]);

/** Families whose things are part of one of another, and what they name it by. */
const PARTS = [
  { family: "waves", of: "wavePlans", by: "wavePlan" },
  { family: "answers", of: "choices", by: "choice" },
] as const;

/** Whether a thing of a family can be part of a bundle. */
export function canBePart(family: Family): boolean {
  return !NEVER.has(family);
}

/** Something that may belong into a bundle with what was chosen. */
export interface Suggestion {
  ref: Ref;
  /** Whether it is about nothing else than what was chosen. */
  belongs: boolean;
}

/** What may belong into a bundle with some things: events that name them, and what those alone use. */
export function suggestions(mission: Mission, keys: readonly string[]): Suggestion[] {
  const chosen = new Set(keys);
  for (const [id, { belongs }] of Object.entries(mission.units)) {
    if (belongs.type === "squad" && chosen.has(key(belongs.squad))) chosen.add(`units/${id}`);
  }
  const events = new Map<string, boolean>();
  for (const name of chosen) {
    for (const user of usesOf(mission, refOf(name))) {
      if (user.family !== "events" || chosen.has(key(user))) continue;
      events.set(key(user), isAbout(mission, user, chosen));
    }
  }
  for (const [event, belongs] of events) if (belongs) chosen.add(event);
  const facts = new Map<string, boolean>();
  for (const of of [...chosen].filter((name) => /^(events|squads)\//.test(name))) {
    for (const name of namedIn(find(mission, refOf(of)) ?? {})) {
      if (!FACTS.has(refOf(name).family) || chosen.has(name)) continue;
      facts.set(
        name,
        usesOf(mission, refOf(name)).every((user) => chosen.has(key(user))),
      );
    }
  }
  for (const [name, belongs] of [...facts]) {
    for (const part of partsOf(mission, refOf(name))) facts.set(part, belongs);
  }
  return [...events, ...facts].map(([name, belongs]) => ({ ref: refOf(name), belongs }));
}

/** The waves of a plan, the answers to a choice. */
function partsOf(mission: Mission, of: Ref): string[] {
  return PARTS.filter((it) => it.of === of.family).flatMap(({ family, by }) =>
    Object.entries(mission[family] as Record<string, object>)
      .filter(([, it]) => (it as Record<string, Ref>)[by]?.id === of.id)
      .map(([id]) => key({ family, id })),
  );
}

/** Whether an event names no thing with a place but some. */
function isAbout(mission: Mission, event: Ref, chosen: ReadonlySet<string>): boolean {
  return namedIn(sure(mission.events, event.id)).every((name) => {
    const { family } = refOf(name);
    return chosen.has(name) || NEVER.has(family) || FACTS.has(family);
  });
}

/** Something of the chosen things that each copy may have its own value for. */
export interface Candidate {
  id: string;
  /** What a parameter of it is called at first. */
  name: string;
  /** What stands there, in words. */
  stands: string;
  /** The thing that it is found in first. */
  of: Ref;
  places: string[];
  /** Whether it likely differs from copy to copy. */
  likely: boolean;
}

/** Figures of events that are of their making rather than of what they mean. */
const DULL: ReadonlySet<string> = new Set([
  "x",
  "y",
  "order",
  "times",
  "weight",
  "calm",
  "breezy",
  "rough",
  "storm",
]);

/** Figures of things with a place that a parameter is worth. */
const WORTH: ReadonlySet<string> = new Set(["count", "seconds", "radius", "noise"]);

const WORDED: ReadonlySet<string> = new Set(["text", "debriefing", "title"]);

/** What a figure is called, where its field says too little. */
const NAMES: Record<string, string> = {
  value: "Amount",
  seconds: "For",
  count: "How many",
  text: "Words",
};

/** The values in some things that may become parameters: things outside, then numbers, then texts. */
export function candidates(mission: Mission, keys: readonly string[]): Candidate[] {
  const chosen = new Set(keys);
  const things = new Map<string, Candidate>();
  const figures: Candidate[] = [];
  const texts: Candidate[] = [];
  for (const name of keys) {
    const ref = refOf(name);
    const thing = (mission[ref.family] as Record<string, object>)[ref.id];
    for (const it of references(thing)) {
      const named = key(it.ref);
      if (chosen.has(named) || it.ref.family === "chapters" || it.ref.id === "") continue;
      const place = `/${ref.family}/${ref.id}/${it.path.join("/")}`;
      const there = things.get(named);
      if (there) there.places.push(place);
      else things.set(named, ofThing(mission, it.ref, ref, place));
    }
    const scripted = ref.family === "events" || FACTS.has(ref.family);
    leaves(thing, `/${name}`, (place, value) => {
      const [field = "", before] = place.split("/").reverse();
      const figure = scripted ? !DULL.has(field) : WORTH.has(field);
      if (typeof value === "number" && value !== 0 && figure) {
        const called = before === "after" ? "Wait" : words(field);
        const stands = String(value);
        figures.push({ id: place, name: called, stands, of: ref, places: [place], likely: false });
      }
      if (typeof value === "string" && WORDED.has(field) && value !== "") {
        const stands = `“${value}”`;
        texts.push({
          id: place,
          name: words(field),
          stands,
          of: ref,
          places: [place],
          likely: false,
        });
      }
    });
  }
  return [...things.values(), ...figures, ...texts];
}

function ofThing(mission: Mission, ref: Ref, of: Ref, place: string): Candidate {
  return {
    id: key(ref),
    name: words(FAMILY_WORDS[ref.family]),
    stands: nameOf(mission, ref),
    of,
    places: [place],
    likely: !NEVER.has(ref.family) || ref.family === "starts",
  };
}

/** A field as a name begins: `maxSpeed` is "Max speed". */
function words(field: string): string {
  const spaced = (NAMES[field] ?? field).replace(/([A-Z])/g, " $1").toLowerCase();
  return sure(spaced, 0).toUpperCase() + spaced.slice(1);
}

/** Visits every plain value in a part of a document; references are none. */
function leaves(node: unknown, at: string, visit: (place: string, value: unknown) => void): void {
  if (node === null || typeof node !== "object") {
    visit(at, node);
    return;
  }
  const fields = node as Record<string, unknown>;
  const names = Object.keys(fields);
  if (names.length === 2 && "family" in fields && "id" in fields) return;
  for (const name of names) leaves(fields[name], `${at}/${name}`, visit);
}
