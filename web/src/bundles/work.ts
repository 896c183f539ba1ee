import { type Operation, send } from "../document/api";
import { newestOf, partsOf } from "../document/copies";
import type { BundleValue, Mission, Position, Ref } from "../document/mission";
import { key, nameOf, refOf } from "../document/mission";
import type { OpenMission } from "../document/store";
import { sure } from "../document/sure";

/** Something of a copy that stays as it is, though the bundle has changed. */
export interface Kept {
  thing: Ref;
  pointer: string;
  says: string;
}

/** What a piece of work on bundles would change, as the server reckons it. */
export interface Proposal {
  patch: Operation[];
  made: Ref[];
  kept: Kept[];
}

/** A parameter that a new bundle is to have. */
export interface Wanted {
  name: string;
  /** JSON Pointers from the document. */
  places: string[];
}

/** What a copy is to be. */
export interface Reset {
  values: Record<string, BundleValue>;
  edition: string;
  turn: number;
}

/** Asks what a piece of work would change, once all edits of this tab are stored. */
async function propose(open: OpenMission, path: string, body: object | Blob): Promise<Proposal> {
  await open.stored();
  return send<Proposal>("POST", `/api/missions/${open.state.id}${path}`, body);
}

/** Puts a proposal on as one edit. */
function take(open: OpenMission, label: string, proposal: Proposal): Proposal {
  if (!open.take(label, proposal.patch)) {
    throw new Error("The mission has changed meanwhile. Try again.");
  }
  return proposal;
}

/** Makes a bundle of things; answers with its id. */
export async function makeBundle(
  open: OpenMission,
  name: string,
  note: string,
  keys: string[],
  parameters: Wanted[],
): Promise<string> {
  const body = { name, note, things: keys.map(refOf), parameters };
  const proposal = take(open, `Make the bundle ${name}`, await propose(open, "/bundles", body));
  return sure(proposal.made, 0).id;
}

/** Sets a bundle down; answers with the keys of its things. */
export async function setDownBundle(
  open: OpenMission,
  tool: { bundle: string; word: string; turn: number },
  at: Position,
): Promise<string[]> {
  const { bundle, word, turn } = tool;
  const shipped = open.state.mission.bundles[bundle] ? "" : "shipped/";
  const path = `/bundles/${shipped}${bundle}/copies`;
  const proposal = await propose(open, path, { at, turn });
  return take(open, `Set down ${word}`, proposal).made.slice(1).map(key);
}

/** What a copy would be like with other values or of another edition. */
export function proposeReset(open: OpenMission, copy: string, to: Reset): Promise<Proposal> {
  return propose(open, `/copies/${copy}/reset`, to);
}

/** Gives a copy other values, or turns it. */
export async function resetCopy(
  open: OpenMission,
  copy: string,
  label: string,
  to: Partial<Reset>,
): Promise<Kept[]> {
  const { values, edition, turn } = sure(open.state.mission.copies, copy);
  const proposal = await proposeReset(open, copy, { values, edition, turn, ...to });
  return take(open, label, proposal).kept;
}

/** Has copies of a bundle take over how it is by now; answers with what stays as it was. */
export async function takeOver(open: OpenMission, copies: string[]): Promise<Kept[]> {
  const kept: Kept[] = [];
  for (const copy of copies) {
    const { name, bundle } = sure(open.state.mission.copies, copy);
    const [edition] = newestOf(sure(open.state.mission.bundles, bundle.id));
    kept.push(...(await resetCopy(open, copy, `${name} takes its bundle over`, { edition })));
  }
  return kept;
}

/** Makes a bundle as one of its copies is, with some more things. */
export async function followCopy(open: OpenMission, copy: string, add: Ref[]): Promise<void> {
  const { name, bundle } = sure(open.state.mission.copies, copy);
  const of = nameOf(open.state.mission, bundle);
  take(open, `${of} is as ${name}`, await propose(open, `/copies/${copy}/follow`, { add }));
}

/** Brings the bundles of a mission that comes as a file. */
export async function bringBundles(open: OpenMission, file: Blob): Promise<void> {
  take(open, "Bring in bundles", await propose(open, "/bundles/bring", file));
}

/** Whether a value is a figure or a word that can be told as it is. */
function plain(value: unknown): boolean {
  return typeof value === "number" || (typeof value === "string" && value.length <= 40);
}

/** What a proposal changes, brings and takes away, a line for each figure or thing. */
export function changesOf(mission: Mission, { patch, made }: Proposal): string[] {
  const fresh = new Set(made.map(key));
  const lines = new Set<string>();
  let was: unknown;
  for (const { op, path, value } of patch) {
    const [, family, id, ...rest] = path.split("/");
    if (op === "test") was = value;
    if (op === "test" || family === "bundles" || family === "copies" || !id) continue;
    const name = nameOf(mission, refOf(`${family}/${id}`));
    if (fresh.has(`${family}/${id}`)) lines.add(`${(value as { name: string }).name} comes`);
    else if (op === "remove" && rest.length === 0) lines.add(`${name} goes`);
    else if (op === "replace" && plain(value) && plain(was)) {
      lines.add(`${name}: ${rest.at(-1)} ${was} becomes ${value}`);
    } else lines.add(`${name} changes`);
  }
  return [...lines];
}

/** Lets go of a copy: its things stay, and are of no bundle any more. */
export function letGo(open: OpenMission, copy: string): void {
  const { name } = sure(open.state.mission.copies, copy);
  open.edit(`Let go of ${name}`, (draft) => {
    delete draft.copies[copy];
  });
}

/** The keys of all that belongs to a copy. */
export function keysOf(mission: Mission, copy: string): string[] {
  return partsOf(mission, sure(mission.copies, copy)).map(key);
}
