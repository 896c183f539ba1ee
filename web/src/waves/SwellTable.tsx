import { keepPreviousData, useQuery } from "@tanstack/react-query";
import { getJson } from "../document/api";
import { useMission } from "../document/context";
import { LEVELS } from "../document/pinned";
import { Tip } from "../ui/Tip";
/** How many of a wave come at each difficulty. */
export type Swell = Record<(typeof LEVELS)[number], number>;

/** How many each wave brings at each difficulty, as the run will muster them. */
export function useSwell(): Record<string, Swell | undefined> {
  const id = useMission((state) => state.id);
  const revision = useMission((state) => state.revision);
  const { data } = useQuery({
    queryKey: ["swell", id, revision],
    queryFn: () => getJson<Record<string, Swell>>(`/api/missions/${id}/swell`),
    placeholderData: keepPreviousData,
  });
  return data ?? {};
}

/** The counts of all waves of a plan side by side, a bar for each wave and difficulty. */
export function SwellTable(props: {
  waves: { id: string; name: string }[];
  swell: Record<string, Swell | undefined>;
}) {
  const { waves, swell } = props;
  if (waves.length === 0) return null;
  const of = (wave: string, level: (typeof LEVELS)[number]) => swell[wave]?.[level] ?? 0;
  const most = Math.max(1, ...waves.flatMap(({ id }) => LEVELS.map((level) => of(id, level))));
  return (
    <table aria-label="How many come" className="text-small tabular-nums">
      <thead>
        <tr>
          <th className="text-left font-normal text-quiet">Wave</th>
          {waves.map(({ id, name }, i) => (
            <Tip key={id} says={name}>
              <th scope="col" className="text-left font-semibold">
                {i + 1}
              </th>
            </Tip>
          ))}
          <td />
        </tr>
      </thead>
      <tbody>
        {LEVELS.map((level) => (
          <tr key={level}>
            <th scope="row" className="pr-2 text-left font-normal text-quiet capitalize">
              {level}
            </th>
            {waves.map(({ id, name }) => (
              <Tip key={id} says={`${name}: ${of(id, level)}`}>
                <td className="w-16 pr-1">
                  <span className="flex items-center gap-1">
                    <span
                      aria-hidden="true"
                      className="h-2.5 bg-flint-2"
                      style={{ width: `${(of(id, level) / most) * 40}px` }}
                    />
                    {of(id, level)}
                  </span>
                </td>
              </Tip>
            ))}
            <td className="pl-1 font-semibold">
              {waves.reduce((sum, { id }) => sum + of(id, level), 0)} in all
            </td>
          </tr>
        ))}
      </tbody>
    </table>
  );
}
