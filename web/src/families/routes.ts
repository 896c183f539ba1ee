import { inOrder, joinsOf } from "../document/corners";
import { cornerSpots, type Traits } from "./traits";

/** Waypoints that somebody goes along. */
export const routes: Traits<"routes"> = {
  heading: "Routes",
  sign: "M3 14L7 6L12 11L16 4M1.6 14A1.4 1.4 0 1 1 4.4 14A1.4 1.4 0 1 1 1.6 14M14.6 4A1.4 1.4 0 1 1 17.4 4A1.4 1.4 0 1 1 14.6 4",
  geometry: (route) => {
    const vertices = inOrder(route.waypoints);
    const joins = joinsOf(route);
    return joins
      ? { is: "line", vertices, closed: false, joins }
      : { is: "line", vertices, closed: route.way === "loop" };
  },
  spots: ({ waypoints }) => cornerSpots(waypoints),
  vertices: ({ waypoints }) => waypoints,
  layer: "lines",
  named: 16,
  links: ["units", "squads"],
  acts: true,
  linked: "goes along",
  remembered: ["way", "open"],
};
