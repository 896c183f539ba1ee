import { X } from "lucide-react";
import { useMission, useOpenMission } from "../../model/context";
import { useDesk } from "../../model/desk";
import { membersOf } from "../../model/geometry";
import { key, nameOf } from "../../model/mission";
import { Button, Choice, Field, Group } from "../../ui/controls";
import { ThingIcon } from "../../ui/ThingIcon";
import { join } from "../deeds";

/** Who leads a squad and who belongs to it. */
export function SquadFields({ id }: { id: string }) {
  const open = useOpenMission();
  const mission = useMission((state) => state.mission);
  const { select, point } = useDesk();
  const squad = mission.squads[id];
  const members = membersOf(mission, id);
  const leads = members.some((member) => member.id === squad.leader.id);
  const names = members.map((member) => ({ value: member.id, word: nameOf(mission, member) }));
  const add = () =>
    point({
      asks: `Point at a unit that joins ${squad.name}.`,
      families: ["units"],
      points: false,
      take: (pointed) => "ref" in pointed && join(open, [pointed.ref], id),
    });
  return (
    <Group title="Members">
      {members.length > 0 && (
        <Field label="Leader">
          {(field) => (
            <Choice
              id={field}
              value={leads ? squad.leader.id : ""}
              options={leads ? names : [{ value: "", word: "The first of them" }, ...names]}
              onTake={(leader) =>
                open.edit(`Change the leader of ${squad.name}`, (draft) => {
                  draft.squads[id].leader = { family: "units", id: leader };
                })
              }
            />
          )}
        </Field>
      )}
      <ul className="py-1">
        {members.map((member) => (
          <li key={member.id} className="flex min-h-7 items-center gap-2">
            <ThingIcon thing={member} />
            <button
              type="button"
              className="truncate text-left hover:underline"
              onClick={() => select([key(member)])}
            >
              {nameOf(mission, member)}
            </button>
            <Button
              look="quiet"
              className="ml-auto"
              aria-label={`${nameOf(mission, member)} leaves the squad`}
              onClick={() => join(open, [member], null)}
            >
              <X size={14} />
            </Button>
          </li>
        ))}
      </ul>
      <Button onClick={add}>Add a member</Button>
    </Group>
  );
}
