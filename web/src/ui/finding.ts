import { FAMILY_WORDS, type Family, type Mission, type Ref } from "../document/mission";

/** Something that can be found or done, and the words that lead to it. */
export interface Findable {
  /** Told apart from the other choices by it. */
  key: string;
  word: string;
  /** What it is, in quieter words beside it. */
  what: string;
  ref?: Ref;
  /** The keys that do it. */
  shortcut?: string;
  run: () => void;
}

/** How many are shown at once. */
const MOST = 60;

/** Families that a person would not look for by name. */
const UNNAMED: Family[] = ["stances"];

/** Everything with a name in a mission. */
export function namedThings(mission: Mission): { ref: Ref; word: string }[] {
  return (Object.keys(FAMILY_WORDS) as Family[])
    .filter((family) => !UNNAMED.includes(family))
    .flatMap((family) =>
      Object.entries(mission[family] as unknown as Record<string, { name: string }>).map(
        ([id, { name }]) => ({ ref: { family, id }, word: name }),
      ),
    );
}

/**
 * How well words fit what was typed: 0 for not at all. The beginning of the whole counts most, then the
 * beginnings of its words in order, then any part, then letters in their order.
 */
export function fitOf(word: string, typed: string): number {
  const [text, wanted] = [word.toLowerCase(), typed.trim().toLowerCase()];
  if (wanted === "") return 0;
  if (text === wanted) return 6;
  if (text.startsWith(wanted)) return 5;
  const parts = wanted.split(/\s+/);
  if (parts.every((part) => text.split(/[\s(]+/).some((it) => it.startsWith(part)))) return 4;
  if (parts.every((part) => text.includes(part))) return 3;
  let at = 0;
  for (const letter of wanted.replaceAll(" ", "")) {
    at = text.indexOf(letter, at) + 1;
    if (at === 0) return 0;
  }
  return wanted.length > 2 ? 1 : 0;
}

/** What fits best, the shorter first among equals. */
export function best(all: Findable[], typed: string): Findable[] {
  return all
    .map((choice) => ({ choice, fits: fitOf(choice.word, typed) }))
    .filter(({ fits }) => fits > 0)
    .sort((a, b) => b.fits - a.fits || a.choice.word.length - b.choice.word.length)
    .slice(0, MOST)
    .map(({ choice }) => choice);
}
