import { readFileSync } from "node:fs";
import { beforeEach, describe, expect, it } from "vitest";
import { type Mission, pinnedOf } from "../document/mission";
import { sure } from "../document/sure";
import { driftFrom } from "./drift";

let race: Mission;

beforeEach(() => {
  race = JSON.parse(
    readFileSync("../core/src/main/resources/samples/the-pilots-race.json", "utf8"),
  ) as Mission;
});

describe("where zones take somebody", () => {
  it("leads out of a zone by its speed", () => {
    const drift = sure({ it: driftFrom(race, { x: 60, y: 55 }) }, "it");
    // 4 m to the rim at 0.5 m/s.
    expect(drift.seconds).toBeCloseTo(8, 0);
    expect(drift.way.at(-1)?.x).toBeCloseTo(64, 0);
    expect(drift.way.at(-1)?.y).toBeCloseTo(55, 6);
    expect(drift.goesOn).toBe(false);
  });

  it("is of loose things by what pushes those", () => {
    const [ebb] = Object.values(sure(race.zones, "ebb").does);
    if (ebb?.work.type === "pushes") ebb.work.what = "people";
    expect(driftFrom(race, { x: 60, y: 55 }, "things")).toBeUndefined();
    expect(driftFrom(race, { x: 60, y: 55 }, "people")).toBeDefined();
    if (ebb?.work.type === "pushes") ebb.work.what = "things";
    expect(driftFrom(race, { x: 60, y: 55 }, "things")?.seconds).toBeCloseTo(8, 0);
    expect(driftFrom(race, { x: 60, y: 55 })).toBeUndefined();
  });

  it("is nothing where no zone pushes", () => {
    expect(driftFrom(race, { x: 20, y: 70 })).toBeUndefined();
  });

  it("adds up what several push, and follows from one into the next", () => {
    const ebb = sure(race.zones, "ebb");
    const work = {
      type: "pushes",
      what: "all",
      bearing: 0,
      speed: pinnedOf(1),
      rise: pinnedOf(0),
    } as const;
    sure(race.zones, "mussels").does = { p: { ...sure(Object.values(ebb.does), 0), work } };
    const drift = sure({ it: driftFrom(race, { x: 44, y: 56 }) }, "it");
    const before = sure(drift.way, 1);
    expect(before.x).toBeCloseTo(44.025, 6);
    expect(before.y).toBeCloseTo(56.05, 6);
    const last = sure(drift.way, drift.way.length - 1);
    expect(last.x).toBeGreaterThan(63.9);
    expect(last.y).toBeGreaterThan(59);
  });

  it("goes round the bends of a route and comes to rest a metre beyond its end", () => {
    race.routes.r = {
      ...(Object.values(race.routes)[0] ?? {}),
      waypoints: Object.fromEntries(
        [
          [36, 55],
          [44, 55],
          [44, 59],
        ].map(([x, y], i) => [`w${i}`, { order: `a${i}`, position: { x, y } }]),
      ),
    } as unknown as Mission["routes"][string];
    const ebb = sure(race.zones, "ebb");
    const route = { family: "routes", id: "r" } as const;
    const work = {
      type: "pushesAlong",
      what: "all",
      route,
      speed: pinnedOf(2),
      rise: pinnedOf(0),
    } as const;
    ebb.does = { p: { ...sure(Object.values(ebb.does), 0), work } };
    const drift = sure({ it: driftFrom(race, { x: 37, y: 55 }) }, "it");
    const ends = sure(drift.way, drift.way.length - 1);
    expect(Math.hypot(ends.x - 44, ends.y - 60)).toBeLessThan(0.01);
    expect(drift.goesOn).toBe(false);
  });

  it("leaves out zones that ride along", () => {
    sure(race.zones, "ebb").rides = { type: "unit", unit: { family: "units", id: "fenn" } };
    expect(driftFrom(race, { x: 60, y: 55 })).toBeUndefined();
  });
});
