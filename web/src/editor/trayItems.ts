import type { ReactNode } from "react";
import { type Tool, toolOf } from "../desk/desk";
import { type Mission, ordered } from "../document/mission";
import { readyBundles, type Shipped } from "../document/shipped";
import { familiesWith, setDownOf } from "../families";
import type { TrayGroup } from "../families/traits";

/** Something that can be set down. */
export interface TrayItem {
  /** Names it among recent and favourite ones. */
  id: string;
  group: TrayGroup;
  word: string;
  /** Other words that it is found by. */
  also: string;
  icon?: ReactNode;
  tool: Tool;
}

/** The families whose things are set down, in the order of the tray. */
const SET_DOWN = familiesWith(({ setDown }) => setDown).sort(
  (a, b) => setDownOf(a).at - setDownOf(b).at,
);

/** Everything that can be set down in a mission, for a side. */
export function trayItems(mission: Mission, side: string, shipped: Shipped[]): TrayItem[] {
  const things = SET_DOWN.flatMap((family) => {
    const name = family.replace(/s$/, "");
    const { tray, sided } = setDownOf(family);
    return tray(mission).map(
      ({ choice, ...row }): TrayItem => ({
        ...row,
        id: choice === "" ? name : `${name}:${choice}`,
        tool: toolOf(family, choice, sided ? side : ""),
      }),
    );
  });
  const bundles = readyBundles(mission, shipped).map(
    ({ id, name }): TrayItem => ({
      id: `bundle:${id}`,
      group: "Bundles",
      word: name,
      also: "bundle copy",
      tool: { sets: "bundle", bundle: id, word: name, turn: 0 },
    }),
  );
  return [...things, ...bundles];
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
