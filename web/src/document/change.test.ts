import { readFileSync } from "node:fs";
import { beforeEach, describe, expect, it } from "vitest";
import type { ConditionAll } from "../generated/mission.gen";
import { intoTheOneBefore, outOfWhatHoldsIt } from "../script/nesting";
import { addParts, append, appendAll, drop, part, put, relocate, shift } from "./change";
import { draftDesk } from "./draftDesk";
import { type Condition, type Mission, ordered } from "./mission";
import { happens, learn, type PhraseBook, statesOnly } from "./phrases";
import { sure } from "./sure";

const sample = readFileSync("../core/src/main/resources/samples/relight-the-harrow.json", "utf8");
let open: ReturnType<typeof draftDesk>;

beforeEach(() => {
  open = draftDesk(JSON.parse(sample) as Mission);
});

const objectives = () => ordered(open.state.mission.objectives).map(([, { name }]) => name);

describe("changes to a part of the document", () => {
  it("put a value where a path leads", () => {
    put(open, "Retitle", ["brief", "title"], "The Harrow");
    expect(part(open.state.mission, ["brief", "title"])).toBe("The Harrow");
    expect(open.labels).toEqual(["Retitle"]);
  });

  it("drop an entry", () => {
    const first = sure(Object.keys(open.state.mission.objectives), 0);
    drop(open, "Drop", ["objectives", first]);
    expect(open.state.mission.objectives[first]).toBeUndefined();
  });

  it("append after all others", () => {
    const entry = { name: "Last", text: "", rank: "primary", open: false };
    append(open, "Add", ["objectives"], entry);
    expect(objectives().at(-1)).toBe("Last");
    append(open, "Add", ["objectives"], { ...entry, name: "Very last" });
    expect(objectives().slice(-2)).toEqual(["Last", "Very last"]);
  });

  it("shift an entry by one, and not beyond either end", () => {
    const before = objectives();
    const [id] = sure(ordered(open.state.mission.objectives), 1);
    shift(open, "Up", ["objectives", id], -1);
    expect(objectives()).toEqual([before[1], before[0], ...before.slice(2)]);
    shift(open, "Up", ["objectives", id], -1);
    expect(objectives()).toEqual([before[1], before[0], ...before.slice(2)]);
    for (const _ of before) shift(open, "Down", ["objectives", id], 1);
    expect(objectives().at(-1)).toBe(before[1]);
  });

  it("append several in their order as one edit", () => {
    const entry = { text: "", rank: "primary", open: false };
    appendAll(
      open,
      "Add",
      ["objectives"],
      [
        ["x", { ...entry, name: "One" }],
        ["y", { ...entry, name: "Two" }],
      ],
    );
    expect(objectives().slice(-2)).toEqual(["One", "Two"]);
    expect(open.labels).toEqual(["Add"]);
  });
});

describe("conditions that are added", () => {
  const sentence = (type: string, words: string) => ({
    type,
    group: "",
    pieces: [{ text: words }],
    slots: {},
    fresh: { type },
  });
  const phrases = {
    conditions: [sentence("dies", "each time "), sentence("fares", "anyone is dead")],
  } as unknown as PhraseBook;
  const condition = (type: string) => ({ type }) as Condition;
  const add = (id: string, ...types: string[]) =>
    addParts(open, "Add", ["events", id, "when"], phrases, types.map(condition));
  const fresh = () => {
    const id = sure(Object.keys(open.state.mission.events), 0);
    put(open, "Set the scene", ["events", id, "when"], { type: "all", parts: {} });
    put(open, "Set the scene", ["events", id, "times"], 1);
    return id;
  };

  it("let an event that is new fire any number of times where something happens", () => {
    const id = fresh();
    add(id, "dies", "fares");
    const { when, times } = sure(open.state.mission.events, id);
    expect(times).toBe(0);
    expect(happens(when, phrases)).toBe(true);
    expect(ordered((when as ConditionAll).parts).map(([, it]) => it.condition.type)).toEqual([
      "dies",
      "fares",
    ]);
  });

  it("leave how often an event fires where it has a condition, or nothing happens", () => {
    const id = fresh();
    add(id, "fares");
    expect(sure(open.state.mission.events, id).times).toBe(1);
    expect(happens(sure(open.state.mission.events, id).when, phrases)).toBe(false);
    add(id, "dies");
    expect(sure(open.state.mission.events, id).times).toBe(1);
  });

  it("are states alone where an if asks", () => {
    expect(statesOnly(phrases).conditions.map(({ type }) => type)).toEqual(["fares"]);
  });
});

describe("lines that are moved", () => {
  const line = (order: string, action: object) => ({
    order,
    after: { type: "number", value: 0 },
    action,
  });
  const note = (text: string) => ({ type: "note", text });
  const event = () => {
    const id = sure(Object.keys(open.state.mission.events), 0);
    put(open, "Set the scene", ["events", id, "actions"], {
      a: line("a0", note("a")),
      b: line("a1", {
        type: "oneOf",
        choices: { c: { order: "a0", weight: 1, lines: { x: line("a0", note("x")) } } },
      }),
      d: line("a2", note("d")),
    });
    return ["events", id, "actions"];
  };
  const texts = (path: string[]) =>
    ordered(
      part<Record<string, { order: string; action: { type: string; text?: string } }>>(
        open.state.mission,
        path,
      ),
    ).map(([, { action }]) => action.text ?? action.type);

  it("go before another of the same list", () => {
    const path = event();
    relocate(open, "Move", [...path, "d"], path, "a");
    expect(texts(path)).toEqual(["d", "a", "oneOf"]);
  });

  it("go into what another line holds, and out of it again", () => {
    const path = event();
    const held = [...path, "b", "action", "choices", "c", "lines"];
    const into = intoTheOneBefore(open.state.mission, [...path, "d"]);
    expect(into).toEqual({ to: held, before: null });
    relocate(open, "Move", [...path, "d"], held, null);
    expect(texts(path)).toEqual(["a", "oneOf"]);
    expect(texts(held)).toEqual(["x", "d"]);
    const out = outOfWhatHoldsIt(open.state.mission, [...held, "x"]);
    expect(out).toEqual({ to: path, before: null });
    relocate(open, "Move", [...held, "x"], path, null);
    expect(texts(path)).toEqual(["a", "oneOf", "x"]);
  });

  it("never go into themselves", () => {
    const path = event();
    const held = [...path, "b", "action", "choices", "c", "lines"];
    relocate(open, "Move", [...path, "b"], held, null);
    expect(texts(path)).toEqual(["a", "oneOf", "d"]);
    expect(open.labels).toEqual(["Set the scene"]);
  });

  it("get another id where theirs is taken", () => {
    const path = event();
    const held = [...path, "b", "action", "choices", "c", "lines"];
    put(open, "Same id", [...held, "a"], line("a5", note("other")));
    relocate(open, "Move", [...path, "a"], held, null);
    expect(texts(held)).toEqual(["x", "other", "a"]);
  });

  it("have nothing to go into or out of where nothing holds them", () => {
    const path = event();
    expect(intoTheOneBefore(open.state.mission, [...path, "a"])).toBeUndefined();
    expect(outOfWhatHoldsIt(open.state.mission, [...path, "a"])).toBeUndefined();
  });
});

describe("firings of an event that fires through what happens", () => {
  const book = (type: string, text: string) => ({ type, pieces: [{ text }] });
  const causer = { type: "harm", who: { quantifier: { type: "any" }, whom: { type: "causer" } } };
  const line = (action: object) => ({ after: { type: "number", value: 0 }, action });
  const event = () => sure(Object.keys(open.state.mission.events), 0);
  const firings = () => sure(open.state.mission.events, event()).firings;

  beforeEach(() => {
    const conditions = [book("enters", "each time"), book("flag", "")];
    learn({ conditions } as unknown as PhraseBook);
    put(open, "When", ["events", event(), "when"], {
      type: "all",
      parts: { p: { order: "a0", condition: { type: "enters" } } },
    });
  });

  it("go side by side from when the causer is named, and stay as they are told", () => {
    append(open, "Add", ["events", event(), "actions"], line({ type: "note" }));
    expect(firings()).toBe("dropped");
    append(open, "Add", ["events", event(), "actions"], line(causer));
    expect(firings()).toBe("sideBySide");
    put(open, "Told", ["events", event(), "firings"], "dropped");
    append(open, "Add", ["events", event(), "actions"], line(causer));
    expect(firings()).toBe("dropped");
  });

  it("stay dropped where only states are asked for", () => {
    put(open, "When", ["events", event(), "when"], {
      type: "all",
      parts: { p: { order: "a0", condition: { type: "flag" } } },
    });
    append(open, "Add", ["events", event(), "actions"], line(causer));
    expect(firings()).toBe("dropped");
  });
});
