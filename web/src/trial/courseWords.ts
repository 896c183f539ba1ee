import type { ShownCourse } from "./messages";

/** How a player stands on a course, in words: where, in which lap, at which place. */
export function courseWords(course: ShownCourse): string {
  const { passed, of, lap, laps, split, bestLap, place, players } = course;
  const words = [];
  if (passed === 0) words.push("not begun");
  else if (passed === of) words.push("finished");
  else words.push(`${passed} of ${of} passed`);
  if (laps > 1 && passed > 0 && passed < of) words.push(`lap ${lap} of ${laps}`);
  if (passed > 1 && passed < of) words.push(`the last at ${split.toFixed(1)} s`);
  if (laps > 1 && bestLap > 0) words.push(`best lap ${bestLap.toFixed(1)} s`);
  if (players > 1 && passed > 0) words.push(`place ${place} of ${players}`);
  return words.join(" · ");
}
