import { describe, expect, it } from "vitest";
import type { Brush } from "../../desk/desk";
import {
  type Ground,
  growthCode,
  growthOf,
  heightAt,
  surfaceAt,
  writeTile,
} from "../../document/raster";
import { sure } from "../../document/sure";
import { plantsOf } from "../../map/growth";
import { both, falloff, Stroke } from "./brush";

function ground(height: (x: number, y: number) => number = () => 5): Ground {
  const [columns, rows, cell] = [160, 100, 2];
  const heights = Float32Array.from({ length: columns * rows }, (_, i) =>
    height((i % columns) * cell, Math.floor(i / columns) * cell),
  );
  const surfaces = new Uint8Array(columns * rows).fill(1);
  return { columns, rows, cell, heights, surfaces, growth: new Uint8Array(columns * rows) };
}

const brush = (kind: Brush["kind"], more: Partial<Brush> = {}): Brush => ({
  kind,
  radius: 20,
  strength: 1,
  surface: 4,
  growth: 3,
  density: 5,
  ...more,
});

const at = (x: number, y: number) => ({ x, y });

describe("a brush", () => {
  it("does most in its middle and nothing at its rim", () => {
    expect(falloff(0)).toBe(1);
    expect(falloff(0.5)).toBeCloseTo(0.5625);
    expect(falloff(1)).toBe(0);
  });

  it("raises within its radius alone, and lowers by as much", () => {
    const it_ = ground();
    const stroke = new Stroke(it_, 0, brush("raise"), at(100, 100));
    const rect = stroke.begin();
    expect(heightAt(it_, 101, 101)).toBeCloseTo(5.25, 2);
    expect(heightAt(it_, 125, 100)).toBe(5);
    expect(rect).toEqual({ west: 40, south: 40, east: 60, north: 60 });
    expect([...stroke.tiles]).toEqual(["0-0"]);
    new Stroke(it_, 0, brush("lower"), at(100, 100)).begin();
    expect(Math.max(...it_.heights)).toBeCloseTo(5, 4);
    expect(Math.min(...it_.heights)).toBeCloseTo(5, 4);
  });

  it("does along a stroke what it does at a point, however the pointer jumps", () => {
    const [one, many] = [ground(), ground()];
    const jump = new Stroke(one, 0, brush("raise"), at(60, 100));
    jump.begin();
    jump.to(at(160, 100));
    const creep = new Stroke(many, 0, brush("raise"), at(60, 100));
    creep.begin();
    for (let x = 61; x <= 160; x++) creep.to(at(x, 100));
    expect(one.heights).toEqual(many.heights);
    expect(one.heights.filter((height) => height > 5.3).length).toBeGreaterThan(100);
    expect([...jump.tiles].sort()).toEqual(["0-0", "1-0"]);
  });

  it("levels to the height where the stroke began", () => {
    const it_ = ground((x) => x / 10);
    const stroke = new Stroke(it_, 0, brush("level"), at(100, 100));
    for (let i = 0; i < 30; i++) stroke.begin();
    expect(heightAt(it_, 108, 100)).toBeCloseTo(heightAt(it_, 100, 100), 1);
  });

  it("smooths a step without moving the mean", () => {
    const it_ = ground((x) => (x < 100 ? 0 : 4));
    const stroke = new Stroke(it_, 0, brush("smooth"), at(100, 100));
    for (let i = 0; i < 20; i++) stroke.begin();
    expect(heightAt(it_, 98, 100)).toBeGreaterThan(0.8);
    expect(heightAt(it_, 101, 100)).toBeLessThan(3.2);
    expect(heightAt(it_, 150, 100)).toBe(4);
  });

  it("lays a slope from one point to another when it is let go", () => {
    const it_ = ground((x) => (x < 150 ? 2 : 10));
    const stroke = new Stroke(it_, 0, brush("slope"), at(80, 100));
    expect(stroke.begin()).toBeNull();
    expect(stroke.to(at(220, 100))).toBeNull();
    expect(stroke.end()).not.toBeNull();
    expect(heightAt(it_, 150, 100)).toBeCloseTo(6, 0);
    expect(heightAt(it_, 160, 150)).toBe(10);
  });

  it("paints, and roughens the same way each time", () => {
    const it_ = ground();
    new Stroke(it_, 0, brush("paint"), at(100, 100)).begin();
    expect(it_.surfaces[50 * 160 + 50]).toBe(4);
    expect(it_.surfaces[50 * 160 + 70]).toBe(1);
    const [one, other] = [ground(), ground()];
    new Stroke(one, 0, brush("noise"), at(100, 100)).begin();
    new Stroke(other, 0, brush("noise"), at(100, 100)).begin();
    expect(one.heights).toEqual(other.heights);
    expect(Math.max(...one.heights)).toBeGreaterThan(5.05);
  });

  it("holds heights within what tiles can keep, and does nothing beyond the edge", () => {
    const it_ = ground();
    const stroke = new Stroke(it_, 0, brush("raise", { strength: 1e6 }), at(100, 100));
    for (let i = 0; i < 5; i++) stroke.begin();
    expect(Math.max(...it_.heights)).toBe(325);
    const off = new Stroke(it_, 0, brush("raise"), at(-100, 100));
    expect(off.begin()).toBeNull();
    expect(off.tiles.size).toBe(0);
  });

  it("sows growth of a density, and clears it away", () => {
    const it_ = ground();
    new Stroke(it_, 0, brush("growth"), at(100, 100)).begin();
    expect(growthOf(sure(it_.growth, 50 * 160 + 50))).toEqual({ kind: 3, density: 5 });
    expect(growthOf(sure(it_.growth, 50 * 160 + 70))).toBeUndefined();
    expect(surfaceAt(it_, 100, 100)).toBe("grass, trees");
    const bytes = writeTile(it_, 0, "0-0");
    expect(bytes[64 * 64 * 2 + 50 * 64 + 50]).toBe(1 + 8 * growthCode(3, 5));
    new Stroke(it_, 0, brush("growth", { density: 0 }), at(100, 100)).begin();
    expect(Math.max(...it_.growth)).toBe(0);
  });

  it("sows plants that always stand at the same places, denser ones more of them", () => {
    const [thin, dense] = [ground(), ground()];
    thin.growth.fill(growthCode(0, 1));
    dense.growth.fill(growthCode(0, 7));
    const all = (of: Ground) => Array.from({ length: 400 }, (_, cell) => plantsOf(of, cell)).flat();
    expect(all(dense)).toEqual(all(dense));
    expect(all(dense).length).toBeGreaterThan(5 * all(thin).length);
    for (const [cell, plant] of [0, 1, 2].map(
      (it) => [it, sure(plantsOf(dense, it), 0)] as const,
    )) {
      expect(plant.x).toBeGreaterThanOrEqual(2 * cell);
      expect(plant.x).toBeLessThanOrEqual(2 * cell + 2);
    }
  });

  it("joins rectangles", () => {
    const [one, other] = [
      { west: 1, south: 5, east: 3, north: 8 },
      { west: 2, south: 4, east: 9, north: 6 },
    ];
    expect(both(null, one)).toBe(one);
    expect(both(one, other)).toEqual({ west: 1, south: 4, east: 9, north: 8 });
  });
});

describe("the bytes of a tile", () => {
  it("are heights in centimetres over the base, then surfaces; beyond the edge as at it", () => {
    const it_ = ground((x, y) => x / 100 + y);
    const bytes = writeTile(it_, 2, "2-1");
    const view = new DataView(bytes.buffer);
    expect(bytes).toHaveLength(64 * 64 * 3);
    expect(view.getInt16(0, true)).toBe(Math.round((2.56 + 128 - 2) * 100));
    expect(view.getInt16(2 * 63, true)).toBe(Math.round((3.18 + 128 - 2) * 100));
    expect(bytes[64 * 64 * 2]).toBe(1);
  });
});
