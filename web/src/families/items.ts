import { POINT, type Traits } from "./traits";

/** What lies there to be taken up. */
export const items: Traits<"items"> = {
  heading: "Items",
  sign: "M3 9A6 6 0 1 1 15 9A6 6 0 1 1 3 9M9 6L9 12M6 9L12 9",
  ...POINT,
  levelled: true,
  named: 4,
};
