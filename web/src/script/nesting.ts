import { type Path, part } from "../document/change";
import { type Action, type ActionLine, type Mission, ordered } from "../document/mission";

/** Where a line is to go: a list, and the entry that it goes before; null for the end. */
export interface Goal {
  to: Path;
  before: string | null;
}

/** The list of an action in which a line that is put into it comes to lie. */
function listOf(action: Action, path: Path): Path | undefined {
  switch (action.type) {
    case "if":
      return [...path, "action", "then"];
    case "forEach":
      return [...path, "action", "lines"];
    case "oneOf": {
      const [first] = ordered(action.choices);
      return first && [...path, "action", "choices", first[0], "lines"];
    }
    default:
      return undefined;
  }
}

/** The end of what the line before holds, if it holds others. */
export function intoTheOneBefore(mission: Mission, at: Path): Goal | undefined {
  const list = at.slice(0, -1);
  const lines = ordered(part<Record<string, ActionLine>>(mission, list));
  const here = lines.findIndex(([id]) => id === at[at.length - 1]);
  const before = lines[here - 1];
  const to = before && listOf(before[1].action, [...list, before[0]]);
  return to && { to, before: null };
}

/** Right behind the line that holds it, if one does. */
export function outOfWhatHoldsIt(mission: Mission, at: Path): Goal | undefined {
  const step = at.lastIndexOf("action");
  if (step < 0) return undefined;
  const to = at.slice(0, step - 1);
  const lines = ordered(part<Record<string, ActionLine>>(mission, to));
  const holder = lines.findIndex(([id]) => id === at[step - 1]);
  return { to, before: lines[holder + 1]?.[0] ?? null };
}
