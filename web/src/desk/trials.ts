import { useLocation } from "wouter";
import { send } from "../document/api";
import { useOpenMission } from "../document/context";
import type { Position } from "../document/mission";

/** Where the players of a trial begin. */
export type Begin = { type: "starts" } | { type: "at"; x: number; y: number };

/** What a trial is begun with. */
export interface Beginning {
  seed: number;
  difficulty: string;
  begin: Begin;
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

/**
 * Tries the mission, from its starts or from a point. The server is asked at once, while the page
 * is made that shows the trial, unless there are edits that it does not know of yet.
 */
export function useTry(): (at?: Position) => void {
  const open = useOpenMission();
  const [, go] = useLocation();
  return (at) => {
    const { id, waiting } = open.state;
    if (waiting.length === 0) {
      const begin: Begin = at ? { type: "at", x: at.x, y: at.y } : { type: "starts" };
      ahead = askForTrial(id, { seed: freshSeed(), difficulty: "breezy", begin });
      // What is wrong is told by the page, which takes it up.
      ahead.started.catch(() => {});
    }
    go(`/missions/${id}/trial${at ? `?at=${at.x},${at.y}` : ""}`);
  };
}
