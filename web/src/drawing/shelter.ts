import type { Position } from "../document/mission";
import { toScreen } from "./camera";
import { faint, inks } from "./inks";
import type { Sheet } from "./sheet";

/** What shots from one bearing meet, as the core reckons it. */
export interface ShelterRay {
  bearing: number;
  /** From how near they can hit, metres. */
  reach: number;
  /** What is taken off their chance to hit, 0 to 1. */
  cover: number;
}

/** Bearings from which shots come nearer than this are open, metres. */
const SAFE = 6;

/** Draws the cover of a post: short filled wedges where it is covered, open ones as far as shots reach. */
export function drawShelter(
  { c, camera, size }: Sheet,
  { at, rays }: { at: Position; rays: ShelterRay[] },
): void {
  const [px, py] = toScreen(camera, size, at.x, at.y);
  const half = Math.PI / rays.length;
  c.save();
  for (const { bearing, reach, cover } of rays) {
    const angle = (bearing * Math.PI) / 180 - Math.PI / 2;
    const closed = reach <= SAFE;
    const radius = closed ? Math.max(22, SAFE * camera.scale) : reach * camera.scale;
    c.beginPath();
    c.moveTo(px, py);
    c.arc(px, py, radius, angle - half, angle + half);
    c.closePath();
    c.fillStyle = closed
      ? faint(inks.moss, 0.55)
      : cover > 0
        ? faint(inks.moss, 0.14 + cover * 0.3)
        : faint(inks.error, 0.17);
    c.fill();
  }
  c.restore();
}
