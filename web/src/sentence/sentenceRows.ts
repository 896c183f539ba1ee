import { defaultFilter } from "cmdk";
import type { Family, Mission, Ref, Selector } from "../document/mission";
import type { Entry } from "../document/phrases";
import { sure } from "../document/sure";
import { gist } from "./gist";
import type { Trouble } from "./trouble";

/** What the server makes of a sentence that is being written. */
export interface Understanding {
  /** The sentence as the language has it, in which the places of the others are. */
  reads: string;
  /** The condition or the lines; null where not all of it is understood. */
  said: unknown;
  trouble: Trouble | null;
  completion: {
    from: number;
    options: { label: string; text: string; kind: "word" | "sentence" | "thing"; detail: string }[];
  };
}

/** One row of what is offered: what was written, how it goes on, or a sentence to fill in. */
export type Row = { key: string; group?: string } & (
  | { is: "said" }
  | { is: "goesOn"; label: string; text: string; detail: string }
  | { is: "instead"; word: string; text: string }
  | { is: "entry"; entry: Entry; words: string }
);

/** The most ways to go on that are offered. */
const MOST = 12;

/** A name that is written out and that nothing has; nothing while it may still become one. */
export function unknownName({ reads, trouble }: Understanding): Trouble | null {
  const whole = trouble && reads[trouble.from] === "[" && reads[trouble.to - 1] === "]";
  return whole ? trouble : null;
}

/** How well words match what is sought; the lower the better, 4 for not at all. */
function rank(words: string, group: string, sought: string): number {
  const text = words.toLowerCase();
  if (text.startsWith(sought)) return 0;
  if (text.includes(` ${sought}`)) return 1;
  if (text.includes(sought)) return 2;
  const parts = sought.split(/\s+/);
  if (parts.every((part) => text.includes(part))) return 3;
  return group.toLowerCase().includes(sought) ? 3 : 4;
}

/** What is offered while a sentence is written, the likeliest first. */
export function rowsFor(
  mission: Mission,
  text: string,
  read: Understanding,
  entries: Entry[],
): Row[] {
  const sought = text.trim().toLowerCase();
  if (sought === "") {
    return [...entries]
      .sort((a, b) => a.group.localeCompare(b.group))
      .map((entry) => ({
        key: entry.type,
        is: "entry",
        entry,
        words: gist(entry),
        group: entry.group,
      }));
  }
  const wrong = unknownName(read);
  const instead = (wrong?.remedies ?? []).map(({ word, text: by }): Row => {
    const { from, to } = wrong as Trouble;
    const mended = read.reads.slice(0, from) + by + read.reads.slice(to);
    return { key: `instead ${word}`, is: "instead", word, text: mended };
  });
  const said: Row[] = read.said ? [{ key: "said", is: "said" }] : [];
  const begun = read.reads.slice(read.completion.from).toLowerCase().replace(/^\[/, "");
  const goesOn = read.completion.options
    .filter(({ kind }) => kind !== "sentence")
    .map((option) => ({ option, name: option.label.toLowerCase().replace(/^\[/, "") }))
    .filter(({ name }) => name.includes(begun) && name !== begun)
    .sort((a, b) => Number(b.name.startsWith(begun)) - Number(a.name.startsWith(begun)))
    .slice(0, MOST)
    .map(({ option }): Row => {
      const { label, detail, kind } = option;
      const tail = kind === "word" ? " " : "";
      return { key: `on ${label}`, is: "goesOn", label, detail, text: option.text + tail };
    });
  const whole = entries
    .map((entry) => ({ entry, of: rank(gist(entry), entry.group, sought) }))
    .filter(({ of }) => of < 4)
    .sort((a, b) => a.of - b.of)
    .map(({ entry }): Row => ({ key: entry.type, is: "entry", entry, words: gist(entry) }));
  // A sentence that is under way is gone on with; one that is only sought is chosen.
  const isName = NAME_ALONE.test(read.reads) && !text.trimStart().startsWith("[");
  const underWay = read.completion.from > 0 && !isName;
  const rows = underWay
    ? [...said, ...instead, ...goesOn, ...whole]
    : [
        ...said,
        ...whole,
        ...withChoice(entries, sought),
        ...about(mission, entries, sought),
        ...goesOn,
      ];
  return rows.length > 0 ? rows : nearest(entries, sought);
}

/** A sentence of which nothing is written but a name, which may as well be sought. */
const NAME_ALONE = /^\[[^\]]*\]\s*$/;

/** The most sentences that are offered where none fits, and how near they must be, 0 to 1. */
const FEW = 6;
const NEAR = 0.1;

/** Where nothing fits what is sought: the sentences that are most like it, word by word. */
function nearest(entries: Entry[], sought: string): Row[] {
  const long = (text: string) => text.split(/\s+/).filter((word) => word.length > 2);
  const parts = long(sought);
  /** How like two words are, whichever is the longer one: "turning" and "turn". */
  const alike = (one: string, other: string) =>
    Math.max(defaultFilter(one, other), defaultFilter(other, one));
  const likeness = (words: string) =>
    parts.reduce(
      (sum, part) => sum + Math.max(0, ...long(words).map((word) => alike(word, part))),
      0,
    ) / Math.max(1, parts.length);
  return entries
    .map((entry) => ({ entry, like: likeness(gist(entry)) }))
    .filter(({ like }) => like > NEAR)
    .sort((a, b) => b.like - a.like)
    .slice(0, FEW)
    .map(({ entry }) => ({
      key: entry.type,
      is: "entry",
      entry,
      words: gist(entry),
      group: "Nearest",
    }));
}

/** Words that designers look for beside those that the choices of a sentence have. */
const ALSO: Record<string, string[]> = {
  dead: ["death", "die", "dies", "killed"],
  down: ["falls", "wounded", "unconscious"],
  up: ["alive", "standing"],
  alarmed: ["alert", "fighting"],
  open: ["opened"],
  closed: ["shut"],
  done: ["complete", "completed"],
};

/** How a comparison reads is no state that is looked for. */
const COMPARISON = "comparison";

/** Sentences of which a choice is sought by its word, with it chosen: "someone is dead". */
function withChoice(entries: Entry[], sought: string): Row[] {
  if (sought.length < 2) return [];
  const rows: Row[] = [];
  for (const entry of entries) {
    const isFound = gist(entry).toLowerCase().includes(sought);
    for (const [slot, { is, options }] of Object.entries(entry.slots)) {
      if (is !== "choice" || slot === COMPARISON) continue;
      for (const { value, word } of options ?? []) {
        const words = gist(entry, { [slot]: word });
        const isCalled = [word, ...(ALSO[word] ?? [])].some((it) => it.startsWith(sought));
        if (!isCalled && (isFound || !words.toLowerCase().includes(sought))) continue;
        const chosen = { ...entry, fresh: { ...entry.fresh, [slot]: value } };
        rows.push({ key: `${entry.type} ${slot} ${value}`, is: "entry", words, entry: chosen });
      }
    }
  }
  return rows.slice(0, MOST);
}

/** Which kinds of things can stand for somebody. */
const WHOM: Partial<Record<Family, Selector["whom"]["type"]>> = {
  units: "unit",
  starts: "start",
  squads: "squad",
  bands: "band",
  labels: "label",
  sides: "side",
};

/** Sentences about a thing whose name is sought, with the thing filled in. */
function about(mission: Mission, entries: Entry[], sought: string): Row[] {
  if (sought.length < 2) return [];
  const rows: Row[] = [];
  for (const [ref, name] of named(mission, sought)) {
    for (const entry of entries) {
      const slot = Object.keys(entry.slots).find((it) => fits(entry, it, ref));
      if (!slot || rows.length >= MOST) continue;
      rows.push({
        key: `${entry.type} ${ref.family}/${ref.id}`,
        is: "entry",
        words: gist(entry, { [slot]: name }),
        entry: { ...entry, fresh: { ...entry.fresh, [slot]: filling(entry, slot, ref) } },
      });
    }
  }
  return rows;
}

function named(mission: Mission, sought: string): [Ref, string][] {
  const found: [Ref, string][] = [];
  for (const [family, things] of Object.entries(mission)) {
    if (typeof things !== "object" || things === null) continue;
    for (const [id, thing] of Object.entries(things as Record<string, { name?: unknown }>)) {
      const name = typeof thing?.name === "string" ? thing.name : "";
      if (name.toLowerCase().includes(sought)) {
        found.push([{ family: family as Family, id }, name]);
      }
    }
  }
  return found.sort(
    ([, a], [, b]) =>
      Number(b.toLowerCase().startsWith(sought)) - Number(a.toLowerCase().startsWith(sought)),
  );
}

function fits(entry: Entry, slot: string, ref: Ref): boolean {
  const { is, families } = sure(entry.slots, slot);
  return (
    (is === "ref" && families?.includes(ref.family)) || (is === "selector" && ref.family in WHOM)
  );
}

function filling(entry: Entry, slot: string, ref: Ref): unknown {
  if (sure(entry.slots, slot).is === "ref") return ref;
  const type = WHOM[ref.family] ?? "unit";
  const several = type === "squad" || type === "band" || type === "side";
  return { quantifier: { type: several ? "all" : "any" }, whom: { type, [type]: ref } };
}
