import {
  ChevronDown,
  ChevronRight,
  Ellipsis,
  Eye,
  EyeOff,
  Flag,
  Folder as FolderSign,
  Lock,
  LockOpen,
} from "lucide-react";
import { memo, useState } from "react";
import { dropFolder, putInFolder, renameFolder } from "../deeds/folders";
import { type Aside, useDesk } from "../desk/desk";
import { useMission, useOpenMission } from "../document/context";
import { single } from "../document/membership";
import { refOf } from "../document/mission";
import type { Row } from "../things/contents";
import { isGroupFamily } from "../things/geometry";
import { ThingIcon } from "../things/ThingIcon";
import { Menu, MenuItem } from "../ui/Menu";
import { Tip } from "../ui/Tip";

const SMALL =
  "flex h-7 w-6 shrink-0 items-center justify-center text-flint hover:bg-hover hover:text-ink";

/** Out of sight until the line is pointed at, or it says something. */
const SHY = "opacity-0 group-hover:opacity-100 focus-visible:opacity-100";

/** One thing: its picture, its name, and whether it is hidden or locked. */
export const ThingLine = memo(function ThingLine(props: {
  name: string;
  word: string;
  current: boolean;
  flagged: boolean;
  onChoose: (name: string, add: boolean, range: boolean) => void;
}) {
  const { name, word, current, flagged, onChoose } = props;
  const { family, id } = refOf(name);
  const chosen = useDesk((desk) => desk.selection.has(name));
  const hidden = useDesk((desk) => desk.hidden.has(name));
  const members = useMission((state) =>
    isGroupFamily(family) ? single(state.mission, { family, id }).length : -1,
  );
  return (
    <div
      role="presentation"
      className={`group flex w-full border-l-3 hover:bg-hover ${chosen ? "border-moss bg-moss-soft" : "border-transparent"}`}
    >
      <span role="gridcell" className="flex min-w-0 grow">
        <Tip says={word}>
          <button
            type="button"
            data-main
            tabIndex={current ? 0 : -1}
            aria-label={word}
            aria-pressed={chosen}
            onClick={(event) =>
              onChoose(name, event.ctrlKey || event.metaKey || event.shiftKey, event.shiftKey)
            }
            className={`flex min-w-0 grow items-center gap-2 pl-2.5 text-left ${hidden ? "text-quiet" : ""}`}
          >
            <ThingIcon thing={{ family, id }} />
            <span className="truncate">{word}</span>
            {flagged && (
              <Flag
                size="0.8125rem"
                aria-label="has a check"
                className="shrink-0 fill-error text-error"
              />
            )}
            {members >= 0 && <span className="text-xs text-quiet">{members}</span>}
          </button>
        </Tip>
      </span>
      <AsideButton as="hidden" names={[name]} of={word} />
      <AsideButton as="locked" names={[name]} of={word} />
    </div>
  );
});

const WORDS = {
  hidden: { do: "Hide", undo: "Show" },
  locked: { do: "Lock", undo: "Unlock" },
};

interface AsideProps {
  as: Aside;
  names: string[];
  of: string;
}

/** Drawn anew only for other things: a line is drawn whenever it is selected. */
const AsideButton = memo(function AsideButton({ as, names, of }: AsideProps) {
  const aside = useDesk((desk) => names.length > 0 && names.every((name) => desk[as].has(name)));
  const setAside = useDesk((desk) => desk.setAside);
  if (names.length === 0) return null;
  const word = `${aside ? WORDS[as].undo : WORDS[as].do} ${of}`;
  const [Off, On] = as === "hidden" ? [Eye, EyeOff] : [LockOpen, Lock];
  return (
    <span role="gridcell" className="flex">
      <Tip says={word}>
        <button
          type="button"
          tabIndex={-1}
          aria-label={word}
          className={`${SMALL} ${aside ? "" : SHY}`}
          onClick={() => setAside(as, names, !aside)}
        >
          {aside ? <On size="0.875rem" /> : <Off size="0.875rem" />}
        </button>
      </Tip>
    </span>
  );
}, areOfTheSame);

function areOfTheSame(one: AsideProps, other: AsideProps): boolean {
  return (
    one.as === other.as &&
    one.of === other.of &&
    one.names.length === other.names.length &&
    one.names.every((name, i) => name === other.names[i])
  );
}

/** The heading of a group: folds it, hides or locks all of it, selects all of it. */
export function HeadingLine(props: {
  row: Extract<Row, { is: "heading" }>;
  current: boolean;
  onFold: (heading: string) => void;
}) {
  const { row, current, onFold } = props;
  const open = useOpenMission();
  const [naming, setNaming] = useState(false);
  const { folder } = row;
  if (naming && folder !== undefined) {
    return (
      <input
        aria-label="Name of the folder"
        // biome-ignore lint/a11y/noAutofocus: opened on purpose by the menu of the folder
        autoFocus
        maxLength={60}
        defaultValue={row.word}
        onFocus={(event) => event.currentTarget.select()}
        className="m-0.5 min-w-0 grow border border-line bg-card px-1.5 text-small"
        onBlur={(event) => {
          renameFolder(open, folder, event.currentTarget.value);
          setNaming(false);
        }}
        onKeyDown={(event) => {
          if (event.key === "Enter") event.currentTarget.blur();
          if (event.key === "Escape") setNaming(false);
        }}
      />
    );
  }
  const Sign = row.folded ? ChevronRight : ChevronDown;
  return (
    <div role="presentation" className="group flex w-full items-center border-hairline border-t">
      <span role="gridcell" className="flex h-full min-w-0 grow">
        <button
          type="button"
          data-main
          tabIndex={current ? 0 : -1}
          aria-expanded={!row.folded}
          className="flex h-full min-w-0 grow items-center gap-1 pl-1 text-left text-small font-bold text-flint hover:bg-hover"
          onClick={() => onFold(row.heading)}
        >
          <Sign size="0.875rem" className="shrink-0" />
          {folder !== undefined && <FolderSign size="0.875rem" className="shrink-0" />}
          <span className="truncate">{row.word}</span>
          <span className="ml-auto px-1 font-normal text-quiet">{row.things.length}</span>
        </button>
      </span>
      <AsideButton as="hidden" names={row.things} of={`all of ${row.word}`} />
      <AsideButton as="locked" names={row.things} of={`all of ${row.word}`} />
      <HeadingMenu row={row} onRename={() => setNaming(true)} />
    </div>
  );
}

function HeadingMenu(props: { row: Extract<Row, { is: "heading" }>; onRename: () => void }) {
  const { row, onRename } = props;
  const open = useOpenMission();
  const select = useDesk((desk) => desk.select);
  const nothing = useDesk((desk) => desk.selection.size === 0);
  const { folder } = row;
  if (row.things.length === 0 && folder === undefined) return null;
  const trigger = (
    <button
      type="button"
      tabIndex={-1}
      aria-label={`What to do with ${row.word}`}
      className={`${SMALL} ${SHY} data-[state=open]:opacity-100`}
    >
      <Ellipsis size="0.875rem" />
    </button>
  );
  return (
    <span role="gridcell" className="flex">
      <Menu trigger={trigger}>
        <MenuItem disabled={row.things.length === 0} onSelect={() => select(row.things)}>
          Select all {row.things.length}
        </MenuItem>
        {folder !== undefined && (
          <>
            <MenuItem
              disabled={nothing}
              onSelect={() => putInFolder(open, [...useDesk.getState().selection], folder)}
            >
              Put the selection in
            </MenuItem>
            <MenuItem onSelect={onRename}>Rename</MenuItem>
            <MenuItem onSelect={() => dropFolder(open, folder)}>
              Dissolve; what is in it stays
            </MenuItem>
          </>
        )}
      </Menu>
    </span>
  );
}
