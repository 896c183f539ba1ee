import { partsAt } from "../document/corners";
import {
  type Building,
  type BuildingDoor,
  type BuildingMake,
  type BuildingWindow,
  newId,
  orderAfter,
  type Position,
} from "../document/mission";
import { sure } from "../document/sure";

/** What the walls of a new building stop. */
const STONE = { movement: true, sight: true, shots: true, sound: 25 };

/** A ready plan: how large, how many storeys, what roof, and where doors and windows are. */
interface Plan {
  word: string;
  also: string;
  width: number;
  depth: number;
  storeys: string[];
  height: number;
  thickness: number;
  roof: BuildingMake;
  parapet: number;
  /** Each as storey, metres along the walls from the south-west corner counter-clockwise, width. */
  doors: [number, number, number][];
  windows: [number, number, number][];
  /** Each as storey, foot and head from the middle. */
  stairs: [number, number, number, number, number][];
  /** Each as storey and its ends from the middle; a door in its middle. */
  inner: [number, number, number, number, number][];
}

/** Ready plans, by name. */
export const PLANS: Record<string, Plan> = {
  shed: {
    word: "Shed",
    also: "hut store",
    width: 5,
    depth: 4,
    storeys: ["Ground floor"],
    height: 2.6,
    thickness: 0.2,
    roof: "pitched",
    parapet: 0,
    doors: [[0, 2.5, 1.4]],
    windows: [],
    stairs: [],
    inner: [],
  },
  cottage: {
    word: "Cottage",
    also: "house home",
    width: 10,
    depth: 7,
    storeys: ["Ground floor"],
    height: 3,
    thickness: 0.4,
    roof: "pitched",
    parapet: 0,
    doors: [[0, 3, 1.2]],
    windows: [
      [0, 7.5, 1],
      [0, 20.5, 1],
      [0, 24, 1],
    ],
    stairs: [],
    inner: [[0, 1, -3.5, 1, 3.5]],
  },
  house: {
    word: "House",
    also: "two storeys stairs",
    width: 12,
    depth: 8,
    storeys: ["Ground floor", "Upper floor"],
    height: 3,
    thickness: 0.4,
    roof: "pitched",
    parapet: 0,
    doors: [
      [0, 6, 1.2],
      [0, 26, 1],
    ],
    windows: [
      [0, 2.5, 1],
      [0, 9.5, 1],
      [0, 30, 1],
      [1, 2.5, 1],
      [1, 9.5, 1],
      [1, 22.5, 1],
      [1, 30, 1],
    ],
    stairs: [[0, 5, -3, 5, 1.5]],
    inner: [
      [0, -2.5, -4, -2.5, 4],
      [1, -1, -4, -1, 4],
    ],
  },
  tower: {
    word: "Tower",
    also: "lookout keep roof",
    width: 8,
    depth: 8,
    storeys: ["Ground floor", "First floor", "Second floor"],
    height: 3.2,
    thickness: 0.6,
    roof: "flat",
    parapet: 1.1,
    doors: [[0, 4, 1.2]],
    windows: [
      [1, 4, 0.6],
      [1, 12, 0.6],
      [1, 20, 0.6],
      [1, 28, 0.6],
      [2, 4, 0.6],
      [2, 12, 0.6],
      [2, 20, 0.6],
      [2, 28, 0.6],
    ],
    stairs: [
      [0, 2.8, -2.5, 2.8, 1.8],
      [1, -2.8, 2.5, -2.8, -1.8],
      [2, 2.8, -2.5, 2.8, 1.8],
    ],
    inner: [],
  },
  boathouse: {
    word: "Boathouse",
    also: "quay store barn",
    width: 8,
    depth: 14,
    storeys: ["Ground floor"],
    height: 4,
    thickness: 0.3,
    roof: "pitched",
    parapet: 0,
    doors: [
      [0, 4, 3.5],
      [0, 15, 1.2],
    ],
    windows: [[0, 36, 1]],
    stairs: [],
    inner: [],
  },
};

/** The door that is set where one clicks. */
export const DOOR = { width: 1.2, height: 2.1 };

/** The window that is set where one clicks. */
export const WINDOW = {
  width: 1,
  sill: 0.9,
  top: 2,
  lets: { sight: true, shots: true, sound: false },
};

/** A point of a plan on the ground: metres from its middle, turned by degrees clockwise. */
function laid(at: Position, turn: number, x: number, y: number): Position {
  const angle = (turn * Math.PI) / 180;
  const [sin, cos] = [Math.sin(angle), Math.cos(angle)];
  const round = (value: number) => Math.round(value * 100) / 100;
  return { x: round(at.x + x * cos + y * sin), y: round(at.y - x * sin + y * cos) };
}

function keyed<T>(parts: T[]): Record<string, T & { order: string }> {
  const all: Record<string, T & { order: string }> = {};
  for (const part of parts) all[newId()] = { order: orderAfter(all), ...part };
  return all;
}

/** A building without doors, of one storey, on an outline. */
export function bareBuilding(name: string, outline: Position[]): Building {
  return {
    name,
    corners: partsAt(outline, {}),
    floor: { type: "ground" },
    thickness: 0.4,
    stops: { ...STONE },
    storeys: keyed([{ name: "Ground floor", height: 3 }]),
    roof: { make: "pitched", parapet: 0 },
    inner: {},
    doors: {},
    windows: {},
    stairs: {},
  };
}

/** The outline of a ready plan on the ground. */
export function outlineOf(plan: string, at: Position, turn: number): Position[] {
  const { width, depth } = sure(PLANS, plan);
  const [w, d] = [width / 2, depth / 2];
  return [
    laid(at, turn, -w, -d),
    laid(at, turn, w, -d),
    laid(at, turn, w, d),
    laid(at, turn, -w, d),
  ];
}

/** A building after a ready plan, with its middle at a point. */
export function plannedBuilding(plan: string, name: string, at: Position, turn: number): Building {
  const of = sure(PLANS, plan);
  const storeys = keyed(of.storeys.map((word) => ({ name: word, height: of.height })));
  const ids = Object.keys(storeys);
  const inner = keyed(
    of.inner.map(([storey, ax, ay, bx, by]) => ({
      storey: sure(ids, storey),
      corners: partsAt([laid(at, turn, ax, ay), laid(at, turn, bx, by)], {}),
    })),
  );
  const doors: Omit<BuildingDoor, "order">[] = of.doors.map(([storey, along, width]) => ({
    storey: sure(ids, storey),
    wall: "",
    along,
    width,
    height: DOOR.height,
  }));
  Object.entries(inner).forEach(([wall, { storey }], i) => {
    const [, ax, ay, bx, by] = sure(of.inner, i);
    const along = Math.hypot(bx - ax, by - ay) / 2;
    doors.push({ storey, wall, along, width: 1, height: DOOR.height });
  });
  const windows: Omit<BuildingWindow, "order">[] = of.windows.map(([storey, along, width]) => ({
    storey: sure(ids, storey),
    along,
    ...WINDOW,
    lets: { ...WINDOW.lets },
    width,
  }));
  return {
    ...bareBuilding(name, outlineOf(plan, at, turn)),
    thickness: of.thickness,
    storeys,
    roof: { make: of.roof, parapet: of.parapet },
    inner,
    doors: keyed(doors),
    windows: keyed(windows),
    stairs: keyed(
      of.stairs.map(([storey, fx, fy, hx, hy]) => ({
        storey: sure(ids, storey),
        foot: laid(at, turn, fx, fy),
        head: laid(at, turn, hx, hy),
        width: 1.1,
      })),
    ),
  };
}
