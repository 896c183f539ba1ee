import { readFileSync } from "node:fs";
import { describe, expect, it } from "vitest";
import type { Amount, Mission, Selector } from "../model/mission";
import {
  amountWords,
  isPlural,
  scaledWords,
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

describe("amounts in words", () => {
  it("have their unit", () => {
    expect(amountWords(mission, { type: "number", value: 8 }, "s")).toBe("8 s");
    expect(amountWords(mission, { type: "between", least: 1, most: 5 }, "m")).toBe("1 to 5 m");
  });

  it("stand in words that players are told", () => {
    const played: Amount = { type: "played", times: 1, plus: 0 };
    const told = { text: "{a} gone, {{a} and {b}", figures: { a: played } };
    expect(toldWords(mission, told)).toBe("‹the seconds played› gone, {a} and {b}");
  });

  it("take figures while there is a letter and room for it, and lose one without a trace", () => {
    const played = { type: "played" as const, times: 1, plus: 0 };
    const one = withFigure({ text: "Gone: {{a}", figures: {} });
    expect(one).toEqual({ text: "Gone: {{a} {a}", figures: { a: played } });
    expect(one && withoutFigure(one, "a")).toEqual({ text: "Gone: {{a} ", figures: {} });
    expect(withFigure({ text: "x".repeat(396), figures: {} })?.text).toHaveLength(400);
    expect(withFigure({ text: "x".repeat(397), figures: {} })).toBeUndefined();
    const all = Object.fromEntries([..."abcdefgh"].map((letter) => [letter, played]));
    expect(withFigure({ text: "", figures: all })).toBeUndefined();
  });

  it("say what they are at other levels and with more players", () => {
    const by = { type: "byLevel" as const, value: 30, perPlayer: 0 };
    const words = (amount: Amount) => amountWords(mission, amount, "s");
    expect(words({ ...by, levels: { storm: 20, calm: 45 } })).toBe("30 s (calm 45 s, storm 20 s)");
    expect(words({ ...by, levels: {}, perPlayer: -2 })).toBe("30 s (−2 s for each further player)");
    expect(words({ ...by, levels: {} })).toBe("30 s (the same at every level)");
    const count = { count: 3, pins: { ...pins, storm: 5 }, perPlayer: 1 };
    expect(scaledWords(count)).toBe("3 (storm 5, +1 for each further player)");
  });

  it.each<[Amount, string]>([
    [{ type: "howMany", who: wreckers, times: 1, plus: 0 }, "the number of Wreckers"],
    [
      { type: "howManyAre", who: wreckers, state: "dead", times: 1, plus: 0 },
      "the number of Wreckers who are dead",
    ],
    [
      { type: "killedBy", who: wreckers, by: { type: "players" }, times: 1, plus: 0 },
      "the number of Wreckers killed by players",
    ],
    [
      { type: "howMany", who: { type: "anyone" }, times: 2, plus: 1 },
      "2 × the number of units + 1",
    ],
    [{ type: "strength", who: { type: "players" }, times: 1, plus: 0 }, "the strength of players"],
    [{ type: "played", times: 1, plus: -3 }, "the seconds played − 3"],
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
