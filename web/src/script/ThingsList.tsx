import { useMemo, useState } from "react";
import { useDesk } from "../desk/desk";
import { useMission } from "../document/context";
import { FAMILY_WORDS, key, type Ref } from "../document/mission";
import { thingHandle } from "../sentence/drag";
import { ThingIcon } from "../things/ThingIcon";
import { namedThings } from "../ui/finding";

/** How many are listed at once. */
const MOST = 150;

/** Families that no sentence speaks of. */
const UNSPOKEN: ReadonlySet<Ref["family"]> = new Set<Ref["family"]>([
  "chapters",
  "folders",
  "bundles",
  "copies",
  "todos",
  "notes",
  "placeNames",
  "speakers",
  "purposes",
  "thingKinds",
  "walls",
  "decks",
  "buildings",
  "roads",
  "crossings",
  "weapons",
]);

/** Everything that a sentence can speak of, to be dragged onto its tokens. */
export function ThingsList() {
  const mission = useMission((state) => state.mission);
  const light = useDesk((desk) => desk.light);
  const [filter, setFilter] = useState("");
  const all = useMemo(
    () => namedThings(mission).filter(({ ref }) => !UNSPOKEN.has(ref.family)),
    [mission],
  );
  const words = filter.trim().toLowerCase();
  const found = all.filter(({ ref, word }) =>
    `${word} ${FAMILY_WORDS[ref.family]}`.toLowerCase().includes(words),
  );
  const shown = found.slice(0, MOST);
  return (
    <>
      <div className="px-2 pt-2 pb-1">
        <input
          aria-label="Filter the things"
          placeholder="Filter"
          className="min-h-7 w-full border border-line bg-field px-2 text-small"
          value={filter}
          onChange={(event) => setFilter(event.target.value)}
        />
        <p className="pt-1 text-xs text-quiet leading-tight">Drag one onto a token.</p>
      </div>
      <ul aria-label="Things">
        {shown.map(({ ref, word }, i) => (
          <li key={key(ref)}>
            {shown[i - 1]?.ref.family !== ref.family && (
              <h3 className="px-3 pt-1.5 font-bold font-sans text-xs text-flint">
                {FAMILY_WORDS[ref.family]}
              </h3>
            )}
            <span
              {...thingHandle(ref)}
              className="flex min-h-7 cursor-grab items-center gap-2 px-3 hover:bg-hover"
              onPointerEnter={() => light(key(ref))}
              onPointerLeave={() => light(null)}
            >
              <ThingIcon thing={ref} />
              <span className="truncate">{word}</span>
            </span>
          </li>
        ))}
        {found.length > MOST && (
          <li className="px-3 py-1 text-small text-quiet">
            and {found.length - MOST} more: filter to see them
          </li>
        )}
        {found.length === 0 && (
          <li className="px-3 py-1 text-small text-quiet">Nothing of that name.</li>
        )}
      </ul>
    </>
  );
}
