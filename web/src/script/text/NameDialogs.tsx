import { useState } from "react";
import { FAMILY_WORDS, type Mission, nameOf, type Ref } from "../../document/mission";
import { Button, Choice, TextBox } from "../../ui/controls";
import { Modal } from "../../ui/Modal";
import type { Unknown } from "./names";

/** Says what is meant by names that nothing here has, as in a script that comes from elsewhere. */
export function MatchDialog(props: {
  unknown: Unknown[];
  onMatch: (by: Record<string, string>) => void;
  onClose: () => void;
}) {
  const { unknown, onMatch, onClose } = props;
  const [by, setBy] = useState<Record<string, string>>({});
  const many = Object.values(by).filter((text) => text !== "").length;
  return (
    <Modal
      width="w-[35rem]"
      title="Match names"
      says="Nothing here has these names. Say what is meant by each; what you leave stays as it is."
      onClose={onClose}
    >
      <ul className="min-h-0 overflow-auto border-hairline border-y py-1">
        {unknown.map(({ name, times, options }) => (
          <li key={name} className="grid grid-cols-2 items-center gap-3 py-1">
            <span>
              <b>{name}</b>{" "}
              <span className="text-small text-flint">
                {times === 1 ? "once" : `${times} times`}
              </span>
            </span>
            <Choice
              label={`What is meant by ${name}`}
              value={by[name] ?? ""}
              options={[
                { value: "", word: "Leave it" },
                ...options.map(({ text, word }) => ({ value: text, word })),
              ]}
              onTake={(text) => setBy({ ...by, [name]: text })}
            />
          </li>
        ))}
      </ul>
      <div className="flex justify-end gap-2 pt-3">
        <Button onClick={onClose}>Cancel</Button>
        <Button
          look="go"
          disabled={many === 0}
          onClick={() => {
            onMatch(Object.fromEntries(Object.entries(by).filter(([, text]) => text !== "")));
            onClose();
          }}
        >
          {many === 1 ? "Match one name" : `Match ${many} names`}
        </Button>
      </div>
    </Modal>
  );
}

/** Gives a thing that the text names another name, there and everywhere. */
export function RenameDialog(props: {
  mission: Mission;
  of: Ref;
  onRename: (name: string) => void;
  onClose: () => void;
}) {
  const { mission, of, onRename, onClose } = props;
  const name = nameOf(mission, of);
  return (
    <Modal
      width="w-[35rem]"
      title={`Rename ${name}`}
      says={`The ${FAMILY_WORDS[of.family]} has its new name everywhere.`}
      onClose={onClose}
    >
      <TextBox
        label="New name"
        value={name}
        maxLength={60}
        required
        autoFocus
        whenLeft
        onTake={(next) => {
          onRename(next);
          onClose();
        }}
      />
      <div className="flex justify-end gap-2 pt-3">
        <Button onClick={onClose}>Cancel</Button>
      </div>
    </Modal>
  );
}
