import { X } from "lucide-react";
import { useDeskPart } from "../desk/desk";
import { useMission } from "../document/context";
import { sure } from "../document/sure";
import { STEPS } from "../trial/game";
import { type Run, rememberRun, useLastRun } from "../trial/lastRun";
import { playTime } from "../trial/why/asked";
import { Button } from "../ui/controls";

/** How near the pointer has to be to a firing to pick it, as a share of the ribbon. */
const NEAR = 0.02;

interface Firing {
  event: string;
  step: number;
}

/** The firings of a run in the order of time; those of events that are gone are left out. */
export function firingsOf(run: Run, known: Record<string, unknown>): Firing[] {
  return Object.entries(run.fired)
    .filter(([event]) => event in known)
    .flatMap(([event, steps]) => steps.map((step) => ({ event, step })))
    .sort((a, b) => a.step - b.step);
}

/** The firing nearest to a point of the ribbon, from 0 to 1; nothing where none is near. */
export function firingAt(firings: Firing[], run: Run, share: number): Firing | undefined {
  let [best, least]: [Firing | undefined, number] = [undefined, NEAR];
  for (const firing of firings) {
    const far = Math.abs(firing.step / Math.max(1, run.steps) - share);
    if (far <= least) [best, least] = [firing, far];
  }
  return best;
}

/** When events fired in the last trial, along the time that it took; a click opens the event. */
export function RunRibbon() {
  const id = useMission((state) => state.id);
  const events = useMission((state) => state.mission.events);
  const run = useLastRun(id);
  const { event, openEvent } = useDeskPart("event", "openEvent");
  if (!run) return null;
  const firings = firingsOf(run, events);
  const at = (step: number) => `${(step / Math.max(1, run.steps)) * 100}%`;
  const near = (pointer: React.PointerEvent) => {
    const box = pointer.currentTarget.getBoundingClientRect();
    return firingAt(firings, run, (pointer.clientX - box.left) / box.width);
  };
  return (
    <div className="mb-2 flex h-8 shrink-0 items-center gap-2 border border-line bg-slip pl-2.5 shadow-sm">
      <span className="whitespace-nowrap text-small text-flint">Last trial</span>
      <div
        role="img"
        aria-label={`When events fired in the last trial, which took ${playTime(run.steps)}: ${firings.length} times`}
        className="relative h-full min-w-0 grow cursor-pointer"
        onPointerMove={(pointer) => {
          const firing = near(pointer);
          pointer.currentTarget.title = firing
            ? `${sure(events, firing.event).name}, at ${playTime(firing.step)}`
            : "";
        }}
        onPointerDown={(pointer) => {
          const firing = near(pointer);
          if (firing) openEvent(firing.event);
        }}
      >
        <span className="absolute top-1/2 right-0 left-0 border-hairline border-t" />
        {minutes(run).map((step) => (
          <span
            key={step}
            className="absolute bottom-0 border-line border-l"
            style={{ left: at(step), height: 9 }}
          />
        ))}
        {firings.map(({ event: of, step }, i) => (
          <span
            key={i}
            className={`absolute -ml-px ${of === event ? "top-1 bottom-1 z-10 w-[3px] bg-moss" : "top-2 bottom-2 w-0.5 bg-flint"}`}
            style={{ left: at(step) }}
          />
        ))}
      </div>
      <span className="text-small text-flint tabular-nums">{playTime(run.steps)}</span>
      <Button
        look="quiet"
        className="min-h-7 px-1"
        aria-label="Put the last trial away"
        onClick={() => rememberRun(id, null)}
      >
        <X size="0.875rem" />
      </Button>
    </div>
  );
}

/** The whole minutes of a run, at most sixty of them. */
function minutes(run: Run): number[] {
  const minute = 60 * STEPS;
  const every = minute * Math.max(1, Math.ceil(run.steps / minute / 60));
  return Array.from({ length: Math.floor(run.steps / every) }, (_, i) => (i + 1) * every);
}

/** When an event fired in the last trial, in words; nothing without one. */
export function useFiredWords(event: string): string {
  const run = useLastRun(useMission((state) => state.id));
  if (!run) return "";
  const steps = run.fired[event];
  if (!steps || steps.length === 0) return "did not fire in the last trial";
  const first = `fired at ${playTime(sure(steps, 0))}`;
  return steps.length === 1 ? first : `${first} and ${steps.length - 1} times more`;
}
