import { useLocation } from "wouter";
import { send } from "../document/api";
import { useOpenMission } from "../document/context";
import type { Position } from "../document/mission";

/** Where the players of a trial begin. */
export type Begin = { type: "starts" } | { type: "at"; x: number; y: number };

/** For whom a trial is. */
export interface Party {
  /** How many play. */
  players: number;
  /** The first seat that is played, from 0. */
  first: number;
  /** Who has to lay the briefing aside before play begins. */
  begins: "atOnce" | "host" | "everybody";
  /** Who plays in seats that are empty. */
  empty: "nobody" | "bold" | "careful";
}

/** One who plays in the first seat. */
export const ALONE: Party = { players: 1, first: 0, begins: "atOnce", empty: "nobody" };

/** What a trial is begun with. */
export interface Beginning {
  seed: number;
  difficulty: string;
  begin: Begin;
  party: Party;
}

/** A trial that the server was asked to start, and what it was asked. */
export interface Asked {
  mission: string;
  of: Beginning;
  started: Promise<{ id: string }>;
}

/** A seed by chance. */
export function freshSeed(): number {
  return Math.floor(Math.random() * 100_000);
}

/** Asks the server to start a trial of a mission as it stands. */
export function askForTrial(mission: string, of: Beginning): Asked {
  return { mission, of, started: send("POST", `/api/missions/${mission}/trials`, of) };
}

let ahead: Asked | null = null;

/** The trial of a mission that was asked for before its page was there, once; nothing without. */
export function takeAhead(mission: string): Asked | undefined {
  const asked = ahead;
  ahead = null;
  return asked?.mission === mission ? asked : undefined;
}

/** What the address of a trial's page asks for. */
export function addressOf(begin: Begin, party: Party): string {
  const asks = new URLSearchParams();
  if (begin.type === "at") asks.set("at", `${begin.x},${begin.y}`);
  if (party !== ALONE) asks.set("party", Object.values(party).join());
  return asks.size > 0 ? `?${asks}` : "";
}

/** What an address asks for; whatever it does not say is as for one who plays alone from the starts. */
export function askedBy(search: string): { begin: Begin; party: Party } {
  const asks = new URLSearchParams(search);
  const [x = 0, y = 0] = (asks.get("at") ?? "").split(",").map(Number);
  const begin: Begin = x > 0 && y > 0 ? { type: "at", x, y } : { type: "starts" };
  const [players, first, begins, empty] = (asks.get("party") ?? "").split(",");
  const party = {
    players: Number(players),
    first: Number(first),
    begins: begins as Party["begins"],
    empty: empty as Party["empty"],
  };
  return { begin, party: party.players > 0 && empty ? party : ALONE };
}

/** How a trial is asked for that is not one for the first player from the starts. */
interface How {
  at?: Position;
  party?: Party;
}

/**
 * Tries the mission. The server is asked at once, while the page is made that shows the trial, unless
 * there are edits that it does not know of yet.
 */
export function useTry(): (how?: How) => void {
  const open = useOpenMission();
  const [, go] = useLocation();
  return ({ at, party = ALONE } = {}) => {
    const { id, waiting } = open.state;
    const begin: Begin = at ? { type: "at", x: at.x, y: at.y } : { type: "starts" };
    if (waiting.length === 0) {
      ahead = askForTrial(id, { seed: freshSeed(), difficulty: "breezy", begin, party });
      // What is wrong is told by the page, which takes it up.
      ahead.started.catch(() => {});
    }
    go(`/missions/${id}/trial${addressOf(begin, party)}`);
  };
}
