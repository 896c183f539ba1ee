import { readFileSync } from "node:fs";
import { describe, expect, it } from "vitest";
import { THING } from "../generated/snapshot.gen";
import { between, decode, placesBetween, type Snapshot, signs } from "./decode";

const fixture = JSON.parse(readFileSync("../docs/formats/snapshot.fixture.json", "utf8"));
const bytes = (text: string) => Uint8Array.from(Buffer.from(text, "base64")).buffer;

describe("snapshots, as the core writes them", () => {
  const full = decode(bytes(fixture.full), () => undefined);

  it("tell everything where nothing is known yet", () => {
    expect(full?.step).toBe(1);
    expect(full?.units.get(fixture.unit)?.health).toBe(100);
  });

  it("tell the difference from one that is known", () => {
    const next = decode(bytes(fixture.difference), (step) => (step === 1 ? full : undefined));
    const unit = next?.units.get(fixture.unit);
    expect(next?.step).toBe(2);
    expect(unit?.x).toBeCloseTo(fixture.x, 2);
    expect(unit?.y).toBeCloseTo(fixture.y, 2);
    expect(unit?.facing).toBeCloseTo(fixture.facing, 2);
    expect(unit?.health).toBe(100);
  });

  it("cannot be read against one that is not at hand", () => {
    expect(decode(bytes(fixture.difference), () => undefined)).toBeUndefined();
  });
});

/** A snapshot that tells where one thing lies, in centimetres. */
function tellsPlace(step: number, base: number, thing: number, ...place: number[]): ArrayBuffer {
  const view = new DataView(new ArrayBuffer(8 + 3 + 12));
  view.setUint32(0, step);
  view.setUint32(4, base);
  view.setUint16(8, thing);
  view.setUint8(10, THING);
  place.forEach((it, i) => {
    view.setInt32(11 + 4 * i, it);
  });
  return view.buffer;
}

describe("where things lie", () => {
  const first = decode(tellsPlace(5, 0, 3, 6200, 7000, -150), () => undefined);

  it("is told in centimetres, also below the zero of heights", () => {
    expect(first?.places.get(3)).toEqual({ x: 62, y: 70, foot: -1.5 });
    expect(first?.units.size).toBe(0);
  });

  it("is kept until it is told anew, and goes from one to the next", () => {
    const next = decode(tellsPlace(6, 5, 4, 100, 100, 0), () => first);
    expect(next?.places.get(3)).toEqual({ x: 62, y: 70, foot: -1.5 });
    const later: Snapshot = {
      ...(first as Snapshot),
      places: new Map([[3, { x: 63, y: 70, foot: -0.5 }]]),
    };
    const half = placesBetween(first, later, 0.5, ["", "", "", "keg"]);
    expect([...half]).toEqual([["keg", { x: 62.5, y: 70, foot: -1 }]]);
  });

  it("leaps where it has not slid", () => {
    const far: Snapshot = {
      ...(first as Snapshot),
      places: new Map([[3, { x: 90, y: 70, foot: 0 }]]),
    };
    expect(placesBetween(first, far, 0.1, ["", "", "", "keg"]).get("keg")?.x).toBe(90);
  });
});

describe("a unit between two snapshots", () => {
  const unit = { x: 0, y: 0, facing: 350, health: 50, signs: 0b11101, speed: 0, deck: 0 };

  it("turns the shorter way", () => {
    const later = { ...unit, x: 10, facing: 10 };
    const half = between(unit, later, 0.5);
    expect(half.x).toBe(5);
    expect(half.facing % 360).toBe(0);
  });

  it("says its signs", () => {
    expect(signs(unit)).toEqual({
      dead: true,
      down: false,
      alertness: 2,
      struck: true,
      hurt: true,
      underWay: false,
      bound: false,
    });
    expect(signs({ ...unit, signs: 128 }).bound).toBe(true);
  });
});
