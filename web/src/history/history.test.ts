import { describe, expect, it } from "vitest";
import { type Difference, marked, timeWords } from "./history";

const found: Difference[] = [
  { kind: "CHANGED", thing: null, name: "Brief", says: "title: A → B" },
  { kind: "ADDED", thing: { family: "units", id: "a" }, name: "A", says: "a new unit" },
  { kind: "REMOVED", thing: { family: "zones", id: "z" }, name: "Z", says: "a zone less" },
];

describe("what is marked on the map of a version", () => {
  it("are things of the kinds asked for, nothing of the mission as a whole", () => {
    expect([...marked(found, ["ADDED", "CHANGED"])]).toEqual(["units/a"]);
    expect([...marked(found, ["REMOVED"])]).toEqual(["zones/z"]);
  });
});

describe("when an edit was made", () => {
  it("is told with its day unless that is today", () => {
    const now = new Date(2026, 5, 3, 12);
    expect(timeWords(new Date(2026, 5, 3, 9, 5, 7).toISOString(), now)).toBe("09:05:07");
    expect(timeWords(new Date(2026, 5, 2, 9, 5, 7).toISOString(), now)).toBe("2 Jun, 09:05:07");
  });
});
