import { keepPreviousData, useQuery } from "@tanstack/react-query";
import { Pin, PinOff } from "lucide-react";
import { send } from "../document/api";
import { useMission } from "../document/context";
import type { Pressure, Scaled } from "../document/mission";
import { LEVELS } from "../document/pinned";
import { sure } from "../document/sure";
import { NumberBox } from "../ui/controls";
import { Tip } from "../ui/Tip";

type Level = (typeof LEVELS)[number];
const MOST = 10000;

/** What a count comes to at each difficulty, as the run will reckon it. */
function useCounts(scaled: Scaled, pressure: Pressure): Record<Level, number> | undefined {
  return useQuery({
    queryKey: ["counts", scaled, pressure],
    queryFn: () => send<Record<Level, number>>("POST", "/api/counts", { scaled, pressure }),
    staleTime: Number.POSITIVE_INFINITY,
    placeholderData: keepPreviousData,
  }).data;
}

/** A count under pressure: given once, shown at all four difficulties, any of them pinned. */
export function CountField(props: {
  label: string;
  value: Scaled;
  onTake: (scaled: Scaled) => void;
}) {
  const { value, onTake } = props;
  const pressure = useMission((state) => state.mission.brief.pressure);
  const alone = useMission((state) => Object.keys(state.mission.starts).length < 2);
  const counts = useCounts(value, pressure);
  const pin = (level: Level, count: number) =>
    onTake({ ...value, pins: { ...value.pins, [level]: count } });
  return (
    <div>
      <NumberBox
        label={props.label}
        least={0}
        most={MOST}
        digits={0}
        value={value.count}
        onTake={(count) => onTake({ ...value, count: Math.round(count) })}
      />
      <div className="mt-1.5 grid grid-cols-4 gap-1">
        {LEVELS.map((level) => {
          const pinned = value.pins[level] >= 0;
          const word = sure(level, 0).toUpperCase() + level.slice(1);
          const count = counts?.[level] ?? value.count;
          return (
            <div key={level} className="min-w-0">
              <div className="flex items-center justify-between text-xs text-quiet">
                {word}
                <Tip says={pinned ? "Follow the pressure" : "Pin this level"}>
                  <button
                    type="button"
                    aria-pressed={pinned}
                    aria-label={pinned ? `Let ${word} follow the pressure` : `Pin ${word}`}
                    className="grid h-6 w-6 place-items-center hover:bg-hover aria-pressed:text-moss"
                    onClick={() => pin(level, pinned ? -1 : count)}
                  >
                    {pinned ? <Pin size="0.8125rem" /> : <PinOff size="0.8125rem" />}
                  </button>
                </Tip>
              </div>
              {pinned ? (
                <NumberBox
                  label={`Count at ${word}`}
                  least={0}
                  most={MOST}
                  digits={0}
                  value={value.pins[level]}
                  onTake={(number) => pin(level, Math.round(number))}
                />
              ) : (
                <output className="block px-2 py-1 font-semibold">{counts?.[level] ?? "…"}</output>
              )}
            </div>
          );
        })}
      </div>
      {(!alone || value.perPlayer > 0) && (
        <div className="mt-2">
          <span className="text-xs text-quiet">more for each further player</span>
          <NumberBox
            label="More for each further player"
            least={0}
            most={1000}
            digits={0}
            value={value.perPlayer}
            onTake={(more) => onTake({ ...value, perPlayer: Math.round(more) })}
          />
        </div>
      )}
    </div>
  );
}
