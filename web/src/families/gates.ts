import { SPAN, type Traits } from "./traits";

/** Gates, doors, sluices. */
export const gates: Traits<"gates"> = {
  heading: "Gates",
  sign: "M2 6L2 14M16 6L16 14M2 10L9 10M9 10L14 4",
  ...SPAN,
  named: 9,
  levelled: true,
  links: ["fixtures"],
  linked: "works",
  remembered: ["height", "stops"],
};
