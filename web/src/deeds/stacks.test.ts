import { readFileSync } from "node:fs";
import { beforeEach, describe, expect, it } from "vitest";
import { draftDesk } from "../document/draftDesk";
import type { Mission, Prop, Ref } from "../document/mission";
import { sure } from "../document/sure";
import { fromBelow, liftOf } from "../families/stacks";
import { duplicate, move, remove } from "./deeds";

const sample = readFileSync("../core/src/main/resources/samples/blank.json", "utf8");
let open: ReturnType<typeof draftDesk>;

function crate(x: number, y: number, on?: Ref): Prop {
  return {
    name: "Crate",
    kind: { family: "thingKinds", id: "crate" },
    position: { x, y },
    level: { type: "ground" },
    atop: on ? { type: "upon", thing: on } : { type: "nothing" },
    facing: 0,
    scale: 1,
    begins: { type: "asItsKind" },
    stands: "there",
    drops: {},
    wear: "none",
    sunk: 0,
    tilt: 0,
  };
}

const prop = (id: string): Ref => ({ family: "props", id });
const now = (id: string): Prop => sure(open.state.mission.props, id);

describe("things that stand on others", () => {
  beforeEach(() => {
    const mission = JSON.parse(sample) as Mission;
    mission.props = { a: crate(20, 20), b: crate(20.2, 20, prop("a")), c: crate(30, 30) };
    open = draftDesk(mission);
  });

  it("stand on what they are dropped on, and no longer on what they are taken from", () => {
    move(open, ["props/c"], -9.8, -10.1);
    expect(now("c").atop, "the highest there").toEqual({ type: "upon", thing: prop("b") });
    expect(liftOf(open.state.mission, now("c"))).toBeCloseTo(1.8, 9);
    move(open, ["props/c"], 5, 0);
    expect(now("c").atop).toEqual({ type: "nothing" });
  });

  it("come along with what bears them, and stay on it", () => {
    move(open, ["props/a"], 10, 10);
    expect(now("b").position).toEqual({ x: 30.2, y: 30 });
    expect(now("b").atop).toEqual({ type: "upon", thing: prop("a") });
    expect(now("a").atop, "it came to lie on another").toEqual({
      type: "upon",
      thing: prop("c"),
    });
  });

  it("never stand on one that stands on them", () => {
    move(open, ["props/a"], 0.1, 0);
    expect(now("a").atop).toEqual({ type: "nothing" });
  });

  it("are copied with what bears the copy, or the first", () => {
    const copies = duplicate(open, ["props/a", "props/b"]);
    expect(copies).toHaveLength(2);
    const [first, second] = copies.map((key) => now(key.split("/")[1] ?? ""));
    expect(first?.atop.type).toBe("nothing");
    expect(second?.atop).toEqual({ type: "upon", thing: prop(copies[0]?.split("/")[1] ?? "") });
  });

  it("are drawn after what bears them", () => {
    const { mission } = open.state;
    const upward = { z: now("a"), y: now("b") };
    expect(Object.keys(fromBelow(mission, { y: upward.y, z: upward.z }))).toEqual(["z", "y"]);
  });

  it("stand on the surface again once what bore them is deleted", () => {
    remove(open, ["props/a"]);
    expect(liftOf(open.state.mission, now("b"))).toBe(0);
  });
});
