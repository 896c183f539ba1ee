import { Plus, X } from "lucide-react";
import { Fragment } from "react";
import { put } from "../../document/change";
import { useMission, useOpenMission } from "../../document/context";
import { newId, orderAfter, ordered } from "../../document/mission";
import { usePhrases } from "../../document/phrases";
import { sure } from "../../document/sure";
import { Metres } from "../../families/fields";
import { USE } from "../../families/fixtures";
import { Chosen } from "../../sentence/Chosen";
import { PinnedToken } from "../../sentence/tokens";
import { Button, Field, Group, NumberBox, TextBox } from "../../ui/controls";
/** What can be done with a fixture. */
export function FixtureFields({ id }: { id: string }) {
  const open = useOpenMission();
  const fixture = useMission((state) => sure(state.mission.fixtures, id));
  const phrases = usePhrases();
  const add = () =>
    open.edit(`Another use of ${fixture.name}`, (draft) => {
      const { uses } = sure(draft.fixtures, id);
      const order = orderAfter(uses);
      uses[newId()] = { order, ...USE };
    });
  return (
    <Group title="Uses">
      {ordered(fixture.uses).map(([use, { verb, seconds, times, noise }]) => {
        const at = ["fixtures", id, "uses", use];
        const label = `Change a use of ${fixture.name}`;
        return (
          <div key={use} className="border-hairline border-b py-1.5">
            <div className="flex items-center gap-1">
              <TextBox
                label="Verb"
                value={verb}
                maxLength={40}
                required
                onTake={(to) => put(open, label, [...at, "verb"], to)}
              />
              <Button
                look="quiet"
                aria-label={`Take the use ${verb} away`}
                onClick={() =>
                  open.edit(`Take a use of ${fixture.name} away`, (draft) => {
                    delete sure(draft.fixtures, id).uses[use];
                  })
                }
              >
                <X size="0.875rem" />
              </Button>
            </div>
            {phrases && (
              <dl className="grid grid-cols-[3.75rem_1fr] items-center gap-y-0.5 py-1 text-sm">
                {(
                  [
                    ["Does", phrases.effects, "effect"],
                    ["Needs", phrases.needs, "needs"],
                    ["Gives", phrases.gifts, "gives"],
                  ] as const
                ).map(([word, entries, field]) => (
                  <Fragment key={field}>
                    <dt className="text-small text-flint-2">{word}</dt>
                    <dd className="flex flex-wrap items-center gap-x-1">
                      <Chosen entries={entries} path={[...at, field]} label={label} />
                    </dd>
                  </Fragment>
                ))}
              </dl>
            )}
            <Field label="Takes">
              {(field) => (
                <PinnedToken
                  id={field}
                  label="Takes"
                  unit="s"
                  least={0}
                  most={600}
                  value={seconds}
                  take={(to) => put(open, label, [...at, "seconds"], to)}
                />
              )}
            </Field>
            <Metres
              label="Heard within"
              path={[...at, "noise"]}
              value={noise}
              least={0}
              most={5000}
            />
            <Field label={times === 0 ? "Any number of" : "At most"}>
              {(field) => (
                <NumberBox
                  id={field}
                  unit="times"
                  least={0}
                  most={1000000}
                  digits={0}
                  value={times}
                  onTake={(to) => put(open, label, [...at, "times"], Math.round(to))}
                />
              )}
            </Field>
          </div>
        );
      })}
      <Button className="mt-2" onClick={add}>
        <Plus size="0.875rem" /> Another use
      </Button>
    </Group>
  );
}
