import { readFileSync } from "node:fs";
import { produce } from "immer";
import { describe, expect, it } from "vitest";
import { type Mission, refOf } from "../document/mission";
import { sure } from "../document/sure";
import { geometryOf, placeOf } from "./geometry";
import { fileOf, parcel, unpack } from "./parcel";

const read = (name: string): Mission =>
  JSON.parse(readFileSync(`../core/src/main/resources/samples/${name}.json`, "utf8"));
const harrow = read("relight-the-harrow");
const blank = read("blank");

function pasted(into: Mission, keys: string[], at = { x: 50, y: 60 }) {
  let made: string[] = [];
  const mission = produce(into, (draft) => {
    made = unpack(draft, parcel(harrow, keys), at);
  });
  return { mission, made };
}

describe("a parcel", () => {
  it("brings a squad with its members and leader, about the place it is pasted at", () => {
    const { mission, made } = pasted(blank, ["squads/squad-watch"]);
    const squad = made.find((name) => name.startsWith("squads/")) as string;
    const members = made.filter((name) => name.startsWith("units/"));
    expect(members).toHaveLength(3);
    const { leader } = sure(mission.squads, refOf(squad).id);
    expect(members).toContain(`units/${leader.id}`);
    const middle = placeOf(mission, refOf(squad));
    expect(middle?.x).toBeCloseTo(50, 0);
    expect(middle?.y).toBeCloseTo(60, 0);
    for (const name of members) {
      const { belongs, side, kind } = sure(mission.units, refOf(name).id);
      expect(belongs).toMatchObject({ type: "squad", squad: refOf(squad) });
      expect(mission.sides[side.id]).toBeDefined();
      expect(mission.kinds[kind.id]).toBeDefined();
    }
  });

  it("matches the catalogue by name where ids differ, and brings along what is missing", () => {
    const other = produce(blank, (draft) => {
      draft.kinds.other = sure(draft.kinds, "wrecker");
      delete (draft.kinds as Record<string, unknown>).wrecker;
      delete (draft.sides as Record<string, unknown>).wreckers;
    });
    const { mission, made } = pasted(other, ["units/watch-1"]);
    const unit = sure(mission.units, refOf(sure(made, 0)).id);
    expect(unit.kind.id).toBe("other");
    expect(sure(mission.sides, unit.side.id).name).toBe(sure(harrow.sides, "wreckers").name);
  });

  it("keeps what is named inside together, and leaves the rest open", () => {
    const alone = pasted(blank, ["units/watch-1"]);
    const { belongs } = sure(alone.mission.units, refOf(sure(alone.made, 0)).id);
    expect(belongs.type === "squad" && alone.mission.squads[belongs.squad.id]).toBeFalsy();
    const both = pasted(blank, ["routes/route-watch-walk", "squads/squad-watch"]);
    const squad = both.made.find((name) => name.startsWith("squads/")) as string;
    const route = both.made.find((name) => name.startsWith("routes/")) as string;
    expect(sure(both.mission.squads, refOf(squad).id).order).toMatchObject({ route: refOf(route) });
    const geometry = geometryOf(both.mission, refOf(route));
    expect(geometry?.is === "line" && geometry.vertices).toHaveLength(3);
  });

  it("gives fresh names and ids in the mission it came from", () => {
    const { mission, made } = pasted(harrow, ["units/watch-1"]);
    expect(made[0]).not.toBe("units/watch-1");
    expect(sure(mission.units, refOf(sure(made, 0)).id).name).toBe("Watch");
    expect(Object.keys(mission.kinds)).toHaveLength(Object.keys(harrow.kinds).length);
  });

  it.each([
    ["", "nothing"],
    ["{", "half of something"],
    ['{"flintmoss":"parcel"}', "no things"],
    [
      JSON.stringify({ ...parcel(harrow, []), things: [{ ref: { family: "events", id: "x" } }] }),
      "an event",
    ],
    [
      JSON.stringify({ ...parcel(harrow, []), catalogue: [{ ref: { family: "units", id: "x" } }] }),
      "a unit as a kind",
    ],
  ])("is not %j: %s", (text) => {
    expect(fileOf(text)).toBeUndefined();
  });

  it("is read again from its text", () => {
    const packed = parcel(harrow, ["zones/zone-rock"]);
    expect(fileOf(JSON.stringify(packed))).toEqual(packed);
  });
});
