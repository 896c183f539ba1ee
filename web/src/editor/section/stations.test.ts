import { expect, it } from "vitest";
import type { Section } from "./section";
import { stations } from "./stations";

/** 100 m that fall from 10 m to 0 m, with water to 2 m, a deck over the first half and a wall at 55 m. */
const section: Section = {
  length: 100,
  bearing: 90,
  slope: -5.7,
  steepest: 5.7,
  heights: Array.from({ length: 101 }, (_, i) => 10 - i / 10),
  water: 2,
  decks: [{ name: "Quay", from: 0, to: 50, top: 12, topTo: 12, thickness: 0.3 }],
  obstacles: [{ at: 55, foot: 0, height: 3, thickness: 0.3, sill: 0, top: 0 }],
  sight: 55,
  seconds: 60,
};

it("reads a section from its beginning to its end, each work where it stands", () => {
  const read = stations(section);
  expect(read.map(({ at }) => at)).toEqual([0, 10, 20, 30, 40, 50, 60, 70, 80, 90, 100]);
  expect(read.map(({ ground }) => ground)).toEqual([10, 9, 8, 7, 6, 5, 4, 3, 2, 1, 0]);
  expect(read.map(({ depth }) => depth)).toEqual([0, 0, 0, 0, 0, 0, 0, 0, 0, 1, 2]);
  expect(read[0]?.works).toBe("Quay");
  expect(read[5]?.works).toBe("Quay, 3 m high at 55 m");
  expect(read[6]?.works).toBe("");
  expect(read.map(({ seen }) => seen).lastIndexOf(true)).toBe(5);
});

it("names what stands at its very end once", () => {
  const ends = { ...section, obstacles: [{ ...section.obstacles[0], at: 100 }] } as Section;
  expect(stations(ends).filter(({ works }) => works.includes("3 m"))).toHaveLength(1);
});
