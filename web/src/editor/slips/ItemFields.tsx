import { X } from "lucide-react";
import { append, drop, put } from "../../document/change";
import { useMission, useOpenMission } from "../../document/context";
import { ordered, type Ref } from "../../document/mission";
import { sure } from "../../document/sure";
import { measured } from "../../document/units";
import { ItemSign, MOST_ITEMS } from "../../families/items";
import { Button, Choice, Group, NumberBox } from "../../ui/controls";

/** The most kinds of item that a pack begins with. */
const KINDS = 8;

function useItemKinds() {
  const kinds = useMission((state) => state.mission.itemKinds);
  return Object.entries(kinds)
    .map(([value, { name }]) => ({ value, word: name }))
    .sort((a, b) => a.word.localeCompare(b.word, "en"));
}

/** What a unit or player carries at the start, and whether that is too much. */
export function PackFields({ thing, name }: { thing: Ref; name: string }) {
  const open = useOpenMission();
  const mission = useMission((state) => state.mission);
  const kinds = useItemKinds();
  const family = thing.family as "units" | "starts";
  const { pack, kind } =
    family === "units" ? sure(mission.units, thing.id) : sure(mission.starts, thing.id);
  const path = [family, thing.id, "pack"];
  const label = `Change the pack of ${name}`;
  const entries = ordered(pack);
  const mass = entries.reduce(
    (sum, [, { item, count }]) => sum + (mission.itemKinds[item.id]?.mass ?? 0) * count,
    0,
  );
  const load = mission.kinds[kind.id]?.load ?? 0;
  const word = (id: string) => mission.itemKinds[id]?.name ?? "an item kind that is gone";
  const carried = entries.map(([, { item, count }]) => `${count} × ${word(item.id)}`).join(", ");
  const free = kinds.filter(({ value }) => entries.every(([, { item }]) => item.id !== value));
  return (
    <Group title="Pack" summary={carried || "empty"}>
      <ul aria-label="Pack">
        {entries.map(([entry, { item, count }]) => (
          <li key={entry} className="flex min-h-8 items-center gap-2">
            <span className="text-flint">
              {mission.itemKinds[item.id] && (
                <ItemSign figure={sure(mission.itemKinds, item.id).figure} />
              )}
            </span>
            <span className="min-w-0 grow truncate">{word(item.id)}</span>
            <span className="w-16 shrink-0">
              <NumberBox
                label={`How many of ${word(item.id)}`}
                least={1}
                most={MOST_ITEMS}
                digits={0}
                value={count}
                onTake={(to) => put(open, label, [...path, entry, "count"], Math.round(to))}
              />
            </span>
            <Button
              look="quiet"
              className="px-1"
              aria-label={`Leave ${word(item.id)} behind`}
              onClick={() => drop(open, label, [...path, entry])}
            >
              <X size="0.875rem" />
            </Button>
          </li>
        ))}
      </ul>
      {entries.length < KINDS && free.length > 0 && (
        <Choice
          label="Put an item in"
          value=""
          options={[{ value: "", word: "Put an item in…" }, ...free]}
          onTake={(id) => {
            if (id !== "") {
              append(open, label, path, { item: { family: "itemKinds", id }, count: 1 });
            }
          }}
        />
      )}
      <p className={`pt-1 text-small ${mass > load ? "text-error" : "text-quiet"}`}>
        {mass > load && "⚑ "}
        {measured(mass, "kg")} of {measured(load, "kg", 0)} that its kind carries
        {mass > load && ": nothing more can be taken up"}
      </p>
    </Group>
  );
}
