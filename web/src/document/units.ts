import { create } from "zustand";
import { keep, kept } from "./kept";
import { factorOf } from "./quantity";

/** The units that lengths, speeds and masses may be shown in, by the unit that they are kept in. */
export const UNIT_CHOICES = {
  m: ["m", "ft", "yd"],
  "m/s": ["m/s", "km/h", "kn", "mph"],
  kg: ["kg", "lb"],
} as const;

export type Kept = keyof typeof UNIT_CHOICES;
type Shown = { [unit in Kept]: (typeof UNIT_CHOICES)[unit][number] };

const METRIC: Shown = { m: "m", "m/s": "m/s", kg: "kg" };

interface Units {
  shown: Shown;
  show: (unit: Kept, as: string) => void;
}

/** In which units the designer wants to read. */
export const useUnits = create<Units>((set, get) => ({
  shown: { ...METRIC, ...kept<Partial<Shown>>("units", {}) },
  show: (unit, as) => {
    const shown = { ...get().shown, [unit]: as };
    keep("units", shown);
    set({ shown });
  },
}));

/** The unit that a value is shown in. */
export function shownUnit(unit: string): string {
  return unit in UNIT_CHOICES ? useUnits.getState().shown[unit as Kept] : unit;
}

/** A value as it is shown: a number in the unit that {@link shownUnit} names. */
export function toShown(value: number, unit: string): number {
  return value / factorOf(shownUnit(unit), unit);
}

/** A shown number as the value that is kept. */
export function toKept(shown: number, unit: string): number {
  return shown * factorOf(shownUnit(unit), unit);
}

/** A value in words, with its unit: `12.5 m`, or `41 ft`. */
export function measured(value: number, unit: string, digits = 1): string {
  return `${Number(toShown(value, unit).toFixed(digits))} ${shownUnit(unit)}`;
}

/** A length in words. */
export function metres(value: number, digits = 1): string {
  return measured(value, "m", digits);
}
