import { put } from "../document/change";
import { useMission, useOpenMission } from "../document/context";
import { type Appearance, nameOf, type ThingKind } from "../document/mission";
import { sure } from "../document/sure";
import { measured } from "../document/units";
import { Amount, OneOf } from "../families/fields";
import { appearancesOf, extentOf } from "../families/kinds";
import { Choice, Field, Tick } from "../ui/controls";

type Loose = Extract<ThingKind["hold"], { type: "loose" }>;

/** What a loose kind is like that was not before. */
const LOOSE: Loose = { type: "loose", mass: 40, grip: 30, pushed: true, carried: "one" };

/** Of sea water, kilograms a cubic metre. */
const SEA = 1025;

/** Whether things of a kind stay where they stand, or are moved, and by what. */
export function HoldFields({ id }: { id: string }) {
  const open = useOpenMission();
  const mission = useMission((state) => state.mission);
  const kind = sure(mission.thingKinds, id);
  const { hold } = kind;
  const at = ["thingKinds", id, "hold"];
  return (
    <section aria-label="Moving" className="max-w-xl border-hairline border-t py-3">
      <h4 className="pb-1 font-bold text-flint text-small">Moving</h4>
      <div className="grid w-[35rem] grid-cols-2 gap-x-6">
        <Field label="It is">
          {(field) => (
            <Choice
              id={field}
              value={hold.type}
              options={[
                { value: "fast", word: "fast: it stays" },
                { value: "loose", word: "loose: it is moved" },
              ]}
              onTake={(type) =>
                put(
                  open,
                  `${kind.name} is ${type}`,
                  at,
                  type === "loose" ? LOOSE : { type: "fast" },
                )
              }
            />
          )}
        </Field>
        {hold.type === "loose" && (
          <>
            <Amount
              label="Mass"
              path={[...at, "mass"]}
              unit="kg"
              least={0.1}
              most={1000000}
              digits={1}
              value={hold.mass}
              says={(to) => `${kind.name} weighs ${to} kg`}
            />
            <Amount
              label="Slides from"
              path={[...at, "grip"]}
              unit="°"
              least={0}
              most={80}
              digits={1}
              value={hold.grip}
              says={(to) => `${kind.name} slides from ${to}°`}
            />
            <OneOf
              label="Carried"
              path={[...at, "carried"]}
              value={hold.carried}
              options={[
                { value: "nobody", word: "by nobody" },
                { value: "one", word: "by one" },
                { value: "two", word: "by two" },
              ]}
              says={(to) => `${kind.name} is carried ${to}`}
            />
            <span className="self-center">
              <Tick
                word="People push it"
                checked={hold.pushed}
                onTake={(pushed) =>
                  put(
                    open,
                    `${kind.name} is ${pushed ? "" : "not "}pushed by people`,
                    [...at, "pushed"],
                    pushed,
                  )
                }
              />
            </span>
          </>
        )}
      </div>
      {hold.type === "loose" && (
        <p className="pt-1 text-quiet text-small">
          {appearancesOf(kind)
            .map((looks) =>
              appearancesOf(kind).length > 1
                ? `${nameOf(mission, looks.look)}: ${afloat(kind, looks, hold.mass)}`
                : afloat(kind, looks, hold.mass),
            )
            .map((it) => `${it}.`)
            .join(" ")}
        </p>
      )}
    </section>
  );
}

/** How deep a thing of a kind lies in the sea, as the simulation reckons it. */
export function afloat(kind: ThingKind, { height }: Appearance, mass: number): string {
  const [width, depth] = extentOf(kind);
  const round = kind.footprint.type === "round";
  const area = round ? (Math.PI * width * width) / 4 : width * depth;
  const draught = mass / (SEA * area);
  return draught < height
    ? `floats in the sea, ${measured(Math.round(draught * 100) / 100, "m")} deep`
    : "sinks in the sea";
}
