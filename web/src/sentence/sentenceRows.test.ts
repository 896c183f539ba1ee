import { readFileSync } from "node:fs";
import { describe, expect, it } from "vitest";
import type { Mission } from "../document/mission";
import type { Entry } from "../document/phrases";
import { rowsFor, type Understanding, unknownName } from "./sentenceRows";

const mission = JSON.parse(
  readFileSync("../core/src/main/resources/samples/first-light.json", "utf8"),
) as Mission;

const entry = (type: string, group: string, text: string, slots: Entry["slots"] = {}): Entry => ({
  type,
  group,
  pieces: [{ text }, ...Object.keys(slots).map((slot) => ({ slot }))],
  slots,
  fresh: { type },
});
const ENTRIES = [
  entry("turn", "Flags", "turn", { flag: { is: "ref", families: ["flags"] } }),
  entry("harm", "Units", "harm", { who: { is: "selector" } }),
  entry("harmless", "Units", "do no harm"),
];
const NOTHING: Understanding = {
  reads: "",
  said: null,
  trouble: null,
  completion: { from: 0, options: [] },
};
const words = (text: string, read = NOTHING) =>
  rowsFor(mission, text, { ...read, reads: text }, ENTRIES).map((row) =>
    row.is === "entry" ? row.words : row.is === "goesOn" ? row.label : "said",
  );

describe("what is offered while a sentence is written", () => {
  it("is every sentence by groups while nothing is written", () => {
    expect(rowsFor(mission, " ", NOTHING, ENTRIES).map(({ group }) => group)).toEqual([
      "Flags",
      "Units",
      "Units",
    ]);
  });

  it("begins with what starts with the words that are sought", () => {
    expect(words("harm").slice(0, 2)).toEqual(["harm someone", "do no harm"]);
  });

  it("finds sentences by words in any place", () => {
    expect(words("harm no")[0]).toBe("do no harm");
  });

  it("fills in the thing whose name is sought", () => {
    const rows = rowsFor(mission, "wreckers", NOTHING, ENTRIES);
    const row = rows.find((it) => it.is === "entry" && it.words === "harm Wreckers");
    expect(row?.is === "entry" && row.entry.fresh).toMatchObject({
      type: "harm",
      who: { quantifier: { type: "all" }, whom: { type: "side", side: { family: "sides" } } },
    });
  });

  it("finds a state by its word, by another for it, or by a whole sentence, with it chosen", () => {
    const states = ["up", "down", "dead"].map((word) => ({ value: word, word }));
    const fares = {
      ...entry("fares", "Units", "", {}),
      pieces: [{ slot: "who" }, { text: "is" }, { slot: "state" }],
      slots: { who: { is: "selector" }, state: { is: "choice", options: states } },
      fresh: { type: "fares", state: "up" },
    } as Entry;
    const found = (text: string) =>
      rowsFor(mission, text, NOTHING, [fares]).flatMap((row) =>
        row.is === "entry" ? [[row.words, (row.entry.fresh as { state?: string }).state]] : [],
      );
    for (const sought of ["dead", "die", "killed", "someone is dead"]) {
      expect(found(sought)).toEqual([["someone is dead", "dead"]]);
    }
    expect(found("someone is")).toEqual([["someone is up or down", "up"]]);
    expect(found("d")).toEqual([["someone is up or down", "up"]]);
  });

  it("puts what was understood first, then how it may go on", () => {
    const read: Understanding = {
      reads: "",
      said: {},
      trouble: null,
      completion: {
        from: 5,
        options: [
          { label: "over", text: "over", kind: "word", detail: "" },
          { label: "[Lamp]", text: "[Lamp]", kind: "thing", detail: "zone" },
          { label: "turn it", text: "turn it", kind: "sentence", detail: "" },
        ],
      },
    };
    expect(words("turn ", read)).toEqual(["said", "over", "[Lamp]", "turn a flag"]);
    expect(words("turn lam", read)).toEqual(["said", "[Lamp]"]);
  });

  it("writes a space behind a word, and none behind a name", () => {
    const options = [
      { label: "over", text: "over", kind: "word" as const, detail: "" },
      { label: "[Lamp]", text: "[Lamp]", kind: "thing" as const, detail: "zone" },
    ];
    const rows = rowsFor(
      mission,
      "turn ",
      { ...NOTHING, reads: "turn ", completion: { from: 5, options } },
      [],
    );
    expect(rows.map((row) => row.is === "goesOn" && row.text)).toEqual(["over ", "[Lamp]"]);
  });

  it("offers what may be meant by a name that nothing has", () => {
    const text = "say [Lam]";
    const trouble = {
      from: 4,
      to: 9,
      line: 1,
      column: 5,
      says: "Nothing is called [Lam] here.",
      remedies: [{ word: "[Lamp]", text: "[Lamp]" }],
      families: [],
    };
    const read = { ...NOTHING, reads: text, trouble, completion: { from: 4, options: [] } };
    const [row] = rowsFor(mission, text, read, []);
    expect(row).toMatchObject({ is: "instead", text: "say [Lamp]" });
    expect(unknownName(read)).toBe(trouble);
    expect(unknownName({ ...read, reads: "say [Lam", trouble: { ...trouble, to: 8 } })).toBeNull();
  });

  it("seeks a word that is also a name, and offers the nearest sentences where nothing fits", () => {
    const options = [{ label: "has fired", text: "has fired", kind: "word" as const, detail: "" }];
    const read = { ...NOTHING, reads: "[Turn]", completion: { from: 7, options } };
    const [first] = rowsFor(mission, "turn", read, ENTRIES);
    expect(first).toMatchObject({ is: "entry", words: "turn a flag" });
    const near = rowsFor(mission, "turning flagged", NOTHING, ENTRIES);
    expect(near[0]).toMatchObject({ is: "entry", group: "Nearest" });
  });
});
