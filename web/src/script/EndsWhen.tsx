import { newId, orderAfter } from "../document/mission";
import type { PhraseBook } from "../document/phrases";
import { EventsAbout } from "./EventsAbout";

/** The events that bring an ending about, each with its condition; one is made where none does. */
export function EndsWhen(props: { id: string; name: string; phrases: PhraseBook }) {
  const { id, name, phrases } = props;
  const ending = { family: "endings" as const, id };
  return (
    <div className="pt-2">
      <EventsAbout
        lead="Ends when"
        of={ending}
        where="actions"
        phrases={phrases}
        makes="+ when…"
        make={() => ({
          name,
          actions: {
            [newId()]: {
              order: orderAfter({}),
              after: { type: "number", value: 0 },
              action: { type: "end", ending },
            },
          },
        })}
      />
    </div>
  );
}
