import {
  keepPreviousData,
  useInfiniteQuery,
  useQuery,
  useQueryClient,
} from "@tanstack/react-query";
import { Bookmark, History as HistorySign } from "lucide-react";
import { useMemo, useState } from "react";
import { toast } from "sonner";
import { useMission, useOpenMission } from "../document/context";
import { tabId } from "../document/tab";
import { Button, Choice, TextBox } from "../ui/controls";
import { Modal } from "../ui/Modal";
import { Tip } from "../ui/Tip";
import { HistoryMap } from "./HistoryMap";
import {
  type Difference,
  differences,
  type Entry,
  entriesOf,
  goBack,
  marked,
  missionAt,
  nameVersion,
  timeWords,
} from "./history";

/** Every edit of a mission: how it was after each, what differs, and the way back. */
export function HistoryDialog({ onClose }: { onClose: () => void }) {
  const open = useOpenMission();
  const id = useMission((state) => state.id);
  const now = useMission((state) => state.revision);
  const client = useQueryClient();
  const pages = useInfiniteQuery({
    queryKey: ["history", id, now],
    queryFn: ({ pageParam }) => entriesOf(id, pageParam),
    initialPageParam: undefined as number | undefined,
    getNextPageParam: (last) => {
      const oldest = last.at(-1)?.revision ?? 1;
      return oldest > 1 ? oldest - 1 : undefined;
    },
    placeholderData: keepPreviousData,
  });
  const entries = useMemo(() => pages.data?.pages.flat() ?? [], [pages.data]);
  const [chosen, setChosen] = useState<number>();
  const [against, setAgainst] = useState<number | null>(null);
  const revision = chosen ?? Math.max(0, now - 1);
  const entry = entries.find((it) => it.revision === revision);
  const to = against ?? now;
  const named = entries.filter(({ name }) => name !== "");
  const back = () => {
    const when = entry ? `${timeWords(entry.at)}, ${entry.label}` : "when it began";
    goBack(open, revision, `Go back to ${when}`.slice(0, 200)).then(
      (changed) => {
        if (!changed) toast("The mission is as it was then already.");
        onClose();
      },
      (refused: Error) => toast.error(`This cannot be done: ${refused.message}`),
    );
  };
  const call = (name: string) => {
    nameVersion(id, revision, name).then(
      () => client.invalidateQueries({ queryKey: ["history", id] }),
      (refused: Error) => toast.error(`This cannot be named so: ${refused.message}`),
    );
  };
  return (
    <Modal
      title="History"
      says="Every edit of this mission, also those of other tabs. Going back is an edit as well, so nothing is ever lost."
      width="w-[70rem]"
      onClose={onClose}
    >
      <div className="grid min-h-0 grow grid-cols-[20.625rem_1fr_382px] gap-4">
        <div className="h-[62vh] overflow-auto border-hairline border-r pr-2">
          <ol aria-label="Edits, the newest first">
            {entries.map((it) => (
              <EntryLine
                key={it.revision}
                entry={it}
                chosen={it.revision === revision}
                onChoose={() => setChosen(it.revision)}
              />
            ))}
            {!pages.hasNextPage && entries.length > 0 && (
              <li>
                <button
                  type="button"
                  aria-pressed={revision === 0}
                  className="min-h-8 w-full px-2 text-left text-flint hover:bg-hover aria-pressed:bg-moss-soft"
                  onClick={() => setChosen(0)}
                >
                  As it came to the shelf
                </button>
              </li>
            )}
          </ol>
          {entries.length === 0 && !pages.isLoading && (
            <p className="p-2 text-quiet">Nothing has been changed in this mission yet.</p>
          )}
          {pages.hasNextPage && (
            <Button className="m-2" onClick={() => void pages.fetchNextPage()}>
              Earlier ones
            </Button>
          )}
        </div>
        <div className="flex h-[62vh] min-w-0 flex-col gap-2">
          <Choice
            label="Compare with"
            value={against === null ? "" : String(against)}
            options={[
              { value: "", word: "What is different now" },
              { value: String(revision - 1), word: "What this edit did" },
              ...named
                .filter((it) => it.revision !== revision)
                .map((it) => ({ value: String(it.revision), word: `Compared with ${it.name}` })),
            ].filter(({ value }) => value !== "-1")}
            onTake={(value) => setAgainst(value === "" ? null : Number(value))}
          />
          <Changes id={id} from={Math.min(revision, to)} to={Math.max(revision, to)} />
        </div>
        <Then id={id} revision={revision} to={to} />
      </div>
      <div className="flex items-center gap-2 pt-3">
        {entry && (
          <span className="w-64">
            <TextBox
              key={`${revision} ${entry.name}`}
              label="Name of this version"
              placeholder="Name this version"
              value={entry.name}
              maxLength={60}
              whenLeft
              onTake={call}
            />
          </span>
        )}
        <span className="grow" />
        <Button onClick={onClose}>Close</Button>
        <Button look="go" disabled={revision === now} onClick={back}>
          <HistorySign size="0.9375rem" /> Go back to this
        </Button>
      </div>
    </Modal>
  );
}

function EntryLine(props: { entry: Entry; chosen: boolean; onChoose: () => void }) {
  const { entry, chosen, onChoose } = props;
  const elsewhere = entry.tab !== tabId();
  return (
    <li>
      <button
        type="button"
        aria-pressed={chosen}
        className="min-h-8 w-full px-2 py-1 text-left leading-tight hover:bg-hover aria-pressed:bg-moss-soft"
        onClick={onChoose}
      >
        {entry.name && (
          <span className="flex items-center gap-1 font-bold text-sm">
            <Bookmark size="0.8125rem" className="fill-lichen" aria-hidden="true" /> {entry.name}
          </span>
        )}
        <span className="block truncate text-sm">{entry.label}</span>
        <span className="block text-xs text-quiet tabular-nums">
          {timeWords(entry.at)}
          {elsewhere && ", in another tab"}
        </span>
      </button>
    </li>
  );
}

const SIGNS = { ADDED: "+", CHANGED: "~", REMOVED: "−" } as const;
const WORDS = { ADDED: "Came", CHANGED: "Changed", REMOVED: "Went" } as const;

function useDifferences(id: string, from: number, to: number) {
  return useQuery({
    queryKey: ["differences", id, from, to],
    queryFn: () => differences(id, from, to),
    placeholderData: keepPreviousData,
    enabled: from >= 0,
  });
}

/** What came, changed and went, in words. */
function Changes({ id, from, to }: { id: string; from: number; to: number }) {
  const { data, error } = useDifferences(id, from, to);
  if (error) return <p role="alert">{error.message}</p>;
  return (
    <ul aria-label="What differs" className="min-h-0 grow overflow-auto text-sm">
      {data?.map((it) => (
        <Line key={`${it.kind} ${it.thing?.family} ${it.thing?.id} ${it.says}`} difference={it} />
      ))}
      {data?.length === 0 && <li className="py-1 text-quiet">Nothing is different.</li>}
    </ul>
  );
}

function Line({ difference: { kind, name, says } }: { difference: Difference }) {
  return (
    <li className="grid grid-cols-[1.25rem_1fr] border-hairline border-b border-dotted py-1">
      <Tip says={WORDS[kind]}>
        <span role="img" aria-label={WORDS[kind]} className="font-bold text-flint">
          {SIGNS[kind]}
        </span>
      </Tip>
      <span className="min-w-0 break-words">
        <b>{name}</b>
        <span className="text-flint">, {says}</span>
      </span>
    </li>
  );
}

const NONE: Difference[] = [];

/** The sheet as it was after an edit. */
function Then({ id, revision, to }: { id: string; revision: number; to: number }) {
  const { data: mission } = useQuery({
    queryKey: ["mission-at", id, revision],
    queryFn: () => missionAt(id, revision),
    placeholderData: keepPreviousData,
    staleTime: Infinity,
  });
  const { data = NONE } = useDifferences(id, Math.min(revision, to), Math.max(revision, to));
  const marks = useMemo(() => {
    const gone = revision < to ? "REMOVED" : "ADDED";
    return marked(data, [gone, "CHANGED"]);
  }, [data, revision, to]);
  if (!mission) return <p className="text-quiet">Looking back…</p>;
  return <HistoryMap mission={mission} marks={marks} says="The sheet as it was then" />;
}
