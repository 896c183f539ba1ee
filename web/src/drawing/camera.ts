/** The scales between which one zooms, pixels a metre. */
export const LEAST_SCALE = 0.05;
export const MOST_SCALE = 40;

/** What part of the ground is seen: the point in the middle, and pixels a metre. */
export interface Camera {
  x: number;
  y: number;
  scale: number;
}

/** A viewport in pixels. */
export interface Size {
  width: number;
  height: number;
}

/** A box on the screen, pixels. */
export interface Box extends Size {
  left: number;
  top: number;
}

/** Where a point of the ground is on the screen. */
export function toScreen(camera: Camera, size: Size, x: number, y: number): [number, number] {
  return [
    size.width / 2 + (x - camera.x) * camera.scale,
    size.height / 2 - (y - camera.y) * camera.scale,
  ];
}

/** Which point of the ground is under a pixel. */
export function toGround(camera: Camera, size: Size, px: number, py: number): [number, number] {
  return [
    camera.x + (px - size.width / 2) / camera.scale,
    camera.y - (py - size.height / 2) / camera.scale,
  ];
}

/** The camera that shows the whole ground. */
export function wholeGround(size: Size, width: number, height: number): Camera {
  const scale = Math.min(size.width / width, size.height / height);
  return { x: width / 2, y: height / 2, scale: Math.max(LEAST_SCALE, scale) };
}

/** The camera after zooming by a factor about a pixel. */
export function zoomed(camera: Camera, size: Size, factor: number, px: number, py: number): Camera {
  const scale = Math.max(LEAST_SCALE, Math.min(MOST_SCALE, camera.scale * factor));
  const [x, y] = toGround(camera, size, px, py);
  return {
    scale,
    x: x - (px - size.width / 2) / scale,
    y: y + (py - size.height / 2) / scale,
  };
}

/** The camera kept so that some of the ground stays in view. */
export function kept(camera: Camera, width: number, height: number): Camera {
  return {
    ...camera,
    x: Math.max(0, Math.min(width, camera.x)),
    y: Math.max(0, Math.min(height, camera.y)),
  };
}

/** What others may do with a map. */
export interface MapHandle {
  camera(): Camera;
  size(): Size;
  /** Whether the whole ground is shown, and stays so when the map changes its size. */
  isWhole(): boolean;
  /** Asks for a new drawing with the next frame. */
  redraw(): void;
  /** Draws at once, within a frame of the caller's. */
  draw(): void;
  look(x: number, y: number, scale?: number): void;
  pan(px: number, py: number): void;
  zoom(factor: number): void;
  whole(): void;
  /** Shows all of a frame, metres. */
  frame(centre: { x: number; y: number }, width: number, depth: number): void;
  focus(): void;
}
