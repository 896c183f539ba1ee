import type { ReactNode } from "react";
import type { Trouble } from "./trouble";

/** Names in brackets, words in quotes, and numbers with their unit. */
const TOKENS =
  /(\[(?:\\.|[^\]\\])*\])|("(?:\\.|[^"\\])*")|(-?\d+(?:[.:]\d+)*(?: (?:s|min|h|m|km|kg|%))?)/g;

/** A sentence as far as it is understood, with its tokens; what is not is underlined. */
export function Understood({ text, trouble }: { text: string; trouble: Trouble | null }) {
  const upTo = trouble ? trouble.from : text.length;
  return (
    <p
      aria-hidden
      className="flex flex-wrap items-baseline gap-x-1 border-hairline border-b px-2.5 py-1"
    >
      {tokens(text.slice(0, upTo))}
      {trouble && upTo < text.length && (
        <span className="border-error border-b-2 border-dotted text-error">{text.slice(upTo)}</span>
      )}
    </p>
  );
}

function tokens(text: string): ReactNode[] {
  const out: ReactNode[] = [];
  let from = 0;
  for (const found of text.matchAll(TOKENS)) {
    if (found.index > from) out.push(<span key={from}>{text.slice(from, found.index)}</span>);
    const thing = found[1] !== undefined || found[2] !== undefined;
    const look = thing
      ? "border-line border-b-2 bg-chip"
      : "border border-line border-b-2 border-b-flint bg-card";
    out.push(
      <span key={found.index} className={`px-1 font-semibold ${look}`}>
        {found[1] ? found[1].slice(1, -1) : found[0]}
      </span>,
    );
    from = found.index + found[0].length;
  }
  if (from < text.length) out.push(<span key={from}>{text.slice(from)}</span>);
  return out;
}
