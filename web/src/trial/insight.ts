import type { Order } from "../document/mission";

/** What a unit that acts on its own has in mind. */
export interface Mind {
  unit: number;
  task: "order" | "look" | "fight" | "search" | "see" | "help" | "retreat";
  order: Order;
  /** It goes where it was sent, before what it is ordered. */
  sent: boolean;
  firmness: "whileCalm" | "unlessAttacked" | "whateverHappens";
  kept: "wary" | "alarmed" | null;
  /** Seconds; -1 for until it is calmed. */
  keptFor: number;
  /** The gate at which it waits to go on after its target. */
  gate: string | null;
  /** The corners before it: x, y, x, y, … */
  way: number[];
  target: number;
  notice: number;
  x: number;
  y: number;
  ago: number;
}

/** What the things of the script stand at, by their ids. */
export interface Facts {
  zones: Record<string, number[]>;
  flags: Record<string, boolean>;
  counters: Record<string, number>;
  timers: Record<string, number>;
  objectives: Record<string, string>;
  waves: Record<string, string>;
  air: { weather: string; wind: number; from: number; visibility: number };
}

/** What a single sentence of a condition reads. */
export interface Gauge {
  measure: string;
  value: number;
  bound: number;
  holding: number;
  of: number;
}

/** A condition, shaped as in the document. */
export interface Why {
  holds: boolean;
  open: boolean;
  gauge?: Gauge;
  forSeconds?: number;
  parts?: Why[];
}

/** How an event stands. */
export interface Standing {
  id: string;
  fired: number;
  last: number;
  why: "awaits" | "asleep" | "spent" | "resting" | "waits";
  line: number;
  due: number;
  when: Why;
}

/** An entry of the log of causes, in words. */
export interface Entry {
  step: number;
  ordinal: number;
  kind: string;
  cause: number;
  says: string;
}

const ON_OFF = new Set([
  "FLAG",
  "TAKEN_UP",
  "STANCE",
  "SEAT",
  "RUNS",
  "EFFECT",
  "DIFFICULTY",
  "RUN_OUT",
  "WAVE_CAME",
  "WAVE_CLEARED",
  "WAVES_CLEARED",
]);
const UNITS: Record<string, string> = {
  STRENGTH: "%",
  HEALTH: "%",
  DISTANCE: "m",
  APART: "m",
  WATER: "m",
  TIMER: "s",
  SPEED: "m/s",
  LADEN: "kg",
};
/** What is told of one unit as a figure; of several as how many. */
const FIGURES = new Set([
  "HEALTH",
  "DISTANCE",
  "APART",
  "CARRIES",
  "KILLED",
  "SPEED",
  "LADEN",
  "WAYPOINTS",
]);

/** What a gauge reads, in words; nothing where the tick says it all. */
export function gaugeWords({ measure, value, holding, of }: Gauge): string {
  const figure = `${round(value)} ${UNITS[measure] ?? ""}`.trimEnd();
  if (of > 1)
    return FIGURES.has(measure) ? `${holding} of ${of}, nearest ${figure}` : `${holding} of ${of}`;
  if (of === 1) return FIGURES.has(measure) ? `now ${figure}` : "";
  if (of === 0) return "nobody there";
  if (measure === "ELAPSED") return `now ${round(value / 20)} s`;
  if (measure === "OBJECTIVE" || measure === "GATE" || ON_OFF.has(measure)) return "";
  return `now ${figure}`;
}

function round(value: number): number {
  return Math.round(value * 10) / 10;
}
