import type { Camera } from "../drawing/camera";

/** How long a view takes to come and to be given back, ms. */
const LASTS = 700;

/** A camera on its way to another. */
export interface Glide {
  from: Camera;
  since: number;
}

/** A glide that begins now; none for those who asked for less motion. */
export function glideFrom(from: Camera): Glide | null {
  const still = window.matchMedia("(prefers-reduced-motion: reduce)").matches;
  return still ? null : { from, since: performance.now() };
}

/** Whether a glide is over. */
export function isOver({ since }: Glide, now: number): boolean {
  return now - since >= LASTS;
}

/** Where a glide has come to: slow at both ends, its scale growing by the same factor evenly. */
export function glided({ from, since }: Glide, to: Camera, now: number): Camera {
  const gone = Math.max(0, Math.min(1, (now - since) / LASTS));
  const share = gone * gone * (3 - 2 * gone);
  return {
    x: from.x + (to.x - from.x) * share,
    y: from.y + (to.y - from.y) * share,
    scale: from.scale * (to.scale / from.scale) ** share,
  };
}
