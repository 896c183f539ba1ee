import { describe, expect, it } from "vitest";
import { glided, isOver } from "./glide";

const from = { x: 0, y: 100, scale: 2 };
const to = { x: 40, y: 100, scale: 8 };

describe("a camera on its way to another", () => {
  it("begins and ends where they are", () => {
    expect(glided({ from, since: 1000 }, to, 1000)).toEqual(from);
    expect(glided({ from, since: 1000 }, to, 1700)).toEqual(to);
    expect(glided({ from, since: 1000 }, to, 9000)).toEqual(to);
  });

  it("is half way in between at half its time", () => {
    const half = glided({ from, since: 0 }, to, 350);
    expect(half.x).toBeCloseTo(20, 9);
    expect(half.scale).toBeCloseTo(4, 9);
  });

  it("is over after its time", () => {
    expect(isOver({ from, since: 1000 }, 1699)).toBe(false);
    expect(isOver({ from, since: 1000 }, 1700)).toBe(true);
  });
});
