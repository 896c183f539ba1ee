import type { Brush } from "../../desk/desk";
import type { Position } from "../../document/mission";
import { type Ground, growthCode, heightAt, TILE } from "../../document/raster";
import { sure } from "../../document/sure";
/** Cells from west to east and from south to north; the last ones are not part of it. */
export interface Rect {
  west: number;
  south: number;
  east: number;
  north: number;
}

/** Dabs of a stroke lie apart by this share of the radius. */
const SPACING = 0.25;

/** Ground is held within this of its base, metres. */
const RANGE = 325;

/** How much a dab does at a share of the radius from its middle, 1 to 0, smoothly. */
export function falloff(share: number): number {
  if (share >= 1) return 0;
  const rest = 1 - share * share;
  return rest * rest;
}

/** The least rectangle around two. */
export function both(one: Rect | null, other: Rect): Rect {
  return one
    ? {
        west: Math.min(one.west, other.west),
        south: Math.min(one.south, other.south),
        east: Math.max(one.east, other.east),
        north: Math.max(one.north, other.north),
      }
    : other;
}

/** Noise of a cell from -1 to 1, the same each time. */
function grain(column: number, row: number): number {
  let h = Math.imul(column, 374761393) + Math.imul(row, 668265263);
  h = Math.imul(h ^ (h >>> 13), 1274126177);
  return ((h ^ (h >>> 16)) & 0xffff) / 32767.5 - 1;
}

/** One stroke of a brush over a ground, which it changes in place. */
export class Stroke {
  /** The tiles that were changed, by their places. */
  readonly tiles = new Set<string>();
  readonly from: Position;
  private readonly level: number;
  private last: Position;

  constructor(
    private readonly ground: Ground,
    private readonly base: number,
    private readonly brush: Brush,
    start: Position,
  ) {
    this.from = start;
    this.last = start;
    this.level = heightAt(ground, start.x, start.y);
  }

  /** Dabs where the stroke begins; answers with what changed. */
  begin(): Rect | null {
    return this.brush.kind === "slope" ? null : this.dab(this.from);
  }

  /** Draws the stroke on to a point; answers with what changed. */
  to(point: Position): Rect | null {
    if (this.brush.kind === "slope") {
      this.last = point;
      return null;
    }
    const step = Math.max(this.ground.cell * 0.5, this.brush.radius * SPACING);
    let changed: Rect | null = null;
    for (;;) {
      const [dx, dy] = [point.x - this.last.x, point.y - this.last.y];
      const far = Math.hypot(dx, dy);
      if (far < step) return changed;
      this.last = {
        x: this.last.x + (dx / far) * step,
        y: this.last.y + (dy / far) * step,
      };
      const rect = this.dab(this.last);
      if (rect) changed = both(changed, rect);
    }
  }

  /** Ends the stroke; a slope is laid now, from where it began to where it ends. */
  end(): Rect | null {
    return this.brush.kind === "slope" ? this.slope(this.from, this.last) : null;
  }

  private slope(a: Position, b: Position): Rect | null {
    const [dx, dy] = [b.x - a.x, b.y - a.y];
    const square = dx * dx + dy * dy;
    if (square === 0) return null;
    const [from, to] = [this.level, heightAt(this.ground, b.x, b.y)];
    return this.each(a, b, (cell, x, y) => {
      const along = Math.max(0, Math.min(1, ((x - a.x) * dx + (y - a.y) * dy) / square));
      const far = Math.hypot(x - a.x - dx * along, y - a.y - dy * along);
      const share = falloff(far / this.brush.radius) * Math.min(1, this.brush.strength);
      const { heights } = this.ground;
      this.lift(cell, (from + (to - from) * along - sure(heights, cell)) * share);
    });
  }

  private dab(at: Position): Rect | null {
    const { kind, radius, strength, surface } = this.brush;
    const { heights, surfaces, growth, columns } = this.ground;
    const sown = growthCode(this.brush.growth, this.brush.density);
    const was = kind === "smooth" ? this.around(at) : null;
    return this.each(at, at, (cell, x, y) => {
      const weight = falloff(Math.hypot(x - at.x, y - at.y) / radius);
      if (weight === 0) return;
      const some = strength * weight;
      if (kind === "raise") this.lift(cell, some * SPACING);
      else if (kind === "lower") this.lift(cell, -some * SPACING);
      else if (kind === "level")
        this.lift(cell, (this.level - sure(heights, cell)) * Math.min(1, some));
      else if (kind === "noise") {
        this.lift(cell, grain(cell % columns, Math.floor(cell / columns)) * some * SPACING);
      } else if (kind === "smooth" && was) {
        this.lift(cell, (was(cell) - sure(heights, cell)) * Math.min(1, some));
      } else if (kind === "paint") surfaces[cell] = surface;
      else if (kind === "growth") growth[cell] = sown;
    });
  }

  private lift(cell: number, by: number): void {
    const { heights } = this.ground;
    const kept = Math.max(-RANGE, Math.min(RANGE, sure(heights, cell) + by - this.base));
    heights[cell] = this.base + kept;
  }

  /** The mean height around each cell as it was before a dab. */
  private around(at: Position): (cell: number) => number {
    const { columns, rows, heights } = this.ground;
    const { west, south, east, north } = this.rect(at, at);
    const [left, low] = [Math.max(0, west - 1), Math.max(0, south - 1)];
    const wide = Math.min(columns, east + 1) - left;
    const copy: Float32Array[] = [];
    for (let row = low; row < Math.min(rows, north + 1); row++) {
      copy.push(heights.slice(row * columns + left, row * columns + left + wide));
    }
    return (cell) => {
      const [column, row] = [(cell % columns) - left, Math.floor(cell / columns) - low];
      let [sum, many] = [0, 0];
      for (let r = Math.max(0, row - 1); r <= Math.min(copy.length - 1, row + 1); r++) {
        for (let c = Math.max(0, column - 1); c <= Math.min(wide - 1, column + 1); c++) {
          sum += sure(sure(copy, r), c);
          many++;
        }
      }
      return sum / many;
    };
  }

  private rect(a: Position, b: Position): Rect {
    const { columns, rows, cell } = this.ground;
    const { radius } = this.brush;
    const within = (value: number, most: number) => Math.max(0, Math.min(most, value));
    return {
      west: within(Math.floor((Math.min(a.x, b.x) - radius) / cell), columns),
      south: within(Math.floor((Math.min(a.y, b.y) - radius) / cell), rows),
      east: within(Math.ceil((Math.max(a.x, b.x) + radius) / cell), columns),
      north: within(Math.ceil((Math.max(a.y, b.y) + radius) / cell), rows),
    };
  }

  /** Visits the cells around a stretch; answers with where they are, nothing beyond the edge. */
  private each(
    a: Position,
    b: Position,
    visit: (cell: number, x: number, y: number) => void,
  ): Rect | null {
    const { columns, cell } = this.ground;
    const rect = this.rect(a, b);
    if (rect.west >= rect.east || rect.south >= rect.north) return null;
    for (let row = rect.south; row < rect.north; row++) {
      for (let column = rect.west; column < rect.east; column++) {
        visit(row * columns + column, (column + 0.5) * cell, (row + 0.5) * cell);
      }
    }
    for (let row = Math.floor(rect.south / TILE); row * TILE < rect.north; row++) {
      for (let column = Math.floor(rect.west / TILE); column * TILE < rect.east; column++) {
        this.tiles.add(`${column}-${row}`);
      }
    }
    return rect;
  }
}
