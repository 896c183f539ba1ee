import { useQuery, useQueryClient } from "@tanstack/react-query";
import { CornerDownLeft } from "lucide-react";
import { type KeyboardEvent, type ReactNode, useEffect, useRef, useState } from "react";
import { sendText } from "../document/api";
import { useMission } from "../document/context";
import type { Entry } from "../document/phrases";
import { Combobox } from "../ui/Combobox";
import { Token } from "./Picker";
import { type Row, rowsFor, type Understanding, unknownName } from "./sentenceRows";
import { Understood } from "./Understood";

interface PickerProps {
  label: string;
  /** Whether a condition or an action is written. */
  says: "WHEN" | "DO";
  entries: Entry[];
  children: ReactNode;
  /** A sentence was chosen from the list, to be filled in. */
  onChoose: (entry: Entry) => void;
  /** A sentence was written out: the condition, or the lines by id. */
  onSaid: (said: never) => void;
}

/** A chip that offers all sentences of a sort, and reads those that are written out. */
export function SentencePicker(props: PickerProps) {
  const chose = useRef(false);
  const onChoose: PickerProps["onChoose"] = (entry) => {
    chose.current = true;
    props.onChoose(entry);
  };
  const after = (chip: Element) => {
    const to = chose.current ? openBefore(chip) : null;
    chose.current = false;
    return to;
  };
  return (
    <Token
      look="add"
      label={props.label}
      wide
      focusAfter={after}
      content={(close) => <Field {...props} onChoose={onChoose} close={close} />}
    >
      {props.children}
    </Token>
  );
}

/** The last chip before another, in its card, for which nothing has been chosen yet. */
function openBefore(chip: Element): HTMLElement | null {
  const open = chip.closest("article")?.querySelectorAll<HTMLElement>("[data-open]") ?? [];
  const before = [...open].filter(
    (it) => it.compareDocumentPosition(chip) & Node.DOCUMENT_POSITION_FOLLOWING,
  );
  return before.at(-1) ?? null;
}

const NOTHING: Understanding = {
  reads: "",
  said: null,
  trouble: null,
  completion: { from: 0, options: [] },
};

/** What the server makes of what is written so far, or as long as it is at that, wrote last. */
function useUnderstanding(says: string, text: string) {
  const id = useMission((state) => state.id);
  const revision = useMission((state) => state.revision);
  const client = useQueryClient();
  const query = {
    queryKey: ["sentences", id, revision, says, text],
    queryFn: async ({ signal }: { signal: AbortSignal }) => {
      const path = `/api/missions/${id}/script/sentences?says=${says}`;
      return { ...(await sendText<Understanding>(path, text, signal)), text };
    },
    gcTime: 10_000,
  };
  const read: Understanding & { text: string } = useQuery({
    ...query,
    enabled: text.trim() !== "",
    placeholderData: (before) => before,
  }).data ?? { ...NOTHING, text: "" };
  return { read, later: () => client.fetchQuery(query) };
}

function Field(props: PickerProps & { close: () => void }) {
  const { entries, says, label, close } = props;
  const mission = useMission((state) => state.mission);
  const [text, setText] = useState("");
  const [at, setAt] = useState(0);
  /** Whether Enter was pressed before it was known what is written. */
  const [hurried, setHurried] = useState(false);
  const { read, later } = useUnderstanding(says, text);
  const settled = text.trim() === "" || read.text === text;
  const shown = text.trim() === "" ? NOTHING : settled ? read : { ...read, said: null };
  const rows = rowsFor(mission, text, shown, entries);
  const wrong = unknownName(shown);
  const chosen = Math.min(at, rows.length - 1);
  const write = (next: string) => {
    setText(next);
    setAt(0);
    setHurried(false);
  };
  const take = (row: Row) => {
    if (row.is === "said") {
      props.onSaid(shown.said as never);
      write("");
    } else if (row.is === "instead") {
      write(row.text);
    } else if (row.is === "goesOn") {
      write(shown.reads.slice(0, shown.completion.from) + row.text);
    } else {
      props.onChoose(row.entry);
      close();
    }
  };
  useEffect(() => {
    if (!hurried || !settled) return;
    setHurried(false);
    if (rows[0]) take(rows[0]);
  });
  // Who leaves right behind Enter has written it all the same.
  const leave = useRef(() => {});
  leave.current = () => {
    if (hurried)
      queueMicrotask(() => later().then(({ said }) => said && props.onSaid(said as never)));
  };
  useEffect(() => () => leave.current(), []);
  const onKeyDown = (event: KeyboardEvent) => {
    const goesOn = rows.find((row) => row.is === "goesOn");
    if (event.key === "Enter" && !settled) setHurried(true);
    else if (event.key === "Tab" && !event.shiftKey && goesOn) take(goesOn);
    else return;
    event.preventDefault();
  };
  return (
    <Combobox
      label={label}
      rows={rows}
      row={(row) => <RowWords row={row} />}
      at={chosen}
      onAt={setAt}
      onTake={take}
      input={{
        text,
        onText: write,
        placeholder: "Type to search, or write the sentence",
        maxLength: 4000,
        onKeyDown,
      }}
      below={
        <>
          {text.trim() !== "" && (
            <Understood text={settled ? shown.reads : text} trouble={shown.trouble} />
          )}
          {wrong && <p className="px-2.5 pt-1 text-error">{wrong.says}</p>}
        </>
      }
      none={shown.trouble?.says ?? "Nothing of that name."}
    />
  );
}

function RowWords({ row }: { row: Row }) {
  switch (row.is) {
    case "said":
      return (
        <>
          <CornerDownLeft size="0.875rem" className="text-moss" />
          <b>Put this in</b>
        </>
      );
    case "goesOn":
      return (
        <>
          <span aria-hidden className="text-quiet">
            …
          </span>
          <span className="grow">{row.label}</span>
          <span className="text-xs text-quiet">{row.detail}</span>
        </>
      );
    case "instead":
      return (
        <span>
          Is it <b>{row.word}</b>?
        </span>
      );
    case "entry":
      return row.words;
  }
}
