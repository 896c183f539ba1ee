import { expect, it } from "vitest";
import { fightWords } from "./fightWords";
import type { Outcome, Player } from "./messages";

const CAST = ["Mara", "Watch 1", "Tobin"].map((name) => ({ name })) as Player[];

it.each<[number, number, Outcome, string]>([
  [0, 1, "hit", "You hit Watch 1"],
  [0, 1, "far", "You miss Watch 1: too far away"],
  [1, 0, "hit", "Watch 1 hits you"],
  [1, 0, "covered", "Watch 1 misses you: behind cover"],
  [-1, 0, "wide", "Somebody out of sight misses you"],
  [0, -1, "empty", "You strike, but nobody is there"],
  [0, -1, "thing", "You hit what stands before you"],
  [1, 2, "hit", ""],
])("%i strikes at %i: %s is told as %j", (by, at, outcome, says) => {
  expect(fightWords({ step: 1, by, at, outcome }, 0, CAST)).toBe(says);
});
