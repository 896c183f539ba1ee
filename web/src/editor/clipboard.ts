import { keep, kept } from "../document/kept";
import type { OpenMission } from "../document/store";
import { fileOf, type Parcel, parcel, unpack } from "../things/parcel";

/** Where the last copy is kept, so that it can be set down in another mission. */
const KEPT = "parcel";

/** Copies things so that they can be pasted here or in another mission; answers with how many. */
export async function copy(open: OpenMission, keys: string[]): Promise<number> {
  const packed = parcel(open.state.mission, keys);
  if (!keep(KEPT, packed)) throw new Error("this browser has no room for that much.");
  await navigator.clipboard?.writeText(JSON.stringify(packed)).catch(() => {});
  return packed.things.length;
}

/** What was copied last, from any tab; nothing where nothing was. */
export function copied(): Parcel | undefined {
  return fileOf(JSON.stringify(kept(KEPT, null)));
}

/**
 * Sets down what was copied about a point, once the server has found that the mission can hold it;
 * answers with the keys of the copies.
 */
export async function paste(
  open: OpenMission,
  from: Parcel,
  at: { x: number; y: number },
): Promise<string[]> {
  let made: string[] = [];
  const many = from.things.length;
  await open.editChecked(`Paste ${many} ${many === 1 ? "thing" : "things"}`, (draft) => {
    made = unpack(draft, from, at);
  });
  return made;
}
