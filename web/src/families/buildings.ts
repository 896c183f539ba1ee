import { inOrder } from "../document/corners";
import { cornerSpots, spots, type Traits } from "./traits";

/** Houses of one or more storeys. */
export const buildings: Traits<"buildings"> = {
  heading: "Buildings",
  sign: "M2 9L9 3L16 9M4 8L4 15L14 15L14 8M8 15L8 11L11 11L11 15",
  geometry: ({ corners }) => ({ is: "ring", vertices: inOrder(corners) }),
  vertices: ({ corners }) => corners,
  spots: ({ corners, inner, stairs }) => [
    ...cornerSpots(corners),
    ...Object.values(inner).flatMap((it) => cornerSpots(it.corners)),
    ...spots("head", ...Object.values(stairs)),
    ...spots("foot", ...Object.values(stairs)),
  ],
  layer: "outlines",
  named: 12,
};
