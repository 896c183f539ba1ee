import { readFileSync } from "node:fs";
import { beforeEach, describe, expect, it } from "vitest";
import type { Mission } from "../../document/mission";
import type { OpenMission } from "../../document/store";
import { firstOf } from "../../document/sure";
import { forbidStroke, keepStroke, levelNumbered, strokeAt } from "./keep";
import type { Stroke } from "./useReach";

const stacks: Mission = JSON.parse(
  readFileSync("../core/src/main/resources/samples/gannet-stacks.json", "utf8"),
);
const LEAP: Stroke = {
  manner: "leap",
  from: { x: 10, y: 10 },
  deck: 1,
  to: { x: 14, y: 13 },
  toDeck: 0,
  back: true,
  made: false,
};

describe("a crossing that was found", () => {
  let draft: Mission;
  let labels: string[];
  let open: OpenMission;

  beforeEach(() => {
    draft = structuredClone(stacks);
    labels = [];
    const edit = (label: string, change: (it: Mission) => void) => {
      labels.push(label);
      change(draft);
    };
    open = { edit } as unknown as OpenMission;
  });

  it("is meant by a click near it, unless it was made", () => {
    expect(strokeAt([LEAP], { x: 12, y: 11.5 })).toBe(LEAP);
    expect(strokeAt([LEAP], { x: 12, y: 14 })).toBeUndefined();
    expect(strokeAt([{ ...LEAP, made: true }], { x: 12, y: 11.5 })).toBeUndefined();
  });

  it("is kept as one of the designer's own, between the same surfaces", () => {
    const [, id] = firstOf(keepStroke(open, LEAP).split("/"), 2);
    expect(labels).toEqual(["Keep a leap as a crossing"]);
    expect(draft.crossings[id]).toMatchObject({
      name: "Leap",
      manner: "leap",
      from: LEAP.from,
      to: LEAP.to,
      fromLevel: { type: "deck", deck: { id: Object.keys(stacks.decks).sort()[0] } },
      toLevel: { type: "ground" },
      back: true,
    });
  });

  it("is forbidden by a zone around its middle that holds nobody back otherwise", () => {
    const [, id] = firstOf(forbidStroke(open, LEAP).split("/"), 2);
    expect(draft.zones[id]).toMatchObject({
      shape: { type: "circle", centre: { x: 12, y: 11.5 }, radius: 5.5 },
      noGo: { crossings: true, walkers: false },
    });
  });

  it("knows the floors of houses by their number", () => {
    const surfaces = Object.keys(stacks.decks).length + 1;
    const house = [...Array(surfaces + 4).keys()]
      .map((deck) => levelNumbered(stacks, deck))
      .find(({ type }) => type === "storey");
    expect(house).toEqual({
      type: "storey",
      building: { family: "buildings", id: "store" },
      storey: "s0",
    });
  });
});
