import { inOrder } from "../document/corners";
import { cornerSpots, type Traits } from "./traits";

/** Walls and fences. */
export const walls: Traits<"walls"> = {
  heading: "Walls",
  sign: "M2 12L7 6L16 8M2 15L8 9.5L16 11",
  geometry: ({ corners }) => ({ is: "line", vertices: inOrder(corners), closed: false }),
  spots: ({ corners }) => cornerSpots(corners),
  vertices: ({ corners }) => corners,
  layer: "lines",
  levelled: true,
  remembered: ["height", "thickness", "stops"],
};
