import { afterEach, beforeEach, expect, it, vi } from "vitest";
import type { Terrain } from "./mission";
import { knownGround, loadGround, TILE } from "./raster";

const BYTES = TILE * TILE * 3;
let asked = 0;

beforeEach(() => {
  asked = 0;
  vi.stubGlobal("fetch", async (_: string, init: RequestInit) => {
    asked++;
    return new Response(new Uint8Array(BYTES * JSON.parse(String(init.body)).length));
  });
});
afterEach(() => vi.unstubAllGlobals());

/** The terrain after a stroke that changed its one tile. */
const after = (stroke: number): Terrain =>
  ({
    columns: TILE,
    rows: TILE,
    cell: 2,
    base: 0,
    tiles: { "0-0": `hash-${stroke}` },
  }) as unknown as Terrain;

it("after many strokes only the grounds of the last few are kept", async () => {
  const strokes = Array.from({ length: 12 }, (_, i) => after(i));
  for (const terrain of strokes) await loadGround(terrain);
  const kept = strokes.filter((terrain) => knownGround(terrain));
  expect(kept).toEqual(strokes.slice(-4));
  expect(asked).toBe(12);
});

it("one ground that is asked for twice is fetched once", async () => {
  const [one, other] = await Promise.all([loadGround(after(100)), loadGround(after(100))]);
  expect(one).toBe(other);
  expect(asked).toBe(1);
  expect(knownGround(after(100))).toBe(one);
});

it("one that could not be fetched is asked for again", async () => {
  const { fetch } = globalThis;
  vi.stubGlobal("fetch", async () => new Response("{}", { status: 500 }));
  await expect(loadGround(after(200))).rejects.toThrow();
  vi.stubGlobal("fetch", fetch);
  await expect(loadGround(after(200))).resolves.toBeDefined();
});
