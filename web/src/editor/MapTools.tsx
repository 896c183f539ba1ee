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
import { Popover } from "radix-ui";
import { type Difficulty, useDesk } from "../desk/desk";
import { keyWord } from "../desk/keymap";
import { useMission } from "../document/context";
import { metres } from "../document/units";
import type { MapHandle } from "../drawing/camera";
import { Button, Tick } from "../ui/controls";
import { GRIDS } from "./snap";
import { GroundMenu } from "./terrain/GroundMenu";

const ON = "border-moss bg-moss-soft";

/** The buttons beside the map: zoom, Hand, Snap, ruler, copy and paste. */
export function MapTools(props: {
  handle: () => MapHandle | null;
  onCopy: () => void;
  onPaste: () => void;
}) {
  const { hand, setHand, ruler, measure, snap, setSnap, selection } = useDesk();
  const { handle } = props;
  return (
    <div className="absolute right-4 bottom-4 flex flex-col gap-1">
      <GroundMenu />
      <Button
        aria-label="Copy"
        title="Copy what is selected (Ctrl+C)"
        disabled={selection.size === 0}
        onClick={props.onCopy}
      >
        <Copy size={15} />
      </Button>
      <Button aria-label="Paste" title="Paste here (Ctrl+V)" onClick={props.onPaste}>
        <ClipboardPaste size={15} />
      </Button>
      <Button
        aria-label="Measure"
        title={`Measure: distance, slope, section (${keyWord("ruler")})`}
        aria-pressed={ruler !== null}
        className={ruler ? ON : ""}
        onClick={() => measure(ruler ? null : [])}
      >
        <RulerDimensionLine size={16} />
      </Button>
      <div className="relative flex">
        <Button
          aria-label="Snap"
          title={`Snap to grid, neighbours, angles, ground (${keyWord("snap")})`}
          aria-pressed={snap.on}
          className={`w-full ${snap.on ? ON : ""}`}
          onClick={() => setSnap({ on: !snap.on })}
        >
          <Magnet size={15} />
        </Button>
        <SnapChoice />
      </div>
      <Button
        aria-label="Hand"
        title={`Hand: drag to pan (${keyWord("hand")})`}
        aria-pressed={hand}
        className={hand ? ON : ""}
        onClick={() => setHand(!hand)}
      >
        <Hand size={16} />
      </Button>
      <Button
        aria-label="Zoom in"
        title={`Zoom in (${keyWord("zoomIn")})`}
        onClick={() => handle()?.zoom(1.25)}
      >
        <Plus size={16} />
      </Button>
      <Button
        aria-label="Zoom out"
        title={`Zoom out (${keyWord("zoomOut")})`}
        onClick={() => handle()?.zoom(0.8)}
      >
        <Minus size={16} />
      </Button>
      <Button
        aria-label="Whole sheet"
        title={`Whole sheet (${keyWord("whole")})`}
        onClick={() => handle()?.whole()}
      >
        <Maximize size={15} />
      </Button>
    </div>
  );
}

const SNAPS = [
  { field: "neighbours", word: "In a row with neighbours" },
  { field: "angles", word: "Whole angles, 15°" },
  { field: "ground", word: "Where one can stand" },
] as const;

function SnapChoice() {
  const { snap, setSnap } = useDesk();
  return (
    <Popover.Root>
      <Popover.Trigger
        aria-label="What snaps"
        title="What snaps"
        className="absolute top-0 right-full mr-1 flex h-8 w-6 items-center justify-center border border-line bg-slip hover:bg-paper"
      >
        <Grid2x2 size={13} />
      </Popover.Trigger>
      <Popover.Portal>
        <Popover.Content
          side="left"
          sideOffset={6}
          aria-label="What snaps"
          className="z-50 w-56 border border-line bg-slip p-3 shadow-lg"
        >
          <label className="flex items-center justify-between gap-2 pb-1 text-sm">
            Grid
            <select
              className="min-h-8 border border-line bg-white/70 px-1"
              value={snap.grid}
              onChange={(event) => setSnap({ grid: Number(event.target.value), on: true })}
            >
              {GRIDS.map((grid) => (
                <option key={grid} value={grid}>
                  {grid === 0 ? "none" : metres(grid)}
                </option>
              ))}
            </select>
          </label>
          {SNAPS.map(({ field, word }) => (
            <Tick
              key={field}
              word={word}
              checked={snap[field]}
              onTake={(on) => setSnap({ [field]: on, on: true })}
            />
          ))}
        </Popover.Content>
      </Popover.Portal>
    </Popover.Root>
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
  const { shown, setShown } = useDesk();
  const differs = useMission((state) =>
    Object.values(state.mission.squads).some(({ places }) => places.type === "counted"),
  );
  if (!differs) return null;
  const levels = [{ value: null, word: "Everybody" }, ...LEVELS];
  return (
    <fieldset className="absolute top-9 left-9 flex border border-line bg-slip text-[13px] shadow-sm">
      <legend className="sr-only">Who stands where at a difficulty</legend>
      {levels.map(({ value, word }) => (
        <button
          key={word}
          type="button"
          aria-pressed={shown === value}
          className="min-h-7 border-hairline border-r px-2 last:border-r-0 hover:bg-black/5 aria-pressed:bg-moss-soft aria-pressed:font-semibold"
          onClick={() => setShown(value)}
        >
          {word}
        </button>
      ))}
    </fieldset>
  );
}
