import { RotateCcw, X } from "lucide-react";
import { useCallback, useEffect, useMemo, useRef, useState } from "react";
import { useLocation, useSearch } from "wouter";
import { useStore } from "zustand";
import { useShallow } from "zustand/react/shallow";
import { askedBy, askForTrial, freshSeed, takeAhead } from "../desk/trials";
import { useMission, useOpenMission } from "../document/context";
import { clockWords, dayPace, type Mission } from "../document/mission";
import type { Ground } from "../document/raster";
import { sure } from "../document/sure";
import { missionAt } from "../history/history";
import { Button, Choice, Words } from "../ui/controls";
import { Tip } from "../ui/Tip";
import { useRoom } from "../ui/useRoom";
import { beginsWhen } from "./beginsWhen";
import { EndScreen } from "./EndScreen";
import { Exchange } from "./Exchange";
import { Game, STEPS } from "./game";
import {
  Banner,
  Briefing,
  Calls,
  Captions,
  Companions,
  Courses,
  Notes,
  Objectives,
  Offers,
  Reading,
  Self,
  Timers,
} from "./Hud";
import { Pace } from "./Pace";
import { Players } from "./Players";
import { Question } from "./Question";
import { TrialMap } from "./TrialMap";
import { WhyPanel } from "./why/WhyPanel";
import { DEED_WORDS } from "./zoneDeeds";

const LEVELS = ["calm", "breezy", "rough", "storm"].map((value) => ({
  value,
  word: sure(value, 0).toUpperCase() + value.slice(1),
}));

/** Tries the mission in play. */
export function TrialPage({ ground }: { ground: Ground }) {
  const id = useMission((state) => state.id);
  const waiting = useMission((state) => state.waiting.length);
  const open = useOpenMission();
  const [begin, setBegin] = useState({ seed: freshSeed(), difficulty: "breezy", turn: 0 });
  const [game, setGame] = useState<Game | null>(null);
  const [mission, setMission] = useState<Mission>(open.state.mission);
  const search = useSearch();
  const [, go] = useLocation();
  // The address names the trial once it is under way; what was asked for is read once.
  const [asked] = useState(search);
  const how = useMemo(() => askedBy(asked), [asked]);
  const joins = useRef(new URLSearchParams(asked).get("trial"));
  const designs = useRef(false);
  const ready = waiting === 0 || joins.current !== null;
  useEffect(() => {
    if (!ready) return;
    const { turn: _, ...asks } = begin;
    const next = new Game();
    next.store.setState({ designer: designs.current });
    setMission(open.state.mission);
    setGame(next);
    if (joins.current) next.join(id, joins.current);
    else void next.start(takeAhead(id) ?? askForTrial(id, { ...asks, ...how }));
    const stop = next.store.subscribe(({ id: trial, revision }, before) => {
      if (trial && trial !== before.id) {
        go(`/missions/${id}/trial?trial=${trial}`, { replace: true });
      }
      if (revision !== before.revision && revision !== null && revision !== open.state.revision) {
        // The trial is of an older revision: it is drawn as it was then.
        missionAt(id, revision).then(setMission, () => {});
      }
    });
    return () => {
      stop();
      joins.current = null;
      designs.current = next.state.designer;
      next.leave();
    };
  }, [id, begin, ready, open, how, go]);
  const again = (to: { seed?: number; difficulty?: string }) => {
    const { seed, difficulty } = game?.state ?? begin;
    setBegin({ seed, difficulty, turn: begin.turn + 1, ...to });
  };
  if (!game) return <p className="p-6">Waiting until the last edits are stored…</p>;
  return (
    <Stage
      key={begin.turn}
      game={game}
      mission={mission}
      ground={ground}
      onDifficulty={(difficulty) => again({ difficulty })}
      onAgain={() => again({})}
      onFresh={() => again({ seed: freshSeed() })}
    />
  );
}

interface PlayProps {
  game: Game;
  mission: Mission;
  ground: Ground;
  onDifficulty: (difficulty: string) => void;
  onAgain: () => void;
  onFresh: () => void;
}

function Stage(props: PlayProps) {
  const { game, mission } = props;
  const state = useStore(
    game.store,
    useShallow(
      ({ seed, difficulty, status, trouble, report, seating, companions, designer, lives }) => ({
        seed,
        difficulty,
        status,
        trouble,
        report,
        seated: seating.own >= 0 && seating.begun,
        companions,
        designer,
        back: lives.back,
      }),
    ),
  );
  const id = useMission((it) => it.id);
  const [, go] = useLocation();
  const pause = useCallback(() => game.say({ type: "pause", paused: !game.state.paused }), [game]);
  const [chosen, setChosen] = useState(-1);
  const [aside, setAside] = useState(false);
  const plays = !state.report && state.seated;
  const noWay = useStore(game.store, ({ step, noWay: at }) => at >= 0 && step - at < HINT);
  const mustStand = useStore(game.store, ({ step, mustStand: at }) => at >= 0 && step - at < HINT);
  const acted = useStore(game.store, ({ step, zoneActs }) =>
    zoneActs && step - zoneActs.step < HINT ? zoneActs : null,
  );
  const wrong = useStore(game.store, ({ step, wrongZone }) =>
    wrongZone && step - wrongZone.step < HINT ? wrongZone : null,
  );
  const tall = useRoom("tools");
  const leave = () => go(`/missions/${id}/ground`);
  return (
    <>
      <header className="flex min-h-11 shrink-0 flex-wrap items-center gap-x-2 gap-y-1 border-line border-b bg-slip px-4 py-1 lg:gap-x-3">
        <h1 className="min-w-12 grow basis-0 truncate font-bold text-lg">{mission.brief.title}</h1>
        <span className="whitespace-nowrap text-small text-quiet max-lg:sr-only">
          seed {state.seed}
        </span>
        <Clock game={game} mission={mission} />
        <div className="w-28 shrink-0">
          <Choice
            label="Difficulty"
            value={state.difficulty}
            options={LEVELS}
            onTake={props.onDifficulty}
          />
        </div>
        <Pace game={game} onPause={pause} />
        <Tip says="From the start, same seed">
          <Button onClick={props.onAgain}>
            <RotateCcw size="0.875rem" /> <Words>Again</Words>
          </Button>
        </Tip>
        <Button onClick={leave}>
          <X size="0.875rem" /> <Words>Leave</Words>
        </Button>
      </header>
      <div className="flex min-h-0 grow">
        <div className="relative min-h-0 min-w-0 grow">
          <TrialMap
            game={game}
            mission={mission}
            ground={props.ground}
            chosen={chosen}
            onChoose={setChosen}
            onPause={pause}
          />
          <div
            className={`pointer-events-none absolute inset-y-4 left-4 flex w-64 flex-col justify-between gap-2 ${tall ? "" : "overflow-y-auto"}`}
          >
            <div
              className={`pointer-events-auto flex flex-col gap-2 ${tall ? "min-h-0 overflow-y-auto" : ""}`}
            >
              <Players game={game} />
              <Objectives game={game} />
              <Timers game={game} />
              <Courses game={game} />
              {plays && <Calls game={game} mission={mission} />}
              {plays && state.companions && <Companions game={game} />}
            </div>
            <Self game={game} mission={mission} />
          </div>
          {!state.report && !state.designer && (
            <Briefing game={game} words={mission.brief.briefing} />
          )}
          <div className="pointer-events-none absolute right-4 bottom-4 left-[17.5rem] flex flex-col items-center">
            {plays && <Question game={game} />}
            {plays && <Exchange game={game} />}
            {plays && <Offers game={game} mission={mission} />}
            <Reading game={game} />
            <Notes game={game} />
          </div>
          {noWay && <Banner>There is no way there on foot.</Banner>}
          {acted && (
            <Banner>
              {acted.zone}: {DEED_WORDS[acted.deed]}
            </Banner>
          )}
          {wrong && (
            <Banner>
              {wrong.course}: not yet, {wrong.next} is next.
            </Banner>
          )}
          {mustStand && <Banner>Stand still for that: you are walking.</Banner>}
          {state.back > 0 && !state.report && <Banner>You fell. Back in {state.back} s.</Banner>}
          <SeatBanner game={game} />
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
          {state.report && !aside && (
            <EndScreen {...props} onAside={() => setAside(true)} onLeave={leave} />
          )}
        </div>
        {state.designer && (
          <WhyPanel game={game} mission={mission} chosen={chosen} onChoose={setChosen} />
        )}
      </div>
      <Captions game={game} mission={mission} />
    </>
  );
}

/** What is told of steps may be one step behind what is told of the clock, seconds. */
const JITTER = 0.06;

/** The time of day in play, and for how long it has gone on. */
function Clock({ game, mission }: { game: Game; mission: Mission }) {
  const seconds = useStore(game.store, (state) => Math.floor(state.step / STEPS));
  const { setting } = mission;
  const pace = dayPace(setting);
  // The clock stands still while the world does, though steps go on: whole seconds of both together.
  const shown = useStore(game.store, (state) =>
    Math.floor(state.leapt + (state.step / STEPS) * pace + JITTER),
  );
  return (
    <output aria-label="Clock" className="whitespace-nowrap">
      <b className="font-serif text-lg">{clockWords(setting.startTime + shown, true)}</b>{" "}
      <span className="text-small text-quiet max-[45rem]:sr-only">
        {Math.floor(seconds / 60)}:{String(seconds % 60).padStart(2, "0")} in
      </span>
    </output>
  );
}

/** Who plays, where that is not this page; whether play waits, and for what. */
function SeatBanner({ game }: { game: Game }) {
  const { status, report, paused, seating, unseated } = useStore(
    game.store,
    useShallow(({ status, report, paused, seating, unseated }) => ({
      status,
      report,
      paused,
      seating,
      unseated,
    })),
  );
  if (status !== "playing" || report) return null;
  const { own, begun, host, begins, seats } = seating;
  if (!begun) {
    // Who has not read the briefing is told in it.
    if (seats[own] && !seats[own].ready) return null;
    return (
      <Banner>
        <span role="status">{beginsWhen(begins, host)}</span>
      </Banner>
    );
  }
  if (own >= 0) return paused && <Banner>Paused</Banner>;
  const alone = seats.length === 1;
  const empty = seats.every(({ by }) => by !== "browser");
  const says = empty
    ? `Nobody has ${alone ? "the" : "a"} seat, and play waits.`
    : unseated
      ? `Another page has taken ${alone ? "the" : "your"} seat. You look on.`
      : "Another page plays this trial. You look on.";
  return (
    <Banner>
      <span role="status">{says}</span>{" "}
      {alone && (
        <button type="button" className="font-bold underline" onClick={() => game.takeSeat(0)}>
          {unseated && !empty ? "Take it back" : "Take the seat"}
        </button>
      )}
    </Banner>
  );
}

/** Steps for which a hint stays. */
const HINT = 2 * STEPS;
