import { readFileSync } from "node:fs";
import { describe, expect, it } from "vitest";
import type { Mission } from "../document/mission";
import { sure } from "../document/sure";
import { PLACED } from "../families";
import { geometryOf, positionsOf } from "./geometry";
import { inBox, nearestAlong } from "./near";

const harrow: Mission = JSON.parse(
  readFileSync("../core/src/main/resources/samples/relight-the-harrow.json", "utf8"),
);

describe("what lies in a box", () => {
  it.each(PLACED)("is found as by looking at each of the %s", (family) => {
    for (let x = 0; x < 1000; x += 90) {
      for (let y = 0; y < 1000; y += 90) {
        const box = { west: x, south: y, east: x + 60, north: y + 60 };
        const slow = Object.keys(harrow[family]).filter((id) => {
          const geometry = geometryOf(harrow, { family, id });
          if (geometry?.is !== "point") return false;
          const { at } = geometry;
          return at.x >= x && at.x <= x + 60 && at.y >= y && at.y <= y + 60;
        });
        const fast = inBox(harrow, family, box).filter(
          (id) => geometryOf(harrow, { family, id })?.is === "point",
        );
        expect(fast).toEqual(slow);
      }
    }
  });

  it("is looked up anew once the family has changed", () => {
    const id = sure(Object.keys(harrow.markers), 0);
    const marker = { ...sure(harrow.markers, id), position: { x: 5, y: 6 } };
    const next = { ...harrow, markers: { [id]: marker } };
    const box = { west: 4, south: 5, east: 6, north: 7 };
    expect(inBox(harrow, "markers", box)).toEqual([]);
    expect(inBox(next, "markers", box)).toEqual([id]);
  });
});

describe("the nearest along an axis", () => {
  it.each(PLACED)("is found as by looking at each of the %s", (family) => {
    for (let at = 0; at < 1000; at += 37) {
      const all = Object.keys(harrow[family])
        .filter((id) => geometryOf(harrow, { family, id }))
        .flatMap((id) => positionsOf(harrow, { family, id }));
      const least = Math.min(...all.map(({ x }) => Math.abs(x - at)));
      const found = nearestAlong(harrow, family, "east", at, 20, () => false);
      if (least < 20) expect(Math.abs((found as number) - at)).toBeCloseTo(least, 9);
      else expect(found).toBeUndefined();
    }
  });

  it("leaves out what does not count", () => {
    const id = sure(Object.keys(harrow.starts), 0);
    const { x } = sure(harrow.starts, id).position;
    const only = { ...harrow, starts: { [id]: sure(harrow.starts, id) } };
    expect(nearestAlong(only, "starts", "east", x + 1, 5, () => false)).toBe(x);
    expect(nearestAlong(only, "starts", "east", x + 1, 5, (it) => it === id)).toBeUndefined();
  });
});
