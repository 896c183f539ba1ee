import type { Box } from "./camera";
import { inks, onInks } from "./inks";
import { letters, lettersGrown } from "./letters";

/** How high a label is, and how far below its top it stands, pixels. */
const HIGH = 16;
const STANDS = 12;

/** The side of a square in which labels are looked for, pixels. */
const LOOK = 64;

/** Keeps labels from covering one another: the first to ask for a place has it. */
export class Labels {
  private readonly taken = new Map<number, [number, number, number, number][]>();

  /** @param inner where labels are written first, if they can be whole there */
  constructor(private readonly inner?: Box) {}

  /** The squares that a box touches. */
  private *squares(x: number, y: number, width: number, height: number): Generator<number> {
    for (let row = Math.floor(y / LOOK); row <= Math.floor((y + height) / LOOK); row++) {
      for (let column = Math.floor(x / LOOK); column <= Math.floor((x + width) / LOOK); column++) {
        yield row * 65536 + column;
      }
    }
  }

  /** Keeps a box free of labels. */
  block(x: number, y: number, width: number, height: number): void {
    const box: [number, number, number, number] = [x, y, width, height];
    for (const square of this.squares(x, y, width, height)) {
      const there = this.taken.get(square);
      if (there) there.push(box);
      else this.taken.set(square, [box]);
    }
  }

  /** Labels that keep off the same boxes, moved by some pixels. */
  moved(dx: number, dy: number): Labels {
    const other = new Labels();
    for (const box of new Set([...this.taken.values()].flat())) {
      other.block(box[0] + dx, box[1] + dy, box[2], box[3]);
    }
    return other;
  }

  /** Draws a label at the first of its places that is free, a whole one first; none if all are taken. */
  draw(c: CanvasRenderingContext2D, text: string, px: number, py: number, off: number): boolean {
    const width = widthOf(c, text);
    const high = HIGH * lettersGrown();
    const places: [number, number][] = [
      [px + off, py - high / 2],
      [px - off - width, py - high / 2],
      [px - width / 2, py + off],
      [px - width / 2, py - off - high],
    ];
    const free = places.filter(([x, y]) => this.free(x - 2, y, width + 4, high));
    const place = free.find(([x, y]) => this.whole(x, y, width, high)) ?? free[0];
    if (!place) return false;
    const [x, y] = place;
    this.block(x - 2, y, width + 4, high);
    inked(c, text, x, y + STANDS * lettersGrown());
    return true;
  }

  private whole(x: number, y: number, width: number, high: number): boolean {
    const it = this.inner;
    return (
      !it ||
      (x >= it.left &&
        x + width <= it.left + it.width &&
        y >= it.top &&
        y + high <= it.top + it.height)
    );
  }

  private free(x: number, y: number, width: number, height: number): boolean {
    for (const square of this.squares(x, y, width, height)) {
      for (const [ox, oy, ow, oh] of this.taken.get(square) ?? []) {
        if (x + width > ox && ox + ow > x && y + height > oy && oy + oh > y) return false;
      }
    }
    return true;
  }
}

const widths = new Map<string, number>();
onInks(() => widths.clear());

/** How wide a label is; measured once. */
function widthOf(c: CanvasRenderingContext2D, text: string): number {
  c.font = letters(13);
  let width = widths.get(text);
  if (width === undefined) {
    if (widths.size > 20000) widths.clear();
    width = c.measureText(text).width;
    widths.set(text, width);
  }
  return width;
}

/** Writes in ink on a paper halo. */
export function inked(
  c: CanvasRenderingContext2D,
  text: string,
  x: number,
  y: number,
  ink = inks.ink,
): void {
  c.lineJoin = "round";
  c.lineWidth = 3.5;
  c.strokeStyle = inks.halo;
  c.strokeText(text, x, y);
  c.fillStyle = ink;
  c.fillText(text, x, y);
}
