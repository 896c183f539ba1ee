import { spots, type Traits } from "./traits";

/** Parts of the sheet to come back to. */
export const views: Traits<"views"> = {
  heading: "Views",
  sign: "M2 6L2 3L6 3M12 3L16 3L16 6M16 12L16 15L12 15M6 15L2 15L2 12",
  geometry: ({ centre, width, depth }) => ({
    is: "box",
    centre,
    width,
    depth,
    bearing: 0,
    upright: true,
  }),
  spots: (view) => spots("centre", view),
  layer: "views",
  eyes: true,
  named: 6,
};
