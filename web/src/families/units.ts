import { FACING_POINT, type Traits } from "./traits";

/** People, beasts, carts, boats. */
export const units: Traits<"units"> = {
  heading: "Units",
  ...FACING_POINT,
  layer: "people",
  levelled: true,
  eyes: true,
  place: true,
  links: ["units", "squads", "starts", "posts", "routes", "zones", "spawnPoints"],
  acts: true,
};
