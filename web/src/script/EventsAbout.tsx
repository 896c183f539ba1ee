import { useDesk } from "../desk/desk";
import { useMission, useOpenMission } from "../document/context";
import { type Event, ordered, type Ref, references } from "../document/mission";
import type { PhraseBook } from "../document/phrases";
import { conditionWords } from "../sentence/plain";
import { Button } from "../ui/controls";
import { makeEvent } from "./eventMoves";
import { useScriptTab } from "./scriptTabs";

/** The events that name a thing where it counts, and a button that makes one where none does. */
export function EventsAbout(props: {
  lead: string;
  of: Ref;
  /** Where the event names it: in what it waits for, or in what it does. */
  where: "when" | "actions";
  phrases: PhraseBook;
  /** What is said on the button. */
  makes: string;
  make: () => Partial<Pick<Event, "name" | "when" | "actions">>;
}) {
  const { lead, of, where, phrases } = props;
  const open = useOpenMission();
  const mission = useMission((state) => state.mission);
  const openEvent = useDesk((desk) => desk.openEvent);
  const setTab = useScriptTab((state) => state.setTab);
  const events = ordered(mission.events).filter(([, event]) =>
    references(event[where]).some(({ ref }) => ref.family === of.family && ref.id === of.id),
  );
  const show = (event: string) => {
    setTab("events");
    openEvent(event);
  };
  return (
    <div className="flex flex-wrap items-baseline gap-x-2">
      <span className="font-semibold">{lead}</span>
      {events.map(([event, { name, when }]) => (
        <button
          key={event}
          type="button"
          className="text-left hover:underline"
          onClick={() => show(event)}
        >
          {where === "actions" ? (
            <>
              {conditionWords(mission, phrases, when) || "never: it has no condition yet"}
              <span className="text-quiet text-small"> · {name}</span>
            </>
          ) : (
            name
          )}
        </button>
      ))}
      {events.length === 0 && (
        <Button
          look="quiet"
          className="border-flint-2 border-dashed"
          onClick={() => show(makeEvent(open, undefined, props.make()))}
        >
          {props.makes}
        </Button>
      )}
    </div>
  );
}
