import { SPAN, type Traits } from "./traits";

/** Leaps, climbs, drops. */
export const crossings: Traits<"crossings"> = {
  heading: "Crossings",
  sign: "M2 15L6 15L6 9M16 15L12 15L12 9M5 7Q9 1 13 6M13 6L9.8 5.6M13 6L13.2 2.8",
  ...SPAN,
  named: 10,
};
