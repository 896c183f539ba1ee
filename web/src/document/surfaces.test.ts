import { readFileSync } from "node:fs";
import { describe, expect, it } from "vitest";
import { addPart, partPoints, putPart } from "../deeds/parts";
import { moveThings } from "../things/geometry";
import { peeledOff } from "../things/levels";
import { draftDesk } from "./draftDesk";
import type { Deck, Mission, Ref } from "./mission";
import { STAYS } from "./stops";
import { firstOf, sure } from "./sure";
import {
  deckHeight,
  freshLevel,
  isCovered,
  isOver,
  middleOf,
  nearestOnRim,
  surfacesOver,
  surfaceUnder,
} from "./surfaces";

const sample = readFileSync("../core/src/main/resources/samples/first-light.json", "utf8");
const LOW: Ref = { family: "decks", id: "low" };

function corners(points: [number, number][]) {
  return Object.fromEntries(
    points.map(([x, y], i) => [`c${i}`, { order: `a${i}`, position: { x, y } }]),
  );
}

function deck(top: number, west: number, east: number): Deck {
  return {
    name: `Deck at ${top}`,
    corners: corners([
      [west, 10],
      [east, 10],
      [east, 30],
      [west, 30],
    ]),
    top,
    thickness: 0.3,
    slope: { degrees: 0, toward: 0 },
    railing: { height: 0, make: "rails", gaps: {} },
    openings: {},
    ramps: {},
    motion: structuredClone(STAYS),
  };
}

/** A low deck from 10 to 50 m east and a high one from 40 to 60, with somebody at (45, 20). */
function mission(): Mission {
  const read: Mission = JSON.parse(sample);
  read.decks = { low: deck(8, 10, 50), high: deck(12, 40, 60) };
  for (const unit of Object.values(read.units)) unit.position = { x: 45, y: 20 };
  return read;
}

describe("surfaces above one another", () => {
  it("lists the decks over a point from the top down", () => {
    const over = (x: number) => surfacesOver(mission(), { x, y: 20 }).map(({ of }) => of);
    expect(over(20)).toEqual(["decks/low"]);
    expect(over(45)).toEqual(["decks/high", "decks/low"]);
    expect(over(80)).toEqual([]);
  });

  it("leaves openings out", () => {
    const read = mission();
    sure(read.decks, "low").openings.o = {
      order: "a0",
      corners: corners([
        [20, 15],
        [30, 15],
        [30, 25],
        [20, 25],
      ]),
    };
    expect(isOver(sure(read.decks, "low"), { x: 25, y: 20 })).toBe(false);
    expect(isOver(sure(read.decks, "low"), { x: 15, y: 20 })).toBe(true);
    expect(nearestOnRim(sure(read.decks, "low"), { x: 25, y: 16 })).toEqual({ x: 25, y: 15 });
  });

  it("measures a slope about the middle", () => {
    const sloping = { ...deck(8, 10, 50), slope: { degrees: 45, toward: 90 } };
    expect(deckHeight(sloping, middleOf(sloping), { x: 40, y: 20 })).toBeCloseTo(18);
  });

  it("stands a thing where its level says, or else on top", () => {
    const at = { x: 45, y: 20 };
    const on = (id: string) => ({ type: "deck" as const, deck: { family: "decks", id } as Ref });
    expect(surfaceUnder(mission(), { type: "top" }, at)?.of).toBe("decks/high");
    expect(surfaceUnder(mission(), { type: "ground" }, at)).toBeUndefined();
    expect(surfaceUnder(mission(), on("low"), at)?.of).toBe("decks/low");
    expect(surfaceUnder(mission(), on("gone"), at)?.of).toBe("decks/high");
    expect(isCovered(mission(), { type: "top" }, at)).toBe(false);
    expect(isCovered(mission(), on("low"), at)).toBe(true);
  });

  it("peels decks off with those who stand on them", () => {
    const unit = `units/${Object.keys(mission().units)[0]}`;
    expect(peeledOff(mission(), null).size).toBe(0);
    expect(peeledOff(mission(), 10)).toContain("decks/high");
    expect(peeledOff(mission(), 10)).toContain(unit);
    const below = mission();
    for (const it of Object.values(below.units)) it.level = { type: "ground" };
    expect(peeledOff(below, 10)).not.toContain(unit);
  });

  it("sets new things on the highest deck that is shown", () => {
    const at = { x: 45, y: 20 };
    expect(freshLevel(mission(), at, null)).toEqual({ type: "top" });
    expect(freshLevel(mission(), at, 10)).toEqual({ type: "deck", deck: LOW });
    expect(freshLevel(mission(), at, 5)).toEqual({ type: "ground" });
    expect(freshLevel(mission(), { x: 90, y: 20 }, 5)).toEqual({ type: "top" });
  });
});

describe("parts of a deck", () => {
  function drawn(part: "opening" | "stairs") {
    const open = draftDesk(mission());
    const points = [
      { x: 12, y: 20 },
      { x: 2, y: 20 },
      { x: 5, y: 25 },
    ];
    addPart(open, { sets: "part", part, of: LOW, storey: "" }, points);
    return open;
  }

  it("hang stairs on the nearest rim", () => {
    const [stairs] = Object.values(sure(drawn("stairs").state.mission.decks, "low").ramps);
    expect(stairs).toMatchObject({ head: { x: 10, y: 20 }, foot: { x: 2, y: 20 } });
    expect(drawn("stairs").labels).toEqual(["Give Deck at 8 stairs"]);
  });

  it("can be dragged; the head of a ramp keeps to the rim", () => {
    const read = structuredClone(drawn("stairs").state.mission);
    const [head, foot] = firstOf(partPoints(read, LOW), 2);
    putPart(read, LOW, head.path, { x: 14, y: 22 });
    putPart(read, LOW, foot.path, { x: 1, y: 21 });
    expect(partPoints(read, LOW).map(({ at }) => at)).toEqual([
      { x: 10, y: 22 },
      { x: 1, y: 21 },
    ]);
    putPart(read, LOW, ["ramps", "gone", "head"], { x: 0, y: 0 });
    expect(partPoints(read, LOW)).toHaveLength(2);
  });

  it("move with their deck", () => {
    const read = structuredClone(drawn("opening").state.mission);
    moveThings(read, [LOW], 5, 5);
    expect(partPoints(read, LOW).map(({ at }) => at)).toEqual([
      { x: 17, y: 25 },
      { x: 7, y: 25 },
      { x: 10, y: 30 },
    ]);
  });
});
