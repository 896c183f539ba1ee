import { useStore } from "zustand";
import { questionWords } from "../talk/questionWords";
import { QuestionCard } from "../ui/QuestionCard";
import { type Game, STEPS } from "./game";

/** What the player is asked. */
export function Question({ game }: { game: Game }) {
  const asks = useStore(game.store, (state) => state.asks);
  const step = useStore(game.store, (state) => (state.asks?.until ? state.step : 0));
  if (!asks) return null;
  const { until, of, answers } = asks;
  const left = until > 0 ? Math.max(0, until - step) : null;
  return (
    <section
      aria-label="Choice"
      aria-live="polite"
      className="pointer-events-auto mb-2 flex w-full justify-center"
    >
      <QuestionCard
        text={asks.text}
        says={questionWords({ ...asks, seconds: left === null ? null : Math.ceil(left / STEPS) })}
        answers={answers}
        left={left === null ? null : left / of}
        onAnswer={(answer) => game.act({ type: "answer", answer })}
      />
    </section>
  );
}
