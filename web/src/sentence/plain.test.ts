import { readFileSync } from "node:fs";
import { describe, expect, it } from "vitest";
import { type Mission, nameOf } from "../document/mission";
import type { Entry, PhraseBook } from "../document/phrases";
import { sure } from "../document/sure";
import { PLACES, placeAt, placeWords, thingOf } from "../things/places";
import { freshParty } from "../waves/party";
import { plainWords } from "./plain";

const mission: Mission = JSON.parse(
  readFileSync("../core/src/main/resources/samples/relight-the-harrow.json", "utf8"),
);
const NONE = { phrases: {} as PhraseBook };

const used: Entry = {
  type: "used",
  group: "Gates and fixtures",
  pieces: [
    { slot: "fixture" },
    { text: "has been used" },
    { slot: "comparison" },
    { slot: "times" },
    { agree: ["time", "times"] },
  ],
  slots: {
    fixture: { is: "ref", families: ["fixtures"] },
    comparison: { is: "choice", options: [{ value: "atLeast", word: "at least" }] },
    times: { is: "amount", unit: "" },
  },
  fresh: { type: "used" },
};

describe("a sentence in plain words", () => {
  const value = (times: number) => ({
    type: "used",
    fixture: { family: "fixtures", id: "fixture-bell" },
    comparison: "atLeast",
    times: { type: "number", value: times },
  });

  it("agrees with the amount before a word", () => {
    const words = (times: number) => plainWords(mission, NONE.phrases, [used], value(times));
    expect(words(1)).toBe("Sluice bell has been used at least 1 time");
    expect(words(3)).toBe("Sluice bell has been used at least 3 times");
  });

  it("is nothing for what is not known", () => {
    expect(plainWords(mission, NONE.phrases, [], value(1))).toBe("");
  });
});

describe("places", () => {
  it("are wherever their thing is, and say its name", () => {
    const ids = { zones: "zone-rock", starts: "start-mara", spawnPoints: "spawn-boathouse" };
    for (const [family, id] of Object.entries(ids)) {
      const ref = { family: family as keyof typeof ids, id };
      expect(thingOf(placeAt(ref))).toEqual(ref);
      expect(placeWords(mission, placeAt(ref))).toBe(nameOf(mission, ref));
    }
    expect(PLACES).toHaveLength(5);
  });

  it("are metres east and north for a bare point", () => {
    const point = { type: "point", position: { x: 12.4, y: 99.6 } } as const;
    expect(placeWords(mission, point)).toBe("E 12 N 100");
    expect(thingOf(point)).toBeUndefined();
  });
});

describe("a new party", () => {
  it("is of the most numerous side hostile to the players, and goes for them", () => {
    const party = sure(Object.values(freshParty(mission)), 0);
    expect(party.side.id).toBe("wreckers");
    expect(party.duty).toMatchObject({ type: "attack", who: { whom: { type: "players" } } });
    expect(party.count.count).toBe(2);
  });

  it("is of any side where nobody is hostile", () => {
    const party = sure(Object.values(freshParty({ ...mission, stances: {} })), 0);
    expect(mission.sides[party.side.id]).toBeDefined();
  });
});
