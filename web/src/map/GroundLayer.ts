import type { Ground } from "../document/raster";
import type { Camera, Size } from "../drawing/camera";
import { inks } from "../drawing/inks";
import { drawGround } from "./printedGround";

/** How much beyond the view the sharp picture reaches on each side, as a share of the view. */
const PAD = 0.3;

/** Pixels of the coarse picture along the longer side of the ground. */
const COARSE = 1400;

/** What a picture of the ground was drawn of. */
interface Drawn {
  ground: Ground;
  water: number;
  camera: Camera;
  size: Size;
}

/**
 * The ground's layer: one sharp picture, moved along while the view stays within it, over a coarse
 * one of the whole ground for where it does not reach.
 */
export class GroundLayer {
  private readonly sharp = document.createElement("canvas");
  private readonly coarse = document.createElement("canvas");
  private drawn: Drawn | null = null;
  private whole: Pick<Drawn, "ground" | "water"> | null = null;
  /** What the view shows, and of which sharp picture. */
  private shown: (Drawn & { drawn: Drawn | null }) | null = null;

  /** Whether nothing has been drawn yet. */
  get empty(): boolean {
    return this.drawn === null;
  }

  /** Whether the sharp picture is of this ground and water and covers the view at its scale. */
  covers(ground: Ground, water: number, camera: Camera, size: Size): boolean {
    return this.drawn?.water === water && this.reaches(ground, camera, size);
  }

  private reaches(ground: Ground, camera: Camera, size: Size): boolean {
    const it = this.drawn;
    return (
      it?.ground === ground &&
      it.camera.scale === camera.scale &&
      it.size.width === size.width &&
      it.size.height === size.height &&
      Math.abs(it.camera.x - camera.x) * camera.scale <= size.width * PAD &&
      Math.abs(it.camera.y - camera.y) * camera.scale <= size.height * PAD
    );
  }

  /** Draws the sharp picture anew. */
  sharpen(ground: Ground, water: number, camera: Camera, size: Size, ratio: number): void {
    const padded = { width: size.width * (1 + 2 * PAD), height: size.height * (1 + 2 * PAD) };
    this.sharp.width = padded.width * ratio;
    this.sharp.height = padded.height * ratio;
    const c = this.sharp.getContext("2d");
    if (!c) return;
    c.scale(ratio, ratio);
    drawGround({ c, camera, size: padded }, ground, water);
    this.drawn = { ground, water, camera, size };
  }

  /** Has the pictures drawn anew when there is time: something new is to be seen on the ground. */
  stale(): void {
    if (this.drawn) this.drawn = { ...this.drawn, water: Number.NaN };
    this.whole = null;
  }

  /** Forgets what the view shows, after its canvas was emptied. */
  emptied(): void {
    this.shown = null;
  }

  /**
   * Draws what there is: the sharp picture where it reaches, the coarse one elsewhere. What the
   * view shows already stays: most edits leave the ground as it is.
   */
  draw(c: CanvasRenderingContext2D, to: Drawn, ratio: number): void {
    const { ground, water, camera, size } = to;
    const was = this.shown;
    if (
      was?.ground === ground &&
      was.water === water &&
      was.camera === camera &&
      was.size === size &&
      was.drawn === this.drawn
    ) {
      return;
    }
    this.shown = { ...to, drawn: this.drawn };
    c.setTransform(ratio, 0, 0, ratio, 0, 0);
    c.fillStyle = inks.beyond;
    c.fillRect(0, 0, size.width, size.height);
    if (!this.reaches(ground, camera, size)) this.drawCoarse(c, ground, water, camera, size);
    const it = this.drawn;
    if (it?.ground !== ground) return;
    const factor = (camera.scale / it.camera.scale) * (1 + 2 * PAD);
    const x = size.width / 2 + (it.camera.x - camera.x) * camera.scale;
    const y = size.height / 2 - (it.camera.y - camera.y) * camera.scale;
    const [w, h] = [it.size.width * factor, it.size.height * factor];
    c.drawImage(this.sharp, x - w / 2, y - h / 2, w, h);
  }

  private drawCoarse(
    c: CanvasRenderingContext2D,
    ground: Ground,
    water: number,
    camera: Camera,
    size: Size,
  ): void {
    const [width, height] = [ground.columns * ground.cell, ground.rows * ground.cell];
    if (this.whole?.ground !== ground || this.whole.water !== water) {
      const scale = COARSE / Math.max(width, height);
      this.coarse.width = width * scale;
      this.coarse.height = height * scale;
      const own = this.coarse.getContext("2d");
      if (!own) return;
      const all = { width: this.coarse.width, height: this.coarse.height };
      drawGround(
        { c: own, camera: { x: width / 2, y: height / 2, scale }, size: all },
        ground,
        water,
      );
      this.whole = { ground, water };
    }
    const left = size.width / 2 - camera.x * camera.scale;
    const top = size.height / 2 - (height - camera.y) * camera.scale;
    c.drawImage(this.coarse, left, top, width * camera.scale, height * camera.scale);
  }
}
