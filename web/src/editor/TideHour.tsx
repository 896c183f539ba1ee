import { RotateCcw } from "lucide-react";
import { useDeskPart } from "../desk/desk";
import { useMission } from "../document/context";
import { clockWords } from "../document/mission";
import { metres } from "../document/units";
import { Button } from "../ui/controls";
import { Tip } from "../ui/Tip";

/** By how much a step of the slider moves the hour, seconds. */
const STEP = 300;

/** How the water stands; where it moves, at which hour of its tide the map is shown. */
export function TideHour({ level }: { level: number }) {
  const { startTime, tide } = useMission((state) => state.mission.setting);
  const { hour, setHour } = useDeskPart("hour", "setHour");
  const times = Object.values(tide).map(({ time }) => time);
  if (times.length < 2) return <span>water {metres(level)}</span>;
  const at = hour ?? startTime;
  const [from, to] = [Math.min(startTime, ...times), Math.max(startTime, ...times)];
  const next = at >= 86400 ? ", next day" : "";
  return (
    <span className="flex items-center gap-1.5">
      <label className="flex items-center gap-1.5">
        <span>
          {clockWords(at)}
          {next}: water {metres(level)}
        </span>
        <input
          type="range"
          aria-label="Hour of the tide"
          aria-valuetext={`${clockWords(at)}${next}, ${metres(level)}`}
          className="w-28 accent-moss"
          min={from}
          max={to}
          step={STEP}
          value={at}
          onChange={(event) => setHour(Number(event.target.value))}
        />
      </label>
      {hour !== null && (
        <Tip says="Back to when play begins">
          <Button
            look="quiet"
            className="min-h-6 px-0.5"
            aria-label="Back to when play begins"
            onClick={() => setHour(null)}
          >
            <RotateCcw size="0.8125rem" />
          </Button>
        </Tip>
      )}
    </span>
  );
}
