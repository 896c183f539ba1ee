import { describe, expect, it } from "vitest";
import type { Entry, Slot } from "../document/phrases";
import { gist } from "./gist";

function entry(pieces: Entry["pieces"], slots: Record<string, Slot>): Entry {
  return { type: "x", group: "", pieces, slots, fresh: { type: "x" } };
}

describe("a sentence without its values", () => {
  it("names what each slot takes in plain words", () => {
    const flag = entry([{ slot: "flag" }, { text: "is" }, { slot: "on" }], {
      flag: { is: "ref", families: ["flags"] },
      on: {
        is: "choice",
        options: [
          { value: "on", word: "on" },
          { value: "off", word: "off" },
        ],
      },
    });
    expect(gist(flag)).toBe("a flag is on or off");
  });

  it("leaves open what the sentence names the family of itself", () => {
    const opens = entry([{ text: "open the objective" }, { slot: "it" }], {
      it: { is: "ref", families: ["objectives"] },
    });
    expect(gist(opens)).toBe("open the objective …");
    expect(gist(opens, { it: "Cross" })).toBe("open the objective Cross");
  });

  it("takes the singular where words agree, and says what is measured", () => {
    const near = entry(
      [
        { slot: "who" },
        { agree: ["is", "are"] },
        { slot: "distance" },
        { text: "from" },
        { slot: "place" },
      ],
      { who: { is: "selector" }, distance: { is: "amount", unit: "m" }, place: { is: "place" } },
    );
    expect(gist(near)).toBe("someone is some metres from a place");
  });

  it.each<[Slot, string]>([
    [{ is: "ref", families: ["events"] }, "an event"],
    [{ is: "number", unit: "s" }, "some time"],
    [{ is: "number", unit: "clock" }, "a time of day"],
    [{ is: "scaled" }, "a number"],
    [{ is: "order" }, "an order"],
    [{ is: "text" }, "some words"],
    [{ is: "condition" }, "something holds, and otherwise"],
  ])("%j", (slot, words) => {
    expect(gist(entry([{ slot: "it" }], { it: slot }))).toBe(words);
  });
});
