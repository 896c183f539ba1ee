import { readFileSync } from "node:fs";
import { describe, expect, it } from "vitest";
import { duplicate, labelOf, move, remove, rename, setDown, turn } from "../deeds/deeds";
import { makeFolder } from "../deeds/folders";
import { bearingOf, type Change, perform, preview, touched } from "../deeds/gesture";
import { pointsOf, type ThingTool } from "../desk/desk";
import { draftDesk } from "../document/draftDesk";
import { find, key, type Mission, refOf } from "../document/mission";
import { apply, change, clashed } from "../document/patch";
import type { Ground } from "../document/raster";
import { firstOf, sure } from "../document/sure";
import { trayItems } from "../editor/trayItems";
import { PLACED } from "../families";
import type { Points } from "../families/traits";
import { geometryOf, placeOf } from "./geometry";

const harrow: Mission = JSON.parse(
  readFileSync("../core/src/main/resources/samples/relight-the-harrow.json", "utf8"),
);
const ground: Ground = {
  columns: 4,
  rows: 4,
  cell: 300,
  heights: new Float32Array(16).fill(3),
  surfaces: new Uint8Array(16),
  growth: new Uint8Array(16),
};
const SPOTS: Points = [
  { x: 100, y: 120 },
  { x: 140, y: 120 },
  { x: 140, y: 150 },
];
const TOOLS: [string, ThingTool][] = trayItems(harrow, "keepers", []).flatMap(({ id, tool }) =>
  tool.sets === "bundle" || tool.sets === "part" ? [] : [[id, tool]],
);

/** A desk on which a tool has set down one thing. */
function desk(tool: ThingTool) {
  const open = draftDesk(structuredClone(harrow));
  const [first, ...others] = SPOTS;
  const spots: Points = [first, ...others.slice(0, Math.max(0, pointsOf(tool) - 1))];
  return { open, name: setDown(open, ground, tool, spots) };
}

/** Random numbers that are the same every time (mulberry32). */
function random(seed: number): () => number {
  let state = seed;
  return () => {
    state = (state + 0x6d2b79f5) | 0;
    let bits = Math.imul(state ^ (state >>> 15), 1 | state);
    bits = (bits + Math.imul(bits ^ (bits >>> 7), 61 | bits)) ^ bits;
    return ((bits ^ (bits >>> 14)) >>> 0) / 4294967296;
  };
}

/** Has a change of a mission go there and back again as patches. */
function thereAndBack(mission: Mission, recipe: (draft: Mission) => void): Mission {
  const { next, patch, inverse } = change(mission, recipe);
  const there = apply(mission, patch);
  expect(there).toEqual(next);
  if (clashed(there)) throw new Error("a patch clashed with what it was made of");
  expect(apply(there, inverse)).toEqual(mission);
  return there;
}

describe.each(TOOLS)("%s", (_, tool) => {
  it("is set down as one edit, which can be taken back", () => {
    const { open, name } = desk(tool);
    expect(find(open.state.mission, refOf(name))).toBeDefined();
    thereAndBack(open.state.mission, (draft) => {
      delete (draft[refOf(name).family] as Record<string, unknown>)[refOf(name).id];
    });
  });

  it("is moved as a whole, where it has a place", () => {
    const { open, name } = desk(tool);
    const mission = open.state.mission;
    const before = placeOf(mission, refOf(name));
    move(open, [name], 7, -5);
    if (!before) {
      expect(open.state.mission).toBe(mission);
      return;
    }
    const after = placeOf(open.state.mission, refOf(name)) as { x: number; y: number };
    expect(after.x - before.x).toBeCloseTo(7, 6);
    expect(after.y - before.y).toBeCloseTo(-5, 6);
  });

  it("is turned where it faces somewhere, or else about its middle", () => {
    const { open, name } = desk(tool);
    const before = bearingOf(open.state.mission, refOf(name));
    const thing = find(open.state.mission, refOf(name));
    turn(open, [name], 40);
    const after = bearingOf(open.state.mission, refOf(name));
    const geometry = geometryOf(open.state.mission, refOf(name));
    const cornered = geometry?.is === "ring" || geometry?.is === "line";
    if (before !== undefined) expect(after).toBe((before + 40) % 360);
    else if (!cornered) expect(find(open.state.mission, refOf(name))).toEqual(thing);
    else expect(find(open.state.mission, refOf(name))).not.toEqual(thing);
  });

  it("has another name, a copy, a folder, and is gone", () => {
    const { open, name } = desk(tool);
    rename(open, refOf(name), "Something else");
    expect(find(open.state.mission, refOf(name))?.name).toBe("Something else");
    const copy = sure(duplicate(open, [name]), 0);
    expect(copy).not.toBe(name);
    expect(find(open.state.mission, refOf(copy))?.name).toBe("Something else 2");
    const folder = makeFolder(open, [name, copy]);
    expect(Object.keys(sure(open.state.mission.folders, folder).things)).toHaveLength(2);
    remove(open, [name]);
    expect(find(open.state.mission, refOf(name))).toBeUndefined();
    expect(find(open.state.mission, refOf(copy))).toBeDefined();
    expect(Object.keys(sure(open.state.mission.folders, folder).things)).toHaveLength(1);
  });

  it("is shown while a gesture goes on as it is once it has ended", () => {
    const { open, name } = desk(tool);
    const { mission } = open.state;
    for (const gesture of gesturesOf(mission, name)) {
      const shown = preview(mission, gesture);
      const ended = change(mission, (draft) => perform(draft, gesture)).next;
      expect(shown[refOf(name).family]).toEqual(ended[refOf(name).family]);
      expect(touched(mission, gesture).map(key)).toContain(name);
      expect(labelOf(mission, gesture).length).toBeLessThanOrEqual(200);
      const changed = new Set(touched(mission, gesture).map((it) => it.family));
      for (const family of PLACED) {
        if (!changed.has(family)) expect(shown[family]).toBe(mission[family]);
      }
      thereAndBack(mission, (draft) => perform(draft, gesture));
    }
  });
});

/** Every gesture that a hand can make with a thing. */
function gesturesOf(mission: Mission, name: string): Change[] {
  const geometry = geometryOf(mission, refOf(name));
  const all: Change[] = [
    { is: "move", keys: [name], x: 0, y: 0, dx: 3, dy: 4, copies: false },
    { is: "turn", name, bearing: 75 },
  ];
  if (geometry?.is === "circle") all.push({ is: "resize", name, radius: 31 });
  if (geometry?.is === "box") all.push({ is: "reshape", name, width: 12, depth: 17 });
  if (geometry?.is === "ring" || geometry?.is === "line") {
    const [{ id }, next] = firstOf(geometry.vertices, 2);
    all.push({ is: "vertex", name, id, after: null, at: { x: 90, y: 95 }, moved: true });
    if (!name.startsWith("gates/")) {
      const after: [string, string] = [id, next.id];
      all.push({ is: "vertex", name, id: "fresh", after, at: { x: 120, y: 100 }, moved: true });
    }
  }
  return all;
}

describe("any edits, one after the other", () => {
  it.each([1, 2, 3, 4, 5, 6])("can all be taken back, seed %i", (seed) => {
    const roll = random(seed);
    const pick = <T>(some: T[]): T => sure(some, Math.floor(roll() * some.length));
    const open = draftDesk(structuredClone(harrow));
    const versions = [open.state.mission];
    for (let step = 0; step < 60; step++) {
      const all = PLACED.flatMap((family) =>
        Object.keys(open.state.mission[family]).map((id) => `${family}/${id}`),
      );
      const some = [pick(all), pick(all), pick(all)].filter(
        (it, i, list) => list.indexOf(it) === i,
      );
      const deeds = [
        () => move(open, some, roll() * 40 - 20, roll() * 40 - 20),
        () => turn(open, some, Math.round(roll() * 360)),
        () => duplicate(open, some),
        () => remove(open, some.slice(0, 1)),
        () => makeFolder(open, some),
        () => {
          const [, tool] = pick(TOOLS);
          if (tool.sets !== "starts") setDown(open, ground, tool, SPOTS);
        },
      ];
      pick(deeds)();
      versions.push(open.state.mission);
    }
    for (let i = versions.length - 1; i > 0; i--) {
      const { patch, inverse } = change(sure(versions, i - 1), (draft) =>
        Object.assign(draft, versions[i]),
      );
      expect(apply(sure(versions, i - 1), patch)).toEqual(versions[i]);
      expect(apply(sure(versions, i), inverse)).toEqual(versions[i - 1]);
    }
  });
});
