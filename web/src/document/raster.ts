import { isDraft, original } from "immer";
import { getAssets } from "./api";
import type { Terrain } from "./mission";
import { Recent } from "./recent";
import { firstOf, sure } from "./sure";

/** Cells along one side of a tile. */
export const TILE = 64;
const CELLS = TILE * TILE;
const BYTES = CELLS * 3;

/** What the ground is made of, by the number that tiles store. */
export const SURFACES = ["shingle", "grass", "marsh", "mud", "rock", "plank", "road", "floor"];

/** What grows, in the order in which tiles count it; each in steps of density. */
export const GROWTHS = ["reeds", "gorse", "heather", "trees"];

/** How many steps of density there are. */
export const DENSEST = 7;

/** The number that stores what grows: 0 for nothing. */
export function growthCode(kind: number, density: number): number {
  return density === 0 ? 0 : 1 + DENSEST * kind + density - 1;
}

/** What grows by a stored number, and how dense, 1 to {@link DENSEST}; nothing for 0. */
export function growthOf(code: number): { kind: number; density: number } | undefined {
  if (code === 0) return undefined;
  const kind = Math.min(GROWTHS.length - 1, Math.floor((code - 1) / DENSEST));
  return { kind, density: ((code - 1) % DENSEST) + 1 };
}

/** The ground as the browser shows it; what it means is computed by the server. */
export interface Ground {
  columns: number;
  rows: number;
  /** Metres along the side of a cell. */
  cell: number;
  /** Heights in metres in the middle of each cell, row by row from the south-west. */
  heights: Float32Array;
  surfaces: Uint8Array;
  /** What grows in each cell, as {@link growthCode} tells it. */
  growth: Uint8Array;
}

/** How many grounds are kept: a few strokes back and forth. One of 2048 x 2048 cells takes 25 MB. */
const KEPT = 4;

/**
 * Grounds that are here or on their way, by what their terrain says. Nothing else may hold on to
 * one for longer than it shows it.
 */
const grounds = new Recent<{ ground?: Ground; comes: Promise<Ground> }>(KEPT);

/** The names of terrains, which take long to make. */
const names = new WeakMap<Terrain, string>();

function nameOf(terrain: Terrain): string {
  const stored = isDraft(terrain) ? (original(terrain) ?? terrain) : terrain;
  const name = names.get(stored) ?? JSON.stringify(stored);
  names.set(stored, name);
  return name;
}

/** The ground of a document, or of a draft of it, if it is here. */
export function knownGround(terrain: Terrain): Ground | undefined {
  return grounds.get(nameOf(terrain))?.ground;
}

/** The ground of a document; fetched once for each set of tiles. */
export function loadGround(terrain: Terrain): Promise<Ground> {
  const name = nameOf(terrain);
  const found = grounds.get(name);
  if (found) return found.comes;
  const comes = fetchGround(terrain);
  const entry: { ground?: Ground; comes: Promise<Ground> } = { comes };
  grounds.set(name, entry);
  comes.then(
    (ground) => {
      entry.ground = ground;
    },
    () => grounds.delete(name),
  );
  return comes;
}

/** The ground that was made last: most that come after it differ from it by a few tiles. */
let last: { terrain: Terrain; ground: Ground } | undefined;

/** A ground of the shape of a terrain to put tiles on, and which tiles it has already. */
function begun(terrain: Terrain): { ground: Ground; has: Terrain["tiles"] } {
  const { columns, rows, cell, base, tiles } = terrain;
  const was = last?.terrain;
  const alike =
    was?.columns === columns && was.rows === rows && was.cell === cell && was.base === base;
  const kept = was && Object.keys(was.tiles).every((place) => place in tiles);
  if (last && alike && kept) {
    const { heights, surfaces, growth } = last.ground;
    const copy = {
      heights: heights.slice(),
      surfaces: surfaces.slice(),
      growth: growth.slice(),
    };
    return { ground: { columns, rows, cell, ...copy }, has: last.terrain.tiles };
  }
  const heights = new Float32Array(columns * rows).fill(base);
  const surfaces = new Uint8Array(columns * rows);
  const growth = new Uint8Array(columns * rows);
  return { ground: { columns, rows, cell, heights, surfaces, growth }, has: {} };
}

async function fetchGround(terrain: Terrain): Promise<Ground> {
  const { base } = terrain;
  const { ground, has } = begun(terrain);
  const wanted = Object.entries(terrain.tiles).filter(([place, hash]) => has[place] !== hash);
  await putTiles(ground, base, wanted);
  last = { terrain, ground };
  return ground;
}

async function putTiles(ground: Ground, base: number, tiles: [string, string][]): Promise<void> {
  const hashes = [...new Set(tiles.map(([, hash]) => hash))];
  if (hashes.length === 0) return;
  const bytes = await getAssets(hashes);
  const places = new Map(hashes.map((hash, i) => [hash, i * BYTES]));
  for (const [place, hash] of tiles) {
    const [column, row] = firstOf(place.split("-").map(Number), 2);
    const tile = new DataView(bytes, places.get(hash), BYTES);
    readTile(ground, base, column * TILE, row * TILE, tile);
  }
}

function readTile(ground: Ground, base: number, west: number, south: number, view: DataView) {
  const { columns, heights, surfaces, growth } = ground;
  const wide = Math.min(TILE, columns - west);
  const high = Math.min(TILE, ground.rows - south);
  for (let row = 0; row < high; row++) {
    for (let column = 0; column < wide; column++) {
      const i = row * TILE + column;
      const cell = (south + row) * columns + west + column;
      heights[cell] = base + view.getInt16(i * 2, true) / 100;
      const stored = view.getUint8(CELLS * 2 + i);
      const surface = stored % SURFACES.length;
      surfaces[cell] = surface;
      growth[cell] = (stored - surface) / SURFACES.length;
    }
  }
}

/** The bytes of a tile of a ground, as they are stored. */
export function writeTile(ground: Ground, base: number, place: string): Uint8Array {
  const { columns, rows, heights, surfaces, growth } = ground;
  const [west, south] = firstOf(
    place.split("-").map((it) => Number(it) * TILE),
    2,
  );
  const bytes = new Uint8Array(BYTES);
  const view = new DataView(bytes.buffer);
  for (let i = 0; i < CELLS; i++) {
    const column = Math.min(west + (i % TILE), columns - 1);
    const row = Math.min(south + Math.floor(i / TILE), rows - 1);
    const cell = row * columns + column;
    view.setInt16(i * 2, Math.round((sure(heights, cell) - base) * 100), true);
    bytes[CELLS * 2 + i] = sure(surfaces, cell) + sure(growth, cell) * SURFACES.length;
  }
  return bytes;
}

/** Grounds of more cells than this are printed from every other cell, so that they are soon there. */
const FINE = 400_000;

const thin = new WeakMap<Ground, Ground>();

/** The ground to print: for a very large one the mean height of every four cells. */
export function thinned(ground: Ground): Ground {
  const { columns, rows, cell, heights, surfaces, growth } = ground;
  if (columns * rows <= FINE || columns % 2 || rows % 2) return ground;
  const there = thin.get(ground);
  if (there) return there;
  const half: Ground = {
    columns: columns / 2,
    rows: rows / 2,
    cell: cell * 2,
    heights: new Float32Array((columns * rows) / 4),
    surfaces: new Uint8Array((columns * rows) / 4),
    growth: new Uint8Array((columns * rows) / 4),
  };
  for (let row = 0; row < half.rows; row++) {
    for (let column = 0; column < half.columns; column++) {
      const at = row * 2 * columns + column * 2;
      const to = row * half.columns + column;
      half.heights[to] =
        (sure(heights, at) +
          sure(heights, at + 1) +
          sure(heights, at + columns) +
          sure(heights, at + columns + 1)) /
        4;
      half.surfaces[to] = sure(surfaces, at);
      half.growth[to] = sure(growth, at);
    }
  }
  thin.set(ground, half);
  return half;
}

/** The height at a point, bilinear between the four nearest samples, metres. */
export function heightAt(ground: Ground, x: number, y: number): number {
  const { columns, rows, cell, heights } = ground;
  const gx = Math.max(0, Math.min(columns - 1, x / cell - 0.5));
  const gy = Math.max(0, Math.min(rows - 1, y / cell - 0.5));
  const column = Math.min(columns - 2, Math.floor(gx));
  const row = Math.min(rows - 2, Math.floor(gy));
  const fx = gx - column;
  const fy = gy - row;
  const i = row * columns + column;
  const south = sure(heights, i) * (1 - fx) + sure(heights, i + 1) * fx;
  const north = sure(heights, i + columns) * (1 - fx) + sure(heights, i + columns + 1) * fx;
  return south * (1 - fy) + north * fy;
}

/** The word for what the ground is made of at a point, and what grows there. */
export function surfaceAt(ground: Ground, x: number, y: number): string {
  const column = Math.max(0, Math.min(ground.columns - 1, Math.floor(x / ground.cell)));
  const row = Math.max(0, Math.min(ground.rows - 1, Math.floor(y / ground.cell)));
  const cell = row * ground.columns + column;
  const grows = growthOf(sure(ground.growth, cell));
  const bare = SURFACES[sure(ground.surfaces, cell)] ?? "ground";
  return grows ? `${bare}, ${GROWTHS[grows.kind]}` : bare;
}
