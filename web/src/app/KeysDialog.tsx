import { useState } from "react";
import { COMMANDS, type CommandKey, keyWord, resetKeys, setKey } from "../desk/keymap";
import { Button } from "../ui/controls";
import { Modal } from "../ui/Modal";

/** The single keys of the map, each of which can be changed. */
export function KeysDialog({ onClose }: { onClose: () => void }) {
  const [waits, setWaits] = useState<CommandKey | null>(null);
  const [wrong, setWrong] = useState("");
  const [, setChanged] = useState(0);
  const take = (event: React.KeyboardEvent) => {
    if (!waits) return;
    event.preventDefault();
    event.stopPropagation();
    if (event.code !== "Escape") {
      setWrong(setKey(waits, event.code));
      setChanged((times) => times + 1);
    }
    setWaits(null);
  };
  return (
    <Modal
      title="Keys of the map"
      says="They act while the map has the focus, wherever the key lies on your keyboard."
      width="w-[28.75rem]"
      onClose={onClose}
      onKeyDownCapture={take}
    >
      <ul>
        {(Object.keys(COMMANDS) as CommandKey[]).map((command) => (
          <li
            key={command}
            className="flex min-h-9 items-center justify-between border-hairline border-t"
          >
            {COMMANDS[command].word}
            <Button
              aria-label={`Change the key of: ${COMMANDS[command].word}`}
              className="min-w-20"
              onClick={() => setWaits(command)}
            >
              {waits === command ? "Press it…" : keyWord(command)}
            </Button>
          </li>
        ))}
      </ul>
      {wrong && (
        <p role="alert" className="pt-1 text-error text-sm">
          ⚑ {wrong}
        </p>
      )}
      <div className="flex justify-between pt-3">
        <Button
          onClick={() => {
            resetKeys();
            setChanged((times) => times + 1);
          }}
        >
          As they were at first
        </Button>
        <Button look="go" onClick={onClose}>
          Done
        </Button>
      </div>
    </Modal>
  );
}
