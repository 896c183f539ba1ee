import { describe, expect, it } from "vitest";
import { sure } from "../document/sure";
import { Labels } from "./labels";

/** A sheet that notes what is written on it: each letter is ten pixels wide. */
function sheet() {
  const written: Record<string, [number, number]> = {};
  const c = {
    measureText: (text: string) => ({ width: text.length * 10 }),
    strokeText: () => {},
    fillText: (text: string, x: number, y: number) => {
      written[text] = [x, y];
    },
  };
  return { written, c: c as unknown as CanvasRenderingContext2D };
}

describe("labels on the map", () => {
  it("stand on the right of their things, and elsewhere where that is taken", () => {
    const { c, written } = sheet();
    const labels = new Labels();
    labels.block(110, 90, 20, 20);
    expect(labels.draw(c, "sluice", 100, 100, 4)).toBe(true);
    expect(sure(written, "sluice")[0]).toBe(100 - 4 - 60);
    labels.block(0, 0, 300, 300);
    expect(labels.draw(c, "lamp", 100, 100, 4)).toBe(false);
    expect(written.lamp).toBeUndefined();
  });

  it("are written where they are whole in view, if there is room", () => {
    const inner = { left: 0, top: 0, width: 200, height: 200 };
    const { c, written } = sheet();
    const labels = new Labels(inner);
    labels.draw(c, "harrow", 180, 100, 4);
    expect(sure(written, "harrow")[0]).toBe(180 - 4 - 60);
    labels.draw(c, "rock", 10, 195, 4);
    expect(sure(written, "rock")[1]).toBeLessThan(200);
  });

  it("of things out of view stay beside them", () => {
    const { c, written } = sheet();
    const labels = new Labels({ left: 0, top: 0, width: 200, height: 200 });
    expect(labels.draw(c, "far", 400, 100, 4)).toBe(true);
    expect(sure(written, "far")[0]).toBe(404);
  });

  it("keep off moved boxes", () => {
    const { c, written } = sheet();
    const labels = new Labels();
    labels.block(100, 90, 100, 20);
    expect(labels.moved(-300, 0).draw(c, "free", 100, 100, 4)).toBe(true);
    expect(sure(written, "free")[0]).toBe(104);
  });
});
