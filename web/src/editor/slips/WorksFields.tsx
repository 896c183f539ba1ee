import { Plus, X } from "lucide-react";
import { Fragment } from "react";
import { USE } from "../../deeds/fresh";
import { put } from "../../document/change";
import { useMission, useOpenMission } from "../../document/context";
import { type Gate, newId, orderAfter, ordered } from "../../document/mission";
import { usePhrases } from "../../document/phrases";
import { Chosen } from "../../sentence/Chosen";
import { PinnedToken } from "../../sentence/tokens";
import { Button, Choice, Field, Group, NumberBox, TextBox } from "../../ui/controls";
import { SlitFields } from "./SlitFields";
import { Metres, StopsFields } from "./Stops";
/** How high and thick a wall is, and what it stops. */
export function WallFields({ id }: { id: string }) {
  const wall = useMission((state) => state.mission.walls[id]);
  const at = ["walls", id];
  return (
    <Group title="The wall">
      <Metres label="Height" path={[...at, "height"]} value={wall.height} least={0.1} most={100} />
      <Metres
        label="Thickness"
        path={[...at, "thickness"]}
        value={wall.thickness}
        least={0.05}
        most={10}
      />
      <StopsFields path={[...at, "stops"]} value={wall.stops} of={wall.name} />
      <SlitFields id={id} />
    </Group>
  );
}

const STANDS: { value: Gate["stands"]; word: string }[] = [
  { value: "open", word: "Open" },
  { value: "half", word: "Half open" },
  { value: "closed", word: "Closed" },
];

/** How a gate stands at the start, how high it is, and what it stops. */
export function GateFields({ id }: { id: string }) {
  const open = useOpenMission();
  const gate = useMission((state) => state.mission.gates[id]);
  const at = ["gates", id];
  return (
    <Group title="The gate">
      <Field label="At the start">
        {(field) => (
          <Choice
            id={field}
            value={gate.stands}
            options={STANDS}
            onTake={(stands) => put(open, `${gate.name} ${stands}`, [...at, "stands"], stands)}
          />
        )}
      </Field>
      <Metres label="Height" path={[...at, "height"]} value={gate.height} least={0.1} most={100} />
      <StopsFields path={[...at, "stops"]} value={gate.stops} of={gate.name} />
    </Group>
  );
}

/** What can be done with a fixture. */
export function FixtureFields({ id }: { id: string }) {
  const open = useOpenMission();
  const fixture = useMission((state) => state.mission.fixtures[id]);
  const phrases = usePhrases();
  const add = () =>
    open.edit(`Another use of ${fixture.name}`, (draft) => {
      const { uses } = draft.fixtures[id];
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
                    delete draft.fixtures[id].uses[use];
                  })
                }
              >
                <X size={14} />
              </Button>
            </div>
            {phrases && (
              <dl className="grid grid-cols-[60px_1fr] items-center gap-y-0.5 py-1 text-[14px]">
                {(
                  [
                    ["Does", phrases.effects, "effect"],
                    ["Needs", phrases.needs, "needs"],
                    ["Gives", phrases.gifts, "gives"],
                  ] as const
                ).map(([word, entries, field]) => (
                  <Fragment key={field}>
                    <dt className="text-[13px] text-flint-2">{word}</dt>
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
        <Plus size={14} /> Another use
      </Button>
    </Group>
  );
}

/** What a prop is. */
export function PropFields({ id }: { id: string }) {
  const open = useOpenMission();
  const mission = useMission((state) => state.mission);
  const prop = mission.props[id];
  const kinds = Object.entries(mission.propKinds).map(([value, { name }]) => ({
    value,
    word: name,
  }));
  return (
    <Group title="What it is">
      <Field label="Kind">
        {(field) => (
          <Choice
            id={field}
            value={prop.kind.id}
            options={kinds}
            onTake={(kind) =>
              put(open, `Change the kind of ${prop.name}`, ["props", id, "kind"], {
                family: "propKinds",
                id: kind,
              })
            }
          />
        )}
      </Field>
      <Field label="Look">
        {(field) => (
          <Choice
            id={field}
            value={String(prop.look)}
            options={["As new", "Weathered", "Broken", "Overgrown"].map((word, i) => ({
              value: String(i),
              word,
            }))}
            onTake={(look) =>
              put(open, `Change the look of ${prop.name}`, ["props", id, "look"], Number(look))
            }
          />
        )}
      </Field>
      <Metres label="Sunk by" path={["props", id, "sunk"]} value={prop.sunk} least={0} most={100} />
      <Field label="Tilted by">
        {(field) => (
          <NumberBox
            id={field}
            unit="°"
            least={0}
            most={90}
            digits={1}
            value={prop.tilt}
            onTake={(tilt) =>
              put(open, `Tilt ${prop.name} by ${tilt}°`, ["props", id, "tilt"], tilt)
            }
          />
        )}
      </Field>
    </Group>
  );
}
