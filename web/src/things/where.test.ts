import { describe, expect, it } from "vitest";
import type { Mission, Place } from "../document/mission";
import { firstOf } from "../document/sure";
import { oneOf, type Where, whereWords, withoutPlace, withPlace } from "./where";

const at = (x: number): Place => ({ type: "point", position: { x, y: 5 } });
const mission = {} as Mission;
const words = (where: Where) => whereWords(mission, where, (whom) => `<${whom.type}>`);

describe("where something is done", () => {
  it("is one of several places, in their order", () => {
    const two = withPlace(oneOf(at(1)), at(2));
    expect(words(two)).toBe("the nearest of (E 1 N 5, E 2 N 5)");
    expect(words({ ...two, how: "inTurn" })).toBe("the next in turn of (E 1 N 5, E 2 N 5)");
  });

  it("is one place again when all others are left out", () => {
    const two = withPlace(oneOf(at(1)), at(2));
    const [first, second] = firstOf(Object.keys(two.places), 2);
    const one = withoutPlace(two, first);
    expect(words(one)).toBe("the nearest of (E 2 N 5)");
    expect(one.type === "oneOf" && withoutPlace(one, second)).toEqual(at(2));
  });

  it("is where the nearest of some is, or one who is known only then", () => {
    expect(words({ type: "nearestOf", whom: { type: "players" } })).toBe(
      "the nearest of <players>",
    );
    expect(words({ type: "nearestOf", whom: { type: "causer" } })).toBe("<causer>");
  });
});
