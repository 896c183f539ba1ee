import { single, squadsOf } from "../document/membership";
import { sure } from "../document/sure";
import type { Traits } from "./traits";

/** Squads that belong together. */
export const bands: Traits<"bands"> = {
  heading: "Bands",
  sign: "M2 8A3 3 0 1 1 8 8A3 3 0 1 1 2 8M10 8A3 3 0 1 1 16 8A3 3 0 1 1 10 8M8 8L10 8M3 15L15 15",
  setDown: null,
  geometry: () => undefined,
  spots: () => [],
  group: true,
  layer: "none",
  painted: null,
  inPlay: null,
  solid: null,
  printed: null,
  sentence: (_, mission, { id }) => {
    const many = squadsOf(mission, id).length;
    return `A band of ${many} ${many === 1 ? "squad" : "squads"}, reckoned together.`;
  },
  slip: ["band"],
  side: (_, mission, ref) => {
    const [first] = single(mission, ref);
    return first ? sure(mission.units, first.id).side.id : "";
  },
  linked: "part of",
};
