import { readFileSync } from "node:fs";
import { describe, expect, it } from "vitest";
import { anyInCopy, behind, copyOf, forgetParts, newestOf } from "../document/copies";
import { type BundleCopy, key, type Mission } from "../document/mission";
import { editionOf, readyBundles, type Shipped } from "../document/shipped";
import { sure } from "../document/sure";
import { laidOut } from "./ghost";
import { candidates, suggestions } from "./suggest";
import { unitAt } from "./units";
import { changesOf } from "./work";

const sample = (name: string): Mission =>
  JSON.parse(readFileSync(`../core/src/main/resources/samples/${name}.json`, "utf8"));
const harrow = sample("relight-the-harrow");
const shipped: Shipped[] = Object.entries(sample("bundles").bundles).map(([id, bundle]) => ({
  id,
  name: bundle.name,
  note: bundle.note,
  edition: newestOf(bundle)[1],
}));

/** The Harrow with a bundle that ships in it, of which its lever and bell are a copy. */
function bundled(): Mission {
  const mission = structuredClone(harrow);
  mission.bundles["bundle-ambush"] = structuredClone(
    sure(sample("bundles").bundles, "bundle-ambush"),
  );
  const [edition] = newestOf(sure(mission.bundles, "bundle-ambush"));
  const copy: BundleCopy = {
    name: "Ambush",
    bundle: { family: "bundles", id: "bundle-ambush" },
    edition,
    at: { x: 1, y: 2 },
    turn: 0,
    values: {},
    parts: {
      one: { family: "fixtures", id: "fixture-bell" },
      two: { family: "units", id: "watch-1" },
    },
  };
  mission.copies.copy = copy;
  return mission;
}

describe("what belongs to a copy", () => {
  it("is told by the thing", () => {
    const mission = bundled();
    expect(copyOf(mission, ["fixtures/fixture-bell", "units/watch-1"])).toBe("copy");
    expect(copyOf(mission, ["fixtures/fixture-bell", "units/watch-2"])).toBeUndefined();
    expect(copyOf(mission, [])).toBeUndefined();
    expect(anyInCopy(mission, ["units/watch-2", "units/watch-1"])).toBe(true);
    expect(anyInCopy(mission, ["units/watch-2"])).toBe(false);
  });

  it("is forgotten with it, and the copy with its last thing", () => {
    const mission = bundled();
    forgetParts(mission, new Set(["units/watch-2", "units/watch-1"]));
    expect(Object.keys(sure(mission.copies, "copy").parts)).toEqual(["one"]);
    forgetParts(mission, new Set(["fixtures/fixture-bell"]));
    expect(mission.copies).toEqual({});
  });

  it("is behind once there is a newer edition", () => {
    const mission = bundled();
    expect(behind(mission, sure(mission.copies, "copy"))).toBe(false);
    const { editions } = sure(mission.bundles, "bundle-ambush");
    editions.newer = { ...sure(Object.values(editions), 0), order: "a1" };
    expect(behind(mission, sure(mission.copies, "copy"))).toBe(true);
    expect(editionOf(mission, shipped, "bundle-ambush")).toBe(editions.newer);
  });
});

describe("the bundles that can be set down", () => {
  it("are the mission's own and those that ship, each once", () => {
    const names = ["Alarm bell", "Ambush", "Timed gate"];
    expect(readyBundles(harrow, shipped).map(({ name }) => name)).toEqual(names);
    expect(readyBundles(bundled(), shipped).map(({ name }) => name)).toEqual(names);
  });

  it("lie turned about the pointer", () => {
    const edition = editionOf(harrow, shipped, "bundle-timed-gate");
    if (!edition) throw new Error("the gate ships");
    const laid = laidOut(harrow, edition, { x: 100, y: 100 }, 90);
    const gate = sure(Object.values(laid.gates), 0);
    // Two metres west of the middle of the gate become two metres north of it.
    expect(gate.from.x).toBeCloseTo(gate.to.x);
    expect(gate.from.y - gate.to.y).toBeCloseTo(4);
    expect(Object.keys(laid.units)).toEqual([]);
    expect(laid.sides).toBe(harrow.sides);
  });
});

describe("what may belong into a bundle", () => {
  const about = suggestions(harrow, ["fixtures/fixture-bell"]);
  const named = (family: string) =>
    about.filter(({ ref }) => ref.family === family).map(({ ref, belongs }) => [key(ref), belongs]);

  it("are the events that name it; those that name other places as well are not taken at once", () => {
    expect(named("events").length).toBeGreaterThan(0);
    expect(named("events").every(([, belongs]) => belongs === false)).toBe(true);
  });

  it("are facts that nothing else uses", () => {
    const events = Object.keys(harrow.events).map((id) => `events/${id}`);
    const facts = suggestions(harrow, events).filter(({ ref }) => ref.family === "timers");
    expect(facts.length).toBe(Object.keys(harrow.timers).length);
    expect(facts.every(({ belongs }) => belongs)).toBe(true);
  });

  it("are offered as parameters: things outside once for all places, figures, words", () => {
    const mission = sample("bundles");
    const [, edition] = newestOf(sure(mission.bundles, "bundle-alarm-bell"));
    const staged: Mission = { ...mission, ...edition.parts };
    const keys = Object.entries(edition.parts).flatMap(([family, things]) =>
      Object.keys(things).map((id) => `${family}/${id}`),
    );
    const found = candidates(staged, keys);
    const side = found.find(({ stands }) => stands === "Wreckers");
    expect(side).toMatchObject({ name: "Side", likely: false });
    expect(side?.places).toHaveLength(2);
    expect(found.map(({ stands }) => stands)).toContain("“A bell. Somebody has seen us.”");
    expect(found.map(({ stands }) => stands)).not.toContain("Sentry");
  });
});

describe("the unit of a parameter", () => {
  it("is that of its place", () => {
    const edition = editionOf(harrow, shipped, "bundle-timed-gate");
    if (!edition) throw new Error("the gate ships");
    const slots = Object.values(edition.parameters).flatMap(({ name, slots: of }) =>
      Object.values(of).map(({ pointer }) => [name, unitAt(edition.parts, pointer, undefined)]),
    );
    expect(Object.fromEntries(slots)).toEqual({ "Stays open for": "s", "Pulled in": "s" });
  });
});

describe("what a proposal changes", () => {
  it("is told by name and figure, without the bookkeeping", () => {
    const patch = [
      { op: "test", path: "/units/watch-1/facing", value: 0 },
      { op: "replace", path: "/units/watch-1/facing", value: 90 },
      { op: "replace", path: "/units/watch-1/inPlay", value: false },
      { op: "remove", path: "/fixtures/fixture-bell" },
      { op: "add", path: "/markers/new", value: { name: "Flag" } },
      { op: "replace", path: "/copies/copy/edition", value: "newer" },
    ] as const;
    const made = [{ family: "markers", id: "new" } as const];
    const proposal = { patch: [...patch], made, kept: [] };
    const { name } = sure(harrow.units, "watch-1");
    const bell = sure(harrow.fixtures, "fixture-bell").name;
    expect(changesOf(harrow, { ...proposal, made: [...made] })).toEqual([
      `${name}: facing 0 becomes 90`,
      `${name} changes`,
      `${bell} goes`,
      "Flag comes",
    ]);
  });
});
