import { addThing, shift } from "../document/change";
import { useOpenMission } from "../document/context";
import { type Event, freshName, type Mission, ordered, safeBetween } from "../document/mission";
import type { OpenMission } from "../document/store";
import { sure } from "../document/sure";
import { edgeLook, useDrop } from "../sentence/drag";

/** The events of a chapter. */
export function eventsOf(mission: Mission, chapter: string): Mission["events"] {
  return Object.fromEntries(
    Object.entries(mission.events).filter(([, it]) => it.chapter.id === chapter),
  );
}

/** Moves an event up or down in its chapter. */
export function moveEvent(open: OpenMission, id: string, by: -1 | 1): void {
  const event = sure(open.state.mission.events, id);
  shift(open, `Move ${event.name}`, ["events", id], by, (draft) =>
    eventsOf(draft, event.chapter.id),
  );
}

/** Moves an event before or after another, into its chapter. */
export function moveEventTo(
  open: OpenMission,
  id: string,
  beside: string,
  edge: "before" | "after",
): void {
  if (id === beside) return;
  open.edit(`Move ${sure(open.state.mission.events, id).name}`, (draft) => {
    const { chapter } = sure(draft.events, beside);
    const others = ordered(eventsOf(draft, chapter.id)).filter(([it]) => it !== id);
    const at = others.findIndex(([it]) => it === beside) + (edge === "after" ? 1 : 0);
    const moved = sure(draft.events, id);
    moved.chapter = { ...chapter };
    moved.order = safeBetween(others[at - 1]?.[1].order ?? null, others[at]?.[1].order ?? null);
  });
}

/** What an event needs to take another that is dropped on it. */
export function useEventDrop(id: string): { look: string; target: object } {
  const open = useOpenMission();
  const { edge, target } = useDrop("event", ["events", id], (from, at) =>
    moveEventTo(open, sure(from, 1), id, at),
  );
  return { look: edgeLook(edge), target };
}

/**
 * Adds an event to a chapter, the last one unless said; answers with its id.
 *
 * @param of what it is called and does, where that is known
 */
export function makeEvent(
  open: OpenMission,
  chapter?: string,
  of: Partial<Pick<Event, "name" | "when" | "actions">> = {},
): string {
  const { chapters, events } = open.state.mission;
  const name = freshName(events, of.name ?? "Event");
  const id = chapter ?? ordered(chapters).at(-1)?.[0] ?? "";
  return addThing(open, `New event: ${name}`, "events", {
    name,
    chapter: { family: "chapters", id },
    when: of.when ?? { type: "all", parts: {} },
    times: 1,
    again: { type: "whenFalse" },
    firings: "dropped",
    listens: "fromStart",
    note: "",
    actions: of.actions ?? {},
  });
}
