import { CARGO_LOOKS, CRAFT_LOOKS, EFFECT_LOOKS } from "../deeds/looks";
import { PLANS } from "../deeds/plans";
import type { Tool } from "../desk/desk";
import { type Mission, ordered } from "../document/mission";
import { readyBundles, type Shipped } from "../document/shipped";

/** The groups of the tray. */
export const GROUPS = [
  "People",
  "Places",
  "Works",
  "Buildings",
  "Items",
  "Carriage",
  "Effects",
  "Notes",
  "Bundles",
] as const;
export type TrayGroup = (typeof GROUPS)[number];

/** Something that can be set down. */
export interface TrayItem {
  /** Names it among recent and favourite ones. */
  id: string;
  group: TrayGroup;
  word: string;
  /** Other words that it is found by. */
  also: string;
  tool: Tool;
}

const FIXTURES = [
  { look: "lever", word: "Lever" },
  { look: "bell", word: "Bell" },
  { look: "lamp", word: "Lamp" },
  { look: "chest", word: "Chest" },
] as const;

const ZONES = [
  { shape: "circle", word: "Round zone", also: "circle area trigger" },
  { shape: "rectangle", word: "Square zone", also: "rectangle area trigger" },
  { shape: "polygon", word: "Drawn zone", also: "polygon area trigger" },
] as const;

/** Everything that can be set down in a mission, for a side. */
export function trayItems(mission: Mission, side: string, shipped: Shipped[]): TrayItem[] {
  const kinds = Object.entries(mission.kinds);
  const firstKind = mission.kinds.keeper ? "keeper" : (kinds[0]?.[0] ?? "");
  const item = (group: TrayGroup, id: string, word: string, tool: Tool, also = ""): TrayItem => ({
    group,
    id,
    word,
    also,
    tool,
  });
  return [
    item("People", "start", "Player start", { sets: "start", side, kind: firstKind }, "seat begin"),
    ...kinds.map(([id, { name }]) =>
      item("People", `unit:${id}`, name, { sets: "unit", side, kind: id }, "unit person"),
    ),
    ...CRAFT_LOOKS.map(({ value, word }) =>
      item(
        "Carriage",
        `craft:${value}`,
        word,
        { sets: "craft", look: value, side },
        "craft carrier",
      ),
    ),
    ...ZONES.map(({ shape, word, also }) =>
      item("Places", `zone:${shape}`, word, { sets: "zone", shape }, also),
    ),
    item("Places", "route", "Route", { sets: "route" }, "waypoints path patrol"),
    item("Places", "post", "Post", { sets: "post" }, "stand guard cover"),
    item("Places", "spawnPoint", "Spawn point", { sets: "spawnPoint" }, "come in"),
    item(
      "Places",
      "crossing",
      "Crossing",
      { sets: "crossing" },
      "leap jump gap ladder climb rope drop crawl duct ford wade",
    ),
    item("Places", "marker", "Marker", { sets: "marker" }, "players map"),
    item("Places", "placeName", "Place name", { sets: "placeName" }, "label writing"),
    item("Works", "wall", "Wall", { sets: "wall" }, "line"),
    item("Works", "gate", "Gate", { sets: "gate" }, "door"),
    item("Works", "deck", "Deck", { sets: "deck" }, "bridge roof platform"),
    item("Works", "road", "Road", { sets: "road" }, "path lane track causeway"),
    item(
      "Buildings",
      "building",
      "Building",
      { sets: "building", plan: "", turn: 0 },
      "house walls outline",
    ),
    ...Object.entries(PLANS).map(([plan, { word, also }]) =>
      item(
        "Buildings",
        `building:${plan}`,
        word,
        { sets: "building", plan, turn: 0 },
        `building ${also}`,
      ),
    ),
    ...FIXTURES.map(({ look, word }) =>
      item("Works", `fixture:${look}`, word, { sets: "fixture", look }, "fixture use"),
    ),
    ...Object.entries(mission.propKinds).map(([id, { name }]) =>
      item("Works", `prop:${id}`, name, { sets: "prop", prop: id }, "prop cover"),
    ),
    ...Object.entries(mission.itemKinds).map(([id, { name }]) =>
      item("Items", `item:${id}`, name, { sets: "item", item: id }, "item carry pack"),
    ),
    ...CARGO_LOOKS.map(({ value, word }) =>
      item("Carriage", `cargo:${value}`, word, { sets: "cargo", look: value }, "cargo load"),
    ),
    ...EFFECT_LOOKS.map(({ value, word }) =>
      item("Effects", `effect:${value}`, word, { sets: "effect", look: value }, "effect"),
    ),
    item("Notes", "note", "Note", { sets: "note" }, "remember comment"),
    ...readyBundles(mission, shipped).map(({ id, name }) =>
      item(
        "Bundles",
        `bundle:${id}`,
        name,
        { sets: "bundle", bundle: id, word: name, turn: 0 },
        "bundle copy",
      ),
    ),
    item("Notes", "view", "View", { sets: "view" }, "frame camera"),
  ];
}

/** What was typed into the tray, taken apart. */
export interface Wanted {
  /** How many; 1 unless a number leads. */
  count: number;
  /** The side that a word of it names. */
  side?: string;
  /** What fits the rest, best first. */
  items: TrayItem[];
}

/** The most that is set down at once by words. */
const MOST = 40;

/** Reads words such as "3 lookouts" or "2 wrecker lookouts". */
export function readWanted(
  mission: Mission,
  text: string,
  side: string,
  shipped: Shipped[],
): Wanted {
  const words = text.trim().toLowerCase().split(/\s+/).filter(Boolean);
  const number = /^\d+$/.test(words[0] ?? "") ? Number(words.shift()) : 1;
  const found = sideIn(mission, words);
  const items = trayItems(mission, found?.id ?? side, shipped);
  const rest = found ? found.rest : words;
  const fits = score(items, rest);
  // A word that names a side may also name a kind: "wreckers" alone are units, not a side.
  const all =
    fits.length > 0 || !found ? fits : score(trayItems(mission, found.id, shipped), words);
  return {
    count: Math.max(1, Math.min(MOST, number)),
    side: found?.id,
    items: rest.length === 0 && found ? score(trayItems(mission, found.id, shipped), words) : all,
  };
}

function sideIn(mission: Mission, words: string[]): { id: string; rest: string[] } | undefined {
  for (const [id, { name, member }] of ordered(mission.sides)) {
    const at = words.findIndex((word) => same(word, name) || same(word, member));
    if (at >= 0) return { id, rest: words.filter((_, i) => i !== at) };
  }
  return undefined;
}

/** Whether two words are the same but for number and case. */
function same(word: string, other: string): boolean {
  return singular(word) === singular(other.toLowerCase());
}

function singular(word: string): string {
  if (word.endsWith("men")) return `${word.slice(0, -3)}man`;
  return word.replace(/ies$/, "y").replace(/(?<=[^s])s$/, "");
}

/** The items that all the words fit, best first. */
function score(items: TrayItem[], words: string[]): TrayItem[] {
  if (words.length === 0) return [];
  const rank = (item: TrayItem): number => {
    const name = item.word.toLowerCase();
    let sum = 0;
    for (const word of words.map(singular)) {
      const parts = name.split(/\s+/).map(singular);
      if (parts.includes(word)) sum += 3;
      else if (parts.some((part) => part.startsWith(word))) sum += 2;
      else if (`${name} ${item.also}`.includes(word)) sum += 1;
      else return 0;
    }
    return sum + (name.split(/\s+/).length === words.length ? 0.5 : 0);
  };
  return items
    .map((item) => ({ item, rank: rank(item) }))
    .filter(({ rank: it }) => it > 0)
    .sort((a, b) => b.rank - a.rank)
    .map(({ item }) => item);
}
