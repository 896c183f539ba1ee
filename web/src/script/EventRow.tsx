import { Flag, GripVertical } from "lucide-react";
import { useFindings } from "../checks/findings";
import { useDesk } from "../desk/desk";
import { useMission, useOpenMission } from "../document/context";
import type { Event } from "../document/mission";
import type { PhraseBook } from "../document/phrases";
import { handle } from "../sentence/drag";
import { eventWords } from "../sentence/plain";
import { Tip } from "../ui/Tip";
import { moveEvent, useEventDrop } from "./eventMoves";

/** A folded event: its name and the gist of it in one line. */
export function EventRow(props: { id: string; event: Event; phrases: PhraseBook }) {
  const { id, event, phrases } = props;
  const open = useOpenMission();
  const mission = useMission((state) => state.mission);
  const openEvent = useDesk((desk) => desk.openEvent);
  const { when, does } = eventWords(mission, phrases, event);
  const off = event.listens === "never";
  const drop = useEventDrop(id);
  const findings = useFindings().filter(
    ({ thing }) => thing?.family === "events" && thing.id === id,
  );
  return (
    <article
      id={`event-${id}`}
      aria-label={event.name}
      className={`group flex min-h-7 items-center border border-line bg-slip pr-3 shadow-sm ${off ? "border-dashed bg-off!" : ""} ${drop.look}`}
      {...drop.target}
    >
      <Tip says="Drag to another place">
        <span
          {...handle({ is: "event", path: ["events", id] })}
          className="cursor-grab px-0.5 text-flint opacity-40 group-hover:opacity-100"
        >
          <GripVertical size="0.875rem" />
        </span>
      </Tip>
      <button
        type="button"
        data-event-row={id}
        aria-expanded={false}
        aria-label={`Open ${event.name}`}
        aria-describedby={`gist-${id}`}
        className="flex min-h-7 min-w-0 grow items-baseline gap-3 py-0.5 text-left"
        onClick={() => openEvent(id)}
        onKeyDown={(press) => {
          const by = { ArrowUp: -1, ArrowDown: 1 }[press.key] as -1 | 1 | undefined;
          if (!by) return;
          press.preventDefault();
          if (press.altKey) moveEvent(open, id, by);
          else nextRow(press.currentTarget, by)?.focus();
        }}
      >
        <span className="w-44 shrink-0 truncate font-bold font-serif">{event.name}</span>
        <span id={`gist-${id}`} className="min-w-0 truncate text-sm text-flint">
          {when === "" ? "never: it has no condition yet" : whenever(when)}
          {does !== "" && <span className="text-ink"> → {does}</span>}
        </span>
      </button>
      {findings.length > 0 && (
        <Tip says={findings.map(({ says }) => says).join(" ")}>
          <span className="shrink-0 pl-2 text-error">
            <Flag size="0.8125rem" aria-label={`${findings.length} checks`} />
          </span>
        </Tip>
      )}
      {event.listens !== "fromStart" && (
        <span className="shrink-0 pl-2 text-small text-flint">{off ? "off" : "asleep"}</span>
      )}
      {event.times !== 1 && (
        <span className="shrink-0 pl-2 text-small text-flint">
          {event.times === 0 ? "again and again" : `${event.times} times`}
        </span>
      )}
    </article>
  );
}

/** A condition behind its word; what happens needs none. */
function whenever(when: string): string {
  return when.startsWith("each time ") ? when : `when ${when}`;
}

/** The row before or after one, over chapters. */
function nextRow(of: Element, by: -1 | 1): HTMLElement | undefined {
  const rows = [...document.querySelectorAll<HTMLElement>("[data-event-row]")];
  return rows[rows.indexOf(of as HTMLElement) + by];
}
