import type { ZoneDeed } from "../document/mission";

/** What players read when a zone does something to them. */
export const DEED_WORDS: Record<ZoneDeed, string> = {
  harmed: "it hurts.",
  healed: "you recover.",
  transferred: "it takes you elsewhere.",
  pushed: "it carries you along.",
  slowed: "the going is slow.",
  cleared: "it is the end of you here.",
  checkpoint: "from now on you come back here.",
  shown: "look.",
  turnedBack: "no farther.",
  broughtBack: "you are brought back.",
};
