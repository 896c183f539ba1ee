import { MOST } from "../generated/bounds.gen";
import { type Family, familyWords, type Mission } from "./mission";

function sizeOf(mission: Mission, map: string): number {
  return Object.keys(mission[map as Family]).length;
}

/**
 * Why a mission cannot become another: it would hold more of something than a mission may. Nothing
 * where it can, or where it holds no more of it than before. The server judges by the same numbers.
 */
export function overfull(before: Mission, next: Mission): string | undefined {
  for (const [map, most] of Object.entries(MOST)) {
    if (before[map as Family] === next[map as Family]) continue;
    const size = sizeOf(next, map);
    if (size > most && size > sizeOf(before, map)) {
      const words = map === "lost" ? "remembered things that were deleted" : familyWords(map);
      return `A mission has at most ${most} ${words}, not ${size}.`;
    }
  }
  return undefined;
}
