import { useEffect, useRef, useState } from "react";
import { useStore } from "zustand";
import { playTime, type WhyProps } from "./asked";

/** What sort of entry each kind is, for those who want to see less. */
const SORTS: { word: string; kinds: string[] }[] = [
  {
    word: "Script",
    kinds: [
      "fired",
      "dropped",
      "objective",
      "decided",
      "over",
      "note",
      "marker",
      "flag",
      "counter",
      "waves",
      "wave",
      "cleared",
      "chase",
      "ran_out",
      "called",
      "gate",
      "effect",
      "used",
    ],
  },
  { word: "Talk", kinds: ["line", "said"] },
  { word: "Fights", kinds: ["struck", "hit", "down", "fell", "helped", "died", "in_effect"] },
  { word: "Senses", kinds: ["noticed", "heard", "gave_up", "alerted"] },
  {
    word: "Moves",
    kinds: [
      "came",
      "no_room",
      "stayed_away",
      "reached",
      "entered",
      "left",
      "no_way",
      "seat",
      "told",
      "zone_acts",
      "queues",
      "course_passed",
      "course_missed",
      "course_finished",
      "no_place",
    ],
  },
];
const SHOWN = 400;

/** Nearer to its end than this the list follows what is new, pixels. */
const NEAR_END = 24;

/** The log of causes, newest last; each entry names what it came from. */
export function Log({ game }: WhyProps) {
  const log = useStore(game.store, (state) => state.log);
  const [hidden, setHidden] = useState<ReadonlySet<string>>(new Set());
  const list = useRef<HTMLOListElement>(null);
  /** Whether the newest entry is in view, and is to be kept so. */
  const atEnd = useRef(true);
  const without = new Set(
    SORTS.filter(({ word }) => hidden.has(word)).flatMap(({ kinds }) => kinds),
  );
  const shown = log.filter(({ kind }) => !without.has(kind)).slice(-SHOWN);
  const bySays = new Map(log.map(({ ordinal, says }) => [ordinal, says]));
  const last = shown.at(-1)?.ordinal;
  useEffect(() => {
    if (last !== undefined && atEnd.current) {
      list.current?.scrollTo({ top: list.current.scrollHeight });
    }
  }, [last]);
  const turn = (word: string) => {
    const next = new Set(hidden);
    if (!next.delete(word)) next.add(word);
    setHidden(next);
  };
  return (
    <div className="flex h-full flex-col">
      <div className="flex flex-wrap gap-1 border-hairline border-b p-1.5">
        {SORTS.map(({ word }) => (
          <button
            key={word}
            type="button"
            aria-pressed={!hidden.has(word)}
            className="min-h-6 border border-line px-1.5 text-small text-quiet aria-pressed:border-moss aria-pressed:bg-moss-soft aria-pressed:text-ink"
            onClick={() => turn(word)}
          >
            <span aria-hidden="true">{hidden.has(word) ? "+ " : "✓ "}</span>
            {word}
          </button>
        ))}
      </div>
      <ol
        ref={list}
        aria-label="Log"
        className="min-h-0 grow overflow-auto px-2.5 py-1 text-small"
        onScroll={({ currentTarget: { scrollTop, scrollHeight, clientHeight } }) => {
          atEnd.current = scrollHeight - scrollTop - clientHeight < NEAR_END;
        }}
      >
        {shown.map(({ step, ordinal, cause, says }) => (
          <li key={ordinal} className="flex gap-2 py-0.5">
            <span className="w-9 shrink-0 text-right text-quiet tabular-nums">
              {playTime(step)}
            </span>
            <span>
              {says}
              {cause >= 0 && bySays.has(cause) && (
                <span className="text-quiet"> · through {bySays.get(cause)}</span>
              )}
            </span>
          </li>
        ))}
      </ol>
    </div>
  );
}
