import { POINT, type Traits } from "./traits";

/** The designer's own notes. */
export const notes: Traits<"notes"> = {
  heading: "Notes",
  sign: "M3 2L11 2L15 6L15 16L3 16ZM11 2L11 6L15 6M6 10L12 10M6 13L10 13",
  ...POINT,
  named: 1,
};
