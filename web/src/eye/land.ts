import { type Ground, growthOf, heightAt } from "../document/raster";
import { sure } from "../document/sure";
import { growthCover } from "../map/growth";
import { type Colour, inLight, mixed, type Picture } from "./picture";

/** What surfaces look like by daylight, by the number that tiles store. */
const COLOURS: Colour[] = [
  [232, 222, 196], // shingle
  [221, 225, 186], // grass
  [203, 212, 172], // marsh
  [205, 194, 166], // mud
  [209, 203, 190], // rock
  [222, 205, 165], // plank
  [241, 233, 209], // road
  [74, 80, 88], // floor
];

/** What grows, by the number that tiles store. */
const GROWTH: Colour[] = [
  [150, 158, 92], // reeds
  [92, 112, 52], // gorse
  [170, 146, 152], // heather
  [84, 116, 70], // trees
];

const SHALLOW: Colour = [150, 183, 190];
const DEEP: Colour = [86, 128, 146];

/** Water deeper than this is as dark as it gets, metres. */
const DEEPEST = 8;

/** How near the first look at the ground is, metres. */
const FIRST = 0.3;

/** By how much of the distance the next look is farther. */
const STRIDE = 0.012;

/**
 * Draws the ground and the sea: along each column from near to far, and of each height only what is
 * not hidden by what came before.
 */
export function drawLand(picture: Picture, ground: Ground, water: number): void {
  const tint = tints(picture, ground, water);
  for (let column = 0; column < picture.width; column++) {
    let lowest = picture.height;
    for (let far = FIRST; far < picture.far && lowest > 0; far += Math.max(0.15, far * STRIDE)) {
      const [x, y] = picture.ahead(column, far);
      const here = heightOf(ground, water, x, y);
      const row = Math.max(0, Math.ceil(picture.row(here, far)));
      if (row >= lowest) continue;
      const colour = tint(x, y);
      for (let at = row; at < lowest; at++) {
        picture.put(at * picture.width + column, colour, 1 / far);
      }
      lowest = row;
    }
  }
}

/** The height of what is seen at a point: the ground, or the water over it; beyond the edge, water. */
function heightOf(ground: Ground, water: number, x: number, y: number): number {
  const { columns, rows, cell } = ground;
  const on = x >= 0 && y >= 0 && x <= columns * cell && y <= rows * cell;
  return on ? Math.max(water, heightAt(ground, x, y)) : water;
}

/** The tint of the ground at a point, in its own light and that of the day. */
function tints(picture: Picture, ground: Ground, water: number) {
  const { columns, rows, cell, heights, surfaces, growth } = ground;
  const { light } = picture.air;
  const deep = inLight(DEEP, light);
  return (x: number, y: number): Colour => {
    const column = Math.floor(x / cell);
    const row = Math.floor(y / cell);
    if (column < 0 || row < 0 || column >= columns || row >= rows) return deep;
    const at = row * columns + column;
    const depth = water - heightAt(ground, x, y);
    if (depth > 0) {
      const share = Math.min(1, depth / DEEPEST);
      return inLight(mixed(SHALLOW, DEEP, share), light);
    }
    const west = sure(heights, column > 0 ? at - 1 : at);
    const east = sure(heights, column < columns - 1 ? at + 1 : at);
    const south = sure(heights, row > 0 ? at - columns : at);
    const north = sure(heights, row < rows - 1 ? at + columns : at);
    const lit = 0.86 + ((east - west + south - north) / (2 * cell)) * 0.3;
    const grows = growthOf(sure(growth, at));
    const bare = COLOURS[sure(surfaces, at)] ?? sure(COLOURS, 0);
    const own = grows ? mixed(bare, sure(GROWTH, grows.kind), growthCover(grows)) : bare;
    const bright = Math.max(0.45, Math.min(1.08, lit));
    return inLight([own[0] * bright, own[1] * bright, own[2] * bright], light);
  };
}
