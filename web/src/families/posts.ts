import { FACING_POINT, type Traits } from "./traits";

/** Where somebody stands and watches. */
export const posts: Traits<"posts"> = {
  heading: "Posts",
  sign: "M3 5L3 14L15 14L15 5M9 14L9 8",
  ...FACING_POINT,
  levelled: true,
  eyes: true,
  place: true,
  named: 14,
  links: ["units", "squads"],
  linked: "guards",
  remembered: ["open"],
};
