import type { Box, Camera, Size } from "./camera";

/** A canvas with the camera and the size it is drawn for. */
export interface Sheet {
  c: CanvasRenderingContext2D;
  camera: Camera;
  size: Size;
  /** What of it is in view, where it reaches farther; names are written there first. */
  inner?: Box;
  /** The height up to which floors of buildings are looked at, metres; without, their roofs. */
  peel?: number | null;
}

/** What of a sheet says where on the screen a point of the ground is. */
export type Seen = Pick<Sheet, "camera" | "size">;

/** Whether something about a pixel can be seen. */
export function inView(
  { size }: Pick<Sheet, "size">,
  px: number,
  py: number,
  reach: number,
): boolean {
  return (
    px + reach >= 0 && py + reach >= 0 && px - reach <= size.width && py - reach <= size.height
  );
}

/** Draws a straight line. */
export function line(
  c: CanvasRenderingContext2D,
  x: number,
  y: number,
  toX: number,
  toY: number,
): void {
  c.beginPath();
  c.moveTo(x, y);
  c.lineTo(toX, toY);
  c.stroke();
}
