import { useMission } from "../document/context";
import { type Gate, type Hand, nameOf, pinnedOf, usesOf } from "../document/mission";
import { lengthOf } from "../document/shapes";
import { sure } from "../document/sure";
import { metres } from "../document/units";
import { toScreen } from "../drawing/camera";
import { inks } from "../drawing/inks";
import type { Sheet } from "../drawing/sheet";
import { Group } from "../ui/controls";
import { Metres, OneOf, StopsFields } from "./fields";
import { SOLID } from "./stops";
import { each, eachPrinted, type FieldsProps, only, SPAN, type Traits } from "./traits";

const STANDS: { value: Gate["stands"]; word: string }[] = [
  { value: "open", word: "Open" },
  { value: "half", word: "Half open" },
  { value: "closed", word: "Closed" },
];

/** How a gate is opened by hand that was not before. */
export const BY_HAND: Hand = {
  type: "opened",
  open: { type: "all" },
  needs: { type: "nothing" },
  seconds: pinnedOf(1),
  noise: 10,
  shuts: 0,
};

/** What opens and closes between two posts. */
export const gates: Traits<"gates"> = {
  heading: "Gates",
  sign: "M2 6L2 14M16 6L16 14M2 10L9 10M9 10L14 4",
  setDown: {
    at: 12,
    tray: only("Works", "Gate", "door"),
    drawn: () => ({ least: 2, most: 2 }),
    fresh: ({ at: [from, to = from], levelAt }) => ({
      name: "Gate",
      from,
      to,
      height: 2,
      level: levelAt(from),
      stands: "closed",
      stops: { ...SOLID },
      hand: { type: "nobody" },
    }),
    remembered: ["height", "stops", "hand"],
  },
  ...SPAN,
  named: 9,
  landmarks: true,
  levelled: true,
  painted: { at: 11, draw: each(drawGate) },
  inPlay: (gates, play) =>
    Object.fromEntries(
      Object.entries(gates).map(([id, gate]) => [
        id,
        { ...gate, stands: play.gates[id] ?? gate.stands },
      ]),
    ),
  solid: null,
  printed: {
    at: 11,
    draw: eachPrinted(({ from, to }, { line }) => ({
      d: line([from, to], false),
      stroke: inks.wood,
      strokeWidth: 0.8,
      strokeLinecap: "butt",
    })),
    legend: { word: "Gate", sign: <path d="M0 1.5H7" stroke={inks.wood} strokeWidth={0.9} /> },
    players: true,
  },
  sentence: ({ from, to, stands, hand }, mission, ref) => {
    const workers = usesOf(mission, ref).filter(({ family }) => family === "fixtures");
    const by = [
      workers.length > 0 && `Worked by ${workers.map((it) => nameOf(mission, it)).join(", ")}.`,
      hand.type === "opened" &&
        `Opened by hand by ${hand.open.type === "all" ? "anybody" : `the ${nameOf(mission, hand.open.side)}`}.`,
    ].filter(Boolean);
    const word = STANDS.find(({ value }) => value === stands)?.word.toLowerCase();
    return `A gate ${metres(lengthOf([from, to], false))} wide, ${word} at the start. ${by.length === 0 ? "Nothing works it yet." : by.join(" ")}`;
  },
  slip: [Fields, "gate"],
  links: ["fixtures"],
  linked: "works",
};

/** How a gate stands at the start, how high it is, and what it stops. */
function Fields({ id, name }: FieldsProps) {
  const gate = useMission((state) => sure(state.mission.gates, id));
  const at = ["gates", id];
  return (
    <Group title="The gate">
      <OneOf
        label="At the start"
        path={[...at, "stands"]}
        value={gate.stands}
        options={STANDS}
        says={(stands) => `${name} ${stands}`}
      />
      <Metres label="Height" path={[...at, "height"]} value={gate.height} least={0.1} most={100} />
      <StopsFields path={[...at, "stops"]} value={gate.stops} of={name} />
    </Group>
  );
}

/** Draws a gate between its two posts: its leaf across, half across, or swung aside. */
function drawGate(sheet: Sheet, gate: Gate, selected: boolean): void {
  const { c, camera, size } = sheet;
  const [ax, ay] = toScreen(camera, size, gate.from.x, gate.from.y);
  const [bx, by] = toScreen(camera, size, gate.to.x, gate.to.y);
  const open = { open: 1, half: 0.5, closed: 0 }[gate.stands];
  const width = Math.max(3, 0.3 * camera.scale);
  c.save();
  c.lineCap = "butt";
  for (const [w, colour] of [
    [width + 3, inks.halo],
    [width, selected ? inks.ink : inks.wood],
  ] as const) {
    c.lineWidth = w;
    c.strokeStyle = colour;
    c.beginPath();
    c.moveTo(ax + (bx - ax) * open, ay + (by - ay) * open);
    c.lineTo(bx, by);
    c.moveTo(bx, by);
    c.lineTo(bx + (by - ay) * open * 0.9, by - (bx - ax) * open * 0.9);
    c.stroke();
  }
  if (gate.hand.type === "opened") {
    // The knob that it is opened by sits near the free end of its leaf.
    const [x, y] =
      open === 1
        ? [bx + (by - ay) * 0.7, by - (bx - ax) * 0.7]
        : [ax + (bx - ax) * (open + 0.2), ay + (by - ay) * (open + 0.2)];
    c.beginPath();
    c.arc(x, y, Math.max(2.5, width / 2 + 0.5), 0, Math.PI * 2);
    c.fillStyle = inks.slip;
    c.fill();
    c.lineWidth = 1.4;
    c.strokeStyle = inks.wood;
    c.stroke();
  }
  for (const [x, y] of [
    [ax, ay],
    [bx, by],
  ] as const) {
    c.beginPath();
    c.rect(x - 3.5, y - 3.5, 7, 7);
    c.fillStyle = selected ? inks.ink : inks.flint;
    c.fill();
    c.lineWidth = 1.2;
    c.strokeStyle = inks.slip;
    c.stroke();
  }
  c.restore();
}
