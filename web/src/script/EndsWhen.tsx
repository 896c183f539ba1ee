import { useDesk } from "../desk/desk";
import { useMission, useOpenMission } from "../document/context";
import { type Event, newId, orderAfter, ordered, references } from "../document/mission";
import type { PhraseBook } from "../document/phrases";
import { conditionWords } from "../sentence/plain";
import { Button } from "../ui/controls";
import { makeEvent } from "./eventMoves";
import { useScriptTab } from "./scriptTabs";

/** The events that bring an ending about, each with its condition; one is made where none does. */
export function EndsWhen(props: { id: string; name: string; phrases: PhraseBook }) {
  const { id, name, phrases } = props;
  const open = useOpenMission();
  const mission = useMission((state) => state.mission);
  const openEvent = useDesk((desk) => desk.openEvent);
  const setTab = useScriptTab((state) => state.setTab);
  const events = ordered(mission.events).filter(([, { actions }]) =>
    references(actions).some(({ ref }) => ref.family === "endings" && ref.id === id),
  );
  const show = (event: string) => {
    setTab("events");
    openEvent(event);
  };
  const make = () => {
    const end: Event["actions"][string] = {
      order: orderAfter({}),
      after: { type: "number", value: 0 },
      action: { type: "end", ending: { family: "endings", id } },
    };
    show(makeEvent(open, undefined, { name, actions: { [newId()]: end } }));
  };
  return (
    <div className="flex flex-wrap items-baseline gap-x-2 pt-2">
      <span className="font-semibold">Ends when</span>
      {events.map(([event, { name: called, when }]) => {
        return (
          <button
            key={event}
            type="button"
            className="text-left hover:underline"
            onClick={() => show(event)}
          >
            {conditionWords(mission, phrases, when) || "never: it has no condition yet"}
            <span className="text-quiet text-small"> · {called}</span>
          </button>
        );
      })}
      {events.length === 0 && (
        <Button look="quiet" className="border-flint-2 border-dashed" onClick={make}>
          + when…
        </Button>
      )}
    </div>
  );
}
