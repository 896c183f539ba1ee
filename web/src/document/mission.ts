import { generateKeyBetween } from "fractional-indexing";
import { WORDS } from "../generated/families.gen";
import type {
  AudienceEverybody,
  AudienceOnly,
  Family,
  Kind,
  Mission,
  Owner,
  Pinned,
  PlayerStart,
  Ref,
  Side,
  Unit,
  Words,
  Zone,
} from "../generated/mission.gen";
import { sure } from "./sure";

export type * from "../generated/mission.gen";

/** To which of the players something is told or shown. */
export type Audience = AudienceEverybody | AudienceOnly;

/** The same number at every level, for any number of players. */
export function pinnedOf(value: number): Pinned {
  return { value, levels: {}, perPlayer: 0 };
}

/** Words without figures. */
export function wordsOf(text: string): Words {
  return { text: text.replaceAll("{", "{{"), figures: {} };
}

/** Anything with a name in one of the families. */
export interface Named {
  name: string;
}

/** What one of a family is called. */
export const FAMILY_WORDS = Object.fromEntries(
  Object.entries(WORDS).map(([family, [one]]) => [family, one]),
) as Record<Family, string>;

/** What several of a family are called. */
export function familyWords(family: string): string {
  return WORDS[family as Family][1];
}

/** Families that name things without making use of them. */
const NO_USE: ReadonlySet<Family> = new Set<Family>([
  "folders",
  "labels",
  "bundles",
  "copies",
  "todos",
]);

/** A reference as one string, to compare and to key by. */
export function key(ref: Ref): string {
  return `${ref.family}/${ref.id}`;
}

/** The reference that a key stands for. */
export function refOf(of: string): Ref {
  const slash = of.indexOf("/");
  return { family: of.slice(0, slash) as Family, id: of.slice(slash + 1) };
}

/** The thing that a reference names, if it is there. */
export function find(mission: Mission, ref: Ref): Named | undefined {
  return (mission[ref.family] as unknown as Record<string, Named>)[ref.id];
}

/** The name of what a reference names, or the last known one, or a plea to choose. */
export function nameOf(mission: Mission, ref: Ref): string {
  const thing = find(mission, ref);
  if (thing) {
    const own = ref.family === "flags" || ref.family === "counters";
    const owner = own ? ownerOf(sure(mission[ref.family as "flags"], ref.id).of) : undefined;
    if (owner) return `${thing.name} (${nameOf(mission, owner)})`;
    return ref.family === "answers" ? quoted(thing.name) : thing.name;
  }
  const word = FAMILY_WORDS[ref.family];
  return mission.lost[ref.id]?.name ?? `choose ${/^[aeio]/.test(word) ? "an" : "a"} ${word}`;
}

/** What is said, as it stands in a sentence. */
function quoted(words: string): string {
  return `“${words.replaceAll("“", "‘").replaceAll("”", "’")}”`;
}

/** Whose a fact is, as a reference; nothing for the mission's own. */
export function ownerOf(owner: Owner): Ref | undefined {
  switch (owner.type) {
    case "mission":
      return undefined;
    case "zone":
      return owner.zone;
    case "unit":
      return owner.unit;
    case "side":
      return owner.side;
  }
}

/** Whether a reference names nothing. */
export function isOpen(mission: Mission, ref: Ref): boolean {
  return find(mission, ref) === undefined;
}

/** The entries of an ordered map in their order. */
export function ordered<T extends { order: string }>(parts: Record<string, T>): [string, T][] {
  return Object.entries(parts).sort(([a, one], [b, other]) =>
    one.order < other.order ? -1 : one.order > other.order ? 1 : a < b ? -1 : 1,
  );
}

/** An order string that comes after all parts. */
export function orderAfter(parts: Record<string, { order: string }>): string {
  const last = ordered(parts).at(-1);
  return safeBetween(last ? last[1].order : null, null);
}

/** An order string between two others. */
export function safeBetween(before: string | null, after: string | null): string {
  try {
    return generateKeyBetween(before, after);
  } catch {
    // Order strings made elsewhere may not be of this generator's shape; appending still sorts after.
    return `${before ?? "a"}V`;
  }
}

/** A new id. */
export function newId(): string {
  return crypto.randomUUID().replaceAll("-", "").slice(0, 12);
}

/** A name that nothing of the family has yet: "Lookout", "Lookout 2", … */
export function freshName(things: Record<string, Named>, base: string): string {
  const taken = new Set(Object.values(things).map((thing) => thing.name));
  if (!taken.has(base)) return base;
  let number = 2;
  while (taken.has(`${base} ${number}`)) number++;
  return `${base} ${number}`;
}

/** Every reference in a part of the document, with the path that holds it. */
export function references(node: unknown, path: string[] = []): { ref: Ref; path: string[] }[] {
  if (node === null || typeof node !== "object") return [];
  const fields = node as Record<string, unknown>;
  const keys = Object.keys(fields);
  if (keys.length === 2 && typeof fields.family === "string" && typeof fields.id === "string") {
    return [{ ref: fields as unknown as Ref, path }];
  }
  return keys.flatMap((name) => references(fields[name], [...path, name]));
}

/** The keys of all that a thing names, each once. Things do not change, so each is read once. */
const NAMED = new WeakMap<object, string[]>();

/** The keys of all that a thing of a mission names, each once. */
export function namedIn(thing: object): string[] {
  let named = NAMED.get(thing);
  if (!named) {
    named = [...new Set(references(thing).map(({ ref }) => key(ref)))];
    NAMED.set(thing, named);
  }
  return named;
}

const USERS = new WeakMap<Mission, Map<string, Ref[]>>();

/** Who names whom in a mission: the users of each thing, by its key. */
function users(mission: Mission): Map<string, Ref[]> {
  let all = USERS.get(mission);
  if (all) return all;
  all = new Map();
  for (const family of Object.keys(FAMILY_WORDS) as Family[]) {
    if (NO_USE.has(family)) continue;
    for (const [id, thing] of Object.entries(mission[family] as Record<string, object>)) {
      for (const name of namedIn(thing)) {
        const there = all.get(name);
        if (there) there.push({ family, id });
        else all.set(name, [{ family, id }]);
      }
    }
  }
  USERS.set(mission, all);
  return all;
}

/** The things that name a thing, in a mission as it stands, not in a draft of it. */
export function usesOf(mission: Mission, of: Ref): Ref[] {
  return users(mission).get(key(of)) ?? [];
}

/** A unit or start with what it is looked up. */
export function standing(
  mission: Mission,
  ref: Ref,
): { thing: Unit | PlayerStart; side?: Side; kind?: Kind } | undefined {
  const thing = ref.family === "units" ? mission.units[ref.id] : mission.starts[ref.id];
  if (!thing) return undefined;
  return { thing, side: mission.sides[thing.side.id], kind: mission.kinds[thing.kind.id] };
}

/** The hue of a new zone: as far as can be from those there are. */
export function freshHue(zones: Record<string, Zone>): number {
  return (96 + Object.keys(zones).length * 137) % 360;
}

/** Metres from west to east and from south to north. */
export function extent(mission: Mission): { width: number; height: number } {
  const { columns, rows, cell } = mission.setting.terrain;
  return { width: columns * cell, height: rows * cell };
}

/** The seconds after midnight of a time such as 19:40 or 7.05; nothing for what is no time. */
export function clockSeconds(text: string): number | undefined {
  const parts = /^\s*(\d{1,2})[:.h]?(\d{2})\s*$/.exec(text);
  if (!parts) return undefined;
  const [hours, minutes] = [Number(parts[1]), Number(parts[2])];
  return hours < 24 && minutes < 60 ? hours * 3600 + minutes * 60 : undefined;
}

/** Minutes that a whole day lasts in real time. */
export const REAL_DAY = 1440;

/** How many seconds the clock goes on in a second of play. */
export function dayPace({ dayLasts }: Mission["setting"]): number {
  return REAL_DAY / dayLasts;
}

/** Seconds after midnight as a clock reads. */
export function clockWords(seconds: number, withSeconds = false): string {
  const whole = Math.floor(seconds) % 86400;
  const two = (n: number) => String(n).padStart(2, "0");
  const minutes = `${two(Math.floor(whole / 3600))}:${two(Math.floor(whole / 60) % 60)}`;
  return withSeconds ? `${minutes}:${two(whole % 60)}` : minutes;
}
