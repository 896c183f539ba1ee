import { FACING_POINT, type Traits } from "./traits";

/** Names that are written on the sheet. */
export const placeNames: Traits<"placeNames"> = {
  heading: "Place names",
  sign: "M3 15L8 3L10 3L15 15M5 11L13 11",
  ...FACING_POINT,
  remembered: ["letters"],
};
