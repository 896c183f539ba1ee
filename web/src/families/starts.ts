import { FACING_POINT, type Traits } from "./traits";

/** Where players begin. */
export const starts: Traits<"starts"> = {
  heading: "Player starts",
  ...FACING_POINT,
  layer: "people",
  levelled: true,
  eyes: true,
  place: true,
  links: ["units", "squads", "zones"],
};
