import { X } from "lucide-react";
import { append, drop, type Path, part } from "../../document/change";
import { useMission, useOpenMission } from "../../document/context";
import { type DealingHad, type Mission, nameOf, ordered, type Ref } from "../../document/mission";
import { sure } from "../../document/sure";
import { Button, Choice, Group } from "../../ui/controls";

/** The most dealings of a kind, and of a unit besides. */
const MOST = 8;

type Had = Record<string, DealingHad>;

/** What can be done with a unit: as with its kind, and what with this one alone. */
export function DealingFields({ id }: { id: string }) {
  const mission = useMission((state) => state.mission);
  const unit = sure(mission.units, id);
  const kinds = mission.kinds[unit.kind.id]?.dealings ?? {};
  const own = words(mission, unit.dealings);
  const shared = words(mission, kinds);
  return (
    <Group title="What can be done with them" summary={[...shared, ...own].join(", ") || "nothing"}>
      <p className="text-quiet text-small">
        {shared.length === 0
          ? "Nothing with those of the kind."
          : `As with all of the kind: ${shared.join(", ")}.`}
      </p>
      <DealingsList
        path={["units", id, "dealings"]}
        label={`Change what can be done with ${unit.name}`}
      />
    </Group>
  );
}

function words(mission: Mission, had: Had): string[] {
  return ordered(had).map(([, { dealing }]) => nameOf(mission, dealing));
}

/** Dealings in the order in which they are offered: take one away, or add another. */
export function DealingsList({ path, label }: { path: Path; label: string }) {
  const open = useOpenMission();
  const mission = useMission((state) => state.mission);
  const had = ordered(part<Had>(mission, path));
  const taken = new Set(had.map(([, { dealing }]) => dealing.id));
  const word = (dealing: Ref) => nameOf(mission, dealing);
  const others = Object.entries(mission.dealings).filter(([id]) => !taken.has(id));
  return (
    <>
      <ul>
        {had.map(([entry, { dealing }]) => (
          <li key={entry} className="flex min-h-7 items-center">
            {word(dealing)}
            <Button
              look="quiet"
              className="ml-auto px-1"
              aria-label={`Take ${word(dealing)} away`}
              onClick={() => drop(open, label, [...path, entry])}
            >
              <X size="0.875rem" />
            </Button>
          </li>
        ))}
      </ul>
      {had.length < MOST && others.length > 0 && (
        <Choice
          label="Add what can be done"
          value=""
          options={[
            { value: "", word: "Add…" },
            ...others.map(([value, { name }]) => ({ value, word: name })),
          ]}
          onTake={(id) => {
            if (id !== "") append(open, label, path, { dealing: { family: "dealings", id } });
          }}
        />
      )}
      {Object.keys(mission.dealings).length === 0 && (
        <p className="text-quiet text-small">Make a dealing in the Catalogue first.</p>
      )}
    </>
  );
}
