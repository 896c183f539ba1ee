// @vitest-environment jsdom
import { afterEach, beforeEach, expect, it, vi } from "vitest";
import { keepDrawing } from "./pace";

const FRAME = 16;

beforeEach(() => {
  vi.useFakeTimers({
    toFake: [
      "requestAnimationFrame",
      "cancelAnimationFrame",
      "setTimeout",
      "clearTimeout",
      "performance",
    ],
  });
});
afterEach(() => vi.useRealTimers());

/** How often something is drawn in sixty frames that takes so long to paint, milliseconds. */
function drawn(cost: number): number {
  let times = 0;
  let spent = 0;
  const now = performance.now.bind(performance);
  vi.spyOn(performance, "now").mockImplementation(() => now() + spent);
  const stop = keepDrawing(() => {
    times++;
    spent += cost;
  });
  const until = performance.now() + 60 * FRAME;
  while (performance.now() < until) vi.advanceTimersByTime(FRAME);
  stop();
  const then = times;
  vi.advanceTimersByTime(60 * FRAME);
  expect(times).toBe(then);
  return times;
}

it("draws every frame where painting is fast", () => {
  expect(drawn(0)).toBe(60);
});

it("leaves half of the time where painting is slow", () => {
  const cost = 40;
  const times = drawn(cost);
  expect(times * cost).toBeLessThanOrEqual((60 * FRAME) / 2 + cost);
  expect(times * cost).toBeGreaterThan((60 * FRAME) / 3);
});
