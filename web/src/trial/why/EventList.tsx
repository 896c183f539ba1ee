import { ChevronDown, ChevronRight, Repeat } from "lucide-react";
import { useState } from "react";
import { useStore } from "zustand";
import { type Condition, type Mission, ordered } from "../../document/mission";
import { happens, type PhraseBook } from "../../document/phrases";
import { pinnedWords } from "../../document/pinned";
import { sure } from "../../document/sure";
import { plainWords } from "../../sentence/plain";
import { type InPlay, inPlay } from "../eventsInPlay";
import { gaugeWords } from "../insight";
import type { EventStatus, Why } from "../messages";
import { playTime, type WhyProps } from "./asked";

/** The events: which have fired, and what the others still wait for. */
export function EventList({ game, mission, phrases }: WhyProps & { phrases: PhraseBook }) {
  const events = useStore(game.store, (state) => state.events);
  const [open, setOpen] = useState<ReadonlySet<string>>(new Set());
  const turn = (id: string) => {
    const next = new Set(open);
    if (!next.delete(id)) next.add(id);
    setOpen(next);
  };
  if (events.length === 0) return <p className="p-3 text-quiet">This mission has no events.</p>;
  return (
    <ul>
      {events.map((standing) => {
        const event = inPlay(mission, standing.id);
        if (!event) return null;
        const shown = open.has(standing.id);
        return (
          <li key={standing.id} aria-label={event.name} className="border-hairline border-b">
            <button
              type="button"
              aria-expanded={shown}
              className="flex w-full items-start gap-1.5 px-2.5 py-1.5 text-left hover:bg-hover"
              onClick={() => turn(standing.id)}
            >
              {shown ? (
                <ChevronDown size="0.9375rem" className="mt-1" />
              ) : (
                <ChevronRight size="0.9375rem" className="mt-1" />
              )}
              <span className="grow">
                <span className="flex justify-between gap-2">
                  <b>{event.name}</b>
                  <span className="shrink-0 text-small text-quiet">
                    {standing.fired > 0 &&
                      `${standing.fired > 1 ? `${standing.fired} ×, last ` : "fired "}${playTime(standing.last)}`}
                  </span>
                </span>
                <span className="block text-small text-flint">
                  {state(mission, phrases, event, standing)}
                </span>
              </span>
            </button>
            {shown && (
              <ul className="pb-2 pl-6">
                <Part mission={mission} phrases={phrases} of={event.when} why={standing.when} />
              </ul>
            )}
          </li>
        );
      })}
    </ul>
  );
}

/** How an event stands, in a sentence. */
function state(
  mission: Mission,
  phrases: PhraseBook,
  event: InPlay,
  standing: EventStatus,
): string {
  switch (standing.why) {
    case "spent":
      return "Fires no more.";
    case "asleep":
      return "Is put to sleep until an event wakes it.";
    case "waits":
      return `Has fired; line ${standing.line + 1} comes in ${Math.ceil(standing.due)} s.`;
    case "resting":
      return event.restsUntilFalse
        ? "Rests until its condition has been false."
        : "Rests until it is ready again.";
    case "awaits": {
      const missing = firstMissing(phrases, event.when, standing.when);
      if (!missing) return "Not yet: it has no condition.";
      const words = plainWords(mission, phrases, phrases.conditions, missing.of);
      if (happens(missing.of, phrases)) return `Fires ${words}.`;
      return `Not yet: ${missing.negated ? "not " : ""}${words}.`;
    }
  }
}

/** The first sentence that keeps a condition from being true; states before what happens. */
function firstMissing(
  phrases: PhraseBook,
  of: Condition,
  why: Why,
  negated = false,
): { of: Condition; negated: boolean } | null {
  if (why.open) return { of, negated };
  switch (of.type) {
    case "all":
    case "any": {
      const missing = ordered(of.parts).flatMap(([, { condition }], i) => {
        const its = why.parts?.[i];
        return its && its.holds === negated ? [{ condition, its }] : [];
      });
      const first = missing.find((it) => !happens(it.condition, phrases)) ?? missing[0];
      return first ? firstMissing(phrases, first.condition, first.its, negated) : null;
    }
    case "not":
      return why.parts ? firstMissing(phrases, of.of, sure(why.parts, 0), !negated) : null;
    case "heldFor":
      return why.parts && !sure(why.parts, 0).holds
        ? firstMissing(phrases, of.of, sure(why.parts, 0), negated)
        : leafOf(of, negated);
    default:
      return { of, negated };
  }
}

/** Of a duration that still runs, the sentence that has to go on holding. */
function leafOf(of: Condition, negated: boolean): { of: Condition; negated: boolean } | null {
  if (of.type === "heldFor") return leafOf(of.of, negated);
  if (of.type === "not") return leafOf(of.of, !negated);
  if (of.type === "all" || of.type === "any") {
    const [first] = ordered(of.parts);
    return first ? leafOf(first[1].condition, negated) : null;
  }
  return { of, negated };
}

function Mark({ holds }: { holds: boolean }) {
  return (
    <span className={`w-4 shrink-0 font-bold ${holds ? "text-moss" : "text-error"}`}>
      <span aria-hidden="true">{holds ? "✓" : "✗"}</span>
      <span className="sr-only">{holds ? "true: " : "false: "}</span>
    </span>
  );
}

/** What happens is neither true nor false: it comes and is over. */
function Moment() {
  return <Repeat size="0.75rem" aria-hidden className="mt-1.5 w-4 shrink-0 text-quiet" />;
}

/** A part of a condition: whether it holds, its words, and what it reads now. */
function Part(props: { mission: Mission; phrases: PhraseBook; of: Condition; why: Why }) {
  const { mission, phrases, of, why } = props;
  const inner = (condition: Condition, at: number) =>
    why.parts?.[at] && (
      <Part key={at} mission={mission} phrases={phrases} of={condition} why={why.parts[at]} />
    );
  const group = (words: string, parts: React.ReactNode) => (
    <li>
      <p className="flex gap-1 text-small">
        <Mark holds={why.holds} />
        <span className="font-semibold">{words}</span>
      </p>
      <ul className="pl-4">{parts}</ul>
    </li>
  );
  switch (of.type) {
    case "all":
    case "any":
      return group(
        of.type === "all" ? "all of" : "any of",
        ordered(of.parts).map(([, { condition }], i) => inner(condition, i)),
      );
    case "not":
      return why.open ? <Open /> : group("not", inner(of.of, 0));
    case "heldFor":
      return group(
        `for ${pinnedWords(of.seconds, "s")}${of.inAll ? " in all" : ""}${why.forSeconds ? `; so far ${why.forSeconds} s` : ""}`,
        inner(of.of, 0),
      );
    default:
      return why.open ? (
        <Open />
      ) : (
        <li className="flex gap-1 text-small">
          {happens(of, phrases) ? <Moment /> : <Mark holds={why.holds} />}
          <span>
            {plainWords(mission, phrases, phrases.conditions, of)}
            {why.gauge && gaugeWords(why.gauge) && (
              <span className="text-quiet"> · {gaugeWords(why.gauge)}</span>
            )}
          </span>
        </li>
      );
  }
}

function Open() {
  return <li className="text-small text-error">⚑ names nothing, and is never true</li>;
}
