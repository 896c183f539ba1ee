import { X } from "lucide-react";
import { arrange, join } from "../../deeds/deeds";
import { useDeskPart } from "../../desk/desk";
import { put } from "../../document/change";
import { useMission, useOpenMission } from "../../document/context";
import { membersOf } from "../../document/membership";
import { key, nameOf, type Ref, type Squad } from "../../document/mission";
import { sure } from "../../document/sure";
import { Metres } from "../../families/fields";
import { CountField } from "../../sentence/CountField";
import { ThingIcon } from "../../things/ThingIcon";
import { Button, Choice, Field, Group } from "../../ui/controls";
import { Tip } from "../../ui/Tip";
import { BandOf } from "./BandFields";

const FORMATIONS: { value: Squad["formation"]; word: string }[] = [
  { value: "pairs", word: "By twos" },
  { value: "file", word: "One behind another" },
  { value: "line", word: "Side by side" },
  { value: "wedge", word: "As a wedge" },
  { value: "ring", word: "All round" },
];

/** Who leads a squad, how it keeps together, who belongs to it, and how many of them there are. */
export function SquadFields({ id }: { id: string }) {
  return (
    <>
      <Order id={id} />
      <Members id={id} />
      <Filled id={id} />
      <BandOf squad={id} />
    </>
  );
}

function Order({ id }: { id: string }) {
  const open = useOpenMission();
  const mission = useMission((state) => state.mission);
  const squad = sure(mission.squads, id);
  const members = membersOf(mission, id);
  const leads = members.some((member) => member.id === squad.leader.id);
  const names = members.map((member) => ({ value: member.id, word: nameOf(mission, member) }));
  return (
    <Group title="Order of march">
      {members.length > 0 && (
        <Field label="Leader">
          {(field) => (
            <Choice
              id={field}
              value={leads ? squad.leader.id : ""}
              options={leads ? names : [{ value: "", word: "The first of them" }, ...names]}
              onTake={(leader) =>
                open.edit(`Change the leader of ${squad.name}`, (draft) => {
                  sure(draft.squads, id).leader = { family: "units", id: leader };
                })
              }
            />
          )}
        </Field>
      )}
      <Field label="Formation">
        {(field) => (
          <Choice
            id={field}
            value={squad.formation}
            options={FORMATIONS}
            onTake={(to) =>
              put(open, `Change the formation of ${squad.name}`, ["squads", id, "formation"], to)
            }
          />
        )}
      </Field>
      <Metres
        label="Apart"
        path={["squads", id, "spacing"]}
        value={squad.spacing}
        least={0.5}
        most={50}
      />
      {members.length > 1 && (
        <Button className="mt-1" onClick={() => arrange(open, id)}>
          Stand in formation
        </Button>
      )}
    </Group>
  );
}

function Members({ id }: { id: string }) {
  const open = useOpenMission();
  const mission = useMission((state) => state.mission);
  const { select, point } = useDeskPart("select", "point");
  const squad = sure(mission.squads, id);
  const counted = squad.places.type === "counted";
  const add = () =>
    point({
      asks: `Point at a unit that joins ${squad.name}.`,
      families: ["units"],
      points: false,
      take: (pointed) => "ref" in pointed && join(open, [pointed.ref], id),
    });
  return (
    <Group title="Members' places">
      <ul className="py-1">
        {membersOf(mission, id).map((member) => (
          <li key={member.id} className="flex min-h-7 items-center gap-2">
            <ThingIcon thing={member} />
            <button
              type="button"
              className="min-w-0 truncate text-left hover:underline"
              onClick={() => select([key(member)])}
            >
              {nameOf(mission, member)}
            </button>
            {counted && <Fills member={member} leads={member.id === squad.leader.id} />}
            <Button
              look="quiet"
              className={`px-1 ${counted ? "" : "ml-auto"}`}
              aria-label={`${nameOf(mission, member)} leaves the squad`}
              onClick={() => join(open, [member], null)}
            >
              <X size="0.875rem" />
            </Button>
          </li>
        ))}
      </ul>
      <Button onClick={add}>Add a member</Button>
    </Group>
  );
}

/** Whether a place is always filled or by chance. */
function Fills({ member, leads }: { member: Ref; leads: boolean }) {
  const open = useOpenMission();
  const unit = useMission((state) => sure(state.mission.units, member.id));
  const always = leads || (unit.belongs.type === "squad" && unit.belongs.fills === "always");
  return (
    <Tip says={leads ? "The leader is always there" : "Always there, or by chance"}>
      <button
        type="button"
        disabled={leads}
        aria-pressed={always}
        className="ml-auto min-h-6 shrink-0 border border-line px-1.5 text-xs enabled:hover:bg-hover aria-pressed:bg-moss-soft disabled:opacity-60"
        onClick={() =>
          open.edit(`${unit.name} ${always ? "by chance" : "always there"}`, (draft) => {
            const { belongs } = sure(draft.units, member.id);
            if (belongs.type === "squad") belongs.fills = always ? "chance" : "always";
          })
        }
      >
        {always ? "always" : "by chance"}
      </button>
    </Tip>
  );
}

function Filled({ id }: { id: string }) {
  const open = useOpenMission();
  const mission = useMission((state) => state.mission);
  const squad = sure(mission.squads, id);
  const many = membersOf(mission, id).length;
  const at = ["squads", id, "places"];
  const fresh = {
    type: "counted",
    count: { count: many, pins: { calm: -1, breezy: -1, rough: -1, storm: -1 }, perPlayer: 0 },
  };
  return (
    <Group title="How many are there">
      <Field label="Filled">
        {(field) => (
          <Choice
            id={field}
            value={squad.places.type}
            options={[
              { value: "every", word: `Every place, ${many}` },
              { value: "counted", word: "By difficulty" },
            ]}
            onTake={(to) =>
              put(
                open,
                `Change how many of ${squad.name} there are`,
                at,
                to === "every" ? { type: "every" } : fresh,
              )
            }
          />
        )}
      </Field>
      {squad.places.type === "counted" && (
        <>
          <CountField
            label={`How many of ${squad.name}`}
            value={squad.places.count}
            onTake={(count) =>
              put(open, `Change how many of ${squad.name} there are`, [...at, "count"], count)
            }
          />
          <p className="pt-1 text-small text-quiet">
            Never more than the {many} places. Those marked “by chance” are drawn anew in each play.
          </p>
        </>
      )}
    </Group>
  );
}
