import { readFileSync } from "node:fs";
import { beforeEach, describe, expect, it } from "vitest";
import type { ThingTool } from "../desk/desk";
import { draftDesk } from "../document/draftDesk";
import { find, type Mission, type Ref, refOf } from "../document/mission";
import type { Ground } from "../document/raster";
import { pathOf } from "../document/shapes";
import { PLACED } from "../families";
import { geometryOf, placeOf } from "../things/geometry";
import {
  duplicate,
  join,
  makeSquad,
  move,
  remove,
  removeVertex,
  rename,
  setDown,
  turn,
  usersOf,
} from "./deeds";

const sample = readFileSync("../core/src/main/resources/samples/relight-the-harrow.json", "utf8");
const ground: Ground = {
  columns: 4,
  rows: 4,
  cell: 300,
  heights: new Float32Array(16).fill(3),
  surfaces: new Uint8Array(16),
  growth: new Uint8Array(16),
};
let open: ReturnType<typeof draftDesk>;

beforeEach(() => {
  open = draftDesk(JSON.parse(sample) as Mission);
});

const at = (x: number, y: number) => ({ x, y });
const thing = (name: string) => find(open.state.mission, refOf(name));
const ref = (name: string): Ref => refOf(name);
const square = [at(10, 10), at(30, 10), at(30, 20)];

describe("the scale and look of the last of a family", () => {
  const set = (tool: ThingTool) =>
    thing(setDown(open, ground, tool, square)) as unknown as Record<string, unknown>;

  it("is that of the next one", () => {
    const first = setDown(open, ground, { sets: "zone", shape: "circle" }, [at(10, 20)]);
    open.edit("larger", (draft) => {
      const { shape } = draft.zones[ref(first).id];
      if (shape.type === "circle") shape.radius = 42;
    });
    expect(set({ sets: "zone", shape: "circle" }).shape).toMatchObject({ radius: 42 });
    expect(set({ sets: "zone", shape: "rectangle" }).shape).toMatchObject({ width: 30 });
    const wall = setDown(open, ground, { sets: "wall" }, square);
    open.edit("higher", (draft) => {
      draft.walls[ref(wall).id].height = 5;
      draft.walls[ref(wall).id].stops.sight = false;
    });
    expect(set({ sets: "wall" })).toMatchObject({
      height: 5,
      stops: { sight: false, shots: true },
    });
  });

  it("is its own for each look", () => {
    const smoke = setDown(open, ground, { sets: "effect", look: "smoke" }, [at(10, 20)]);
    open.edit("wider", (draft) => {
      draft.effects[ref(smoke).id].radius = 33;
    });
    expect(set({ sets: "effect", look: "fire" }).radius).toBe(4);
    setDown(open, ground, { sets: "effect", look: "smoke" }, [at(10, 20)]);
  });
});

describe("setting down", () => {
  const tools: [ThingTool, { x: number; y: number }[], string][] = [
    [{ sets: "unit", side: "wreckers", kind: "lookout" }, [at(10, 20)], "Lookout"],
    [{ sets: "start", side: "keepers", kind: "keeper" }, [at(10, 20)], "Player"],
    [{ sets: "spawnPoint" }, [at(10, 20)], "Spawn point"],
    [{ sets: "post" }, [at(10, 20)], "Post"],
    [{ sets: "marker" }, [at(10, 20)], "Marker"],
    [{ sets: "fixture", look: "bell" }, [at(10, 20)], "Bell"],
    [{ sets: "prop", prop: "crate" }, [at(10, 20)], "Crate 7"],
    [{ sets: "zone", shape: "circle" }, [at(10, 20)], "Zone"],
    [{ sets: "zone", shape: "rectangle" }, [at(10, 20)], "Zone"],
    [{ sets: "zone", shape: "polygon" }, square, "Zone"],
    [{ sets: "route" }, square, "Route"],
    [{ sets: "wall" }, square, "Wall"],
    [{ sets: "gate" }, [at(10, 10), at(14, 10)], "Gate"],
    [{ sets: "crossing" }, [at(10, 10), at(14, 10)], "Crossing"],
    [{ sets: "deck" }, square, "Deck"],
    [{ sets: "item", item: "lamp-oil" }, [at(10, 20)], "Flask of lamp oil"],
    [{ sets: "cargo", look: "keg" }, [at(10, 20)], "Keg"],
    [{ sets: "craft", look: "boat", side: "keepers" }, [at(10, 20)], "Boat"],
    [{ sets: "effect", look: "smoke" }, [at(10, 20)], "Smoke"],
    [{ sets: "placeName" }, [at(10, 20)], "Place"],
    [{ sets: "note" }, [at(10, 20)], "Note"],
    [{ sets: "view" }, [at(10, 10), at(30, 20)], "View"],
    [{ sets: "road" }, [at(10, 10), at(30, 20)], "Road"],
    [{ sets: "building", plan: "", turn: 0 }, [at(10, 10), at(30, 10), at(30, 20)], "House"],
    [{ sets: "building", plan: "tower", turn: 30 }, [at(40, 40)], "Tower"],
  ];

  it.each(tools)("%j", (tool, points, name) => {
    const made = setDown(open, ground, tool, points);
    expect(thing(made)?.name).toMatch(new RegExp(`^${name.replace(/ \d+$/, "")}( \\d+)?$`));
    expect(open.labels).toHaveLength(1);
    const geometry = geometryOf(open.state.mission, ref(made));
    expect(geometry).toBeDefined();
    if (geometry?.is === "box" && geometry.upright) {
      expect(geometry).toMatchObject({ centre: at(20, 15), width: 20, depth: 10 });
    } else if (points.length > 1 && geometry) expect(pathOf(geometry)).toEqual(points);
    else expect(placeOf(open.state.mission, ref(made))).toEqual(points[0]);
  });

  it("has a tool for every family with a place but squads, which are made of units", () => {
    const families = new Set(
      tools.map(([tool, points]) => refOf(setDown(open, ground, tool, points)).family),
    );
    expect([...families, "squads", "bands"].sort()).toEqual([...PLACED].sort());
  });

  it("keeps what is set down on the ground", () => {
    const made = setDown(open, ground, { sets: "post" }, [at(-50, 99999)]);
    expect(placeOf(open.state.mission, ref(made))).toEqual(at(0, 1024));
  });

  it("lays a new deck a hand's breadth above the highest ground at its corners", () => {
    const made = setDown(open, ground, { sets: "deck" }, square);
    expect(open.state.mission.decks[ref(made).id]).toMatchObject({
      top: 3.1,
      slope: { degrees: 0 },
    });
  });

  it("gives names that are not there yet", () => {
    const tool: ThingTool = { sets: "unit", side: "wreckers", kind: "lookout" };
    const names = [0, 1, 2].map((i) => thing(setDown(open, ground, tool, [at(i, i)]))?.name);
    expect(new Set(names).size).toBe(3);
  });
});

describe("moving, turning, naming", () => {
  it("moves a squad with its members, each once", () => {
    const [squad] = Object.keys(open.state.mission.squads);
    const members = Object.entries(open.state.mission.units).filter(
      ([, { belongs }]) => belongs.type === "squad" && belongs.squad.id === squad,
    );
    move(open, [`squads/${squad}`, `units/${members[0][0]}`], 5, -3);
    for (const [id, before] of members) {
      const { position } = open.state.mission.units[id];
      expect(position.x).toBeCloseTo(before.position.x + 5, 2);
      expect(position.y).toBeCloseTo(before.position.y - 3, 2);
    }
  });

  it("turns by degrees and stays within a whole turn", () => {
    const made = setDown(open, ground, { sets: "post" }, [at(10, 10)]);
    turn(open, [made], -15);
    expect(open.state.mission.posts[ref(made).id].facing).toBe(345);
    turn(open, [made], 30);
    expect(open.state.mission.posts[ref(made).id].facing).toBe(15);
  });

  it("renames without touching those who name the thing", () => {
    const [gate] = Object.keys(open.state.mission.gates);
    const users = usersOf(open.state.mission, [`gates/${gate}`]);
    rename(open, { family: "gates", id: gate }, "Water gate");
    expect(open.state.mission.gates[gate].name).toBe("Water gate");
    expect(usersOf(open.state.mission, [`gates/${gate}`])).toEqual(users);
  });

  it("takes corners out as long as enough are left", () => {
    const made = ref(setDown(open, ground, { sets: "deck" }, [...square, at(10, 20)]));
    const [first, second] = Object.keys(open.state.mission.decks[made.id].corners);
    removeVertex(open, made, first);
    expect(Object.keys(open.state.mission.decks[made.id].corners)).toHaveLength(3);
    removeVertex(open, made, second);
    expect(Object.keys(open.state.mission.decks[made.id].corners)).toHaveLength(3);
  });
});

describe("squads", () => {
  const lookouts = () =>
    [0, 1, 2].map((i) =>
      ref(
        setDown(open, ground, { sets: "unit", side: "wreckers", kind: "lookout" }, [at(i * 5, 5)]),
      ),
    );

  it("are led by the first, and their members do as the squad does", () => {
    const units = lookouts();
    const squad = ref(makeSquad(open, units));
    expect(open.state.mission.squads[squad.id].leader).toEqual(units[0]);
    for (const { id } of units) {
      expect(open.state.mission.units[id]).toMatchObject({
        belongs: { type: "squad", squad },
        order: { type: "squad" },
      });
    }
  });

  it("let their members go, who then stay", () => {
    const units = lookouts();
    makeSquad(open, units);
    join(open, [units[1]], null);
    expect(open.state.mission.units[units[1].id]).toMatchObject({
      belongs: { type: "alone" },
      order: { type: "stay" },
    });
  });

  it("are duplicated with their members and led by the copy of their leader", () => {
    const squad = makeSquad(open, lookouts());
    const [copy] = duplicate(open, [squad]);
    const leader = open.state.mission.squads[ref(copy).id].leader;
    expect(leader).not.toEqual(open.state.mission.squads[ref(squad).id].leader);
    expect(open.state.mission.units[leader.id].belongs).toMatchObject({ squad: ref(copy) });
  });

  it("leave their members standing alone when they are deleted", () => {
    const units = lookouts();
    const squad = makeSquad(open, units);
    remove(open, [squad]);
    expect(thing(squad)).toBeUndefined();
    for (const { id } of units) {
      expect(open.state.mission.units[id].belongs).toEqual({ type: "alone" });
    }
  });
});

describe("deleting", () => {
  it("remembers the name of what is still named, and forgets what is not", () => {
    const [gate] = Object.keys(open.state.mission.gates);
    const made = setDown(open, ground, { sets: "post" }, [at(10, 10)]);
    remove(open, [`gates/${gate}`, made]);
    expect(open.state.mission.lost[gate]).toEqual({ family: "gates", name: "Sluice gate" });
    expect(open.state.mission.lost[ref(made).id]).toBeUndefined();
  });

  it("is one edit however many are deleted", () => {
    const before = open.labels.length;
    remove(
      open,
      Object.keys(open.state.mission.units).map((id) => `units/${id}`),
    );
    expect(open.labels.length - before).toBe(1);
    expect(Object.keys(open.state.mission.units)).toHaveLength(0);
  });
});
