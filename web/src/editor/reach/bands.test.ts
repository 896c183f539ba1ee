import { describe, expect, it } from "vitest";
import { inks } from "../../drawing/inks";
import {
  APART_BY_HANDS,
  BANDS,
  bandWords,
  decoded,
  ISLAND,
  paintInto,
  soonAt,
  tintOf,
} from "./bands";

/** A reach of four by two points, from times row by row from the south-west. */
function reach(...seconds: number[]) {
  return decoded(new Uint16Array([4, 2, ...seconds]).buffer);
}

const FOUR = reach(0, 31, 65534, 65535, 5, 90, 400, 65000);

describe("a reach", () => {
  it("is read as the server sends it", () => {
    expect([...FOUR.seconds]).toEqual([0, 31, 65534, 65535, 5, 90, 400, 65000]);
  });

  it("has a tint for each band of time, one for islands, and none where nobody stands", () => {
    expect(
      [0, 10, 11, 30, 60, 120, 300, 301].map((it) => BANDS.indexOf(tintOf(it) as never)),
    ).toEqual([0, 0, 1, 1, 2, 3, 4, 5]);
    expect(tintOf(65534)).toBe(ISLAND);
    expect(tintOf(65535)).toBeUndefined();
  });

  it("is told in words at a point", () => {
    const size = { width: 40, height: 20 };
    expect(soonAt(FOUR, size, 15, 5)).toBe("0:31 away");
    expect(soonAt(FOUR, size, 15, 15)).toBe("1:30 away");
    expect(soonAt(FOUR, size, 25, 5)).toBe("not reached");
    expect(soonAt(FOUR, size, 35, 5)).toBe("nobody stands here");
    expect(soonAt(FOUR, size, 45, 5)).toBe("");
  });

  it("tells apart who gets where by whose hands they are in", () => {
    const apart = reach(3, 65533, 65532, 65534, 0, 0, 0, 0);
    expect(tintOf(65533)).toBe(APART_BY_HANDS.alone);
    expect(tintOf(65532)).toBe(APART_BY_HANDS.others);
    const size = { width: 40, height: 20 };
    expect(soonAt(apart, size, 15, 5)).toBe("only they get here");
    expect(soonAt(apart, size, 25, 5)).toBe("only others get here");
  });

  it("is painted with north at its top", () => {
    inks.reachIsland = "#c97828";
    inks.reach6 = "#e2e8ce";
    const data = new Uint8ClampedArray(4 * 4 * 2);
    paintInto(data, FOUR);
    const point = (column: number, row: number) => [
      ...data.slice((row * 4 + column) * 4).slice(0, 3),
    ];
    expect(point(2, 1)).toEqual([201, 120, 40]);
    expect(data[(1 * 4 + 3) * 4 + 3]).toBe(0);
    expect(point(3, 0)).toEqual([226, 232, 206]);
  });

  it("names its bands", () => {
    expect(BANDS.map((_, i) => bandWords(i))).toEqual([
      "10 s",
      "30 s",
      "1 min",
      "2 min",
      "5 min",
      "later",
    ]);
  });
});
