import { Search } from "lucide-react";
import { useMemo, useState } from "react";
import { listedCommands, useCommands } from "../desk/commands";
import { useDesk } from "../desk/desk";
import { useMission } from "../document/context";
import { FAMILY_WORDS } from "../document/mission";
import { ThingIcon } from "../things/ThingIcon";
import { Combobox } from "../ui/Combobox";
import { Button, Words } from "../ui/controls";
import { best, type Findable } from "../ui/finding";
import { Modal } from "../ui/Modal";
import { Tip } from "../ui/Tip";
import { KeysDialog } from "./KeysDialog";
import { usePageCommands } from "./pageCommands";
import { findableOf, useFindables, useSettingDown } from "./useFindables";

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
      <Tip says="Find any thing, do anything (Ctrl+K)">
        <Button onClick={() => setShown(true)}>
          <Search size="0.9375rem" /> <Words>Find or do</Words>
        </Button>
      </Tip>
      {shown && <Finder id={id} onClose={() => setShown(false)} />}
      {keys && <KeysDialog onClose={() => setKeys(false)} />}
    </>
  );
}

function Finder({ id, onClose }: { id: string; onClose: () => void }) {
  const [typed, setTyped] = useState("");
  const [at, setAt] = useState(0);
  const [doings] = useState(() => listedCommands().map(findableOf));
  const all = useFindables(id, doings);
  const settings = useSettingDown(id, typed);
  const fitting = useMemo(
    () => (typed.trim() === "" ? doings.slice(0, 12) : [...settings, ...best(all, typed)]),
    [all, doings, settings, typed],
  );
  return (
    <Modal
      title="Find or do"
      bare
      width="w-[35rem]"
      onClose={onClose}
      onCloseAutoFocus={(event) => {
        // What was found may have armed the map, which then wants the keys.
        const { tool, pointing, ruler, map } = useDesk.getState();
        if (!map) return;
        event.preventDefault();
        if (tool || pointing || ruler || !document.activeElement?.closest("[role=menu]")) {
          map.focus();
        }
      }}
    >
      <Combobox
        roomy
        label="Find or do"
        rows={fitting}
        row={(row) => <FindableRow choice={row} />}
        at={Math.min(at, Math.max(0, fitting.length - 1))}
        onAt={setAt}
        onTake={(row) => {
          onClose();
          row.run();
        }}
        input={{
          text: typed,
          onText: (text) => {
            setTyped(text);
            setAt(0);
          },
          placeholder: "A thing by its name, or what you want to do",
        }}
        none={`Nothing here is called “${typed.trim()}”.`}
      />
    </Modal>
  );
}

/** A choice with its sign, what it is, and its key. */
function FindableRow({ choice }: { choice: Findable }) {
  const mission = useMission((state) => state.mission);
  return (
    <>
      {choice.ref && mission[choice.ref.family] && <ThingIcon thing={choice.ref} />}
      <span className="truncate">{choice.word}</span>
      <span className="ml-auto whitespace-nowrap text-small text-flint">
        {choice.ref ? FAMILY_WORDS[choice.ref.family] : choice.what}
        {choice.shortcut && (
          <kbd className="ml-2 border border-line px-1.5 font-sans">{choice.shortcut}</kbd>
        )}
      </span>
    </>
  );
}
