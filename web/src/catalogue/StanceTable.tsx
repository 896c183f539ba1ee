import { useMission, useOpenMission } from "../document/context";
import { type Mission, newId, ordered, type Stance } from "../document/mission";
import { sure } from "../document/sure";
import { Choice } from "../ui/controls";

type Attitude = Stance["attitude"];

const ATTITUDES: { value: Attitude; word: string }[] = [
  { value: "friendly", word: "= friendly" },
  { value: "neutral", word: "– neutral" },
  { value: "hostile", word: "× hostile" },
];
const TINTS: Record<Attitude, string> = {
  friendly: "bg-moss-soft",
  neutral: "",
  hostile: "bg-error-soft",
};

/** The stance between two sides, if one is written down. */
function stanceOf(mission: Mission, a: string, b: string): [string, Stance] | undefined {
  return Object.entries(mission.stances).find(
    ([, { one, other }]) => (one.id === a && other.id === b) || (one.id === b && other.id === a),
  );
}

/** How each two sides stand to each other; what is set on one side of the table holds both ways. */
export function StanceTable() {
  const open = useOpenMission();
  const mission = useMission((state) => state.mission);
  const sides = ordered(mission.sides);
  const set = (a: string, b: string, attitude: Attitude) =>
    open.edit(
      `${sure(mission.sides, a).name} and ${sure(mission.sides, b).name} ${attitude}`,
      (draft) => {
        const there = stanceOf(draft, a, b);
        if (there) there[1].attitude = attitude;
        else {
          const side = (id: string) => ({ family: "sides" as const, id });
          draft.stances[newId()] = { one: side(a), other: side(b), attitude };
        }
      },
    );
  if (sides.length < 2) return <p className="pt-3 text-quiet">It takes two sides to differ.</p>;
  return (
    <>
      <p className="py-2 text-small text-flint-2">
        The friendly leave each other alone; the hostile fight on sight. What is set here holds both
        ways.
      </p>
      <table>
        <thead>
          <tr>
            <th scope="col">
              <span className="sr-only">Side</span>
            </th>
            {sides.map(([id, { name }]) => (
              <th key={id} scope="col" className="px-2 pb-1 text-left font-bold text-small">
                {name}
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          {sides.map(([a, row]) => (
            <tr key={a}>
              <th scope="row" className="pr-3 text-left font-bold">
                {row.name}
              </th>
              {sides.map(([b, column]) => {
                const attitude = stanceOf(mission, a, b)?.[1].attitude ?? "neutral";
                return (
                  <td
                    key={b}
                    className={`border border-hairline p-1 ${a === b ? "" : TINTS[attitude]}`}
                  >
                    {a === b ? (
                      <span className="block px-2 text-quiet">their own</span>
                    ) : (
                      <Choice
                        label={`${row.name} to ${column.name}`}
                        value={attitude}
                        options={ATTITUDES}
                        onTake={(to) => set(a, b, to)}
                      />
                    )}
                  </td>
                );
              })}
            </tr>
          ))}
        </tbody>
      </table>
    </>
  );
}
