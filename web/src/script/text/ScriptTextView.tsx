import type { EditorView } from "@codemirror/view";
import { AlignLeft, CircleAlert, CircleCheck } from "lucide-react";
import { useCallback, useEffect, useRef, useState } from "react";
import { rename as renameThing } from "../../deeds/deeds";
import { useDesk } from "../../desk/desk";
import { useShow } from "../../desk/useShow";
import { getJson, type Operation, sendText } from "../../document/api";
import { useMission, useOpenMission } from "../../document/context";
import { keep, kept } from "../../document/kept";
import { key, type Mission, nameOf, type Ref, refOf } from "../../document/mission";
import { sure } from "../../document/sure";
import type { Trouble } from "../../sentence/trouble";
import { Button } from "../../ui/controls";
import { Tip } from "../../ui/Tip";
import { inSight, openEditor, replaceText, showTroubles } from "./editor";
import { MatchDialog, RenameDialog } from "./NameDialogs";
import { matched, plate, scriptNames, thingNamed, unknownNames } from "./names";

/** How long one has to pause before what was written is read, milliseconds. */
const PAUSE = 450;

interface Reading {
  revision: number;
  patch: Operation[];
  troubles: Trouble[];
}

/** Where a text stands between the keyboard and the mission. */
type Standing =
  | { is: "written" }
  | { is: "reading" }
  | { is: "put" }
  | { is: "troubled"; troubles: Trouble[] }
  | { is: "away"; says: string };

const draftOf = (id: string) => `script-draft:${id}`;

/** The name that an event's line gives it, where a caret lies in one. */
function eventAt(text: string, caret: number): string | undefined {
  const lines = text.slice(0, caret).split("\n").reverse();
  // The line of the caret itself may be longer than up to the caret.
  lines[0] = text
    .slice(caret - sure(lines, 0).length)
    .split("\n", 1)
    .join();
  const head = lines.find((line) => /^\s*(event|zone)\b/.test(line));
  const name = head && /"((\\.|[^"\\])*)"/.exec(head)?.[1];
  return name?.replace(/\\(.)/g, "$1");
}

/** The thing whose name a caret lies in. */
function thingAt(mission: Mission, text: string, caret: number): Ref | undefined {
  const line = text.lastIndexOf("\n", caret - 1) + 1;
  for (const found of sure(text.slice(line).split("\n"), 0).matchAll(
    /\[((?:\\.|[^\]\\~])*)[^\]]*\]/g,
  )) {
    const from = line + found.index;
    if (caret < from || caret > from + found[0].length) continue;
    const thing = thingNamed(mission, sure(found, 1).replace(/\\(.)/g, "$1"));
    if (thing) return refOf(thing);
  }
  return undefined;
}

/**
 * All events of a mission, and what its zones do, as one text. What is written is read by the server after a pause, and what
 * was understood is put in place as an edit; an event that was not, stays in the mission as it was,
 * and its draft stays here.
 */
export default function ScriptTextView() {
  const open = useOpenMission();
  const id = useMission((state) => state.id);
  const events = useMission((state) => state.mission.events);
  const chapters = useMission((state) => state.mission.chapters);
  const zones = useMission((state) => state.mission.zones);
  const names = useMission((state) => scriptNames(state.mission));
  const waiting = useMission((state) => state.waiting.length);
  const openEvent = useDesk((desk) => desk.openEvent);
  const light = useDesk((desk) => desk.light);
  const event = useDesk((desk) => desk.event);
  const host = useRef<HTMLDivElement>(null);
  const view = useRef<EditorView | null>(null);
  const timer = useRef(0);
  /** The mission as this text last left or found it: what differs was changed elsewhere. */
  const known = useRef<Mission | null>(null);
  const knownNames = useRef("");
  const [asks, setAsks] = useState<{ is: "match" } | { is: "rename"; of: Ref } | null>(null);
  const dirty = useRef(false);
  const [standing, setStanding] = useState<Standing>({ is: "written" });

  const read = useCallback(async () => {
    const editor = view.current;
    if (!editor) return;
    if (open.state.waiting.length > 0) {
      timer.current = window.setTimeout(() => void read(), PAUSE);
      return;
    }
    const text = editor.state.doc.toString();
    setStanding({ is: "reading" });
    try {
      const path = `/api/missions/${id}/script/reading`;
      const { revision, patch, troubles } = await sendText<Reading>(path, text);
      if (view.current !== editor || editor.state.doc.toString() !== text) return;
      if (revision !== open.state.revision || open.state.waiting.length > 0) {
        timer.current = window.setTimeout(() => void read(), PAUSE);
        return;
      }
      showTroubles(editor, troubles);
      if (patch.length > 0 && !open.take("Script as text", patch)) {
        timer.current = window.setTimeout(() => void read(), PAUSE);
        return;
      }
      known.current = open.state.mission;
      knownNames.current = scriptNames(open.state.mission);
      dirty.current = troubles.length > 0;
      keep(draftOf(id), troubles.length > 0 ? text : null);
      setStanding(troubles.length > 0 ? { is: "troubled", troubles } : { is: "put" });
    } catch (wrong) {
      setStanding({ is: "away", says: (wrong as Error).message });
      keep(draftOf(id), text);
    }
  }, [id, open]);

  const changed = useCallback(() => {
    dirty.current = true;
    clearTimeout(timer.current);
    timer.current = window.setTimeout(() => void read(), PAUSE);
  }, [read]);

  const caret = useCallback(() => {
    const editor = view.current;
    if (!editor) return;
    const text = editor.state.doc.toString();
    const { head } = editor.state.selection.main;
    const name = eventAt(text, head);
    const found = Object.entries(open.state.mission.events).find(([, it]) => it.name === name);
    if (found) openEvent(found[0]);
    const named = thingAt(open.state.mission, text, head);
    light(named ? key(named) : null);
  }, [open, openEvent, light]);

  const show = useShow(id);
  const shown = useRef(show);
  shown.current = show;
  const go = useCallback(
    (at: number) => {
      const text = view.current?.state.doc.toString() ?? "";
      const named = thingAt(open.state.mission, text, at);
      if (named) shown.current(named);
    },
    [open],
  );

  const rename = useCallback(
    (at: number) => {
      const text = view.current?.state.doc.toString() ?? "";
      const of = thingAt(open.state.mission, text, at);
      if (of) setAsks({ is: "rename", of });
    },
    [open],
  );

  const fetchText = useCallback(
    () => getJson<{ text: string }>(`/api/missions/${id}/script`).then(({ text }) => text),
    [id],
  );

  const away = useCallback((wrong: Error) => setStanding({ is: "away", says: wrong.message }), []);

  useEffect(() => {
    const element = host.current;
    if (!element) return;
    let gone = false;
    const draft = kept<string | null>(draftOf(id), null);
    fetchText().then((text) => {
      if (gone) return;
      known.current = open.state.mission;
      knownNames.current = scriptNames(open.state.mission);
      view.current = openEditor(element, id, draft ?? text, {
        onChange: changed,
        onCaret: caret,
        onGo: go,
        onRename: rename,
      });
      if (draft !== null) changed();
      view.current.focus();
    }, away);
    return () => {
      gone = true;
      clearTimeout(timer.current);
      view.current?.destroy();
      view.current = null;
    };
  }, [id, open, changed, caret, go, rename, fetchText, away]);

  // What was changed elsewhere, by cards, undo or another tab, is written anew unless a draft stands here.
  // biome-ignore lint/correctness/useExhaustiveDependencies: chapters are not read, but print differently
  useEffect(() => {
    const editor = view.current;
    const stale =
      known.current?.events !== events ||
      known.current.zones !== zones ||
      knownNames.current !== names;
    if (!editor || waiting > 0 || dirty.current || !stale) return;
    const written = (text: string) => {
      if (view.current !== editor || dirty.current) return;
      known.current = open.state.mission;
      knownNames.current = names;
      if (editor.state.doc.toString() !== text) {
        replaceText(editor, text);
        clearTimeout(timer.current);
        dirty.current = false;
        setStanding({ is: "written" });
      }
    };
    fetchText().then(written, away);
  }, [events, zones, chapters, names, waiting, fetchText, away, open]);

  // An event that is opened elsewhere, in the outline or from a check, is gone to.
  useEffect(() => {
    const editor = view.current;
    const name = event && open.state.mission.events[event]?.name;
    if (!editor || !name) return;
    const text = editor.state.doc.toString();
    if (eventAt(text, editor.state.selection.main.head) === name) return;
    const written = `event "${name.replace(/[\\"]/g, "\\$&")}"`;
    const at = text.indexOf(written);
    if (at >= 0) goTo(editor, at);
  }, [event, open]);

  const unknown =
    standing.is === "troubled" && view.current
      ? unknownNames(open.state.mission, view.current.state.doc.toString(), standing.troubles)
      : [];
  const match = (by: Record<string, string>) => {
    const editor = view.current;
    if (editor) replaceText(editor, matched(editor.state.doc.toString(), by));
  };
  const give = (of: Ref, name: string) => {
    const was = nameOf(open.state.mission, of);
    renameThing(open, of, name);
    // A draft that is not understood yet is not written anew: its names are changed in place.
    if (dirty.current) match({ [was]: plate(name) });
  };

  const format = () => {
    fetchText().then((text) => view.current && replaceText(view.current, text), away);
  };

  return (
    <section
      aria-label="Text"
      className="flex h-full min-h-0 flex-col border border-line bg-slip shadow-sm"
    >
      <div className="flex items-center gap-3 border-hairline border-b px-3 py-1.5">
        <Standing of={standing} onShow={(at) => goTo(view.current, at)} />
        <span className="grow" />
        <span className="whitespace-nowrap text-small text-quiet">
          Ctrl+Space: what may follow · F12: go to · F2: rename
        </span>
        {unknown.length > 0 && (
          <Button onClick={() => setAsks({ is: "match" })}>Match names ({unknown.length})</Button>
        )}
        <Button onClick={format} disabled={standing.is === "troubled"}>
          <AlignLeft size="0.875rem" /> Format
        </Button>
      </div>
      <div ref={host} className="min-h-0 grow overflow-hidden" />
      {asks?.is === "match" && (
        <MatchDialog unknown={unknown} onMatch={match} onClose={() => setAsks(null)} />
      )}
      {asks?.is === "rename" && (
        <RenameDialog
          mission={open.state.mission}
          of={asks.of}
          onRename={(name) => give(asks.of, name)}
          onClose={() => setAsks(null)}
        />
      )}
    </section>
  );
}

function goTo(view: EditorView | null, at: number): void {
  if (!view) return;
  const to = Math.min(at, view.state.doc.length);
  view.dispatch({ selection: { anchor: to }, effects: inSight(to) });
  view.focus();
}

function Standing({ of, onShow }: { of: Standing; onShow: (at: number) => void }) {
  if (of.is === "troubled") {
    const first = sure(of.troubles, 0);
    return (
      <p role="status" className="flex min-w-0 items-center gap-2 text-error">
        <CircleAlert size="0.9375rem" className="shrink-0" />
        <Tip says={first.says}>
          <button
            type="button"
            className="min-w-0 truncate text-left underline decoration-dotted"
            onClick={() => onShow(first.from)}
          >
            Line {first.line}: {first.says}
          </button>
        </Tip>
        {of.troubles.length > 1 && (
          <span className="shrink-0 whitespace-nowrap">and {of.troubles.length - 1} more</span>
        )}
      </p>
    );
  }
  if (of.is === "away") {
    return (
      <p role="alert" className="text-error">
        The text is kept here; the server cannot read it now: {of.says}
      </p>
    );
  }
  const words = {
    written: "As the mission has it",
    reading: "Reading…",
    put: "Understood and put in place",
  };
  return (
    <p role="status" className="flex items-center gap-2 text-small text-flint">
      {of.is === "put" && <CircleCheck size="0.9375rem" className="text-moss" />}
      {words[of.is]}
    </p>
  );
}
