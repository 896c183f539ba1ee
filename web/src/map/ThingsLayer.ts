import type { Box, Camera, Size } from "../drawing/camera";
import type { Sheet } from "../drawing/sheet";

/** How much beyond the view the picture reaches on each side, as a share of the view. */
const PAD = 0.25;

/** What a picture was drawn of. */
interface Drawn {
  paint: (sheet: Sheet) => void;
  camera: Camera;
  size: Size;
  ratio: number;
  /** How much beyond the view it reaches on each side, as a share of the view. */
  pad: number;
}

/** A picture of what stands on the ground, moved along with the view while nothing on it changes. */
export class ThingsLayer {
  private readonly canvas = document.createElement("canvas");
  private drawn: Drawn | null = null;

  /** Whether the picture is of this, at this scale, and covers the view. */
  covers(paint: Drawn["paint"], camera: Camera, size: Size): boolean {
    const it = this.drawn;
    return (
      it !== null &&
      this.shows(paint, size) &&
      it.camera.scale === camera.scale &&
      Math.abs(it.camera.x - camera.x) * camera.scale <= size.width * it.pad &&
      Math.abs(it.camera.y - camera.y) * camera.scale <= size.height * it.pad
    );
  }

  /** Whether the picture is of this, if at another scale or place. */
  shows(paint: Drawn["paint"], size: Size): boolean {
    const it = this.drawn;
    return it?.paint === paint && it.size.width === size.width && it.size.height === size.height;
  }

  /**
   * Draws the picture anew: of what is in view where something on it has changed, so that an edit is
   * seen soon, and with a rim around it once one moves over the map.
   *
   * @param view what of the map is open to view, pixels
   */
  sharpen(paint: Drawn["paint"], camera: Camera, size: Size, ratio: number, view: Box): void {
    const pad = this.shows(paint, size) ? PAD : 0;
    const [padX, padY] = [Math.round(size.width * pad), Math.round(size.height * pad)];
    const padded = { width: size.width + 2 * padX, height: size.height + 2 * padY };
    const [width, height] = [Math.round(padded.width * ratio), Math.round(padded.height * ratio)];
    const c = this.canvas.getContext("2d");
    if (!c) return;
    if (this.canvas.width !== width || this.canvas.height !== height) {
      this.canvas.width = width;
      this.canvas.height = height;
    }
    c.setTransform(ratio, 0, 0, ratio, 0, 0);
    c.clearRect(0, 0, padded.width, padded.height);
    const inner = { ...view, left: view.left + padX, top: view.top + padY };
    paint({ c, camera, size: padded, inner });
    this.drawn = { paint, camera, size, ratio, pad };
  }

  /** Puts the picture where the camera sees it. */
  draw(c: CanvasRenderingContext2D, camera: Camera, size: Size): void {
    const it = this.drawn;
    if (!it) return;
    const factor = camera.scale / it.camera.scale / it.ratio;
    const x = size.width / 2 + (it.camera.x - camera.x) * camera.scale;
    const y = size.height / 2 - (it.camera.y - camera.y) * camera.scale;
    const [w, h] = [this.canvas.width * factor, this.canvas.height * factor];
    // On whole pixels, so that letters stay as sharp as they were drawn.
    const whole = (at: number) => Math.round(at * it.ratio) / it.ratio;
    c.drawImage(this.canvas, whole(x - w / 2), whole(y - h / 2), w, h);
  }
}
