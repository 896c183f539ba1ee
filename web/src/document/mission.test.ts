import { describe, expect, it } from "vitest";
import { clockSeconds, clockWords, freshName, orderAfter, ordered, safeBetween } from "./mission";
import { sure } from "./sure";

describe("times of day", () => {
  it.each([
    ["19:40", 70800],
    ["0:00", 0],
    ["7.05", 25500],
    ["1940", 70800],
    [" 23:59 ", 86340],
  ])("reads %s", (text, seconds) => {
    expect(clockSeconds(text)).toBe(seconds);
  });

  it.each(["24:00", "12:60", "noon", "", "1:2", "-1:00"])("does not read %s", (text) => {
    expect(clockSeconds(text)).toBeUndefined();
  });

  it("writes what it reads", () => {
    for (let seconds = 0; seconds < 86400; seconds += 2760) {
      const minute = seconds - (seconds % 60);
      expect(clockSeconds(clockWords(minute))).toBe(minute);
    }
  });
});

describe("names and orders", () => {
  it("finds a name that nothing has yet", () => {
    const things = { a: { name: "Post" }, b: { name: "Post 2" } };
    expect(freshName(things, "Post")).toBe("Post 3");
    expect(freshName(things, "Wall")).toBe("Wall");
  });

  it("puts what comes after last, and what comes between between", () => {
    const parts: Record<string, { order: string }> = {};
    for (const id of ["a", "b", "c"]) parts[id] = { order: orderAfter(parts) };
    parts.d = { order: safeBetween(sure(parts, "a").order, sure(parts, "b").order) };
    expect(ordered(parts).map(([id]) => id)).toEqual(["a", "d", "b", "c"]);
  });
});
