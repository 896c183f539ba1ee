import { readFileSync } from "node:fs";
import { expect, it } from "vitest";
import type { Mission } from "../document/mission";
import { bring } from "./parcel";

const sample = (name: string): Mission =>
  JSON.parse(readFileSync(`../core/src/main/resources/samples/${name}.json`, "utf8"));

it("brings a kind with the looks and items that it names, once", () => {
  const shipped = sample("blank");
  const mission = sample("first-light");
  expect(mission.thingKinds["dig-spot-kind"]).toBeUndefined();
  const first = bring(mission, shipped, { family: "thingKinds", id: "dig-spot-kind" });
  expect(mission.thingKinds[first.id]?.name).toBe("Dig spot");
  expect(mission.looks["look-dug"]?.name).toBe("Dug up");
  expect(mission.itemKinds.spade?.name).toBe("Spade");
  const before = Object.keys(mission.thingKinds).length;
  expect(bring(mission, shipped, { family: "thingKinds", id: "dig-spot-kind" })).toEqual(first);
  expect(Object.keys(mission.thingKinds)).toHaveLength(before);
});

it("takes what the mission has by the same name for what is named", () => {
  const shipped = sample("blank");
  const mission = sample("first-light");
  mission.looks.mine = { name: "Dug up" };
  const { id } = bring(mission, shipped, { family: "thingKinds", id: "dig-spot-kind" });
  const looks = Object.values(mission.thingKinds[id]?.looks ?? {}).map(({ look }) => look.id);
  expect(looks).toContain("mine");
  expect(mission.looks["look-dug"]).toBeUndefined();
});
