import { readFileSync } from "node:fs";
import { describe, expect, it } from "vitest";
import type { Mission } from "./mission";
import { apply, change, clashed, retest } from "./patch";
import { sure } from "./sure";

const mission: Mission = JSON.parse(
  readFileSync("../core/src/main/resources/samples/first-light.json", "utf8"),
);

describe("a change", () => {
  it("tests what it replaces and removes, and can be taken back", () => {
    const { next, patch, inverse } = change(mission, (draft) => {
      sure(draft.units, "prowler").position.x = 240;
      draft.zones.other = structuredClone(sure(mission.zones, "lamp-house"));
      delete draft.events.seen;
    });
    expect(patch.filter(({ op }) => op === "test").map(({ path }) => path)).toEqual(
      expect.arrayContaining(["/units/prowler/position/x", "/events/seen"]),
    );
    expect(apply(mission, patch)).toEqual(next);
    expect(apply(next, inverse)).toEqual(mission);
  });

  it("that changes nothing is no edit", () => {
    expect(change(mission, () => {}).patch).toEqual([]);
  });

  it("clashes where somebody else has changed the same thing, and tells both values", () => {
    const { patch } = change(mission, (draft) => {
      draft.brief.title = "Mine";
    });
    const theirs = { ...mission, brief: { ...mission.brief, title: "Theirs" } };
    const result = apply(theirs, patch);
    expect(clashed(result) && result.found).toBe("Theirs");
    const again = retest(theirs, patch);
    expect(again && (apply(theirs, again) as Mission).brief.title).toBe("Mine");
  });

  it("of a thing that is gone cannot be made again", () => {
    const { patch } = change(mission, (draft) => {
      sure(draft.units, "prowler").position.x = 240;
    });
    const without = { ...mission, units: {} };
    expect(clashed(apply(without, patch))).toBe(true);
    expect(retest(without, patch)).toBeUndefined();
  });

  it("of different things by two editors merges in either order", () => {
    const one = change(mission, (draft) => {
      sure(draft.units, "prowler").facing = 90;
    }).patch;
    const other = change(mission, (draft) => {
      sure(draft.zones, "lamp-house").name = "Lantern";
    }).patch;
    const ab = apply(apply(mission, one) as Mission, other);
    expect(ab).toEqual(apply(apply(mission, other) as Mission, one));
  });
});
