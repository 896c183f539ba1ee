import { type Path, put } from "../../document/change";
import { useOpenMission } from "../../document/context";
import type { Stops } from "../../document/mission";
import { Field, NumberBox, Tick } from "../../ui/controls";

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
        <span className="text-[13px] text-flint-2">Stops</span>
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
