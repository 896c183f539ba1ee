import { Check, Copy, Crown, Eye, UserRound } from "lucide-react";
import { useState } from "react";
import { useStore } from "zustand";
import type { Game } from "./game";
import type { Seat } from "./messages";
import { Part } from "./Part";

const BY: Record<Seat["by"], string> = {
  browser: "taken",
  understudy: "an understudy",
  nobody: "nobody",
};

const BUTTON =
  "flex min-h-6 items-center gap-1 border border-hud-line px-1.5 text-xs hover:bg-hud-hover";

/** Who plays where, how others come, and seats to be taken; nothing for one who plays alone. */
export function Players({ game }: { game: Game }) {
  const { seats, own, begun } = useStore(game.store, (state) => state.seating);
  if (seats.length < 2) return null;
  const there = seats.filter(({ by }) => by === "browser").length;
  return (
    <Part name="Players" brief={`${there} of ${seats.length} are here`} folded={begun}>
      <ul className="flex flex-col gap-1 text-small">
        {seats.map(({ start, name, by, host, ready }, seat) => (
          <li key={start} className="flex items-center gap-1.5">
            {host ? (
              <Crown size="0.8125rem" aria-label="Host" className="shrink-0" />
            ) : (
              <UserRound size="0.8125rem" aria-hidden="true" className="shrink-0" />
            )}
            <span className="min-w-0 grow truncate">
              <b>{name}</b>: {seat === own ? "you" : BY[by]}
              {!begun && ready && ", ready"}
            </span>
            {seat === own ? (
              <button type="button" className={BUTTON} onClick={() => game.takeSeat(-1)}>
                <Eye size="0.75rem" aria-hidden="true" /> Look on
              </button>
            ) : (
              <button
                type="button"
                className={BUTTON}
                aria-label={`Take the seat of ${name}`}
                onClick={() => game.takeSeat(seat)}
              >
                Take
              </button>
            )}
          </li>
        ))}
      </ul>
      <Link />
    </Part>
  );
}

/** The address by which others come to the trial. */
function Link() {
  const [copied, setCopied] = useState(false);
  const copy = () => {
    navigator.clipboard.writeText(location.href).then(
      () => setCopied(true),
      () => setCopied(false),
    );
  };
  return (
    <div className="mt-1.5 flex items-center gap-1.5">
      <input
        readOnly
        aria-label="Link for others"
        className="min-w-0 grow border border-hud-line bg-transparent px-1.5 py-0.5 text-xs"
        value={location.href}
        onFocus={(event) => event.currentTarget.select()}
      />
      <button type="button" className={BUTTON} onClick={copy}>
        {copied ? (
          <Check size="0.75rem" aria-hidden="true" />
        ) : (
          <Copy size="0.75rem" aria-hidden="true" />
        )}
        {copied ? "Copied" : "Copy"}
      </button>
    </div>
  );
}
