import type { ReactNode } from "react";
import { addParts, drop, type Path, put } from "../document/change";
import { useOpenMission } from "../document/context";
import { type Condition, newId, ordered, pinnedOf } from "../document/mission";
import { isHappening, type PhraseBook } from "../document/phrases";
import { MenuItem } from "../ui/Menu";
import { LineMenu, Moves } from "./LineMenu";
import { OptionList, Token } from "./Picker";
import { Sentence } from "./Sentence";
import { SentencePicker } from "./SentencePicker";
import { PinnedToken } from "./tokens";

interface TreeProps {
  condition: Condition;
  path: Path;
  label: string;
  phrases: PhraseBook;
  lead: string;
  menu?: ReactNode;
}

/** A condition: groups as indented lines, not and for-so-long as words about what they hold. */
export function Tree(props: TreeProps): ReactNode {
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
            className={`flex flex-wrap items-baseline gap-1.5 ${parts.length > 0 ? "text-small" : ""}`}
          >
            {parts.length === 0 && !showsToggle && <span>{lead}</span>}
            <SentencePicker
              label="Add a condition"
              says="WHEN"
              entries={phrases.conditions}
              onChoose={(entry) =>
                addParts(open, `Add a condition: ${label}`, path, phrases, [
                  entry.fresh as Condition,
                ])
              }
              onSaid={(said: Condition) =>
                addParts(
                  open,
                  `Add a condition: ${label}`,
                  path,
                  phrases,
                  partsOf(said, condition.type),
                )
              }
            >
              {parts.length === 0 ? "+ condition…" : `+ ${word}…`}
            </SentencePicker>
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
                  <PinnedToken
                    label="For how long"
                    lead="for"
                    unit="s"
                    least={0.05}
                    most={86400}
                    value={condition.seconds}
                    take={(seconds) => put(open, label, [...path, "seconds"], seconds)}
                  />
                  {condition.inAll && " in all"}
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
  // What happens begins with words of its own, "each time", that stand where "when" would.
  const says = entry && isHappening(entry) ? lead.replace(/ ?when$/i, "") : lead;
  return (
    <div className="flex items-start gap-1.5">
      <span className="flex flex-wrap items-baseline gap-x-1.5">
        {says && <span>{says}</span>}
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

/** What is added to a group for a sentence that was written out: its parts, if they are joined so. */
function partsOf(said: Condition, group: "all" | "any"): Condition[] {
  const joined = said.type === "all" || said.type === "any";
  const parts = joined ? ordered(said.parts) : [];
  const alike = joined && (said.type === group || parts.length === 1);
  return alike ? parts.map(([, part]) => part.condition) : [said];
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
      <MenuItem
        onSelect={() => set(condition.type === "heldFor" ? { ...condition, of: turned } : turned)}
      >
        {negated ? "Without the not" : "Not"}
      </MenuItem>
      <MenuItem
        onSelect={() =>
          set(
            condition.type === "heldFor"
              ? condition.of
              : { type: "heldFor", of: condition, seconds: pinnedOf(4), inAll: false },
          )
        }
      >
        {condition.type === "heldFor" ? "However long" : "For a time…"}
      </MenuItem>
      {condition.type === "heldFor" && (
        <MenuItem onSelect={() => set({ ...condition, inAll: !condition.inAll })}>
          {condition.inAll ? "Without a break" : "In all, with breaks"}
        </MenuItem>
      )}
      <MenuItem onSelect={() => set(group("any"))}>Into a group: any of</MenuItem>
      <MenuItem onSelect={() => set(group("all"))}>Into a group: all of</MenuItem>
      <Moves path={at} label={label} />
      <MenuItem onSelect={() => drop(open, `Delete a condition: ${label}`, at)}>Delete</MenuItem>
    </LineMenu>
  );
}
