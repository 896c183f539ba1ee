import { GripVertical } from "lucide-react";
import { append, appendAll, drop, type Path, part, put, relocate } from "../document/change";
import { useOpenMission } from "../document/context";
import { type Action, type ActionLine, ordered } from "../document/mission";
import { type PhraseBook, statesOnly } from "../document/phrases";
import { AmountToken } from "../sentence/AmountToken";
import { Tree } from "../sentence/ConditionTree";
import { edgeLook, handle, useDrop } from "../sentence/drag";
import { LineMenu, Moves } from "../sentence/LineMenu";
import { Token } from "../sentence/Picker";
import { Sentence } from "../sentence/Sentence";
import { SentencePicker } from "../sentence/SentencePicker";
import { shareWords } from "../sentence/words";
import { NumberBox } from "../ui/controls";
import { MenuItem } from "../ui/Menu";
import { Tip } from "../ui/Tip";
import { intoTheOneBefore, outOfWhatHoldsIt } from "./nesting";

type Choice = Extract<Action, { type: "oneOf" }>["choices"][string];

interface LinesProps {
  lines: Record<string, ActionLine>;
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
  const end = useDrop("line", path, (from) =>
    relocate(open, `Move an action of ${of}`, from, path, null),
  );
  return (
    <ol className="mt-1 ml-4 border-line border-l-2 pl-3">
      {ordered(lines).map(([line, { action, after }]) => (
        <Line key={line} {...props} action={action} after={after} at={[...path, line]} />
      ))}
      <li className={edgeLook(end.edge)} {...end.target}>
        <SentencePicker
          label={adds}
          says="DO"
          entries={phrases.actions}
          onChoose={(entry) =>
            append(open, `Add an action to ${of}`, path, {
              after: { type: "number", value: 0 },
              action: entry.fresh,
            })
          }
          onSaid={(said: Record<string, ActionLine>) =>
            appendAll(open, `Add an action to ${of}`, path, ordered(said))
          }
        >
          + do…
        </SentencePicker>
      </li>
    </ol>
  );
}

function Line(props: LinesProps & { action: Action; after: ActionLine["after"]; at: Path }) {
  const open = useOpenMission();
  const { action, after, at, label, of, phrases } = props;
  const waits = after.type !== "number" || after.value !== 0;
  const entry = phrases.actions.find(({ type }) => type === action.type);
  const list = at.slice(0, -1);
  const over = useDrop("line", at, (from, edge) => {
    const entries = ordered(part<LinesProps["lines"]>(open.state.mission, list));
    const here = entries.findIndex(([id]) => id === at[at.length - 1]);
    const before = edge === "before" ? entries[here] : entries[here + 1];
    relocate(open, `Move an action of ${of}`, from, list, before?.[0] ?? null);
  });
  return (
    <li className={`group/line ${edgeLook(over.edge)}`}>
      <div className="flex items-start gap-1.5" {...over.target}>
        <Tip says="Drag to another place">
          <span
            {...handle({ is: "line", path: at })}
            className="-ml-[1.125rem] w-3 cursor-grab self-center text-flint opacity-0 group-hover/line:opacity-100"
          >
            <GripVertical size="0.8125rem" />
          </span>
        </Tip>
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
              phrases={statesOnly(phrases)}
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
          <MenuItem
            onSelect={() =>
              put(open, label, [...at, "after"], { type: "number", value: waits ? 0 : 3 })
            }
          >
            {waits ? "Do it at once" : "Wait before it"}
          </MenuItem>
          <Moves path={at} label={label} />
          {[
            { word: "Into the one above", goal: intoTheOneBefore },
            { word: "Out of what holds it", goal: outOfWhatHoldsIt },
          ].map(({ word, goal }) => {
            const to = goal(open.state.mission, at);
            return (
              to && (
                <MenuItem
                  key={word}
                  onSelect={() => relocate(open, `Move an action of ${of}`, at, to.to, to.before)}
                >
                  {word}
                </MenuItem>
              )
            );
          })}
          <MenuItem onSelect={() => drop(open, `Delete an action of ${of}`, at)}>Delete</MenuItem>
        </LineMenu>
      </div>
      <Held {...props} />
    </li>
  );
}

/** What a line holds, indented under it. */
function Held(props: LinesProps & { action: Action; at: Path }) {
  const { action, at } = props;
  switch (action.type) {
    case "if":
      return (
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
      );
    case "forEach":
      return (
        <div className="ml-3">
          <ActionLines
            {...props}
            lines={action.lines}
            path={[...at, "action", "lines"]}
            adds="Add an action for each in their turn"
          />
        </div>
      );
    case "oneOf":
      return <Choices {...props} choices={action.choices} />;
    default:
      return null;
  }
}

/** The choices that chance draws from, each with how likely it is. */
function Choices(props: LinesProps & { choices: Record<string, Choice>; at: Path }) {
  const open = useOpenMission();
  const { choices, at, label, of } = props;
  const path = [...at, "action", "choices"];
  const sum = Object.values(choices).reduce((total, { weight }) => total + weight, 0);
  return (
    <div className="ml-3">
      {ordered(choices).map(([id, { weight, lines }], i) => (
        <div key={id}>
          <span className="flex items-center gap-1.5 text-flint">
            choice {i + 1},
            <Token
              look="value"
              label={`How likely choice ${i + 1} is`}
              content={(close) => (
                <div className="p-2.5">
                  <NumberBox
                    label="How likely it is to the others"
                    least={0.01}
                    most={1000}
                    value={weight}
                    autoFocus
                    onTake={(to) => {
                      put(open, label, [...path, id, "weight"], to);
                      close();
                    }}
                  />
                </div>
              )}
            >
              {shareWords(weight, sum)}
            </Token>
            <span className="grow" />
            <LineMenu name="choice">
              <Moves path={[...path, id]} label={label} />
              <MenuItem onSelect={() => drop(open, `Delete a choice of ${of}`, [...path, id])}>
                Delete
              </MenuItem>
            </LineMenu>
          </span>
          <ActionLines
            {...props}
            lines={lines}
            path={[...path, id, "lines"]}
            adds={`Add an action to choice ${i + 1}`}
          />
        </div>
      ))}
      <button
        type="button"
        className="my-0.5 min-h-6 border border-flint-2 border-dashed px-1.5 text-flint hover:brightness-95"
        onClick={() => append(open, `Add a choice to ${of}`, path, { weight: 1, lines: {} })}
      >
        + another choice
      </button>
    </div>
  );
}
