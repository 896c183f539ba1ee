import { X } from "lucide-react";
import { joinBand, makeBand } from "../../deeds/bands";
import { useDesk, useDeskPart } from "../../desk/desk";
import { useMission, useOpenMission } from "../../document/context";
import { bandOf, squadsOf } from "../../document/membership";
import { sure } from "../../document/sure";
import { ThingIcon } from "../../things/ThingIcon";
import { Button, Choice, Field, Group } from "../../ui/controls";

const NONE = "none";
const FRESH = "fresh";

/** The band that a squad belongs to. */
export function BandOf({ squad }: { squad: string }) {
  const open = useOpenMission();
  const mission = useMission((state) => state.mission);
  const select = useDesk((desk) => desk.select);
  const band = bandOf(mission, squad);
  const take = (to: string) => {
    if (to === FRESH) select([makeBand(open, [{ family: "squads", id: squad }])]);
    else joinBand(open, squad, to === NONE ? null : to);
  };
  return (
    <Group title="Band">
      <Field label="Belongs to">
        {(field) => (
          <Choice
            id={field}
            value={band ?? NONE}
            options={[
              { value: NONE, word: "No band" },
              ...Object.entries(mission.bands).map(([value, { name }]) => ({ value, word: name })),
              { value: FRESH, word: "A new band" },
            ]}
            onTake={take}
          />
        )}
      </Field>
      {band && (
        <Button className="mt-1" onClick={() => select([`bands/${band}`])}>
          Show {sure(mission.bands, band).name}
        </Button>
      )}
    </Group>
  );
}

/** The squads of a band. */
export function BandFields({ id }: { id: string }) {
  const open = useOpenMission();
  const mission = useMission((state) => state.mission);
  const { select, point } = useDeskPart("select", "point");
  const { name } = sure(mission.bands, id);
  const add = () =>
    point({
      asks: `Point at a squad that joins ${name}.`,
      families: ["squads"],
      points: false,
      take: (pointed) => "ref" in pointed && joinBand(open, pointed.ref.id, id),
    });
  return (
    <Group title="Its squads">
      <ul className="py-1">
        {squadsOf(mission, id).map((squad) => (
          <li key={squad} className="flex min-h-7 items-center gap-2">
            <ThingIcon thing={{ family: "squads", id: squad }} />
            <button
              type="button"
              className="min-w-0 truncate text-left hover:underline"
              onClick={() => select([`squads/${squad}`])}
            >
              {sure(mission.squads, squad).name}
            </button>
            <Button
              look="quiet"
              className="ml-auto px-1"
              aria-label={`${sure(mission.squads, squad).name} leaves the band`}
              onClick={() => joinBand(open, squad, null)}
            >
              <X size="0.875rem" />
            </Button>
          </li>
        ))}
      </ul>
      <Button onClick={add}>Add a squad</Button>
      <p className="pt-2 text-small text-quiet">
        What one of them sees, all know at once. When a squad falls back below some strength, it is
        the strength of the band that counts.
      </p>
    </Group>
  );
}
