import { put } from "../../document/change";
import { useMission, useOpenMission } from "../../document/context";
import { usePhrases } from "../../document/phrases";
import { sure } from "../../document/sure";
import { Amount, Metres, OpenTo } from "../../families/fields";
import { BY_HAND } from "../../families/gates";
import { Chosen } from "../../sentence/Chosen";
import { PinnedToken } from "../../sentence/tokens";
import { Field, Group, Tick } from "../../ui/controls";

/** Who opens and closes a gate by hand. */
export function GateFields({ id }: { id: string }) {
  const open = useOpenMission();
  const phrases = usePhrases();
  const { name, hand } = useMission((state) => sure(state.mission.gates, id));
  const at = ["gates", id, "hand"];
  const label = `Change how ${name} is opened by hand`;
  return (
    <Group title="By hand">
      <Tick
        word="people open and close it"
        checked={hand.type === "opened"}
        onTake={(on) =>
          put(
            open,
            `${name} is ${on ? "" : "not "}opened by hand`,
            at,
            on ? BY_HAND : { type: "nobody" },
          )
        }
      />
      {hand.type === "opened" && (
        <>
          <OpenTo path={[...at, "open"]} value={hand.open} of={name} />
          <Field label="Needs">
            {() => (
              <span className="flex flex-wrap items-center gap-x-1">
                {phrases && (
                  <Chosen entries={phrases.needs} path={[...at, "needs"]} label={label} />
                )}
              </span>
            )}
          </Field>
          <Field label="Takes">
            {(field) => (
              <PinnedToken
                id={field}
                label="Takes"
                unit="s"
                least={0}
                most={600}
                value={hand.seconds}
                take={(to) => put(open, label, [...at, "seconds"], to)}
              />
            )}
          </Field>
          <Metres
            label="Heard within"
            path={[...at, "noise"]}
            value={hand.noise}
            least={0}
            most={5000}
          />
          <Amount
            label={hand.shuts === 0 ? "Never closes" : "Closes after"}
            path={[...at, "shuts"]}
            unit="s"
            least={0}
            most={3600}
            value={hand.shuts}
            says={(to) => `${name} closes after ${to} s`}
          />
          <p className="text-quiet text-small">
            Those who may also open it on their way, where it bars them.
          </p>
        </>
      )}
    </Group>
  );
}
