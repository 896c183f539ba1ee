import { Eye, Pause, Play, StepForward } from "lucide-react";
import { useStore } from "zustand";
import { Button, Choice, Words } from "../ui/controls";
import { Tip } from "../ui/Tip";
import { type Game, STEPS } from "./game";

const SPEEDS = [0.25, 0.5, 1, 2, 4, 8, 16].map((speed) => ({
  value: String(speed),
  word: speed === 0.25 ? "¼ ×" : speed === 0.5 ? "½ ×" : `${speed} ×`,
}));

/** Pause, step, speed, and whether everything is shown. */
export function Pace({ game, onPause }: { game: Game; onPause: () => void }) {
  const paused = useStore(game.store, (state) => state.paused);
  const playing = useStore(game.store, (state) => state.status === "playing");
  const speed = useStore(game.store, (state) => state.speed);
  const designer = useStore(game.store, (state) => state.designer);
  const reached = useStore(game.store, (state) => state.reached);
  const host = useStore(game.store, ({ seating }) => seating.host && seating.begun);
  return (
    <>
      <Tip says="Show everything: paths, orders, what is known, facts">
        <Button
          aria-pressed={designer}
          className="aria-pressed:border-flint aria-pressed:bg-flint aria-pressed:text-on-ink"
          onClick={() => game.show(!designer)}
        >
          <Eye size="0.875rem" /> <Words>As designer</Words>
        </Button>
      </Tip>
      {reached < speed && playing && (
        <Tip says="There is no time for more steps on this machine.">
          <output
            aria-label="Speed that is reached"
            className="whitespace-nowrap text-small text-error"
          >
            ⚑ reaches {reached} ×
          </output>
        </Tip>
      )}
      <div className="w-[4.5rem] shrink-0">
        <Choice
          label="Speed"
          value={String(speed)}
          options={SPEEDS}
          disabled={!host}
          onTake={(to) => game.say({ type: "speed", speed: Number(to) })}
        />
      </div>
      <Tip says="Pause and go on (P)">
        <Button onClick={onPause} disabled={!playing || !host} aria-pressed={paused}>
          {paused ? <Play size="0.875rem" /> : <Pause size="0.875rem" />}
          <Words>{paused ? "Go on" : "Pause"}</Words>
        </Button>
      </Tip>
      {paused && playing && host && (
        <>
          <Tip says="One step of 50 ms (N)">
            <Button onClick={() => game.say({ type: "step", steps: 1 })}>
              <StepForward size="0.875rem" /> Step
            </Button>
          </Tip>
          <Button onClick={() => game.say({ type: "step", steps: STEPS })}>1 s</Button>
        </>
      )}
    </>
  );
}
