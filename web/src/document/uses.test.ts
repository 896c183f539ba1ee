import { readFileSync } from "node:fs";
import { produce } from "immer";
import { describe, expect, it } from "vitest";
import { removeAll } from "../deeds/deeds";
import { isOpen, key, type Mission, type Ref, references } from "./mission";
import { sure } from "./sure";
import { placesOf, repoint, takeAlong } from "./uses";

const harrow: Mission = JSON.parse(
  readFileSync("../core/src/main/resources/samples/relight-the-harrow.json", "utf8"),
);
const ROCK: Ref = { family: "zones", id: "zone-rock" };
const LANDING: Ref = { family: "zones", id: "zone-landing" };
const WALK: Ref = { family: "routes", id: "route-watch-walk" };

function open(mission: Mission): string[] {
  return references(mission)
    .filter(({ ref, path }) => path[0] !== "lost" && isOpen(mission, ref))
    .map(({ ref }) => key(ref));
}

describe("the uses of a thing", () => {
  it("are all places that name it, but not its folder", () => {
    const uses = placesOf(harrow, [ROCK]);
    expect(uses.length).toBeGreaterThan(1);
    expect(uses.map(({ holder }) => holder.family)).not.toContain("folders");
  });

  it("are none of a squad where only its members name it", () => {
    const few = produce(harrow, (draft) => {
      draft.events = {};
      draft.waves = {};
    });
    const squad: Ref = { family: "squads", id: "squad-watch" };
    expect(placesOf(few, [squad])).toEqual([]);
  });

  it("name another thing once they are re-pointed", () => {
    const uses = placesOf(harrow, [ROCK]);
    const after = produce(harrow, (draft) => {
      repoint(draft, uses, LANDING);
      removeAll(draft, [ROCK]);
    });
    expect(open(after)).toEqual([]);
    expect(placesOf(after, [LANDING]).length).toBe(
      placesOf(harrow, [LANDING]).length + uses.length,
    );
    expect(after.lost).toEqual({});
  });

  it("go along with it: conditions, lines and orders, and nothing stays open", () => {
    for (const gone of [ROCK, WALK, { family: "gates", id: "gate-sluice" } as Ref]) {
      const uses = placesOf(harrow, [gone]);
      let left = -1;
      const after = produce(harrow, (draft) => {
        left = takeAlong(draft, uses);
        removeAll(draft, [gone]);
      });
      expect(left).toBe(0);
      expect(open(after)).toEqual([]);
      expect(Object.keys(after.events)).toEqual(Object.keys(harrow.events));
    }
  });

  it("become open places that remember its name where they are left", () => {
    const after = produce(harrow, (draft) => removeAll(draft, [ROCK]));
    expect(open(after).length).toBe(placesOf(harrow, [ROCK]).length);
    expect(after.lost["zone-rock"]).toEqual({ family: "zones", name: "Harrow rock" });
    expect(sure(after.folders, "folder-rock").things["zone-rock"]).toBeUndefined();
  });
});
