import { spots, type Traits } from "./traits";

/** Smoke, fire, spray, lights, sounds. */
export const effects: Traits<"effects"> = {
  heading: "Effects",
  sign: "M9 2L9 5M9 13L9 16M2 9L5 9M13 9L16 9M4 4L6 6M12 12L14 14M14 4L12 6M6 12L4 14",
  geometry: ({ position, radius }) => ({ is: "circle", centre: position, radius }),
  spots: (effect) => spots("position", effect),
  layer: "areas",
  named: 5,
};
