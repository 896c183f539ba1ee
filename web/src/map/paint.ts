import {
  key,
  type Mission,
  ordered,
  placeOf,
  type Ref,
  references,
  refOf,
  standing,
} from "../model/mission";
import { toScreen } from "./camera";
import { drawLink, drawZone, Labels, type Sheet } from "./draw";
import { drawStone } from "./stones";

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
  for (const [id, zone] of Object.entries(mission.zones)) {
    const name = `zones/${id}`;
    drawZone(sheet, zone, selection.has(name) || highlight === name);
  }
  const stones = standingRefs(mission);
  for (const ref of stones) {
    const place = placeOf(mission, ref);
    if (place) {
      const [px, py] = toScreen(camera, size, place.x, place.y);
      labels.block(px - 13, py - 13, 26, 26);
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
      selected: selection.has(key(ref)) || highlight === key(ref),
      player: ref.family === "starts",
    });
  }
  for (const ref of stones) {
    const found = standing(mission, ref);
    if (found && camera.scale > 0.5) {
      const { x, y } = found.thing.position;
      const [px, py] = toScreen(camera, size, x, y);
      labels.draw(c, found.thing.name, px, py, 20);
    }
  }
  for (const zone of Object.values(mission.zones)) {
    const { centre, radius } = zone.shape;
    const [px, py] = toScreen(camera, size, centre.x, centre.y);
    labels.draw(c, zone.name, px, py, radius * camera.scale + 5);
  }
  for (const link of links) drawLink(sheet, link.from, link.to, link.word, labels);
  return labels;
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

/** What lies at a pixel: stones first, then zones from the smallest. */
export function hits(sheet: Sheet, mission: Mission, px: number, py: number): Hit[] {
  const { camera, size } = sheet;
  const stones: Hit[] = standingRefs(mission)
    .reverse()
    .map((ref) => {
      const place = placeOf(mission, ref);
      const [x, y] = place ? toScreen(camera, size, place.x, place.y) : [Infinity, Infinity];
      return { ref, distance: Math.hypot(x - px, y - py) };
    })
    .filter(({ distance }) => distance <= 15)
    .sort((a, b) => a.distance - b.distance);
  const zones = Object.entries(mission.zones)
    .map(([id, { shape }]) => {
      const [x, y] = toScreen(camera, size, shape.centre.x, shape.centre.y);
      const distance = Math.hypot(x - px, y - py);
      const radius = Math.max(3, shape.radius * camera.scale);
      return {
        ref: { family: "zones", id } as Ref,
        distance,
        inside: distance <= radius + 5,
        radius,
      };
    })
    .filter(({ inside }) => inside)
    .sort((a, b) => a.radius - b.radius);
  return [...stones, ...zones];
}

/** The links of a thing: to what it names, from what names it, and along the events that name both. */
export function linksOf(mission: Mission, of: Ref) {
  const links: { from: Ref; to: Ref; word: string }[] = [];
  const own = references((mission[of.family] as Record<string, unknown>)[of.id]);
  for (const { ref } of own) {
    if (placeOf(mission, ref)) links.push({ from: of, to: ref, word: "goes to" });
  }
  for (const [id, unit] of Object.entries(mission.units)) {
    const from: Ref = { family: "units", id };
    if (key(from) !== key(of) && references(unit).some(({ ref }) => key(ref) === key(of))) {
      links.push({ from, to: of, word: "comes here" });
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
