import { keepPreviousData, useQuery } from "@tanstack/react-query";
import { ArrowDown, ArrowUp, Plus, Trash2 } from "lucide-react";
import { getJson } from "../api";
import { removeOne } from "../ground/deeds";
import { useMission, useOpenMission } from "../model/context";
import {
  type Conversation,
  nameOf,
  newId,
  orderAfter,
  ordered,
  type Speaker,
} from "../model/mission";
import { type Path, put, shift } from "../script/change";
import { makeNew } from "../script/things";
import { Button, Choice, Field, NumberBox, TextBox } from "../ui/controls";
import { Portrait } from "./Portrait";

const HEADS = ["round", "long", "square"] as const;
const HATS = ["none", "oilskin", "cap", "hood", "bell"] as const;
const HAIRS = ["none", "beard", "curls", "braid"] as const;
const WEIGHTS: { value: Conversation["weight"]; word: string }[] = [
  { value: "chatter", word: "Chatter: only into silence" },
  { value: "story", word: "Story: waits its turn" },
  { value: "urgent", word: "Urgent: cuts in" },
];

function words<T extends string>(values: readonly T[]): { value: T; word: string }[] {
  return values.map((value) => ({ value, word: value[0].toUpperCase() + value.slice(1) }));
}

/** Who talks, and what they say in which order. */
export function TalkTab() {
  const open = useOpenMission();
  const mission = useMission((state) => state.mission);
  const speakers = ordered(mission.speakers);
  const conversations = ordered(mission.conversations);
  return (
    <div className="flex flex-col gap-5">
      <section aria-label="Speakers">
        <div className="flex items-center gap-3 pb-1.5">
          <h3 className="grow font-bold text-lg">Speakers</h3>
          <Button onClick={() => makeNew(open, "speakers", newId())}>
            <Plus size={14} /> New speaker
          </Button>
        </div>
        {speakers.length === 0 && <Empty>Who talks in this mission.</Empty>}
        <div className="grid grid-cols-2 gap-2">
          {speakers.map(([id, speaker]) => (
            <SpeakerCard key={id} id={id} speaker={speaker} />
          ))}
        </div>
      </section>
      <section aria-label="Conversations">
        <div className="flex items-center gap-3 pb-1.5">
          <h3 className="grow font-bold text-lg">Conversations</h3>
          <Button onClick={() => makeNew(open, "conversations", newId())}>
            <Plus size={14} /> New conversation
          </Button>
        </div>
        {conversations.length === 0 && (
          <Empty>Lines in order. An event says one with the action “say…”.</Empty>
        )}
        <div className="grid gap-2">
          {conversations.map(([id, conversation]) => (
            <ConversationCard key={id} id={id} conversation={conversation} />
          ))}
        </div>
      </section>
    </div>
  );
}

function Empty({ children }: { children: React.ReactNode }) {
  return <p className="border border-line border-dashed bg-slip p-3 text-quiet">{children}</p>;
}

function SpeakerCard({ id, speaker }: { id: string; speaker: Speaker }) {
  const open = useOpenMission();
  const mission = useMission((state) => state.mission);
  const path = ["speakers", id];
  const label = `Change ${speaker.name}`;
  const { body, portrait } = speaker;
  const sides = ordered(mission.sides).map(([value, { name }]) => ({ value, word: name }));
  const people = (["starts", "units"] as const).flatMap((family) =>
    Object.entries(mission[family]).map(([it, { name }]) => ({
      value: `${family}/${it}`,
      word: name,
    })),
  );
  const chosen =
    body.type === "unit"
      ? `units/${body.unit.id}`
      : body.type === "start"
        ? `starts/${body.start.id}`
        : "";
  const embody = (value: string) => {
    const [family, it] = value.split("/");
    const next: Speaker["body"] =
      family === "units"
        ? { type: "unit", unit: { family, id: it } }
        : family === "starts"
          ? { type: "start", start: { family, id: it } }
          : { type: "elsewhere" };
    put(open, label, [...path, "body"], next);
  };
  return (
    <article aria-label={speaker.name} className="border border-line bg-slip p-3 shadow-sm">
      <div className="flex items-center gap-2 pb-1">
        <Portrait speaker={speaker} mission={mission} size={56} />
        <TextBox
          label="Name of the speaker"
          value={speaker.name}
          maxLength={60}
          required
          onTake={(name) => put(open, `Rename to ${name}`, [...path, "name"], name)}
        />
        <Button
          look="quiet"
          aria-label={`Delete ${speaker.name}`}
          onClick={() =>
            open.edit(`Delete ${speaker.name}`, (draft) =>
              removeOne(draft, { family: "speakers", id }),
            )
          }
        >
          <Trash2 size={15} />
        </Button>
      </div>
      <Field label="Side">
        {(field) => (
          <Choice
            id={field}
            value={speaker.side.id}
            options={sides}
            onTake={(side) => put(open, label, [...path, "side"], { family: "sides", id: side })}
          />
        )}
      </Field>
      <Field label="Is">
        {(field) => (
          <Choice
            id={field}
            value={chosen}
            options={[{ value: "", word: "A voice from elsewhere" }, ...people]}
            onTake={embody}
          />
        )}
      </Field>
      <Field label="Pace">
        {(field) => (
          <NumberBox
            id={field}
            unit="/min"
            least={60}
            most={400}
            digits={0}
            value={speaker.pace}
            onTake={(pace) => put(open, label, [...path, "pace"], pace)}
          />
        )}
      </Field>
      <div className="grid grid-cols-3 gap-2 pt-1">
        <Choice
          label="Head"
          value={portrait.head}
          options={words(HEADS)}
          onTake={(head) => put(open, label, [...path, "portrait", "head"], head)}
        />
        <Choice
          label="Hat"
          value={portrait.hat}
          options={words(HATS)}
          onTake={(hat) => put(open, label, [...path, "portrait", "hat"], hat)}
        />
        <Choice
          label="Hair"
          value={portrait.hair}
          options={words(HAIRS)}
          onTake={(hair) => put(open, label, [...path, "portrait", "hair"], hair)}
        />
      </div>
    </article>
  );
}

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

function ConversationCard({ id, conversation }: { id: string; conversation: Conversation }) {
  const open = useOpenMission();
  const mission = useMission((state) => state.mission);
  const lengths = useLengths()[id] ?? {};
  const path = ["conversations", id];
  const label = `Change ${conversation.name}`;
  const lines = ordered(conversation.lines);
  const whole = lines.reduce((sum, [line, { gap }]) => sum + gap + (lengths[line] ?? 0), 0);
  const add = () =>
    open.edit(`Add a line to ${conversation.name}`, (draft) => {
      const { lines: parts } = draft.conversations[id];
      const last = ordered(parts).at(-1)?.[1];
      const first = ordered(draft.speakers)[0]?.[0] ?? "";
      parts[newId()] = {
        order: orderAfter(parts),
        speaker: { family: "speakers", id: last?.speaker.id ?? first },
        text: "",
        gap: 0.4,
        length: { type: "words" },
      };
    });
  return (
    <article aria-label={conversation.name} className="border border-line bg-slip p-3 shadow-sm">
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
        <span className="w-20 shrink-0 text-right text-[13px] text-quiet">
          {whole.toFixed(1)} s in all
        </span>
        <Button
          look="quiet"
          aria-label={`Delete ${conversation.name}`}
          onClick={() =>
            open.edit(`Delete ${conversation.name}`, (draft) =>
              removeOne(draft, { family: "conversations", id }),
            )
          }
        >
          <Trash2 size={15} />
        </Button>
      </div>
      <ol>
        {lines.map(([line], i) => (
          <LineRow
            key={line}
            path={[...path, "lines", line]}
            line={conversation.lines[line]}
            number={i + 1}
            seconds={lengths[line]}
            label={label}
          />
        ))}
      </ol>
      <Button className="mt-1" onClick={add} disabled={Object.keys(mission.speakers).length === 0}>
        <Plus size={14} /> Add a line
      </Button>
      {Object.keys(mission.speakers).length === 0 && (
        <span className="pl-2 text-[13px] text-quiet">Make a speaker first.</span>
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
      <span className="grow py-1.5 text-right text-[13px] text-quiet">after</span>
      <div className="w-20 shrink-0" title="Silence before it">
        <NumberBox
          label={`Gap before line ${number}`}
          unit="s"
          least={0}
          most={60}
          value={line.gap}
          onTake={(gap) => put(open, label, [...path, "gap"], gap)}
        />
      </div>
      <div className="flex w-44 shrink-0 items-center justify-end gap-2 text-[13px]">
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
        <label className="flex min-h-6 items-center justify-end gap-1 text-[12px] text-quiet">
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
          <ArrowUp size={14} />
        </Button>
        <Button
          look="quiet"
          aria-label={`Line ${number} down`}
          className="px-1"
          onClick={() => shift(open, label, path, 1)}
        >
          <ArrowDown size={14} />
        </Button>
        <Button
          look="quiet"
          className="px-1"
          aria-label={`Delete line ${number}`}
          onClick={() =>
            open.edit(label, (draft) => {
              delete draft.conversations[path[1]].lines[path[3]];
            })
          }
        >
          <Trash2 size={14} />
        </Button>
      </div>
      <div className="basis-full pl-10">
        <TextBox
          label={`Words of line ${number}`}
          placeholder="What is said"
          value={line.text}
          maxLength={400}
          onTake={(text) => put(open, label, [...path, "text"], text)}
        />
      </div>
    </li>
  );
}
