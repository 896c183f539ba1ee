import { X } from "lucide-react";
import { append, drop, type Path, part, put } from "../../document/change";
import { useMission, useOpenMission } from "../../document/context";
import { type KindCarried, ordered } from "../../document/mission";
import { sure } from "../../document/sure";
import { Button, Choice, Field, Group } from "../../ui/controls";

/** What a unit carries: as its kind, or weapons of its own in the order in which it reaches for them. */
export function KitFields({ id }: { id: string }) {
  const open = useOpenMission();
  const mission = useMission((state) => state.mission);
  const unit = sure(mission.units, id);
  const carried = unit.kit.type === "own" ? unit.kit.weapons : mission.kinds[unit.kind.id]?.weapons;
  const weapons = ordered(carried ?? {});
  const label = `Change the kit of ${unit.name}`;
  const word = (weapon: string) => mission.weapons[weapon]?.name ?? "a weapon that is gone";
  const chooseKit = (of: string) => {
    const own = structuredClone(carried ?? {});
    put(
      open,
      label,
      ["units", id, "kit"],
      of === "own" ? { type: "own", weapons: own } : { type: "kind" },
    );
  };
  return (
    <Group
      title="Kit"
      summary={weapons.map(([, { weapon }]) => word(weapon.id)).join(", ") || "no weapon"}
    >
      <Field label="Carries">
        {(field) => (
          <Choice
            id={field}
            value={unit.kit.type}
            options={[
              { value: "kind", word: "What its kind does" },
              { value: "own", word: "A kit of its own" },
            ]}
            onTake={chooseKit}
          />
        )}
      </Field>
      {unit.kit.type === "kind" && (
        <p className="text-small text-quiet">
          {weapons.length === 0
            ? "No weapon."
            : weapons.map(([, { weapon }]) => word(weapon.id)).join(", ")}
        </p>
      )}
      {unit.kit.type === "own" && (
        <CarriedList path={["units", id, "kit", "weapons"]} label={label} />
      )}
    </Group>
  );
}

/** The most weapons that one carries. */
const MOST = 8;

/** Weapons in the order in which one reaches for them: leave one behind, or take another. */
export function CarriedList({ path, label }: { path: Path; label: string }) {
  const open = useOpenMission();
  const mission = useMission((state) => state.mission);
  const weapons = ordered(part<Record<string, KindCarried>>(mission, path));
  const word = (weapon: string) => mission.weapons[weapon]?.name ?? "a weapon that is gone";
  return (
    <>
      <ul>
        {weapons.map(([entry, { weapon }]) => (
          <li key={entry} className="flex min-h-7 items-center">
            {word(weapon.id)}
            <Button
              look="quiet"
              className="ml-auto px-1"
              aria-label={`Leave the ${word(weapon.id)} behind`}
              onClick={() => drop(open, label, [...path, entry])}
            >
              <X size="0.875rem" />
            </Button>
          </li>
        ))}
      </ul>
      {weapons.length < MOST && (
        <Choice
          label="Add a weapon"
          value=""
          options={[
            { value: "", word: "Add a weapon…" },
            ...Object.entries(mission.weapons).map(([value, { name }]) => ({ value, word: name })),
          ]}
          onTake={(weapon) => {
            if (weapon !== "") {
              append(open, label, path, { weapon: { family: "weapons", id: weapon } });
            }
          }}
        />
      )}
    </>
  );
}
