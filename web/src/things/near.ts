import Flatbush from "flatbush";
import type { Mission, Position } from "../document/mission";
import { type Geometry, pathOf } from "../document/shapes";
import { sure } from "../document/sure";
import { type AnyTraits, type PlacedFamily, traitsOf } from "../families";

/** A box on the ground, metres. */
export interface Bounds {
  west: number;
  south: number;
  east: number;
  north: number;
}

/** Where the things of one family are, found by box and in rising order east and north. */
interface Index {
  /** The things with a place, in the order of the family. */
  ids: string[];
  boxes: Flatbush | null;
  east: Mark[];
  north: Mark[];
}

/** A position of a thing along one axis, metres. */
export interface Mark {
  id: string;
  at: number;
}

/** Made anew for a family once an edit has changed it, and for no other. */
const KNOWN = new WeakMap<object, Index>();

function boundsOf(geometry: Geometry): Bounds {
  if (geometry.is === "circle") {
    const { centre, radius } = geometry;
    const [west, south] = [centre.x - radius, centre.y - radius];
    return { west, south, east: centre.x + radius, north: centre.y + radius };
  }
  const points: Position[] = geometry.is === "point" ? [geometry.at] : pathOf(geometry);
  const [xs, ys] = [points.map(({ x }) => x), points.map(({ y }) => y)];
  return {
    west: Math.min(...xs),
    south: Math.min(...ys),
    east: Math.max(...xs),
    north: Math.max(...ys),
  };
}

function indexOf(mission: Mission, family: PlacedFamily): Index {
  const things = mission[family] as Record<string, object>;
  const known = KNOWN.get(things);
  if (known) return known;
  const made = indexed(things, traitsOf(family) as AnyTraits);
  KNOWN.set(things, made);
  return made;
}

function indexed(things: Record<string, object>, traits: AnyTraits): Index {
  const ids: string[] = [];
  const boxes: Bounds[] = [];
  const [east, north]: [Mark[], Mark[]] = [[], []];
  for (const [id, thing] of Object.entries(things)) {
    const geometry = traits.geometry(thing as never);
    if (!geometry) continue;
    const box = boundsOf(geometry);
    if (!Number.isFinite(box.west)) continue;
    ids.push(id);
    boxes.push(box);
    for (const { holder, field } of traits.spots(thing as never)) {
      east.push({ id, at: sure(holder, field).x });
      north.push({ id, at: sure(holder, field).y });
    }
  }
  const byPlace = (a: Mark, b: Mark) => a.at - b.at;
  let tree: Flatbush | null = null;
  if (ids.length > 0) {
    tree = new Flatbush(ids.length);
    for (const { west, south, east: far, north: top } of boxes) tree.add(west, south, far, top);
    tree.finish();
  }
  return { ids, boxes: tree, east: east.sort(byPlace), north: north.sort(byPlace) };
}

/** The things of a family whose bounds reach into a box, by id, in the order of the family. */
export function inBox(mission: Mission, family: PlacedFamily, box: Bounds): string[] {
  const { ids, boxes } = indexOf(mission, family);
  const found = boxes?.search(box.west, box.south, box.east, box.north) ?? [];
  return found.sort((a, b) => a - b).map((i) => sure(ids, i));
}

/**
 * The place of a thing of a family that is nearest to another along an axis.
 *
 * @param pull nothing is farther than this, metres
 * @param except the ids of things that do not count
 */
export function nearestAlong(
  mission: Mission,
  family: PlacedFamily,
  axis: "east" | "north",
  at: number,
  pull: number,
  except: (id: string) => boolean,
): number | undefined {
  const marks = indexOf(mission, family)[axis];
  let [low, high] = [0, marks.length];
  while (low < high) {
    const middle = (low + high) >> 1;
    if (sure(marks, middle).at <= at - pull) low = middle + 1;
    else high = middle;
  }
  let best: number | undefined;
  let least = pull;
  for (let i = low; i < marks.length && sure(marks, i).at < at + pull; i++) {
    const away = Math.abs(sure(marks, i).at - at);
    if (away < least && !except(sure(marks, i).id)) [best, least] = [sure(marks, i).at, away];
  }
  return best;
}
