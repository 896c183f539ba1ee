import type { FactReading } from "./messages";

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
export function gaugeWords({ measure, value, holding, of }: FactReading): string {
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
