import { FACING_POINT, type Traits } from "./traits";

/** Loads. */
export const cargo: Traits<"cargo"> = {
  heading: "Cargo",
  sign: "M3 6L15 6L15 14L3 14ZM7 6L7 14M11 6L11 14",
  ...FACING_POINT,
  levelled: true,
  named: 3,
};
