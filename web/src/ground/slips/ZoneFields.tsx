import { useMission, useOpenMission } from "../../model/context";
import type { Zone } from "../../model/mission";
import { put } from "../../script/change";
import { Choice, Field, Group, NumberBox } from "../../ui/controls";

const HATCHES: { value: Zone["hatch"]; word: string }[] = [
  { value: "rising", word: "Rising lines" },
  { value: "falling", word: "Falling lines" },
  { value: "crossed", word: "Crossed lines" },
  { value: "dotted", word: "Dotted lines" },
];

/** How a zone is told from others. */
export function ZoneFields({ id }: { id: string }) {
  const open = useOpenMission();
  const zone = useMission((state) => state.mission.zones[id]);
  return (
    <Group title="Look">
      <Field label="Hatch">
        {(field) => (
          <Choice
            id={field}
            value={zone.hatch}
            options={HATCHES}
            onTake={(hatch) => put(open, `Hatch ${zone.name}`, ["zones", id, "hatch"], hatch)}
          />
        )}
      </Field>
      <Field label="Hue">
        {(field) => (
          <span className="flex items-center gap-2">
            <NumberBox
              id={field}
              unit="°"
              least={0}
              most={359}
              digits={0}
              value={zone.hue}
              onTake={(hue) =>
                put(open, `Colour ${zone.name}`, ["zones", id, "hue"], Math.round(hue))
              }
            />
            <span
              aria-hidden="true"
              className="h-8 w-8 shrink-0 border border-line"
              style={{ background: `hsl(${zone.hue} 55% 45%)` }}
            />
          </span>
        )}
      </Field>
    </Group>
  );
}
