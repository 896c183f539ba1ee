import { readFileSync } from "node:fs";
import { describe, expect, it } from "vitest";
import type { Mission } from "../../document/mission";
import { sure } from "../../document/sure";
import type { Trouble } from "../../sentence/trouble";
import { matched, plate, scriptNames, thingNamed, unknownNames } from "./names";

const mission = JSON.parse(
  readFileSync("../core/src/main/resources/samples/relight-the-harrow.json", "utf8"),
) as Mission;

const TEXT = `event "A"
  when any player is inside [Old rock]
   and [Lamp lit] is on
  do say [Old rock]
     show the marker [A \\] b]`;

const trouble = (text: string, more: Partial<Trouble>): Trouble => {
  const from = TEXT.indexOf(text);
  return {
    from,
    to: from + text.length,
    line: 2,
    column: 1,
    says: "",
    remedies: [],
    families: [],
    ...more,
  };
};

describe("names in a text", () => {
  it("that nothing has are found once each, the most used first", () => {
    expect(unknownNames(mission, TEXT, []).map(({ name, times }) => [name, times])).toEqual([
      ["Old rock", 2],
      ["A ] b", 1],
    ]);
  });

  it("may mean what could stand there, the nearest first", () => {
    const near = [{ word: "Landing, a zone", text: "[Landing]" }];
    const troubles = [trouble("[Old rock]", { families: ["zones"], remedies: near })];
    const { options } = sure(unknownNames(mission, TEXT, troubles), 0);
    expect(options[0]).toEqual({ text: "[Landing]", word: "Landing, zone" });
    expect(options.every(({ word }) => word.endsWith(", zone"))).toBe(true);
    expect(options).toHaveLength(Object.keys(mission.zones).length);
  });

  it("may mean anything that the script speaks of where no more is known", () => {
    const { options } = sure(unknownNames(mission, TEXT, []), 0);
    expect(options.some(({ word }) => word.endsWith(", zone"))).toBe(true);
    expect(options.some(({ word }) => word.endsWith(", flag"))).toBe(true);
  });

  it("are put in the place of others wherever they stand", () => {
    const text = matched(TEXT, { "Old rock": "[Landing]", "A ] b": "[Lever]" });
    expect(text).toContain("inside [Landing]");
    expect(text).toContain("say [Landing]");
    expect(text).toContain("marker [Lever]");
    expect(text).toContain("[Lamp lit]");
  });

  it("are written with what would end them escaped", () => {
    expect(plate("a ] ~ \\ b")).toBe("[a \\] \\~ \\\\ b]");
    expect(matched(plate("a ] b"), { "a ] b": "[x]" })).toBe("[x]");
  });

  it("stand for a thing of whatever family has them", () => {
    expect(thingNamed(mission, "Landing")).toMatch(/^zones\//);
    expect(thingNamed(mission, "Nowhere at all")).toBeUndefined();
  });

  it("of the script change when a thing that it names is renamed, and with nothing else", () => {
    const before = scriptNames(mission);
    const other = structuredClone(mission);
    for (const zone of Object.values(other.zones)) {
      if (zone.name === "Landing") zone.name = "Strand";
    }
    expect(scriptNames(other)).not.toBe(before);
    const moved = structuredClone(mission);
    moved.brief.title = "Another";
    expect(scriptNames(moved)).toBe(before);
  });
});
