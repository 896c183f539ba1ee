import { expect, test } from "vitest";
import { type QuestionTerms, questionWords } from "./questionWords";

const alone: QuestionTerms = {
  decides: "first",
  seconds: null,
  fallback: null,
  waits: false,
  voted: 0,
  voters: 1,
};

test("one player with as long as they like is told nothing", () => {
  expect(questionWords(alone)).toBe("");
});

test("several are told whose answer counts", () => {
  const two = { ...alone, voters: 2 };
  expect(questionWords(two)).toBe("The first answer decides for all.");
  expect(questionWords({ ...two, decides: "each" })).toBe("Everybody decides for themselves.");
  expect(questionWords({ ...two, decides: "most", voted: 1 })).toBe(
    "Most votes decide: 1 of 2 in.",
  );
});

test("a limit says what comes then", () => {
  expect(questionWords({ ...alone, seconds: 9, fallback: "The oil." })).toBe(
    "9 s left; then “The oil.”",
  );
  expect(questionWords({ ...alone, seconds: 9, fallback: "The oil" })).toBe(
    "9 s left; then “The oil”.",
  );
  expect(questionWords({ ...alone, seconds: 1, waits: true })).toBe(
    "1 s left; then it stays without an answer. Play waits.",
  );
});
