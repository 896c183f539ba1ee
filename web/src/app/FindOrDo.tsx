import { Command } from "cmdk";
import { Search } from "lucide-react";
import { Dialog } from "radix-ui";
import { useMemo, useState } from "react";
import { listedCommands, useCommands } from "../desk/commands";
import { useDesk } from "../desk/desk";
import { useMission } from "../document/context";
import { FAMILY_WORDS } from "../document/mission";
import { ThingIcon } from "../things/ThingIcon";
import { Button } from "../ui/controls";
import { best, type Choice } from "../ui/finding";
import { KeysDialog } from "./KeysDialog";
import { usePageCommands } from "./pageCommands";
import { choiceOf, useChoices, useSettingDown } from "./useChoices";

/** Finds any thing by its name and any command by its words. */
export function FindOrDo({ id }: { id: string }) {
  const [shown, setShown] = useState(false);
  const [keys, setKeys] = useState(false);
  usePageCommands(id, () => setKeys(true));
  useCommands(shown ? "always" : "page", () => [
    {
      id: "find",
      word: "Find or do",
      what: "page",
      keys: ["Ctrl+K"],
      inText: true,
      unlisted: true,
      run: () => setShown((was) => !was),
    },
  ]);
  return (
    <>
      <Button onClick={() => setShown(true)} title="Find any thing, do anything (Ctrl+K)">
        <Search size={15} /> Find or do
      </Button>
      {shown && <Finder id={id} onClose={() => setShown(false)} />}
      {keys && <KeysDialog onClose={() => setKeys(false)} />}
    </>
  );
}

function Finder({ id, onClose }: { id: string; onClose: () => void }) {
  const [typed, setTyped] = useState("");
  const mission = useMission((state) => state.mission);
  const [doings] = useState(() => listedCommands().map(choiceOf));
  const all = useChoices(id, doings);
  const settings = useSettingDown(id, typed);
  const fitting = useMemo(
    () => (typed.trim() === "" ? doings.slice(0, 12) : [...settings, ...best(all, typed)]),
    [all, doings, settings, typed],
  );
  const run = (choice: Choice) => {
    onClose();
    choice.run();
  };
  return (
    <Dialog.Root open onOpenChange={(open) => !open && onClose()}>
      <Dialog.Portal>
        <Dialog.Overlay className="fixed inset-0 z-40 bg-ink/30" />
        <Dialog.Content
          aria-describedby={undefined}
          onCloseAutoFocus={(event) => {
            // What was found may have armed the map, which then wants the keys.
            const { tool, pointing, ruler, map } = useDesk.getState();
            if (!map) return;
            event.preventDefault();
            if (tool || pointing || ruler || !document.activeElement?.closest("[role=menu]")) {
              map.focus();
            }
          }}
          className="fixed top-20 left-1/2 z-50 w-[560px] max-w-[94vw] -translate-x-1/2 border border-line bg-slip shadow-xl"
        >
          <Dialog.Title className="sr-only">Find or do</Dialog.Title>
          <Command shouldFilter={false} label="Find or do" loop>
            <Command.Input
              autoFocus
              value={typed}
              onValueChange={setTyped}
              placeholder="A thing by its name, or what you want to do"
              className="w-full border-line border-b bg-transparent px-4 py-3 text-[16px]"
            />
            <Command.List className="max-h-[420px] overflow-auto py-1">
              <Command.Empty className="px-4 py-3 text-quiet">
                Nothing here is called “{typed.trim()}”.
              </Command.Empty>
              {fitting.map((choice) => (
                <Command.Item
                  key={choice.id}
                  value={choice.id}
                  onSelect={() => run(choice)}
                  className="flex min-h-9 items-center gap-2.5 px-4 data-[selected=true]:bg-moss-soft"
                >
                  {choice.ref && mission[choice.ref.family] && <ThingIcon thing={choice.ref} />}
                  <span className="truncate">{choice.word}</span>
                  <span className="ml-auto whitespace-nowrap text-[13px] text-flint">
                    {choice.ref ? FAMILY_WORDS[choice.ref.family] : choice.what}
                    {choice.key && (
                      <kbd className="ml-2 border border-line px-1.5 font-sans">{choice.key}</kbd>
                    )}
                  </span>
                </Command.Item>
              ))}
            </Command.List>
          </Command>
        </Dialog.Content>
      </Dialog.Portal>
    </Dialog.Root>
  );
}
