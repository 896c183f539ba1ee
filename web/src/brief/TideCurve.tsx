import { useQuery } from "@tanstack/react-query";
import { getJson } from "../document/api";
import { useMission } from "../document/context";
import { clockWords } from "../document/mission";
import { sure } from "../document/sure";

const WIDTH = 300;
const HEIGHT = 110;

/** The level of the water over time, as the run will have it. */
export function TideCurve({ startTime }: { startTime: number }) {
  const id = useMission((state) => state.id);
  const revision = useMission((state) => state.revision);
  const { data } = useQuery({
    queryKey: ["tide", id, revision],
    queryFn: () => getJson<{ time: number; level: number }[]>(`/api/missions/${id}/tide`),
    placeholderData: (before: { time: number; level: number }[] | undefined) => before,
  });
  if (!data || data.length < 2) return null;
  const levels = data.map(({ level }) => level);
  const [low, high] = [Math.min(...levels), Math.max(...levels)];
  const [from, to] = [sure(data, 0).time, sure(data, data.length - 1).time];
  const x = (time: number) => ((time - from) / (to - from)) * (WIDTH - 20) + 10;
  const y = (level: number) =>
    HEIGHT - 24 - ((level - low) / Math.max(0.01, high - low)) * (HEIGHT - 44);
  const line = data.map(({ time, level }) => `${x(time).toFixed(1)},${y(level).toFixed(1)}`);
  return (
    <figure className="self-center">
      <svg width={WIDTH} height={HEIGHT} role="img" aria-label="The tide over time">
        <polyline points={line.join(" ")} fill="none" stroke="var(--color-tarn)" strokeWidth={2} />
        <line
          x1={x(startTime)}
          x2={x(startTime)}
          y1={8}
          y2={HEIGHT - 20}
          stroke="var(--color-ink)"
          strokeDasharray="3 3"
        />
        <text x={x(startTime) + 4} y={16} fontSize={12} fill="var(--color-ink)">
          play begins
        </text>
        <text x={10} y={HEIGHT - 4} fontSize={12} fill="var(--color-flint)">
          {clockWords(from)}
        </text>
        <text
          x={WIDTH - 10}
          y={HEIGHT - 4}
          fontSize={12}
          fill="var(--color-flint)"
          textAnchor="end"
        >
          {clockWords(to)}
        </text>
      </svg>
      <figcaption className="text-small text-quiet">
        from {low.toFixed(1)} m to {high.toFixed(1)} m
      </figcaption>
    </figure>
  );
}
