import { readFileSync } from "node:fs";
import { beforeEach, describe, expect, it } from "vitest";
import type { ThingTool } from "../desk/desk";
import { toolOf } from "../desk/desk";
import { draftDesk } from "../document/draftDesk";
import { find, type Mission, ordered, pinnedOf, type Ref, refOf } from "../document/mission";
import type { Ground } from "../document/raster";
import { pathOf } from "../document/shapes";
import { firstOf, sure } from "../document/sure";
import { PLACED } from "../families";
import type { Points } from "../families/traits";
import { geometryOf, placeOf } from "../things/geometry";
import {
  askRemove,
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
const square: Points = [at(10, 10), at(30, 10), at(30, 20)];

describe("the scale and look of the last of a family", () => {
  const set = (tool: ThingTool) =>
    thing(setDown(open, ground, tool, square)) as unknown as Record<string, unknown>;

  it("is that of the next one", () => {
    const first = setDown(open, ground, toolOf("zones", "circle"), [at(10, 20)]);
    open.edit("larger", (draft) => {
      const { shape } = sure(draft.zones, ref(first).id);
      if (shape.type === "circle") shape.radius = 42;
    });
    expect(set(toolOf("zones", "circle")).shape).toMatchObject({ radius: 42 });
    expect(set(toolOf("zones", "rectangle")).shape).toMatchObject({ width: 30 });
    const wall = setDown(open, ground, toolOf("walls"), square);
    open.edit("higher", (draft) => {
      sure(draft.walls, ref(wall).id).height = 5;
      sure(draft.walls, ref(wall).id).stops.sight = false;
    });
    expect(set(toolOf("walls"))).toMatchObject({
      height: 5,
      stops: { sight: false, shots: true },
    });
  });

  it("is its own for each look", () => {
    const smoke = setDown(open, ground, toolOf("effects", "smoke"), [at(10, 20)]);
    open.edit("wider", (draft) => {
      sure(draft.effects, ref(smoke).id).radius = 33;
    });
    expect(set(toolOf("effects", "fire")).radius).toBe(4);
    setDown(open, ground, toolOf("effects", "smoke"), [at(10, 20)]);
  });
});

describe("setting down", () => {
  const tools: [ThingTool, Points, string][] = [
    [toolOf("units", "lookout", "wreckers"), [at(10, 20)], "Lookout"],
    [toolOf("starts", "", "keepers"), [at(10, 20)], "Player"],
    [toolOf("spawnPoints"), [at(10, 20)], "Spawn point"],
    [toolOf("posts"), [at(10, 20)], "Post"],
    [toolOf("markers"), [at(10, 20)], "Marker"],
    [toolOf("fixtures", "bell-kind"), [at(10, 20)], "Bell"],
    [toolOf("props", "crate"), [at(10, 20)], "Crate 7"],
    [toolOf("zones", "circle"), [at(10, 20)], "Zone"],
    [toolOf("zones", "rectangle"), [at(10, 20)], "Zone"],
    [toolOf("zones", "polygon"), square, "Zone"],
    [toolOf("routes"), square, "Route"],
    [toolOf("walls"), square, "Wall"],
    [toolOf("gates"), [at(10, 10), at(14, 10)], "Gate"],
    [toolOf("crossings"), [at(10, 10), at(14, 10)], "Crossing"],
    [toolOf("decks"), square, "Deck"],
    [toolOf("items", "lamp-oil"), [at(10, 20)], "Flask of lamp oil"],
    [toolOf("props", "keg-kind"), [at(10, 20)], "Keg"],
    [toolOf("craft", "boat", "keepers"), [at(10, 20)], "Boat"],
    [toolOf("effects", "smoke"), [at(10, 20)], "Smoke"],
    [toolOf("placeNames"), [at(10, 20)], "Place"],
    [toolOf("notes"), [at(10, 20)], "Note"],
    [toolOf("views"), [at(10, 10), at(30, 20)], "View"],
    [toolOf("roads"), [at(10, 10), at(30, 20)], "Road"],
    [toolOf("buildings"), [at(10, 10), at(30, 10), at(30, 20)], "House"],
    [toolOf("buildings", "tower", "", 30), [at(40, 40)], "Tower"],
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

  it("has a tool for every family with a place but squads, which are made of units, and courses, of zones", () => {
    const families = new Set(
      tools.map(([tool, points]) => refOf(setDown(open, ground, tool, points)).family),
    );
    expect([...families, "squads", "bands", "courses"].sort()).toEqual([...PLACED].sort());
  });

  it("makes a course of the smallest zones under its points, in their order", () => {
    const zone = (radius: number) => {
      const made = ref(setDown(open, ground, toolOf("zones", "circle"), [at(40, 40)])).id;
      open.edit("as wide", (draft) => {
        const { shape } = sure(draft.zones, made);
        if (shape.type === "circle") shape.radius = radius;
      });
      return made;
    };
    const [wide, small] = [zone(300), zone(5)];
    const points: Points = [at(40, 40), at(60, 40), at(900, 900), at(42, 40)];
    const made = ref(setDown(open, ground, toolOf("courses"), points)).id;
    const { passages, circuit } = sure(open.state.mission.courses, made);
    expect(ordered(passages).map(([, it]) => it.zone.id)).toEqual([small, wide, small]);
    expect(circuit).toBe(false);
  });

  it("keeps what is set down on the ground", () => {
    const made = setDown(open, ground, toolOf("posts"), [at(-50, 99999)]);
    expect(placeOf(open.state.mission, ref(made))).toEqual(at(0, 1024));
  });

  it("lays a new deck a hand's breadth above the highest ground at its corners", () => {
    const made = setDown(open, ground, toolOf("decks"), square);
    expect(open.state.mission.decks[ref(made).id]).toMatchObject({
      top: 3.1,
      slope: { degrees: 0 },
    });
  });

  it("gives names that are not there yet", () => {
    const tool: ThingTool = toolOf("units", "lookout", "wreckers");
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
    move(open, [`squads/${squad}`, `units/${sure(members, 0)[0]}`], 5, -3);
    for (const [id, before] of members) {
      const { position } = sure(open.state.mission.units, id);
      expect(position.x).toBeCloseTo(before.position.x + 5, 2);
      expect(position.y).toBeCloseTo(before.position.y - 3, 2);
    }
  });

  it("turns by degrees and stays within a whole turn", () => {
    const made = setDown(open, ground, toolOf("posts"), [at(10, 10)]);
    turn(open, [made], -15);
    expect(sure(open.state.mission.posts, ref(made).id).facing).toBe(345);
    turn(open, [made], 30);
    expect(sure(open.state.mission.posts, ref(made).id).facing).toBe(15);
  });

  it("turns what a zone pushes toward with the zone, also a round one", () => {
    for (const shape of ["circle", "rectangle"]) {
      const made = setDown(open, ground, toolOf("zones", shape), [at(10, 10)]);
      const { id } = ref(made);
      open.edit("Push", (draft) => {
        sure(draft.zones, id).does.w = {
          order: "a0",
          work: {
            type: "pushes",
            what: "all",
            bearing: 350,
            speed: pinnedOf(1),
            rise: pinnedOf(0),
          },
          whom: { type: "anyone" },
          hands: "both",
          goes: "anyhow",
          bears: { type: "whatever" },
          when: { type: "all", parts: {} },
          told: false,
        };
      });
      turn(open, [made], 30);
      expect(sure(sure(open.state.mission.zones, id).does, "w").work).toMatchObject({
        bearing: 20,
      });
    }
  });

  it("turns several about their middle, a member of a group that is turned too only once", () => {
    const [west, east] = [at(10, 10), at(30, 10)].map((p) =>
      setDown(open, ground, toolOf("posts"), [p]),
    ) as [string, string];
    turn(open, [west, east], 90);
    const place = (name: string) => sure(open.state.mission.posts, ref(name).id).position;
    expect(place(west)).toEqual(at(20, 20));
    expect(place(east)).toEqual(at(20, 0));
    expect(sure(open.state.mission.posts, ref(west).id).facing).toBe(90);
    const squad = sure(Object.keys(open.state.mission.squads), 0);
    const members = Object.entries(open.state.mission.units).filter(
      ([, { belongs }]) => belongs.type === "squad" && belongs.squad.id === squad,
    );
    const [first] = sure(members, 0);
    turn(open, [`squads/${squad}`, `units/${first}`], 180);
    turn(open, [`squads/${squad}`, `units/${first}`], 180);
    for (const [id, before] of members) {
      const { position, facing } = sure(open.state.mission.units, id);
      expect(position.x).toBeCloseTo(before.position.x, 1);
      expect(position.y).toBeCloseTo(before.position.y, 1);
      expect(facing).toBe(before.facing);
    }
  });

  it("renames without touching those who name the thing", () => {
    const gate = sure(Object.keys(open.state.mission.gates), 0);
    const users = usersOf(open.state.mission, [`gates/${gate}`]);
    rename(open, { family: "gates", id: gate }, "Water gate");
    expect(sure(open.state.mission.gates, gate).name).toBe("Water gate");
    expect(usersOf(open.state.mission, [`gates/${gate}`])).toEqual(users);
  });

  it("takes corners out as long as enough are left", () => {
    const made = ref(setDown(open, ground, toolOf("decks"), [...square, at(10, 20)]));
    const [first, second] = firstOf(
      Object.keys(sure(open.state.mission.decks, made.id).corners),
      2,
    );
    removeVertex(open, made, first);
    expect(Object.keys(sure(open.state.mission.decks, made.id).corners)).toHaveLength(3);
    removeVertex(open, made, second);
    expect(Object.keys(sure(open.state.mission.decks, made.id).corners)).toHaveLength(3);
  });
});

describe("squads", () => {
  const lookouts = () =>
    [0, 1, 2].map((i) =>
      ref(setDown(open, ground, toolOf("units", "lookout", "wreckers"), [at(i * 5, 5)])),
    );

  it("are led by the first, and their members do as the squad does", () => {
    const units = lookouts();
    const squad = ref(makeSquad(open, units));
    expect(sure(open.state.mission.squads, squad.id).leader).toEqual(units[0]);
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
    join(open, [sure(units, 1)], null);
    expect(open.state.mission.units[sure(units, 1).id]).toMatchObject({
      belongs: { type: "alone" },
      order: { type: "stay" },
    });
  });

  it("are duplicated with their members and led by the copy of their leader", () => {
    const squad = makeSquad(open, lookouts());
    const copy = sure(duplicate(open, [squad]), 0);
    const leader = sure(open.state.mission.squads, ref(copy).id).leader;
    expect(leader).not.toEqual(sure(open.state.mission.squads, ref(squad).id).leader);
    expect(sure(open.state.mission.units, leader.id).belongs).toMatchObject({ squad: ref(copy) });
  });

  it("are duplicated several times, each copy as far from the one before", () => {
    const one = sure(lookouts(), 0);
    const at = sure(open.state.mission.units, one.id).position;
    const copies = duplicate(open, [`units/${one.id}`], 10, 3, 3);
    expect(copies.map((copy) => sure(open.state.mission.units, ref(copy).id).position)).toEqual(
      [1, 2, 3].map((time) => ({ x: at.x + 10 * time, y: at.y + 3 * time })),
    );
  });

  it("leave their members standing alone when they are deleted", () => {
    const units = lookouts();
    const squad = makeSquad(open, units);
    remove(open, [squad]);
    expect(thing(squad)).toBeUndefined();
    for (const { id } of units) {
      expect(sure(open.state.mission.units, id).belongs).toEqual({ type: "alone" });
    }
  });
});

describe("deleting", () => {
  it("remembers the name of what is still named, and forgets what is not", () => {
    const gate = sure(Object.keys(open.state.mission.gates), 0);
    const made = setDown(open, ground, toolOf("posts"), [at(10, 10)]);
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

describe("a conveyor", () => {
  const line: Points = [at(10, 10), at(20, 10), at(20, 20)];
  const belt = () => {
    const name = setDown(open, ground, toolOf("zones", "conveyor"), line);
    const zone = () => sure(open.state.mission.zones, ref(name).id);
    const [working] = Object.values(zone().does);
    return { name, zone, work: sure({ work: working?.work }, "work") };
  };
  const routeOf = (work: unknown) => (work as { route: Ref }).route;

  it("is a zone along its line that pushes loose things", () => {
    const { zone, work } = belt();
    expect(work).toMatchObject({ type: "pushesAlong", what: "things", speed: { value: 0.8 } });
    const { shape } = zone();
    const corners = shape.type === "polygon" ? ordered(shape.corners).map(([, it]) => it) : [];
    // Square to each end; at the bend 0.75 m from both pieces.
    expect(corners.map(({ position }) => position)).toEqual(
      [
        at(10, 10.75),
        at(19.25, 10.75),
        at(19.25, 20),
        at(20.75, 20),
        at(20.75, 9.25),
        at(10, 9.25),
      ].map(({ x, y }) => ({ x: expect.closeTo(x, 6), y: expect.closeTo(y, 6) })),
    );
    const route = sure(open.state.mission.routes, routeOf(work).id);
    expect(ordered(route.waypoints).map(([, { position }]) => position)).toEqual(line);
  });

  it("takes its line along, as it is moved, copied and deleted", () => {
    const { name, work } = belt();
    const first = (of: Ref) =>
      ordered(sure(open.state.mission.routes, of.id).waypoints)[0]?.[1].position;
    move(open, [name], 5, 0);
    expect(first(routeOf(work))).toEqual(at(15, 10));
    const [copy = ""] = duplicate(open, [name], 0, 30);
    const [other] = Object.values(sure(open.state.mission.zones, ref(copy).id).does);
    expect(routeOf(other?.work).id).not.toBe(routeOf(work).id);
    expect(first(routeOf(other?.work))).toEqual(at(15, 40));
    askRemove(open, [name]);
    expect(open.state.mission.routes[routeOf(work).id]).toBeUndefined();
    expect(open.state.mission.routes[routeOf(other?.work).id]).toBeDefined();
  });

  it("leaves a line where it is that others go along too", () => {
    const { name, work } = belt();
    open.edit("goes along", (draft) => {
      const [unit] = Object.values(draft.units);
      if (unit) unit.order = { type: "along", route: routeOf(work) } as typeof unit.order;
    });
    move(open, [name], 5, 0);
    const route = sure(open.state.mission.routes, routeOf(work).id);
    expect(ordered(route.waypoints)[0]?.[1].position).toEqual(at(10, 10));
  });
});
