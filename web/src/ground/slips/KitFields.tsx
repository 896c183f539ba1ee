import { X } from "lucide-react";
import { useMission, useOpenMission } from "../../model/context";
import { newId, orderAfter, ordered } from "../../model/mission";
import { put } from "../../script/change";
import { Button, Choice, Field, Group } from "../../ui/controls";

/** What a unit carries: as its kind, or weapons of its own in the order in which it reaches for them. */
export function KitFields({ id }: { id: string }) {
  const open = useOpenMission();
  const mission = useMission((state) => state.mission);
  const unit = mission.units[id];
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
    <Group title="Kit">
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
        <p className="text-[13px] text-quiet">
          {weapons.length === 0
            ? "No weapon."
            : weapons.map(([, { weapon }]) => word(weapon.id)).join(", ")}
        </p>
      )}
      {unit.kit.type === "own" && (
        <>
          <ul>
            {weapons.map(([part, { weapon }]) => (
              <li key={part} className="flex min-h-7 items-center">
                {word(weapon.id)}
                <Button
                  look="quiet"
                  className="ml-auto px-1"
                  aria-label={`Leave the ${word(weapon.id)} behind`}
                  onClick={() =>
                    open.edit(label, (draft) => {
                      const { kit } = draft.units[id];
                      if (kit.type === "own") delete kit.weapons[part];
                    })
                  }
                >
                  <X size={14} />
                </Button>
              </li>
            ))}
          </ul>
          {weapons.length < 8 && (
            <Choice
              label="Add a weapon"
              value=""
              options={[
                { value: "", word: "Add a weapon…" },
                ...Object.entries(mission.weapons).map(([value, { name }]) => ({
                  value,
                  word: name,
                })),
              ]}
              onTake={(weapon) =>
                open.edit(label, (draft) => {
                  const { kit } = draft.units[id];
                  if (weapon === "" || kit.type !== "own") return;
                  const order = orderAfter(kit.weapons);
                  kit.weapons[newId()] = { order, weapon: { family: "weapons", id: weapon } };
                })
              }
            />
          )}
        </>
      )}
    </Group>
  );
}
