import { useQuery } from "@tanstack/react-query";
import { getJson } from "./api";
import type { Condition, Family } from "./mission";

/** One choice: its value in the document and the words for it. */
export interface Option {
  value: string;
  word: string;
}

/** What stands in a slot of a sentence. */
export interface Slot {
  is:
    | "selector"
    | "audience"
    | "words"
    | "whom"
    | "where"
    | "ref"
    | "amount"
    | "number"
    | "pinned"
    | "choice"
    | "place"
    | "order"
    | "scaled"
    | "condition"
    | "lines"
    | "choices"
    | "text";
  families?: Family[];
  unit?: string;
  least?: number;
  most?: number;
  longest?: number;
  options?: Option[];
}

/** A piece of a sentence. */
export interface Piece {
  text?: string;
  slot?: string;
  agree?: [string, string];
  /** Words before a slot that is only said where it holds something other than a fresh one. */
  opening?: string;
}

/** One sentence that can be said. */
export interface Entry {
  type: string;
  group: string;
  pieces: Piece[];
  slots: Record<string, Slot>;
  fresh: { type: string };
}

/** Everything that can be said, as the core derives it from its phrases. */
export interface PhraseBook {
  conditions: Entry[];
  actions: Entry[];
  orders: Entry[];
  again: Entry[];
  speeds: Entry[];
  waits: Entry[];
  levels: Entry[];
  tasks: Entry[];
  sentFrom: Entry[];
  makes: Entry[];
  effects: Entry[];
  needs: Entry[];
  gifts: Entry[];
  offers: Entry[];
  turns: Entry[];
  spreads: Entry[];
  cracks: Entry[];
  leaves: Entry[];
  deals: Entry[];
  goods: Entry[];
  prices: Entry[];
  itemUses: Entry[];
  caps: Entry[];
  comes: Entry[];
  heralds: Entry[];
  from: Entry[];
  readings: Entry[];
  tallies: Entry[];
  points: Entry[];
  works: Entry[];
  hands: Option[];
  goes: Option[];
}

let learnt: PhraseBook | undefined;

/** Keeps the phrase book for edits, which are made outside of any component. */
export function learn(book: PhraseBook): PhraseBook {
  learnt = book;
  return book;
}

/** The phrase book that was learnt; nothing before it is here. */
export function learntPhrases(): PhraseBook | undefined {
  return learnt;
}

/** The phrase book, once it is here. */
export function usePhrases(): PhraseBook | undefined {
  return useQuery({
    queryKey: ["phrases"],
    queryFn: async () => learn(await getJson<PhraseBook>("/api/phrases")),
    staleTime: Infinity,
  }).data;
}

/** Whether a piece is left out: its slot holds the value that a new sentence has. */
export function isLeftOut(entry: Entry, piece: Piece, values: Record<string, unknown>): boolean {
  if (piece.opening === undefined || piece.slot === undefined) return false;
  const fresh = entry.fresh as unknown as Record<string, unknown>;
  return JSON.stringify(values[piece.slot]) === JSON.stringify(fresh[piece.slot]);
}

/** Whether a sentence says what takes place at a moment, rather than what holds. */
export function isHappening(entry: Entry): boolean {
  return entry.pieces[0]?.text?.startsWith("each time") ?? false;
}

/** Whether a condition names anything that happens. */
export function happens(condition: Condition, phrases: PhraseBook): boolean {
  switch (condition.type) {
    case "all":
    case "any":
      return Object.values(condition.parts).some((part) => happens(part.condition, phrases));
    case "not":
    case "heldFor":
      return happens(condition.of, phrases);
    default:
      return phrases.conditions.some((it) => it.type === condition.type && isHappening(it));
  }
}

/** The sentences without those of what happens: an "if" asks what is so. */
export function statesOnly(phrases: PhraseBook): PhraseBook {
  return { ...phrases, conditions: phrases.conditions.filter((it) => !isHappening(it)) };
}
