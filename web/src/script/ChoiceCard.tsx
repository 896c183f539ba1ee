import { ArrowDown, ArrowUp, Plus, Trash2 } from "lucide-react";
import { removeAll } from "../deeds/deeds";
import { put, shift } from "../document/change";
import { useMission, useOpenMission } from "../document/context";
import {
  type Answer,
  type ChoiceDecides,
  newId,
  orderAfter,
  ordered,
  type Choice as Question,
} from "../document/mission";
import type { PhraseBook } from "../document/phrases";
import { usePhrases } from "../document/phrases";
import { Tree } from "../sentence/ConditionTree";
import { addAnswer, answersOf } from "../sentence/things";
import { PinnedToken } from "../sentence/tokens";
import { WordsField } from "../sentence/WordsToken";
import { questionWords } from "../talk/questionWords";
import { Button, Choice, TextBox, Tick } from "../ui/controls";
import { QuestionCard } from "../ui/QuestionCard";
import { EventsAbout } from "./EventsAbout";

const DECIDES: { value: ChoiceDecides; word: string }[] = [
  { value: "first", word: "The first answer decides for all" },
  { value: "each", word: "Everybody decides for themselves" },
  { value: "most", word: "Most votes decide for all" },
];

/** The most answers that players are shown. */
const MOST = 6;

/** A choice: what is asked, how it is decided, its answers, and how players see it. */
export function ChoiceCard({ id, choice }: { id: string; choice: Question }) {
  const open = useOpenMission();
  const mission = useMission((state) => state.mission);
  const phrases = usePhrases();
  const path = ["choices", id];
  const label = `Change ${choice.name}`;
  const answers = ordered(answersOf(mission, id));
  const remove = () =>
    open.edit(`Delete ${choice.name}`, (draft) => {
      const parts = Object.keys(answersOf(draft, id)).map((it) => ({
        family: "answers" as const,
        id: it,
      }));
      removeAll(draft, [...parts, { family: "choices", id }]);
    });
  return (
    <article
      id={`card-${id}`}
      aria-label={choice.name}
      className="border border-line bg-slip p-3 shadow-sm"
    >
      <div className="flex items-center gap-2 pb-2">
        <TextBox
          label="Name of the choice"
          value={choice.name}
          maxLength={60}
          required
          onTake={(name) => put(open, `Rename to ${name}`, [...path, "name"], name)}
        />
        <Button look="quiet" aria-label={`Delete ${choice.name}`} onClick={remove}>
          <Trash2 size="0.9375rem" />
        </Button>
      </div>
      <WordsField
        label={`What ${choice.name} asks`}
        placeholder="What players are asked"
        value={choice.text}
        longest={400}
        multiline
        onTake={(text) => put(open, label, [...path, "text"], text)}
      />
      <Terms id={id} choice={choice} answers={answers} />
      <ol className="pt-1">
        {answers.map(([answer, of], i) => (
          <AnswerRow key={answer} id={answer} answer={of} number={i + 1} phrases={phrases} />
        ))}
      </ol>
      <Button
        className="mt-1"
        disabled={answers.length >= MOST}
        onClick={() =>
          open.edit(`Add an answer to ${choice.name}`, (draft) =>
            addAnswer(draft, id, `Answer ${answers.length + 1}`),
          )
        }
      >
        <Plus size="0.875rem" /> Add an answer
      </Button>
      {phrases && (
        <div className="mt-2 border-hairline border-t pt-2">
          <EventsAbout
            lead="Asked when"
            of={{ family: "choices", id }}
            where="actions"
            phrases={phrases}
            makes="+ when…"
            make={() => ({ name: `Ask ${choice.name}`, actions: asking(id) })}
          />
        </div>
      )}
      <Preview choice={choice} answers={answers.slice(0, MOST)} />
    </article>
  );
}

function asking(choice: string) {
  return {
    [newId()]: {
      order: orderAfter({}),
      after: { type: "number" as const, value: 0 },
      action: {
        type: "ask" as const,
        to: { type: "everybody" as const },
        choice: { family: "choices" as const, id: choice },
      },
    },
  };
}

/** Whose answer counts, for how long, and what comes then. */
function Terms(props: { id: string; choice: Question; answers: [string, Answer][] }) {
  const { id, choice, answers } = props;
  const open = useOpenMission();
  const mission = useMission((state) => state.mission);
  const path = ["choices", id];
  const label = `Change ${choice.name}`;
  const { limit } = choice;
  const falls = choice.fallback.type === "answer" ? choice.fallback.answer.id : "";
  const endless = limit.value === 0 && Object.keys(limit.levels).length === 0;
  const none = { value: "", word: "it stays without an answer" };
  const options = answers.map(([value, { name }]) => ({ value, word: `“${name}”` }));
  const lost = falls !== "" && !answers.some(([it]) => it === falls);
  return (
    <div className="flex flex-wrap items-center gap-x-3 gap-y-1 pt-2">
      <div className="w-64">
        <Choice
          label="Whose answer counts"
          value={choice.decides}
          options={DECIDES}
          onTake={(decides) => put(open, label, [...path, "decides"], decides)}
        />
      </div>
      <span className="flex items-center gap-1">
        {endless ? "as long as players like:" : "players have"}
        <PinnedToken
          label="Time to answer"
          unit="s"
          least={0}
          most={600}
          value={limit}
          take={(to) => put(open, label, [...path, "limit"], to)}
        />
      </span>
      {(!endless || falls !== "") && (
        <span className="flex items-center gap-1">
          then
          <div className="w-56">
            <Choice
              label="What counts when the time is over"
              value={falls}
              options={[
                none,
                ...options,
                ...(lost
                  ? [
                      {
                        value: falls,
                        word: mission.answers[falls]
                          ? "⚑ an answer to another"
                          : "⚑ a deleted answer",
                      },
                    ]
                  : []),
              ]}
              onTake={(id) =>
                put(
                  open,
                  label,
                  [...path, "fallback"],
                  id === ""
                    ? { type: "nothing" }
                    : { type: "answer", answer: { family: "answers", id } },
                )
              }
            />
          </div>
        </span>
      )}
      <Tick
        word="play stands still until it is answered"
        checked={choice.waits}
        onTake={(waits) => put(open, label, [...path, "waits"], waits)}
      />
    </div>
  );
}

/** An answer: its words, what has to hold for it, and what follows. */
function AnswerRow(props: {
  id: string;
  answer: Answer;
  number: number;
  phrases: PhraseBook | undefined;
}) {
  const { id, answer, number, phrases } = props;
  const open = useOpenMission();
  const path = ["answers", id];
  const label = `Change the answer “${answer.name}”`;
  const conditional = !("parts" in answer.when) || Object.keys(answer.when.parts).length > 0;
  const move = (by: -1 | 1) =>
    shift(open, label, path, by, (draft) => answersOf(draft, answer.choice.id));
  return (
    <li aria-label={`Answer ${number}`} className="border-hairline border-t py-1.5">
      <div className="flex items-center gap-2">
        <b className="w-4 shrink-0 text-right">{number}</b>
        <TextBox
          label={`Words of answer ${number}`}
          value={answer.name}
          maxLength={120}
          required
          onTake={(name) => put(open, label, [...path, "name"], name)}
        />
        <div className="flex shrink-0">
          <Button
            look="quiet"
            className="px-1"
            aria-label={`Answer ${number} up`}
            onClick={() => move(-1)}
          >
            <ArrowUp size="0.875rem" />
          </Button>
          <Button
            look="quiet"
            className="px-1"
            aria-label={`Answer ${number} down`}
            onClick={() => move(1)}
          >
            <ArrowDown size="0.875rem" />
          </Button>
          <Button
            look="quiet"
            className="px-1"
            aria-label={`Delete answer ${number}`}
            onClick={() =>
              open.edit(`Delete the answer “${answer.name}”`, (draft) =>
                removeAll(draft, [{ family: "answers", id }]),
              )
            }
          >
            <Trash2 size="0.875rem" />
          </Button>
        </div>
      </div>
      {phrases && (
        <div className="pl-6">
          <Tree
            condition={answer.when}
            path={[...path, "when"]}
            label={label}
            phrases={phrases}
            lead={conditional ? "can be given when" : "can always be given, or only when"}
          />
          {conditional && (
            <TextBox
              label={`What is read while answer ${number} cannot be given`}
              placeholder="Why not, as players read it; left empty, the answer is left out"
              value={answer.refusal}
              maxLength={120}
              onTake={(refusal) => put(open, label, [...path, "refusal"], refusal)}
            />
          )}
          <EventsAbout
            lead="Then"
            of={{ family: "answers", id }}
            where="when"
            phrases={phrases}
            makes="+ do…"
            make={() => ({
              name: `Chosen: ${answer.name}`.slice(0, 60),
              when: {
                type: "all",
                parts: {
                  [newId()]: {
                    order: orderAfter({}),
                    condition: { type: "isChosen", answer: { family: "answers", id } },
                  },
                },
              },
            })}
          />
        </div>
      )}
    </li>
  );
}

/** How players see it; answers with a refusal as they are while they cannot be given. */
function Preview({ choice, answers }: { choice: Question; answers: [string, Answer][] }) {
  const mission = useMission((state) => state.mission);
  const { value } = choice.limit;
  return (
    <figure className="mt-2 border-hairline border-t pt-2">
      <figcaption className="pb-1 text-quiet text-small">As players see it</figcaption>
      <QuestionCard
        text={choice.text.text || "…"}
        says={questionWords({
          decides: choice.decides,
          seconds: value === 0 ? null : Math.ceil(value),
          fallback:
            choice.fallback.type === "answer"
              ? (mission.answers[choice.fallback.answer.id]?.name ?? null)
              : null,
          waits: choice.waits,
          voted: 0,
          voters: Object.keys(mission.starts).length,
        })}
        answers={answers.map(([id, { name, refusal }]) => ({
          id,
          text: name,
          lacks: refusal.trim() === "" ? null : refusal,
          votes: 0,
          own: false,
        }))}
        left={value === 0 ? null : 1}
      />
    </figure>
  );
}
