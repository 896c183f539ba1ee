import { Plus, X } from "lucide-react";
import { put } from "../document/change";
import { useMission, useOpenMission } from "../document/context";
import { inOrder } from "../document/corners";
import { newId, orderAfter, ordered, type WallLets } from "../document/mission";
import { lengthOf } from "../document/shapes";
import { sure } from "../document/sure";
import { Button, Tick } from "../ui/controls";
import { Metres } from "./fields";

const LETS: { field: keyof WallLets; word: string }[] = [
  { field: "sight", word: "Sight" },
  { field: "shots", word: "Shots" },
  { field: "sound", word: "Sound" },
];

/** The slits of a wall: where, how large, and what comes through. */
export function SlitFields({ id }: { id: string }) {
  const open = useOpenMission();
  const wall = useMission((state) => sure(state.mission.walls, id));
  const path = inOrder(wall.corners).map(({ at }) => at);
  const length = lengthOf(path, false);
  const add = () =>
    open.edit(`A slit in ${wall.name}`, (draft) => {
      const { slits, height } = sure(draft.walls, id);
      const sill = Math.min(1.1, height / 2);
      slits[newId()] = {
        order: orderAfter(slits),
        along: Math.round(length * 50) / 100,
        width: Math.min(0.6, Math.max(0.05, length)),
        sill,
        top: Math.min(height, sill + 0.6),
        lets: { sight: true, shots: true, sound: false },
      };
    });
  return (
    <div className="pt-1">
      {ordered(wall.slits).map(([slit, { along, width, sill, top, lets }], i) => {
        const at = ["walls", id, "slits", slit];
        return (
          <fieldset key={slit} className="mt-1 border border-hairline px-2 pb-1">
            <legend className="flex items-center gap-1 px-1 text-small font-semibold text-flint">
              Slit {i + 1}
              <Button
                look="quiet"
                className="min-h-6! px-1"
                aria-label={`Close slit ${i + 1}`}
                onClick={() =>
                  open.edit(`Close a slit of ${wall.name}`, (draft) => {
                    delete sure(draft.walls, id).slits[slit];
                  })
                }
              >
                <X size="0.8125rem" />
              </Button>
            </legend>
            <Metres label="Along" path={[...at, "along"]} value={along} least={0} most={100000} />
            <Metres label="Wide" path={[...at, "width"]} value={width} least={0.05} most={100} />
            <Metres label="Sill" path={[...at, "sill"]} value={sill} least={0} most={100} />
            <Metres label="Top" path={[...at, "top"]} value={top} least={0.05} most={100} />
            <div className="flex items-center gap-3 py-1">
              <span className="text-small text-flint-2">Lets</span>
              {LETS.map(({ field, word }) => (
                <Tick
                  key={field}
                  word={word}
                  checked={lets[field]}
                  onTake={(on) =>
                    put(
                      open,
                      `Change what a slit of ${wall.name} lets through`,
                      [...at, "lets", field],
                      on,
                    )
                  }
                />
              ))}
            </div>
            {(along > length || sill >= top) && (
              <p role="alert" className="text-xs text-error">
                ⚑{" "}
                {along > length
                  ? "It lies beyond the end of the wall."
                  : "Its sill is above its top."}
              </p>
            )}
          </fieldset>
        );
      })}
      <Button className="mt-2" onClick={add}>
        <Plus size="0.875rem" /> A slit
      </Button>
    </div>
  );
}
