import type { Traits } from "./traits";

/** Squads that are reckoned together. */
export const bands: Traits<"bands"> = {
  heading: "Bands",
  sign: "M2 8A3 3 0 1 1 8 8A3 3 0 1 1 2 8M10 8A3 3 0 1 1 16 8A3 3 0 1 1 10 8M8 8L10 8M3 15L15 15",
  geometry: () => undefined,
  spots: () => [],
  group: true,
  layer: "none",
  linked: "part of",
};
