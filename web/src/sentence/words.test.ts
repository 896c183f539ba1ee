import { readFileSync } from "node:fs";
import { beforeAll, describe, expect, it } from "vitest";
import {
  type Amount,
  type Mission,
  type Pinned,
  pinnedOf,
  type Reading,
  type Selector,
} from "../document/mission";
import { type Entry, learn, type PhraseBook, type Piece } from "../document/phrases";
import { scaledWords } from "../document/pinned";
import {
  amountWords,
  isPlural,
  selectorWords,
  takesPlural,
  toldWords,
  withFigure,
  withoutFigure,
} from "./words";

const mission: Mission = JSON.parse(
  readFileSync("../core/src/main/resources/samples/first-light.json", "utf8"),
);
const wreckers: Selector["whom"] = { type: "side", side: { family: "sides", id: "wreckers" } };
const pins = { calm: -1, breezy: -1, rough: -1, storm: -1 };

describe("selectors in words", () => {
  it.each<[Selector, string, boolean]>([
    [{ quantifier: { type: "any" }, whom: wreckers }, "any Wrecker", false],
    [{ quantifier: { type: "all" }, whom: wreckers }, "all Wreckers", true],
    [{ quantifier: { type: "none" }, whom: { type: "players" } }, "no player", false],
    [{ quantifier: { type: "all" }, whom: { type: "anyone" } }, "everyone", false],
    [
      { quantifier: { type: "atLeast", count: { count: 3, pins, perPlayer: 0 } }, whom: wreckers },
      "at least 3 Wreckers",
      true,
    ],
    [
      {
        quantifier: { type: "any" },
        whom: { type: "unit", unit: { family: "units", id: "gone" } },
      },
      "choose a unit",
      false,
    ],
    [
      {
        quantifier: { type: "all" },
        whom: {
          type: "farthest",
          of: { type: "inside", of: wreckers, zone: { family: "zones", id: "lamp-house" } },
          place: { type: "point", position: { x: 3, y: 4 } },
        },
      },
      "all Wreckers inside Lamp house, farthest from E 3 N 4 first",
      true,
    ],
  ])("%j", (selector, words, plural) => {
    expect(selectorWords(mission, selector)).toBe(words);
    expect(isPlural(selector)).toBe(plural);
  });
});

const whom = { is: "whom" as const };
const READINGS: Entry[] = [
  entry("howMany", [{ text: "the number of" }, { slot: "who" }], { who: whom }),
  entry(
    "howManyAre",
    [{ text: "the number of" }, { slot: "who" }, { text: "who are" }, { slot: "state" }],
    {
      who: whom,
      state: { is: "choice", options: [{ value: "dead", word: "dead" }] },
    },
  ),
  entry(
    "extreme",
    [{ text: "the" }, { slot: "end" }, { slot: "measure" }, { text: "of" }, { slot: "who" }],
    {
      who: whom,
      end: { is: "choice", options: [{ value: "least", word: "least" }] },
      measure: { is: "choice", options: [{ value: "above", word: "height above the ground" }] },
    },
  ),
  entry("played", [{ text: "the seconds played" }], {}),
];

function entry(type: string, pieces: Piece[], slots: Entry["slots"]): Entry {
  return { type, group: "", pieces, slots, fresh: { type } };
}

function formula(of: Reading, times = 1, plus = 0): Amount {
  return { type: "formula", of, times, plus };
}

describe("amounts in words", () => {
  beforeAll(() => {
    learn({ readings: READINGS } as unknown as PhraseBook);
  });

  it("have their unit", () => {
    expect(amountWords(mission, { type: "number", value: 8 }, "s")).toBe("8 s");
    expect(amountWords(mission, { type: "between", least: 1, most: 5 }, "m")).toBe("1 to 5 m");
  });

  it("stand in words that players are told", () => {
    const told = { text: "{a} gone, {{a} and {b}", figures: { a: formula({ type: "played" }) } };
    expect(toldWords(mission, told)).toBe("‹the seconds played› gone, {a} and {b}");
  });

  it("take figures while there is a letter and room for it, and lose one without a trace", () => {
    const played = formula({ type: "played" });
    const one = withFigure({ text: "Gone: {{a}", figures: {} }, 400);
    expect(one).toEqual({ text: "Gone: {{a} {a}", figures: { a: played } });
    expect(one && withoutFigure(one, "a")).toEqual({ text: "Gone: {{a} ", figures: {} });
    expect(withFigure({ text: "x".repeat(396), figures: {} }, 400)?.text).toHaveLength(400);
    expect(withFigure({ text: "x".repeat(397), figures: {} }, 400)).toBeUndefined();
    const all = Object.fromEntries([..."abcdefgh"].map((letter) => [letter, played]));
    expect(withFigure({ text: "", figures: all }, 400)).toBeUndefined();
  });

  it("say what they are at other levels and with more players", () => {
    const words = (number: Pinned) => amountWords(mission, { type: "byTerms", number }, "s");
    const usual = pinnedOf(30);
    expect(words({ ...usual, levels: { storm: 20, calm: 45 } })).toBe(
      "30 s (calm 45 s, storm 20 s)",
    );
    expect(words({ ...usual, perPlayer: -2 })).toBe("30 s (−2 s for each further player)");
    expect(words(usual)).toBe("30 s (the same at every level)");
    const count = { count: 3, pins: { ...pins, storm: 5 }, perPlayer: 1 };
    expect(scaledWords(count)).toBe("3 (storm 5, +1 for each further player)");
  });

  it.each<[Amount, string]>([
    [formula({ type: "howMany", who: wreckers }), "the number of Wreckers"],
    [
      formula({ type: "howManyAre", who: wreckers, state: "dead" }),
      "the number of Wreckers who are dead",
    ],
    [
      formula({ type: "extreme", end: "least", measure: "above", who: { type: "players" } }),
      "the least height above the ground of players",
    ],
    [formula({ type: "howMany", who: { type: "anyone" } }, 2, 1), "2 × the number of units + 1"],
    [formula({ type: "played" }, 1, -3), "the seconds played − 3"],
  ])("are read from the world: %j", (amount, words) => {
    expect(amountWords(mission, amount)).toBe(words);
  });

  it.each<[Amount, boolean]>([
    [{ type: "number", value: 1 }, false],
    [{ type: "number", value: 2 }, true],
    [{ type: "between", least: 1, most: 2 }, true],
  ])("%j takes the plural: %s", (amount, plural) => {
    expect(takesPlural("amount", amount, false)).toBe(plural);
    expect(takesPlural("ref", {}, plural)).toBe(plural);
  });
});
