import type { ReactNode } from "react";
import { gist } from "./gist";
import { OptionList, Token } from "./Picker";
import type { Entry } from "./phrases";

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
