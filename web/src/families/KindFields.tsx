import { put } from "../document/change";
import { useMission, useOpenMission } from "../document/context";
import { nameOf, type Ref, refOf } from "../document/mission";
import { sure } from "../document/sure";
import { Button, Choice, Field, Group, Tick } from "../ui/controls";
import { Amount, ThingOf } from "./fields";
import { appearancesOf, type Upright } from "./kinds";
import { bearersOf, pastOthers, withStacks } from "./stacks";
import type { FieldsProps } from "./traits";

/** Of which kind a prop or a fixture is, how it looks at first, and whether it is there then. */
export function KindFields({ id, thing: { family }, name }: FieldsProps) {
  const open = useOpenMission();
  const mission = useMission((state) => state.mission);
  const thing: Upright = family === "props" ? sure(mission.props, id) : sure(mission.fixtures, id);
  const kind = mission.thingKinds[thing.kind.id];
  const looks = kind ? appearancesOf(kind) : [];
  const at = [family, id];
  const { begins } = thing;
  const past = (way: 1 | -1) => pastOthers(mission, { family, id }, way);
  return (
    <Group title="What it is">
      <ThingOf
        label="Kind"
        path={[...at, "kind"]}
        value={thing.kind}
        options={Object.entries(mission.thingKinds).map(([value, it]) => ({
          value,
          word: it.name,
        }))}
        says={`Change the kind of ${name}`}
      />
      {looks.length > 1 && (
        <Field label="Begins">
          {(field) => (
            <Choice
              id={field}
              value={begins.type === "look" ? begins.look.id : ""}
              options={[
                { value: "", word: `${nameOf(mission, sure(looks, 0).look)}, as its kind` },
                ...looks.map(({ look }) => ({ value: look.id, word: nameOf(mission, look) })),
              ]}
              onTake={(look) =>
                put(
                  open,
                  `Change the first look of ${name}`,
                  [...at, "begins"],
                  look
                    ? { type: "look", look: { family: "looks", id: look } }
                    : { type: "asItsKind" },
                )
              }
            />
          )}
        </Field>
      )}
      <Amount
        label="Size"
        path={[...at, "scale"]}
        unit="×"
        least={0.1}
        most={10}
        digits={2}
        value={thing.scale}
        says={(to) => `${name} ${to} times as large`}
      />
      <StandsOn thing={{ family, id }} of={thing} name={name} />
      <Amount
        label="Drawing order"
        path={[...at, "front"]}
        least={-100}
        most={100}
        digits={0}
        value={thing.front}
        says={(to) => `${name} is drawn as number ${to}`}
      />
      <div className="flex gap-2 pb-1">
        <Button onClick={() => put(open, `${name}: before others`, [...at, "front"], past(1))}>
          Before others
        </Button>
        <Button onClick={() => put(open, `${name}: behind others`, [...at, "front"], past(-1))}>
          Behind others
        </Button>
      </div>
      <Tick
        word="stands there at first"
        checked={thing.stands === "there"}
        onTake={(there) =>
          put(
            open,
            `${name} ${there ? "stands there" : "is away"} at first`,
            [...at, "stands"],
            there ? "there" : "gone",
          )
        }
      />
    </Group>
  );
}

/** On which of the things under it a thing stands; nothing where there is none. */
function StandsOn(props: { thing: Ref; of: Upright; name: string }) {
  const { thing, of, name } = props;
  const open = useOpenMission();
  const mission = useMission((state) => state.mission);
  const { atop } = of;
  const all = withStacks(mission, [thing]).map(({ family, id }) => `${family}/${id}`);
  const under = bearersOf(mission, new Set(all))(of.position);
  const now = atop.type === "upon" ? `${atop.thing.family}/${atop.thing.id}` : "";
  const options = under.map((ref) => ({
    value: `${ref.family}/${ref.id}`,
    word: nameOf(mission, ref),
  }));
  const elsewhere = now !== "" && !options.some(({ value }) => value === now);
  if (options.length === 0 && !elsewhere) return null;
  return (
    <Field label="Stands on">
      {(field) => (
        <Choice
          id={field}
          value={now}
          options={[
            { value: "", word: "What is below all" },
            ...options,
            ...(elsewhere && atop.type === "upon"
              ? [{ value: now, word: `${nameOf(mission, atop.thing)}, not under it` }]
              : []),
          ]}
          onTake={(to) =>
            put(
              open,
              to ? `${name} stands on ${nameOf(mission, refOf(to))}` : `${name} stands on no other`,
              [thing.family, thing.id, "atop"],
              to ? { type: "upon", thing: refOf(to) } : { type: "nothing" },
            )
          }
        />
      )}
    </Field>
  );
}
