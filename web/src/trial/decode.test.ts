import { readFileSync } from "node:fs";
import { describe, expect, it } from "vitest";
import { between, decode, signs } from "./decode";

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
    });
  });
});
