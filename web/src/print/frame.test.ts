import { readFileSync } from "node:fs";
import { describe, expect, it } from "vitest";
import type { Mission } from "../document/mission";
import { EDGE, frameOf, LEGEND, niceStep, onPaper, PAPERS, ratio, TITLE } from "./frame";

const sample = readFileSync("../core/src/main/resources/samples/first-light.json", "utf8");

/** A mission on ground of some metres. */
function mission(columns: number, rows: number): Mission {
  const read: Mission = JSON.parse(sample);
  Object.assign(read.setting.terrain, { columns, rows, cell: 2 });
  return read;
}

describe.each(Object.entries(PAPERS))("a sheet of %s", (_, paper) => {
  it.each([
    [256, 256],
    [1024, 128],
    [128, 1024],
  ])("holds a ground of %i x %i cells whole, beside its legend and above its title", (c, r) => {
    const frame = frameOf(mission(c, r), paper, true);
    expect(frame.left).toBeGreaterThanOrEqual(EDGE + 6);
    expect(frame.left + frame.width).toBeLessThanOrEqual(paper.width - EDGE - LEGEND + 1e-9);
    expect(frame.top + frame.height).toBeLessThanOrEqual(paper.height - EDGE - TITLE + 1e-9);
    expect(frame.width / frame.height).toBeCloseTo(c / r);
    expect(frameOf(mission(c, r), paper, false).width).toBeGreaterThanOrEqual(frame.width);
  });
});

describe("a frame", () => {
  const frame = { left: 20, top: 10, width: 100, height: 50, scale: 0.25 };

  it("has north at its top", () => {
    expect(onPaper(frame, { x: 0, y: 0 })).toEqual([20, 60]);
    expect(onPaper(frame, { x: 400, y: 200 })).toEqual([120, 10]);
  });

  it("is ticked in round metres", () => {
    expect(niceStep(frame, 20)).toBe(100);
    expect(niceStep(frame, 30)).toBe(200);
    expect(niceStep({ ...frame, scale: 20 }, 20)).toBe(1);
  });

  it("says how much smaller it is", () => {
    expect(ratio(frame)).toBe("about 1 : 4,000");
    expect(ratio({ ...frame, scale: 0.2712 })).toBe("about 1 : 3,700");
  });
});
