import { single } from "../document/membership";
import {
  type Event,
  type Family,
  key,
  type Mission,
  namedIn,
  type Position,
  type Ref,
  references,
  refOf,
  standing,
  usesOf,
} from "../document/mission";
import {
  distanceTo,
  type Geometry,
  insideRing,
  lengthOf,
  pathOf,
  stretchesOf,
} from "../document/shapes";
import { sure } from "../document/sure";
import { isCovered } from "../document/surfaces";
import { toGround, toScreen } from "../drawing/camera";
import { inks } from "../drawing/inks";
import { inked, Labels } from "../drawing/labels";
import { letters, lettersGrown } from "../drawing/letters";
import { inView, type Seen, type Sheet } from "../drawing/sheet";
import { putSprite } from "../drawing/sprites";
import { drawStone, stoneSize } from "../drawing/stones";
import { zoneOutline } from "../drawing/zones";
import { type AnyTraits, familiesWith, type PlacedFamily, traitsOf } from "../families";
import { isOwnLine } from "../families/conveyor";
import { blockPlaceNames } from "../families/placeNames";
import { LAYERS, MARKS } from "../families/traits";
import { geometryOf, isGroupFamily, placeOf } from "../things/geometry";
import { inBox } from "../things/near";

/** A thing and how far the pointer is from it, in pixels; nearest on top first. */
export interface Hit {
  ref: Ref;
  distance: number;
}

/**
 * Draws zones, works and stones of a mission, with their names where there is room.
 *
 * @param filling how likely each place of a counted squad is filled, by the unit's id
 */
export function paintMission(
  sheet: Sheet,
  mission: Mission,
  selection: ReadonlySet<string>,
  highlight?: string,
  filling?: Record<string, number>,
  tint?: (sheet: Sheet) => void,
): Labels {
  const { c, camera } = sheet;
  const labels = new Labels(sheet.inner);
  const squad = new Set(
    [...selection, highlight ?? ""]
      .map(refOf)
      .filter(({ family }) => isGroupFamily(family))
      .flatMap((ref) => single(mission, ref).map(key)),
  );
  const marked = (name: string) => selection.has(name) || highlight === name || squad.has(name);
  paintThings(sheet, mission, marked, (at) => at < MARKS);
  tint?.(sheet);
  paintThings(sheet, mission, marked, (at) => at >= MARKS);
  blockPlaceNames(sheet, mission, labels);
  const stones = stonesInView(sheet, mission);
  const { lone, stacks } = folded(sheet, stones);
  const r = 13 * stoneSize(camera.scale);
  for (const { px, py } of lone) labels.block(px - r, py - r, 2 * r, 2 * r);
  for (const stone of lone) drawStanding(sheet, mission, stone, marked, filling);
  for (const stack of stacks) drawStack(sheet, stack, marked, labels);
  const signs = camera.scale > NAMES ? signsInView(sheet, mission) : [];
  for (const { px, py } of signs) labels.block(px - SIGN, py - SIGN, 2 * SIGN, 2 * SIGN);
  if (camera.scale > NAMES) nameStones(sheet, mission, [...lone, ...stacks.flat()], labels);
  for (const { ref, name, px, py } of signs) {
    const far = camera.scale < FOLDS && !traitsOf(ref.family)?.landmarks;
    if (!far || marked(key(ref))) labels.draw(c, name, px, py, 16);
  }
  for (const zone of Object.values(mission.zones)) {
    const { px, py, r: reach, gap } = zoneOutline(sheet, zone.shape);
    if (reach > LEGIBLE && inView(sheet, px, py, reach + 100)) {
      labels.draw(c, zone.name, px, py, gap);
    }
  }
  return labels;
}

/** What is painted thing by thing, and of which family, what lies lowest first. */
const PAINTED = familiesWith(({ painted }) => painted)
  .flatMap((family) => {
    const { painted } = traitsOf(family) as AnyTraits;
    return [painted ?? []].flat().map((it) => ({ family, ...it }));
  })
  .sort((a, b) => a.at - b.at);

/** Draws what stands and lies on a sheet but people, as far as its families are wanted. */
export function paintThings(
  sheet: Sheet,
  mission: Mission,
  marked: (name: string) => boolean,
  wanted: (at: number) => boolean,
): void {
  for (const { family, at, draw } of PAINTED) {
    if (!wanted(at)) continue;
    draw(sheet, mission[family] as never, {
      mission,
      marked: (id) => marked(`${family}/${id}`),
    });
  }
}

/** Marks a place that is filled by chance: a dotted ring, and how likely; empty where it never is. */
function drawChance({ c }: Sheet, px: number, py: number, chance: number): void {
  c.save();
  c.beginPath();
  c.arc(px, py, chance === 0 ? 8 : 18, 0, Math.PI * 2);
  c.setLineDash([1.5, 3.5]);
  c.lineCap = "round";
  c.lineWidth = 1.8;
  c.strokeStyle = inks.flint2;
  c.stroke();
  c.restore();
  if (chance === 0) return;
  c.font = letters(12);
  inked(c, `${Math.round(chance * 100)} %`, px + 12, py - 14);
}

/** How far the sign of a thing reaches, which no name is written over, pixels. */
const SIGN = 7;

/** The signs beside which names are written, those first that are named first. */
function signsInView(sheet: Sheet, mission: Mission) {
  const { camera, size } = sheet;
  return NAMED_HERE.flatMap((family) =>
    Object.entries(mission[family]).flatMap(([id, { name }]) => {
      const ref: Ref = { family, id };
      const place = placeOf(mission, ref);
      if (!place) return [];
      const [px, py] = toScreen(camera, size, place.x, place.y);
      return inView(sheet, px, py, 200) ? [{ ref, name, px, py }] : [];
    }),
  );
}

/** At this scale, pixels of a metre, and smaller ones nothing but zones is named. */
const NAMES = 0.5;

/** Zones that reach less far than this have no room for a name, pixels. */
const LEGIBLE = 9;

/** Families whose things are named beside their sign, those that are named first at the front. */
const NAMED_HERE = familiesWith(({ named }) => named).sort(
  (a, b) => (traitsOf(a)?.named ?? 0) - (traitsOf(b)?.named ?? 0),
);

/** At larger scales every member of a squad is named, at smaller ones the squad. */
const EACH = 1.4;

/** A unit or player start where it is on the screen. */
interface OnScreen {
  ref: Ref;
  name: string;
  found: NonNullable<ReturnType<typeof standing>>;
  px: number;
  py: number;
}

/** Units and starts that can be seen, southern ones last, so that they lie on top. */
function stonesInView(sheet: Seen, mission: Mission): OnScreen[] {
  const { camera, size } = sheet;
  const seen: OnScreen[] = [];
  for (const family of ["units", "starts"] as const) {
    for (const [id, { position }] of Object.entries(mission[family])) {
      const { x, y } = position;
      const [px, py] = toScreen(camera, size, x, y);
      if (!inView(sheet, px, py, 30)) continue;
      const ref: Ref = { family, id };
      const found = standing(mission, ref);
      if (found) seen.push({ ref, name: `${family}/${id}`, found, px, py });
    }
  }
  return seen.sort((a, b) => a.py - b.py || (a.ref.id < b.ref.id ? -1 : 1));
}

/** At this scale and larger ones no stones fold into stacks, pixels a metre. */
export const FOLDS = 0.75;

/** How wide the squares are whose stones fold together, pixels. */
const CROWD = 30;

/** The fewest stones that fold. */
const FEW = 3;

/** Whether a unit lies in a stack on a sheet, and so is not seen by itself. */
export function isStacked(sheet: Seen, mission: Mission, name: string): boolean {
  const { stacks } = folded(sheet, stonesInView(sheet, mission));
  return stacks.some((stack) => stack.some((stone) => stone.name === name));
}

/** Stones that stand by themselves, and crowds of one side that fold into a stack each. */
function folded({ camera }: Seen, stones: OnScreen[]): { lone: OnScreen[]; stacks: OnScreen[][] } {
  if (camera.scale >= FOLDS) return { lone: stones, stacks: [] };
  const crowds = new Map<string, OnScreen[]>();
  const lone: OnScreen[] = [];
  const square = CROWD / camera.scale;
  for (const stone of stones) {
    const { position, side } = stone.found.thing;
    if (stone.ref.family === "starts") {
      lone.push(stone);
      continue;
    }
    const name = `${Math.floor(position.x / square)}/${Math.floor(position.y / square)}/${side.id}`;
    const there = crowds.get(name);
    if (there) there.push(stone);
    else crowds.set(name, [stone]);
  }
  const stacks: OnScreen[][] = [];
  for (const crowd of crowds.values()) {
    if (crowd.length >= FEW) stacks.push(crowd);
    else lone.push(...crowd);
  }
  return { lone, stacks };
}

function drawStanding(
  sheet: Sheet,
  mission: Mission,
  { ref, name, found, px, py }: OnScreen,
  marked: (name: string) => boolean,
  filling?: Record<string, number>,
): void {
  const { thing, side, kind } = found;
  const chance = filling?.[ref.id] ?? 1;
  if (chance < 1) drawChance(sheet, px, py, chance);
  if (chance === 0) return;
  const covered = isCovered(mission, thing.level, thing.position);
  drawStone(sheet.c, px, py, {
    side,
    glyph: kind?.glyph,
    facing: thing.facing,
    selected: marked(name),
    player: ref.family === "starts",
    faded: covered || chance < 1 || ("inPlay" in thing && !thing.inPlay),
    size: stoneSize(sheet.camera.scale),
  });
  if (covered) drawCover(sheet, px, py);
}

/** Marks a stone that a deck lies over: planks above its head. */
function drawCover({ c, camera }: Sheet, px: number, py: number): void {
  const s = stoneSize(camera.scale);
  putSprite(c, `cover/${s.toFixed(2)}`, px, py - 17 * s, 15 * s, (own) => {
    own.beginPath();
    own.roundRect(-13 * s, -2.6 * s, 26 * s, 5.2 * s, 1);
    own.fillStyle = inks.deck;
    own.fill();
    for (const x of [-6.5, 0, 6.5]) {
      own.moveTo(x * s, -2.6 * s);
      own.lineTo(x * s, 2.6 * s);
    }
    own.lineWidth = 1.2;
    own.strokeStyle = inks.timber;
    own.stroke();
  });
}

/** Draws a crowd as one stone with how many they are. */
function drawStack(
  sheet: Sheet,
  stack: OnScreen[],
  marked: (name: string) => boolean,
  labels: Labels,
): void {
  const { c, camera } = sheet;
  const px = stack.reduce((sum, it) => sum + it.px, 0) / stack.length;
  const py = stack.reduce((sum, it) => sum + it.py, 0) / stack.length;
  const { side, kind, thing } = sure(stack, 0).found;
  const size = stoneSize(camera.scale);
  drawStone(c, px, py, {
    side,
    glyph: kind?.glyph,
    facing: thing.facing,
    selected: stack.some(({ name }) => marked(name)),
    size,
  });
  putSprite(
    c,
    `count/${stack.length}`,
    px + 12 * size,
    py + 11 * size,
    16 * lettersGrown(),
    (own) => {
      own.font = letters(12, 700);
      own.textAlign = "center";
      inked(own, String(stack.length), 0, 4 * lettersGrown());
    },
  );
  labels.block(px - 13 * size, py - 13 * size, 26 * size, 26 * size);
}

/** Names everybody in view, or at smaller scales the lonely and whole squads. */
function nameStones(sheet: Sheet, mission: Mission, stones: OnScreen[], labels: Labels): void {
  const { c, camera, size } = sheet;
  const off = 20 * stoneSize(camera.scale);
  const each = camera.scale >= EACH;
  const squads = new Set<string>();
  for (const { ref, found, px, py } of stones) {
    const belongs = ref.family === "units" ? sure(mission.units, ref.id).belongs : undefined;
    if (each || belongs?.type !== "squad") labels.draw(c, found.thing.name, px, py, off);
    else squads.add(belongs.squad.id);
  }
  for (const id of squads) {
    const place = placeOf(mission, { family: "squads", id });
    if (!place || !mission.squads[id]) continue;
    const [px, py] = toScreen(camera, size, place.x, place.y);
    labels.draw(c, mission.squads[id].name, px, py, off);
  }
}

/** How far a pixel may be from a point or a line to hit it. */
const REACH = 15;
const LINE_REACH = 7;

/** The families of each layer, the one that is hit first at the front. */
const LAYERED = LAYERS.map((layer) => familiesWith((traits) => traits.layer === layer));

/** What lies at a pixel: stones first, then marks and lines, then zones from the smallest. */
export function hits(sheet: Sheet, mission: Mission, px: number, py: number): Hit[] {
  const { camera, size } = sheet;
  const reach = (REACH + 1) / camera.scale;
  const [x, y] = toGround(camera, size, px, py);
  const box = { west: x - reach, south: y - reach, east: x + reach, north: y + reach };
  const found = (family: PlacedFamily): Hit[] =>
    inBox(mission, family, box).flatMap((id) => {
      const ref = { family, id };
      const geometry = geometryOf(mission, ref);
      const distance = geometry ? pixelsTo(sheet, geometry, px, py) : Infinity;
      return distance < Infinity ? [{ ref, distance }] : [];
    });
  return LAYERED.flatMap((families) =>
    families.flatMap(found).sort((a, b) => a.distance - b.distance),
  );
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
  const sides = stretchesOf(geometry);
  const away = Math.min(
    ...path.map(({ x, y }) => Math.hypot(x - px, y - py)),
    ...sides.map(([a, b]) => distanceTo(p, screen(a), screen(b))),
  );
  const bare = geometry.is === "line" || (geometry.is === "box" && geometry.upright);
  if (bare) return away <= LINE_REACH ? away : Infinity;
  return away <= LINE_REACH || insideRing(p, path) ? lengthOf(path, true) / 6 : Infinity;
}

/** The links of an event: from each thing with a place that it listens to, to each that it acts on. */
export function linksOfEvent(mission: Mission, event: Event) {
  const places = (part: unknown) =>
    [...new Set(references(part).map(({ ref }) => key(ref)))].flatMap(
      (name) => placeOf(mission, refOf(name)) ?? [],
    );
  const to = places(event.actions);
  return places(event.when).flatMap((from) =>
    to.filter((it) => it.x !== from.x || it.y !== from.y).map((it) => ({ from, to: it })),
  );
}

/**
 * The links of a thing: to what it names, from what names it, and along the events that name both.
 *
 * @param shown the mission with the things where they are held by now
 */
export function linksOf(mission: Mission, of: Ref, shown: Mission = mission) {
  const links: { from: Ref; to: Ref; word: string }[] = [];
  const word = (family: Family, otherwise: string) => traitsOf(family)?.linked ?? otherwise;
  const own = (mission[of.family] as Record<string, object>)[of.id];
  for (const ref of own ? namedIn(own).map(refOf) : []) {
    if (placeOf(mission, ref) && !isOwnLine(mission, of, ref)) {
      links.push({ from: of, to: ref, word: word(ref.family, "goes to") });
    }
  }
  const users = usesOf(mission, of);
  for (const from of users) {
    const acts = traitsOf(from.family)?.acts && !isOwnLine(mission, from, of);
    if (acts && key(from) !== key(of)) {
      links.push({ from, to: of, word: word(of.family, "comes here") });
    }
  }
  for (const { id } of users.filter(({ family }) => family === "events")) {
    const event = sure(mission.events, id);
    for (const other of namedIn(event)) {
      if (other !== key(of) && placeOf(mission, refOf(other))) {
        links.push({ from: of, to: refOf(other), word: event.name });
      }
    }
  }
  return links.flatMap(({ from, to, word }) => {
    const [a, b] = [placeOf(shown, from), placeOf(shown, to)];
    return a && b ? [{ from: a, to: b, word }] : [];
  });
}
