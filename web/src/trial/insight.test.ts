import { describe, expect, it } from "vitest";
import { gaugeWords } from "./insight";
import type { FactReading } from "./messages";

function gauge(measure: string, value: number, holding = -1, of = -1): FactReading {
  return { measure, value, holding, of } as FactReading;
}

describe("what a condition reads now", () => {
  it.each<[FactReading, string]>([
    [gauge("DISTANCE", 35.04, 0, 2), "0 of 2, nearest 35 m"],
    [gauge("INSIDE", 0, 1, 3), "1 of 3"],
    [gauge("HEALTH", 62.5, 0, 1), "now 62.5 %"],
    [gauge("INSIDE", 0, 0, 1), ""],
    [gauge("INSIDE", 0, 0, 0), "nobody there"],
    [gauge("ELAPSED", 130), "now 6.5 s"],
    [gauge("WATER", 1.449), "now 1.4 m"],
    [gauge("STRENGTH", 60), "now 60 %"],
    [gauge("TIMER", 12), "now 12 s"],
    [gauge("COUNTER", 2), "now 2"],
    [gauge("FLAG", 1), ""],
    [gauge("GATE", 2), ""],
    [gauge("WAVES_CLEARED", 0), ""],
  ])("%j", (of, words) => {
    expect(gaugeWords(of)).toBe(words);
  });
});
