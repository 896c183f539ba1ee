import { create } from "zustand";
import { useShallow } from "zustand/react/shallow";
import { keep, kept } from "../document/kept";
import type { Family, Place, Position, Ref } from "../document/mission";
import type { MapHandle } from "../drawing/camera";
import { type PlacedFamily, setDownOf } from "../families";
import type { Drawn } from "../families/traits";

/** What a brush does to the ground. */
export type BrushKind =
  | "raise"
  | "lower"
  | "level"
  | "smooth"
  | "slope"
  | "noise"
  | "paint"
  | "growth";

/** A brush in hand. */
export interface Brush {
  kind: BrushKind;
  /** Metres. */
  radius: number;
  /** How much it does at its middle: metres for raise, lower and noise; a share up to 1 for others. */
  strength: number;
  /** The number of the surface that it paints. */
  surface: number;
  /** The number of what it sows, and how dense, 0 to clear it away. */
  growth: number;
  density: number;
}

/** What is set down with the next click; several at once stand side by side. */
export type Tool = OneTool & { count?: number };

type OneTool = ThingTool | PartTool | BundleTool;

/** What is set down as one thing of a family. */
export interface ThingTool {
  sets: PlacedFamily;
  /** Which of its things: a look, the id of a kind; empty where there is but one. */
  choice: string;
  /** The side that it is set down for, by id; empty where nobody's. */
  side: string;
  /** Degrees clockwise. */
  turn: number;
  count?: number;
}

/** A tool that sets down one thing of a family. */
export function toolOf(sets: PlacedFamily, choice = "", side = "", turn = 0): ThingTool {
  return { sets, choice, side, turn };
}

/** A part that is drawn onto a thing. */
export interface PartTool {
  sets: "part";
  part: "opening" | "ramp" | "stairs" | "door" | "window" | "inner";
  /** The deck or building that it becomes a part of. */
  of: Ref;
  /** The storey that it is in; empty for decks. */
  storey: string;
}

/** A bundle, of the mission or one that ships, turned by degrees clockwise. */
export interface BundleTool {
  sets: "bundle";
  bundle: string;
  word: string;
  turn: number;
}

/** How a tool is drawn point by point; nothing for what is set down with one click. */
export function drawnBy(tool: Tool): Drawn | undefined {
  if (tool.sets === "bundle") return undefined;
  return tool.sets === "part" ? PARTS[tool.part] : setDownOf(tool.sets).drawn?.(tool.choice);
}

/** Whether a tool sets down somebody. */
export function isPerson(tool: Tool): tool is ThingTool {
  return tool.sets === "units" || tool.sets === "starts";
}

const PARTS: Record<PartTool["part"], Drawn> = {
  opening: { least: 3, most: 50, closed: true },
  ramp: { least: 2, most: 2 },
  stairs: { least: 2, most: 2 },
  inner: { least: 2, most: 50 },
  door: { least: 1, most: 1 },
  window: { least: 1, most: 1 },
};

/** The fewest points of what a tool draws point by point; 0 for what is set down with one click. */
export function pointsOf(tool: Tool): number {
  return drawnBy(tool)?.least ?? 0;
}

/** A field that waits for something to be pointed at on the map or in Contents. */
export interface Pointing {
  asks: string;
  families: Family[];
  /** Whether a bare point on the ground will do as well. */
  points: boolean;
  take: (pointed: { ref: Ref } | { place: Place }) => void;
}

/** To what things are drawn when they are set down, moved and turned. */
export interface Snap {
  on: boolean;
  /** The mesh of the grid, metres; 0 for none. */
  grid: number;
  neighbours: boolean;
  angles: boolean;
  ground: boolean;
}

/** A level of difficulty. */
export type Difficulty = "calm" | "breezy" | "rough" | "storm";

/** What is set aside on this desk: not seen, or not to be moved by hand. */
export type Aside = "hidden" | "locked";

interface Desk {
  selection: ReadonlySet<string>;
  /** The keys of things that are not shown. */
  hidden: ReadonlySet<string>;
  /** The keys of things that cannot be moved or deleted. */
  locked: ReadonlySet<string>;
  tool: Tool | null;
  pointing: Pointing | null;
  hand: boolean;
  /** The brush that shapes the ground, while there is one in hand. */
  brush: Brush | null;
  setBrush: (brush: Brush | null) => void;
  /** The mission on the desk, by id. */
  mission: string;
  event: string | null;
  /** What is lit up on the map. */
  lit: string | null;
  select: (keys: Iterable<string>) => void;
  pick: (tool: Tool | null) => void;
  point: (pointing: Pointing | null) => void;
  setHand: (hand: boolean) => void;
  openEvent: (event: string | null) => void;
  light: (lit: string | null) => void;
  /** The map that is on the screen, if one is. */
  map: MapHandle | null;
  setMap: (map: MapHandle | null) => void;
  /** To what is set down and moved is drawn. */
  snap: Snap;
  setSnap: (snap: Partial<Snap>) => void;
  /** The difficulty that the map is shown at; nothing for everybody who may be there. */
  shown: Difficulty | null;
  setShown: (shown: Difficulty | null) => void;
  /** The keys of things that are to be deleted once it is said what becomes of their uses. */
  deleting: string[] | null;
  askDelete: (keys: string[] | null) => void;
  /** The keys of things that a bundle is to be made of, while it is asked how. */
  bundling: string[] | null;
  askBundle: (keys: string[] | null) => void;
  /** Whether a page of plain lines is being written for the script. */
  outlining: boolean;
  setOutlining: (outlining: boolean) => void;
  /** Whether the history lies open. */
  history: boolean;
  setHistory: (history: boolean) => void;
  /** The hour of the tide that the map is shown at, seconds; nothing for when play begins. */
  hour: number | null;
  setHour: (hour: number | null) => void;
  /** How high decks may lie to be shown, metres; nothing for all. */
  peel: number | null;
  setPeel: (peel: number | null) => void;
  /** Whether that reach is held against the same kind's in other hands. */
  against: boolean;
  setAgainst: (against: boolean) => void;
  /** The key of the unit whose reach is shown. */
  reach: string | null;
  setReach: (reach: string | null) => void;
  /** The place of which it is asked why they get there, or not. */
  whyAt: Position | null;
  askWhy: (at: Position | null) => void;
  /** The key of the thing from which one looks at eye level. */
  eye: string | null;
  setEye: (eye: string | null) => void;
  /** The line that is measured: its first end, and its second once it is drawn. */
  ruler: Position[] | null;
  measure: (ruler: Position[] | null) => void;
  /** Sets things aside, or takes them up again. */
  setAside: (as: Aside, keys: string[], aside: boolean) => void;
  /** Lays out the desk for a mission as it was left. */
  layOut: (mission: string) => void;
}

function asideIn(mission: string, as: Aside): Set<string> {
  return new Set(kept<string[]>(`${as}:${mission}`, []));
}

/** What lies in hand and what is looked at; not part of the mission. */
export const useDesk = create<Desk>((set, get) => ({
  selection: new Set(),
  hidden: new Set(),
  locked: new Set(),
  mission: "",
  tool: null,
  pointing: null,
  hand: false,
  brush: null,
  setBrush: (brush) => {
    if (brush) keep("brush", brush);
    set({ brush, ...(brush ? { tool: null, pointing: null, ruler: null, hand: false } : {}) });
  },
  event: null,
  lit: null,
  select: (keys) => set({ selection: new Set(keys) }),
  pick: (tool) => set({ tool, pointing: null, hand: false, ruler: null, brush: null }),
  point: (pointing) => set({ pointing, tool: null, ruler: null, brush: null }),
  setHand: (hand) => set({ hand }),
  openEvent: (event) => set({ event }),
  light: (lit) => set({ lit }),
  map: null,
  setMap: (map) => set({ map }),
  snap: { on: false, grid: 1, neighbours: true, angles: true, ground: true },
  setSnap: (snap) => set({ snap: { ...get().snap, ...snap } }),
  shown: null,
  setShown: (shown) => set({ shown }),
  deleting: null,
  askDelete: (deleting) => set({ deleting }),
  history: false,
  setHistory: (history) => set({ history }),
  hour: null,
  setHour: (hour) => set({ hour }),
  reach: null,
  setReach: (reach) => set({ reach, whyAt: null }),
  against: false,
  setAgainst: (against) => set({ against }),
  whyAt: null,
  askWhy: (whyAt) => set({ whyAt }),
  eye: null,
  setEye: (eye) => set({ eye }),
  peel: null,
  setPeel: (peel) => set({ peel }),
  outlining: false,
  setOutlining: (outlining) => set({ outlining }),
  bundling: null,
  askBundle: (bundling) => set({ bundling }),
  ruler: null,
  measure: (ruler) => set({ ruler, ...(ruler ? { tool: null, pointing: null, brush: null } : {}) }),
  setAside: (as, keys, aside) => {
    const changed = new Set(get()[as]);
    for (const name of keys) {
      if (aside) changed.add(name);
      else changed.delete(name);
    }
    keep(`${as}:${get().mission}`, [...changed]);
    set({ [as]: changed });
  },
  layOut: (mission) =>
    set({
      mission,
      hidden: asideIn(mission, "hidden"),
      locked: asideIn(mission, "locked"),
      selection: new Set(),
      tool: null,
      pointing: null,
      ruler: null,
      brush: null,
      hour: null,
      eye: null,
      reach: null,
      against: false,
      whyAt: null,
      peel: null,
      shown: null,
    }),
}));

/** Some fields of the desk; what uses them is drawn anew when one of those changes, and no other. */
export function useDeskPart<K extends keyof Desk>(...fields: K[]): Pick<Desk, K> {
  return useDesk(
    useShallow(
      (desk) => Object.fromEntries(fields.map((field) => [field, desk[field]])) as Pick<Desk, K>,
    ),
  );
}
