import { expect, it } from "vitest";
import { courseWords } from "./courseWords";
import type { ShownCourse } from "./messages";

const course = (what: Partial<ShownCourse>): string =>
  courseWords({
    name: "Harbour run",
    passed: 0,
    of: 7,
    lap: 1,
    laps: 2,
    seconds: 0,
    split: 0,
    bestLap: 0,
    place: 1,
    players: 2,
    next: null,
    ...what,
  });

it("says how a player stands, and nothing of laps or places where there is but one", () => {
  expect(course({})).toBe("not begun");
  expect(course({ passed: 5, lap: 2, split: 47.5, bestLap: 31.25, place: 2 })).toBe(
    "5 of 7 passed · lap 2 of 2 · the last at 47.5 s · best lap 31.3 s · place 2 of 2",
  );
  expect(course({ passed: 7, bestLap: 30 })).toBe("finished · best lap 30.0 s · place 1 of 2");
  expect(course({ passed: 2, of: 3, laps: 1, split: 8, players: 1 })).toBe(
    "2 of 3 passed · the last at 8.0 s",
  );
});
