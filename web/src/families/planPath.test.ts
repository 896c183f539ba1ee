import { expect, it } from "vitest";
import { planPath } from "./planPath";
import { PLANS } from "./plans";

it("draws a ready plan with its doors open, each where it is", () => {
  // 5 m by 4 m, with a door of 1.4 m, drawn as 1.6 m, in the middle of the south wall.
  expect(planPath("shed")).toBe(
    "M-2.5 2L-0.8 2M0.8 2L2.5 2M2.5 2L2.5 -2M2.5 -2L-2.5 -2M-2.5 -2L-2.5 2",
  );
});

it("tells all ready plans apart", () => {
  const all = Object.keys(PLANS).map(planPath);
  expect(new Set(all).size).toBe(all.length);
});
