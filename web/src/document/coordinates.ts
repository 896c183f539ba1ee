import type { Position } from "./mission";
import { toKept } from "./units";

const TWO =
  /^\s*E?\s*(-?\d+(?:\.\d+)?)\s*(?:m|ft)?\s*[,; ]\s*N?\s*(-?\d+(?:\.\d+)?)\s*(?:m|ft)?\s*$/i;

/**
 * The point that two numbers name, east and north of the sheet's corner in the units that are shown:
 * `E 120 N 340`, `120, 340`, `120 340`. Nothing where they are not two numbers.
 */
export function pointOf(text: string): Position | undefined {
  const found = TWO.exec(text);
  if (!found) return undefined;
  const [east, north] = [Number(found[1]), Number(found[2])];
  return { x: toKept(east, "m"), y: toKept(north, "m") };
}
