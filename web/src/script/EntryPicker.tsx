import type { ReactNode } from "react";
import { OptionList, Token } from "./Picker";
import type { Entry } from "./phrases";

/** The words of a sentence without its values, for a picker. */
export function gist(entry: Entry): string {
  const plain: Record<string, string> = {
    who: "someone",
    comparison: "at least",
    condition: "something holds, and otherwise",
  };
  return entry.pieces
    .map(({ text, slot, agree }) => text ?? agree?.[0] ?? plain[slot ?? ""] ?? `‹${slot}›`)
    .join(" ");
}

/** A chip that offers all sentences of a sort. */
export function EntryPicker(props: {
  label: string;
  entries: Entry[];
  children: ReactNode;
  onChoose: (entry: Entry) => void;
}) {
  const sorted = [...props.entries].sort((a, b) => a.group.localeCompare(b.group));
  return (
    <Token
      look="add"
      label={props.label}
      wide
      content={(close) => (
        <OptionList
          label={props.label}
          search
          options={sorted.map((entry) => ({
            value: entry.type,
            word: gist(entry),
            group: entry.group,
          }))}
          onChoose={(type) => {
            const entry = props.entries.find((it) => it.type === type);
            if (entry) props.onChoose(entry);
            close();
          }}
        />
      )}
    >
      {props.children}
    </Token>
  );
}
