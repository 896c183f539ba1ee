import { type ActionLine, type Condition, type Event, ordered } from "../document/mission";
import type { Entry, PhraseBook, Slot } from "../document/phrases";
import { sure } from "../document/sure";

/** A place of an event that may differ between events alike. */
export interface Cell {
  /** The steps from the event. */
  path: string[];
  name: string;
  slot: Slot;
  /** What the column is called. */
  title: string;
}

const SECONDS: Slot = { is: "pinned", unit: "s", least: 0.05, most: 86400 };
const WAIT: Slot = { is: "amount", unit: "s" };

/** What an event is made of: its sentences without what stands in them, and that in its order. */
export function shapeOf(phrases: PhraseBook, event: Event): { shape: string; cells: Cell[] } {
  const walker = new Walker(phrases);
  walker.condition(event.when, ["when"]);
  walker.lines(event.actions, ["actions"]);
  return { shape: walker.shape.join(" "), cells: walker.cells };
}

class Walker {
  readonly shape: string[] = [];
  readonly cells: Cell[] = [];

  constructor(private readonly phrases: PhraseBook) {}

  condition(of: Condition, path: string[]): void {
    this.shape.push(of.type);
    if (of.type === "all" || of.type === "any") {
      this.shape.push("(");
      for (const [id, part] of ordered(of.parts)) {
        this.condition(part.condition, [...path, "parts", id, "condition"]);
      }
      this.shape.push(")");
    } else if (of.type === "not") {
      this.condition(of.of, [...path, "of"]);
    } else if (of.type === "heldFor") {
      this.condition(of.of, [...path, "of"]);
      this.shape.push(String(of.inAll));
      this.cells.push({ path: [...path, "seconds"], name: "for", slot: SECONDS, title: "for" });
    } else {
      this.sentence(this.phrases.conditions, of, path);
    }
  }

  lines(of: Record<string, ActionLine>, path: string[]): void {
    this.shape.push("[");
    for (const [id, { action }] of ordered(of)) {
      const at = [...path, id, "action"];
      this.shape.push(action.type);
      this.cells.push({ path: [...path, id, "after"], name: "wait", slot: WAIT, title: "wait" });
      if (action.type === "if") {
        this.condition(action.condition, [...at, "condition"]);
        this.lines(action.then, [...at, "then"]);
        this.lines(action.otherwise, [...at, "otherwise"]);
      } else {
        this.sentence(this.phrases.actions, action, at);
        if (action.type === "forEach") this.lines(action.lines, [...at, "lines"]);
        if (action.type === "oneOf") {
          for (const [choice, { lines }] of ordered(action.choices)) {
            this.lines(lines, [...at, "choices", choice, "lines"]);
          }
        }
      }
    }
    this.shape.push("]");
  }

  private sentence(entries: Entry[], of: { type: string }, path: string[]): void {
    const entry = entries.find(({ type }) => type === of.type);
    entry?.pieces.forEach((piece, i) => {
      if (!piece.slot) return;
      const slot = sure(entry.slots, piece.slot);
      const title = titleOf(entry, i);
      this.cells.push({ path: [...path, piece.slot], name: piece.slot, slot, title });
    });
  }
}

/** The words beside a slot, with the slot as dots: "… is inside", "is inside …". */
function titleOf(entry: Entry, at: number): string {
  const word = (i: number) => entry.pieces[i]?.text ?? entry.pieces[i]?.agree?.[0];
  const before = sure(entry.pieces, at).opening ?? word(at - 1);
  if (before) return `${before} …`;
  const after = [word(at + 1), word(at + 2)].filter(Boolean).join(" ");
  return after === "" ? "…" : `… ${after}`;
}

/** The events that are made of the same sentences as one, itself among them, by their ids. */
export function alikeTo(phrases: PhraseBook, events: Record<string, Event>, id: string): string[] {
  const { shape } = shapeOf(phrases, sure(events, id));
  return ordered(events)
    .filter(([, event]) => shapeOf(phrases, event).shape === shape)
    .map(([it]) => it);
}
