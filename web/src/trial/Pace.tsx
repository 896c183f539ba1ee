import { Eye, Pause, Play, StepForward } from "lucide-react";
import { useStore } from "zustand";
import { Button, Choice } from "../ui/controls";
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
  const seated = useStore(game.store, (state) => state.seated);
  return (
    <>
      <Button
        aria-pressed={designer}
        title="Show everything: paths, orders, what is known, facts"
        className="aria-pressed:border-flint aria-pressed:bg-flint aria-pressed:text-white"
        onClick={() => game.show(!designer)}
      >
        <Eye size={14} /> As designer
      </Button>
      {reached < speed && playing && (
        <output
          aria-label="Speed that is reached"
          title="There is no time for more steps on this machine."
          className="whitespace-nowrap text-[13px] text-error"
        >
          ⚑ reaches {reached} ×
        </output>
      )}
      <div className="w-[72px]">
        <Choice
          label="Speed"
          value={String(speed)}
          options={SPEEDS}
          disabled={!seated}
          onTake={(to) => game.say({ type: "speed", speed: Number(to) })}
        />
      </div>
      <Button
        onClick={onPause}
        disabled={!playing || !seated}
        aria-pressed={paused}
        title="Pause and go on (P)"
      >
        {paused ? <Play size={14} /> : <Pause size={14} />}
        {paused ? "Go on" : "Pause"}
      </Button>
      {paused && playing && seated && (
        <>
          <Button
            title="One step of 50 ms (N)"
            onClick={() => game.say({ type: "step", steps: 1 })}
          >
            <StepForward size={14} /> Step
          </Button>
          <Button onClick={() => game.say({ type: "step", steps: STEPS })}>1 s</Button>
        </>
      )}
    </>
  );
}
