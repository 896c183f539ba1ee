import { useMutation, useQuery, useQueryClient } from "@tanstack/react-query";
import {
  Copy,
  Download,
  FilePlus2,
  FolderInput,
  MoreHorizontal,
  PencilLine,
  SunMoon,
  Trash2,
} from "lucide-react";
import { useEffect, useRef, useState } from "react";
import { toast } from "sonner";
import { useLocation } from "wouter";
import { type Card, getJson, type LoggedEdit, send } from "../document/api";
import { newId } from "../document/mission";
import { tabId } from "../document/tab";
import { LooksMenu } from "../looks/LooksMenu";
import { Button, TextBox } from "../ui/controls";
import { FilePick } from "../ui/FilePick";
import { Menu, MenuItem } from "../ui/Menu";
import { Thumbnail } from "./Thumbnail";

/** The shelf: every mission as a card. */
export function ShelfPage() {
  const queries = useQueryClient();
  const [, go] = useLocation();
  const file = useRef<HTMLInputElement>(null);
  const [renaming, setRenaming] = useState<string | null>(null);
  const { data: cards, error } = useQuery({
    queryKey: ["shelf"],
    queryFn: () => getJson<Card[]>("/api/missions"),
  });
  useEffect(() => {
    document.title = "Shelf – Flintmoss";
  }, []);
  const refresh = () => queries.invalidateQueries({ queryKey: ["shelf"] });
  const act = useMutation({
    mutationFn: (work: () => Promise<unknown>) => work(),
    onSuccess: refresh,
    onError: (wrong) => toast.error(wrong.message),
  });
  const make = () =>
    act.mutate(async () => {
      const card = await send<Card>("POST", "/api/missions");
      go(`/missions/${card.id}/ground`);
    });
  const takeIn = (chosen: File) =>
    act.mutate(async () => {
      const card = await send<Card>("POST", "/api/missions/import", chosen);
      toast.success(`“${card.title}” is on the shelf.`);
    });
  const remove = (card: Card) =>
    act.mutate(async () => {
      await send("DELETE", `/api/missions/${card.id}`);
      toast(`“${card.title}” was deleted.`, {
        duration: 15000,
        action: {
          label: "Undo",
          onClick: () => act.mutate(() => send("POST", `/api/missions/${card.id}/restore`)),
        },
      });
    });
  return (
    <main className="mx-auto flex min-h-full max-w-6xl flex-col px-6 pb-10">
      <header className="flex items-center gap-3 py-5">
        <img src="/flint.svg" alt="" className="h-9 w-9" />
        <div className="grow">
          <h1 className="text-2xl font-bold">Shelf</h1>
          <p className="text-flint">Your missions. Open one, or begin with an empty shore.</p>
        </div>
        <LooksMenu
          side="bottom"
          trigger={
            <Button>
              <SunMoon size="1rem" /> Looks
            </Button>
          }
        />
        <FilePick ref={file} label="Mission file" accept=".zip,application/zip" onPick={takeIn} />
        <Button onClick={() => file.current?.click()}>
          <FolderInput size="1rem" /> Import
        </Button>
        <Button look="go" onClick={make}>
          <FilePlus2 size="1rem" /> New mission
        </Button>
      </header>
      {error && <p role="alert">The shelf cannot be read: {error.message}</p>}
      {cards?.length === 0 && (
        <p className="border border-line border-dashed bg-slip p-8 text-center">
          The shelf is empty. <b>New mission</b> gives you a shore to begin on; <b>Import</b> takes
          in a mission that somebody handed you.
        </p>
      )}
      <ul className="grid grid-cols-[repeat(auto-fill,minmax(17.5rem,1fr))] gap-5">
        {cards?.map((card) => (
          <li key={card.id}>
            <article
              aria-label={card.title}
              className="group relative border border-line bg-slip shadow-sm transition-shadow focus-within:shadow-md hover:shadow-md"
            >
              <Thumbnail id={card.id} revision={card.revision} />
              <div className="flex items-start gap-1 px-3 pt-2.5">
                {renaming === card.id ? (
                  <div
                    className="grow"
                    onBlur={() => setRenaming(null)}
                    onKeyDown={(event) => event.key === "Escape" && setRenaming(null)}
                  >
                    <TextBox
                      label="Title"
                      value={card.title}
                      maxLength={120}
                      required
                      autoFocus
                      whenLeft
                      onTake={(title) => act.mutate(() => rename(card, title))}
                    />
                  </div>
                ) : (
                  <h2 className="grow text-lg font-bold leading-snug">
                    <a
                      href={`/missions/${card.id}/ground`}
                      className="before:absolute before:inset-0"
                      onClick={(event) => {
                        event.preventDefault();
                        go(`/missions/${card.id}/ground`);
                      }}
                    >
                      {card.title}
                    </a>
                  </h2>
                )}
                <CardMenu
                  card={card}
                  onRename={() => setRenaming(card.id)}
                  onDuplicate={() =>
                    act.mutate(() => send("POST", `/api/missions/${card.id}/duplicate`))
                  }
                  onDelete={() => remove(card)}
                />
              </div>
              <p className="min-h-10 px-3 text-flint">
                {card.summary || <span className="text-quiet">No summary yet.</span>}
              </p>
              <p className="px-3 pb-3 pt-1 text-small text-quiet">
                Last edit {new Date(card.updatedAt).toLocaleString("en-GB", SHORT)}
              </p>
            </article>
          </li>
        ))}
      </ul>
      <footer className="mt-auto pt-8 text-flint text-small">
        Flintmoss is made with the work of others:{" "}
        <a className="underline" href="/licences-browser.txt">
          licences of the page
        </a>
        ,{" "}
        <a className="underline" href="/licences-server.txt">
          of the server
        </a>
        .{" "}
        <a className="underline" href="/api/docs">
          Its HTTP API
        </a>{" "}
        is open.
      </footer>
    </main>
  );
}

const SHORT: Intl.DateTimeFormatOptions = { dateStyle: "medium", timeStyle: "short" };

async function rename(card: Card, title: string): Promise<LoggedEdit> {
  const replace = (from: string, to: string) => [
    { op: "test", path: "/brief/title", value: from },
    { op: "replace", path: "/brief/title", value: to },
  ];
  return send("POST", `/api/missions/${card.id}/edits`, {
    id: newId(),
    base: card.revision,
    tab: tabId(),
    label: `Rename to ${title}`,
    kind: "do",
    target: "",
    patch: replace(card.title, title),
    inverse: replace(title, card.title),
  });
}

function CardMenu(props: {
  card: Card;
  onRename: () => void;
  onDuplicate: () => void;
  onDelete: () => void;
}) {
  const trigger = (
    <Button
      look="quiet"
      className="relative z-10 -mr-1.5"
      aria-label={`More for ${props.card.title}`}
    >
      <MoreHorizontal size="1.125rem" />
    </Button>
  );
  return (
    <Menu trigger={trigger} align="end" width="min-w-40" keepsFocus>
      <MenuItem onSelect={props.onRename}>
        <PencilLine size="0.9375rem" /> Rename
      </MenuItem>
      <MenuItem onSelect={props.onDuplicate}>
        <Copy size="0.9375rem" /> Duplicate
      </MenuItem>
      <MenuItem asChild>
        <a href={`/api/missions/${props.card.id}/export`} download>
          <Download size="0.9375rem" /> Export as ZIP
        </a>
      </MenuItem>
      <MenuItem danger onSelect={props.onDelete}>
        <Trash2 size="0.9375rem" /> Delete
      </MenuItem>
    </Menu>
  );
}
