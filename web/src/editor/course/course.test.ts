import { describe, expect, it } from "vitest";
import { toolOf } from "../../desk/desk";
import { middleOf, minutes, wishDrawn } from "./course";

describe("a course", () => {
  it("is asked for from point to point and on to the pointer while a route is drawn", () => {
    const points = [
      { x: 10, y: 10 },
      { x: 20.04, y: 10 },
    ];
    const wish = wishDrawn(toolOf("routes"), points, { x: 30, y: 40.26 });
    expect(wish?.legs).toEqual([
      [0, 1],
      [1, 2],
    ]);
    expect(wish?.stops.map(({ position }) => position)).toEqual([
      { x: 10, y: 10 },
      { x: 20, y: 10 },
      { x: 30, y: 40.3 },
    ]);
    expect(wishDrawn(toolOf("routes"), points.slice(0, 1), null)).toBeUndefined();
    expect(wishDrawn(toolOf("walls"), points, null)).toBeUndefined();
  });

  it("tells seconds as minutes", () => {
    expect(minutes(0.4)).toBe("0:00");
    expect(minutes(59.6)).toBe("1:00");
    expect(minutes(125)).toBe("2:05");
  });

  it("has its middle half way along its corners", () => {
    const way = [
      { x: 0, y: 0 },
      { x: 10, y: 0 },
      { x: 10, y: 20 },
    ];
    expect(middleOf(way)).toEqual({ x: 10, y: 5 });
    expect(middleOf([{ x: 3, y: 3 }])).toEqual({ x: 3, y: 3 });
  });
});
