import { find, key, type Mission, ordered, type Ref, refOf, standing } from "../document/mission";
import { sure } from "../document/sure";
import { PLACED, type PlacedFamily, traitsOf } from "../families";

/** By what Contents groups its things. */
export type Grouping = "family" | "side" | "folder";

/** One line of Contents. */
export type Row =
  | {
      is: "heading";
      /** Names the heading, such as `family:units` or `folder:act-2`. */
      heading: string;
      word: string;
      folder?: string;
      things: string[];
      folded: boolean;
    }
  | { is: "thing"; name: string; ref: Ref; word: string }
  | { is: "none"; heading: string; word: string };

const BY_NAME = new Intl.Collator("en", { numeric: true });

interface Listed {
  ref: Ref;
  word: string;
}

/** Everything with a place, in the order of the families and within each by name. */
function listed(mission: Mission, words: string): Listed[] {
  return PLACED.flatMap((family) => {
    const all = byName(mission, family);
    return words === "" ? all : all.filter((it) => matches(mission, it, words));
  });
}

/** The last order by name of each family, which stands for as long as nobody has another name. */
const orders = new Map<PlacedFamily, { names: Map<string, string>; listed: Listed[] }>();

function byName(mission: Mission, family: PlacedFamily): Listed[] {
  const things = mission[family] as Record<string, { name: string }>;
  const ids = Object.keys(things);
  const last = orders.get(family);
  const same =
    last?.names.size === ids.length &&
    ids.every((id) => last.names.get(id) === sure(things, id).name);
  if (last && same) return last.listed;
  const fresh = ids
    .map((id): Listed => ({ ref: { family, id }, word: sure(things, id).name }))
    .sort((a, b) => BY_NAME.compare(a.word, b.word));
  orders.set(family, {
    names: new Map(ids.map((id) => [id, sure(things, id).name])),
    listed: fresh,
  });
  return fresh;
}

function matches(mission: Mission, { ref, word }: Listed, words: string): boolean {
  if (words === "") return true;
  const stands = ref.family === "units" || ref.family === "starts";
  const found = stands ? standing(mission, ref) : undefined;
  const family = traitsOf(ref.family)?.heading ?? "";
  const text = `${word} ${found?.side?.name ?? ""} ${found?.kind?.name ?? ""} ${family}`;
  return text.toLowerCase().includes(words);
}

/** The side that a thing belongs to, by id; empty for none. */
export function sideOf(mission: Mission, ref: Ref): string {
  const thing = find(mission, ref);
  return (thing && traitsOf(ref.family)?.side?.(thing as never, mission, ref)) ?? "";
}

/** The folder that each thing lies in, by the thing's key. */
export function folders(mission: Mission): Map<string, string> {
  const found = new Map<string, string>();
  for (const [folder, { things }] of Object.entries(mission.folders)) {
    for (const ref of Object.values(things)) found.set(key(ref), folder);
  }
  return found;
}

interface Group {
  heading: string;
  word: string;
  folder?: string;
  /** Whether it is there also while nothing lies under it. */
  always: boolean;
  things: Listed[];
}

/** The headings of a grouping in their order, each with what lies under it. */
function groups(mission: Mission, grouping: Grouping, all: Listed[]): Group[] {
  const under = (heading: (it: Listed) => string) => {
    const found = new Map<string, Listed[]>();
    for (const it of all) {
      const there = found.get(heading(it));
      if (there) there.push(it);
      else found.set(heading(it), [it]);
    }
    return found;
  };
  if (grouping === "family") {
    const found = under(({ ref }) => ref.family);
    return PLACED.map((family) => ({
      heading: `family:${family}`,
      word: traitsOf(family)?.heading ?? "",
      always: traitsOf(family)?.always === true,
      things: found.get(family) ?? [],
    }));
  }
  const bySide = grouping === "side";
  const parts: Record<string, { order: string; name: string }> = bySide
    ? mission.sides
    : mission.folders;
  const whose = bySide ? (ref: Ref) => sideOf(mission, ref) : filed(mission);
  const rest = bySide ? "Of no side" : "In no folder";
  const found = under(({ ref }) => {
    const id = whose(ref);
    return id in parts ? id : "";
  });
  return [
    ...ordered(parts).map(([id, { name }]) => ({
      heading: `${grouping}:${id}`,
      word: name,
      folder: grouping === "folder" ? id : undefined,
      always: true,
      things: found.get(id) ?? [],
    })),
    { heading: `${grouping}:`, word: rest, always: false, things: found.get("") ?? [] },
  ];
}

function filed(mission: Mission): (ref: Ref) => string {
  const all = folders(mission);
  return (ref) => all.get(key(ref)) ?? "";
}

/** The lines of Contents. */
export function rowsOf(
  mission: Mission,
  grouping: Grouping,
  filter: string,
  folded: ReadonlySet<string>,
): Row[] {
  const words = filter.trim().toLowerCase();
  if (grouping !== "family" || words !== "") return rowsBy(mission, grouping, words, folded);
  const lists = PLACED.map((family) => byName(mission, family));
  const same = last?.folded === folded && lists.every((list, i) => list === last?.lists[i]);
  if (!last || !same) last = { lists, folded, rows: rowsBy(mission, grouping, words, folded) };
  return last.rows;
}

/** The last lines by family, which stand for as long as nothing is named or folded otherwise. */
let last: { lists: Listed[][]; folded: ReadonlySet<string>; rows: Row[] } | undefined;

function rowsBy(
  mission: Mission,
  grouping: Grouping,
  words: string,
  folded: ReadonlySet<string>,
): Row[] {
  return groups(mission, grouping, listed(mission, words)).flatMap((group): Row[] => {
    const { heading, word, folder, always, things } = group;
    if (things.length === 0 && (!always || words !== "")) return [];
    const closed = folded.has(heading) && words === "";
    const top: Row = {
      is: "heading",
      heading,
      word,
      folder,
      things: things.map(({ ref }) => key(ref)),
      folded: closed,
    };
    if (closed) return [top];
    if (things.length === 0) return [top, { is: "none", heading, word: emptyWords(grouping) }];
    return [
      top,
      ...things.map((it): Row => ({ is: "thing", name: key(it.ref), ref: it.ref, word: it.word })),
    ];
  });
}

function emptyWords(grouping: Grouping): string {
  if (grouping === "folder") return "Empty. Put things in from their slip.";
  return grouping === "side" ? "Nobody yet." : "None yet. Set some down below.";
}

/** A mission with only some of its things that have a place, for drawing them apart from the others. */
export function onlyThese(mission: Mission, names: Iterable<string>): Mission {
  const few = { ...mission };
  for (const family of PLACED) Object.assign(few, { [family]: {} });
  for (const name of names) {
    const { family, id } = refOf(name);
    const thing = (mission[family] as unknown as Record<string, object>)[id];
    if (thing) (few[family] as unknown as Record<string, object>)[id] = thing;
  }
  return few;
}

/** A mission without some of its things, for drawing it and pointing at it. */
export function without(mission: Mission, names: ReadonlySet<string>): Mission {
  if (names.size === 0) return mission;
  const left = { ...mission };
  for (const family of PLACED) {
    const things = Object.entries(mission[family]);
    const kept = things.filter(([id]) => !names.has(`${family}/${id}`));
    if (kept.length < things.length) Object.assign(left, { [family]: Object.fromEntries(kept) });
  }
  return left;
}
