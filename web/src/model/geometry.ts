import { current, isDraft } from "immer";
import { squadsOf } from "./bands";
import {
  type Corner,
  type Family,
  find,
  key,
  type Mission,
  ordered,
  type Position,
  type Ref,
  type Route,
  type RouteWaypoint,
  refOf,
} from "./mission";

/** A corner or waypoint with its id. */
export interface Vertex {
  id: string;
  at: Position;
}

/** Where a thing lies on the ground, whatever its family. */
export type Geometry =
  | { is: "point"; at: Position; facing?: number }
  | { is: "circle"; centre: Position; radius: number }
  | { is: "box"; centre: Position; width: number; depth: number; bearing: number; upright?: true }
  | { is: "ring"; vertices: Vertex[] }
  | {
      is: "line";
      vertices: Vertex[];
      closed: boolean;
      /** Which vertices are joined, by their place in the order; without, each to the next. */
      joins?: [number, number][];
    };

/** The families of things that have a place on the map, in the order in which Contents lists them. */
export const PLACED = [
  "starts",
  "units",
  "squads",
  "bands",
  "spawnPoints",
  "posts",
  "routes",
  "zones",
  "walls",
  "gates",
  "decks",
  "buildings",
  "roads",
  "crossings",
  "fixtures",
  "props",
  "items",
  "cargo",
  "craft",
  "effects",
  "markers",
  "placeNames",
  "views",
  "notes",
] as const;
export type PlacedFamily = (typeof PLACED)[number];

/** Whether the things of a family have a place on the map. */
export function isPlacedFamily(family: Family): family is PlacedFamily {
  return (PLACED as readonly Family[]).includes(family);
}

/** Families of which the things lie where their members do. */
const GROUPS: readonly Family[] = ["squads", "bands"];

/** Whether the things of a family lie nowhere but where their members do. */
export function isGroupFamily(family: Family): boolean {
  return GROUPS.includes(family);
}

/** Whether a key is that of a thing with a place on the map. */
export function isPlaced(name: string): boolean {
  return isPlacedFamily(refOf(name).family);
}

/** What the things of a family are headed with. */
export const FAMILY_HEADINGS: Record<PlacedFamily, string> = {
  starts: "Player starts",
  units: "Units",
  squads: "Squads",
  bands: "Bands",
  spawnPoints: "Spawn points",
  posts: "Posts",
  routes: "Routes",
  zones: "Zones",
  walls: "Walls",
  gates: "Gates",
  decks: "Decks",
  buildings: "Buildings",
  roads: "Roads",
  crossings: "Crossings",
  fixtures: "Fixtures",
  props: "Props",
  items: "Items",
  cargo: "Cargo",
  craft: "Craft",
  effects: "Effects",
  markers: "Markers",
  placeNames: "Place names",
  views: "Views",
  notes: "Notes",
};

/** The families whose things are a point and face somewhere. */
export const FACING = [
  "starts",
  "units",
  "spawnPoints",
  "posts",
  "fixtures",
  "props",
  "cargo",
  "craft",
  "placeNames",
] as const;
type FacingFamily = (typeof FACING)[number];

/** The families whose things lie between two ends. */
const SPANS = ["gates", "crossings"] as const;
type SpanFamily = (typeof SPANS)[number];

/** The ends of such a thing, as its fields are called. */
export const ENDS = ["from", "to"] as const;

/** Whether the things of a family lie between two ends. */
export function isSpan(family: Family): family is SpanFamily {
  return SPANS.includes(family as SpanFamily);
}

/** The families whose things are a point and face nowhere. */
const PINNED = ["markers", "notes", "items"] as const;
type PinnedFamily = (typeof PINNED)[number];

/** A thing that is a point and faces somewhere, in a mission or a draft of it. */
export function facingThing(
  mission: Mission,
  ref: Ref,
): { position: Position; facing: number } | undefined {
  return FACING.includes(ref.family as FacingFamily)
    ? mission[ref.family as FacingFamily][ref.id]
    : undefined;
}

function vertices(parts: Record<string, Corner | RouteWaypoint>): Vertex[] {
  return ordered(parts).map(([id, { position }]) => ({ id, at: position }));
}

/** The corners or waypoints of a thing by id, in a mission or a draft of it. */
export function verticesIn(
  mission: Mission,
  ref: Ref,
): Record<string, Corner | RouteWaypoint> | undefined {
  if (ref.family === "routes") return mission.routes[ref.id]?.waypoints;
  if (ref.family === "walls") return mission.walls[ref.id]?.corners;
  if (ref.family === "decks" || ref.family === "buildings" || ref.family === "roads") {
    return mission[ref.family][ref.id]?.corners;
  }
  const shape = ref.family === "zones" ? mission.zones[ref.id]?.shape : undefined;
  return shape?.type === "polygon" ? shape.corners : undefined;
}

/**
 * The stretches of a route that forks, from waypoint to waypoint by their place in the order;
 * nothing where it does not fork.
 */
export function joinsOf(route: Route): [number, number][] | undefined {
  const points = ordered(route.waypoints);
  if (points.every(([, { follows, leads }]) => follows === "" && leads === "")) return undefined;
  const index = new Map(points.map(([id], i) => [id, i]));
  const joins: [number, number][] = [];
  const goesOn = new Set<number>();
  points.forEach(([, { follows }], i) => {
    if (i === 0) return;
    const named = index.get(follows) ?? i - 1;
    const from = named < i ? named : i - 1;
    joins.push([from, i]);
    goesOn.add(from);
  });
  points.forEach(([, { leads }], i) => {
    const to = index.get(leads);
    if (to !== undefined && to !== i) {
      joins.push([i, to]);
      goesOn.add(i);
    }
  });
  if (route.way === "loop") {
    points.forEach((_, i) => {
      if (!goesOn.has(i) && i > 0) joins.push([i, 0]);
    });
  }
  return joins;
}

/** The stretches of an outline or line: each with the indexes of its two vertices. */
export function stretchesOf(geometry: Geometry): [Position, Position, number, number][] {
  const path = pathOf(geometry);
  if (geometry.is === "line" && geometry.joins) {
    return geometry.joins.map(([a, b]) => [path[a], path[b], a, b]);
  }
  return stretches(path, geometry.is !== "line" || geometry.closed).map(([a, b, i]) => [
    a,
    b,
    i,
    (i + 1) % path.length,
  ]);
}

/** Where a thing lies; nothing for what has no place of its own. */
export function geometryOf(mission: Mission, ref: Ref): Geometry | undefined {
  const facing = facingThing(mission, ref);
  if (facing) return { is: "point", at: facing.position, facing: facing.facing };
  if (PINNED.includes(ref.family as PinnedFamily)) {
    const pinned = mission[ref.family as PinnedFamily][ref.id];
    return pinned && { is: "point", at: pinned.position };
  }
  if (ref.family === "effects") {
    const effect = mission.effects[ref.id];
    return effect && { is: "circle", centre: effect.position, radius: effect.radius };
  }
  if (ref.family === "views") {
    const view = mission.views[ref.id];
    return (
      view && {
        is: "box",
        centre: view.centre,
        width: view.width,
        depth: view.depth,
        bearing: 0,
        upright: true,
      }
    );
  }
  if (ref.family === "routes") {
    const route = mission.routes[ref.id];
    if (!route) return undefined;
    const joins = joinsOf(route);
    const line = { is: "line", vertices: vertices(route.waypoints) } as const;
    return joins ? { ...line, closed: false, joins } : { ...line, closed: route.way === "loop" };
  }
  if (ref.family === "walls") {
    const wall = mission.walls[ref.id];
    return wall && { is: "line", vertices: vertices(wall.corners), closed: false };
  }
  if (ref.family === "decks" || ref.family === "buildings") {
    const outlined = mission[ref.family][ref.id];
    return outlined && { is: "ring", vertices: vertices(outlined.corners) };
  }
  if (ref.family === "roads") {
    const road = mission.roads[ref.id];
    return road && { is: "line", vertices: vertices(road.corners), closed: false };
  }
  if (isSpan(ref.family)) {
    const span = mission[ref.family][ref.id];
    const ends = ENDS.map((id) => ({ id, at: span?.[id] }));
    return span && { is: "line", vertices: ends, closed: false };
  }
  const shape = ref.family === "zones" ? mission.zones[ref.id]?.shape : undefined;
  switch (shape?.type) {
    case "circle":
      return { is: "circle", centre: shape.centre, radius: shape.radius };
    case "rectangle":
      return { is: "box", ...shape };
    case "polygon":
      return { is: "ring", vertices: vertices(shape.corners) };
    default:
      return undefined;
  }
}

/** The units of a squad. */
export function membersOf(mission: Mission, squad: string): Ref[] {
  return Object.entries(mission.units)
    .filter(([, { belongs }]) => belongs.type === "squad" && belongs.squad.id === squad)
    .map(([id]) => ({ family: "units", id }));
}

/** A field of a part of a mission that holds a position. */
interface Spot {
  holder: Record<string, Position>;
  field: string;
}

/** Where the positions of a thing are kept that move with it; those of a group are its members'. */
function spotsOf(mission: Mission, ref: Ref): Spot[] {
  const spots = (field: string, ...holders: (object | undefined)[]): Spot[] =>
    holders.flatMap((it) => (it ? [{ holder: it as Spot["holder"], field }] : []));
  const { family, id } = ref;
  if (family === "views") return spots("centre", mission.views[id]);
  if (isSpan(family)) {
    const span = mission[family][id];
    return [...spots("from", span), ...spots("to", span)];
  }
  if (family === "effects" || PINNED.includes(family as PinnedFamily)) {
    return spots("position", mission[family as PinnedFamily | "effects"][id]);
  }
  const facing = facingThing(mission, ref);
  if (facing) return spots("position", facing);
  const parts = verticesIn(mission, ref);
  const deck = family === "decks" ? mission.decks[id] : undefined;
  if (parts) {
    const building = family === "buildings" ? mission.buildings[id] : undefined;
    const within = { ...deck?.openings, ...building?.inner };
    const more = Object.values(within).flatMap((it) => Object.values(it.corners));
    const ramps = Object.values({ ...deck?.ramps, ...building?.stairs });
    return [
      ...spots("position", ...Object.values(parts), ...more),
      ...spots("head", ...ramps),
      ...spots("foot", ...ramps),
    ];
  }
  const shape = family === "zones" ? mission.zones[id]?.shape : undefined;
  return shape && shape.type !== "polygon" ? spots("centre", shape) : [];
}

/** A thing, or in place of a squad or a band its members. */
export function single(mission: Mission, ref: Ref): Ref[] {
  if (ref.family === "bands") {
    return squadsOf(mission, ref.id).flatMap((squad) => membersOf(mission, squad));
  }
  return ref.family === "squads" ? membersOf(mission, ref.id) : [ref];
}

/** All positions that are moved with a thing, in a mission or a draft of it. */
export function positionsOf(mission: Mission, ref: Ref): Position[] {
  return single(mission, ref).flatMap((it) =>
    spotsOf(mission, it).map(({ holder, field }) => holder[field]),
  );
}

/** Moves things of a draft by metres; what belongs to two of them moves once. */
export function moveThings(draft: Mission, refs: Ref[], dx: number, dy: number): void {
  const each = new Map(refs.flatMap((ref) => single(draft, ref)).map((ref) => [key(ref), ref]));
  const extent = extentOf(draft);
  for (const ref of each.values()) {
    for (const { holder, field } of spotsOf(draft, ref)) {
      // Read past the draft: what is replaced whole need not be followed first.
      const { x, y } = (isDraft(holder) ? current(holder) : holder)[field];
      holder[field] = within(extent, { x: x + dx, y: y + dy });
    }
  }
}

/** Turns a thing about its middle by degrees clockwise, corner by corner. */
export function turnAbout(draft: Mission, ref: Ref, degrees: number): void {
  const middle = placeOf(draft, ref);
  if (!middle) return;
  const angle = (degrees * Math.PI) / 180;
  const [sin, cos] = [Math.sin(angle), Math.cos(angle)];
  const extent = extentOf(draft);
  for (const { holder, field } of spotsOf(draft, ref)) {
    const [dx, dy] = [holder[field].x - middle.x, holder[field].y - middle.y];
    const to = { x: middle.x + dx * cos + dy * sin, y: middle.y - dx * sin + dy * cos };
    holder[field] = within(extent, to);
  }
}

/** Where a thing is, for links and for finding it: its middle, or the first waypoint of a route. */
export function placeOf(mission: Mission, ref: Ref): Position | undefined {
  if (!find(mission, ref)) return undefined;
  const corners =
    ref.family === "decks" || ref.family === "buildings" ? verticesIn(mission, ref) : undefined;
  const positions = corners
    ? Object.values(corners).map(({ position }) => position)
    : positionsOf(mission, ref);
  if (ref.family === "routes")
    return geometryOf(mission, ref)?.is === "line" ? first(mission, ref) : undefined;
  if (positions.length === 0) return undefined;
  const sum = positions.reduce((a, b) => ({ x: a.x + b.x, y: a.y + b.y }));
  return { x: sum.x / positions.length, y: sum.y / positions.length };
}

function first(mission: Mission, ref: Ref): Position | undefined {
  const parts = verticesIn(mission, ref);
  return parts && ordered(parts)[0]?.[1].position;
}

/** The corners of a box, from the south-west clockwise before it is turned. */
export function boxCorners(box: Extract<Geometry, { is: "box" }>): Position[] {
  const turn = (box.bearing * Math.PI) / 180;
  const [sin, cos] = [Math.sin(turn), Math.cos(turn)];
  return [
    [-1, -1],
    [-1, 1],
    [1, 1],
    [1, -1],
  ].map(([a, b]) => {
    const across = (a * box.width) / 2;
    const along = (b * box.depth) / 2;
    return {
      x: box.centre.x + across * cos + along * sin,
      y: box.centre.y - across * sin + along * cos,
    };
  });
}

/** The points of an outline or line, in order; none for a point or a circle. */
export function pathOf(geometry: Geometry): Position[] {
  if (geometry.is === "box") return boxCorners(geometry);
  return "vertices" in geometry ? geometry.vertices.map(({ at }) => at) : [];
}

/** How far a point lies from a stretch between two others. */
export function distanceTo(p: Position, a: Position, b: Position): number {
  const [dx, dy] = [b.x - a.x, b.y - a.y];
  const length = dx * dx + dy * dy;
  const share = length === 0 ? 0 : ((p.x - a.x) * dx + (p.y - a.y) * dy) / length;
  const kept = Math.max(0, Math.min(1, share));
  return Math.hypot(p.x - a.x - dx * kept, p.y - a.y - dy * kept);
}

/** Whether a point lies inside a closed line. */
export function insideRing(p: Position, ring: Position[]): boolean {
  let inside = false;
  ring.forEach((a, i) => {
    const b = ring[(i + ring.length - 1) % ring.length];
    if (a.y > p.y !== b.y > p.y && p.x < ((b.x - a.x) * (p.y - a.y)) / (b.y - a.y) + a.x) {
      inside = !inside;
    }
  });
  return inside;
}

/** The stretches of a path: each with the index of the point it starts at. */
export function stretches(path: Position[], closed: boolean): [Position, Position, number][] {
  const found: [Position, Position, number][] = [];
  for (let i = 1; i < path.length; i++) found.push([path[i - 1], path[i], i - 1]);
  if (closed && path.length > 2) found.push([path[path.length - 1], path[0], path.length - 1]);
  return found;
}

/** Metres along a path. */
export function lengthOf(path: Position[], closed: boolean): number {
  return stretches(path, closed).reduce((sum, [a, b]) => sum + Math.hypot(b.x - a.x, b.y - a.y), 0);
}

/** Rounds metres to the centimetre and keeps them on the ground. */
export function onGround(mission: Mission, position: Position): Position {
  return within(extentOf(mission), position);
}

/** The far corner of the ground, metres east and north. */
function extentOf(mission: Mission): Position {
  const { columns, rows, cell } = mission.setting.terrain;
  return { x: columns * cell, y: rows * cell };
}

function within(extent: Position, { x, y }: Position): Position {
  const kept = (value: number, most: number) =>
    Math.round(Math.max(0, Math.min(most, value)) * 100) / 100;
  return { x: kept(x, extent.x), y: kept(y, extent.y) };
}

/** A bearing from 0 up to 360, in whole degrees. */
export function wholeBearing(degrees: number): number {
  return ((Math.round(degrees) % 360) + 360) % 360;
}
