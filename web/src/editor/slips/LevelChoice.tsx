import { useMission } from "../../document/context";
import { type Mission, nameOf, type Position } from "../../document/mission";
import { type Level, surfacesOver } from "../../document/surfaces";
import { metres } from "../../document/units";
import { Choice, Field } from "../../ui/controls";

/** A level as a choice names it. */
function wordOf(level: Level): string {
  if (level.type === "deck") return `deck:${level.deck.id}`;
  return level.type === "storey" ? `storey:${level.building.id}:${level.storey}` : level.type;
}

function lostName(mission: Mission, level: Level): string {
  if (level.type === "deck") return nameOf(mission, level.deck);
  return level.type === "storey" ? nameOf(mission, level.building) : "";
}

/** One of the surfaces above one another at a point; nothing to choose where there is but one. */
export function LevelChoice(props: {
  label: string;
  level: Level;
  at: Position;
  onTake: (to: Level) => void;
}) {
  const { label, level, at, onTake } = props;
  const mission = useMission((state) => state.mission);
  const over = surfacesOver(mission, at);
  if (over.length === 0 && level.type !== "deck" && level.type !== "storey") return null;
  const chosen = wordOf(level);
  const here = over.map((it) => ({
    value: wordOf(it.level),
    word: `${it.name}, ${metres(it.top)}`,
  }));
  const plain = level.type === "top" || level.type === "ground";
  const options = [
    { value: "top", word: `The highest here: ${over[0]?.name ?? "the ground"}` },
    ...here,
    { value: "ground", word: "The ground" },
    ...(plain || here.some(({ value }) => value === chosen)
      ? []
      : [{ value: chosen, word: `${lostName(mission, level)}, which is not here` }]),
  ];
  return (
    <Field label={label}>
      {(id) => (
        <Choice
          id={id}
          value={chosen}
          options={options}
          onTake={(to) =>
            onTake(
              over.find((it) => wordOf(it.level) === to)?.level ?? {
                type: to === "ground" ? "ground" : "top",
              },
            )
          }
        />
      )}
    </Field>
  );
}
