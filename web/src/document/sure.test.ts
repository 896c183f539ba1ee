import { describe, expect, it } from "vitest";
import { firstOf, sure } from "./sure";

describe("what is sure to be there", () => {
  it("is taken from a list, a map or numbers, a nought and an empty text as well", () => {
    expect(sure(["a", ""], 1)).toBe("");
    expect(sure({ a: 0 } as Record<string, number>, "a")).toBe(0);
    expect(sure(new Uint8Array([7]), 0)).toBe(7);
  });

  it("says where nothing stands", () => {
    expect(() => sure([1], 1)).toThrow("Nothing stands at 1.");
    expect(() => sure({} as Record<string, number>, "gone")).toThrow("Nothing stands at gone.");
  });

  it("is the first few of a list that holds as many", () => {
    expect(firstOf([1, 2, 3], 2)).toEqual([1, 2]);
    expect(() => firstOf([1], 2)).toThrow("Only 1 of 2 are there.");
  });
});
