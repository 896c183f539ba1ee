import { FACING_POINT, type Traits } from "./traits";

/** Boats, carts and the like. */
export const craft: Traits<"craft"> = {
  heading: "Craft",
  sign: "M9 1.5C13 6 13 12 12 16L6 16C5 12 5 6 9 1.5ZM5.6 9L12.4 9",
  ...FACING_POINT,
  named: 2,
};
