import type { BundleEdition, Mission, Position } from "../document/mission";
import type { Sheet } from "../drawing/sheet";
import { PLACED } from "../families";
import { paintMission } from "../map/paint";

const NOTHING: ReadonlySet<string> = new Set();

/** A bundle as it would lie about a point, as a mission in which there is nothing else. */
export function laidOut(
  mission: Mission,
  edition: BundleEdition,
  at: Position,
  turn: number,
): Mission {
  const laid = { ...mission };
  for (const family of PLACED) {
    const parts = (edition.parts as unknown as Record<string, object>)[family] ?? {};
    Object.assign(laid, { [family]: turned(parts, edition.anchor, at, turn) });
  }
  return laid;
}

/** A copy of a part whose positions lie about another point and whose bearings are turned. */
function turned(node: unknown, anchor: Position, at: Position, turn: number): unknown {
  if (node === null || typeof node !== "object") return node;
  const fields = node as Record<string, unknown>;
  if (Object.keys(fields).length === 2 && "x" in fields && "y" in fields) {
    const angle = (turn * Math.PI) / 180;
    const [dx, dy] = [(fields.x as number) - anchor.x, (fields.y as number) - anchor.y];
    return {
      x: at.x + dx * Math.cos(angle) + dy * Math.sin(angle),
      y: at.y - dx * Math.sin(angle) + dy * Math.cos(angle),
    };
  }
  return Object.fromEntries(
    Object.entries(fields).map(([name, part]) => [
      name,
      (name === "facing" || name === "bearing") && typeof part === "number"
        ? (part + turn) % 360
        : turned(part, anchor, at, turn),
    ]),
  );
}

/** Draws a bundle faintly where it would be set down. */
export function drawBundle(
  sheet: Sheet,
  mission: Mission,
  edition: BundleEdition,
  at: Position,
  turn: number,
): void {
  sheet.c.save();
  sheet.c.globalAlpha = 0.6;
  paintMission(sheet, laidOut(mission, edition, at, turn), NOTHING);
  sheet.c.restore();
}
