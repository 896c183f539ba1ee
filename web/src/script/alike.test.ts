import { describe, expect, it } from "vitest";
import type { Event } from "../document/mission";
import type { PhraseBook } from "../document/phrases";
import { sure } from "../document/sure";
import { alikeTo, shapeOf } from "./alike";

const phrases = {
  conditions: [
    {
      type: "inside",
      group: "Places",
      pieces: [{ slot: "who" }, { agree: ["is", "are"] }, { text: "inside" }, { slot: "zone" }],
      slots: { who: { is: "selector" }, zone: { is: "ref", family: "zones" } },
      fresh: { type: "inside" },
    },
  ],
  actions: [
    {
      type: "note",
      group: "Words",
      pieces: [{ text: "tell the players" }, { slot: "text" }],
      slots: { text: { is: "text" } },
      fresh: { type: "note" },
    },
  ],
} as unknown as PhraseBook;

const inside = (zone: string) => ({ type: "inside", who: {}, zone: { family: "zones", id: zone } });
const event = (order: string, when: object, texts: string[]) =>
  ({
    order,
    when: { type: "all", parts: { [`c${order}`]: { order: "a0", condition: when } } },
    actions: Object.fromEntries(
      texts.map((text, i) => [
        `l${order}${i}`,
        { order: `a${i}`, after: {}, action: { type: "note", text } },
      ]),
    ),
  }) as unknown as Event;

describe("events alike", () => {
  it("say the same of other things, whatever the ids of their parts", () => {
    const events = {
      two: event("a2", inside("b"), ["There"]),
      one: event("a1", inside("a"), ["Here"]),
      more: event("a3", inside("a"), ["Here", "and there"]),
      longer: event("a4", { type: "heldFor", of: inside("a"), seconds: 2, inAll: false }, ["Here"]),
    };
    expect(alikeTo(phrases, events, "one")).toEqual(["one", "two"]);
    expect(alikeTo(phrases, events, "longer")).toEqual(["longer"]);
  });

  it("have a column for each slot, each wait and each duration, in their order", () => {
    const of = event("a1", { type: "heldFor", of: inside("a"), seconds: 2, inAll: false }, [
      "Here",
    ]);
    const { cells } = shapeOf(phrases, of);
    expect(cells.map(({ title }) => title)).toEqual([
      "… is inside",
      "inside …",
      "for",
      "wait",
      "tell the players …",
    ]);
    expect(sure(cells, 1).path).toEqual(["when", "parts", "ca1", "condition", "of", "zone"]);
    expect(sure(cells, 4).path).toEqual(["actions", "la10", "action", "text"]);
  });

  it("differ by what branches and choices hold", () => {
    const branch = (texts: string[]) => {
      const made = event("a1", inside("a"), texts);
      const then = made.actions;
      made.actions = {
        b: {
          order: "a0",
          after: { type: "number", value: 0 },
          action: {
            type: "oneOf",
            choices: { w: { order: "a0", weight: 1, lines: then } },
          },
        },
      };
      return made;
    };
    expect(shapeOf(phrases, branch(["x"])).shape).toBe(shapeOf(phrases, branch(["y"])).shape);
    expect(shapeOf(phrases, branch(["x"])).shape).not.toBe(
      shapeOf(phrases, branch(["x", "y"])).shape,
    );
  });
});
