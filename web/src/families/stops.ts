import type { Stops } from "../document/mission";

/** What a new wall or gate stops. */
export const SOLID: Stops = { movement: true, sight: true, shots: true, sound: 20 };

/** What something in the way stops, in words. */
export function stopped({ movement, sight, shots }: Stops): string {
  const words = [movement && "people", sight && "sight", shots && "shots"].filter(Boolean);
  return words.length === 0 ? "nothing" : words.join(", ").replace(/, (\w+)$/, " and $1");
}
