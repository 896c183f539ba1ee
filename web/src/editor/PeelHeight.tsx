import { Layers2 } from "lucide-react";
import { useDeskPart } from "../desk/desk";
import { useMission } from "../document/context";
import { heightsOfSurfaces } from "../document/surfaces";
import { metres } from "../document/units";
import { Tip } from "../ui/Tip";

/** How much of a metre the slider moves by. */
const STEP = 0.25;

/** Peels roofs, floors and decks off the map from the top down, with all that stands on them. */
export function PeelHeight() {
  const mission = useMission((state) => state.mission);
  const { peel, setPeel } = useDeskPart("peel", "setPeel");
  const tops = heightsOfSurfaces(mission);
  if (!tops) return null;
  const [least, most] = [Math.floor(tops.least) - 1, Math.ceil(tops.most)];
  const at = peel === null ? most : Math.max(least, Math.min(most, peel));
  const says =
    at >= most ? "all floors and decks" : at <= least ? "the ground alone" : `up to ${metres(at)}`;
  return (
    <Tip says="Peels roofs, floors and decks off from the top down">
      <label className="flex items-center gap-1.5">
        <Layers2 size="0.875rem" aria-hidden="true" />
        {peel !== null && <span>{says}</span>}
        <input
          type="range"
          aria-label="Height up to which floors and decks are shown"
          aria-valuetext={says}
          className="w-20 accent-moss"
          min={least}
          max={most}
          step={STEP}
          value={at}
          onChange={(event) => {
            const to = Number(event.target.value);
            setPeel(to >= most ? null : to);
          }}
        />
      </label>
    </Tip>
  );
}
