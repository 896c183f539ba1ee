import { describe, expect, it } from "vitest";
import { pointOf } from "./coordinates";

describe("a point that is typed", () => {
  it.each([
    ["E 120 N 340", 120, 340],
    ["e120 n340", 120, 340],
    ["120, 340", 120, 340],
    ["120 340.5", 120, 340.5],
    ["120 m, 340 m", 120, 340],
  ])("is read from %s", (text, x, y) => {
    expect(pointOf(text)).toEqual({ x, y });
  });

  it.each(["", "120", "north", "1 2 3", "N 340 E 120"])("is none in %s", (text) => {
    expect(pointOf(text)).toBeUndefined();
  });
});
