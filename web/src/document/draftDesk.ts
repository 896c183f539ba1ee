import { produce } from "immer";
import type { Mission } from "./mission";
import type { OpenMission } from "./store";

/** An open mission that takes edits at once and tells nobody, for tests of what edits do. */
export function draftDesk(mission: Mission): OpenMission & { labels: string[] } {
  const desk = {
    state: { mission },
    labels: [] as string[],
    edit(label: string, change: (draft: Mission) => void) {
      desk.labels.push(label);
      desk.state = { mission: produce(desk.state.mission, change) };
    },
  };
  return desk as unknown as OpenMission & { labels: string[] };
}
