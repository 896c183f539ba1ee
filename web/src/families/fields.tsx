import { type Path, put } from "../document/change";
import { useMission, useOpenMission } from "../document/context";
import {
  type Mission,
  nameOf,
  type Open,
  ordered,
  type Position,
  type Stops,
} from "../document/mission";
import { type Level, surfacesOver } from "../document/surfaces";
import { metres } from "../document/units";
import { Choice, Field, NumberBox, Tick } from "../ui/controls";

const STOPPED: { field: Exclude<keyof Stops, "sound">; word: string }[] = [
  { field: "movement", word: "People" },
  { field: "sight", word: "Sight" },
  { field: "shots", word: "Shots" },
];

/** What something in the way stops, each by itself. */
export function StopsFields({ path, value, of }: { path: Path; value: Stops; of: string }) {
  const open = useOpenMission();
  return (
    <>
      <fieldset className="flex items-center gap-3 py-1">
        <legend className="sr-only">Stops</legend>
        <span className="text-small text-flint-2">Stops</span>
        {STOPPED.map(({ field, word }) => (
          <Tick
            key={field}
            word={word}
            checked={value[field]}
            onTake={(on) => put(open, `Change what ${of} stops`, [...path, field], on)}
          />
        ))}
      </fieldset>
      <Metres
        label="Muffles by"
        path={[...path, "sound"]}
        value={value.sound}
        least={0}
        most={5000}
      />
    </>
  );
}

/** A field for a length. */
export function Metres(props: {
  label: string;
  path: Path;
  value: number;
  least: number;
  most: number;
}) {
  const open = useOpenMission();
  const { label, path, ...rest } = props;
  return (
    <Field label={label}>
      {(id) => (
        <NumberBox
          id={id}
          unit="m"
          {...rest}
          onTake={(to) => put(open, `${label} ${to} m`, path, to)}
        />
      )}
    </Field>
  );
}

/** A field that holds one of a few words. */
export function OneOf<T extends string>(props: {
  label: string;
  path: Path;
  value: T;
  options: { value: T; word: string }[];
  /** What the edit is called. */
  says: (to: T) => string;
}) {
  const open = useOpenMission();
  const { label, path, value, options, says } = props;
  return (
    <Field label={label}>
      {(id) => (
        <Choice
          id={id}
          value={value}
          options={options}
          onTake={(to) => put(open, says(to), path, to)}
        />
      )}
    </Field>
  );
}

/** A field that names one of the things of a family. */
export function ThingOf(props: {
  label: string;
  path: Path;
  value: { family: string; id: string };
  options: { value: string; word: string }[];
  says: string;
}) {
  const open = useOpenMission();
  const { label, path, value, options, says } = props;
  return (
    <Field label={label}>
      {(id) => (
        <Choice
          id={id}
          value={value.id}
          options={options}
          onTake={(to) => put(open, says, path, { family: value.family, id: to })}
        />
      )}
    </Field>
  );
}

/** A field for a number. */
export function Amount(props: {
  label: string;
  path: Path;
  value: number;
  unit?: string;
  least: number;
  most: number;
  digits?: number;
  /** What the edit is called. */
  says: (to: number) => string;
}) {
  const open = useOpenMission();
  const { label, path, says, ...rest } = props;
  const whole = rest.digits === 0;
  return (
    <Field label={label}>
      {(id) => (
        <NumberBox
          id={id}
          {...rest}
          onTake={(to) => put(open, says(to), path, whole ? Math.round(to) : to)}
        />
      )}
    </Field>
  );
}

/** Who may use something: anybody, or one side. */
export function OpenTo({ path, value, of }: { path: Path; value: Open; of: string }) {
  const open = useOpenMission();
  const sides = useMission((state) => state.mission.sides);
  const all = ordered(sides).map(([id, { name }]) => ({ value: id, word: `The ${name}` }));
  return (
    <Field label="Open to">
      {(field) => (
        <Choice
          id={field}
          value={value.type === "side" ? value.side.id : ""}
          options={[{ value: "", word: "Anybody" }, ...all]}
          onTake={(side) =>
            put(
              open,
              `Change who may use ${of}`,
              path,
              side === "" ? { type: "all" } : { type: "side", side: { family: "sides", id: side } },
            )
          }
        />
      )}
    </Field>
  );
}

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
