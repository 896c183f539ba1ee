import { readFileSync } from "node:fs";
import { afterEach, describe, expect, it } from "vitest";
import { addPart, hangGate, partPoints, putPart } from "../deeds/parts";
import { useDesk } from "../desk/desk";
import { removeStorey } from "../editor/slips/BuildingFields";
import { PLANS, plannedBuilding } from "../families/plans";
import { moveThings, turnAbout } from "../things/geometry";
import { peeledOff } from "../things/levels";
import { peelFor } from "../trial/drawPlay";
import { draftDesk } from "./draftDesk";
import { endsOf, houseOf, nearestWall, peelTo, storeySeen, wallsOf } from "./houses";
import { type Mission, ordered, type Ref } from "./mission";
import { STAYS } from "./stops";
import { firstOf, sure } from "./sure";
import { freshLevel, numberedSurfaces, surfacesOver } from "./surfaces";

const sample = readFileSync("../core/src/main/resources/samples/first-light.json", "utf8");
const HOUSE: Ref = { family: "buildings", id: "h" };

/** A house of two storeys, 12 m by 8 m, with its middle at (50, 40), its floor at 0 m. */
function mission(): Mission {
  const read: Mission = JSON.parse(sample);
  read.buildings = { h: plannedBuilding("house", "House", { x: 50, y: 40 }, 0) };
  sure(read.buildings, "h").floor = { type: "height", height: 0 };
  return read;
}

function reckoned(read: Mission) {
  return houseOf(sure(read.buildings, "h"), undefined);
}

afterEach(() => useDesk.getState().setPeel(null));

describe("a building", () => {
  it("has floors one above the other and a roof", () => {
    expect(reckoned(mission()).floors).toEqual([0, 3, 6]);
    expect(surfacesOver(mission(), { x: 50, y: 40 }).map(({ name, top }) => [name, top])).toEqual([
      ["House, roof", 6],
      ["House, upper floor", 3],
      ["House, ground floor", 0],
    ]);
  });

  it("is looked into by peeling it", () => {
    const house = reckoned(mission());
    expect(storeySeen(house, null)).toBe(2);
    expect(peelTo(house, 2)).toBeNull();
    expect([0, 1].map((i) => storeySeen(house, peelTo(house, i)))).toEqual([0, 1]);
    expect(storeySeen(house, -1)).toBe(-1);
  });

  it("has what is set down stand on the floor that is looked at", () => {
    const at = { x: 50, y: 40 };
    const read = mission();
    expect(freshLevel(read, at, null)).toEqual({ type: "top" });
    const level = freshLevel(read, at, 1.5);
    expect(level).toMatchObject({ type: "storey", building: HOUSE });
    const unit = sure(Object.keys(read.units), 0);
    Object.assign(sure(read.units, unit), { position: at, level: { type: "top" } });
    expect(peeledOff(read, 1.5)).toContain(`units/${unit}`);
    sure(read.units, unit).level = level;
    expect(peeledOff(read, 1.5)).not.toContain(`units/${unit}`);
  });

  it("finds the nearest wall and how far along it", () => {
    const read = mission();
    const house = reckoned(read);
    const walls = wallsOf(sure(read.buildings, "h"), house, sure(house.storeys, 0)[0]);
    expect(nearestWall(walls, { x: 46, y: 35.5 })).toMatchObject({ wall: "", along: 2 });
    expect(nearestWall(walls, { x: 47.4, y: 40 })?.wall).not.toBe("");
    expect(endsOf(sure(walls, 0).path, { along: 2, width: 1 })).toEqual([
      { x: 45.5, y: 36 },
      { x: 46.5, y: 36 },
    ]);
    expect(endsOf(sure(walls, 0).path, { along: 99, width: 1 })).toBeUndefined();
  });

  it("moves and turns with all that is in it", () => {
    const read = mission();
    const before = structuredClone(sure(read.buildings, "h"));
    moveThings(read, [HOUSE], 10, 5);
    const [id, stairs] = sure(ordered(before.stairs), 0);
    expect(sure(sure(read.buildings, "h").stairs, id).foot).toEqual({
      x: stairs.foot.x + 10,
      y: stairs.foot.y + 5,
    });
    turnAbout(read, HOUSE, 90);
    const [, corner] = sure(ordered(sure(read.buildings, "h").corners), 0);
    expect(corner.position).toEqual({ x: 56, y: 51 });
  });
});

describe("surfaces by the number that a run gives them", () => {
  it("are decks, their ramps, and of each house its floors, its roof and its stairs", () => {
    const read = mission();
    const corner = (x: number, y: number, order: string) => ({ order, position: { x, y } });
    const deck = {
      name: "Deck",
      corners: { a: corner(0, 0, "a0"), b: corner(9, 0, "a1"), c: corner(9, 9, "a2") },
      top: 8,
      thickness: 0.3,
      slope: { degrees: 0, toward: 0 },
      railing: { height: 0, make: "rails" as const, gaps: {} },
      openings: {},
      ramps: {},
      motion: structuredClone(STAYS),
    };
    const ramp = { order: "a0", head: { x: 9, y: 4 }, foot: { x: 15, y: 4 }, width: 2 };
    read.decks = { z: deck, b: { ...deck, ramps: { r: { ...ramp, tread: "slope" } } } };
    read.buildings.a = { ...sure(read.buildings, "h"), storeys: {} };
    const numbered = numberedSurfaces(read);
    expect(numbered.map((it) => it && [it.of, it.floor])).toEqual([
      undefined,
      ["decks/b", undefined],
      ["decks/z", undefined],
      ["decks/b", undefined],
      ["buildings/h", 0],
      ["buildings/h", 1],
      ["buildings/h", 2],
      ["buildings/h", 0],
    ]);
  });

  it("tell which floor a unit in a house sees", () => {
    const read = mission();
    const now = { x: 50, y: 40, facing: 0, health: 100, signs: 0, speed: 0, deck: 2 };
    expect(storeySeen(reckoned(read), peelFor(read, now))).toBe(1);
    expect(peelFor(read, { ...now, deck: 0 })).toBeNull();
    expect(peelFor(read, { ...now, deck: 3 })).toBeNull();
    expect(peelFor(read, undefined)).toBeNull();
  });
});

describe("parts of a building", () => {
  function added(part: "door" | "window" | "inner" | "stairs", spots: [number, number][]) {
    const open = draftDesk(mission());
    const [storey] = sure(reckoned(open.state.mission).storeys, 0);
    const at = spots.map(([x, y]) => ({ x, y }));
    addPart(open, { sets: "part", part, of: HOUSE, storey }, at);
    return sure(open.state.mission.buildings, "h");
  }

  it("are doors and windows in the wall that was clicked", () => {
    expect(ordered(added("door", [[44.2, 40]]).doors).at(-1)?.[1]).toMatchObject({
      wall: "",
      along: 36,
    });
    expect(ordered(added("window", [[50, 35]]).windows).at(-1)?.[1]).toMatchObject({ along: 6 });
  });

  it("are inner walls and stairs from point to point", () => {
    const spots: [number, number][] = [
      [46, 38],
      [49, 38],
    ];
    expect(ordered(added("inner", spots).inner)).toHaveLength(3);
    expect(ordered(added("stairs", spots).stairs).at(-1)?.[1].head).toEqual({ x: 49, y: 38 });
  });

  it("can be dragged in the storey that is looked into", () => {
    const read = mission();
    expect(partPoints(read, HOUSE)).toEqual([]);
    useDesk.getState().setPeel(peelTo(reckoned(read), 0));
    const points = partPoints(read, HOUSE);
    const door = points.find(({ path }) => path[0] === "doors");
    if (!door) throw new Error("no door");
    putPart(read, HOUSE, door.path, { x: 60, y: 41 });
    expect(sure(read.buildings, "h").doors[sure(door.path, 1)]).toMatchObject({
      wall: "",
      along: 17,
    });
  });

  it("are made wider at one end while the other stays, within their wall", () => {
    const read = mission();
    useDesk.getState().setPeel(peelTo(reckoned(read), 0));
    const [id] = sure(ordered(sure(read.buildings, "h").doors), 0);
    const door = () => sure(sure(read.buildings, "h").doors, id);
    const ends = () =>
      partPoints(read, HOUSE).filter(({ path }) => path[1] === id && path.length === 3);
    const [from, to] = firstOf(
      ends().map(({ at }) => at),
      2,
    );
    putPart(read, HOUSE, ["doors", id, "to"], { x: 2 * to.x - from.x, y: 36.3 });
    expect(door().width).toBe(2.4);
    expect(sure(ends(), 0).at.x).toBeCloseTo(from.x, 6);
    putPart(read, HOUSE, ["doors", id, "to"], { x: 500, y: 36 });
    const corner = Math.max(...reckoned(read).line.map(({ x }) => x));
    expect(Math.max(...ends().map(({ at }) => at.x))).toBeLessThanOrEqual(corner + 1e-6);
    putPart(read, HOUSE, ["doors", id, "from"], sure(ends(), 1).at);
    expect(door().width).toBe(0.4);
  });

  it("take a gate that stands in the doorway", () => {
    const open = draftDesk(mission());
    const [door] = sure(ordered(sure(open.state.mission.buildings, "h").doors), 0);
    const gate = open.state.mission.gates;
    const name = hangGate(open, "h", door).slice("gates/".length);
    expect(gate[name]).toBeUndefined();
    expect(open.state.mission.gates[name]).toMatchObject({
      from: { x: 49.4, y: 36 },
      to: { x: 50.6, y: 36 },
      level: { type: "storey" },
    });
  });

  it("go with their storey", () => {
    const read = mission();
    const [storey] = sure(reckoned(read).storeys, 0);
    removeStorey(sure(read.buildings, "h"), storey);
    expect(Object.values(sure(read.buildings, "h").doors).every((it) => it.storey !== storey)).toBe(
      true,
    );
    expect(Object.keys(sure(read.buildings, "h").storeys)).toHaveLength(1);
  });
});

describe.each(Object.keys(PLANS))("the plan of a %s", (plan) => {
  it("has doors and windows within its walls, and stairs to every storey", () => {
    const { width, depth } = sure(PLANS, plan);
    const building = plannedBuilding(plan, "It", { x: 60, y: 60 }, 30);
    const round = 2 * (width + depth);
    for (const [, { along }] of ordered(building.windows)) expect(along).toBeLessThan(round);
    const outer = ordered(building.doors).filter(([, { wall }]) => wall === "");
    expect(outer.length).toBeGreaterThan(0);
    const storeys = ordered(building.storeys).map(([id]) => id);
    const flat = building.roof.make === "flat" ? storeys.length : storeys.length - 1;
    const begins = new Set(Object.values(building.stairs).map(({ storey }) => storey));
    expect([...begins]).toEqual(storeys.slice(0, flat));
    for (const { foot, head, storey } of Object.values(building.stairs)) {
      const run = Math.hypot(head.x - foot.x, head.y - foot.y);
      expect(sure(building.storeys, storey).height / run).toBeLessThan(1.2);
    }
  });
});
