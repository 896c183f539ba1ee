import { describe, expect, it } from "vitest";
import { sure } from "./sure";
import { LUNAR, marksOf } from "./tide";

describe("the marks of a regular tide", () => {
  const marks = marksOf({ highAt: 7 * 3600, high: 2.5, low: -1, period: LUNAR });

  it("are high and low by turns, half a period apart, over two days", () => {
    expect(marks[0]).toEqual({ time: 2850, level: -1 });
    expect(marks[1]).toEqual({ time: 25200, level: 2.5 });
    expect(marks.map(({ level }) => level)).toEqual([-1, 2.5, -1, 2.5, -1, 2.5, -1, 2.5]);
    for (let i = 1; i < marks.length; i++) {
      expect(sure(marks, i).time - sure(marks, i - 1).time).toBe(LUNAR / 2);
    }
    expect(marks.at(-1)?.time).toBeLessThanOrEqual(2 * 86400);
  });

  it("stay within what a tide may hold, however short the period", () => {
    const many = marksOf({ highAt: 0, high: 1, low: 0, period: 3600 });
    expect(many.length).toBeLessThanOrEqual(97);
    expect(many[0]).toEqual({ time: 0, level: 1 });
  });
});
