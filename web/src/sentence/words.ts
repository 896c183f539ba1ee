import {
  type Amount,
  type Audience,
  type Mission,
  nameOf,
  type Place,
  type Reading,
  type Ref,
  type Selector,
  type Words,
} from "../document/mission";
import { learntPhrases, type Slot } from "../document/phrases";
import { pinnedWords, scaledWords } from "../document/pinned";
import { shownUnit, toShown } from "../document/units";
import { placeWords } from "../things/places";
import { baseOf, isNarrowed, type Narrowed } from "./narrow";

/** Whether a selector speaks of several. */
export function isPlural({ quantifier, whom: meant }: Selector): boolean {
  const whom = baseOf(meant);
  if (whom.type === "unit" || whom.type === "start") return false;
  if (whom.type === "causer" || whom.type === "other" || whom.type === "thisOne") return false;
  if (whom.type === "anyone" && quantifier.type === "all") return false;
  return (
    quantifier.type === "all" ||
    quantifier.type === "share" ||
    (quantifier.type === "atLeast" && quantifier.count.count !== 1)
  );
}

/** A selector in words: "any Keeper", "all players", "at least 3 Wreckers". */
export function selectorWords(mission: Mission, { quantifier, whom }: Selector): string {
  if (isNarrowed(whom))
    return selectorWords(mission, { quantifier, whom: whom.of }) + narrowWords(mission, whom);
  switch (whom.type) {
    case "causer":
      return "the causer";
    case "other":
      return "the other";
    case "thisOne":
      return "this one";
    case "unit":
    case "start": {
      const name = nameOf(mission, whom.type === "unit" ? whom.unit : whom.start);
      return quantifier.type === "none" ? `not ${name}` : name;
    }
    case "anyone":
      return quantified(quantifier, "unit", "units", {
        any: "anyone",
        all: "everyone",
        none: "nobody",
      });
    case "kind":
      return ofSquad(quantifier, nameOf(mission, whom.kind));
    case "squad":
      return ofSquad(quantifier, nameOf(mission, whom.squad));
    case "band":
      return ofSquad(quantifier, nameOf(mission, whom.band));
    case "label":
      return ofSquad(quantifier, nameOf(mission, whom.label));
    case "wave":
      return ofSquad(quantifier, nameOf(mission, whom.wave));
    case "players":
      return quantified(quantifier, "player", "players");
    case "side": {
      const side = mission.sides[whom.side.id];
      const name = nameOf(mission, whom.side);
      return quantified(quantifier, side?.member ?? name, name);
    }
  }
}

/** To which players something is told or shown, in words. */
export function audienceWords(mission: Mission, audience: Audience): string {
  return audience.type === "everybody" ? "the players" : selectorWords(mission, audience.who);
}

function ofSquad(quantifier: Selector["quantifier"], name: string): string {
  switch (quantifier.type) {
    case "atLeast":
      return `at least ${scaledWords(quantifier.count)} of ${name}`;
    case "share":
      return `at least ${pinnedWords(quantifier.percent, "%")} of ${name}`;
    default:
      return `${quantifier.type} of ${name}`;
  }
}

function quantified(
  quantifier: Selector["quantifier"],
  one: string,
  many: string,
  special?: { any: string; all: string; none: string },
): string {
  switch (quantifier.type) {
    case "any":
      return special?.any ?? `any ${one}`;
    case "all":
      return special?.all ?? `all ${many}`;
    case "none":
      return special?.none ?? `no ${one}`;
    case "atLeast": {
      const { count } = quantifier.count;
      return `at least ${count} ${count === 1 ? one : many}`;
    }
    case "share":
      return `at least ${pinnedWords(quantifier.percent, "%")} of the ${many}`;
  }
}

/** Whether the word after a slot is in the plural, which agrees with a selector or an amount. */
export function takesPlural(is: string, value: unknown, before: boolean): boolean {
  if (is === "audience") {
    const audience = value as Audience;
    return audience.type === "everybody" || isPlural(audience.who);
  }
  if (is === "selector") return isPlural(value as Selector);
  if (is !== "amount") return before;
  const amount = value as Amount;
  return amount.type !== "number" || amount.value !== 1;
}

/** An amount in words, with its unit. */
export function amountWords(mission: Mission, amount: Amount, unit = ""): string {
  const tail = unit ? ` ${shownUnit(unit)}` : "";
  const shown = (value: number) => round(toShown(value, unit));
  switch (amount.type) {
    case "number":
      return `${shown(amount.value)}${tail}`;
    case "byTerms": {
      const words = pinnedWords(amount.number, unit);
      return words.endsWith(")") ? words : `${words} (the same at every level)`;
    }
    case "between":
      return `${shown(amount.least)} to ${shown(amount.most)}${tail}`;
    case "formula": {
      const times = amount.times === 1 ? "" : `${round(amount.times)} × `;
      const plus =
        amount.plus === 0 ? "" : ` ${amount.plus < 0 ? "−" : "+"} ${round(Math.abs(amount.plus))}`;
      return `${times}${readingWords(mission, amount.of)}${plus}${tail}`;
    }
  }
}

/** Words that players are told, with what stands for each figure: "‹Casks› of 3". */
export function toldWords(mission: Mission, { text, figures }: Words): string {
  return text.replace(/\{\{|\{([a-h])\}/g, (found, letter?: string) => {
    if (found === "{{") return "{";
    return letter && figures[letter] ? `‹${amountWords(mission, figures[letter])}›` : found;
  });
}

const LETTERS = [..."abcdefgh"];

/** Words with one more figure at their end; nothing where neither letter nor room is left. */
export function withFigure({ text, figures }: Words, longest: number): Words | undefined {
  const free = LETTERS.find((letter) => !(letter in figures));
  const gap = text === "" || text.endsWith(" ") ? "" : " ";
  const longer = `${text}${gap}{${free}}`;
  if (!free || longer.length > longest) return undefined;
  const played: Amount = { type: "formula", of: { type: "played" }, times: 1, plus: 0 };
  return { text: longer, figures: { ...figures, [free]: played } };
}

/** Words without a figure; a brace that is written out, as in "{{a}", stays. */
export function withoutFigure({ text, figures }: Words, letter: string): Words {
  const { [letter]: _, ...others } = figures;
  const left = text.replace(/\{\{|\{[a-h]\}/g, (found) => (found === `{${letter}}` ? "" : found));
  return { text: left, figures: others };
}

/** What is read of play, in words. */
function readingWords(mission: Mission, reading: Reading): string {
  const entry = learntPhrases()?.readings.find(({ type }) => type === reading.type);
  const values = reading as unknown as Record<string, unknown>;
  return (entry?.pieces ?? [])
    .map(({ text, slot = "" }) =>
      text !== undefined ? text : partWords(mission, entry?.slots[slot] as Slot, values[slot]),
    )
    .join(" ");
}

/** Who, what, where or which, in words. */
export function partWords(mission: Mission, slot: Slot, value: unknown): string {
  switch (slot.is) {
    case "selector":
      return selectorWords(mission, value as Selector);
    case "whom":
      return whomWords(mission, value as Selector["whom"]);
    case "audience":
      return audienceWords(mission, value as Audience);
    case "ref":
      return nameOf(mission, value as Ref);
    case "place":
      return placeWords(mission, value as Place);
    default:
      return slot.options?.find((it) => it.value === value)?.word ?? String(value);
  }
}

/** Some, without how many of them: "Wreckers inside Yard". */
export function whomWords(mission: Mission, whom: Selector["whom"]): string {
  return selectorWords(mission, { quantifier: { type: "all" }, whom })
    .replace(/^all (of )?/, "")
    .replace(/^everyone/, "units");
}

/** How likely one of some is, in words: "25 %". */
export function shareWords(weight: number, sum: number): string {
  const share = (weight / sum) * 100;
  return `${share < 1 ? share.toPrecision(1) : Math.round(share)} %`;
}

function round(value: number): string {
  return String(Number(value.toFixed(3)));
}

/** What narrows down who is meant, in words. */
function narrowWords(mission: Mission, whom: Narrowed): string {
  switch (whom.type) {
    case "inside":
      return ` inside ${nameOf(mission, whom.zone)}`;
    case "within":
      return ` within ${pinnedWords(whom.distance, "m")} of ${placeWords(mission, whom.place)}`;
    case "nearest":
      return `, nearest to ${placeWords(mission, whom.place)} first`;
    case "farthest":
      return `, farthest from ${placeWords(mission, whom.place)} first`;
  }
}
