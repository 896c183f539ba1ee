import { endsOf, houseOf, wallsOf } from "../document/houses";
import {
  type Building,
  type Deck,
  type Gate,
  type Mission,
  ordered,
  type Position,
  type Wall,
} from "../document/mission";
import { type Ground, heightAt } from "../document/raster";
import { firstOf, sure } from "../document/sure";
import { deckHeight, type Level, middleOf, surfaceUnder } from "../document/surfaces";
import type { Colour, Face, Point } from "./picture";
import { sheet, side, slab } from "./solids";
import { DARK, INSIDE, PLASTER, ROOF, STONE, WOOD } from "./tints";

/** How steep a pitched roof is: its rise as a share of the width of the house. */
const PITCH = 0.38;

/** Roads, buildings, decks, walls and gates of a mission as flat sides. */
export class Built {
  readonly faces: Face[] = [];

  constructor(
    private readonly mission: Mission,
    private readonly ground: Ground,
  ) {}

  /** All of them. */
  all(): Face[] {
    const { roads, buildings, decks, walls, gates } = this.mission;
    for (const road of Object.values(roads)) {
      this.road(
        ordered(road.corners).map(([, { position }]) => position),
        road.width,
      );
    }
    for (const building of Object.values(buildings)) this.building(building);
    for (const deck of Object.values(decks)) this.deck(deck);
    for (const wall of Object.values(walls)) this.wall(wall);
    for (const gate of Object.values(gates)) this.gate(gate);
    return this.faces;
  }

  private at({ x, y }: Position): number {
    return heightAt(this.ground, x, y);
  }

  /** How high something stands at a point. */
  private stands(level: Level, at: Position): number {
    return surfaceUnder(this.mission, level, at)?.top ?? this.at(at);
  }

  /** A road as short pieces that lie over the ground. */
  private road(line: Position[], width: number): void {
    const colour: Colour = [226, 214, 184];
    for (let i = 1; i < line.length; i++) {
      const [a, b] = [sure(line, i - 1), sure(line, i)];
      const length = Math.hypot(b.x - a.x, b.y - a.y);
      const pieces = Math.max(1, Math.ceil(length / 3));
      const [nx, ny] = [((b.y - a.y) / length) * (width / 2), ((a.x - b.x) / length) * (width / 2)];
      const point = (share: number, way: number): Point => {
        const x = a.x + (b.x - a.x) * share + nx * way;
        const y = a.y + (b.y - a.y) * share + ny * way;
        return [x, y, this.at({ x, y }) + 0.06];
      };
      for (let k = 0; k < pieces && length > 0; k++) {
        const [from, to] = [k / pieces, (k + 1) / pieces];
        this.faces.push({
          points: [point(from, -1), point(to, -1), point(to, 1), point(from, 1)],
          colour,
        });
      }
    }
  }

  private deck(deck: Deck): void {
    const outline = ordered(deck.corners).map(([, { position }]) => position);
    if (outline.length < 3) return;
    const holes = ordered(deck.openings)
      .map(([, { corners }]) => ordered(corners).map(([, { position }]) => position))
      .filter((hole) => hole.length > 2);
    const top = (at: Position) => deckHeight(deck, middleOf(deck), at);
    const under = (at: Position) => top(at) - deck.thickness;
    sheet(this.faces, outline, holes, top, WOOD);
    sheet(this.faces, outline, holes, under, DARK);
    for (const ring of [outline, ...holes]) {
      ring.forEach((a, i) => {
        const b = sure(ring, (i + 1) % ring.length);
        side(this.faces, a, b, [under(a), top(a), under(b), top(b)], DARK);
        this.railing(deck, a, b, top);
      });
    }
    for (const ramp of Object.values(deck.ramps)) {
      this.strip(ramp.head, ramp.foot, ramp.width, top(ramp.head), this.footOf(deck, ramp.foot));
    }
  }

  /** How high the foot of a ramp lies: on the next surface below, or the ground. */
  private footOf(deck: Deck, foot: Position): number {
    const others = { ...this.mission, decks: { ...this.mission.decks } };
    for (const [id, it] of Object.entries(others.decks)) if (it === deck) delete others.decks[id];
    return Math.max(this.at(foot), surfaceUnder(others, { type: "top" }, foot)?.top ?? -Infinity);
  }

  /** Two rails, or a low wall, along a rim; left out where a ramp hangs in its middle. */
  private railing(deck: Deck, a: Position, b: Position, top: (at: Position) => number): void {
    const { height, make } = deck.railing;
    if (height === 0) return;
    const bars: [number, number][] =
      make === "parapet"
        ? [[0, height]]
        : [
            [height * 0.45, height * 0.52],
            [height * 0.93, height],
          ];
    const length = Math.hypot(b.x - a.x, b.y - a.y);
    const heads = Object.values(deck.ramps).flatMap(({ head, width }) => {
      const along = ((head.x - a.x) * (b.x - a.x) + (head.y - a.y) * (b.y - a.y)) / (length || 1);
      const at = {
        x: a.x + ((b.x - a.x) * along) / length,
        y: a.y + ((b.y - a.y) * along) / length,
      };
      const on = Math.hypot(at.x - head.x, at.y - head.y) < 0.5 && along >= 0 && along <= length;
      return on ? [[along - width / 2, along + width / 2] as [number, number]] : [];
    });
    for (const [from, to] of without(length, heads)) {
      const point = (along: number) => ({
        x: a.x + ((b.x - a.x) * along) / length,
        y: a.y + ((b.y - a.y) * along) / length,
      });
      const [p, q] = [point(from), point(to)];
      for (const [low, high] of bars) {
        side(this.faces, p, q, [top(p) + low, top(p) + high, top(q) + low, top(q) + high], DARK);
      }
    }
  }

  private strip(a: Position, b: Position, width: number, aHigh: number, bHigh: number): void {
    const length = Math.hypot(b.x - a.x, b.y - a.y);
    if (length === 0) return;
    const [nx, ny] = [((b.y - a.y) / length) * (width / 2), ((a.x - b.x) / length) * (width / 2)];
    const edge = (way: number, low: number): Point[] => [
      [a.x + nx * way, a.y + ny * way, aHigh - low],
      [b.x + nx * way, b.y + ny * way, bHigh - low],
    ];
    const [one, other] = [edge(1, 0), edge(-1, 0)];
    this.faces.push({
      points: [sure(one, 0), sure(one, 1), sure(other, 1), sure(other, 0)],
      colour: WOOD,
    });
    for (const way of [1, -1]) {
      const [top, low] = [edge(way, 0), edge(way, 0.2)];
      this.faces.push({
        points: [sure(top, 0), sure(top, 1), sure(low, 1), sure(low, 0)],
        colour: DARK,
      });
    }
  }

  /** A wall in pieces that follow the ground, with its slits left open. */
  private wall(wall: Wall): void {
    const line = ordered(wall.corners).map(([, { position }]) => position);
    let from = 0;
    for (let i = 1; i < line.length; i++) {
      const [a, b] = [sure(line, i - 1), sure(line, i)];
      const length = Math.hypot(b.x - a.x, b.y - a.y);
      const gates = Object.values(this.mission.gates).flatMap((gate) => along(a, b, gate));
      const slits = Object.values(wall.slits).map(
        (it) =>
          [it.along - it.width / 2 - from, it.along + it.width / 2 - from] as [number, number],
      );
      const piece = (p: number, q: number, low: number, high: number) => {
        for (let at = p; at < q; at += 4) {
          const to = Math.min(q, at + 4);
          const [u, v] = [pointAt(a, b, at / length), pointAt(a, b, to / length)];
          const base = this.stands(wall.level, pointAt(a, b, (at + to) / 2 / length));
          slab(this.faces, u, v, wall.thickness, [base + low, base + high], STONE);
        }
      };
      for (const [p, q] of without(length, [...gates, ...slits])) piece(p, q, -0.3, wall.height);
      for (const slit of Object.values(wall.slits)) {
        const [p, q] = [slit.along - slit.width / 2 - from, slit.along + slit.width / 2 - from];
        if (q <= 0 || p >= length) continue;
        piece(Math.max(0, p), Math.min(length, q), -0.3, slit.sill);
        piece(Math.max(0, p), Math.min(length, q), slit.top, wall.height);
      }
      from += length;
    }
  }

  /** A gate as far as it is closed. */
  private gate({ from, to, height, stands, level }: Gate): void {
    const closed = { open: 1, half: 0.5, closed: 0 }[stands];
    const base = this.stands(level, pointAt(from, to, 0.5));
    slab(this.faces, pointAt(from, to, closed), to, 0.12, [base, base + height], DARK);
  }

  private building(building: Building): void {
    const house = houseOf(building, this.ground);
    if (house.line.length < 3) return;
    house.storeys.forEach(([storey, { height }], i) => {
      const [low, high] = [sure(house.floors, i), sure(house.floors, i) + height];
      for (const { wall, path } of wallsOf(building, house, storey)) {
        const doors = ordered(building.doors)
          .filter(([, it]) => it.storey === storey && it.wall === wall)
          .map(([, it]) => ({ ...it, sill: 0, top: it.height }));
        const windows = ordered(building.windows)
          .filter(([, it]) => it.storey === storey && wall === "")
          .map(([, it]) => it);
        const foot = i === 0 && wall === "" ? low - 1.5 : low;
        this.pierced(path, building.thickness, [foot, low, high], [...doors, ...windows], wall);
      }
      const holes = Object.values(building.stairs)
        .filter((it) => house.storeys.findIndex(([id]) => id === it.storey) === i - 1)
        .map(({ foot, head, width }) => stripOf(foot, head, width));
      sheet(this.faces, house.line, holes, () => low + 0.02, INSIDE);
      for (const stairs of Object.values(building.stairs)) {
        if (stairs.storey === storey) {
          this.strip(stairs.head, stairs.foot, stairs.width, high, low);
        }
      }
    });
    this.roof(building, house.line, sure(house.floors, house.floors.length - 1));
  }

  /** A run of wall with openings: what is below, between and above them. */
  private pierced(
    path: Position[],
    thickness: number,
    [foot, low, high]: [number, number, number],
    openings: { along: number; width: number; sill: number; top: number }[],
    wall: string,
  ): void {
    const colour = wall === "" ? PLASTER : INSIDE;
    let from = 0;
    for (let i = 1; i < path.length; i++) {
      const [a, b] = [sure(path, i - 1), sure(path, i)];
      const length = Math.hypot(b.x - a.x, b.y - a.y);
      const here = openings.filter((it) => it.along >= from && it.along <= from + length);
      const cuts = here.map((it): [number, number] => [
        it.along - it.width / 2 - from,
        it.along + it.width / 2 - from,
      ]);
      for (const [p, q] of without(length, cuts)) {
        const [u, v] = [pointAt(a, b, p / length), pointAt(a, b, q / length)];
        slab(this.faces, u, v, thickness, [foot, high], colour);
      }
      for (const it of here) {
        const ends = endsOf(path, it);
        if (!ends) continue;
        slab(this.faces, ends[0], ends[1], thickness, [foot, low + it.sill], colour);
        slab(this.faces, ends[0], ends[1], thickness, [low + it.top, high], colour);
      }
      from += length;
    }
  }

  /** A flat roof within its low wall, or slopes up to a ridge or a point. */
  private roof(building: Building, line: Position[], high: number): void {
    const { make, parapet } = building.roof;
    if (make === "flat") {
      sheet(this.faces, line, [], () => high, STONE);
      line.forEach((a, i) => {
        const b = sure(line, (i + 1) % line.length);
        slab(this.faces, a, b, building.thickness, [high - 0.25, high + parapet], PLASTER);
      });
      return;
    }
    const lengths = line.map((a, i) => {
      const b = sure(line, (i + 1) % line.length);
      return Math.hypot(b.x - a.x, b.y - a.y);
    });
    if (line.length === 4) {
      const first =
        sure(lengths, 0) + sure(lengths, 2) <= sure(lengths, 1) + sure(lengths, 3) ? 0 : 1;
      const [a, b, c, d] = firstOf(
        [0, 1, 2, 3].map((i) => sure(line, (i + first) % 4)),
        4,
      );
      const rise = high + ((sure(lengths, first) + sure(lengths, (first + 2) % 4)) / 2) * PITCH;
      const up = ({ x, y }: Position, z: number): Point => [x, y, z];
      const [one, other] = [up(pointAt(a, b, 0.5), rise), up(pointAt(c, d, 0.5), rise)];
      this.faces.push(
        { points: [up(b, high), up(c, high), other, one], colour: ROOF },
        { points: [up(d, high), up(a, high), one, other], colour: ROOF },
        { points: [up(a, high), up(b, high), one], colour: PLASTER },
        { points: [up(c, high), up(d, high), other], colour: PLASTER },
      );
      return;
    }
    const x = line.reduce((sum, p) => sum + p.x, 0) / line.length;
    const y = line.reduce((sum, p) => sum + p.y, 0) / line.length;
    const tip: Point = [x, y, high + Math.min(...lengths) * PITCH];
    line.forEach((a, i) => {
      const b = sure(line, (i + 1) % line.length);
      this.faces.push({ points: [[a.x, a.y, high], [b.x, b.y, high], tip], colour: ROOF });
    });
  }
}

function pointAt(a: Position, b: Position, share: number): Position {
  return { x: a.x + (b.x - a.x) * share, y: a.y + (b.y - a.y) * share };
}

function stripOf(a: Position, b: Position, width: number): Position[] {
  const length = Math.hypot(b.x - a.x, b.y - a.y) || 1;
  const [nx, ny] = [((b.y - a.y) / length) * (width / 2), ((a.x - b.x) / length) * (width / 2)];
  return [
    { x: a.x + nx, y: a.y + ny },
    { x: b.x + nx, y: b.y + ny },
    { x: b.x - nx, y: b.y - ny },
    { x: a.x - nx, y: a.y - ny },
  ];
}

/** What is left of a length where some of it is cut out. */
export function without(length: number, cuts: [number, number][]): [number, number][] {
  let left: [number, number][] = [[0, length]];
  for (const [from, to] of cuts) {
    left = left.flatMap(([a, b]): [number, number][] => [
      ...(from > a ? [[a, Math.min(b, from)] as [number, number]] : []),
      ...(to < b ? [[Math.max(a, to), b] as [number, number]] : []),
    ]);
  }
  return left.filter(([a, b]) => b - a > 1e-6);
}

/** The part of a stretch that a gate takes which lies along it. */
function along(a: Position, b: Position, { from, to }: Gate): [number, number][] {
  const length = Math.hypot(b.x - a.x, b.y - a.y) || 1;
  const on = ({ x, y }: Position) => ((x - a.x) * (b.x - a.x) + (y - a.y) * (b.y - a.y)) / length;
  const off = ({ x, y }: Position) =>
    Math.abs((b.x - a.x) * (y - a.y) - (b.y - a.y) * (x - a.x)) / length;
  if (off(from) > 0.5 || off(to) > 0.5) return [];
  const [p, q] = [Math.min(on(from), on(to)), Math.max(on(from), on(to))];
  return q > 0 && p < length ? [[p, q]] : [];
}
