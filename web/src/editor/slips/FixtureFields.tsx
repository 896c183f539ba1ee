import { useMission, useOpenMission } from "../../document/context";
import { ordered } from "../../document/mission";
import { sure } from "../../document/sure";
import { kindOf } from "../../families/kinds";
import { Button, Group } from "../../ui/controls";
import { UsesFields } from "./UsesFields";

/** What can be done with a fixture: what its kind says, and what it says itself. */
export function FixtureFields({ id }: { id: string }) {
  const open = useOpenMission();
  const mission = useMission((state) => state.mission);
  const fixture = sure(mission.fixtures, id);
  const kind = kindOf(mission, fixture);
  const inherited = ordered(kind?.uses ?? {}).filter(([use]) => !fixture.uses[use]);
  return (
    <Group title="Uses">
      {inherited.map(([use, its]) => (
        <div
          key={use}
          className="flex min-h-8 items-center gap-2 border-hairline border-b py-1 text-sm"
        >
          <span>{its.verb}</span>
          <span className="grow text-quiet text-small">as its kind says</span>
          <Button
            look="quiet"
            aria-label={`Change ${its.verb} for this one`}
            onClick={() =>
              open.edit(`Change a use of ${fixture.name} alone`, (draft) => {
                sure(draft.fixtures, id).uses[use] = structuredClone(its);
              })
            }
          >
            Change here
          </Button>
        </div>
      ))}
      <UsesFields path={["fixtures", id, "uses"]} of={fixture.name} />
    </Group>
  );
}
