import { useInfiniteQuery, useMutation } from "@tanstack/react-query";
import { Download, History, LifeBuoy } from "lucide-react";
import { useState } from "react";
import { Link, useLocation } from "wouter";
import { type Card, Refusal, send } from "../document/api";
import { type Entry, entriesOf, timeWords } from "../history/history";
import { Button } from "../ui/controls";

/** A mission that is not there, cannot be reached or cannot be read, and the ways out. */
export function CannotOpen({ id, error }: { id: string; error: Error }) {
  const problem = error instanceof Refusal ? error.problem : undefined;
  const ways = problem?.ways;
  return (
    <main className="mx-auto max-w-2xl p-10">
      <h1 className="pb-2 font-bold text-xl">This mission cannot be opened</h1>
      {problem?.mission && <p className="pb-1 font-bold">{problem.mission}</p>}
      <p role="alert">{problem ? error.message : NO_ANSWER}</p>
      {ways ? (
        <WaysOut id={id} ways={ways} />
      ) : (
        problem?.status !== 404 && (
          <p className="pt-2">
            <Button onClick={() => location.reload()}>Try again</Button>
          </p>
        )
      )}
      <p className="pt-6">
        <Link href="/" className="underline">
          Back to the shelf
        </Link>
      </p>
    </main>
  );
}

const NO_ANSWER = "The server does not answer. Is Flintmoss running?";

type Ways = NonNullable<Refusal["problem"]["ways"]>;

function WaysOut({ id, ways }: { id: string; ways: Ways }) {
  const [, go] = useLocation();
  const [past, setPast] = useState(false);
  const goOn = useMutation({
    mutationFn: (revision: number) =>
      send<Card>("POST", `/api/missions/${id}/rescue`, { revision }),
    onSuccess: (card) => go(`/missions/${card.id}/ground`),
  });
  return (
    <>
      <p className="pt-3">
        Nothing of it has been changed. What you go on from becomes a mission of its own; this one
        stays on the shelf as it is.
      </p>
      <ul className="flex flex-col items-start gap-2 pt-4">
        {ways.map(({ revision, at, backup }) => (
          <li key={backup + revision} className="flex items-center gap-3">
            <Button look="go" disabled={goOn.isPending} onClick={() => goOn.mutate(revision)}>
              <LifeBuoy size="0.9375rem" />
              {backup
                ? `Open revision ${revision} from the backup`
                : "Open the last revision that reads"}
            </Button>
            <span className="text-flint">
              {revision === 0 ? "As it came to the shelf" : `Revision ${revision}`}
              {at && `, ${timeWords(at)}`}
            </span>
          </li>
        ))}
        {ways.length === 0 && <li>No revision of it can be read any more.</li>}
        <li>
          <a
            className="inline-flex min-h-8 items-center gap-1.5 border border-line bg-slip px-2.5 font-semibold text-sm hover:bg-paper"
            href={`/api/missions/${id}/export`}
            download
          >
            <Download size="0.9375rem" /> Export what is there
          </a>
        </li>
        <li>
          <Button aria-expanded={past} onClick={() => setPast(!past)}>
            <History size="0.9375rem" /> History
          </Button>
        </li>
      </ul>
      {goOn.error && (
        <p role="alert" className="pt-3 text-error">
          ⚑ {goOn.error.message}
        </p>
      )}
      {past && <Past id={id} onGoOn={goOn.mutate} />}
    </>
  );
}

/** Every edit, with the way to go on from each. */
function Past({ id, onGoOn }: { id: string; onGoOn: (revision: number) => void }) {
  const pages = useInfiniteQuery({
    queryKey: ["history", id],
    queryFn: ({ pageParam }) => entriesOf(id, pageParam),
    initialPageParam: undefined as number | undefined,
    getNextPageParam: (last: Entry[]) => {
      const oldest = last.at(-1)?.revision ?? 1;
      return oldest > 1 ? oldest - 1 : undefined;
    },
  });
  const entries = pages.data?.pages.flat() ?? [];
  return (
    <>
      <ol aria-label="Edits, the newest first" className="mt-3 border-hairline border-t">
        {entries.map(({ revision, name, label, at }) => (
          <li
            key={revision}
            className="flex items-center gap-3 border-hairline border-b border-dotted py-1"
          >
            <span className="w-10 shrink-0 text-right text-small text-quiet tabular-nums">
              {revision}
            </span>
            <span className="min-w-0 grow">
              {name && <b className="pr-2">{name}</b>}
              <span className="break-words">{label}</span>
              <span className="block text-xs text-quiet">{timeWords(at)}</span>
            </span>
            <Button aria-label={`Open revision ${revision}`} onClick={() => onGoOn(revision)}>
              Open
            </Button>
          </li>
        ))}
        {entries.length === 0 && !pages.isLoading && (
          <li className="py-2 text-quiet">Nothing has been changed in this mission.</li>
        )}
      </ol>
      {pages.hasNextPage && (
        <Button className="mt-2" onClick={() => void pages.fetchNextPage()}>
          Earlier ones
        </Button>
      )}
    </>
  );
}
