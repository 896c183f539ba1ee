import { removeAll } from "../ground/deeds";
import { useOpenMission } from "../model/context";
import { useDesk } from "../model/desk";
import { type Event, freshName } from "../model/mission";
import { NumberBox, TextBox } from "../ui/controls";
import { ActionLines } from "./ActionLines";
import { Tree } from "./ConditionTree";
import { append, type Path, put, shift } from "./change";
import { Item, LineMenu } from "./LineMenu";
import { Token } from "./Picker";
import type { PhraseBook } from "./phrases";
import { Variant } from "./Variant";

interface CardProps {
  id: string;
  event: Event;
  phrases: PhraseBook;
}

/** An event as sentences: when, how often, and what it does. */
export function EventCard({ id, event, phrases }: CardProps) {
  const open = useOpenMission();
  const current = useDesk((desk) => desk.event === id);
  const openEvent = useDesk((desk) => desk.openEvent);
  const path = ["events", id];
  const label = `Change ${event.name}`;
  return (
    <article
      id={`event-${id}`}
      aria-label={event.name}
      className={`border bg-slip px-4 pt-2 pb-3 shadow-sm ${current ? "border-moss" : "border-line"}`}
      onPointerDownCapture={() => openEvent(id)}
      onFocusCapture={() => openEvent(id)}
    >
      <header className="flex items-center gap-3 pb-1">
        <h3 className="w-56 font-bold">
          <TextBox
            label="Name of the event"
            quiet
            value={event.name}
            maxLength={60}
            required
            onTake={(name) => put(open, `Rename to ${name}`, [...path, "name"], name)}
          />
        </h3>
        <span className="grow" />
        <HowOften event={event} path={path} label={label} phrases={phrases} />
        <EventMenu id={id} event={event} />
      </header>
      <Tree
        condition={event.when}
        path={[...path, "when"]}
        label={label}
        phrases={phrases}
        lead="When"
      />
      <ActionLines
        lines={event.actions}
        path={[...path, "actions"]}
        label={label}
        of={event.name}
        phrases={phrases}
      />
    </article>
  );
}

function HowOften(props: { event: Event; path: Path; label: string; phrases: PhraseBook }) {
  const { event, path, label, phrases } = props;
  const open = useOpenMission();
  const { times } = event;
  const often =
    times === 0 ? "without limit" : times === 1 ? "at most once" : `at most ${times} times`;
  return (
    <span className="flex flex-wrap items-baseline gap-x-1 text-[13px] text-flint">
      <Token
        look="quiet"
        label={`How often: ${often}`}
        content={(close) => (
          <div className="p-2.5">
            <NumberBox
              label="At most so many times; 0 for without limit"
              least={0}
              most={1e6}
              digits={0}
              autoFocus
              value={times}
              onTake={(value) => {
                put(open, label, [...path, "times"], Math.round(value));
                close();
              }}
            />
            <p className="pt-1 text-[12px] text-quiet">0 is without limit.</p>
          </div>
        )}
      >
        {often}
      </Token>
      {times !== 1 && (
        <>
          <span>·</span>
          <Variant
            entries={phrases.again}
            path={[...path, "again"]}
            label={label}
            what="when it is ready again"
          />
        </>
      )}
    </span>
  );
}

function EventMenu({ id, event }: { id: string; event: Event }) {
  const open = useOpenMission();
  const path = ["events", id];
  const { chapter } = event;
  const move = (by: -1 | 1) =>
    shift(open, `Move ${event.name}`, path, by, (draft) =>
      Object.fromEntries(
        Object.entries(draft.events).filter(([, it]) => it.chapter.id === chapter.id),
      ),
    );
  return (
    <LineMenu name={event.name}>
      <Item onSelect={() => move(-1)}>Move up</Item>
      <Item onSelect={() => move(1)}>Move down</Item>
      <Item
        onSelect={() =>
          append(open, `Duplicate ${event.name}`, ["events"], {
            ...event,
            name: freshName(open.state.mission.events, event.name),
          })
        }
      >
        Duplicate
      </Item>
      <Item
        onSelect={() =>
          open.edit(`Delete ${event.name}`, (draft) => removeAll(draft, [{ family: "events", id }]))
        }
      >
        Delete
      </Item>
    </LineMenu>
  );
}
