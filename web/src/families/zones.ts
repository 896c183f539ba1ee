import { inOrder } from "../document/corners";
import { cornerSpots, spots, type Traits } from "./traits";

/** Areas that the script and the slip speak of. */
export const zones: Traits<"zones"> = {
  heading: "Zones",
  geometry: ({ shape }) => {
    if (shape.type === "circle") {
      return { is: "circle", centre: shape.centre, radius: shape.radius };
    }
    return shape.type === "rectangle"
      ? { is: "box", ...shape }
      : { is: "ring", vertices: inOrder(shape.corners) };
  },
  spots: ({ shape }) =>
    shape.type === "polygon" ? cornerSpots(shape.corners) : spots("centre", shape),
  vertices: ({ shape }) => (shape.type === "polygon" ? shape.corners : undefined),
  layer: "areas",
  place: true,
  links: ["units", "squads", "starts"],
  acts: true,
};
