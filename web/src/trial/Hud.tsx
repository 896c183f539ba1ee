import { type ReactNode, useState } from "react";
import { useStore } from "zustand";
import { type Mission, ordered } from "../document/mission";
import { ItemSign } from "../families/items";
import { Portrait } from "../talk/Portrait";
import { Button } from "../ui/controls";
import { NoticeCard } from "../ui/NoticeCard";
import { beginsWhen } from "./beginsWhen";
import { courseWords } from "./courseWords";
import { signs } from "./decode";
import { fightWords } from "./fightWords";
import { type Game, STEPS, type TrialState } from "./game";
import { Part } from "./Part";
import { OVER_KEY, TAKE_KEY, TELLS, USE_KEYS } from "./useTrialKeys";

export function Banner({ children }: { children: ReactNode }) {
  return (
    <p className="absolute top-4 left-1/2 -translate-x-1/2 border border-line bg-slip px-4 py-2 shadow max-lg:right-4 max-lg:left-[17.5rem] max-lg:translate-x-0">
      {children}
    </p>
  );
}

const MARKS = { notYetOpen: "·", open: "○", done: "✓", failed: "✗" };

export function Objectives({ game }: { game: Game }) {
  const objectives = useStore(game.store, (state) => state.objectives);
  const next = objectives.find(({ state }) => state === "open");
  return (
    <Part name="Objectives" brief={next?.name ?? (objectives.length === 0 ? "none yet" : "")}>
      {objectives.length === 0 && <p className="text-hud-quiet">None yet. Look about you.</p>}
      <ul>
        {objectives.map(({ id, name, text, state, tally }) => (
          <li key={id} className="pb-1.5">
            <span className={state === "open" ? "font-bold" : state === "done" ? "" : "opacity-80"}>
              <span aria-hidden="true">{MARKS[state]}</span> {name}
              {tally && (
                <span className="tabular-nums">
                  {" "}
                  · {tally.now} of {tally.of}
                </span>
              )}
              {state !== "open" && <span> · {state}</span>}
            </span>
            {state === "open" && <span className="block pl-4 text-small">{text}</span>}
          </li>
        ))}
      </ul>
    </Part>
  );
}

/** Steps for which the briefing lies on the map unless it is laid aside before. */
const READING = 15 * STEPS;

/** What players read as they begin. */
export function Briefing({ game, words }: { game: Game; words: string }) {
  const [read, setRead] = useState(false);
  const late = useStore(game.store, (state) => state.step > READING);
  const seating = useStore(game.store, (state) => state.seating);
  const { begins, host } = seating;
  const waits = waitsFor(seating);
  const laidAside = read || (waits ? waits.ready : late || words.trim() === "");
  if (laidAside) return null;
  const layAside = () => {
    setRead(true);
    if (waits) game.say({ type: "layAside" });
  };
  return (
    <section
      aria-label="Briefing"
      className="absolute top-4 right-4 max-h-[calc(100%-2rem)] w-72 max-w-[50%] overflow-y-auto border border-line bg-slip p-3 shadow"
    >
      <h2 className="pb-1 font-bold">Briefing</h2>
      <p className="whitespace-pre-line pb-2 font-serif leading-snug">
        {words.trim() || "There is none."}
      </p>
      {waits && <p className="pb-2 text-small text-quiet">{beginsWhen(begins, host)}</p>}
      <Button onClick={layAside}>Lay aside</Button>
    </section>
  );
}

/** What play waits for before it begins; nothing for a page that looks on, or once it has begun. */
function waitsFor({ seats, own, begun }: TrialState["seating"]) {
  return begun ? undefined : seats[own];
}

const SHOWN = 6 * STEPS;

export function Notes({ game }: { game: Game }) {
  const notes = useStore(game.store, (state) => state.notes);
  const step = useStore(game.store, (state) => state.step);
  const shown = notes.filter((note) => step - note.step < SHOWN).slice(-3);
  return (
    <div aria-live="polite" className="w-full max-w-[32.5rem]">
      {shown.map((note) => (
        <p
          key={`${note.step}${note.text}`}
          className="mt-2 bg-hud/90 px-4 py-2 text-center font-serif text-hud-ink text-large"
        >
          {note.text}
        </p>
      ))}
    </div>
  );
}

/** How long what was read stays, in steps, and how many more for each letter. */
const READ = 3 * STEPS;
const READ_PER_LETTER = STEPS / 12;

/** What the player has just read. */
export function Reading({ game }: { game: Game }) {
  const reads = useStore(game.store, ({ reads: it, step }) =>
    it && step - it.step < READ + READ_PER_LETTER * it.text.length ? it : null,
  );
  return (
    <div aria-live="polite" className="mt-2 flex w-full justify-center">
      {reads && <NoticeCard title={reads.fixture} text={reads.text} />}
    </div>
  );
}

/** What the player can use from where they stand. */
export function Offers({ game, mission }: { game: Game; mission: Mission }) {
  const offers = useStore(game.store, (state) => state.offers);
  const busy = useStore(game.store, (state) => state.busy);
  const takes = useStore(game.store, (state) => state.pack.takes);
  const ahead = useStore(game.store, (state) => state.ahead);
  return (
    <div className="pointer-events-auto flex flex-wrap justify-center gap-2">
      {busy ? (
        <output className="block border border-line bg-slip px-3 py-1.5 shadow">
          {busy.verb}: {busy.name}…
        </output>
      ) : (
        offers.map(({ slot, verb, name, lacks }) => (
          <Button
            key={slot}
            className="whitespace-nowrap shadow"
            disabled={lacks !== null}
            onClick={() => game.act({ type: "use", slot })}
          >
            <kbd className="mr-1 border border-line px-1.5">{USE_KEYS[slot - 1]}</kbd>
            {verb}: {name}
            {lacks !== null && <span> · needs {lacks}</span>}
          </Button>
        ))
      )}
      {!busy && ahead !== null && (
        <Button className="whitespace-nowrap shadow" onClick={() => game.act({ type: "over" })}>
          <kbd className="mr-1 border border-line px-1.5">{OVER_KEY}</kbd>
          {ahead}
        </Button>
      )}
      {!busy && takes !== null && (
        <Button className="whitespace-nowrap shadow" onClick={() => game.act({ type: "takeUp" })}>
          <kbd className="mr-1 border border-line px-1.5">{TAKE_KEY}</kbd>
          Take up: {mission.itemKinds[takes]?.name}
        </Button>
      )}
    </div>
  );
}

/** What players can send at any time. */
export function Calls({ game, mission }: { game: Game; mission: Mission }) {
  const offered = useStore(game.store, (state) => state.calls);
  const lacks = new Map(offered.map(({ id, lacks }) => [id, lacks]));
  const calls = ordered(mission.calls).filter(([id]) => lacks.has(id));
  if (calls.length === 0) return null;
  return (
    <Part name="Calls" brief={calls.map(([, { name }]) => name).join(", ")}>
      {calls.map(([id, { name }]) => (
        <button
          key={id}
          type="button"
          className="block min-h-8 w-full border border-hud-line px-2 text-left text-hud-ink enabled:hover:bg-hud-hover"
          disabled={typeof lacks.get(id) === "string"}
          onClick={() => game.act({ type: "call", call: id })}
        >
          {name}
          {lacks.get(id) && <span className="text-hud-quiet text-small"> · {lacks.get(id)}</span>}
        </button>
      ))}
    </Part>
  );
}

/** What companions can be told. */
export function Companions({ game }: { game: Game }) {
  return (
    <Part name="Companions" brief={TELLS.map(({ word }) => word.toLowerCase()).join(", ")}>
      <div className="flex gap-1">
        {TELLS.map(({ tell, word, key }) => (
          <button
            key={tell}
            type="button"
            className="min-h-8 grow border border-hud-line px-1 text-hud-ink hover:bg-hud-hover"
            onClick={() => game.act({ type: "companions", tell })}
          >
            <kbd className="mr-1 border border-hud-line px-1 text-xs">{key}</kbd>
            {word}
          </button>
        ))}
      </div>
    </Part>
  );
}

/** How many splits of a timer are listed: the last ones. */
const SPLITS = 5;

/** A time to the tenth: "1:07.5". */
function tenths(seconds: number): string {
  const all = Math.floor(seconds * 10 + 1e-6);
  return `${Math.floor(all / 600)}:${((all % 600) / 10).toFixed(1).padStart(4, "0")}`;
}

/** The timers that run, for players to see. */
export function Timers({ game }: { game: Game }) {
  const timers = useStore(game.store, (state) => state.timers);
  if (timers.length === 0) return null;
  return (
    <section aria-label="Timers" className="shrink-0 bg-hud/85 px-3 py-1.5 text-hud-ink">
      {timers.map(({ name, shows, splits }, i) => (
        <div key={i} className="tabular-nums">
          <p className="flex justify-between gap-4">
            <span>{name}</span>
            <b>
              {Math.floor(shows / 60)}:{String(shows % 60).padStart(2, "0")}
            </b>
          </p>
          {splits.length > 0 && (
            <ol aria-label={`Splits of ${name}`} className="text-right text-hud-quiet text-small">
              {splits.slice(-SPLITS).map((split, number) => (
                <li key={number}>{tenths(split)}</li>
              ))}
            </ol>
          )}
        </div>
      ))}
    </section>
  );
}

/** How the player stands on courses. */
export function Courses({ game }: { game: Game }) {
  const courses = useStore(game.store, (state) => state.courses);
  if (courses.length === 0) return null;
  return (
    <section aria-label="Courses" className="shrink-0 bg-hud/85 px-3 py-1.5 text-hud-ink">
      {courses.map((course, i) => (
        <div key={i} className="tabular-nums">
          <p className="flex justify-between gap-4">
            <span>{course.name}</span>
            <b>
              {Math.floor(course.seconds / 60)}:{String(course.seconds % 60).padStart(2, "0")}
            </b>
          </p>
          <p className="text-hud-quiet text-small">{courseWords(course)}</p>
        </div>
      ))}
    </section>
  );
}

/** The player's own health, weapons and keys. */
export function Self({ game, mission }: { game: Game; mission: Mission }) {
  const step = useStore(game.store, (state) => state.step);
  const lives = useStore(game.store, (state) => state.lives.left);
  const { cast, unit } = game.state;
  const me = cast[unit];
  const now = game.latest?.units.get(unit);
  const health = now?.health ?? 100;
  const kind = me && mission.kinds[me.kind];
  const arms = kind ? Object.values(kind.weapons).sort((a, b) => (a.order < b.order ? -1 : 1)) : [];
  const title = (
    <span className="flex min-w-0 grow justify-between gap-2 text-hud-ink text-sm">
      <span className="truncate">{me?.name}</span>
      {lives > 0 && (
        <span className="whitespace-nowrap font-normal text-small">
          {lives} {lives === 1 ? "life" : "lives"} left
        </span>
      )}
    </span>
  );
  return (
    <Part
      name="You"
      step={step}
      title={title}
      stays
      always={
        <>
          <Blows game={game} />
          <Condition {...(now ? signs(now) : { dead: false, down: false, bound: false })} />
          <Health share={health} />
        </>
      }
    >
      <ul className="text-small">
        {arms.map(({ weapon }, i) => (
          <li key={weapon.id}>
            <kbd className="mr-1.5 inline-block w-5 border border-hud-line text-center">
              {i + 1}
            </kbd>
            {mission.weapons[weapon.id]?.name}
            {mission.weapons[weapon.id]?.use === "shot" ? ": shoot" : ": strike"}
          </li>
        ))}
        <Carried game={game} mission={mission} />
        <li className="pt-1 text-hud-quiet">WASD or click to move, mouse to aim</li>
      </ul>
    </Part>
  );
}

/** Tells an ear how blows and shots of the player's and at them come out, as the map shows an eye. */
function Blows({ game }: { game: Game }) {
  const says = useStore(game.store, ({ strikes, unit, cast }) => {
    const last = strikes.findLast(({ by, at }) => by === unit || at === unit);
    return last ? fightWords(last, unit, cast) : "";
  });
  return (
    <p role="status" className="sr-only">
      {says}
    </p>
  );
}

/** Says that a player cannot act, and why; an ear hears it as it comes. */
function Condition({ dead, down, bound }: { dead: boolean; down: boolean; bound: boolean }) {
  return (
    <p role="status" className={dead || down || bound ? "font-bold text-hud-bad" : "sr-only"}>
      {bound ? "⊗ Bound: somebody has to free you" : ""}
      {dead ? "✗ Dead" : down ? "▽ Down: a friend beside you can help you up" : ""}
    </p>
  );
}

function Health({ share }: { share: number }) {
  return (
    <div className="flex items-center gap-2 py-1">
      <span className="h-2 grow bg-hud-hover">
        <span
          className={`block h-full ${share > 35 ? "bg-hud-good" : "bg-hud-bad"}`}
          style={{ width: `${share}%` }}
        />
      </span>
      <span>
        <span className="sr-only">Health </span>
        {Math.round(share)} %
      </span>
    </div>
  );
}

/** What the player carries, to use or to set down. */
function Carried({ game, mission }: { game: Game; mission: Mission }) {
  const { carried, laden, load } = useStore(game.store, (state) => state.pack);
  if (carried.length === 0) return null;
  const button =
    "pointer-events-auto min-h-6 border border-hud-line px-1.5 text-xs enabled:hover:bg-hud-hover disabled:opacity-60";
  return (
    <li className="mt-1 border-hud-line border-t pt-1">
      <p className="flex justify-between text-hud-quiet">
        Pack
        <span>
          {laden} of {load} kg
        </span>
      </p>
      <ul aria-label="Pack">
        {carried.map(({ kind, count, lacks }) => {
          const item = mission.itemKinds[kind];
          return (
            <li key={kind} className="flex items-center gap-1.5 py-0.5">
              {item && <ItemSign figure={item.figure} size={16} />}
              <span className="min-w-0 grow truncate">
                {count > 1 && `${count} × `}
                {item?.name}
              </span>
              {item && item.use.type !== "kept" && (
                <button
                  type="button"
                  className={button}
                  aria-label={`${item.use.type === "throws" ? "Throw" : "Use"} one ${item.name}`}
                  disabled={lacks !== null}
                  title={lacks ?? undefined}
                  onClick={() => game.act({ type: "consume", item: kind })}
                >
                  {item.use.type === "throws" ? "Throw" : "Use"}
                </button>
              )}
              <button
                type="button"
                className={button}
                aria-label={`Set down one ${item?.name}`}
                onClick={() => game.act({ type: "setDown", item: kind })}
              >
                Set down
              </button>
            </li>
          );
        })}
      </ul>
    </li>
  );
}

/** The dock below the map in which lines are read; it covers nothing. */
export function Captions({ game, mission }: { game: Game; mission: Mission }) {
  const caption = useStore(game.store, (state) => state.caption);
  if (Object.keys(mission.conversations).length === 0) return null;
  return (
    <section
      aria-label="Captions"
      aria-live="polite"
      className="flex max-h-40 min-h-16 shrink-0 items-center gap-3 overflow-y-auto border-line border-t bg-slip px-4 py-2"
    >
      {caption?.speaker && <Portrait speaker={caption.speaker} mission={mission} size={48} />}
      {caption && (
        <p className="text-base">
          {caption.speaker && <b>{caption.speaker.name}: </b>}
          <span className="font-serif">{caption.text}</span>
        </p>
      )}
    </section>
  );
}
