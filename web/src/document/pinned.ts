import type { Pinned, Scaled } from "./mission";
import { sure } from "./sure";
import { measured } from "./units";

/** A number with what it is on other terms: "4 s (storm 2 s, +1 s for each further player)". */
export function pinnedWords({ value, levels, perPlayer }: Pinned, unit = ""): string {
  const words = (number: number) => measured(number, unit, 3);
  const other = LEVELS.filter((level) => level in levels).map(
    (level) => `${level} ${words(sure(levels, level))}`,
  );
  if (perPlayer !== 0) {
    other.push(`${perPlayer < 0 ? "−" : "+"}${words(Math.abs(perPlayer))} ${FURTHER}`);
  }
  return other.length === 0 ? words(value) : `${words(value)} (${other.join(", ")})`;
}

/** The levels of difficulty, from the easiest. */
export const LEVELS = ["calm", "breezy", "rough", "storm"] as const;

/** A count with the levels that are fixed: "3 (storm 5, +1 for each further player)". */
export function scaledWords({ count, pins, perPlayer }: Scaled): string {
  const fixed = LEVELS.filter((level) => pins[level] >= 0).map((it) => `${it} ${pins[it]}`);
  if (perPlayer > 0) fixed.push(`+${perPlayer} ${FURTHER}`);
  return fixed.length === 0 ? String(count) : `${count} (${fixed.join(", ")})`;
}

const FURTHER = "for each further player";
