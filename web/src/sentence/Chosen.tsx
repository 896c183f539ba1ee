import { type Path, part, put } from "../document/change";
import { useMission, useOpenMission } from "../document/context";
import type { Entry } from "../document/phrases";
import { OptionList, Token } from "./Picker";
import { Sentence } from "./Sentence";

/** One of a few sentences: which, and what stands in it. */
export function Chosen({ entries, path, label }: { entries: Entry[]; path: Path; label: string }) {
  const open = useOpenMission();
  const value = useMission((state) => part<{ type: string }>(state.mission, path));
  const entry = entries.find(({ type }) => type === value.type);
  if (!entry) return null;
  return (
    <>
      <Token
        look="value"
        label={entry.group}
        content={(close) => (
          <OptionList
            label="Choose"
            options={entries.map((it) => ({ value: it.type, word: it.group }))}
            chosen={value.type}
            onChoose={(type) => {
              const chosen = entries.find((it) => it.type === type);
              if (chosen) put(open, label, path, chosen.fresh);
              close();
            }}
          />
        )}
      >
        {entry.group.toLowerCase()}
      </Token>
      {Object.keys(entry.slots).length > 0 && (
        <Sentence
          entry={{ ...entry, pieces: entry.pieces.filter(({ slot }) => slot) }}
          value={value}
          path={path}
          label={label}
        />
      )}
    </>
  );
}
