import { X } from "lucide-react";
import { useMission, useOpenMission } from "../../model/context";
import { ordered, type Route } from "../../model/mission";
import { Chosen } from "../../script/Chosen";
import { put } from "../../script/change";
import { usePhrases } from "../../script/phrases";
import { Button, Choice, Field, Group } from "../../ui/controls";
import { removeVertex } from "../deeds";

const WAYS: { value: Route["way"]; word: string }[] = [
  { value: "once", word: "Once, stays at the end" },
  { value: "loop", word: "Round and round" },
  { value: "thereAndBack", word: "There and back" },
];

/** What happens at the end of a route and at each of its waypoints. */
export function RouteFields({ id }: { id: string }) {
  const open = useOpenMission();
  const route = useMission((state) => state.mission.routes[id]);
  const phrases = usePhrases();
  if (!phrases) return null;
  const waypoints = ordered(route.waypoints);
  return (
    <>
      <Group title="The way">
        <Field label="Goes">
          {(field) => (
            <Choice
              id={field}
              value={route.way}
              options={WAYS}
              onTake={(way) =>
                put(open, `Change the way of ${route.name}`, ["routes", id, "way"], way)
              }
            />
          )}
        </Field>
      </Group>
      <Group title="Waypoints">
        <ol>
          {waypoints.map(([point], i) => {
            const path = ["routes", id, "waypoints", point];
            const label = `Change waypoint ${i + 1} of ${route.name}`;
            return (
              <li key={point} className="flex items-start gap-1.5 border-hairline border-t py-1">
                <span className="w-5 pt-1 text-right font-semibold">{i + 1}</span>
                <span className="flex grow flex-wrap items-center gap-x-1 text-[14px]">
                  <Chosen entries={phrases.speeds} path={[...path, "speed"]} label={label} />
                  <Chosen entries={phrases.waits} path={[...path, "waits"]} label={label} />
                </span>
                {waypoints.length > 1 && (
                  <Button
                    look="quiet"
                    aria-label={`Take out waypoint ${i + 1}`}
                    onClick={() => removeVertex(open, { family: "routes", id }, point)}
                  >
                    <X size={14} />
                  </Button>
                )}
              </li>
            );
          })}
        </ol>
        <p className="pt-1 text-[13px] text-quiet">
          Drag a waypoint to move it, or a + on the line to add one.
        </p>
      </Group>
    </>
  );
}
