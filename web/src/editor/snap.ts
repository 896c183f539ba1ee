import type { Snap } from "../desk/desk";
import type { Mission, Position } from "../document/mission";
import { inks } from "../drawing/inks";
import type { Sheet } from "../drawing/sheet";
import { PLACED } from "../families";
import { nearestAlong } from "../things/near";

/** How near a line must be to draw something to it, pixels. */
const PULL = 8;

/** Directions that lines and turns snap to are this far apart, degrees. */
const ANGLE = 15;

/** A point after it was drawn to something, and along which lines. */
export interface Snapped {
  at: Position;
  /** A line of latitude or longitude that something else lies on. */
  east?: number;
  north?: number;
}

/** The meshes of the grid to choose from, metres. */
export const GRIDS = [0, 0.5, 1, 2, 5, 10, 25];

/**
 * Draws a point to the neighbours of what is moved, else to a whole angle from where it comes, else to
 * the grid.
 *
 * @param from where the line that is drawn comes from
 * @param except what is itself being moved
 */
export function snapPoint(
  snap: Snap,
  mission: Mission,
  scale: number,
  p: Position,
  from?: Position,
  except: ReadonlySet<string> = new Set(),
): Snapped {
  if (!snap.on) return { at: p };
  const pull = PULL / scale;
  const near: Omit<Snapped, "at"> = snap.neighbours ? neighbours(mission, p, pull, except) : {};
  if (near.east !== undefined || near.north !== undefined) {
    return { at: { x: near.east ?? p.x, y: near.north ?? p.y }, ...near };
  }
  if (snap.angles && from) {
    const [dx, dy] = [p.x - from.x, p.y - from.y];
    const length = Math.hypot(dx, dy);
    const angle =
      (Math.round((Math.atan2(dx, dy) * 180) / Math.PI / ANGLE) * ANGLE * Math.PI) / 180;
    const whole = snap.grid > 0 ? Math.round(length / snap.grid) * snap.grid : length;
    const at = { x: from.x + Math.sin(angle) * whole, y: from.y + Math.cos(angle) * whole };
    if (Math.hypot(at.x - p.x, at.y - p.y) < 2 * pull + snap.grid) return { at };
  }
  if (snap.grid > 0) {
    const onto = (value: number) => Math.round(value / snap.grid) * snap.grid;
    return { at: { x: onto(p.x), y: onto(p.y) } };
  }
  return { at: p };
}

function neighbours(mission: Mission, p: Position, pull: number, except: ReadonlySet<string>) {
  const nearest = (axis: "east" | "north", at: number) => {
    let best: number | undefined;
    let least = pull;
    for (const family of PLACED) {
      const found = nearestAlong(mission, family, axis, at, least, (id) =>
        except.has(`${family}/${id}`),
      );
      if (found !== undefined) [best, least] = [found, Math.abs(found - at)];
    }
    return best;
  };
  return { east: nearest("east", p.x), north: nearest("north", p.y) };
}

/** A bearing drawn to a whole angle. */
export function snapBearing(snap: Snap, bearing: number): number {
  return snap.on && snap.angles ? Math.round(bearing / ANGLE) * ANGLE : bearing;
}

/** Draws the lines along which something lies in a row with others. */
export function drawGuides({ c, camera, size }: Sheet, { east, north }: Snapped): void {
  c.save();
  c.strokeStyle = inks.moss;
  c.lineWidth = 1;
  c.setLineDash([6, 3]);
  c.beginPath();
  if (east !== undefined) {
    const px = size.width / 2 + (east - camera.x) * camera.scale;
    c.moveTo(px, 0);
    c.lineTo(px, size.height);
  }
  if (north !== undefined) {
    const py = size.height / 2 - (north - camera.y) * camera.scale;
    c.moveTo(0, py);
    c.lineTo(size.width, py);
  }
  c.stroke();
  c.restore();
}
