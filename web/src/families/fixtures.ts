import { FACING_POINT, type Traits } from "./traits";

/** Levers, bells, lamps, chests. */
export const fixtures: Traits<"fixtures"> = {
  heading: "Fixtures",
  sign: "M4 14L14 14M9 14L13 5M11.6 5A1.4 1.4 0 1 1 14.4 5A1.4 1.4 0 1 1 11.6 5",
  ...FACING_POINT,
  levelled: true,
  named: 8,
  links: ["gates"],
  acts: true,
};
