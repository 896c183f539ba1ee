import { toScreen } from "./camera";
import { inks } from "./inks";
import type { Sheet } from "./sheet";

/** Draws about a place on the map, turned by degrees clockwise. */
export function pin(
  { c, camera, size }: Sheet,
  at: { x: number; y: number },
  facing: number,
  draw: () => void,
): void {
  const [px, py] = toScreen(camera, size, at.x, at.y);
  c.save();
  c.lineJoin = "round";
  c.lineCap = "round";
  c.translate(px, py);
  c.rotate((facing * Math.PI) / 180);
  draw();
  c.restore();
}

/** Strokes a sign with its halo. */
export function stroked(
  c: CanvasRenderingContext2D,
  sign: string,
  selected: boolean,
  ink: string,
): void {
  const path = new Path2D(sign);
  c.lineWidth = 4.5;
  c.strokeStyle = inks.halo;
  c.stroke(path);
  c.lineWidth = selected ? 2.4 : 1.5;
  c.strokeStyle = ink;
  c.stroke(path);
}
