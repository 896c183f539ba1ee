import { put } from "../../document/change";
import { useMission, useOpenMission } from "../../document/context";
import type { Effect } from "../../document/mission";
import { usePhrases } from "../../document/phrases";
import { sure } from "../../document/sure";
import { grows } from "../../drawing/clouds";
import { Amount } from "../../families/fields";
import { Chosen } from "../../sentence/Chosen";
import { Group, Tick } from "../../ui/controls";

/** How an effect grows and ends: not for lights and sounds, which do not grow. */
export function EffectFields({ id }: { id: string }) {
  const open = useOpenMission();
  const phrases = usePhrases();
  const effect = useMission((state) => sure(state.mission.effects, id));
  const { name, look, lasts, harm, things } = effect;
  const at = ["effects", id];
  const cloud = look !== "light" && look !== "sound";
  return (
    <>
      <Group title="How it spreads" summary={summary(effect)}>
        {cloud && phrases && (
          <dl className="grid grid-cols-[5.75rem_1fr] items-center py-0.5 text-sm">
            <dt className="text-flint-2 text-small">It comes</dt>
            <dd className="flex flex-wrap items-center gap-x-1">
              <Chosen
                entries={phrases.spreads}
                path={[...at, "spreads"]}
                label={`How ${name} spreads`}
              />
            </dd>
          </dl>
        )}
        <Amount
          label={grows(effect) ? "Each spot lasts" : "Lasts"}
          path={[...at, "lasts"]}
          unit="s"
          least={0}
          most={86400}
          digits={1}
          value={lasts}
          says={(to) => (to === 0 ? `${name} lasts` : `${name} lasts ${to} s`)}
        />
        <p className="text-small text-quiet">{ENDS[look]}</p>
      </Group>
      {cloud && (
        <Group title="Harm" summary={harm > 0 ? `${harm} a second` : "none"}>
          <Amount
            label="Takes each second"
            path={[...at, "harm"]}
            unit=""
            least={0}
            most={1000}
            digits={1}
            value={harm}
            says={(to) => (to === 0 ? `${name} harms nobody` : `${name} harms by ${to} a second`)}
          />
          <Tick
            word="harms also what stands in it and breaks"
            checked={things}
            onTake={(to) => put(open, `What ${name} harms`, [...at, "things"], to)}
          />
          <p className="text-small text-quiet">
            {look === "fire"
              ? "Armour against fire lets its share through; flames reach 2 m up."
              : "It goes past all armour and reaches 4 m up."}
          </p>
        </Group>
      )}
    </>
  );
}

/** What has an effect end. */
const ENDS: Record<Effect["look"], string> = {
  fire: "0 s is for ever. Water over the ground puts it out, and rain after 20 s, but not under a roof.",
  smoke: "0 s is for ever. Where it does not grow, it leans with the wind and thins as it does.",
  spray: "0 s is for ever.",
  light: "0 s is for ever.",
  sound: "0 s is for ever.",
};

function summary(effect: Effect): string {
  const spreads = grows(effect) ? "grows" : "at once";
  return effect.lasts > 0 ? `${spreads}, ${effect.lasts} s` : spreads;
}
