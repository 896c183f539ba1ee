import { freshName, type Mission, newId, orderAfter, refOf } from "../document/mission";
import type { OpenMission } from "../document/store";
import { sure } from "../document/sure";

function title(keys: string[]): string {
  return keys.length === 1 ? "one thing" : `${keys.length} things`;
}

/** Makes a folder of things; answers with its id. */
export function makeFolder(open: OpenMission, keys: string[]): string {
  const id = newId();
  const name = freshName(open.state.mission.folders, "Folder");
  open.edit(`Make ${name} of ${title(keys)}`, (draft) => {
    draft.folders[id] = { name, order: orderAfter(draft.folders), things: {} };
    file(draft, keys, id);
  });
  return id;
}

/** Puts things into a folder, out of any other; out of all where none is given. */
export function putInFolder(open: OpenMission, keys: string[], folder: string | null): void {
  const { folders } = open.state.mission;
  const where = folder === null ? "out of its folder" : `into ${sure(folders, folder).name}`;
  open.edit(`Put ${title(keys)} ${where}`, (draft) => file(draft, keys, folder));
}

/** Files things of a draft. */
export function file(draft: Mission, keys: string[], folder: string | null): void {
  const refs = keys.map(refOf);
  for (const [id, { things }] of Object.entries(draft.folders)) {
    for (const ref of refs) if (id !== folder && things[ref.id]) delete things[ref.id];
  }
  if (folder === null) return;
  for (const ref of refs) sure(draft.folders, folder).things[ref.id] ??= ref;
}

/** Gives a folder another name; an empty one changes nothing. */
export function renameFolder(open: OpenMission, folder: string, to: string): void {
  const name = to.trim();
  if (name === "") return;
  open.edit(`Rename the folder to ${name}`, (draft) => {
    sure(draft.folders, folder).name = name;
  });
}

/** Takes a folder away; what lay in it stays. */
export function dropFolder(open: OpenMission, folder: string): void {
  const { name } = sure(open.state.mission.folders, folder);
  open.edit(`Dissolve ${name}`, (draft) => {
    delete draft.folders[folder];
  });
}
