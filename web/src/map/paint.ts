import {
  distanceTo,
  type Geometry,
  geometryOf,
  insideRing,
  lengthOf,
  membersOf,
  pathOf,
  placeOf,
  stretchesOf,
} from "../model/geometry";
import {
  type Family,
  key,
  type Mission,
  namedIn,
  nameOf,
  type Position,
  type Ref,
  refOf,
  standing,
  usesOf,
} from "../model/mission";
import { toScreen } from "./camera";
import { drawLink, drawZone, inked, Labels, type Sheet, zoneOutline } from "./draw";
import { drawMarks, drawWorks } from "./marks";
import { blockPlaceNames, drawEffect } from "./pins";
import { drawStone, stoneSize } from "./stones";

/** A thing and how far the pointer is from it, in pixels; nearest on top first. */
export interface Hit {
  ref: Ref;
  distance: number;
}

/**
 * Draws zones, links and stones of a mission, with their names where there is room.
 *
 * @param filling how likely each place of a counted squad is filled, by the unit's id
 */
export function paintMission(
  sheet: Sheet,
  mission: Mission,
  selection: ReadonlySet<string>,
  links: { from: { x: number; y: number }; to: { x: number; y: number }; word: string }[],
  highlight?: string,
  filling?: Record<string, number>,
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
  for (const [id, effect] of Object.entries(mission.effects)) {
    drawEffect(sheet, effect, marked(`effects/${id}`));
  }
  drawWorks(sheet, mission, marked);
  drawMarks(sheet, mission, marked);
  blockPlaceNames(sheet, mission, labels);
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
    const chance = filling?.[ref.id] ?? 1;
    if (chance < 1) drawChance(sheet, px, py, chance);
    if (chance === 0) continue;
    drawStone(c, px, py, {
      side,
      glyph: kind?.glyph,
      facing: thing.facing,
      selected: marked(key(ref)),
      player: ref.family === "starts",
      faded: chance < 1 || ("inPlay" in thing && !thing.inPlay),
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
    "notes",
    "craft",
    "cargo",
    "effects",
    "views",
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

/** Marks a place that is filled by chance: a dotted ring, and how likely; empty where it never is. */
function drawChance({ c }: Sheet, px: number, py: number, chance: number): void {
  c.save();
  c.beginPath();
  c.arc(px, py, chance === 0 ? 8 : 18, 0, Math.PI * 2);
  c.setLineDash([1.5, 3.5]);
  c.lineCap = "round";
  c.lineWidth = 1.8;
  c.strokeStyle = "#5c646e";
  c.stroke();
  c.restore();
  if (chance === 0) return;
  c.font = '600 12px "Source Sans 3 Variable", sans-serif';
  inked(c, `${Math.round(chance * 100)} %`, px + 12, py - 14);
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
      ...found("notes"),
      ...found("cargo"),
      ...found("craft"),
      ...found("placeNames"),
    ]),
    ...nearest(found("gates")),
    ...nearest(found("props")),
    ...nearest([...found("routes"), ...found("walls")]),
    ...nearest(found("decks")),
    ...nearest([...found("zones"), ...found("effects")]),
    ...nearest(found("views")),
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
  const sides = stretchesOf(geometry).map(([a, b]) => [screen(a), screen(b)]);
  const away = Math.min(
    ...path.map(({ x, y }) => Math.hypot(x - px, y - py)),
    ...sides.map(([a, b]) => distanceTo(p, a, b)),
  );
  const bare = geometry.is === "line" || (geometry.is === "box" && geometry.upright);
  if (bare) return away <= LINE_REACH ? away : Infinity;
  return away <= LINE_REACH || insideRing(p, path) ? lengthOf(path, true) / 6 : Infinity;
}

/** The families whose things act on others by themselves. */
const LINKING: Family[] = ["units", "squads", "fixtures", "zones", "routes"];

/** The links of a thing: to what it names, from what names it, and along the events that name both. */
export function linksOf(mission: Mission, of: Ref) {
  const links: { from: Ref; to: Ref; word: string }[] = [];
  const words: Partial<Record<Family, string>> = {
    squads: "member of",
    routes: "goes along",
    posts: "guards",
    gates: "works",
  };
  const own = (mission[of.family] as Record<string, object>)[of.id];
  for (const ref of own ? namedIn(own).map(refOf) : []) {
    if (placeOf(mission, ref)) {
      links.push({ from: of, to: ref, word: words[ref.family] ?? "goes to" });
    }
  }
  const users = usesOf(mission, of);
  for (const from of users) {
    if (LINKING.includes(from.family) && key(from) !== key(of)) {
      links.push({ from, to: of, word: words[of.family] ?? "comes here" });
    }
  }
  for (const { id } of users.filter(({ family }) => family === "events")) {
    const event = mission.events[id];
    for (const other of namedIn(event)) {
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
