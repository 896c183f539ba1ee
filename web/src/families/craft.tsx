import { useMission } from "../document/context";
import { type Craft, ordered } from "../document/mission";
import { sure } from "../document/sure";
import { measured } from "../document/units";
import { inks } from "../drawing/inks";
import { pin, stroked } from "../drawing/pin";
import type { Sheet } from "../drawing/sheet";
import { Group } from "../ui/controls";
import { PathSign } from "../ui/PathSign";
import { Amount, OneOf, ThingOf } from "./fields";
import { asSetDown, each, FACING_POINT, type FieldsProps, type Solid, type Traits } from "./traits";

/** What craft there are. */
const LOOKS: { value: Craft["look"]; word: string }[] = [
  { value: "cart", word: "Cart" },
  { value: "boat", word: "Boat" },
  { value: "balloon", word: "Balloon" },
];

/** What a new craft takes: people, and kilograms. */
const TAKES = {
  cart: { seats: 2, bears: 400 },
  boat: { seats: 6, bears: 600 },
  balloon: { seats: 3, bears: 250 },
};

const SOLIDS: Record<Craft["look"], Solid> = {
  cart: hull(1.6, 2.6, 1.2),
  boat: hull(2.2, 6, 1.1),
  balloon: { plan: { is: "round", radius: 4 }, foot: 3, top: 9, of: "paper", floats: true },
};

function hull(width: number, depth: number, top: number): Solid {
  return { plan: { is: "block", width, depth }, foot: 0, top, of: "dark", floats: true };
}

/** Carts, boats and balloons. */
export const craft: Traits<"craft"> = {
  heading: "Craft",
  sign: "M9 1.5C13 6 13 12 12 16L6 16C5 12 5 6 9 1.5ZM5.6 9L12.4 9",
  icon: ({ look }) => <PathSign path={SIGNS[look]} reach={11} width={1.8} />,
  setDown: {
    at: 3,
    sided: true,
    tray: () =>
      LOOKS.map(({ value, word }) => ({
        group: "Carriage",
        choice: value,
        word,
        also: "craft carrier",
        icon: <PathSign path={SIGNS[value]} reach={11} width={1.8} size={20} />,
      })),
    fresh: ({ at: [position], choice, side }) => {
      const look = choice as Craft["look"];
      const name = LOOKS.find(({ value }) => value === look)?.word ?? "";
      return { name, look, side, position, facing: 0, ...TAKES[look] };
    },
  },
  ...FACING_POINT,
  named: 2,
  painted: {
    at: 7,
    draw: each((sheet, craft, selected, { sides }) => {
      const side = sides[craft.side.id];
      drawCraft(sheet, craft, side ? inks[side.colour] : inks.flint, selected);
    }),
  },
  inPlay: asSetDown,
  solid: ({ look }) => SOLIDS[look],
  printed: null,
  sentence: ({ seats, bears }) =>
    `A craft with room for ${seats} and a load of ${measured(bears, "kg", 0)}.`,
  slip: [Fields],
  side: ({ side }) => side.id,
};

/** Whose a craft is and what it takes. */
function Fields({ id, name }: FieldsProps) {
  const craft = useMission((state) => sure(state.mission.craft, id));
  const sides = useMission((state) => state.mission.sides);
  const at = ["craft", id];
  return (
    <Group title="The craft">
      <OneOf
        label="Looks like"
        path={[...at, "look"]}
        value={craft.look}
        options={LOOKS}
        says={(to) => `${name} is a ${to}`}
      />
      <ThingOf
        label="Side"
        path={[...at, "side"]}
        value={craft.side}
        options={ordered(sides).map(([value, side]) => ({ value, word: side.name }))}
        says={`Change the side of ${name}`}
      />
      <Amount
        label="Seats"
        path={[...at, "seats"]}
        least={0}
        most={500}
        digits={0}
        value={craft.seats}
        says={(to) => `${name} seats ${to}`}
      />
      <Amount
        label="Bears"
        path={[...at, "bears"]}
        unit="kg"
        least={0}
        most={1000000}
        value={craft.bears}
        says={(to) => `${name} bears ${to} kg`}
      />
    </Group>
  );
}

/** Drawings of craft about the origin, bow to the north, within 12 units, as strokes. */
const SIGNS: Record<Craft["look"], string> = {
  cart: "M-5 -6L5 -6L5 7L-5 7ZM-7 2L-5 2M5 2L7 2M-7 -1L-7 5M7 -1L7 5M-2 -6L-2 -11M2 -6L2 -11",
  boat: "M0 -12C5 -6 5 5 3 10L-3 10C-5 5 -5 -6 0 -12ZM-3.6 -2L3.6 -2M-3.8 4L3.8 4",
  balloon:
    "M-9 0A9 9 0 1 1 9 0A9 9 0 1 1 -9 0M-3 -3L3 -3L3 3L-3 3ZM-9 0L-3 0M3 0L9 0M0 -9L0 -3M0 3L0 9",
};

/** Draws a craft the way it heads, in the colour of its side. */
function drawCraft(sheet: Sheet, craft: Craft, colour: string, selected: boolean): void {
  const { c } = sheet;
  pin(sheet, craft.position, craft.facing, () => {
    const hull = new Path2D(SIGNS[craft.look]);
    c.fillStyle = inks.hull;
    c.fill(hull);
    stroked(c, SIGNS[craft.look], selected, selected ? inks.ink : colour);
  });
}
