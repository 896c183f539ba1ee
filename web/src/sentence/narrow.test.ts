import { describe, expect, it } from "vitest";
import { baseOf, narrowed, narrowings, rebased, type Whom, widened } from "./narrow";

const players: Whom = { type: "players" };

describe("who is meant, narrowed down", () => {
  it("says who comes first last, in whichever order it is chosen", () => {
    const whom = narrowed(narrowed(narrowed(players, "nearest"), "inside"), "within");
    expect(narrowings(whom)).toEqual(["inside", "within", "nearest"]);
    expect(baseOf(whom)).toEqual(players);
  });

  it("is about others with the same places, and wide again without one", () => {
    const whom = narrowed(narrowed(players, "inside"), "within");
    const others = rebased(whom, { type: "anyone" });
    expect(narrowings(others)).toEqual(["inside", "within"]);
    expect(baseOf(others)).toEqual({ type: "anyone" });
    expect(narrowings(widened(whom, "inside"))).toEqual(["within"]);
    expect(widened(widened(whom, "within"), "inside")).toEqual(players);
    expect(widened(whom, "farthest")).toEqual(whom);
  });
});
