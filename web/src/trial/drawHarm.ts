import type { Mission } from "../document/mission";
import { toScreen } from "../drawing/camera";
import { inks } from "../drawing/inks";
import type { Sheet } from "../drawing/sheet";
import type { InPlay } from "../families/traits";

/** The bar that shows what is left of the strength of a thing, pixels. */
const WIDE = 26;
const HIGH = 4;

/** How far above the middle of a thing its bar is drawn, pixels. */
const ABOVE = 18;

/** Draws what is left of the strength of things that have been harmed and are not broken. */
export function drawHarm(
  sheet: Sheet,
  mission: Mission,
  things: InPlay["things"],
  places: InPlay["places"],
): void {
  const { c, camera, size } = sheet;
  for (const [id, { stands, strength }] of Object.entries(things)) {
    const thing = mission.props[id] ?? mission.fixtures[id];
    if (!thing || stands === "gone" || strength <= 0 || strength >= 100) continue;
    const { x, y } = places.get(id) ?? thing.position;
    const [px, py] = toScreen(camera, size, x, y);
    c.fillStyle = inks.halo;
    c.fillRect(px - WIDE / 2 - 1, py - ABOVE - 1, WIDE + 2, HIGH + 2);
    c.fillStyle = inks.flint2;
    c.fillRect(px - WIDE / 2, py - ABOVE, WIDE, HIGH);
    c.fillStyle = inks.lichen;
    c.fillRect(px - WIDE / 2, py - ABOVE, (WIDE * strength) / 100, HIGH);
  }
}
