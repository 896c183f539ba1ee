import { useVirtualizer } from "@tanstack/react-virtual";
import { FolderPlus } from "lucide-react";
import { memo, useCallback, useDeferredValue, useMemo, useRef, useState } from "react";
import { useFlagged } from "../checks/findings";
import { makeFolder } from "../deeds/folders";
import { type Aside, useDesk } from "../desk/desk";
import { commandOf } from "../desk/keymap";
import { PANE } from "../desk/panes";
import { useMission, useOpenMission } from "../document/context";
import { type Mission, refOf } from "../document/mission";
import { sure } from "../document/sure";
import { PLACED } from "../families";
import { type Grouping, type Row, rowsOf } from "../things/contents";
import { Choice } from "../ui/controls";
import { Tip } from "../ui/Tip";
import { HeadingLine, ThingLine } from "./ContentsLines";

/** How high a line is, pixels. */
const LINE = 28;

const GROUPINGS: { value: Grouping; word: string }[] = [
  { value: "family", word: "By family" },
  { value: "side", word: "By side" },
  { value: "folder", word: "By folder" },
];

/** What keys of the map do to a line as well. */
const ASIDE: Record<string, Aside | undefined> = { hide: "hidden", lock: "locked" };

/** Moves the focus to the next button of a line, or the one before. */
function besideIt(list: Element, side: number): void {
  const line = document.activeElement?.closest("[data-line]");
  if (!line || !list.contains(line)) return;
  const buttons: (Element | null)[] = [...line.querySelectorAll("button")];
  const beside = buttons[buttons.indexOf(document.activeElement) + side];
  if (beside instanceof HTMLElement) beside.focus();
}

interface Props {
  onShow: (name: string) => void;
}

/**
 * The list of everything with a place; mirrors the map, and is worked by keyboard alone. After an
 * edit the map is drawn first, and the list in the frame after it.
 */
export function Contents({ onShow }: Props) {
  const mission = useDeferredValue(useMission((state) => state.mission));
  return <List mission={mission} flagged={useFlagged()} onShow={onShow} />;
}

interface ListProps extends Props {
  mission: Mission;
  flagged: ReadonlySet<string>;
}

const List = memo(function List({ mission, flagged, onShow }: ListProps) {
  const open = useOpenMission();
  const selection = useDesk((desk) => desk.selection);
  const [filter, setFilter] = useState("");
  const [grouping, setGrouping] = useState<Grouping>("family");
  const [folded, setFolded] = useState<ReadonlySet<string>>(new Set());
  const [active, setActive] = useState(0);
  /** Where a range that is drawn with Shift begins. */
  const anchor = useRef<string | null>(null);
  const list = useRef<HTMLDivElement>(null);
  const rows = useMemo(
    () => rowsOf(mission, grouping, filter, folded),
    [mission, grouping, filter, folded],
  );
  const lines = useVirtualizer({
    count: rows.length,
    getScrollElement: () => list.current,
    estimateSize: () => LINE,
    overscan: 12,
  });
  const total = PLACED.reduce((sum, family) => sum + Object.keys(mission[family]).length, 0);

  const live = useRef({ rows, onShow });
  live.current = { rows, onShow };
  const choose = useCallback((name: string, add: boolean, range: boolean) => {
    const { selection, select, pointing, point } = useDesk.getState();
    const ref = refOf(name);
    if (pointing) {
      if (pointing.families.includes(ref.family)) {
        pointing.take({ ref });
        point(null);
      }
      return;
    }
    if (range && anchor.current) {
      select([...(add ? selection : []), ...between(live.current.rows, anchor.current, name)]);
      return;
    }
    anchor.current = name;
    if (!add) {
      select([name]);
      live.current.onShow(name);
    } else if (selection.has(name)) select([...selection].filter((it) => it !== name));
    else select([...selection, name]);
  }, []);
  const fold = (heading: string, closed = !folded.has(heading)) => {
    const next = new Set(folded);
    if (closed) next.add(heading);
    else next.delete(heading);
    setFolded(next);
  };
  const go = (to: number) => {
    const kept = Math.max(0, Math.min(rows.length - 1, to));
    setActive(kept);
    lines.scrollToIndex(kept);
    const focus = () => {
      const line = list.current?.querySelector<HTMLElement>(`[data-line="${kept}"] [data-main]`);
      line?.focus();
      return line;
    };
    // A line out of view is there in the next frame.
    if (!focus()) requestAnimationFrame(focus);
  };
  const keyDown = (event: React.KeyboardEvent) => {
    const row = rows[active];
    const page = Math.max(1, Math.floor((list.current?.clientHeight ?? LINE) / LINE) - 1);
    const moves: Record<string, number> = {
      ArrowDown: active + 1,
      ArrowUp: active - 1,
      PageDown: active + page,
      PageUp: active - page,
      Home: 0,
      End: rows.length - 1,
    };
    if (event.target instanceof HTMLInputElement) return;
    const side = event.code === "ArrowRight" ? 1 : event.code === "ArrowLeft" ? -1 : 0;
    const aside = ASIDE[commandOf(event.code) ?? ""];
    if (event.code in moves) go(sure(moves, event.code));
    else if (side !== 0 && row?.is === "heading" && row.folded === side > 0) {
      fold(row.heading, side < 0);
    } else if (side !== 0) besideIt(event.currentTarget, side);
    else if (aside && row?.is === "thing" && !event.ctrlKey) {
      const { setAside, [aside]: was } = useDesk.getState();
      setAside(aside, [row.name], !was.has(row.name));
    } else return;
    event.preventDefault();
  };

  return (
    <aside
      {...PANE}
      aria-label="Contents"
      className="flex w-[13.5rem] shrink-0 flex-col border border-line bg-slip shadow-sm"
    >
      <div className="flex items-baseline justify-between px-3 pt-2.5 pb-1.5">
        <h2 className="font-bold">Contents</h2>
        <span className="text-small text-quiet">
          {total.toLocaleString("en")} {total === 1 ? "thing" : "things"}
        </span>
      </div>
      <div className="flex flex-col gap-1 px-2.5 pb-2">
        <input
          aria-label="Filter by name, kind or side"
          placeholder="Filter: name, kind, side"
          className="min-h-7 w-full border border-line bg-field px-2 text-small"
          value={filter}
          onChange={(event) => setFilter(event.target.value)}
          onKeyDown={(event) => {
            if (event.code === "ArrowDown") go(0);
            if (event.code === "Escape") setFilter("");
          }}
        />
        <div className="flex items-center gap-1">
          <Choice label="Group by" value={grouping} options={GROUPINGS} onTake={setGrouping} />
          <Tip
            says={
              selection.size > 0 ? "New folder of what is selected" : "New folder, empty as yet"
            }
          >
            <button
              type="button"
              aria-label="New folder"
              className="flex h-7 w-7 shrink-0 items-center justify-center border border-line hover:bg-hover"
              onClick={() => {
                makeFolder(open, [...selection]);
                setGrouping("folder");
              }}
            >
              <FolderPlus size="0.9375rem" />
            </button>
          </Tip>
        </div>
      </div>
      <div
        ref={list}
        role="treegrid"
        aria-label="Things"
        aria-rowcount={rows.length}
        aria-multiselectable="true"
        className="min-h-0 grow overflow-auto border-hairline border-t"
        onKeyDown={keyDown}
      >
        <div role="presentation" className="relative" style={{ height: lines.getTotalSize() }}>
          {lines.getVirtualItems().map(({ index, start }) => {
            const row = sure(rows, index);
            return (
              <div
                key={lineKey(row)}
                data-line={index}
                role="row"
                aria-rowindex={index + 1}
                aria-level={row.is === "heading" ? 1 : 2}
                aria-expanded={row.is === "heading" ? !row.folded : undefined}
                aria-selected={row.is === "thing" ? selection.has(row.name) : undefined}
                className="absolute inset-x-0 flex"
                style={{ height: LINE, top: start }}
                onFocus={() => setActive(index)}
              >
                {row.is === "heading" && (
                  <HeadingLine row={row} current={index === active} onFold={fold} />
                )}
                {row.is === "thing" && (
                  <ThingLine
                    name={row.name}
                    word={row.word}
                    current={index === active}
                    flagged={flagged.has(row.name)}
                    onChoose={choose}
                  />
                )}
                {row.is === "none" && (
                  <Tip says={row.word}>
                    <span role="gridcell" className="truncate px-3 pt-1 text-small text-quiet">
                      {row.word}
                    </span>
                  </Tip>
                )}
              </div>
            );
          })}
        </div>
      </div>
    </aside>
  );
});

function lineKey(row: Row): string {
  return row.is === "thing" ? row.name : `${row.is}:${row.heading}`;
}

/** The things of a range of lines, either way round. */
function between(rows: Row[], from: string, to: string): string[] {
  const names = rows.flatMap((row) => (row.is === "thing" ? [row.name] : []));
  const [a, b] = [names.indexOf(from), names.indexOf(to)];
  return a < 0 ? [to] : names.slice(Math.min(a, b), Math.max(a, b) + 1);
}
