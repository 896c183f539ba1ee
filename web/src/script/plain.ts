import { clockWords, type Mission, nameOf } from "../model/mission";
import { placeWords } from "../model/places";
import type { Entry, PhraseBook, Slot } from "./phrases";
import { amountWords, selectorWords, takesPlural } from "./words";

type Values = Record<string, unknown>;

/** A sentence in plain words, as it stands in the document. */
export function plainWords(
  mission: Mission,
  phrases: PhraseBook,
  entries: Entry[],
  value: { type: string },
): string {
  const entry = entries.find(({ type }) => type === value.type);
  if (!entry) return "";
  const values = value as unknown as Values;
  let plural = false;
  return entry.pieces
    .map(({ text, slot, agree }) => {
      if (text) return text;
      if (agree) return agree[plural ? 1 : 0];
      const of = entry.slots[slot ?? ""];
      plural = takesPlural(of.is, values[slot ?? ""], plural);
      return slotWords(mission, phrases, of, values[slot ?? ""]);
    })
    .join(" ")
    .replace(/ ([,:])/g, "$1");
}

function slotWords(mission: Mission, phrases: PhraseBook, slot: Slot, value: unknown): string {
  switch (slot.is) {
    case "selector":
      return selectorWords(mission, value as never);
    case "ref":
      return nameOf(mission, value as never);
    case "place":
      return placeWords(mission, value as never);
    case "amount":
      return amountWords(mission, value as never, slot.unit);
    case "scaled":
      return String((value as { count: number }).count);
    case "order":
      return plainWords(mission, phrases, phrases.orders, value as never);
    case "choice":
      return slot.options?.find((it) => it.value === value)?.word ?? String(value);
    case "number":
      return slot.unit === "clock"
        ? clockWords(value as number)
        : `${value} ${slot.unit ?? ""}`.trimEnd();
    case "text":
      return `“${value}”`;
    case "condition":
    case "lines":
    case "choices":
      return "…";
  }
}
