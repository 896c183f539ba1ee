import { inOrder } from "../document/corners";
import { cornerSpots, spots, type Traits } from "./traits";

/** Bridges, piers, floors over the ground. */
export const decks: Traits<"decks"> = {
  heading: "Decks",
  sign: "M2 11L6 5L16 5L12 11ZM4 11L4 15M12 11L12 15M16 5L16 9",
  geometry: ({ corners }) => ({ is: "ring", vertices: inOrder(corners) }),
  vertices: ({ corners }) => corners,
  spots: ({ corners, openings, ramps }) => [
    ...cornerSpots(corners),
    ...Object.values(openings).flatMap((it) => cornerSpots(it.corners)),
    ...spots("head", ...Object.values(ramps)),
    ...spots("foot", ...Object.values(ramps)),
  ],
  layer: "outlines",
  named: 11,
  remembered: ["thickness"],
};
