import { membersOf } from "../document/membership";
import { nameOf } from "../document/mission";
import { ordersAbout } from "./people";
import type { Traits } from "./traits";

/** Units that are led and counted together. */
export const squads: Traits<"squads"> = {
  heading: "Squads",
  sign: "M5 6A2 2 0 1 1 9 6A2 2 0 1 1 5 6M10 10A2 2 0 1 1 14 10A2 2 0 1 1 10 10M3 12A2 2 0 1 1 7 12A2 2 0 1 1 3 12",
  setDown: null,
  geometry: () => undefined,
  spots: () => [],
  group: true,
  layer: "none",
  painted: null,
  inPlay: null,
  solid: null,
  printed: null,
  sentence: ({ leader }, mission, { id }) => {
    const members = membersOf(mission, id);
    if (members.length === 0) return "A squad of nobody yet. Add units below, or in their slips.";
    return `A squad of ${members.length}, led by ${nameOf(mission, leader)}.`;
  },
  slip: ["squad", "orders"],
  side: ({ leader }, mission) => mission.units[leader.id]?.side.id ?? "",
  links: ["units", "squads", "starts", "posts", "routes", "zones", "spawnPoints"],
  ordered: true,
  orders: (squad, name) =>
    ordersAbout(name, { quantifier: { type: "any" }, whom: { type: "squad", squad } }),
  acts: true,
  linked: "member of",
};
