import { type Ground, growthOf } from "../../document/raster";
import { sure } from "../../document/sure";
import { toScreen } from "../../drawing/camera";
import { inks, rgbOf } from "../../drawing/inks";
import type { Sheet } from "../../drawing/sheet";
import { growthCover, growthTint } from "../../map/growth";
import { lightShare, TINTS } from "../../map/land";
import { DEEPEST } from "../../map/sea";
import { both, type Rect } from "./brush";

/**
 * The ground where it has changed since it was last printed, a pixel a cell: soon drawn, so that a
 * brush is followed, and replaced by print once the hand rests.
 */
export class PatchLayer {
  private readonly canvas = document.createElement("canvas");
  private readonly ground: Ground;
  private readonly water: number;
  private changed: Rect | null = null;
  /** The inks of the printed land and water as red, green and blue, 0 to 255. */
  private readonly tints = TINTS.map((tint) => rgbOf(inks[tint]));
  private readonly shallow = rgbOf(inks.shallow);
  private readonly deep = rgbOf(inks.deep);
  private readonly sunlit = rgbOf(inks.sunlit);
  private readonly shadow = rgbOf(inks.shadow);

  constructor(ground: Ground, water: number) {
    this.ground = ground;
    this.water = water;
    this.canvas.width = ground.columns;
    this.canvas.height = ground.rows;
  }

  /** Whether nothing has changed. */
  get empty(): boolean {
    return this.changed === null;
  }

  /** Takes what has changed in a rectangle; light falls otherwise beside it too. */
  update({ west, south, east, north }: Rect): void {
    const { columns, rows } = this.ground;
    const wider = {
      west: Math.max(0, west - 1),
      south: Math.max(0, south - 1),
      east: Math.min(columns, east + 1),
      north: Math.min(rows, north + 1),
    };
    const c = this.canvas.getContext("2d");
    if (!c) return;
    const wide = wider.east - wider.west;
    const image = c.createImageData(wide, wider.north - wider.south);
    for (let row = wider.south; row < wider.north; row++) {
      for (let column = wider.west; column < wider.east; column++) {
        const at = ((wider.north - 1 - row) * wide + column - wider.west) * 4;
        this.colour(image.data, at, column, row);
      }
    }
    c.putImageData(image, wider.west, rows - wider.north);
    this.changed = both(this.changed, wider);
  }

  private colour(data: Uint8ClampedArray, at: number, column: number, row: number): void {
    const { columns, rows, cell, heights, surfaces, growth } = this.ground;
    const here = row * columns + column;
    const depth = this.water - sure(heights, here);
    const west = sure(heights, column > 0 ? here - 1 : here);
    const east = sure(heights, column < columns - 1 ? here + 1 : here);
    const south = sure(heights, row > 0 ? here - columns : here);
    const north = sure(heights, row < rows - 1 ? here + columns : here);
    const lit = ((east - west + south - north) / (2 * cell)) * 0.34;
    const share = lightShare(lit);
    const light = lit > 0 ? this.sunlit : this.shadow;
    const bare = this.tints[sure(surfaces, here)] ?? sure(this.tints, 0);
    const grows = growthOf(sure(growth, here));
    const cover = grows ? growthCover(grows) : 0;
    const over = grows ? growthTint(grows) : bare;
    const tint = bare.map((it, i) => it + (sure(over, i) - it) * cover);
    const deep = Math.max(0, Math.min(1, depth / DEEPEST));
    for (let i = 0; i < 3; i++) {
      data[at + i] =
        depth > 0
          ? sure(this.shallow, i) + (sure(this.deep, i) - sure(this.shallow, i)) * deep
          : sure(tint, i) + (sure(light, i) - sure(tint, i)) * share;
    }
    data[at + 3] = 255;
  }

  /** Draws what has changed. */
  draw({ c, camera, size }: Sheet): void {
    if (!this.changed) return;
    const { west, south, east, north } = this.changed;
    const { rows, cell } = this.ground;
    const [x, y] = toScreen(camera, size, west * cell, north * cell);
    const [wide, high] = [east - west, north - south];
    const scale = cell * camera.scale;
    c.drawImage(this.canvas, west, rows - north, wide, high, x, y, wide * scale, high * scale);
  }
}
