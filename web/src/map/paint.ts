import {
  distanceTo,
  type Geometry,
  geometryOf,
  insideRing,
  lengthOf,
  membersOf,
  pathOf,
  placeOf,
  stretches,
} from "../model/geometry";
import {
  type Family,
  key,
  type Mission,
  nameOf,
  ordered,
  type Position,
  type Ref,
  references,
  refOf,
  standing,
} from "../model/mission";
import { toScreen } from "./camera";
import { drawLink, drawZone, Labels, type Sheet, zoneOutline } from "./draw";
import { drawMarks, drawWorks } from "./marks";
import { drawStone, stoneSize } from "./stones";

/** A thing and how far the pointer is from it, in pixels; nearest on top first. */
export interface Hit {
  ref: Ref;
  distance: number;
}

/** Draws zones, links and stones of a mission, with their names where there is room. */
export function paintMission(
  sheet: Sheet,
  mission: Mission,
  selection: ReadonlySet<string>,
  links: { from: { x: number; y: number }; to: { x: number; y: number }; word: string }[],
  highlight?: string,
): Labels {
  const { c, camera, size } = sheet;
  const labels = new Labels();
  const squad = new Set(
    [...selection, highlight ?? ""]
      .filter((name) => name.startsWith("squads/"))
      .flatMap((name) => membersOf(mission, refOf(name).id).map(key)),
  );
  const marked = (name: string) => selection.has(name) || highlight === name || squad.has(name);
  for (const [id, zone] of Object.entries(mission.zones)) {
    drawZone(sheet, zone, marked(`zones/${id}`));
  }
  drawWorks(sheet, mission, marked);
  drawMarks(sheet, mission, marked);
  const stones = standingRefs(mission);
  for (const ref of stones) {
    const place = placeOf(mission, ref);
    if (place) {
      const [px, py] = toScreen(camera, size, place.x, place.y);
      const r = 13 * stoneSize(camera.scale);
      labels.block(px - r, py - r, 2 * r, 2 * r);
    }
  }
  for (const ref of stones) {
    const found = standing(mission, ref);
    if (!found) continue;
    const { thing, side, kind } = found;
    const [px, py] = toScreen(camera, size, thing.position.x, thing.position.y);
    drawStone(c, px, py, {
      side,
      glyph: kind?.glyph,
      facing: thing.facing,
      selected: marked(key(ref)),
      player: ref.family === "starts",
      faded: "inPlay" in thing && !thing.inPlay,
      size: stoneSize(camera.scale),
    });
  }
  for (const ref of camera.scale > NAMES ? named(mission, stones, camera.scale) : []) {
    const place = placeOf(mission, ref);
    if (!place) continue;
    const [px, py] = toScreen(camera, size, place.x, place.y);
    labels.draw(c, nameOf(mission, ref), px, py, 20 * stoneSize(camera.scale));
  }
  for (const family of [
    "markers",
    "fixtures",
    "gates",
    "decks",
    "posts",
    "spawnPoints",
    "routes",
  ] as const) {
    for (const [id, { name }] of Object.entries(mission[family])) {
      const place = placeOf(mission, { family, id });
      if (!place || camera.scale <= NAMES) continue;
      const [px, py] = toScreen(camera, size, place.x, place.y);
      labels.draw(c, name, px, py, 16);
    }
  }
  for (const zone of Object.values(mission.zones)) {
    const { px, py, gap } = zoneOutline(sheet, zone.shape);
    labels.draw(c, zone.name, px, py, gap);
  }
  for (const link of links) drawLink(sheet, link.from, link.to, link.word, labels);
  return labels;
}

/** At this scale, pixels of a metre, and smaller ones nothing but zones is named. */
const NAMES = 0.5;

/** At larger scales every member of a squad is named, at smaller ones the squad. */
const EACH = 1.4;

/** Whose names are written: everybody's, or those of the lonely and of whole squads. */
function named(mission: Mission, stones: Ref[], scale: number): Ref[] {
  if (scale >= EACH) return stones;
  const alone = stones.filter(
    ({ family, id }) => family !== "units" || mission.units[id].belongs.type === "alone",
  );
  const squads = Object.keys(mission.squads).map((id): Ref => ({ family: "squads", id }));
  return [...alone, ...squads];
}

/** Units and starts, southern ones last, so that they lie on top. */
function standingRefs(mission: Mission): Ref[] {
  const refs: Ref[] = [
    ...Object.keys(mission.units).map((id): Ref => ({ family: "units", id })),
    ...Object.keys(mission.starts).map((id): Ref => ({ family: "starts", id })),
  ];
  return refs.sort(
    (a, b) =>
      (placeOf(mission, b)?.y ?? 0) - (placeOf(mission, a)?.y ?? 0) || (a.id < b.id ? -1 : 1),
  );
}

/** How far a pixel may be from a point or a line to hit it. */
const REACH = 15;
const LINE_REACH = 7;

/** What lies at a pixel: stones first, then marks and lines, then zones from the smallest. */
export function hits(sheet: Sheet, mission: Mission, px: number, py: number): Hit[] {
  const found = (family: Family): Hit[] =>
    Object.keys(mission[family]).flatMap((id) => {
      const ref = { family, id };
      const geometry = geometryOf(mission, ref);
      const distance = geometry ? pixelsTo(sheet, geometry, px, py) : Infinity;
      return distance < Infinity ? [{ ref, distance }] : [];
    });
  const nearest = (some: Hit[]) => some.sort((a, b) => a.distance - b.distance);
  return [
    ...nearest([...found("starts"), ...found("units")]),
    ...nearest([
      ...found("posts"),
      ...found("spawnPoints"),
      ...found("fixtures"),
      ...found("markers"),
    ]),
    ...nearest(found("gates")),
    ...nearest(found("props")),
    ...nearest([...found("routes"), ...found("walls")]),
    ...nearest(found("decks")),
    ...nearest(found("zones")),
  ];
}

/** Pixels to a thing, or for a zone that is hit its size; infinite where it is not hit. */
function pixelsTo(sheet: Sheet, geometry: Geometry, px: number, py: number): number {
  const { camera, size } = sheet;
  const screen = ({ x, y }: Position) => {
    const [sx, sy] = toScreen(camera, size, x, y);
    return { x: sx, y: sy };
  };
  const p = { x: px, y: py };
  if (geometry.is === "point") {
    const { x, y } = screen(geometry.at);
    const distance = Math.hypot(x - px, y - py);
    return distance <= REACH ? distance : Infinity;
  }
  if (geometry.is === "circle") {
    const { x, y } = screen(geometry.centre);
    const radius = Math.max(3, geometry.radius * camera.scale);
    return Math.hypot(x - px, y - py) <= radius + 5 ? radius : Infinity;
  }
  const path = pathOf(geometry).map(screen);
  const closed = geometry.is !== "line" || geometry.closed;
  const sides = stretches(path, closed);
  const away = Math.min(
    ...path.map(({ x, y }) => Math.hypot(x - px, y - py)),
    ...sides.map(([a, b]) => distanceTo(p, a, b)),
  );
  if (geometry.is === "line") return away <= LINE_REACH ? away : Infinity;
  return away <= LINE_REACH || insideRing(p, path) ? lengthOf(path, true) / 6 : Infinity;
}

/** The links of a thing: to what it names, from what names it, and along the events that name both. */
export function linksOf(mission: Mission, of: Ref) {
  const links: { from: Ref; to: Ref; word: string }[] = [];
  const words: Partial<Record<Family, string>> = {
    squads: "member of",
    routes: "goes along",
    posts: "guards",
    gates: "works",
  };
  const own = references((mission[of.family] as Record<string, unknown>)[of.id]);
  for (const { ref } of own) {
    if (placeOf(mission, ref)) {
      links.push({ from: of, to: ref, word: words[ref.family] ?? "goes to" });
    }
  }
  for (const family of ["units", "squads", "fixtures"] as const) {
    for (const [id, thing] of Object.entries(mission[family])) {
      const from: Ref = { family, id };
      if (key(from) !== key(of) && references(thing).some(({ ref }) => key(ref) === key(of))) {
        links.push({ from, to: of, word: words[of.family] ?? "comes here" });
      }
    }
  }
  for (const [, event] of ordered(mission.events)) {
    const named = new Set(references(event).map(({ ref }) => key(ref)));
    if (!named.has(key(of))) continue;
    for (const other of named) {
      if (other !== key(of) && placeOf(mission, refOf(other))) {
        links.push({ from: of, to: refOf(other), word: event.name });
      }
    }
  }
  return links.flatMap(({ from, to, word }) => {
    const [a, b] = [placeOf(mission, from), placeOf(mission, to)];
    return a && b ? [{ from: a, to: b, word }] : [];
  });
}
