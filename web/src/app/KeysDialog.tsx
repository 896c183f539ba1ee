import { Dialog } from "radix-ui";
import { useState } from "react";
import { COMMANDS, type CommandKey, keyWord, resetKeys, setKey } from "../desk/keymap";
import { Button } from "../ui/controls";

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
    <Dialog.Root open onOpenChange={(open) => !open && onClose()}>
      <Dialog.Portal>
        <Dialog.Overlay className="fixed inset-0 z-40 bg-ink/30" />
        <Dialog.Content
          onKeyDownCapture={take}
          className="fixed top-20 left-1/2 z-50 w-[460px] -translate-x-1/2 border border-line bg-slip p-5 shadow-xl"
        >
          <Dialog.Title className="font-bold text-lg">Keys of the map</Dialog.Title>
          <Dialog.Description className="pb-2 text-[13px] text-flint">
            They act while the map has the focus, wherever the key lies on your keyboard.
          </Dialog.Description>
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
            <Dialog.Close asChild>
              <Button look="go">Done</Button>
            </Dialog.Close>
          </div>
        </Dialog.Content>
      </Dialog.Portal>
    </Dialog.Root>
  );
}
