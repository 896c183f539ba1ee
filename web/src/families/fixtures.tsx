import {
  type Fixture,
  type FixtureLook,
  nameOf,
  newId,
  ordered,
  pinnedOf,
} from "../document/mission";
import { pinnedWords } from "../document/pinned";
import { sure } from "../document/sure";
import { toScreen } from "../drawing/camera";
import { inks } from "../drawing/inks";
import { INK, PAPER } from "../drawing/printed";
import type { Sheet } from "../drawing/sheet";
import { PathSign } from "../ui/PathSign";
import { asSetDown, each, FACING_POINT, type Traits } from "./traits";

/** The plain use of a fixture. */
export const USE = {
  verb: "Use",
  seconds: pinnedOf(1),
  times: 0,
  noise: 0,
  needs: { type: "nothing" },
  gives: { type: "nothing" },
  effect: { type: "nothing" },
} as const;

/** What fixtures there are: their first use, how far it is heard in metres, and how tall they are. */
const LOOKS: Record<
  FixtureLook,
  { word: string; verb: string; noise: number; tall: number; wide: number }
> = {
  lever: { word: "Lever", verb: "Pull", noise: 15, tall: 1.1, wide: 0.35 },
  bell: { word: "Bell", verb: "Ring", noise: 250, tall: 2.2, wide: 0.35 },
  lamp: { word: "Lamp", verb: "Light", noise: 0, tall: 2.4, wide: 0.35 },
  chest: { word: "Chest", verb: "Open", noise: 8, tall: 0.7, wide: 0.9 },
};

/** Things that people use. */
export const fixtures: Traits<"fixtures"> = {
  heading: "Fixtures",
  sign: "M4 14L14 14M9 14L13 5M11.6 5A1.4 1.4 0 1 1 14.4 5A1.4 1.4 0 1 1 11.6 5",
  icon: ({ look }) => <PathSign path={SIGNS[look]} reach={8} width={1.5} />,
  setDown: {
    at: 16,
    tray: () =>
      (Object.keys(LOOKS) as FixtureLook[]).map((choice) => ({
        group: "Works",
        choice,
        word: LOOKS[choice].word,
        also: "fixture use",
        icon: <PathSign path={SIGNS[choice]} reach={8} width={1.5} size={20} />,
      })),
    fresh: ({ at: [position], choice, levelAt }) => {
      const look = choice as FixtureLook;
      const { word, verb, noise } = LOOKS[look];
      return {
        name: word,
        look,
        position,
        level: levelAt(position),
        facing: 0,
        uses: { [newId()]: { order: "a0", ...USE, verb, noise } },
      };
    },
  },
  ...FACING_POINT,
  levelled: true,
  named: 8,
  painted: { at: 13, draw: each(drawFixture) },
  inPlay: asSetDown,
  solid: ({ look }) => ({
    plan: { is: "block", width: LOOKS[look].wide, depth: 0.4 },
    foot: 0,
    top: LOOKS[look].tall,
    of: "iron",
  }),
  printed: {
    at: 13,
    draw: (fixtures, { at }) =>
      Object.entries(fixtures).map(([id, { position }]) => {
        const [x, y] = at(position);
        return <Plate key={id} x={x - 0.8} y={y - 0.8} />;
      }),
    legend: { word: "Something to use", sign: <Plate x={2.7} y={0.7} /> },
  },
  sentence: ({ uses }, mission) => {
    const all = ordered(uses).map(([, { verb, needs }]) =>
      needs.type === "nothing"
        ? verb
        : `${verb} (${needs.type === "holding" ? "needs" : "uses up"} ${pinnedWords(needs.count)} × ${nameOf(mission, needs.item)})`,
    );
    return all.length === 0
      ? "Nothing can be done with it yet."
      : `People beside it can: ${all.join(", ")}.`;
  },
  slip: ["uses"],
  links: ["gates"],
  offers: (from, gate, mission) => {
    const [a, b] = [nameOf(mission, from), nameOf(mission, gate)];
    if (gate.family !== "gates") return [];
    return (["opens", "closes", "turns"] as const).map((type) => ({
      word: `${{ opens: "open", closes: "close", turns: "open or close" }[type]} ${b}`,
      label: `${a} ${type} ${b}`,
      make: (draft) => {
        const uses = Object.values(sure(draft.fixtures, from.id).uses);
        const use = uses.find(({ effect }) => effect.type === "nothing") ?? uses[0];
        if (use) use.effect = { type, gate };
      },
    }));
  },
  acts: true,
};

/** A fixture in print. */
function Plate({ x, y }: { x: number; y: number }) {
  return <rect x={x} y={y} width={1.6} height={1.6} fill={PAPER} stroke={INK} strokeWidth={0.25} />;
}

/** Drawings of fixtures about the origin, within 7 units, as strokes. */
const SIGNS: Record<FixtureLook, string> = {
  lever: "M-5 5L5 5M0 5L4 -5M2.6 -5A1.5 1.5 0 1 1 5.4 -5A1.5 1.5 0 1 1 2.6 -5",
  bell: "M-5 4L5 4L3.5 2L3.5 -2Q3.5 -5.5 0 -5.5Q-3.5 -5.5 -3.5 -2L-3.5 2ZM-1.2 4.6Q0 6.6 1.2 4.6",
  lamp: "M-3 5.5L3 5.5M-2.5 -3L2.5 -3L3 4L-3 4ZM-1.5 -3Q-1.5 -6 0 -6Q1.5 -6 1.5 -3M0 -1L0 2",
  chest: "M-5 -1L5 -1L5 5L-5 5ZM-5 -1Q-5 -5 0 -5Q5 -5 5 -1M-1 1L1 1",
};

/** Draws a fixture as a square plate with its sign. */
function drawFixture(sheet: Sheet, fixture: Fixture, selected: boolean): void {
  const { c, camera, size } = sheet;
  const [px, py] = toScreen(camera, size, fixture.position.x, fixture.position.y);
  c.save();
  c.translate(px, py);
  c.save();
  c.rotate((fixture.facing * Math.PI) / 180);
  c.beginPath();
  c.moveTo(-4.5, -13);
  c.lineTo(0, -20);
  c.lineTo(4.5, -13);
  c.closePath();
  c.lineWidth = 3;
  c.strokeStyle = inks.halo;
  c.stroke();
  c.fillStyle = inks.flint;
  c.fill();
  c.restore();
  c.beginPath();
  c.roundRect(-10, -10, 20, 20, 3);
  c.fillStyle = inks.slip;
  c.fill();
  c.lineWidth = selected ? 2.6 : 1.4;
  c.strokeStyle = selected ? inks.ink : inks.flint;
  c.stroke();
  c.lineWidth = 1.6;
  c.lineJoin = "round";
  c.lineCap = "round";
  c.strokeStyle = inks.ink;
  c.stroke(new Path2D(SIGNS[fixture.look]));
  c.restore();
}
