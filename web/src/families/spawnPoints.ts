import { FACING_POINT, type Traits } from "./traits";

/** Where those come in who are brought in. */
export const spawnPoints: Traits<"spawnPoints"> = {
  heading: "Spawn points",
  sign: "M9 3L9 14M5 10L9 14L13 10M3 16L15 16",
  ...FACING_POINT,
  levelled: true,
  eyes: true,
  place: true,
  named: 15,
  links: ["units", "squads"],
  remembered: ["clearance"],
};
