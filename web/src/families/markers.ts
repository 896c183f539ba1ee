import { POINT, type Traits } from "./traits";

/** Notes on the players' map. */
export const markers: Traits<"markers"> = {
  heading: "Markers",
  sign: "M5 16L5 2L15 5.5L5 9",
  ...POINT,
  named: 7,
};
