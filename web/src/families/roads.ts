import { inOrder } from "../document/corners";
import { cornerSpots, type Traits } from "./traits";

/** Roads and paths. */
export const roads: Traits<"roads"> = {
  heading: "Roads",
  sign: "M6 16L7 11L6 7L8 2M12 16L13 11L12 7L13 2",
  geometry: ({ corners }) => ({ is: "line", vertices: inOrder(corners), closed: false }),
  spots: ({ corners }) => cornerSpots(corners),
  vertices: ({ corners }) => corners,
  layer: "roads",
  named: 13,
  remembered: ["width", "surface"],
};
