import { Download, Pause, Play, RotateCcw, Shuffle, X } from "lucide-react";
import { useCallback, useEffect, useState } from "react";
import { useLocation } from "wouter";
import { useStore } from "zustand";
import type { Ground } from "../map/ground";
import { useMission, useOpenMission } from "../model/context";
import { clockWords, type Mission, ordered } from "../model/mission";
import { Portrait } from "../talk/Portrait";
import { Button, Choice } from "../ui/controls";
import { Game, STEPS } from "./game";
import { TrialMap } from "./TrialMap";

const LEVELS = ["calm", "breezy", "rough", "storm"].map((value) => ({
  value,
  word: value[0].toUpperCase() + value.slice(1),
}));

function freshSeed(): number {
  return Math.floor(Math.random() * 100_000);
}

/** Tries the mission in play. */
export function TrialPage({ ground }: { ground: Ground }) {
  const id = useMission((state) => state.id);
  const waiting = useMission((state) => state.waiting.length);
  const open = useOpenMission();
  const [begin, setBegin] = useState({ seed: freshSeed(), difficulty: "breezy", turn: 0 });
  const [game, setGame] = useState<Game | null>(null);
  const [mission, setMission] = useState<Mission>(open.state.mission);
  const saved = waiting === 0;
  useEffect(() => {
    if (!saved) return;
    const next = new Game();
    setMission(open.state.mission);
    setGame(next);
    void next.start(id, begin.seed, begin.difficulty);
    return () => next.leave();
  }, [id, begin, saved, open]);
  const again = (seed: number) => setBegin({ ...begin, seed, turn: begin.turn + 1 });
  if (!game) return <p className="p-6">Waiting until the last edits are stored…</p>;
  return (
    <Stage
      key={begin.turn}
      game={game}
      mission={mission}
      ground={ground}
      difficulty={begin.difficulty}
      onDifficulty={(difficulty) => setBegin({ ...begin, difficulty, turn: begin.turn + 1 })}
      onAgain={() => again(begin.seed)}
      onFresh={() => again(freshSeed())}
    />
  );
}

interface PlayProps {
  game: Game;
  mission: Mission;
  ground: Ground;
  difficulty: string;
  onDifficulty: (difficulty: string) => void;
  onAgain: () => void;
  onFresh: () => void;
}

function Stage(props: PlayProps) {
  const { game, mission } = props;
  const state = useStore(game.store);
  const id = useMission((it) => it.id);
  const [, go] = useLocation();
  const seconds = Math.floor(state.step / STEPS);
  const pause = useCallback(
    () => game.say({ type: game.state.paused ? "resume" : "pause" }),
    [game],
  );
  const leave = () => go(`/missions/${id}/ground`);
  return (
    <>
      <header className="flex h-11 shrink-0 items-center gap-3 border-b border-line bg-slip px-4">
        <h1 className="truncate font-bold text-lg">{mission.brief.title}</h1>
        <span className="whitespace-nowrap text-[13px] text-quiet">seed {state.seed}</span>
        <span className="grow" />
        <output aria-label="Clock" className="whitespace-nowrap">
          <b className="font-serif text-lg">
            {clockWords(mission.setting.startTime + seconds, true)}
          </b>{" "}
          <span className="text-[13px] text-quiet">
            {Math.floor(seconds / 60)}:{String(seconds % 60).padStart(2, "0")} in
          </span>
        </output>
        <div className="w-28">
          <Choice
            label="Difficulty"
            value={props.difficulty}
            options={LEVELS}
            onTake={props.onDifficulty}
          />
        </div>
        <Button
          onClick={pause}
          disabled={state.status !== "playing"}
          aria-pressed={state.paused}
          title="Pause and go on (P)"
        >
          {state.paused ? <Play size={14} /> : <Pause size={14} />}
          {state.paused ? "Go on" : "Pause"}
        </Button>
        <Button onClick={props.onAgain} title="From the start, same seed">
          <RotateCcw size={14} /> Again
        </Button>
        <Button onClick={leave}>
          <X size={14} /> Leave
        </Button>
      </header>
      <div className="relative min-h-0 grow">
        <TrialMap game={game} mission={mission} ground={props.ground} onPause={pause} />
        <div className="pointer-events-none absolute top-4 left-4 flex w-64 flex-col gap-2">
          <Objectives game={game} />
          {!state.report && <Calls game={game} mission={mission} />}
        </div>
        {!state.report && <Briefing game={game} words={mission.brief.briefing} />}
        <Notes game={game} />
        <Self game={game} mission={mission} />
        {!state.report && <Offer game={game} />}
        <Timers game={game} />
        {state.noWay >= 0 && state.step - state.noWay < HINT && (
          <Banner>There is no way there on foot.</Banner>
        )}
        {state.lives.back > 0 && !state.report && (
          <Banner>You fell. Back in {state.lives.back} s.</Banner>
        )}
        {state.paused && state.status === "playing" && <Banner>Paused</Banner>}
        {state.status === "away" && (
          <Banner>The connection is lost. Play waits, and goes on when it is back.</Banner>
        )}
        {state.status === "starting" && <Banner>Starting…</Banner>}
        {state.status === "gone" && (
          <Banner>
            <span role="alert">{state.trouble}</span>{" "}
            <button type="button" className="font-bold underline" onClick={props.onFresh}>
              Start another
            </button>
          </Banner>
        )}
        {state.report && <EndScreen {...props} onLeave={leave} />}
      </div>
      <Captions game={game} mission={mission} />
    </>
  );
}

/** The dock below the map in which lines are read; it covers nothing. */
function Captions({ game, mission }: { game: Game; mission: Mission }) {
  const caption = useStore(game.store, (state) => state.caption);
  if (Object.keys(mission.conversations).length === 0) return null;
  return (
    <section
      aria-label="Captions"
      aria-live="polite"
      className="flex h-16 shrink-0 items-center gap-3 border-line border-t bg-slip px-4"
    >
      {caption?.speaker && <Portrait speaker={caption.speaker} mission={mission} size={48} />}
      {caption && (
        <p className="text-[16px]">
          {caption.speaker && <b>{caption.speaker.name}: </b>}
          <span className="font-serif">{caption.text}</span>
        </p>
      )}
    </section>
  );
}

function Banner({ children }: { children: React.ReactNode }) {
  return (
    <p className="absolute top-4 left-1/2 -translate-x-1/2 border border-line bg-slip px-4 py-2 shadow">
      {children}
    </p>
  );
}

const MARKS = { open: "○", done: "✓", failed: "✗" };

function Objectives({ game }: { game: Game }) {
  const objectives = useStore(game.store, (state) => state.objectives);
  return (
    <section aria-label="Objectives" className="bg-[#22262b]/85 p-3 text-[#f4f1e8]">
      <h2 className="pb-1 font-bold text-[#c9cdd0] text-[13px]">Objectives</h2>
      {objectives.length === 0 && <p className="text-[#c9cdd0]">None yet. Look about you.</p>}
      <ul>
        {objectives.map(({ id, name, text, state }) => (
          <li key={id} className="pb-1.5">
            <span className={state === "open" ? "font-bold" : state === "done" ? "" : "opacity-80"}>
              <span aria-hidden="true">{MARKS[state]}</span> {name}
              {state !== "open" && <span> · {state}</span>}
            </span>
            {state === "open" && <span className="block pl-4 text-[13px]">{text}</span>}
          </li>
        ))}
      </ul>
    </section>
  );
}

/** Steps for which the briefing lies on the map unless it is laid aside before. */
const READING = 15 * STEPS;

/** What players read as they begin. */
function Briefing({ game, words }: { game: Game; words: string }) {
  const [read, setRead] = useState(false);
  const late = useStore(game.store, (state) => state.step > READING);
  if (read || late || words.trim() === "") return null;
  return (
    <section
      aria-label="Briefing"
      className="absolute top-4 right-4 w-72 border border-line bg-slip p-3 shadow"
    >
      <h2 className="pb-1 font-bold">Briefing</h2>
      <p className="whitespace-pre-line pb-2 font-serif leading-snug">{words}</p>
      <Button onClick={() => setRead(true)}>Lay aside</Button>
    </section>
  );
}

const SHOWN = 6 * STEPS;

/** Steps for which a hint stays. */
const HINT = 2 * STEPS;

function Notes({ game }: { game: Game }) {
  const notes = useStore(game.store, (state) => state.notes);
  const step = useStore(game.store, (state) => state.step);
  const shown = notes.filter((note) => step - note.step < SHOWN).slice(-3);
  return (
    <div
      aria-live="polite"
      className="pointer-events-none absolute bottom-6 left-1/2 w-[520px] -translate-x-1/2"
    >
      {shown.map((note) => (
        <p
          key={`${note.step}${note.text}`}
          className="mt-2 bg-[#22262b]/90 px-4 py-2 text-center font-serif text-[#f4f1e8] text-[15px]"
        >
          {note.text}
        </p>
      ))}
    </div>
  );
}

/** What players can send at any time. */
function Calls({ game, mission }: { game: Game; mission: Mission }) {
  const calls = ordered(mission.calls);
  if (calls.length === 0) return null;
  return (
    <section aria-label="Calls" className="pointer-events-auto bg-[#22262b]/85 p-3">
      <h2 className="pb-1 font-bold text-[#c9cdd0] text-[13px]">Calls</h2>
      {calls.map(([id, { name }]) => (
        <button
          key={id}
          type="button"
          className="block min-h-8 w-full border border-white/30 px-2 text-left text-[#f4f1e8] hover:bg-white/10"
          onClick={() => game.say({ type: "call", call: id })}
        >
          {name}
        </button>
      ))}
    </section>
  );
}

/** The timers that run, for players to see. */
function Timers({ game }: { game: Game }) {
  const timers = useStore(game.store, (state) => state.timers);
  if (timers.length === 0) return null;
  return (
    <section
      aria-label="Timers"
      className="pointer-events-none absolute right-4 bottom-4 bg-[#22262b]/85 p-3 text-[#f4f1e8]"
    >
      {timers.map(({ name, left }) => (
        <p key={name} className="flex justify-between gap-4 tabular-nums">
          <span>{name}</span>
          <b>
            {Math.floor(left / 60)}:{String(left % 60).padStart(2, "0")}
          </b>
        </p>
      ))}
    </section>
  );
}

/** What the player can use from where they stand. */
function Offer({ game }: { game: Game }) {
  const offer = useStore(game.store, (state) => state.offer);
  const using = useStore(game.store, (state) => state.using);
  if (!offer) return null;
  return (
    <div className="absolute bottom-24 left-1/2 -translate-x-1/2">
      {using ? (
        <output className="block border border-line bg-slip px-3 py-1.5 shadow">
          {offer.verb}: {offer.name}…
        </output>
      ) : (
        <Button className="shadow" onClick={() => game.say({ type: "use", slot: 1 })}>
          <kbd className="mr-1 border border-line px-1.5">E</kbd>
          {offer.verb}: {offer.name}
        </Button>
      )}
    </div>
  );
}

/** The player's own health, weapons and keys. */
function Self({ game, mission }: { game: Game; mission: Mission }) {
  const step = useStore(game.store, (state) => state.step);
  const lives = useStore(game.store, (state) => state.lives.left);
  const { cast, unit } = game.state;
  const me = cast[unit];
  const health = game.latest?.units.get(unit)?.health ?? 100;
  const kind = me && mission.kinds[me.kind];
  const arms = kind ? Object.values(kind.weapons).sort((a, b) => (a.order < b.order ? -1 : 1)) : [];
  return (
    <section
      aria-label="You"
      data-step={step}
      className="pointer-events-none absolute bottom-4 left-4 w-56 bg-[#22262b]/85 p-3 text-[#f4f1e8]"
    >
      <h2 className="flex justify-between font-bold">
        {me?.name}
        {lives > 0 && <span className="font-normal text-[13px]">{lives} more lives</span>}
      </h2>
      <div className="flex items-center gap-2 py-1">
        <span className="h-2 grow bg-white/20">
          <span
            className={`block h-full ${health > 35 ? "bg-[#9dbb6c]" : "bg-[#d9815c]"}`}
            style={{ width: `${health}%` }}
          />
        </span>
        <span>
          <span className="sr-only">Health </span>
          {Math.round(health)} %
        </span>
      </div>
      <ul className="text-[13px]">
        {arms.map(({ weapon }, i) => (
          <li key={weapon.id}>
            <kbd className="mr-1.5 inline-block w-5 border border-white/40 text-center">
              {i + 1}
            </kbd>
            {mission.weapons[weapon.id]?.name}
            {mission.weapons[weapon.id]?.use === "shot" ? ": shoot" : ": strike"}
          </li>
        ))}
        <li className="pt-1 text-[#c9cdd0]">WASD or click to move, mouse to aim</li>
      </ul>
    </section>
  );
}

function EndScreen(props: PlayProps & { onLeave: () => void }) {
  const report = useStore(props.game.store, (state) => state.report);
  const id = useStore(props.game.store, (state) => state.id);
  if (!report) return null;
  const won = report.outcome === "won";
  return (
    <div className="absolute inset-0 grid place-items-center bg-ink/45">
      <section
        role="dialog"
        aria-label="Debriefing"
        className="w-[480px] border border-line bg-slip p-6 shadow-xl"
      >
        <p className={`font-bold ${won ? "text-moss" : "text-error"}`}>
          {won ? "✓ Won" : report.outcome === "lost" ? "✗ Lost" : "Stopped"}
        </p>
        <h2 className="pb-2 font-bold text-2xl">{report.ending ?? "The trial was stopped"}</h2>
        <p className="font-serif text-[15px]">{report.debriefing ?? report.stopped}</p>
        <dl className="my-4 grid grid-cols-[120px_1fr] gap-y-1 border-hairline border-y py-3">
          <dt className="text-flint-2">Time</dt>
          <dd>
            {Math.floor(report.seconds / 60)}:
            {String(Math.floor(report.seconds % 60)).padStart(2, "0")}
          </dd>
          {report.objectives.map(({ name, state }) => (
            <div key={name} className="contents">
              <dt className="text-flint-2">Objective</dt>
              <dd>
                {name}: {state}
              </dd>
            </div>
          ))}
          <dt className="text-flint-2">Standing</dt>
          <dd>
            {report.units
              .filter(({ condition }) => condition === "up")
              .map(({ name }) => name)
              .join(", ") || "nobody"}
          </dd>
        </dl>
        <div className="flex flex-wrap gap-2">
          <Button look="go" onClick={props.onAgain}>
            <RotateCcw size={14} /> Again, same seed
          </Button>
          <Button onClick={props.onFresh}>
            <Shuffle size={14} /> Again, new seed
          </Button>
          <a
            className="inline-flex min-h-8 items-center gap-1.5 border border-line px-2.5 font-semibold text-sm hover:bg-paper"
            href={`/api/trials/${id}/replay`}
            download
          >
            <Download size={14} /> Save replay
          </a>
          <Button onClick={props.onLeave}>Back to the ground</Button>
        </div>
      </section>
    </div>
  );
}
