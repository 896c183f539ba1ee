import { useMission } from "../document/context";
import type { Cargo } from "../document/mission";
import { sure } from "../document/sure";
import { measured } from "../document/units";
import { inks } from "../drawing/inks";
import { pin, stroked } from "../drawing/pin";
import { Group } from "../ui/controls";
import { PathSign } from "../ui/PathSign";
import { Amount, OneOf } from "./fields";
import { asSetDown, each, FACING_POINT, type FieldsProps, type Traits } from "./traits";

/** What loads look like. */
const LOOKS: { value: Cargo["look"]; word: string }[] = [
  { value: "bale", word: "Bale" },
  { value: "keg", word: "Keg" },
  { value: "net", word: "Net" },
  { value: "slate", word: "Slate" },
];

/** What a new load weighs, kilograms. */
const MASSES = { bale: 60, keg: 45, net: 25, slate: 120 };

/** Loads that are carried by craft. */
export const cargo: Traits<"cargo"> = {
  heading: "Cargo",
  sign: "M3 6L15 6L15 14L3 14ZM7 6L7 14M11 6L11 14",
  icon: ({ look }) => <PathSign path={SIGNS[look]} reach={11} width={1.8} />,
  setDown: {
    at: 19,
    tray: () =>
      LOOKS.map(({ value, word }) => ({
        group: "Carriage",
        choice: value,
        word,
        also: "cargo load",
        icon: <PathSign path={SIGNS[value]} reach={11} width={1.8} size={20} />,
      })),
    fresh: ({ at: [position], choice, levelAt }) => {
      const look = choice as Cargo["look"];
      const name = LOOKS.find(({ value }) => value === look)?.word ?? "";
      return { name, look, position, level: levelAt(position), facing: 0, mass: MASSES[look] };
    },
    likeTheLast: (fresh, last) => {
      if (fresh.look === last.look) fresh.mass = last.mass;
    },
  },
  ...FACING_POINT,
  levelled: true,
  named: 3,
  painted: {
    at: 6,
    draw: each((sheet, { look, position, facing }, selected) =>
      pin(sheet, position, facing, () =>
        stroked(sheet.c, SIGNS[look], selected, selected ? inks.ink : inks.wood),
      ),
    ),
  },
  inPlay: asSetDown,
  solid: () => ({ plan: { is: "block", width: 0.9, depth: 0.9 }, foot: 0, top: 0.8, of: "wood" }),
  printed: null,
  sentence: ({ mass }) => `A load of ${measured(mass, "kg")}.`,
  slip: [Fields],
};

/** What a load is and weighs. */
function Fields({ id, name }: FieldsProps) {
  const { look, mass } = useMission((state) => sure(state.mission.cargo, id));
  return (
    <Group title="The load">
      <OneOf
        label="Looks like"
        path={["cargo", id, "look"]}
        value={look}
        options={LOOKS}
        says={(to) => `${name} is a ${to}`}
      />
      <Amount
        label="Mass"
        path={["cargo", id, "mass"]}
        unit="kg"
        least={0.1}
        most={1000000}
        value={mass}
        says={(to) => `${name} weighs ${to} kg`}
      />
    </Group>
  );
}

/** Drawings of loads about the origin, within 8 units, as strokes. */
const SIGNS: Record<Cargo["look"], string> = {
  bale: "M-6 -4L6 -4L6 4L-6 4ZM-2.5 -4L-2.5 4M2.5 -4L2.5 4",
  keg: "M-3.5 -6L3.5 -6Q6 0 3.5 6L-3.5 6Q-6 0 -3.5 -6ZM-4.4 -2.5L4.4 -2.5M-4.4 2.5L4.4 2.5",
  net: "M-5 -2L5 -2L3 6L-3 6ZM-5 -2Q0 -8 5 -2M-2 -2L-1 6M2 -2L1 6M-4 2L4 2",
  slate: "M-6 -3L4 -5L6 3L-4 5ZM-5.3 0L5 -2",
};
