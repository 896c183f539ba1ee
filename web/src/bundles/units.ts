import type { PhraseBook } from "../document/phrases";
import { sure } from "../document/sure";

/** Units of fields that stand outside of sentences. */
const UNITS: Record<string, string> = { radius: "m", seconds: "s", noise: "m" };

/** The unit in which the number at a place in the parts of a bundle is kept; empty for a bare one. */
export function unitAt(parts: unknown, pointer: string, phrases: PhraseBook | undefined): string {
  const steps = pointer.slice(1).split("/");
  const field = sure(steps, steps.length - 1);
  if (steps[steps.length - 2] === "after") return "s";
  const amount = field === "value";
  const holder = steps
    .slice(0, amount ? -2 : -1)
    .reduce<unknown>((node, step) => (node as Record<string, unknown> | undefined)?.[step], parts);
  const type = (holder as { type?: string } | undefined)?.type;
  const slot = amount ? sure(steps, steps.length - 2) : field;
  for (const entries of [phrases?.conditions, phrases?.actions, phrases?.orders]) {
    const unit = entries?.find((it) => it.type === type)?.slots[slot]?.unit;
    if (unit !== undefined) return unit === "clock" ? "s" : unit;
  }
  return UNITS[slot] ?? "";
}
