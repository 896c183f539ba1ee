import {
  find,
  freshName,
  key,
  type Mission,
  nameOf,
  newId,
  ordered,
  type Ref,
  references,
  safeBetween,
} from "../document/mission";
import { sure } from "../document/sure";
import { eventsOf } from "./eventMoves";

/** One place of the script that names a thing. */
export interface Use {
  /** What it is a place of: an event, an objective or another thing of the script. */
  holder: Ref;
  /** The steps from that to the reference. */
  path: string[];
}

/** The families whose things are read through beside the events. */
const MORE = ["objectives", "endings", "wavePlans", "waves", "conversations"] as const;

/** What of the script may name things, events first and in their order. */
function holders(mission: Mission): Ref[] {
  const events = inOrder(mission).map((id): Ref => ({ family: "events", id }));
  const more = MORE.flatMap((family) =>
    Object.keys(mission[family]).map((id): Ref => ({ family, id })),
  );
  return [...events, ...more];
}

/** The places of one that name something chosen; where it belongs itself is none. */
function named(mission: Mission, holder: Ref) {
  return references(find(mission, holder)).filter(
    ({ ref, path }) => ref.id !== "" && !(holder.family === "events" && path[0] === "chapter"),
  );
}

/** Families of which things can stand for one another in a sentence. */
export const STANDS_FOR: Partial<Record<Ref["family"], Ref["family"][]>> = {
  units: ["units", "starts", "squads", "bands"],
  starts: ["starts", "units", "squads", "bands"],
  squads: ["squads", "bands", "units", "starts"],
  bands: ["bands", "squads", "units", "starts"],
};

/** The events of a mission in their order. */
export function inOrder(mission: Mission): string[] {
  return ordered(mission.chapters).flatMap(([chapter]) =>
    ordered(eventsOf(mission, chapter)).map(([id]) => id),
  );
}

/** Everything that the script names, with how often, the most used first. */
export function namedInScript(mission: Mission): { ref: Ref; times: number }[] {
  const times = new Map<string, { ref: Ref; times: number }>();
  for (const holder of holders(mission)) {
    for (const { ref } of named(mission, holder)) {
      const known = times.get(key(ref));
      if (known) known.times++;
      else times.set(key(ref), { ref, times: 1 });
    }
  }
  return [...times.values()].sort((a, b) => b.times - a.times);
}

/** Where the script names a thing: in its events in their order, then in what else it is made of. */
export function usesIn(mission: Mission, of: Ref): Use[] {
  return holders(mission).flatMap((holder) =>
    named(mission, holder)
      .filter(({ ref }) => key(ref) === key(of))
      .map(({ path }) => ({ holder, path })),
  );
}

type Tree = Record<string, unknown>;

/** The slot that holds a thing: who it is of may be said in another way for another kind of thing. */
const WHOM: Partial<Record<Ref["family"], string>> = {
  units: "unit",
  starts: "start",
  squads: "squad",
  bands: "band",
};

/** Those of whom one can speak that have a place. */
const SINGLE: readonly Ref["family"][] = ["units", "starts"];

/** Puts another thing in the place of one where a part of a draft names it. */
export function replaceAt(part: unknown, path: string[], by: Ref): void {
  const holder = path.slice(0, -1).reduce((node, step) => (node as Tree)[step], part) as Tree;
  const slot = sure(path, path.length - 1);
  const was = holder[slot] as Ref;
  const type = WHOM[by.family];
  if (was.family !== by.family && type && holder.type === slot) {
    delete holder[slot];
    holder.type = type;
    holder[type] = { ...by };
  } else {
    holder[slot] = { ...by };
  }
}

/** Whether a thing may stand where another does: of its family, or whom one can speak of as well. */
export function canStandAt(part: unknown, path: string[], by: Ref): boolean {
  const holder = path.slice(0, -1).reduce((node, step) => (node as Tree)[step], part) as Tree;
  const slot = sure(path, path.length - 1);
  const was = holder[slot] as Ref;
  if (was.family === by.family) return true;
  const place = path[path.length - 2] === "place";
  const whom = holder.type === slot && ["whom", "of"].includes(sure(path, path.length - 2));
  return whom ? by.family in WHOM : place && SINGLE.includes(by.family);
}

/** Puts another thing in the place of one at some places of the script, as one change of a draft. */
export function replaceUses(draft: Mission, uses: Use[], by: Ref): void {
  for (const { holder, path } of uses) {
    const of = find(draft, holder);
    if (canStandAt(of, path, by)) replaceAt(of, path, by);
  }
}

/** The longest name that an event may have. */
const LONGEST = 60;

/** What the copy of an event for another thing is called. */
function nameFor(event: string, was: string, now: string): string {
  const name = event.includes(was) ? event.replaceAll(was, now) : `${event}: ${now}`;
  return name.slice(0, LONGEST);
}

/**
 * Copies an event for each of some other things: wherever it names one thing, the copy names the
 * other, and where it names itself, the copy names itself. The copies come right behind it.
 */
export function copyFor(draft: Mission, id: string, of: Ref, others: Ref[]): string[] {
  const event = sure(draft.events, id);
  const chapter = ordered(eventsOf(draft, event.chapter.id));
  const next = chapter[chapter.findIndex(([it]) => it === id) + 1];
  let last = event.order;
  const was = nameOf(draft, of);
  const plain = JSON.stringify(event);
  return others.map((other) => {
    const copy = JSON.parse(plain) as typeof event;
    for (const { ref, path } of references(copy)) {
      if (key(ref) === key(of)) replaceAt(copy, path, other);
    }
    const made = newId();
    for (const { ref, path } of references(copy)) {
      if (ref.family === "events" && ref.id === id) {
        replaceAt(copy, path, { family: "events", id: made });
      }
    }
    last = safeBetween(last, next?.[1].order ?? null);
    const name = freshName(draft.events, nameFor(event.name, was, nameOf(draft, other)));
    draft.events[made] = { ...copy, name, order: last };
    return made;
  });
}
