import { FAMILY_WORDS } from "../document/mission";
import type { Entry, Slot } from "../document/phrases";
import { sure } from "../document/sure";

const MEASURED: Record<string, string> = {
  s: "some time",
  m: "some metres",
  "m/s": "some speed",
  kg: "some mass",
  "%": "a share",
  "°": "a bearing",
  clock: "a time of day",
};

/**
 * The words of a sentence without its values, for a picker: "a flag is on or off". A thing whose
 * family the sentence names itself is left open: "open the objective …".
 *
 * @param filled the words for slots that are filled in already
 */
export function gist(entry: Entry, filled: Record<string, string> = {}): string {
  return entry.pieces
    .filter(({ opening }) => opening === undefined)
    .map(({ text, slot = "", agree }, i, pieces) => {
      const words = text ?? agree?.[0] ?? filled[slot];
      if (words !== undefined) return words;
      const of = sure(entry.slots, slot);
      const named = of.families?.some((it) => pieces[i - 1]?.text?.endsWith(FAMILY_WORDS[it]));
      return named ? "…" : slotGist(of);
    })
    .join(" ")
    .replaceAll(" ,", ",");
}

function slotGist(slot: Slot): string {
  switch (slot.is) {
    case "selector":
      return "someone";
    case "whom":
      return "some";
    case "audience":
      return "the players";
    case "ref": {
      const word = FAMILY_WORDS[slot.families?.[0] ?? "units"];
      return `${/^[aeio]/.test(word) ? "an" : "a"} ${word}`;
    }
    case "choice":
      return (slot.options ?? [])
        .slice(0, 2)
        .map(({ word }) => word)
        .join(" or ");
    case "amount":
    case "number":
    case "pinned":
    case "scaled":
      return MEASURED[slot.unit ?? ""] ?? "a number";
    case "where":
    case "place":
      return "a place";
    case "order":
      return "an order";
    case "words":
    case "text":
      return "some words";
    case "condition":
      return "something holds, and otherwise";
    case "lines":
    case "choices":
      return "";
  }
}
