import type { TrialState } from "./game";

/** When play begins, in words. @param host whether the reader is the host */
export function beginsWhen(begins: TrialState["seating"]["begins"], host: boolean): string {
  if (begins === "everybody") return "Play begins when everybody has laid the briefing aside.";
  return host
    ? "Play begins when you lay the briefing aside."
    : "Play begins when the host has laid the briefing aside.";
}
