import { Dices } from "lucide-react";
import { useEffect, useState } from "react";
import { toast } from "sonner";
import { useDesk } from "../../desk/desk";
import { useMission, useOpenMission } from "../../document/context";
import type { Ground } from "../../document/raster";
import { metres } from "../../document/units";
import { Button, Choice, Field, NumberBox, Tick } from "../../ui/controls";
import { Modal } from "../../ui/Modal";
import { Tip } from "../../ui/Tip";
import { type Land, layMade, sketched, type Wish, whyNot } from "./lay";
import { Preview } from "./Preview";

const LANDS: { value: Land; word: string }[] = [
  { value: "coast", word: "Coast: sea, beach, cliff and stacks" },
  { value: "hills", word: "Hills: dry, rounded country" },
  { value: "marsh", word: "Marsh: flats, channels, mounds" },
  { value: "rock", word: "Rock: steep ridges in the sea" },
  { value: "flat", word: "Flat: hardly a rise" },
];

/** How long one has to pause before a ground is sketched anew, milliseconds. */
const PAUSE = 250;

/** What a new ground begins with. */
interface Wanted extends Omit<Wish, "columns" | "rows"> {
  width: number;
  height: number;
}

function wishOf({ width, height, ...rest }: Wanted): Wish {
  return {
    ...rest,
    columns: Math.round(width / rest.cell),
    rows: Math.round(height / rest.cell),
  };
}

function roll(): number {
  return Math.floor(Math.random() * 1_000_000);
}

/** Makes a ground from a few plain settings, and shows it before it is laid. */
export function NewGroundDialog({ onClose }: { onClose: () => void }) {
  const open = useOpenMission();
  const terrain = useMission((state) => state.mission.setting.terrain);
  const map = useDesk((desk) => desk.map);
  const [wanted, setWanted] = useState<Wanted>(() => ({
    land: "coast",
    width: terrain.columns * terrain.cell,
    height: terrain.rows * terrain.cell,
    cell: terrain.cell,
    seed: roll(),
    relief: 1,
    sea: 0,
    growth: 1,
    roads: true,
    settlements: 3,
  }));
  const [sketch, setSketch] = useState<Ground>();
  const [wrong, setWrong] = useState("");
  const [making, setMaking] = useState(false);
  const wish = wishOf(wanted);
  const cannot = whyNot(wish);
  useEffect(() => {
    if (whyNot(wishOf(wanted))) return;
    let gone = false;
    const timer = setTimeout(() => {
      sketched(open, wishOf(wanted)).then(
        (ground) => {
          if (gone) return;
          setSketch(ground);
          setWrong("");
        },
        (refused: Error) => !gone && setWrong(refused.message),
      );
    }, PAUSE);
    return () => {
      gone = true;
      clearTimeout(timer);
    };
  }, [open, wanted]);
  const set = (change: Partial<Wanted>) => setWanted({ ...wanted, ...change });
  const lay = async () => {
    setMaking(true);
    try {
      const moved = await layMade(open, wish);
      if (moved > 0) toast(`${moved} points lay beyond the new edge and were moved onto it.`);
      onClose();
      requestAnimationFrame(() => map?.whole());
    } catch (refused) {
      setWrong((refused as Error).message);
      setMaking(false);
    }
  };
  const number = (
    label: string,
    unit: string,
    [least, most]: [number, number],
    field: "width" | "height" | "cell" | "relief" | "sea" | "growth" | "settlements",
    digits = 2,
  ) => (
    <Field label={label}>
      {(id) => (
        <NumberBox
          id={id}
          unit={unit}
          least={least}
          most={most}
          digits={digits}
          value={wanted[field]}
          onTake={(to) => set({ [field]: to })}
        />
      )}
    </Field>
  );
  return (
    <Modal
      title="New ground"
      says="The heights of this mission are made anew. What stands on it stays where it is, and one Undo brings the old ground back."
      width="w-[53.75rem]"
      onClose={onClose}
    >
      <div className="grid min-h-0 grid-cols-[21.25rem_1fr] gap-6 overflow-auto">
        <div>
          <Field label="Land">
            {(id) => (
              <Choice
                id={id}
                value={wanted.land}
                options={LANDS}
                onTake={(land) => set({ land })}
              />
            )}
          </Field>
          {number("West to east", "m", [16, 131072], "width", 0)}
          {number("South to north", "m", [16, 131072], "height", 0)}
          {number("Cell", "m", [0.25, 64], "cell")}
          {number("Relief", "", [0.1, 3], "relief")}
          {number("Sea level", "m", [-50, 50], "sea")}
          {number("Growth", "", [0, 3], "growth")}
          {number("Settlements", "", [0, 12], "settlements", 0)}
          <div className="py-1">
            <Tick
              word="Roads between them and off the sheet"
              checked={wanted.roads}
              onTake={(roads) => set({ roads })}
            />
          </div>
          <Field label="Seed">
            {(id) => (
              <span className="flex gap-1.5">
                <span className="grow">
                  <NumberBox
                    id={id}
                    least={0}
                    most={999_999}
                    digits={0}
                    value={wanted.seed}
                    onTake={(seed) => set({ seed })}
                  />
                </span>
                <Tip says="Another ground of the same sort">
                  <Button aria-label="Another seed" onClick={() => set({ seed: roll() })}>
                    <Dices size="1rem" />
                  </Button>
                </Tip>
              </span>
            )}
          </Field>
          <p className="pt-2 text-small text-quiet">
            {wish.columns} × {wish.rows} cells of {metres(wish.cell)}
          </p>
          {(cannot || wrong) && (
            <p role="alert" className="pt-2 text-sm text-error">
              ⚑ {cannot ?? wrong}
            </p>
          )}
        </div>
        <div className="flex min-h-[26.875rem] items-start justify-center">
          {sketch ? (
            <Preview ground={sketch} water={wanted.sea} />
          ) : (
            <p className="p-8 text-quiet">Sketching…</p>
          )}
        </div>
      </div>
      <div className="flex items-center justify-end gap-2 pt-3">
        <Button onClick={onClose}>Cancel</Button>
        <Button look="go" disabled={making || cannot !== undefined} onClick={() => void lay()}>
          {making ? "Making the ground…" : "Lay this ground"}
        </Button>
      </div>
    </Modal>
  );
}
