import { key, type Mission, type Ref, type Unit, usesOf } from "./mission";

/** The squads of a band, by id. */
export function squadsOf(mission: Mission, band: string): string[] {
  return Object.keys(mission.squads).filter((id) => bandOf(mission, id) === band);
}

/** The band that a squad belongs to; nothing where it belongs to none that is there. */
export function bandOf(mission: Mission, squad: string): string | undefined {
  const belongs = mission.squads[squad]?.belongs;
  const id = belongs?.type === "band" ? belongs.band.id : undefined;
  return id !== undefined && id in mission.bands ? id : undefined;
}

/** The bands that are left without a squad, and that nothing else names, once some squads leave. */
export function leftEmpty(mission: Mission, leaving: string[]): Ref[] {
  const squads = new Set(leaving.map((id) => `squads/${id}`));
  const bands = new Set(leaving.flatMap((id) => bandOf(mission, id) ?? []));
  return [...bands]
    .map((id): Ref => ({ family: "bands", id }))
    .filter((band) => usesOf(mission, band).every((user) => squads.has(key(user))));
}

/** The units of a squad. */
export function membersOf(mission: Mission, squad: string): Ref[] {
  return Object.entries(mission.units)
    .filter(([, { belongs }]) => belongs.type === "squad" && belongs.squad.id === squad)
    .map(([id]) => ({ family: "units", id }));
}

/** A thing, or in place of a squad or a band its members. */
export function single(mission: Mission, ref: Ref): Ref[] {
  if (ref.family === "bands") {
    return squadsOf(mission, ref.id).flatMap((squad) => membersOf(mission, squad));
  }
  return ref.family === "squads" ? membersOf(mission, ref.id) : [ref];
}

/** Makes a unit of a draft a member of a squad, which it follows from then on. */
export function enlist(unit: Unit, squad: string): void {
  unit.belongs = { type: "squad", squad: { family: "squads", id: squad }, fills: "always" };
  unit.order = { type: "squad" };
}

/** Lets a unit of a draft stand alone. */
export function standAlone(unit: Unit): void {
  unit.belongs = { type: "alone" };
  if (unit.order.type === "squad") unit.order = { type: "stay" };
}
