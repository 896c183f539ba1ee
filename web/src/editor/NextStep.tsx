import { Flag, ListTree, MapPin, Play, Spline } from "lucide-react";
import type { ReactNode } from "react";
import { useLocation } from "wouter";
import { FixButton, graveFirst, useFindings } from "../checks/findings";
import { useShowFinding } from "../checks/useShowFinding";
import { toolOf, useDesk } from "../desk/desk";
import { useTry } from "../desk/trials";
import { useMission } from "../document/context";
import { type Mission, ordered } from "../document/mission";
import { Button, Group } from "../ui/controls";

/** The most checks that are shown at once. */
const SHOWN = 3;

/** The slip while nothing is selected: what the mission lacks next, and what hands can do. */
export function NextStep() {
  const mission = useMission((state) => state.mission);
  return (
    <>
      <div className="p-3">
        <h2 className="pb-1 font-bold text-lg">{mission.brief.title}</h2>
        <p className="font-serif">
          {mission.brief.summary || "Select something on the map or in Contents to see its slip."}
        </p>
        <h3 className="pt-4 pb-1 font-bold font-sans text-small text-flint">What is next</h3>
        <Next mission={mission} />
      </div>
      <Group title="By hand">
        <ul className="pb-2 text-small text-flint">
          <li>Drag to move, Ctrl+drag to duplicate</li>
          <li>Shift+wheel or the handle to turn</li>
          <li>Drag on empty ground to select several</li>
          <li>Click again to reach what lies below</li>
          <li>Right-click lists what lies here</li>
          <li>Right-drag or Hand to pan, wheel to zoom</li>
          <li>Arrows nudge 1 m, with Shift 10 m</li>
          <li>Ctrl+C and Ctrl+V, also between missions</li>
          <li>Ctrl+K finds any thing and does anything</li>
        </ul>
      </Group>
    </>
  );
}

function Next({ mission }: { mission: Mission }) {
  const id = useMission((state) => state.id);
  const findings = useFindings();
  const [, go] = useLocation();
  const tries = useTry();
  const show = useShowFinding();
  const { pick } = useDesk.getState();
  const [side] = ordered(mission.sides)[0] ?? [""];
  if (Object.keys(mission.starts).length === 0) {
    return (
      <Step
        says="Nobody plays yet. Set down where a player begins."
        sign={<MapPin size="0.875rem" />}
        word="Set a player start down"
        onClick={() => pick(toolOf("starts", "", side))}
      />
    );
  }
  if (Object.keys(mission.zones).length === 0 && Object.keys(mission.events).length === 0) {
    return (
      <Step
        says="Players have nowhere to go. Lay a zone for them to reach; events can tell when they do."
        sign={<Spline size="0.875rem" />}
        word="Lay a round zone"
        onClick={() => pick(toolOf("zones", "circle"))}
      />
    );
  }
  if (Object.keys(mission.events).length === 0) {
    return (
      <Step
        says="Nothing happens yet. Write the first event: when something is so, do something."
        sign={<ListTree size="0.875rem" />}
        word="Write an event"
        onClick={() => go(`/missions/${id}/script`)}
      />
    );
  }
  if (findings.length > 0) {
    return (
      <ul aria-label="Open checks" className="text-sm">
        {graveFirst(findings)
          .slice(0, SHOWN)
          .map((finding) => (
            <li key={finding.pointer + finding.says} className="border-error border-l-3 pb-2 pl-2">
              <p className="pb-1">
                <Flag size="0.75rem" className="inline text-error" aria-hidden="true" />{" "}
                {finding.says}
              </p>
              <FixButton finding={finding} />{" "}
              {finding.thing && (
                <button
                  type="button"
                  className="font-semibold text-error underline"
                  onClick={() => show(finding)}
                >
                  Show me
                </button>
              )}
            </li>
          ))}
      </ul>
    );
  }
  return (
    <Step
      says="All checks are passed. See how it plays."
      sign={<Play size="0.875rem" />}
      word="Try the mission"
      onClick={() => tries()}
    />
  );
}

function Step(props: { says: string; sign: ReactNode; word: string; onClick: () => void }) {
  return (
    <>
      <p className="pb-2 text-sm">{props.says}</p>
      <Button onClick={props.onClick}>
        {props.sign} {props.word}
      </Button>
    </>
  );
}
