import { useEffect, useRef, useState } from "react";
import { toast } from "sonner";
import { type Operation, sendText } from "../document/api";
import { useMission, useOpenMission } from "../document/context";
import { keep, kept } from "../document/kept";
import type { Ref } from "../document/mission";
import { Button } from "../ui/controls";
import { Modal } from "../ui/Modal";

/** How long one has to pause before what was written is read, milliseconds. */
const PAUSE = 350;

const EXAMPLE = `# The crossing
Opening: Fog over the strand, a bell offshore
Mara: The lamp is out. Quick now.
Goal: Reach the lamp house before the tide
When the tide covers the causeway: nobody else can cross

# The lamp
Side goal: Find the missing oil
Win: the lamp burns
Lose: the ship strikes the rocks
To do: set down the prowler`;

/** What a line would become. */
interface Made {
  line: number;
  thing: Ref;
  name: string;
  says: string;
}

interface Begun {
  patch: Operation[];
  made: Made[];
}

/** A page of plain lines, and the skeleton of a script that is made from it. */
export function OutlineDialog({ onClose }: { onClose: () => void }) {
  const open = useOpenMission();
  const id = useMission((state) => state.id);
  const place = `outline:${id}`;
  const [text, setText] = useState(() => kept(place, ""));
  const [begun, setBegun] = useState<Begun>();
  const [wrong, setWrong] = useState("");
  const asked = useRef<AbortController>(null);
  const read = (signal?: AbortSignal) =>
    sendText<Begun>(`/api/missions/${id}/script/outline`, text, signal);
  // biome-ignore lint/correctness/useExhaustiveDependencies: read anew when the text changes
  useEffect(() => {
    keep(place, text === "" ? null : text);
    const controller = new AbortController();
    asked.current = controller;
    const timer = setTimeout(() => {
      read(controller.signal).then(
        (answer) => {
          setBegun(answer);
          setWrong("");
        },
        (refused: Error) => {
          if (!controller.signal.aborted) setWrong(refused.message);
        },
      );
    }, PAUSE);
    return () => {
      clearTimeout(timer);
      controller.abort();
    };
  }, [text]);
  const things = begun?.made.filter(({ thing }) => thing.family !== "todos").length ?? 0;
  const todos = (begun?.made.length ?? 0) - things;
  const make = async () => {
    try {
      await open.stored();
      const { patch } = await read();
      if (!open.take("Begin from plain lines", patch)) {
        throw new Error("The mission has changed meanwhile. Try again.");
      }
      keep(place, null);
      toast(`Made ${things} things and ${todos} to-dos.`);
      onClose();
    } catch (refused) {
      toast.error(`This cannot be made: ${(refused as Error).message}`);
    }
  };
  return (
    <Modal
      title="Begin from plain lines"
      says="Write the mission down as it comes to mind, a line for each thing. What stands before the colon says what it is; what is left open becomes a to-do."
      width="w-[60rem]"
      onClose={onClose}
    >
      <div className="grid min-h-0 grow grid-cols-2 gap-4">
        <textarea
          aria-label="Plain lines"
          className="h-[52vh] w-full resize-none border border-line bg-field px-3 py-2 leading-relaxed"
          placeholder={EXAMPLE}
          value={text}
          onChange={(change) => setText(change.target.value)}
        />
        <div className="h-[52vh] overflow-auto border-hairline border-l pl-4">
          {wrong && <p className="text-error">⚑ {wrong}</p>}
          {text.trim() === "" ? (
            <div className="text-sm text-flint">
              <p className="pb-2">Each line begins with what it is:</p>
              <ul className="grid grid-cols-[auto_1fr] gap-x-3 gap-y-1">
                {WORDS.map(([word, means]) => (
                  <li key={word} className="contents">
                    <b>{word}</b>
                    <span>{means}</span>
                  </li>
                ))}
              </ul>
              <p className="pt-3">
                <Button onClick={() => setText(EXAMPLE)}>Try it with an example</Button>
              </p>
            </div>
          ) : (
            <ul aria-label="What is made of them" className="text-sm">
              {begun?.made.map((it, i) => (
                <li
                  key={`${it.line} ${it.thing.family} ${it.name}`}
                  className={`grid grid-cols-[1.75rem_1fr] ${it.thing.family === "todos" ? "text-flint" : ""}`}
                >
                  <span className="text-small text-quiet tabular-nums">
                    {begun.made[i - 1]?.line === it.line ? "" : it.line}
                  </span>
                  <span className="py-0.5">
                    {it.thing.family === "todos" ? (
                      <>☐ {it.name}</>
                    ) : (
                      <>
                        <b>{it.name}</b>
                        <span className="text-flint">, {it.says}</span>
                      </>
                    )}
                  </span>
                </li>
              ))}
            </ul>
          )}
        </div>
      </div>
      <div className="flex items-center justify-end gap-2 pt-3">
        <Button onClick={onClose}>Cancel</Button>
        <Button look="go" disabled={!begun || begun.made.length === 0} onClick={() => void make()}>
          {begun && begun.made.length > 0
            ? `Make ${things === 1 ? "one thing" : `${things} things`} and ${todos === 1 ? "one to-do" : `${todos} to-dos`}`
            : "Make them"}
        </Button>
      </div>
    </Modal>
  );
}

const WORDS = [
  ["# The crossing", "a chapter; the lines after it belong to it"],
  ["Opening:", "an event when play begins"],
  ["When …:", "an event; what reads as a sentence of the script is put in as one"],
  ["Goal:", "an objective; also Side goal, Hidden goal"],
  ["Win: Lose:", "an ending, and the event that ends it"],
  ["Mara:", "a line of dialogue; the event before it says it"],
  ["To do:", "and any other line: something to do"],
] as const;
