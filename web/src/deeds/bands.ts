import { bandOf, leftEmpty } from "../document/membership";
import { freshName, type Mission, newId, type Ref } from "../document/mission";
import type { OpenMission } from "../document/store";
import { sure } from "../document/sure";
import { removeAll } from "./deeds";

/** Makes a band of squads; answers with its key. */
export function makeBand(open: OpenMission, squads: Ref[]): string {
  const { mission } = open.state;
  const id = newId();
  const name = freshName(mission.bands, "Band");
  open.edit(`Make ${name} of ${squads.length}`, (draft) => {
    draft.bands[id] = { name };
    move(
      draft,
      mission,
      squads.map((squad) => squad.id),
      id,
    );
  });
  return `bands/${id}`;
}

/** Has a squad belong to a band, or to none. */
export function joinBand(open: OpenMission, squad: string, band: string | null): void {
  const { mission } = open.state;
  if (band === (bandOf(mission, squad) ?? null)) return;
  const to = band ? `joins ${sure(mission.bands, band).name}` : "leaves its band";
  open.edit(`${sure(mission.squads, squad).name} ${to}`, (draft) =>
    move(draft, mission, [squad], band),
  );
}

/** Moves squads of a draft to a band or out of any; what band that leaves empty goes. */
function move(draft: Mission, before: Mission, squads: string[], band: string | null): void {
  for (const squad of squads) {
    sure(draft.squads, squad).belongs = band
      ? { type: "band", band: { family: "bands", id: band } }
      : { type: "alone" };
  }
  removeAll(draft, leftEmpty(before, squads));
}
