import { MoreHorizontal } from "lucide-react";
import { DropdownMenu } from "radix-ui";
import type { ReactNode } from "react";
import { removeOne } from "../ground/deeds";
import { useOpenMission } from "../model/context";
import { useDesk } from "../model/desk";
import { type Condition, type Event, freshName, newId, ordered } from "../model/mission";
import { Button, NumberBox, TextBox } from "../ui/controls";
import { append, drop, type Path, put, shift } from "./change";
import { OptionList, Token } from "./Picker";
import type { Entry, PhraseBook } from "./phrases";
import { AmountToken, Sentence } from "./Sentence";

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
      <ol className="mt-1 ml-4 border-line border-l-2 pl-3">
        {ordered(event.actions).map(([line, { action, after }]) => {
          const at = [...path, "actions", line];
          const entry = phrases.actions.find(({ type }) => type === action.type);
          const waits = after.type !== "number" || after.value !== 0;
          return (
            <li key={line} className="flex items-start gap-1.5">
              <span className="flex grow flex-wrap items-baseline gap-x-1.5">
                {waits && (
                  <>
                    wait
                    <AmountToken
                      value={after}
                      unit="s"
                      take={(amount) => put(open, label, [...at, "after"], amount)}
                    />
                    then
                  </>
                )}
                {entry && (
                  <Sentence
                    entry={entry}
                    value={action as unknown as Record<string, unknown>}
                    path={[...at, "action"]}
                    label={label}
                  />
                )}
              </span>
              <LineMenu name="action">
                <Item
                  onSelect={() =>
                    put(open, label, [...at, "after"], { type: "number", value: waits ? 0 : 3 })
                  }
                >
                  {waits ? "Do it at once" : "Wait before it"}
                </Item>
                <Moves path={at} label={label} />
                <Item onSelect={() => drop(open, `Delete an action of ${event.name}`, at)}>
                  Delete
                </Item>
              </LineMenu>
            </li>
          );
        })}
        <li>
          <EntryPicker
            label="Add an action"
            entries={phrases.actions}
            onChoose={(entry) =>
              append(open, `Add an action to ${event.name}`, [...path, "actions"], {
                after: { type: "number", value: 0 },
                action: entry.fresh,
              })
            }
          >
            + do…
          </EntryPicker>
        </li>
      </ol>
    </article>
  );
}

/** The words of a sentence without its values, for a picker. */
function gist(entry: Entry): string {
  const plain: Record<string, string> = { who: "someone", comparison: "at least" };
  return entry.pieces
    .map(({ text, slot, agree }) => text ?? agree?.[0] ?? plain[slot ?? ""] ?? `‹${slot}›`)
    .join(" ");
}

function EntryPicker(props: {
  label: string;
  entries: Entry[];
  children: ReactNode;
  onChoose: (entry: Entry) => void;
}) {
  const sorted = [...props.entries].sort((a, b) => a.group.localeCompare(b.group));
  return (
    <Token
      look="add"
      label={props.label}
      wide
      content={(close) => (
        <OptionList
          label={props.label}
          search
          options={sorted.map((entry) => ({
            value: entry.type,
            word: gist(entry),
            group: entry.group,
          }))}
          onChoose={(type) => {
            const entry = props.entries.find((it) => it.type === type);
            if (entry) props.onChoose(entry);
            close();
          }}
        />
      )}
    >
      {props.children}
    </Token>
  );
}

interface TreeProps {
  condition: Condition;
  path: Path;
  label: string;
  phrases: PhraseBook;
  lead: string;
  menu?: ReactNode;
}

/** A condition: groups as indented lines, not and for-so-long as words about what they hold. */
function Tree(props: TreeProps): ReactNode {
  const { condition, path, label, phrases, lead, menu } = props;
  const open = useOpenMission();
  if (condition.type === "all" || condition.type === "any") {
    const parts = ordered(condition.parts);
    const word = condition.type === "all" ? "and" : "or";
    const nested = menu !== undefined;
    const toggle = (
      <Token
        look="quiet"
        label={condition.type === "all" ? "all of these" : "any of these"}
        content={(close) => (
          <OptionList
            label="How the parts are joined"
            options={[
              { value: "all", word: "all of these" },
              { value: "any", word: "any of these" },
            ]}
            chosen={condition.type}
            onChoose={(type) => {
              put(open, label, path, { ...condition, type });
              close();
            }}
          />
        )}
      >
        {condition.type === "all" ? "all of these" : "any of these"}
      </Token>
    );
    const showsToggle = nested || parts.length > 1;
    return (
      <div>
        {showsToggle && (
          <div className="flex items-start gap-1.5">
            <span className="flex grow flex-wrap items-baseline gap-x-1.5">
              {lead} {toggle}
            </span>
            {menu}
          </div>
        )}
        <div className={showsToggle ? "ml-3 border-hairline border-l-2 pl-2.5" : ""}>
          {parts.map(([id, part], i) => {
            const at = [...path, "parts", id];
            return (
              <Tree
                key={id}
                condition={part.condition}
                path={[...at, "condition"]}
                label={label}
                phrases={phrases}
                lead={i > 0 ? word : showsToggle ? "" : lead}
                menu={
                  <ConditionMenu
                    condition={part.condition}
                    at={at}
                    label={label}
                    phrases={phrases}
                  />
                }
              />
            );
          })}
          <div
            className={`flex flex-wrap items-baseline gap-1.5 ${parts.length > 0 ? "text-[13px]" : ""}`}
          >
            {parts.length === 0 && !showsToggle && <span>{lead}</span>}
            <EntryPicker
              label="Add a condition"
              entries={phrases.conditions}
              onChoose={(entry) =>
                append(open, `Add a condition: ${label}`, [...path, "parts"], {
                  condition: entry.fresh,
                })
              }
            >
              {parts.length === 0 ? "+ condition…" : `+ ${word}…`}
            </EntryPicker>
          </div>
        </div>
      </div>
    );
  }
  if (condition.type === "not") {
    return <Tree {...props} condition={condition.of} path={[...path, "of"]} lead={`${lead} not`} />;
  }
  if (condition.type === "heldFor") {
    return (
      <div className="flex items-start">
        <div className="grow">
          <Tree
            {...props}
            condition={condition.of}
            path={[...path, "of"]}
            menu={
              <>
                <span className="whitespace-nowrap">
                  for{" "}
                  <Token
                    look="value"
                    label={`for ${condition.seconds} s`}
                    content={(close) => (
                      <div className="p-2.5">
                        <NumberBox
                          label="For so long"
                          unit="s"
                          least={0.05}
                          most={86400}
                          autoFocus
                          value={condition.seconds}
                          onTake={(seconds) => {
                            put(open, label, [...path, "seconds"], seconds);
                            close();
                          }}
                        />
                      </div>
                    )}
                  >
                    {condition.seconds} s
                  </Token>
                </span>
                {menu}
              </>
            }
          />
        </div>
      </div>
    );
  }
  const entry = phrases.conditions.find(({ type }) => type === condition.type);
  return (
    <div className="flex items-start gap-1.5">
      <span className="flex flex-wrap items-baseline gap-x-1.5">
        {lead && <span>{lead}</span>}
        {entry && (
          <Sentence
            entry={entry}
            value={condition as unknown as Record<string, unknown>}
            path={path}
            label={label}
          />
        )}
      </span>
      {menu}
    </div>
  );
}

function ConditionMenu(props: {
  condition: Condition;
  at: Path;
  label: string;
  phrases: PhraseBook;
}) {
  const open = useOpenMission();
  const { condition, at, label } = props;
  const set = (next: Condition) => put(open, label, [...at, "condition"], next);
  const group = (type: "all" | "any"): Condition => ({
    type,
    parts: { [newId()]: { order: "a1", condition } },
  });
  const inner = condition.type === "heldFor" ? condition.of : condition;
  const negated = inner.type === "not";
  const turned: Condition = negated ? inner.of : { type: "not", of: inner };
  return (
    <LineMenu name="condition">
      <Item
        onSelect={() => set(condition.type === "heldFor" ? { ...condition, of: turned } : turned)}
      >
        {negated ? "Without the not" : "Not"}
      </Item>
      <Item
        onSelect={() =>
          set(
            condition.type === "heldFor"
              ? condition.of
              : { type: "heldFor", of: condition, seconds: 4 },
          )
        }
      >
        {condition.type === "heldFor" ? "However long" : "For so long…"}
      </Item>
      <Item onSelect={() => set(group("any"))}>Into a group: any of</Item>
      <Item onSelect={() => set(group("all"))}>Into a group: all of</Item>
      <Moves path={at} label={label} />
      <Item onSelect={() => drop(open, `Delete a condition: ${label}`, at)}>Delete</Item>
    </LineMenu>
  );
}

function HowOften(props: { event: Event; path: Path; label: string; phrases: PhraseBook }) {
  const { event, path, label, phrases } = props;
  const open = useOpenMission();
  const { times, again } = event;
  const often =
    times === 0 ? "without limit" : times === 1 ? "at most once" : `at most ${times} times`;
  const entry = phrases.again.find(({ type }) => type === again.type);
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
      {times !== 1 && entry && (
        <>
          <span>·</span>
          <Sentence
            entry={entry}
            value={again as unknown as Record<string, unknown>}
            path={[...path, "again"]}
            label={label}
          />
          <Token
            look="quiet"
            label="Change when it is ready again"
            content={(close) => (
              <OptionList
                label="Ready again"
                options={phrases.again.map((it) => ({ value: it.type, word: gist(it) }))}
                chosen={again.type}
                onChoose={(type) => {
                  const fresh = phrases.again.find((it) => it.type === type)?.fresh;
                  put(open, label, [...path, "again"], fresh);
                  close();
                }}
              />
            )}
          >
            change
          </Token>
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
          open.edit(`Delete ${event.name}`, (draft) => removeOne(draft, { family: "events", id }))
        }
      >
        Delete
      </Item>
    </LineMenu>
  );
}

function Moves({ path, label }: { path: Path; label: string }) {
  const open = useOpenMission();
  return (
    <>
      <Item onSelect={() => shift(open, label, path, -1)}>Move up</Item>
      <Item onSelect={() => shift(open, label, path, 1)}>Move down</Item>
    </>
  );
}

function LineMenu({ name, children }: { name: string; children: ReactNode }) {
  return (
    <DropdownMenu.Root>
      <DropdownMenu.Trigger asChild>
        <Button
          look="quiet"
          className="min-h-7 px-1 opacity-70"
          aria-label={`More for this ${name}`}
        >
          <MoreHorizontal size={16} />
        </Button>
      </DropdownMenu.Trigger>
      <DropdownMenu.Portal>
        <DropdownMenu.Content
          align="end"
          className="z-50 min-w-44 border border-line bg-slip py-1 shadow-lg"
        >
          {children}
        </DropdownMenu.Content>
      </DropdownMenu.Portal>
    </DropdownMenu.Root>
  );
}

function Item({ children, onSelect }: { children: ReactNode; onSelect: () => void }) {
  return (
    <DropdownMenu.Item
      className="min-h-7 cursor-pointer px-3 py-1 outline-none data-[highlighted]:bg-moss-soft"
      onSelect={onSelect}
    >
      {children}
    </DropdownMenu.Item>
  );
}
