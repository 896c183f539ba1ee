import { useMission } from "../document/context";
import { type Gate, type Hand, nameOf, pinnedOf, usesOf } from "../document/mission";
import { lengthOf } from "../document/shapes";
import { sure } from "../document/sure";
import { metres } from "../document/units";
import { toScreen } from "../drawing/camera";
import { inks } from "../drawing/inks";
import type { Sheet } from "../drawing/sheet";
import { Group } from "../ui/controls";
import { Amount, Metres, OneOf, StopsFields } from "./fields";
import { SOLID } from "./stops";
import { each, eachPrinted, type FieldsProps, only, SPAN, type Traits } from "./traits";

const STANDS: { value: Gate["stands"]; word: string }[] = [
  { value: "open", word: "Open" },
  { value: "half", word: "Half open" },
  { value: "closed", word: "Closed" },
];

const WAYS: { value: Gate["motion"]["way"]; word: string }[] = [
  { value: "swings", word: "swings aside" },
  { value: "slides", word: "slides aside" },
  { value: "rises", word: "rises" },
];

/** How a gate moves that was just drawn. */
export const AT_ONCE: Gate["motion"] = { way: "swings", seconds: 0 };

/** A gate in play: how far open it is, 0 to 1, while it moves. */
type GateNow = Gate & { openness?: number | undefined };

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
      motion: { ...AT_ONCE },
    }),
    remembered: ["height", "stops", "hand", "motion"],
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
        { ...gate, stands: play.gates[id] ?? gate.stands, openness: play.openness(id) },
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
  sentence: ({ from, to, stands, hand, motion }, mission, ref) => {
    const workers = usesOf(mission, ref).filter(({ family }) => family === "fixtures");
    const by = [
      workers.length > 0 && `Worked by ${workers.map((it) => nameOf(mission, it)).join(", ")}.`,
      hand.type === "opened" &&
        `Opened by hand by ${hand.open.type === "all" ? "anybody" : `the ${nameOf(mission, hand.open.side)}`}.`,
    ].filter(Boolean);
    const word = STANDS.find(({ value }) => value === stands)?.word.toLowerCase();
    const moves =
      motion.seconds > 0 ? ` It ${motion.way} open and shut in ${motion.seconds} s.` : "";
    return `A gate ${metres(lengthOf([from, to], false))} wide, ${word} at the start. ${by.length === 0 ? "Nothing works it yet." : by.join(" ")}${moves}`;
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
      <OneOf
        label="It"
        path={[...at, "motion", "way"]}
        value={gate.motion.way}
        options={WAYS}
        says={(way) => `${name} ${way}`}
      />
      <Amount
        label="In"
        path={[...at, "motion", "seconds"]}
        unit="s"
        least={0}
        most={120}
        digits={1}
        value={gate.motion.seconds}
        says={(to) => (to === 0 ? `${name} moves at once` : `${name} moves in ${to} s`)}
      />
      <Metres label="Height" path={[...at, "height"]} value={gate.height} least={0.1} most={100} />
      <StopsFields path={[...at, "stops"]} value={gate.stops} of={name} />
    </Group>
  );
}

/** Draws the leaf of a gate that is so far open, 0 to 1: aside, beyond its post, or lifted. */
function leaf(
  c: CanvasRenderingContext2D,
  way: Gate["motion"]["way"],
  open: number,
  [ax, ay]: [number, number],
  [bx, by]: [number, number],
): void {
  const [dx, dy] = [bx - ax, by - ay];
  c.save();
  c.beginPath();
  if (way === "rises") {
    // What is lifted overhead is seen in dashes, the shorter the higher it is.
    if (open > 0) c.setLineDash([4 + 6 * (1 - open), 3 + 7 * open]);
    c.moveTo(ax, ay);
    c.lineTo(bx, by);
  } else {
    c.moveTo(ax + dx * open, ay + dy * open);
    c.lineTo(bx, by);
    if (way === "slides") c.lineTo(bx + dx * open * 0.9, by + dy * open * 0.9);
    else c.lineTo(bx + dy * open * 0.9, by - dx * open * 0.9);
  }
  c.stroke();
  c.restore();
}

/** Draws a gate between its two posts: its leaf across, half across, or out of the way. */
function drawGate(sheet: Sheet, gate: GateNow, selected: boolean): void {
  const { c, camera, size } = sheet;
  const [ax, ay] = toScreen(camera, size, gate.from.x, gate.from.y);
  const [bx, by] = toScreen(camera, size, gate.to.x, gate.to.y);
  const open = gate.openness ?? { open: 1, half: 0.5, closed: 0 }[gate.stands];
  const width = Math.max(3, 0.3 * camera.scale);
  c.save();
  c.lineCap = "butt";
  for (const [w, colour] of [
    [width + 3, inks.halo],
    [width, selected ? inks.ink : inks.wood],
  ] as const) {
    c.lineWidth = w;
    c.strokeStyle = colour;
    leaf(c, gate.motion.way, open, [ax, ay], [bx, by]);
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
