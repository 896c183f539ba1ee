/** What the server says is wrong, as RFC 9457 problem details. */
export interface Problem {
  title: string;
  status: number;
  detail: string;
  problems?: { pointer: string; reason: string; says: string }[];
  missed?: LoggedEdit[];
  conflict?: { path: string; expected: unknown; found: unknown } | null;
  /** The revisions that can be gone on from, of a mission that cannot be opened. */
  ways?: { revision: number; at: string; backup: string }[];
  /** Its title. */
  mission?: string;
}

/** One operation of an RFC 6902 JSON Patch. */
export interface Operation {
  op: "add" | "remove" | "replace" | "test";
  path: string;
  value?: unknown;
}

/** An edit as the server's log keeps it. */
export interface LoggedEdit {
  id: string;
  revision: number;
  tab: string;
  label: string;
  kind: "do" | "undo" | "redo";
  target: string;
  patch: Operation[];
  inverse: Operation[];
  at: string;
}

/** A mission as the shelf shows it. */
export interface Card {
  id: string;
  title: string;
  summary: string;
  revision: number;
  updatedAt: string;
}

/** A finding about the mission as it stands. */
export interface Finding {
  /** The id of what found it, which stays. */
  rule: string;
  severity: Severity;
  area: "ground" | "catalogue" | "script";
  thing: { family: string; id: string } | null;
  pointer: string;
  says: string;
  /** How it is mended at one stroke, where that takes no decision; a null takes away what is there. */
  fix: { word: string; changes: { pointer: string; value: unknown }[] } | null;
}

/** How much a finding matters. */
export type Severity = "error" | "warning" | "hint";

/** The server answered that something is wrong. */
export class Refusal extends Error {
  constructor(readonly problem: Problem) {
    super(problem.problems?.[0]?.says ?? problem.detail);
  }
}

async function ask(path: string, init?: RequestInit): Promise<Response> {
  const response = await fetch(path, init);
  if (!response.ok) {
    const fallback = { title: "Error", status: response.status, detail: response.statusText };
    throw new Refusal(await response.json().catch(() => fallback));
  }
  return response;
}

/** Asks the server for JSON. */
export async function getJson<T>(path: string, signal?: AbortSignal): Promise<T> {
  return (await ask(path, { signal })).json();
}

/** Asks the server for bytes; the signal calls off what is not wanted any more. */
export async function getBytes(path: string, signal: AbortSignal): Promise<ArrayBuffer> {
  return (await ask(path, { signal })).arrayBuffer();
}

/** Asks the server for the bytes of several assets, one after the other. */
export async function getAssets(hashes: string[]): Promise<ArrayBuffer> {
  const headers = { "Content-Type": "application/json" };
  const answer = await ask("/api/assets", {
    method: "POST",
    body: JSON.stringify(hashes),
    headers,
  });
  return answer.arrayBuffer();
}

/** Sends something to the server; answers with JSON, or nothing where there is none. */
export async function send<T>(
  method: string,
  path: string,
  body?: unknown,
  signal?: AbortSignal,
): Promise<T> {
  const bytes = body instanceof Blob ? body : body === undefined ? undefined : JSON.stringify(body);
  const type = body instanceof Blob ? "application/zip" : "application/json";
  const response = await ask(path, {
    method,
    body: bytes,
    headers: { "Content-Type": type },
    signal,
  });
  return response.status === 204 ? (undefined as T) : response.json();
}

/** Sends plain text to the server; answers with JSON. */
export async function sendText<T>(path: string, body: string, signal?: AbortSignal): Promise<T> {
  const headers = { "Content-Type": "text/plain; charset=utf-8" };
  return (await ask(path, { method: "POST", body, headers, signal })).json();
}

/** The address of a WebSocket of this server. */
export function socketAddress(path: string): string {
  return `${location.protocol === "https:" ? "wss" : "ws"}://${location.host}${path}`;
}
