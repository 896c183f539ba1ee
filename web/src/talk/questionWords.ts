import type { ChoiceDecides } from "../document/mission";

/** What is known of a choice besides its text and its answers. */
export interface QuestionTerms {
  decides: ChoiceDecides;
  /** Whole seconds that are left; null where there is no limit. */
  seconds: number | null;
  /** The words of the answer that counts when the time is over; null for none. */
  fallback: string | null;
  waits: boolean;
  voted: number;
  voters: number;
}

/** Whose answer counts, how long there is, and what comes then: "The first answer counts. 9 s left." */
export function questionWords(of: QuestionTerms): string {
  return [deciding(of), limit(of), of.waits ? "Play waits." : ""].filter(Boolean).join(" ");
}

function deciding({ decides, voted, voters }: QuestionTerms): string {
  if (voters < 2) return "";
  switch (decides) {
    case "first":
      return "The first answer decides for all.";
    case "each":
      return "Everybody decides for themselves.";
    case "most":
      return `Most votes decide: ${voted} of ${voters} in.`;
  }
}

function limit({ seconds, fallback }: QuestionTerms): string {
  if (seconds === null) return "";
  const then = fallback === null ? "it stays without an answer" : `“${fallback}”`;
  return `${seconds} s left; then ${then}${then.endsWith(".”") ? "" : "."}`;
}
