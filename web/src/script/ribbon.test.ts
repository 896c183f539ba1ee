import { describe, expect, it } from "vitest";
import { firingAt, firingsOf } from "./RunRibbon";

const run = { steps: 1000, fired: { a: [500, 10], b: [505], gone: [3] } };

describe("the ribbon of the last trial", () => {
  const firings = firingsOf(run, { a: {}, b: {}, c: {} });

  it("shows the firings of events that are there, in the order of time", () => {
    expect(firings.map(({ event, step }) => `${event} ${step}`)).toEqual([
      "a 10",
      "a 500",
      "b 505",
    ]);
  });

  it("picks the nearest, the last of two in one place, and none from afar", () => {
    expect(firingAt(firings, run, 0.011)?.step).toBe(10);
    expect(firingAt(firings, run, 0.504)?.event).toBe("b");
    expect(firingAt(firings, run, 0.2)).toBeUndefined();
    expect(firingAt([], { steps: 0, fired: {} }, 0)).toBeUndefined();
  });
});
