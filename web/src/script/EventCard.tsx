import { useState } from "react";
import { removeAll } from "../ground/deeds";
import { useOpenMission } from "../model/context";
import { useDesk } from "../model/desk";
import { type Event, freshName } from "../model/mission";
import { NumberBox, TextBox } from "../ui/controls";
import { ActionLines } from "./ActionLines";
import { Tree } from "./ConditionTree";
import { append, type Path, put, shift } from "./change";
import { Item, LineMenu } from "./LineMenu";
import { OptionList, Token } from "./Picker";
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
  const [noting, setNoting] = useState(false);
  const path = ["events", id];
  const label = `Change ${event.name}`;
  const off = event.listens === "never";
  return (
    <article
      id={`event-${id}`}
      aria-label={event.name}
      className={`border bg-slip px-4 pt-2 pb-3 shadow-sm ${current ? "border-moss" : "border-line"} ${off ? "border-dashed bg-[#efece2]!" : ""}`}
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
        <Listens event={event} path={path} label={label} />
        <HowOften event={event} path={path} label={label} phrases={phrases} />
        <EventMenu id={id} event={event} onNote={() => setNoting(true)} />
      </header>
      {(event.note !== "" || noting) && (
        <div className="mb-1 border-[#c9a83b] border-l-3 pl-2 text-[14px] text-flint italic">
          <TextBox
            label={`Note of ${event.name}`}
            value={event.note}
            maxLength={4000}
            multiline
            placeholder="What you want to remember about this event"
            onTake={(note) => put(open, `Note of ${event.name}`, [...path, "note"], note)}
          />
        </div>
      )}
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

const LISTENS: { value: Event["listens"]; word: string; means: string }[] = [
  { value: "fromStart", word: "listening", means: "Listens from the start" },
  { value: "onceWoken", word: "asleep", means: "Asleep until another event wakes it" },
  { value: "never", word: "off", means: "Off: laid aside, it never fires" },
];

/** Whether an event listens from the start; said only where it does not. */
function Listens({ event, path, label }: { event: Event; path: Path; label: string }) {
  const open = useOpenMission();
  const now = LISTENS.find(({ value }) => value === event.listens) ?? LISTENS[0];
  return (
    <span className="text-[13px] text-flint">
      <Token
        look="quiet"
        label={now.means}
        content={(close) => (
          <OptionList
            label="Whether it listens"
            options={LISTENS.map(({ value, means }) => ({ value, word: means }))}
            chosen={event.listens}
            onChoose={(listens) => {
              put(open, label, [...path, "listens"], listens);
              close();
            }}
          />
        )}
      >
        {now.word}
      </Token>
    </span>
  );
}

function EventMenu(props: { id: string; event: Event; onNote: () => void }) {
  const { id, event } = props;
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
      <Item onSelect={props.onNote}>Write a note</Item>
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
