import {
  type Action,
  type Amount,
  type Condition,
  clockWords,
  type Event,
  type Mission,
  ordered,
} from "../document/mission";
import { type Entry, isLeftOut, type PhraseBook, type Slot } from "../document/phrases";
import { pinnedWords, scaledWords } from "../document/pinned";
import { sure } from "../document/sure";
import { whereWords } from "../things/where";
import { amountWords, partWords, takesPlural, toldWords, whomWords } from "./words";

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
    .filter((piece) => !isLeftOut(entry, piece, values))
    .map(({ text, slot, agree, opening }) => {
      if (text) return text;
      if (agree) return agree[plural ? 1 : 0];
      const of = sure(entry.slots, slot ?? "");
      plural = takesPlural(of.is, values[slot ?? ""], plural);
      const words = slotWords(mission, phrases, of, values[slot ?? ""]);
      return opening ? `${opening} ${words}` : words;
    })
    .join(" ")
    .replace(/ ([,:])/g, "$1");
}

function slotWords(mission: Mission, phrases: PhraseBook, slot: Slot, value: unknown): string {
  switch (slot.is) {
    case "selector":
    case "whom":
    case "audience":
    case "ref":
    case "place":
    case "choice":
      return partWords(mission, slot, value);
    case "where":
      return whereWords(mission, value as never, (whom) => whomWords(mission, whom));
    case "amount":
      return amountWords(mission, value as never, slot.unit);
    case "scaled":
      return scaledWords(value as never);
    case "order":
      return plainWords(mission, phrases, phrases.orders, value as never);
    case "number":
      return slot.unit === "clock"
        ? clockWords(value as number)
        : `${value} ${slot.unit ?? ""}`.trimEnd();
    case "words":
      return `“${toldWords(mission, value as never)}”`;
    case "pinned":
      return pinnedWords(value as never, slot.unit);
    case "text":
      return `“${value}”`;
    case "condition":
    case "lines":
    case "choices":
      return "…";
  }
}

/** A condition in plain words, groups within it in parentheses. */
export function conditionWords(
  mission: Mission,
  phrases: PhraseBook,
  condition: Condition,
  within = false,
): string {
  switch (condition.type) {
    case "all":
    case "any": {
      const parts = ordered(condition.parts).map(([, part]) =>
        conditionWords(mission, phrases, part.condition, true),
      );
      const joined = parts.join(condition.type === "all" ? " and " : " or ");
      return within && parts.length > 1 ? `(${joined})` : joined;
    }
    case "not":
      return `not ${conditionWords(mission, phrases, condition.of, true)}`;
    case "heldFor":
      return `${conditionWords(mission, phrases, condition.of, true)} for ${pinnedWords(condition.seconds, "s")}${condition.inAll ? " in all" : ""}`;
    default:
      return plainWords(mission, phrases, phrases.conditions, condition);
  }
}

/** An action in plain words, without what it holds. */
export function actionWords(mission: Mission, phrases: PhraseBook, action: Action): string {
  return action.type === "if"
    ? `if ${conditionWords(mission, phrases, action.condition)} …`
    : plainWords(mission, phrases, phrases.actions, action);
}

/** How long a line waits, before what it does; empty where it does not. */
function waitWords(mission: Mission, after: Amount): string {
  const none = after.type === "number" && after.value === 0;
  return none ? "" : `after ${amountWords(mission, after, "s")}, `;
}

/** How many actions of an event are told where there is one line for it. */
const TOLD = 3;

/** When and what of an event in one line. */
export function eventWords(
  mission: Mission,
  phrases: PhraseBook,
  event: Event,
): { when: string; does: string } {
  const lines = ordered(event.actions).map(([, line]) => line);
  const told = lines
    .slice(0, TOLD)
    .map(({ action, after }) => waitWords(mission, after) + actionWords(mission, phrases, action));
  return {
    when: conditionWords(mission, phrases, event.when),
    does: [...told, ...(lines.length > TOLD ? ["…"] : [])].join("; "),
  };
}

/** Fields of events and objectives that are conditions. */
const CONDITIONS: readonly string[] = ["when", "opens", "done", "fails"];

/** The sentence of an event or objective in which a path lies, in plain words; empty for none. */
export function sentenceAt(
  mission: Mission,
  phrases: PhraseBook,
  holder: unknown,
  path: string[],
): string {
  for (let length = path.length; length > 0; length--) {
    const step = sure(path, length - 1);
    const node = path.slice(0, length).reduce((of, it) => (of as Values)[it], holder);
    const said = node as { type: string };
    if (length === 1 && CONDITIONS.includes(step)) {
      return conditionWords(mission, phrases, said as Condition);
    }
    if (step === "action") return actionWords(mission, phrases, said as Action);
    if (step === "condition" || step === "of") {
      return conditionWords(mission, phrases, said as Condition);
    }
  }
  return "";
}
