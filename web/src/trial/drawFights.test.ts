import { describe, expect, it } from "vitest";
import type { Sheet } from "../drawing/sheet";
import type { UnitSnapshot } from "../generated/snapshot.gen";
import { drawStrikes, SEEN } from "./drawFights";
import type { Outcome } from "./messages";

/** A canvas that takes whatever is drawn. */
const c = new Proxy({} as CanvasRenderingContext2D, { get: () => () => {}, set: () => true });
const sheet = {
  c,
  camera: { x: 0, y: 0, scale: 4 },
  size: { width: 800, height: 600 },
} as Sheet;

/** Two people, 25 m apart from west to east. */
const PEOPLE: Record<number, UnitSnapshot> = {
  0: { x: 0, y: 0 } as UnitSnapshot,
  1: { x: 25, y: 0 } as UnitSnapshot,
};
const where = (unit: number) => PEOPLE[unit];

const missed = (outcome: Outcome, now = 10, by = 0) =>
  drawStrikes(sheet, [{ step: 10, by, at: 1, outcome }], where, now);

describe("a blow or a shot on the map", () => {
  it("says why it missed where it went", () => {
    expect(missed("far")).toEqual([{ word: "too far", end: [expect.any(Number), 300] }]);
    expect(missed("far")[0]?.end[0]).toBeLessThan(500 - 17);
    expect(missed("covered")[0]?.end).toEqual([500 - 17, 300]);
    expect(missed("wide")[0]?.end[0]).toBeGreaterThan(500);
    expect(missed("wide")[0]?.end[1]).not.toBe(missed("moving")[0]?.end[1]);
  });

  it("needs no word where it hit or nobody was there", () => {
    expect(missed("hit")).toEqual([]);
    expect(missed("empty")).toEqual([]);
  });

  it("is seen for some steps from its own on, and not when play goes back before it", () => {
    expect(missed("wide", 10 + SEEN - 1)).toHaveLength(1);
    expect(missed("wide", 10 + SEEN)).toEqual([]);
    expect(missed("wide", 9)).toEqual([]);
  });

  it("from out of sight ends at whom it was meant for", () => {
    expect(missed("wide", 10, -1)).toEqual([{ word: "missed", end: [500, 300] }]);
  });
});
