import { useOpenMission } from "../model/context";
import { type Action, type EventActionLine, ordered } from "../model/mission";
import { AmountToken } from "./AmountToken";
import { Tree } from "./ConditionTree";
import { append, drop, type Path, put } from "./change";
import { EntryPicker } from "./EntryPicker";
import { Item, LineMenu, Moves } from "./LineMenu";
import type { PhraseBook } from "./phrases";
import { Sentence } from "./Sentence";

interface LinesProps {
  lines: Record<string, EventActionLine>;
  path: Path;
  /** What the edits are called. */
  label: string;
  /** The event that does them. */
  of: string;
  phrases: PhraseBook;
  /** What the chip that adds one is called. */
  adds?: string;
}

/** What an event does, line by line; branches are indented under what governs them. */
export function ActionLines({ adds = "Add an action", ...props }: LinesProps) {
  const open = useOpenMission();
  const { lines, path, of, phrases } = props;
  return (
    <ol className="mt-1 ml-4 border-line border-l-2 pl-3">
      {ordered(lines).map(([line, { action, after }]) => (
        <Line key={line} {...props} action={action} after={after} at={[...path, line]} />
      ))}
      <li>
        <EntryPicker
          label={adds}
          entries={phrases.actions}
          onChoose={(entry) =>
            append(open, `Add an action to ${of}`, path, {
              after: { type: "number", value: 0 },
              action: entry.fresh,
            })
          }
        >
          + do…
        </EntryPicker>
      </li>
    </ol>
  );
}

function Line(props: LinesProps & { action: Action; after: EventActionLine["after"]; at: Path }) {
  const open = useOpenMission();
  const { action, after, at, label, of, phrases } = props;
  const waits = after.type !== "number" || after.value !== 0;
  const entry = phrases.actions.find(({ type }) => type === action.type);
  return (
    <li>
      <div className="flex items-start gap-1.5">
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
          {action.type === "if" && (
            <Tree
              condition={action.condition}
              path={[...at, "action", "condition"]}
              label={label}
              phrases={phrases}
              lead="if"
            />
          )}
          {entry && action.type !== "if" && (
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
          <Item onSelect={() => drop(open, `Delete an action of ${of}`, at)}>Delete</Item>
        </LineMenu>
      </div>
      {action.type === "if" && (
        <div className="ml-3">
          <ActionLines
            {...props}
            lines={action.then}
            path={[...at, "action", "then"]}
            adds="Add an action: if so"
          />
          <span className="text-flint">otherwise</span>
          <ActionLines
            {...props}
            lines={action.otherwise}
            path={[...at, "action", "otherwise"]}
            adds="Add an action: otherwise"
          />
        </div>
      )}
    </li>
  );
}
