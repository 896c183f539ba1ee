import { expect, it } from "vitest";
import type { Effect } from "../document/mission";
import { grows, leanOf, rimAfter } from "./clouds";

const SMOKE: Effect = {
  name: "Smoke",
  look: "smoke",
  position: { x: 0, y: 0 },
  radius: 4,
  on: true,
  spreads: { type: "atOnce" },
  lasts: 0,
  harm: 0,
  things: false,
};
const GROWS: Effect["spreads"] = {
  type: "grows",
  pace: { value: 0.5, levels: {}, perPlayer: 0 },
};

it("leans with the wind as far as that goes in four seconds, and no further than three radii", () => {
  const { east, north } = leanOf(SMOKE, { speed: 2, from: 270 });
  expect(east).toBeCloseTo(8);
  expect(north).toBeCloseTo(0);
  expect(leanOf(SMOKE, { speed: 60, from: 0 }).north).toBeCloseTo(-12);
});

it("stands still where it grows, and where it is no smoke", () => {
  const wind = { speed: 5, from: 90 };
  expect(leanOf({ ...SMOKE, spreads: GROWS }, wind)).toEqual({ east: 0, north: 0 });
  expect(leanOf({ ...SMOKE, look: "spray" }, wind)).toEqual({ east: 0, north: 0 });
});

it("grows, except light and sound, and is at its rim when its pace takes it there", () => {
  expect(grows(SMOKE)).toBe(false);
  expect(grows({ ...SMOKE, spreads: GROWS })).toBe(true);
  expect(grows({ ...SMOKE, look: "light", spreads: GROWS })).toBe(false);
  expect(rimAfter({ ...SMOKE, spreads: GROWS })).toBe(8);
});
