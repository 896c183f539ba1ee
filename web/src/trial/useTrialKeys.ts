import { useCallback, useRef } from "react";
import { type Command, useCommands } from "../desk/commands";
import type { Game } from "./game";
import type { InputTell } from "./messages";

/** The keys that a player walks with, and where to. */
const WALKS = {
  W: { word: "Walk north", east: 0, north: 1 },
  S: { word: "Walk south", east: 0, north: -1 },
  A: { word: "Walk west", east: -1, north: 0 },
  D: { word: "Walk east", east: 1, north: 0 },
};

/** What companions are told, by its key. */
export const TELLS: { tell: InputTell; word: string; key: string }[] = [
  { tell: "follow", word: "Follow", key: "F" },
  { tell: "stay", word: "Stay", key: "T" },
  { tell: "attack", word: "Attack", key: "G" },
];

/** The keys that use what is offered, in its order. */
export const USE_KEYS = ["E", "R", "C", "V"];

/** The key that takes up what lies within reach. */
export const TAKE_KEY = "Q";

/** The key that goes over the crossing ahead. */
export const OVER_KEY = "X";

/** How many weapons have a key. */
const WEAPONS = 8;

/**
 * Has keys play: walking and attacking for as long as they are held.
 *
 * @param onSteer what else is done when the player begins to walk by keys
 */
export function useTrialKeys(game: Game, onPause: () => void, onSteer: () => void): void {
  const held = useRef(new Set<keyof typeof WALKS>());
  const taps = useRef<Taps>(new Map());
  const steer = useCallback(() => {
    let [east, north] = [0, 0];
    for (const key of held.current) {
      east += WALKS[key].east;
      north += WALKS[key].north;
    }
    onSteer();
    game.act({ type: "steer", east, north });
  }, [game, onSteer]);
  useCommands("page", () => [
    ...walking(game, taps.current, held.current, steer),
    ...attacking(game, taps.current),
    ...USE_KEYS.map((key, i) => ({
      ...hidden(`use-${i}`, `Use what is offered, ${i + 1}`),
      keys: [key],
      run: () => game.act({ type: "use", slot: i + 1 }),
    })),
    ...TELLS.map(({ tell, word, key }) => ({
      ...hidden(`tell-${tell}`, `Companions: ${word.toLowerCase()}`),
      keys: [key],
      run: () => game.act({ type: "companions", tell }),
    })),
    {
      ...hidden("take-up", "Take up what lies here"),
      keys: [TAKE_KEY],
      run: () => game.act({ type: "takeUp" }),
    },
    {
      ...hidden("over", "Go over the crossing ahead"),
      keys: [OVER_KEY],
      run: () => game.act({ type: "over" }),
    },
    { id: "pause", word: "Pause or go on", what: "trial", keys: ["P"], run: onPause },
    {
      id: "step",
      word: "Take one step of 50 ms",
      what: "trial",
      keys: ["N"],
      run: () => game.say({ type: "step", steps: 1 }),
    },
  ]);
}

/** A command that only keys do: it is of no use from a list that covers the map. */
function hidden(id: string, word: string): Pick<Command, "id" | "word" | "what" | "unlisted"> {
  return { id, word, what: "trial", unlisted: true };
}

/** When each key was last pressed, by the id of its command. */
type Taps = Map<string, { step: number }>;

/** A command for as long as its key is held; a short tap is held until the world has heard of it. */
function whileHeld(
  game: Game,
  taps: Taps,
  command: Pick<Command, "id" | "word" | "what" | "unlisted" | "keys">,
  press: () => void,
  release: () => void,
): Command {
  return {
    ...command,
    run: () => {
      taps.set(command.id, { step: game.stepNow });
      press();
    },
    release: () => {
      const tap = taps.get(command.id);
      // A key that is pressed again meanwhile stays held.
      game.release(tap?.step ?? 0, () => tap === taps.get(command.id) && release());
    },
  };
}

function walking(
  game: Game,
  taps: Taps,
  held: Set<keyof typeof WALKS>,
  steer: () => void,
): Command[] {
  return (Object.keys(WALKS) as (keyof typeof WALKS)[]).map((key) =>
    whileHeld(
      game,
      taps,
      { ...hidden(`walk-${key}`, WALKS[key].word), keys: [key] },
      () => {
        held.add(key);
        steer();
      },
      () => {
        held.delete(key);
        steer();
      },
    ),
  );
}

/** A number is that of an answer while there is a choice, else that of a weapon. */
function answerOrAttack(game: Game, i: number): void {
  const { asks } = game.state;
  const answer = asks?.answers[i];
  if (answer?.lacks === null) game.act({ type: "answer", answer: answer.id });
  if (!asks) game.act({ type: "attack", slot: i + 1 });
}

function attacking(game: Game, taps: Taps): Command[] {
  return Array.from({ length: WEAPONS }, (_, i) =>
    whileHeld(
      game,
      taps,
      { ...hidden(`attack-${i}`, `Attack with weapon ${i + 1}`), keys: [String(i + 1)] },
      () => answerOrAttack(game, i),
      () => game.act({ type: "attack", slot: 0 }),
    ),
  );
}
