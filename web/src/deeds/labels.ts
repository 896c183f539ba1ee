import { type Mission, newId, orderAfter, type Ref, refOf } from "../document/mission";
import type { OpenMission } from "../document/store";
import { sure } from "../document/sure";

/** The ids of the labels that a thing bears. */
export function labelsOf(mission: Mission, thing: Ref): string[] {
  return Object.entries(mission.labels)
    .filter(([, { things }]) => things[thing.id]?.family === thing.family)
    .map(([id]) => id);
}

/** Puts a label on things, or takes it off. */
export function putLabel(open: OpenMission, label: string, keys: string[], on: boolean): void {
  const { name } = sure(open.state.mission.labels, label);
  open.edit(on ? `Label ${name}` : `Take ${name} off`, (draft) => {
    for (const ref of keys.map(refOf)) {
      if (on) sure(draft.labels, label).things[ref.id] = ref;
      else delete sure(draft.labels, label).things[ref.id];
    }
  });
}

/** Puts the label of a name on things; makes it where there is none. */
export function labelAs(open: OpenMission, typed: string, keys: string[]): void {
  const name = typed.trim();
  if (name === "") return;
  const known = Object.entries(open.state.mission.labels).find(
    ([, label]) => label.name.toLowerCase() === name.toLowerCase(),
  );
  if (known) {
    putLabel(open, known[0], keys, true);
    return;
  }
  const id = newId();
  open.edit(`Label ${name}`, (draft) => {
    const things = Object.fromEntries(keys.map(refOf).map((ref) => [ref.id, ref]));
    draft.labels[id] = { name, order: orderAfter(draft.labels), things };
  });
}

/** Takes things that are no more off all labels of a draft. */
export function unlabel(draft: Mission, refs: Ref[]): void {
  for (const { things } of Object.values(draft.labels)) {
    for (const ref of refs) if (things[ref.id]) delete things[ref.id];
  }
}
