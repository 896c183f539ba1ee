import { CARGO_LOOKS, CRAFT_LOOKS, EFFECT_LOOKS } from "../../deeds/looks";
import { put } from "../../document/change";
import { useMission, useOpenMission } from "../../document/context";
import type { PlaceName } from "../../document/mission";
import { ordered } from "../../document/mission";
import { Choice, Field, Group, NumberBox, TextBox } from "../../ui/controls";

const LETTERS: { value: PlaceName["letters"]; word: string }[] = [
  { value: "small", word: "Small" },
  { value: "medium", word: "Medium" },
  { value: "large", word: "Large" },
];

/** How large a place name is written. */
export function PlaceNameFields({ id }: { id: string }) {
  const open = useOpenMission();
  const place = useMission((state) => state.mission.placeNames[id]);
  return (
    <Group title="Writing">
      <Field label="Letters">
        {(field) => (
          <Choice
            id={field}
            value={place.letters}
            options={LETTERS}
            onTake={(to) =>
              put(open, `Write ${place.name} ${to}`, ["placeNames", id, "letters"], to)
            }
          />
        )}
      </Field>
    </Group>
  );
}

/** What goes on and whether from the start. */
export function EffectFields({ id }: { id: string }) {
  const open = useOpenMission();
  const effect = useMission((state) => state.mission.effects[id]);
  return (
    <Group title="What goes on">
      <Field label="Effect">
        {(field) => (
          <Choice
            id={field}
            value={effect.look}
            options={EFFECT_LOOKS}
            onTake={(to) => put(open, `${effect.name} is ${to}`, ["effects", id, "look"], to)}
          />
        )}
      </Field>
      <Field label="Goes on">
        {(field) => (
          <Choice
            id={field}
            value={effect.on ? "start" : "later"}
            options={[
              { value: "start", word: "From the start" },
              { value: "later", word: "When begun" },
            ]}
            onTake={(to) =>
              put(open, `${effect.name} goes on ${to}`, ["effects", id, "on"], to === "start")
            }
          />
        )}
      </Field>
    </Group>
  );
}

/** What a load is and weighs. */
export function CargoFields({ id }: { id: string }) {
  const open = useOpenMission();
  const cargo = useMission((state) => state.mission.cargo[id]);
  return (
    <Group title="The load">
      <Field label="Looks like">
        {(field) => (
          <Choice
            id={field}
            value={cargo.look}
            options={CARGO_LOOKS}
            onTake={(to) => put(open, `${cargo.name} is a ${to}`, ["cargo", id, "look"], to)}
          />
        )}
      </Field>
      <Field label="Mass">
        {(field) => (
          <NumberBox
            id={field}
            unit="kg"
            least={0.1}
            most={1000000}
            value={cargo.mass}
            onTake={(to) => put(open, `${cargo.name} weighs ${to} kg`, ["cargo", id, "mass"], to)}
          />
        )}
      </Field>
    </Group>
  );
}

/** Whose a craft is and what it takes. */
export function CraftFields({ id }: { id: string }) {
  const open = useOpenMission();
  const craft = useMission((state) => state.mission.craft[id]);
  const sides = useMission((state) => state.mission.sides);
  const at = ["craft", id];
  return (
    <Group title="The craft">
      <Field label="Looks like">
        {(field) => (
          <Choice
            id={field}
            value={craft.look}
            options={CRAFT_LOOKS}
            onTake={(to) => put(open, `${craft.name} is a ${to}`, [...at, "look"], to)}
          />
        )}
      </Field>
      <Field label="Side">
        {(field) => (
          <Choice
            id={field}
            value={craft.side.id}
            options={ordered(sides).map(([value, { name }]) => ({ value, word: name }))}
            onTake={(to) =>
              put(open, `Change the side of ${craft.name}`, [...at, "side"], {
                family: "sides",
                id: to,
              })
            }
          />
        )}
      </Field>
      <Field label="Seats">
        {(field) => (
          <NumberBox
            id={field}
            least={0}
            most={500}
            digits={0}
            value={craft.seats}
            onTake={(to) =>
              put(open, `${craft.name} seats ${to}`, [...at, "seats"], Math.round(to))
            }
          />
        )}
      </Field>
      <Field label="Bears">
        {(field) => (
          <NumberBox
            id={field}
            unit="kg"
            least={0}
            most={1000000}
            value={craft.bears}
            onTake={(to) => put(open, `${craft.name} bears ${to} kg`, [...at, "bears"], to)}
          />
        )}
      </Field>
    </Group>
  );
}

/** What the designer has written down. */
export function NoteFields({ id }: { id: string }) {
  const open = useOpenMission();
  const note = useMission((state) => state.mission.notes[id]);
  return (
    <Group title="Written down">
      <TextBox
        label="Text of the note"
        value={note.text}
        maxLength={4000}
        multiline
        placeholder="What you want to remember here"
        onTake={(text) => put(open, `Write in ${note.name}`, ["notes", id, "text"], text)}
      />
    </Group>
  );
}
