import { GitBranch, X } from "lucide-react";
import { type ReactNode, useMemo } from "react";
import { removeVertex } from "../../deeds/deeds";
import { put } from "../../document/change";
import { useMission, useOpenMission } from "../../document/context";
import { find, newId, orderAfter, ordered, type Route } from "../../document/mission";
import { usePhrases } from "../../document/phrases";
import { onGround } from "../../document/shapes";
import { sure } from "../../document/sure";
import { OpenTo } from "../../families/fields";
import { WAYPOINT } from "../../families/routes";
import { Chosen } from "../../sentence/Chosen";
import { Button, Choice, Field, Group } from "../../ui/controls";
import { Tip } from "../../ui/Tip";
import { type Leg, minutes, wishOf } from "../course/course";
import { useCourse } from "../course/useCourse";

const WAYS: { value: Route["way"]; word: string }[] = [
  { value: "once", word: "Once, stays at the end" },
  { value: "loop", word: "Round and round" },
  { value: "thereAndBack", word: "There and back" },
];

/** What happens at the end of a route, who may go along it, and what is done at each waypoint. */
export function RouteFields({ id }: { id: string }) {
  const open = useOpenMission();
  const route = useMission((state) => sure(state.mission.routes, id));
  const waypoints = ordered(route.waypoints);
  const mission = useMission((state) => state.mission);
  const course = useCourse(useMemo(() => wishOf(mission, { family: "routes", id }), [mission, id]));
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
        <OpenTo path={["routes", id, "open"]} value={route.open} of={route.name} />
      </Group>
      <Group title="Waypoints">
        <ol>
          {waypoints.map(([point], i) => (
            <Waypoint key={point} route={id} point={point} number={i + 1}>
              {course?.wish.legs.map(
                ([from, to], leg) =>
                  to === i && (
                    <LegWords key={`${from}-${to}`} from={from + 1} leg={sure(course.legs, leg)} />
                  ),
              )}
            </Waypoint>
          ))}
        </ol>
        {course && (
          <p className="pt-1 text-small text-flint">
            Reckoned for {find(mission, course.of)?.name}.
            {course.legs.every(({ reached }) => reached) &&
              ` All legs together take ${minutes(course.legs.reduce((sum, it) => sum + it.seconds, 0))}.`}
          </p>
        )}
        <p className="pt-1 text-small text-quiet">
          Drag a waypoint to move it, or a + on the line to add one.
        </p>
      </Group>
    </>
  );
}

/** How long a leg takes, or why it cannot be gone. */
function LegWords({ from, leg }: { from: number; leg: Leg }) {
  return leg.reached ? (
    <p className="text-small text-moss tabular-nums">
      {minutes(leg.seconds)} from {from}
    </p>
  ) : (
    <p className="text-small text-rust" role="status">
      From {from}: {leg.says}
    </p>
  );
}

function Waypoint({
  route: id,
  point,
  number,
  children,
}: {
  route: string;
  point: string;
  number: number;
  children: ReactNode;
}) {
  const open = useOpenMission();
  const route = useMission((state) => sure(state.mission.routes, id));
  const phrases = usePhrases();
  if (!phrases) return null;
  const at = ["routes", id, "waypoints", point];
  const label = `Change waypoint ${number} of ${route.name}`;
  const waypoints = ordered(route.waypoints);
  const follows = waypoints.findIndex(([it]) => it === sure(route.waypoints, point).follows);
  const last = waypoints[number]?.[1].follows !== "" || number === waypoints.length;
  return (
    <li className="border-hairline border-t py-1">
      <div className="flex items-center gap-1">
        <span className="font-semibold">{number}</span>
        <span className="text-small text-flint">
          {follows >= 0 && `branches off ${follows + 1}`}
        </span>
        <Tip says="Branch off here">
          <Button
            look="quiet"
            className="ml-auto min-h-6! px-1"
            aria-label={`Branch off waypoint ${number}`}
            onClick={() => branch(open, id, point)}
          >
            <GitBranch size="0.875rem" />
          </Button>
        </Tip>
        {waypoints.length > 1 && (
          <Tip says="Take it out">
            <Button
              look="quiet"
              className="min-h-6! px-1"
              aria-label={`Take out waypoint ${number}`}
              onClick={() => removeVertex(open, { family: "routes", id }, point)}
            >
              <X size="0.875rem" />
            </Button>
          </Tip>
        )}
      </div>
      <div className="flex flex-wrap items-center gap-x-1 text-sm">
        <Chosen entries={phrases.speeds} path={[...at, "speed"]} label={label} />
        <Chosen entries={phrases.levels} path={[...at, "height"]} label={label} />
        <Chosen entries={phrases.tasks} path={[...at, "task"]} label={label} />
        <Chosen entries={phrases.waits} path={[...at, "waits"]} label={label} />
      </div>
      {children}
      {last && waypoints.length > 2 && (
        <div className="flex items-center gap-1.5 pt-1 text-small">
          then
          <Choice
            label={`After waypoint ${number}`}
            value={sure(route.waypoints, point).leads}
            options={[
              { value: "", word: "as the route goes" },
              ...waypoints
                .map(([value], i) => ({ value, word: `on to waypoint ${i + 1}` }))
                .filter(({ value }) => value !== point),
            ]}
            onTake={(leads) => put(open, label, [...at, "leads"], leads)}
          />
        </div>
      )}
    </li>
  );
}

/** How far from its fork the first waypoint of a new branch lies, metres east and south. */
const AWAY = 12;

/** Begins a branch at a waypoint; its first waypoint is then dragged to where it should lie. */
function branch(open: ReturnType<typeof useOpenMission>, id: string, point: string): void {
  open.edit(`A branch of ${sure(open.state.mission.routes, id).name}`, (draft) => {
    const { waypoints } = sure(draft.routes, id);
    const { x, y } = sure(waypoints, point).position;
    const position = onGround(draft, { x: x + AWAY, y: y - AWAY });
    waypoints[newId()] = {
      ...structuredClone(WAYPOINT),
      order: orderAfter(waypoints),
      position,
      follows: point,
    };
  });
}
