import { put } from "../document/change";
import { useMission, useOpenMission } from "../document/context";
import { nameOf } from "../document/mission";
import { sure } from "../document/sure";
import { Choice, Field, Group, Tick } from "../ui/controls";
import { Amount, ThingOf } from "./fields";
import { appearancesOf, type Upright } from "./kinds";
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
