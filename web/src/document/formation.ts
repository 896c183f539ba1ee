import type { Squad } from "./mission";

/**
 * Where in a formation a follower stands, as the core keeps them on the march: metres behind the
 * leader, and to their right.
 */
export function formationPlace(
  formation: Squad["formation"],
  spacing: number,
  rank: number,
  followers: number,
): { back: number; aside: number } {
  const row = Math.floor(rank / 2) + 1;
  const side = rank % 2 === 0 ? -1 : 1;
  switch (formation) {
    case "pairs":
      return { back: spacing * row, aside: (spacing / 2) * side };
    case "file":
      return { back: spacing * (rank + 1), aside: 0 };
    case "line":
      return { back: 0, aside: spacing * row * side };
    case "wedge":
      return { back: spacing * row, aside: spacing * row * side };
    case "ring": {
      const turn = (2 * Math.PI * (rank + 0.5)) / Math.max(1, followers);
      const radius = Math.max(spacing, (spacing * followers) / (2 * Math.PI));
      return { back: -radius * Math.cos(turn), aside: radius * Math.sin(turn) };
    }
  }
}
