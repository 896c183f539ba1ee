import { readFileSync } from "node:fs";
import { beforeEach, describe, expect, it } from "vitest";
import { draftDesk } from "../document/draftDesk";
import type { Mission, Prop, Ref } from "../document/mission";
import { sure } from "../document/sure";
import { fromBelow, liftOf, pastOthers } from "../families/stacks";
import { askRemove, duplicate, move, remove, usersOf } from "./deeds";
import { type Change, dragged, type Gesture, preview } from "./gesture";

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
    front: 0,
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

  it("are drawn in a chosen order, and never under what bears them", () => {
    const order = () => Object.keys(fromBelow(open.state.mission, open.state.mission.props));
    expect(order()).toEqual(["a", "c", "b"]);
    open.edit("c behind", (draft) => {
      sure(draft.props, "c").front = pastOthers(draft, prop("c"), -1);
    });
    expect(now("c").front).toBe(-1);
    expect(order()).toEqual(["c", "a", "b"]);
    open.edit("a before", (draft) => {
      sure(draft.props, "a").front = 3;
    });
    expect(order(), "what stands on it comes along").toEqual(["c", "a", "b"]);
    expect(pastOthers(open.state.mission, prop("b"), 1), "past what is near, c is not").toBe(4);
    expect(pastOthers(open.state.mission, prop("b"), -1)).toBe(-1);
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

  it("come along with what bears them while that is dragged, and the mission stays as it was", () => {
    const { mission } = open.state;
    const gesture = { is: "move", x: 0, y: 0, dx: 3, dy: 1, keys: ["props/a"], copies: false };
    const shown = preview(mission, gesture as Gesture);
    expect(shown.props.b?.position).toEqual({ x: 23.2, y: 21 });
    expect(shown.props.b?.atop).toEqual({ type: "upon", thing: prop("a") });
    expect(now("b").position).toEqual({ x: 20.2, y: 20 });
  });

  it("get larger as far as their corner is dragged", () => {
    const { mission } = open.state;
    const from: Change = { is: "scale", name: "props/a", scale: 1, per: 0.7 };
    const further = dragged(mission, from, { x: 20 + 1.4, y: 20 }, false);
    expect(further).toMatchObject({ is: "scale", scale: 2 });
    expect(preview(mission, further).props.a?.scale).toBe(2);
    expect(dragged(mission, from, { x: 20, y: 20 }, false)).toMatchObject({ scale: 0.1 });
    expect(dragged(mission, from, { x: 90, y: 20 }, false)).toMatchObject({ scale: 10 });
  });

  it("stand on what bore the one that is deleted under them, and nobody is asked", () => {
    open.edit("higher", (draft) => {
      draft.props.d = crate(20.1, 20, prop("b"));
    });
    expect(usersOf(open.state.mission, ["props/b"])).toEqual([]);
    askRemove(open, ["props/b"]);
    expect(now("d").atop).toEqual({ type: "upon", thing: prop("a") });
    askRemove(open, ["props/a"]);
    expect(now("d").atop).toEqual({ type: "nothing" });
    expect(open.state.mission.lost).toEqual({});
  });
});
