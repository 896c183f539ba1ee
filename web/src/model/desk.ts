import { create } from "zustand";
import type { Cargo, Craft, Effect, Family, FixtureLook, Place, Ref } from "./mission";

/** What is set down with the next click. */
export type Tool =
  | { sets: "start"; side: string; kind: string }
  | { sets: "unit"; side: string; kind: string }
  | { sets: "spawnPoint" }
  | { sets: "post" }
  | { sets: "marker" }
  | { sets: "route" }
  | { sets: "wall" }
  | { sets: "gate" }
  | { sets: "deck" }
  | { sets: "fixture"; look: FixtureLook }
  | { sets: "prop"; prop: string }
  | { sets: "cargo"; look: Cargo["look"] }
  | { sets: "craft"; look: Craft["look"]; side: string }
  | { sets: "effect"; look: Effect["look"] }
  | { sets: "placeName" }
  | { sets: "note" }
  | { sets: "view" }
  | { sets: "zone"; shape: "circle" | "rectangle" | "polygon" };

/** The fewest points of what a tool draws point by point; 0 for what is set down with one click. */
export function pointsOf(tool: Tool): number {
  if (tool.sets === "deck") return 3;
  if (["route", "wall", "gate", "view"].includes(tool.sets)) return 2;
  return tool.sets === "zone" && tool.shape === "polygon" ? 3 : 0;
}

/** The most points of what a tool draws point by point. */
export function mostPointsOf(tool: Tool): number {
  return tool.sets === "gate" || tool.sets === "view" ? 2 : 200;
}

/** A field that waits for something to be pointed at on the map or in Contents. */
export interface Pointing {
  asks: string;
  families: Family[];
  /** Whether a bare point on the ground will do as well. */
  points: boolean;
  take: (pointed: { ref: Ref } | { place: Place }) => void;
}

interface Desk {
  selection: ReadonlySet<string>;
  tool: Tool | null;
  pointing: Pointing | null;
  hand: boolean;
  event: string | null;
  /** What is lit up on the map. */
  lit: string | null;
  select: (keys: Iterable<string>) => void;
  pick: (tool: Tool | null) => void;
  point: (pointing: Pointing | null) => void;
  setHand: (hand: boolean) => void;
  openEvent: (event: string | null) => void;
  light: (lit: string | null) => void;
}

/** What lies in hand and what is looked at; not part of the mission. */
export const useDesk = create<Desk>((set) => ({
  selection: new Set(),
  tool: null,
  pointing: null,
  hand: false,
  event: null,
  lit: null,
  select: (keys) => set({ selection: new Set(keys) }),
  pick: (tool) => set({ tool, pointing: null, hand: false }),
  point: (pointing) => set({ pointing, tool: null }),
  setHand: (hand) => set({ hand }),
  openEvent: (event) => set({ event }),
  light: (lit) => set({ lit }),
}));
