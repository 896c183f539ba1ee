import { FACING_POINT, type Traits } from "./traits";

/** Crates, boulders, boats on the shore. */
export const props: Traits<"props"> = {
  heading: "Props",
  sign: "M4 5L14 5L14 15L4 15ZM4 5L14 15M14 5L4 15",
  ...FACING_POINT,
  layer: "props",
  levelled: true,
  remembered: ["look"],
};
