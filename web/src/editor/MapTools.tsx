import {
  ClipboardPaste,
  Copy,
  Grid2x2,
  Hand,
  Magnet,
  Maximize,
  Minus,
  Plus,
  RulerDimensionLine,
} from "lucide-react";
import { type Difficulty, useDeskPart } from "../desk/desk";
import { keyWord } from "../desk/keymap";
import { useMission } from "../document/context";
import { metres } from "../document/units";
import type { MapHandle } from "../drawing/camera";
import { Button, Choice, Tick } from "../ui/controls";
import { Flyout } from "../ui/Flyout";
import { Tip } from "../ui/Tip";
import { useRoom } from "../ui/useRoom";
import { GRIDS } from "./snap";
import { GroundMenu } from "./terrain/GroundMenu";

const ON = "border-moss bg-moss-soft";

/** The buttons beside the map: zoom, Hand, Snap, ruler, copy and paste. */
export function MapTools(props: {
  handle: () => MapHandle | null;
  onCopy: () => void;
  onPaste: () => void;
}) {
  const { hand, setHand, ruler, measure, snap, setSnap, selection } = useDeskPart(
    "hand",
    "setHand",
    "ruler",
    "measure",
    "snap",
    "setSnap",
    "selection",
  );
  const { handle } = props;
  const column = useRoom("tools");
  return (
    <div
      className={`absolute right-4 bottom-4 gap-1 ${column ? "flex flex-col" : "grid grid-cols-5"}`}
    >
      <GroundMenu />
      <Tip side="left" says="Copy what is selected (Ctrl+C)">
        <Button aria-label="Copy" disabled={selection.size === 0} onClick={props.onCopy}>
          <Copy size="0.9375rem" />
        </Button>
      </Tip>
      <Tip side="left" says="Paste here (Ctrl+V)">
        <Button aria-label="Paste" onClick={props.onPaste}>
          <ClipboardPaste size="0.9375rem" />
        </Button>
      </Tip>
      <Tip side="left" says={`Measure: distance, slope, section (${keyWord("ruler")})`}>
        <Button
          aria-label="Measure"
          aria-pressed={ruler !== null}
          className={ruler ? ON : ""}
          onClick={() => measure(ruler ? null : [])}
        >
          <RulerDimensionLine size="1rem" />
        </Button>
      </Tip>
      <div className="relative flex">
        <Tip side="left" says={`Snap to grid, neighbours, angles, ground (${keyWord("snap")})`}>
          <Button
            aria-label="Snap"
            aria-pressed={snap.on}
            className={`w-full ${snap.on ? ON : ""}`}
            onClick={() => setSnap({ on: !snap.on })}
          >
            <Magnet size="0.9375rem" />
          </Button>
        </Tip>
        {column && <SnapChoice />}
      </div>
      {!column && <SnapChoice />}
      <Tip side="left" says={`Hand: drag to pan (${keyWord("hand")})`}>
        <Button
          aria-label="Hand"
          aria-pressed={hand}
          className={hand ? ON : ""}
          onClick={() => setHand(!hand)}
        >
          <Hand size="1rem" />
        </Button>
      </Tip>
      <Tip side="left" says={`Zoom in (${keyWord("zoomIn")})`}>
        <Button aria-label="Zoom in" onClick={() => handle()?.zoom(1.25)}>
          <Plus size="1rem" />
        </Button>
      </Tip>
      <Tip side="left" says={`Zoom out (${keyWord("zoomOut")})`}>
        <Button aria-label="Zoom out" onClick={() => handle()?.zoom(0.8)}>
          <Minus size="1rem" />
        </Button>
      </Tip>
      <Tip side="left" says={`Whole sheet (${keyWord("whole")})`}>
        <Button aria-label="Whole sheet" onClick={() => handle()?.whole()}>
          <Maximize size="0.9375rem" />
        </Button>
      </Tip>
    </div>
  );
}

const SNAPS = [
  { field: "neighbours", word: "In a row with neighbours" },
  { field: "angles", word: "Whole angles, 15°" },
  { field: "ground", word: "Where one can stand" },
] as const;

function SnapChoice() {
  const column = useRoom("tools");
  const { snap, setSnap } = useDeskPart("snap", "setSnap");
  const trigger = (
    <Tip side="left" says="What snaps">
      <button
        type="button"
        aria-label="What snaps"
        className={`${column ? "absolute top-0 right-full mr-1 w-6" : "w-full"} flex h-8 items-center justify-center border border-line bg-slip hover:bg-paper`}
      >
        <Grid2x2 size="0.8125rem" />
      </button>
    </Tip>
  );
  return (
    <Flyout trigger={trigger} label="What snaps" side="left" look="w-56 p-3">
      <div className="flex items-center justify-between gap-2 pb-1 text-sm">
        Grid
        <Choice
          narrow
          label="Grid"
          value={String(snap.grid)}
          options={GRIDS.map((grid) => ({
            value: String(grid),
            word: grid === 0 ? "none" : metres(grid),
          }))}
          onTake={(grid) => setSnap({ grid: Number(grid), on: true })}
        />
      </div>
      {SNAPS.map(({ field, word }) => (
        <Tick
          key={field}
          word={word}
          checked={snap[field]}
          onTake={(on) => setSnap({ [field]: on, on: true })}
        />
      ))}
    </Flyout>
  );
}

const LEVELS: { value: Difficulty; word: string }[] = [
  { value: "calm", word: "Calm" },
  { value: "breezy", word: "Breezy" },
  { value: "rough", word: "Rough" },
  { value: "storm", word: "Storm" },
];

/** At which difficulty the map shows who stands where; only where it makes a difference. */
export function DifficultySwitch() {
  const { shown, setShown } = useDeskPart("shown", "setShown");
  const differs = useMission((state) =>
    Object.values(state.mission.squads).some(({ places }) => places.type === "counted"),
  );
  if (!differs) return null;
  const levels = [{ value: null, word: "Everybody" }, ...LEVELS];
  return (
    <fieldset className="absolute top-9 left-9 flex border border-line bg-slip text-small shadow-sm">
      <legend className="sr-only">Who stands where at a difficulty</legend>
      {levels.map(({ value, word }) => (
        <button
          key={word}
          type="button"
          aria-pressed={shown === value}
          className="min-h-7 border-hairline border-r px-2 last:border-r-0 hover:bg-hover aria-pressed:bg-moss-soft aria-pressed:font-semibold"
          onClick={() => setShown(value)}
        >
          {word}
        </button>
      ))}
    </fieldset>
  );
}
