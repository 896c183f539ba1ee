import { Download, RotateCcw, Shuffle } from "lucide-react";
import { useEffect, useRef } from "react";
import { useStore } from "zustand";
import { Button } from "../ui/controls";
import type { Game } from "./game";
import type { Report } from "./messages";

const MARKS: Record<string, string> = { open: "○", done: "✓", failed: "✗" };

/** What was hidden and never came to light is not told. */
function told({ rank, state }: Report["objectives"][number]): boolean {
  return rank !== "hidden" || state === "done" || state === "failed";
}

/** How the trial went: outcome, debriefing and figures. */
export function EndScreen(props: {
  game: Game;
  onAgain: () => void;
  onFresh: () => void;
  onAside: () => void;
  onLeave: () => void;
}) {
  const report = useStore(props.game.store, (state) => state.report);
  const id = useStore(props.game.store, (state) => state.id);
  const slip = useRef<HTMLElement>(null);
  const over = report !== null;
  useEffect(() => {
    if (over) slip.current?.focus();
  }, [over]);
  if (!report) return null;
  const won = report.outcome === "won";
  return (
    <div className="absolute inset-0 grid place-items-center bg-veil">
      <section
        ref={slip}
        role="dialog"
        aria-label="Debriefing"
        tabIndex={-1}
        className="max-h-full w-[45rem] max-w-full overflow-y-auto border outline-none border-line bg-slip p-6 shadow-xl"
      >
        <p className={`font-bold ${won ? "text-moss" : "text-error"}`}>
          {won ? "✓ Won" : report.outcome === "lost" ? "✗ Lost" : "Stopped"}
        </p>
        <h2 className="pb-2 font-bold text-2xl">{report.ending ?? "The trial was stopped"}</h2>
        <p className="font-serif text-large">{report.debriefing ?? report.stopped}</p>
        <dl className="my-4 grid grid-cols-[7.5rem_1fr] gap-y-1 border-hairline border-y py-3">
          <dt className="text-flint-2">Time</dt>
          <dd>
            {Math.floor(report.seconds / 60)}:
            {String(Math.floor(report.seconds % 60)).padStart(2, "0")}
          </dd>
          <dt className="text-flint-2">Objectives</dt>
          <dd>
            {report.objectives.filter(told).length === 0 && "none"}
            <ul>
              {report.objectives.filter(told).map(({ name, state }) => (
                <li key={name}>
                  <span aria-hidden="true" className="inline-block w-5">
                    {MARKS[state] ?? "·"}
                  </span>
                  {name}: {state}
                </li>
              ))}
            </ul>
          </dd>
          {report.waves.length > 0 && (
            <>
              <dt className="text-flint-2">Waves</dt>
              <dd>
                {report.waves.filter(({ came }) => came > 0).length} of {report.waves.length} came,{" "}
                {report.waves.filter(({ cleared }) => cleared > 0).length} cleared
              </dd>
            </>
          )}
        </dl>
        <Figures report={report} />
        {report.courses.map(({ name, players }) => (
          <div key={name} className="mb-4">
            <Table
              head={[name, "place", "passed", "time", "best lap"]}
              rows={players.map((it) => [
                it.name,
                it.place,
                `${it.passed} of ${it.of}`,
                `${it.seconds.toFixed(1)} s`,
                it.bestLap > 0 ? `${it.bestLap.toFixed(1)} s` : "none",
              ])}
            />
          </div>
        ))}
        <div className="flex flex-wrap gap-2">
          <Button look="go" onClick={props.onAgain}>
            <RotateCcw size="0.875rem" /> Again, same seed
          </Button>
          <Button onClick={props.onFresh}>
            <Shuffle size="0.875rem" /> Again, new seed
          </Button>
          <a
            className="inline-flex min-h-8 items-center gap-1.5 border border-line px-2.5 font-semibold text-sm hover:bg-paper"
            href={`/api/trials/${id}/replay`}
            download
          >
            <Download size="0.875rem" /> Save replay
          </a>
          <Button onClick={props.onAside}>Look at how it ended</Button>
          <Button onClick={props.onLeave}>Back to the ground</Button>
        </div>
      </section>
    </div>
  );
}

/** Who stood and fell by side, and what each player did. */
function Figures({ report }: { report: Report }) {
  const sides = report.sides.filter(({ of }) => of > 0);
  return (
    <div className="mb-4 grid grid-cols-2 gap-6">
      <Table
        head={["Side", "came", "up", "down", "dead"]}
        rows={sides.map(({ name, of, up, down, dead }) => [name, of, up, down, dead])}
      />
      <Table
        head={["Player", "blows", "hit", "taken", "felled"]}
        rows={report.seats.map((it) => [it.name, it.strikes, it.hits, it.taken, it.felled])}
      />
    </div>
  );
}

/** Figures in columns, each row named by its first. */
function Table({ head, rows }: { head: string[]; rows: (string | number)[][] }) {
  const look = "px-1.5 text-right tabular-nums first:text-left";
  return (
    <table>
      <thead>
        <tr>
          {head.map((word) => (
            <th key={word} scope="col" className={`${look} font-normal text-small text-flint-2`}>
              {word}
            </th>
          ))}
        </tr>
      </thead>
      <tbody>
        {rows.map((row) => (
          <tr key={row[0]}>
            {row.map((value, i) => (
              <td key={head[i]} className={look}>
                {value}
              </td>
            ))}
          </tr>
        ))}
      </tbody>
    </table>
  );
}
