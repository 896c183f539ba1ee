import { readFileSync } from "node:fs";
import { beforeEach, describe, expect, it } from "vitest";
import { draftDesk } from "../model/draftDesk";
import { type Mission, ordered } from "../model/mission";
import { append, drop, part, put, shift } from "./change";

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
    const [first] = Object.keys(open.state.mission.objectives);
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
    const [id] = ordered(open.state.mission.objectives)[1];
    shift(open, "Up", ["objectives", id], -1);
    expect(objectives()).toEqual([before[1], before[0], ...before.slice(2)]);
    shift(open, "Up", ["objectives", id], -1);
    expect(objectives()).toEqual([before[1], before[0], ...before.slice(2)]);
    for (const _ of before) shift(open, "Down", ["objectives", id], 1);
    expect(objectives().at(-1)).toBe(before[1]);
  });
});
