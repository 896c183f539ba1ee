import { useStore } from "zustand";
import type { Mission } from "../../document/mission";
import type { PhraseBook } from "../../document/phrases";
import { sure } from "../../document/sure";
import { Stone } from "../../drawing/Stone";
import { plainWords } from "../../sentence/plain";
import type { Mind, Player } from "../messages";
import type { WhyProps } from "./asked";

/** Everybody who acts on their own: what they do, why, and what they know. */
export function MindList(
  props: WhyProps & { phrases: PhraseBook; chosen: number; onChoose: (unit: number) => void },
) {
  const { game, mission, phrases, chosen } = props;
  const minds = useStore(game.store, (state) => state.minds);
  const cast = useStore(game.store, (state) => state.cast);
  if (minds.length === 0) return <p className="p-3 text-quiet">Nobody acts on their own now.</p>;
  return (
    <ul>
      {minds.map((mind) => {
        const who = sure(cast, mind.unit);
        return (
          <li key={mind.unit} className="border-hairline border-b">
            <button
              type="button"
              aria-pressed={chosen === mind.unit}
              className="flex w-full items-start gap-2 px-2.5 py-1.5 text-left hover:bg-hover aria-pressed:bg-moss-soft"
              onClick={() => props.onChoose(chosen === mind.unit ? -1 : mind.unit)}
            >
              <Stone side={mission.sides[who.side]} glyph={mission.kinds[who.kind]?.glyph} />
              <span>
                <b>{who.name}</b>
                <span className="block text-small">{about(mission, mind, cast)}</span>
                <span className="block text-small text-quiet">
                  Order: {mind.sent ? "goes where it was sent" : orderWords(mission, phrases, mind)}
                  {FIRMNESS[mind.firmness]}
                </span>
                {mind.kept && (
                  <span className="block text-small text-quiet">{keptWords(mind)}</span>
                )}
              </span>
            </button>
          </li>
        );
      })}
    </ul>
  );
}

const FIRMNESS: Record<Mind["firmness"], string> = {
  whileCalm: "",
  unlessAttacked: "; holds to it unless attacked",
  whateverHappens: "; holds to it whatever happens",
};

/** How long somebody is kept alert by an event. */
export function keptWords({ kept, keptFor }: Mind): string {
  return `Kept ${kept} ${keptFor < 0 ? "until calmed" : `for ${keptFor} s more`}`;
}

function orderWords(mission: Mission, phrases: PhraseBook, mind: Mind): string {
  return plainWords(mission, phrases, phrases.orders, mind.order);
}

/** What a unit is about, and from what it knows. */
export function about(mission: Mission, mind: Mind, cast: Player[]): string {
  const target = mind.target < 0 ? "somebody" : (cast[mind.target]?.name ?? "somebody");
  const ago = mind.ago === 0 ? "in sight" : `last seen ${mind.ago} s ago`;
  switch (mind.task) {
    case "fight":
      if (mind.gate !== null)
        return `Waits at ${mission.gates[mind.gate]?.name ?? "a gate"} to get to ${target}`;
      return `Goes for ${target}, ${ago}`;
    case "search":
      return `Searches where it last saw ${target}, ${mind.ago} s ago`;
    case "look":
      return `Looks at what it half noticed (${mind.notice} %)`;
    case "see":
      return "Goes to see what it heard";
    case "help":
      return "Helps a friend up";
    case "retreat":
      return "Falls back to a post";
    case "lend":
      return "Lends a hand with a load";
    case "order":
      return mind.notice > 0 ? `Does as ordered; noticed ${mind.notice} %` : "Does as ordered";
  }
}
