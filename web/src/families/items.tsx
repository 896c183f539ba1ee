import { useMission } from "../document/context";
import { type ItemKindFigure, nameOf } from "../document/mission";
import { sure } from "../document/sure";
import { measured } from "../document/units";
import { inks } from "../drawing/inks";
import { inked } from "../drawing/labels";
import { letters } from "../drawing/letters";
import { pin } from "../drawing/pin";
import type { Sheet } from "../drawing/sheet";
import { Group } from "../ui/controls";
import { PathSign } from "../ui/PathSign";
import { Amount, ThingOf } from "./fields";
import { each, type FieldsProps, POINT, type Traits } from "./traits";

/** The most of one kind that lie together or that a pack begins with. */
export const MOST_ITEMS = 1000;

/** What can be taken up and carried. */
export const items: Traits<"items"> = {
  heading: "Items",
  sign: "M3 9A6 6 0 1 1 15 9A6 6 0 1 1 3 9M9 6L9 12M6 9L12 9",
  icon: ({ kind }, { itemKinds }) =>
    itemKinds[kind.id] ? <ItemSign figure={sure(itemKinds, kind.id).figure} /> : undefined,
  setDown: {
    at: 18,
    tray: ({ itemKinds }) =>
      Object.entries(itemKinds).map(([choice, { name, figure }]) => ({
        group: "Items",
        choice,
        word: name,
        also: "item carry pack",
        icon: <ItemSign figure={figure} size={20} />,
      })),
    fresh: ({ mission, at: [position], choice, levelAt }) => ({
      name: nameOf(mission, { family: "itemKinds", id: choice }),
      kind: { family: "itemKinds", id: choice },
      position,
      level: levelAt(position),
      count: 1,
    }),
  },
  ...POINT,
  levelled: true,
  named: 4,
  painted: {
    at: 9,
    draw: each((sheet, { position, kind, count }, selected, { itemKinds }) =>
      drawItem(sheet, position, itemKinds[kind.id]?.figure, count, selected),
    ),
  },
  inPlay: null,
  solid: () => ({
    plan: { is: "block", width: 0.3, depth: 0.3 },
    foot: 0,
    top: 0.25,
    of: "dark",
  }),
  printed: null,
  sentence: ({ kind, count }, mission) => {
    const of = mission.itemKinds[kind.id];
    if (!of) return `An item of a kind that is gone: ${nameOf(mission, kind)}.`;
    const mass = measured(of.mass * count, "kg");
    const many = count === 1 ? of.name : `${count} × ${of.name}`;
    return `${many}, ${mass} in all. People with hands can take ${count === 1 ? "it" : "them"} up.`;
  },
  slip: [Fields],
};

/** What lies somewhere, and how many. */
function Fields({ id, name }: FieldsProps) {
  const item = useMission((state) => sure(state.mission.items, id));
  const kinds = useMission((state) => state.mission.itemKinds);
  const at = ["items", id];
  return (
    <Group title="What lies here">
      <ThingOf
        label="Kind"
        path={[...at, "kind"]}
        value={item.kind}
        options={Object.entries(kinds)
          .map(([value, kind]) => ({ value, word: kind.name }))
          .sort((a, b) => a.word.localeCompare(b.word, "en"))}
        says={`Change the kind of ${name}`}
      />
      <Amount
        label="How many"
        path={[...at, "count"]}
        least={1}
        most={MOST_ITEMS}
        digits={0}
        value={item.count}
        says={(to) => `${name}: ${to}`}
      />
    </Group>
  );
}

/** The sign of an item kind. */
export function ItemSign({ figure, size }: { figure: ItemKindFigure; size?: number }) {
  return <PathSign path={SIGNS[figure]} reach={9} width={1.6} size={size} plain />;
}

/** Drawings of items about the origin, within 8 units, as strokes. */
const SIGNS: Record<ItemKindFigure, string> = {
  flask:
    "M-1.6 -7L1.6 -7L1.6 -3.5Q5.5 -1.5 5.5 2.5Q5.5 7 0 7Q-5.5 7 -5.5 2.5Q-5.5 -1.5 -1.6 -3.5ZM-5.3 1.5L5.3 1.5",
  spade: "M5 -7L7 -5M6 -6L-0.5 0.5M-2.5 -1.5L1.5 2.5C0 6 -3 7 -7 7C-7 3 -6 0 -2.5 -1.5Z",
  key: "M-7 0A3 3 0 1 1 -1 0A3 3 0 1 1 -7 0M-1 0L7 0L7 3.5M4 0L4 3",
  bundle: "M-6 -3Q0 -6 6 -3L6 4Q0 7 -6 4ZM-6 0.5Q0 3.5 6 0.5M0 -4.5L0 5.5",
  paper: "M-5 -6Q-6.5 -3.5 -5 -1L-5 6L5 6Q6.5 3.5 5 1L5 -6ZM-2.5 -2.5L2.5 -2.5M-2.5 1L2.5 1",
  salve: "M-6 -1L6 -1L5 6L-5 6ZM-6.5 -4L6.5 -4L6.5 -1L-6.5 -1ZM0 1L0 4.6M-1.8 2.8L1.8 2.8",
};

/** Draws what lies somewhere: the sign of its kind on a plate, and how many there are. */
export function drawItem(
  sheet: Sheet,
  at: { x: number; y: number },
  figure: ItemKindFigure | undefined,
  count: number,
  selected = false,
): void {
  const { c } = sheet;
  pin(sheet, at, 0, () => {
    c.beginPath();
    c.roundRect(-9, -9, 18, 18, 9);
    c.fillStyle = inks.tag;
    c.fill();
    c.lineWidth = selected ? 2.4 : 1.2;
    c.strokeStyle = selected ? inks.ink : inks.tagEdge;
    c.stroke();
    c.lineWidth = 1.4;
    c.strokeStyle = inks.ink;
    c.save();
    c.scale(0.82, 0.82);
    if (figure) c.stroke(new Path2D(SIGNS[figure]));
    c.restore();
    if (count < 2) return;
    c.font = letters(12, 700);
    c.textAlign = "left";
    inked(c, String(count), 7, 12);
  });
}
