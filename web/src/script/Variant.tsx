import { useMission, useOpenMission } from "../model/context";
import { type Path, part, put } from "./change";
import { gist } from "./gist";
import { OptionList, Token } from "./Picker";
import type { Entry } from "./phrases";
import { Sentence } from "./Sentence";

/** One of a few sentences, whole, and a chip to say another one of them instead. */
export function Variant(props: { entries: Entry[]; path: Path; label: string; what: string }) {
  const { entries, path, label, what } = props;
  const open = useOpenMission();
  const value = useMission((state) => part<{ type: string }>(state.mission, path));
  const entry = entries.find(({ type }) => type === value.type);
  if (!entry) return null;
  return (
    <>
      <Sentence entry={entry} value={value} path={path} label={label} />
      <Token
        look="quiet"
        label={`Change ${what}`}
        wide
        content={(close) => (
          <OptionList
            label={what}
            options={entries.map((it) => ({ value: it.type, word: gist(it) }))}
            chosen={value.type}
            onChoose={(type) => {
              put(open, label, path, entries.find((it) => it.type === type)?.fresh);
              close();
            }}
          />
        )}
      >
        change
      </Token>
    </>
  );
}
