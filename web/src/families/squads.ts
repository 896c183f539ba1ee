import type { Traits } from "./traits";

/** Units that act as one. */
export const squads: Traits<"squads"> = {
  heading: "Squads",
  sign: "M5 6A2 2 0 1 1 9 6A2 2 0 1 1 5 6M10 10A2 2 0 1 1 14 10A2 2 0 1 1 10 10M3 12A2 2 0 1 1 7 12A2 2 0 1 1 3 12",
  geometry: () => undefined,
  spots: () => [],
  group: true,
  layer: "none",
  links: ["units", "squads", "starts", "posts", "routes", "zones", "spawnPoints"],
  acts: true,
  linked: "member of",
};
