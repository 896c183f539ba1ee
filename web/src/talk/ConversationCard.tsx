import { keepPreviousData, useQuery } from "@tanstack/react-query";
import { ArrowDown, ArrowUp, Plus, Trash2 } from "lucide-react";
import { useRef } from "react";
import { removeAll } from "../deeds/deeds";
import { getJson } from "../document/api";
import { type Path, put, shift } from "../document/change";
import { useMission, useOpenMission } from "../document/context";
import {
  type Conversation,
  nameOf,
  newId,
  orderAfter,
  ordered,
  wordsOf,
} from "../document/mission";
import { sure } from "../document/sure";
import { WordsField } from "../sentence/WordsToken";
import { Button, Choice, NumberBox, TextBox } from "../ui/controls";
import { Tip } from "../ui/Tip";
import { Portrait } from "./Portrait";

const WEIGHTS: { value: Conversation["weight"]; word: string }[] = [
  { value: "chatter", word: "Chatter: only into silence" },
  { value: "story", word: "Story: waits its turn" },
  { value: "urgent", word: "Urgent: cuts in" },
];

/** How long each line takes, as the run reckons it. */
function useLengths(): Record<string, Record<string, number>> {
  const id = useMission((state) => state.id);
  const revision = useMission((state) => state.revision);
  const { data } = useQuery({
    queryKey: ["lengths", id, revision],
    queryFn: () => getJson<Record<string, Record<string, number>>>(`/api/missions/${id}/lengths`),
    placeholderData: keepPreviousData,
  });
  return data ?? {};
}

/** A conversation: its weight, and its lines in order. */
export function ConversationCard({ id, conversation }: { id: string; conversation: Conversation }) {
  const open = useOpenMission();
  const mission = useMission((state) => state.mission);
  const lengths = useLengths()[id] ?? {};
  const path = ["conversations", id];
  const label = `Change ${conversation.name}`;
  const lines = ordered(conversation.lines);
  const whole = lines.reduce((sum, [line, { gap }]) => sum + gap + (lengths[line] ?? 0), 0);
  const list = useRef<HTMLOListElement>(null);
  const add = () => {
    open.edit(`Add a line to ${conversation.name}`, (draft) => {
      const { lines: parts } = sure(draft.conversations, id);
      const last = ordered(parts).at(-1)?.[1];
      const first = ordered(draft.speakers)[0]?.[0] ?? "";
      parts[newId()] = {
        order: orderAfter(parts),
        speaker: { family: "speakers", id: last?.speaker.id ?? first },
        text: wordsOf(""),
        gap: 0.4,
        length: { type: "words" },
      };
    });
    // Its words are what is wanted next; they are there in the next frame.
    requestAnimationFrame(() => {
      const words = list.current?.querySelectorAll<HTMLElement>("[aria-label^='Words of line']");
      words?.[words.length - 1]?.focus();
    });
  };
  const keyDown = (event: React.KeyboardEvent) => {
    if (event.key !== "Enter" || !event.ctrlKey) return;
    event.preventDefault();
    if (event.target instanceof HTMLElement) event.target.blur();
    add();
  };
  return (
    <article
      id={`card-${id}`}
      aria-label={conversation.name}
      className="border border-line bg-slip p-3 shadow-sm"
    >
      <div className="flex items-center gap-2 pb-2">
        <TextBox
          label="Name of the conversation"
          value={conversation.name}
          maxLength={60}
          required
          onTake={(name) => put(open, `Rename to ${name}`, [...path, "name"], name)}
        />
        <div className="w-64 shrink-0">
          <Choice
            label="Weight"
            value={conversation.weight}
            options={WEIGHTS}
            onTake={(weight) => put(open, label, [...path, "weight"], weight)}
          />
        </div>
        <span className="w-20 shrink-0 text-right text-small text-quiet">
          {whole.toFixed(1)} s in all
        </span>
        <Button
          look="quiet"
          aria-label={`Delete ${conversation.name}`}
          onClick={() =>
            open.edit(`Delete ${conversation.name}`, (draft) =>
              removeAll(draft, [{ family: "conversations", id }]),
            )
          }
        >
          <Trash2 size="0.9375rem" />
        </Button>
      </div>
      <ol ref={list} onKeyDown={keyDown}>
        {lines.map(([line], i) => (
          <LineRow
            key={line}
            path={[...path, "lines", line]}
            line={sure(conversation.lines, line)}
            number={i + 1}
            seconds={lengths[line]}
            label={label}
          />
        ))}
      </ol>
      <Button className="mt-1" onClick={add} disabled={Object.keys(mission.speakers).length === 0}>
        <Plus size="0.875rem" /> Add a line
      </Button>
      {lines.length > 0 && (
        <span className="pl-2 text-small text-quiet">Ctrl+Enter in a line adds the next.</span>
      )}
      {Object.keys(mission.speakers).length === 0 && (
        <span className="pl-2 text-small text-quiet">Make a speaker first.</span>
      )}
    </article>
  );
}

function LineRow(props: {
  path: Path;
  line: Conversation["lines"][string];
  number: number;
  seconds: number | undefined;
  label: string;
}) {
  const open = useOpenMission();
  const mission = useMission((state) => state.mission);
  const { path, line, number, label } = props;
  const speaker = mission.speakers[line.speaker.id];
  const speakers = ordered(mission.speakers).map(([value, { name }]) => ({ value, word: name }));
  const options = speaker
    ? speakers
    : [{ value: line.speaker.id, word: `⚑ ${nameOf(mission, line.speaker)}` }, ...speakers];
  const exact = line.length.type === "exactly";
  return (
    <li className="flex flex-wrap items-start gap-2 border-hairline border-t py-1.5">
      {speaker && <Portrait speaker={speaker} mission={mission} size={32} />}
      <div className="w-36 shrink-0">
        <Choice
          label={`Speaker of line ${number}`}
          value={line.speaker.id}
          options={options}
          onTake={(id) => put(open, label, [...path, "speaker"], { family: "speakers", id })}
        />
      </div>
      <span className="grow py-1.5 text-right text-small text-quiet">after</span>
      <Tip says="Silence before it">
        <div className="w-20 shrink-0">
          <NumberBox
            label={`Gap before line ${number}`}
            unit="s"
            least={0}
            most={60}
            value={line.gap}
            onTake={(gap) => put(open, label, [...path, "gap"], gap)}
          />
        </div>
      </Tip>
      <div className="flex w-44 shrink-0 items-center justify-end gap-2 text-small">
        {line.length.type === "exactly" ? (
          <NumberBox
            label={`Length of line ${number}`}
            unit="s"
            least={0.2}
            most={60}
            value={line.length.seconds}
            onTake={(seconds) => put(open, label, [...path, "length", "seconds"], seconds)}
          />
        ) : (
          <span className="block py-1.5 text-right text-flint">
            {props.seconds === undefined ? "…" : `${props.seconds.toFixed(1)} s`}
          </span>
        )}
        <label className="flex min-h-6 items-center justify-end gap-1 text-xs text-quiet">
          <input
            type="checkbox"
            className="accent-moss"
            checked={exact}
            onChange={() =>
              put(
                open,
                label,
                [...path, "length"],
                exact
                  ? { type: "words" }
                  : {
                      type: "exactly",
                      seconds: Math.max(0.2, Number((props.seconds ?? 2).toFixed(1))),
                    },
              )
            }
          />
          exactly
        </label>
      </div>
      <div className="flex shrink-0">
        <Button
          look="quiet"
          aria-label={`Line ${number} up`}
          className="px-1"
          onClick={() => shift(open, label, path, -1)}
        >
          <ArrowUp size="0.875rem" />
        </Button>
        <Button
          look="quiet"
          aria-label={`Line ${number} down`}
          className="px-1"
          onClick={() => shift(open, label, path, 1)}
        >
          <ArrowDown size="0.875rem" />
        </Button>
        <Button
          look="quiet"
          className="px-1"
          aria-label={`Delete line ${number}`}
          onClick={() =>
            open.edit(label, (draft) => {
              delete sure(draft.conversations, sure(path, 1)).lines[sure(path, 3)];
            })
          }
        >
          <Trash2 size="0.875rem" />
        </Button>
      </div>
      <div className="basis-full pl-10">
        <WordsField
          label={`Words of line ${number}`}
          placeholder="What is said"
          value={line.text}
          longest={400}
          onTake={(text) => put(open, label, [...path, "text"], text)}
        />
      </div>
    </li>
  );
}
