import { describe, expect, it } from "vitest";
import { WAYPOINT } from "../families/routes";
import { joinsOf } from "./corners";
import { ordered, type Route, type RouteWaypoint } from "./mission";
import { copyWaypoints, insertWaypoint, removeWaypoint } from "./strands";
import { sure } from "./sure";

type Waypoints = Record<string, RouteWaypoint>;
const point = (order: string, more: Partial<RouteWaypoint> = {}): RouteWaypoint => ({
  ...structuredClone(WAYPOINT),
  order,
  position: { x: 0, y: 0 },
  ...more,
});

/** a-b-c, with a branch d-e off b; e leads back to a. */
const forked = (): Waypoints => ({
  a: point("a0"),
  b: point("a1"),
  c: point("a2"),
  d: point("a3", { follows: "b" }),
  e: point("a4", { leads: "a" }),
});

function joins(waypoints: Waypoints, way: Route["way"] = "once"): string[] {
  const ids = ordered(waypoints).map(([id]) => id);
  const all = joinsOf({ name: "r", way, open: { type: "all" }, waypoints }) ?? [];
  return all.map(([from, to]) => sure(ids, from) + sure(ids, to)).sort();
}

const put = (waypoints: Waypoints, from: string, to: string) => {
  insertWaypoint(waypoints, "n", from, to, { x: 1, y: 1 }, structuredClone(WAYPOINT));
  return waypoints;
};

describe("the strands of a route", () => {
  it("are joined where they branch off and where they lead back", () => {
    expect(joins(forked())).toEqual(["ab", "bc", "bd", "de", "ea"]);
  });

  it("of a loop all end at its beginning", () => {
    expect(joins({ ...forked(), e: point("a4") }, "loop")).toEqual([
      "ab",
      "bc",
      "bd",
      "ca",
      "de",
      "ea",
    ]);
  });

  it("are none of their own where a route does not fork", () => {
    expect(
      joinsOf({ name: "r", way: "loop", open: { type: "all" }, waypoints: { a: point("a0") } }),
    ).toBe(undefined);
  });

  it.each([
    ["a", "b", ["an", "bc", "bd", "de", "ea", "nb"]],
    ["b", "c", ["ab", "bd", "bn", "de", "ea", "nc"]],
    ["b", "d", ["ab", "bc", "bn", "de", "ea", "nd"]],
    ["e", "a", ["ab", "bc", "bd", "de", "en", "na"]],
  ])("take a waypoint in between %s and %s", (from, to, expected) => {
    expect(joins(put(forked(), from, to))).toEqual([...expected].sort());
  });

  it.each([
    ["b", ["ac", "ad", "de", "ea"]],
    ["d", ["ab", "bc", "be", "ea"]],
    ["c", ["ab", "bd", "de", "ea"]],
    ["e", ["ab", "bc", "bd"]],
  ])("close where %s is taken out", (gone, expected) => {
    const left = forked();
    removeWaypoint(left, gone);
    expect(joins(left)).toEqual(expected);
  });

  it("are joined the same in a copy, under ids of its own", () => {
    const copy = copyWaypoints(forked());
    expect(Object.keys(copy)).not.toContain("a");
    const names = new Map(ordered(copy).map(([id], i) => [id, "abcde"[i]]));
    const renamed = Object.fromEntries(
      Object.entries(copy).map(([id, it]) => [
        names.get(id) as string,
        { ...it, follows: names.get(it.follows) ?? "", leads: names.get(it.leads) ?? "" },
      ]),
    );
    expect(joins(renamed)).toEqual(joins(forked()));
  });
});
