import { readFileSync } from "node:fs";
import { describe, expect, it } from "vitest";
import type { Mission } from "../document/mission";
import { sure } from "../document/sure";
import { PLACED } from "../families";
import { onlyThese, type Row, rowsOf, without } from "./contents";

const harrow: Mission = JSON.parse(
  readFileSync("../core/src/main/resources/samples/relight-the-harrow.json", "utf8"),
);
const NONE: ReadonlySet<string> = new Set();
const total = PLACED.reduce((sum, family) => sum + Object.keys(harrow[family]).length, 0);
const things = (rows: Row[]) => rows.flatMap((row) => (row.is === "thing" ? [row.name] : []));
const headings = (rows: Row[]) => rows.flatMap((row) => (row.is === "heading" ? [row.word] : []));

describe("Contents", () => {
  it.each(["family", "side", "folder"] as const)("lists everything once by %s", (grouping) => {
    const all = things(rowsOf(harrow, grouping, "", NONE));
    expect(all).toHaveLength(total);
    expect(new Set(all).size).toBe(total);
  });

  it("orders names as people count", () => {
    const names = rowsOf(harrow, "family", "crate", NONE).flatMap((row) =>
      row.is === "thing" ? [row.word] : [],
    );
    expect(names).toEqual(["Crate", "Crate 2", "Crate 3", "Crate 4", "Crate 5"]);
  });

  it("finds by name, kind, side and family", () => {
    expect(things(rowsOf(harrow, "family", "hale", NONE))).toEqual(["units/guard-1"]);
    expect(things(rowsOf(harrow, "family", "coastguard", NONE))).toContain("units/sedge");
    expect(things(rowsOf(harrow, "family", "wreckers", NONE))).toHaveLength(6);
    expect(things(rowsOf(harrow, "family", "gates", NONE))).toEqual(["gates/gate-sluice"]);
  });

  it("folds a heading, but not while it is searched", () => {
    const folded = new Set(["family:units"]);
    expect(things(rowsOf(harrow, "family", "", folded))).toHaveLength(total - 9);
    expect(things(rowsOf(harrow, "family", "hale", folded))).toHaveLength(1);
  });

  it("heads what lies in no folder and is of no side last", () => {
    expect(headings(rowsOf(harrow, "folder", "", NONE)).at(-1)).toBe("In no folder");
    expect(headings(rowsOf(harrow, "side", "", NONE)).at(-1)).toBe("Of no side");
  });

  it("sorts anew once something has another name", () => {
    const renamed = structuredClone(harrow);
    sure(renamed.props, "prop-crate-1").name = "Zebra crate";
    expect(things(rowsOf(renamed, "family", "crate", NONE)).at(-1)).toBe("props/prop-crate-1");
    expect(things(rowsOf(harrow, "family", "crate", NONE))[0]).toBe("props/prop-crate-1");
  });

  it("takes some things of a mission apart from the others", () => {
    const names = new Set(["units/watch-1", "zones/zone-rock"]);
    const few = onlyThese(harrow, names);
    const rest = without(harrow, names);
    expect(Object.keys(few.units)).toEqual(["watch-1"]);
    expect(Object.keys(few.props)).toEqual([]);
    expect(rest.units["watch-1"]).toBeUndefined();
    expect(rest.props).toBe(harrow.props);
    expect(without(harrow, NONE)).toBe(harrow);
  });
});
