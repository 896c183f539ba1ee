import { type Mission, newId, ordered, type Wave } from "../document/mission";

/** The side that a new party is of: of those hostile to the first player the most numerous. */
function foe(mission: Mission): string {
  const own = ordered(mission.starts)[0]?.[1].side.id;
  const foes = Object.values(mission.stances)
    .filter(
      ({ one, other, attitude }) => attitude === "hostile" && (one.id === own || other.id === own),
    )
    .map(({ one, other }) => (one.id === own ? other.id : one.id));
  const many = (side: string) =>
    Object.values(mission.units).filter((unit) => unit.side.id === side).length;
  foes.sort((a, b) => many(b) - many(a));
  return foes[0] ?? Object.keys(mission.sides)[0] ?? "";
}

/** A party of two for a new wave, who go for the players. */
export function freshParty(mission: Mission): Wave["parties"] {
  const side = foe(mission);
  const usual = Object.values(mission.units).find((unit) => unit.side.id === side)?.kind.id;
  const kind = usual ?? Object.keys(mission.kinds)[0] ?? "";
  return {
    [newId()]: {
      order: "a0",
      count: { count: 2, pins: { calm: -1, breezy: -1, rough: -1, storm: -1 }, perPlayer: 0 },
      kind: { family: "kinds", id: kind },
      side: { family: "sides", id: side },
      from: { type: "plan" },
      duty: { type: "attack", who: { quantifier: { type: "any" }, whom: { type: "players" } } },
    },
  };
}

/** The waves of a plan by their ids. */
export function wavesOf(mission: Mission, plan: string): Mission["waves"] {
  return Object.fromEntries(
    Object.entries(mission.waves).filter(([, wave]) => wave.wavePlan.id === plan),
  );
}
