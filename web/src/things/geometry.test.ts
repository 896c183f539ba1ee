import { readFileSync } from "node:fs";
import { describe, expect, it } from "vitest";
import { perform, preview } from "../deeds/gesture";
import type { Mission, Ref } from "../document/mission";
import { boxCorners, distanceTo, insideRing, lengthOf, onGround, pathOf } from "../document/shapes";
import { STAYS } from "../document/stops";
import { sure } from "../document/sure";
import { WAYPOINT } from "../families/routes";
import { geometryOf, placeOf } from "./geometry";

const sample = readFileSync("../core/src/main/resources/samples/first-light.json", "utf8");
const ROUTE: Ref = { family: "routes", id: "r" };
const WALL: Ref = { family: "walls", id: "w" };

function mission(): Mission {
  const read: Mission = JSON.parse(sample);
  const at = (x: number, y: number, order: string) => ({ order, position: { x, y } });
  read.walls.w = {
    name: "Wall",
    corners: { b: at(30, 40, "a1"), a: at(0, 0, "a0") },
    height: 2,
    thickness: 0.4,
    level: { type: "ground" },
    stops: { movement: true, sight: true, shots: true, sound: 20 },
    slits: {},
  };
  read.routes.r = {
    name: "Route",
    way: "loop",
    open: { type: "all" },
    waypoints: {
      a: { ...WAYPOINT, ...at(10, 10, "a0") },
      b: { ...WAYPOINT, ...at(20, 10, "a1"), speed: { type: "run" }, waits: { type: "letGo" } },
      c: { ...WAYPOINT, ...at(20, 20, "a2") },
    },
  };
  return read;
}

describe("a deck", () => {
  const at = (x: number, y: number, order: string) => ({ order, position: { x, y } });
  const deck = {
    name: "Gallery",
    corners: { a: at(10, 28, "a0"), b: at(20, 28, "a1"), c: at(20, 32, "a2"), d: at(10, 32, "a3") },
    top: 6.5,
    thickness: 0.3,
    slope: { degrees: 0, toward: 0 },
    railing: { height: 0, make: "rails" as const, gaps: {} },
    openings: {},
    ramps: {},
    motion: structuredClone(STAYS),
  };

  it("is an outline whose corners can be moved", () => {
    const read = mission();
    read.decks.d = deck;
    const ref: Ref = { family: "decks", id: "d" };
    expect(placeOf(read, ref)).toEqual({ x: 15, y: 30 });
    const corner = { x: 24, y: 28 };
    perform(read, { is: "vertex", name: "decks/d", id: "b", after: null, at: corner, moved: true });
    expect(sure(read.decks.d.corners, "b").position).toEqual(corner);
  });
});

describe("where things lie", () => {
  it("a wall runs from corner to corner in their order", () => {
    const geometry = geometryOf(mission(), WALL);
    expect(geometry && pathOf(geometry)).toEqual([
      { x: 0, y: 0 },
      { x: 30, y: 40 },
    ]);
    expect(geometry && lengthOf(pathOf(geometry), false)).toBe(50);
  });

  it("a loop closes, and is found at its first waypoint", () => {
    const geometry = geometryOf(mission(), ROUTE);
    expect(geometry).toMatchObject({ is: "line", closed: true });
    expect(placeOf(mission(), ROUTE)).toEqual({ x: 10, y: 10 });
  });

  it("a box turns clockwise from north", () => {
    const centre = { x: 0, y: 0 };
    const corner = sure(boxCorners({ is: "box", centre, width: 2, depth: 10, bearing: 90 }), 0);
    expect(corner.x).toBeCloseTo(-5);
    expect(corner.y).toBeCloseTo(1);
  });

  it("a point is inside a bent outline or not", () => {
    const corners = [
      [0, 0],
      [10, 0],
      [10, 10],
      [6, 10],
      [6, 4],
      [0, 4],
    ] as const;
    const hook = corners.map(([x, y]) => ({ x, y }));
    expect(insideRing({ x: 8, y: 9 }, hook)).toBe(true);
    expect(insideRing({ x: 3, y: 8 }, hook)).toBe(false);
    expect(distanceTo({ x: 3, y: 7 }, { x: 0, y: 4 }, { x: 6, y: 4 })).toBe(3);
  });

  it("nothing is kept off the ground", () => {
    expect(onGround(mission(), { x: -4, y: 9999 })).toEqual({ x: 0, y: 512 });
  });
});

describe("gestures", () => {
  it("move every point of what is moved, once", () => {
    const draft = mission();
    const keys = ["routes/r", "starts/mara", "starts/mara"];
    const before = placeOf(draft, { family: "starts", id: "mara" });
    perform(draft, { is: "move", x: 0, y: 0, dx: 5, dy: 2, keys, copies: false });
    expect(sure(sure(draft.routes, "r").waypoints, "c").position).toEqual({ x: 25, y: 22 });
    expect(placeOf(draft, { family: "starts", id: "mara" })).toEqual({
      x: (before?.x ?? 0) + 5,
      y: (before?.y ?? 0) + 2,
    });
  });

  it("put a waypoint in after another, with its speed", () => {
    const draft = mission();
    const at = { x: 20, y: 15 };
    perform(draft, {
      is: "vertex",
      name: "routes/r",
      id: "new",
      after: ["b", "c"],
      at,
      moved: true,
    });
    const geometry = geometryOf(draft, ROUTE);
    expect(geometry && pathOf(geometry).map(({ y }) => y)).toEqual([10, 10, 15, 20]);
    expect(sure(draft.routes, "r").waypoints.new).toMatchObject({
      speed: { type: "run" },
      waits: { type: "goesOn" },
    });
  });

  it("show what they do without doing it", () => {
    const kept = mission();
    const shown = preview(kept, { is: "turn", name: "starts/mara", bearing: 200 });
    expect(sure(shown.starts, "mara").facing).toBe(200);
    expect(sure(kept.starts, "mara").facing).not.toBe(200);
  });
});
