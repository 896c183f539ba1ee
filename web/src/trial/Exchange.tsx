import { useStore } from "zustand";
import { ExchangeCard } from "../ui/ExchangeCard";
import type { Game } from "./game";

/** What the player can trade from where they stand. */
export function Exchange({ game }: { game: Game }) {
  const trading = useStore(game.store, (state) => state.trading);
  if (!trading) return null;
  return (
    <section aria-label="Exchange" className="pointer-events-auto mb-2 flex w-full justify-center">
      <ExchangeCard
        name={trading.name}
        text={trading.text}
        rows={trading.rows}
        onTake={(row) => game.act({ type: "trade", row })}
        onLeave={() => game.act({ type: "leaveExchange" })}
      />
    </section>
  );
}
