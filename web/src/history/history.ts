import { getJson, type Operation, send } from "../document/api";
import { key, type Mission, type Ref } from "../document/mission";
import type { OpenMission } from "../document/store";

/** One edit, as the history lists it. */
export interface Entry {
  revision: number;
  label: string;
  kind: "do" | "undo" | "redo";
  tab: string;
  at: string;
  /** What the version after it is called; empty for none. */
  name: string;
}

/** Something that differs between two versions. */
export interface Difference {
  kind: "ADDED" | "CHANGED" | "REMOVED";
  thing: Ref | null;
  name: string;
  says: string;
}

const at = (id: string) => `/api/missions/${id}/history`;

/** A page of edits up to a revision, the newest first. */
export function entriesOf(id: string, upTo?: number): Promise<Entry[]> {
  return getJson(`${at(id)}${upTo === undefined ? "" : `?upTo=${upTo}`}`);
}

/** The mission as it was after an edit. */
export async function missionAt(id: string, revision: number): Promise<Mission> {
  return (await getJson<{ document: Mission }>(`${at(id)}/${revision}`)).document;
}

/** What came, changed and went from one revision to another. */
export function differences(id: string, from: number, to: number): Promise<Difference[]> {
  return getJson(`${at(id)}/${from}/differences?to=${to}`);
}

/** Calls the version after an edit by a name; an empty one is forgotten. */
export function nameVersion(id: string, revision: number, name: string): Promise<void> {
  return send("PUT", `${at(id)}/${revision}/name`, { name });
}

/** Makes the mission as it was, as an edit that can be undone; false where it is so already. */
export async function goBack(open: OpenMission, revision: number, label: string): Promise<boolean> {
  await open.stored();
  const { patch } = await getJson<{ patch: Operation[] }>(
    `${at(open.state.id)}/${revision}/return`,
  );
  if (patch.length === 0) return false;
  if (!open.take(label, patch)) throw new Error("The mission has changed meanwhile. Try again.");
  return true;
}

/** The keys of the things that are there in one of the two versions and differ. */
export function marked(found: Difference[], kinds: Difference["kind"][]): Set<string> {
  return new Set(
    found.flatMap(({ kind, thing }) => (thing && kinds.includes(kind) ? [key(thing)] : [])),
  );
}

/** When an edit was made, as a clock reads it; with its day where that is not today. */
export function timeWords(made: string, now = new Date()): string {
  const then = new Date(made);
  const time = then.toLocaleTimeString("en-GB");
  return then.toDateString() === now.toDateString()
    ? time
    : `${then.toLocaleDateString("en-GB", { day: "numeric", month: "short" })}, ${time}`;
}
