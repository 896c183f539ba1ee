import {
  type Building,
  type BuildingDoor,
  type BuildingStorey,
  ordered,
  type Position,
} from "./mission";
import { type Ground, heightAt } from "./raster";
import { distanceTo, insideRing } from "./shapes";
import { sure } from "./sure";

/** A building, reckoned out: its outline, and how high its floors lie. */
export interface House {
  line: Position[];
  storeys: [string, BuildingStorey][];
  /** How high the floor of each storey lies, and last the roof, metres. */
  floors: number[];
}

const known = new WeakMap<Building, { ground: Ground | undefined; house: House }>();

/** A building reckoned out on its ground; without one it stands at height 0. */
export function houseOf(building: Building, ground: Ground | undefined): House {
  const there = known.get(building);
  if (there && there.ground === ground) return there.house;
  const line = ordered(building.corners).map(([, { position }]) => position);
  const storeys = ordered(building.storeys);
  const floors = [floorOf(building, line, ground)];
  for (const [, { height }] of storeys) floors.push(sure(floors, floors.length - 1) + height);
  const house = { line, storeys, floors };
  known.set(building, { ground, house });
  return house;
}

/** The lowest floor: as it is set, or as high as the highest ground under the outline. */
function floorOf({ floor }: Building, line: Position[], ground: Ground | undefined): number {
  if (floor.type === "height") return floor.height;
  if (!ground || line.length === 0) return 0;
  let high = Math.max(...line.map(({ x, y }) => heightAt(ground, x, y)));
  const [west, east] = [Math.min(...line.map((p) => p.x)), Math.max(...line.map((p) => p.x))];
  const [south, north] = [Math.min(...line.map((p) => p.y)), Math.max(...line.map((p) => p.y))];
  const pace = Math.max(ground.cell / 2, (east - west) / 64);
  for (let y = south; y <= north; y += pace) {
    for (let x = west; x <= east; x += pace) {
      if (insideRing({ x, y }, line)) high = Math.max(high, heightAt(ground, x, y));
    }
  }
  return high;
}

/** The number of the storey that is looked at from a height; that of the roof for no height. */
export function storeySeen(house: House, peel: number | null): number {
  if (peel === null) return house.storeys.length;
  let seen = -1;
  house.floors.forEach((floor, i) => {
    if (floor <= peel) seen = i;
  });
  return seen;
}

/** The height to peel to, so that a storey is looked into. */
export function peelTo(house: House, storey: number): number | null {
  if (storey >= house.storeys.length) return null;
  return (sure(house.floors, storey) + sure(house.floors, storey + 1)) / 2;
}

/** A line of wall, closed or not. */
export interface WallLine {
  /** The inner wall by its id; empty for the outer walls. */
  wall: string;
  path: Position[];
}

/** The walls of a storey: the outer ones, closed, and the inner ones. */
export function wallsOf(building: Building, house: House, storey: string): WallLine[] {
  const inner = ordered(building.inner)
    .filter(([, it]) => it.storey === storey)
    .map(([wall, { corners }]) => ({
      wall,
      path: ordered(corners).map(([, { position }]) => position),
    }));
  return [{ wall: "", path: [...house.line, sure(house.line, 0)] }, ...inner];
}

/**
 * The point so far along a path, with the way it goes there, and from where to where it goes that
 * way; nothing beyond its end.
 */
export function alongPath(
  path: Position[],
  along: number,
): { at: Position; east: number; north: number; from: number; to: number } | undefined {
  let from = 0;
  for (let i = 1; i < path.length; i++) {
    const [a, b] = [sure(path, i - 1), sure(path, i)];
    const length = Math.hypot(b.x - a.x, b.y - a.y);
    if (length > 0 && along >= from && along <= from + length) {
      const [east, north] = [(b.x - a.x) / length, (b.y - a.y) / length];
      const off = along - from;
      const at = { x: a.x + east * off, y: a.y + north * off };
      return { at, east, north, from, to: from + length };
    }
    from += length;
  }
  return undefined;
}

/** The two ends of an opening in a path; nothing where it lies beyond the end. */
export function endsOf(
  path: Position[],
  { along, width }: { along: number; width: number },
): [Position, Position] | undefined {
  const found = alongPath(path, along);
  if (!found) return undefined;
  const { at, east, north } = found;
  const half = width / 2;
  return [
    { x: at.x - east * half, y: at.y - north * half },
    { x: at.x + east * half, y: at.y + north * half },
  ];
}

/** The wall nearest to a point, and how far along it. */
export function nearestWall(
  walls: WallLine[],
  at: Position,
): { wall: string; along: number; far: number } | undefined {
  let best: { wall: string; along: number; far: number } | undefined;
  for (const { wall, path } of walls) {
    let from = 0;
    for (let i = 1; i < path.length; i++) {
      const [a, b] = [sure(path, i - 1), sure(path, i)];
      const length = Math.hypot(b.x - a.x, b.y - a.y);
      const far = distanceTo(at, a, b);
      if (!best || far < best.far) {
        const off = ((at.x - a.x) * (b.x - a.x) + (at.y - a.y) * (b.y - a.y)) / (length || 1);
        const along = from + Math.max(0, Math.min(length, off));
        best = { wall, along: Math.round(along * 100) / 100, far };
      }
      from += length;
    }
  }
  return best;
}

/** The path of the wall that a door is in. */
export function pathOfDoor(building: Building, house: House, door: BuildingDoor) {
  return wallsOf(building, house, door.storey).find(({ wall }) => wall === door.wall)?.path;
}
