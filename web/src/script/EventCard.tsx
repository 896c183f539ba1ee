import { ChevronUp, GripVertical } from "lucide-react";
import { useEffect, useRef, useState } from "react";
import { removeAll } from "../deeds/deeds";
import { useDesk } from "../desk/desk";
import { addThing, type Path, put } from "../document/change";
import { useMission, useOpenMission } from "../document/context";
import { anyInCopy } from "../document/copies";
import { type Event, freshName } from "../document/mission";
import { type Entry, happens, type PhraseBook } from "../document/phrases";
import { sure } from "../document/sure";
import { Tree } from "../sentence/ConditionTree";
import { handle } from "../sentence/drag";
import { LineMenu } from "../sentence/LineMenu";
import { OptionList, Token } from "../sentence/Picker";
import { Variant } from "../sentence/Sentence";
import { Button, NumberBox, TextBox } from "../ui/controls";
import { MenuItem } from "../ui/Menu";
import { Tip } from "../ui/Tip";
import { ActionLines } from "./ActionLines";
import { AlikeTable } from "./AlikeTable";
import { alikeTo } from "./alike";
import { EventRow } from "./EventRow";
import { moveEvent, useEventDrop } from "./eventMoves";
import { SameForDialog } from "./SameForDialog";

interface CardProps {
  id: string;
  event: Event;
  phrases: PhraseBook;
  /** Whether it is one line unless it is the one that is open. */
  folds: boolean;
}

/** An event as sentences: when, how often, and what it does; or in one line. */
export function EventCard(props: CardProps) {
  const current = useDesk((desk) => desk.event === props.id);
  return props.folds && !current ? <EventRow {...props} /> : <Card {...props} current={current} />;
}

function Card({ id, event, phrases, folds, current }: CardProps & { current: boolean }) {
  const open = useOpenMission();
  const card = useRef<HTMLElement>(null);
  const drop = useEventDrop(id);
  const openEvent = useDesk((desk) => desk.openEvent);
  const [noting, setNoting] = useState(false);
  const path = ["events", id];
  const label = `Change ${event.name}`;
  const off = event.listens === "never";
  // Its line is gone when it opens: who works by keyboard goes on in the card.
  useEffect(() => {
    if (current && folds && document.activeElement === document.body) card.current?.focus();
  }, [current, folds]);
  return (
    <article
      ref={card}
      id={`event-${id}`}
      aria-label={event.name}
      tabIndex={-1}
      className={`group border bg-slip px-4 pt-2 pb-3 shadow-sm ${current ? "border-moss" : "border-line"} ${off ? "border-dashed bg-off!" : ""} ${drop.look}`}
      {...drop.target}
      onKeyDown={(press) => {
        if (press.key !== "Escape" || !folds || press.target !== card.current) return;
        openEvent(null);
        requestAnimationFrame(() => rowOf(id)?.focus());
      }}
      onPointerDownCapture={() => openEvent(id)}
      onFocusCapture={() => openEvent(id)}
    >
      <header className="flex items-center gap-3 pb-1">
        <Tip says="Drag to another place">
          <span
            {...handle({ is: "event", path })}
            className="-mr-2 -ml-4 cursor-grab px-0.5 text-flint opacity-40 group-hover:opacity-100"
          >
            <GripVertical size="0.875rem" />
          </span>
        </Tip>
        <h3 className="w-56 min-w-32 shrink font-bold">
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
        {happens(event.when, phrases) && <Firings event={event} path={path} label={label} />}
        <HowOften event={event} path={path} label={label} phrases={phrases} />
        <EventMenu id={id} event={event} phrases={phrases} onNote={() => setNoting(true)} />
        {folds && (
          <Button
            look="quiet"
            className="min-h-7 px-1"
            aria-label={`Fold ${event.name}`}
            onClick={() => {
              openEvent(null);
              requestAnimationFrame(() => rowOf(id)?.focus());
            }}
          >
            <ChevronUp size="1rem" />
          </Button>
        )}
      </header>
      {(event.note !== "" || noting) && (
        <div className="mb-1 border-lichen border-l-3 pl-2 text-sm text-flint italic">
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

/** The line of a folded event. */
function rowOf(id: string): HTMLElement | null {
  return document.querySelector(`[data-event-row="${id}"]`);
}

function HowOften(props: { event: Event; path: Path; label: string; phrases: PhraseBook }) {
  const { event, path, label, phrases } = props;
  const open = useOpenMission();
  const { times } = event;
  const each = happens(event.when, phrases);
  const often =
    times === 0 ? "without limit" : times === 1 ? "at most once" : `at most ${times} times`;
  return (
    <span
      className={`flex items-baseline gap-x-1 text-small text-flint ${each ? "shrink-0 whitespace-nowrap" : "flex-wrap"}`}
    >
      <Token
        look="quiet"
        label={`How often: ${often}`}
        content={(close) => (
          <div className="p-2.5">
            <NumberBox
              label="At most this often; 0 for no limit"
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
            <p className="pt-1 text-xs text-quiet">0 is without limit.</p>
          </div>
        )}
      >
        {often}
      </Token>
      {times !== 1 && (
        <>
          <span>·</span>
          <Variant
            entries={each ? restsOf(phrases.again) : phrases.again}
            path={[...path, "again"]}
            label={label}
            what="when it is ready again"
          />
        </>
      )}
    </span>
  );
}

/** What happens is over at once: an event either rests after it, or is ready for the next. */
function restsOf(again: Entry[]): Entry[] {
  return again
    .filter(({ type }) => type !== "every")
    .map((it) => (it.type === "whenFalse" ? { ...it, pieces: [{ text: "each counts" }] } : it));
}

const FIRINGS: { value: Event["firings"]; word: string; means: string }[] = [
  {
    value: "sideBySide",
    word: "side by side",
    means: "Side by side: each firing goes its own way, up to 16 at once",
  },
  {
    value: "inTurn",
    word: "one after another",
    means: "One after another: a firing waits until those before it are over",
  },
  {
    value: "dropped",
    word: "dropped while busy",
    means: "Dropped while busy: what happens while a firing goes on counts for nothing",
  },
];

/** What becomes of a firing while another goes on. */
function Firings({ event, path, label }: { event: Event; path: Path; label: string }) {
  const open = useOpenMission();
  const now = FIRINGS.find(({ value }) => value === event.firings) ?? sure(FIRINGS, 0);
  return (
    <span className="shrink-0 whitespace-nowrap text-small text-flint">
      <Token
        look="quiet"
        label={now.means}
        content={(close) => (
          <OptionList
            label="While another firing goes on"
            options={FIRINGS.map(({ value, means }) => ({ value, word: means }))}
            chosen={event.firings}
            onChoose={(firings) => {
              put(open, label, [...path, "firings"], firings);
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

const LISTENS: { value: Event["listens"]; word: string; means: string }[] = [
  { value: "fromStart", word: "listening", means: "Listens from the start" },
  { value: "onceWoken", word: "asleep", means: "Asleep until another event wakes it" },
  { value: "never", word: "off", means: "Off: laid aside, it never fires" },
];

/** Whether an event listens from the start; said only where it does not. */
function Listens({ event, path, label }: { event: Event; path: Path; label: string }) {
  const open = useOpenMission();
  const now = LISTENS.find(({ value }) => value === event.listens) ?? sure(LISTENS, 0);
  return (
    <span className="text-small text-flint">
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

function EventMenu(props: { id: string; event: Event; phrases: PhraseBook; onNote: () => void }) {
  const { id, event, phrases } = props;
  const open = useOpenMission();
  const [asks, setAsks] = useState<"sameFor" | "alike" | null>(null);
  const askBundle = useDesk((desk) => desk.askBundle);
  const bundled = useMission((state) => anyInCopy(state.mission, [`events/${id}`]));
  const alike = useMission((state) => alikeTo(phrases, state.mission.events, id).length);
  return (
    <>
      <LineMenu name={event.name}>
        <MenuItem onSelect={props.onNote}>Write a note</MenuItem>
        <MenuItem onSelect={() => setAsks("sameFor")}>The same for others…</MenuItem>
        {!bundled && (
          <MenuItem onSelect={() => askBundle([`events/${id}`])}>Make a bundle with it…</MenuItem>
        )}
        {alike > 1 && (
          <MenuItem onSelect={() => setAsks("alike")}>The {alike} like it as a table…</MenuItem>
        )}
        <MenuItem onSelect={() => moveEvent(open, id, -1)}>Move up</MenuItem>
        <MenuItem onSelect={() => moveEvent(open, id, 1)}>Move down</MenuItem>
        <MenuItem
          onSelect={() =>
            addThing(open, `Duplicate ${event.name}`, "events", {
              ...event,
              name: freshName(open.state.mission.events, event.name),
            })
          }
        >
          Duplicate
        </MenuItem>
        <MenuItem
          onSelect={() =>
            open.edit(`Delete ${event.name}`, (draft) =>
              removeAll(draft, [{ family: "events", id }]),
            )
          }
        >
          Delete
        </MenuItem>
      </LineMenu>
      {asks === "sameFor" && <SameForDialog id={id} onClose={() => setAsks(null)} />}
      {asks === "alike" && <AlikeTable id={id} phrases={phrases} onClose={() => setAsks(null)} />}
    </>
  );
}
