import { put } from "../document/change";
import { useMission, useOpenMission } from "../document/context";
import { type Breaks, pinnedOf } from "../document/mission";
import { usePhrases } from "../document/phrases";
import { sure } from "../document/sure";
import { DropsFields } from "../editor/slips/DropsFields";
import { Metres } from "../families/fields";
import { Chosen } from "../sentence/Chosen";
import { PinnedToken } from "../sentence/tokens";
import { Field, NumberBox, Tick } from "../ui/controls";

/** How a kind breaks that did not before. */
const BREAKS: Breaks = {
  type: "harmed",
  strength: pinnedOf(50),
  armour: { hand: 0, shot: 0, blast: 0, fire: 0 },
  cracks: { type: "unmarked" },
  leaves: { type: "nothing" },
  noise: 20,
  effect: { type: "nothing" },
  drops: {},
};

const SORTS = [
  ["hand", "blows"],
  ["shot", "shots"],
  ["blast", "blasts"],
  ["fire", "fire"],
] as const;

/** Whether things of a kind break, and what comes of it. */
export function BreaksFields({ id }: { id: string }) {
  const open = useOpenMission();
  const phrases = usePhrases();
  const { name, breaks } = useMission((state) => sure(state.mission.thingKinds, id));
  const at = ["thingKinds", id, "breaks"];
  const label = `Change how ${name} breaks`;
  return (
    <section aria-label="Breaking" className="max-w-xl border-hairline border-t py-3">
      <h4 className="pb-1 font-bold text-flint text-small">Breaking</h4>
      <Tick
        word="breaks when it is harmed enough"
        checked={breaks.type === "harmed"}
        onTake={(on) =>
          put(
            open,
            `${name} ${on ? "breaks" : "never breaks"}`,
            at,
            on ? BREAKS : { type: "never" },
          )
        }
      />
      {breaks.type === "harmed" && phrases && (
        <>
          <Field label="Bears">
            {(field) => (
              <PinnedToken
                id={field}
                label="Points of harm that it bears"
                unit="points"
                least={1}
                most={1000000}
                value={breaks.strength}
                take={(to) => put(open, label, [...at, "strength"], to)}
              />
            )}
          </Field>
          <fieldset className="grid grid-cols-[5.25rem_1fr_1fr] items-center gap-2 py-1">
            <legend className="sr-only">Armour</legend>
            <span className="row-span-2 text-flint-2 text-small">Keeps off</span>
            {SORTS.map(([sort, word]) => (
              <span key={sort} className="flex w-40 items-center gap-2 text-sm">
                <NumberBox
                  label={`Keeps off of ${word}`}
                  unit="%"
                  least={0}
                  most={100}
                  digits={0}
                  value={breaks.armour[sort] * 100}
                  onTake={(to) => put(open, label, [...at, "armour", sort], to / 100)}
                />
                {word}
              </span>
            ))}
          </fieldset>
          {(
            [
              ["Harmed, it", phrases.cracks, "cracks"],
              ["Broken, it", phrases.leaves, "leaves"],
              ["Then it", phrases.effects, "effect"],
            ] as const
          ).map(([word, entries, field]) => (
            <Field key={field} label={word}>
              {() => (
                <span className="flex flex-wrap items-center gap-x-1 text-sm">
                  <Chosen entries={entries} path={[...at, field]} label={label} />
                </span>
              )}
            </Field>
          ))}
          <Metres
            label="Heard within"
            path={[...at, "noise"]}
            value={breaks.noise}
            least={0}
            most={5000}
          />
          <h5 className="pt-2 text-flint-2 text-small">What falls out</h5>
          <DropsFields path={[...at, "drops"]} of={name} />
        </>
      )}
    </section>
  );
}
