import { put } from "../document/change";
import { useMission, useOpenMission } from "../document/context";
import type { Effect, Mission } from "../document/mission";
import { sure } from "../document/sure";
import { metres } from "../document/units";
import { drawLean, drawSquares, drawTimes, grows, rimAfter } from "../drawing/clouds";
import { faint, type Ink, inks } from "../drawing/inks";
import { pin, stroked } from "../drawing/pin";
import type { Sheet } from "../drawing/sheet";
import { Choice, Field, Group } from "../ui/controls";
import { PathSign } from "../ui/PathSign";
import { OneOf } from "./fields";
import { each, type FieldsProps, spots, type Traits } from "./traits";

/** What effects there are: what they are and do, and how far a new one spreads in metres. */
const LOOKS: Record<Effect["look"], { word: string; says: string; spread: number }> = {
  smoke: { word: "Smoke", says: "Smoke that nobody sees through", spread: 8 },
  fire: { word: "Fire", says: "A fire that shows who stands near it in the dark", spread: 4 },
  spray: { word: "Spray", says: "Spray that nobody sees far through", spread: 6 },
  light: { word: "Light", says: "A light that shows who stands near it in the dark", spread: 20 },
  sound: { word: "Sound", says: "A sound that drowns half of what is to be heard", spread: 30 },
};

const OPTIONS = Object.entries(LOOKS).map(([value, { word }]) => ({
  value: value as Effect["look"],
  word,
}));

/** Smoke, fire, spray, light and sound. */
export const effects: Traits<"effects"> = {
  heading: "Effects",
  sign: "M9 2L9 5M9 13L9 16M2 9L5 9M13 9L16 9M4 4L6 6M12 12L14 14M14 4L12 6M6 12L4 14",
  icon: ({ look }) => <PathSign path={SIGNS[look]} reach={11} width={1.8} />,
  setDown: {
    at: 20,
    tray: () =>
      OPTIONS.map(({ value, word }) => ({
        group: "Effects",
        choice: value,
        word,
        also: "effect",
        icon: <PathSign path={SIGNS[value]} reach={11} width={1.8} size={20} />,
      })),
    fresh: ({ at: [position], choice }) => {
      const look = choice as Effect["look"];
      const { word, spread } = LOOKS[look];
      return {
        name: word,
        look,
        position,
        radius: spread,
        on: true,
        spreads: { type: "atOnce" },
        lasts: 0,
        harm: 0,
        things: false,
      };
    },
    likeTheLast: (fresh, last) => {
      if (fresh.look === last.look) fresh.radius = last.radius;
    },
  },
  geometry: ({ position, radius }) => ({ is: "circle", centre: position, radius }),
  spots: (effect) => spots("position", effect),
  sized: (effect) => effect,
  layer: "areas",
  named: 5,
  painted: { at: 2, draw: each(drawEffect) },
  inPlay: (effects, play) =>
    Object.fromEntries(
      Object.entries(effects)
        .filter(([id]) => play.effects.includes(id) || play.grown[id])
        .map(([id, effect]) => [
          id,
          {
            ...effect,
            on: play.effects.includes(id),
            position: play.effectsAt[id] ?? effect.position,
            squares: play.grown[id],
          },
        ]),
    ),
  solid: null,
  printed: null,
  sentence: (effect) =>
    `${LOOKS[effect.look].says}, ${metres(effect.radius)} around, ${effect.on ? "from the start" : "once an event begins it"}.${grows(effect) ? ` It reaches its rim after ${rimAfter(effect).toFixed(0)} s at the earliest.` : ""}`,
  slip: [Fields, "effect"],
  links: ["fixtures"],
};

/** An effect, and in play how far it has spread where it grows. */
type EffectNow = Effect & { squares?: string | undefined };

/** What goes on and whether from the start. */
function Fields({ id, name }: FieldsProps) {
  const open = useOpenMission();
  const effect = useMission((state) => sure(state.mission.effects, id));
  const at = ["effects", id];
  return (
    <Group title="What goes on">
      <OneOf
        label="Effect"
        path={[...at, "look"]}
        value={effect.look}
        options={OPTIONS}
        says={(to) => `${name} is ${to}`}
      />
      <Field label="Goes on">
        {(field) => (
          <Choice
            id={field}
            value={effect.on ? "start" : "later"}
            options={[
              { value: "start", word: "From the start" },
              { value: "later", word: "When begun" },
            ]}
            onTake={(to) => put(open, `${name} goes on ${to}`, [...at, "on"], to === "start")}
          />
        )}
      </Field>
    </Group>
  );
}

/** Drawings of effects about the origin, within 8 units, as strokes. */
const SIGNS: Record<Effect["look"], string> = {
  smoke: "M-5 5C-8 2 -5 -1 -3 0C-4 -5 3 -6 3 -2C7 -3 8 3 4 5ZM-2 5C-2 3 0 2 1 3",
  fire: "M0 7C-6 6 -6 0 -2 -3C-2 -1 0 -1 0 -7C5 -3 7 3 4 6C3 7 1 7 0 7ZM0 7C-2 5 -1 3 1 2C2 4 2 6 0 7",
  spray: "M-6 6C-6 0 -4 -4 -3 -6M-1 6C-1 0 0 -4 1 -7M4 6C4 2 5 -1 6 -4M-7 7L7 7",
  light:
    "M-2.5 0A2.5 2.5 0 1 1 2.5 0A2.5 2.5 0 1 1 -2.5 0M0 -7L0 -5M0 5L0 7M-7 0L-5 0M5 0L7 0M-5 -5L-3.5 -3.5M3.5 3.5L5 5M5 -5L3.5 -3.5M-3.5 3.5L-5 5",
  sound: "M-6 -2L-3 -2L0 -5L0 5L-3 2L-6 2ZM2.5 -3Q4.5 0 2.5 3M5 -5Q8 0 5 5",
};

/** The hue that the reach of an effect is tinted with. */
const TINTS: Record<Effect["look"], Ink> = {
  smoke: "flint2",
  fire: "fire",
  spray: "spray",
  light: "light",
  sound: "sound",
};

/** Draws an effect: its sign, and how far it spreads; faint until an event begins it. */
function drawEffect(sheet: Sheet, effect: EffectNow, selected: boolean, mission: Mission): void {
  const { c, camera } = sheet;
  const { on, squares } = effect;
  const tint = inks[TINTS[effect.look]];
  const strength = on ? 0.4 : 0.13;
  if (squares) drawSquares(sheet, effect, squares, tint);
  else if (on) drawLean(sheet, effect, mission.setting.wind, tint, strength);
  if (selected && grows(effect)) drawTimes(sheet, effect, inks.ink);
  if (squares && !on) return;
  pin(sheet, effect.position, 0, () => {
    const reach = Math.max(4, effect.radius * camera.scale);
    c.beginPath();
    c.arc(0, 0, reach, 0, Math.PI * 2);
    if (!squares) {
      const spread = c.createRadialGradient(0, 0, reach * 0.15, 0, 0, reach);
      spread.addColorStop(0, faint(tint, strength));
      spread.addColorStop(1, faint(tint, 0));
      c.fillStyle = spread;
      c.fill();
      c.setLineDash([2, 4]);
      c.lineWidth = selected ? 1.8 : 1;
      c.strokeStyle = selected ? inks.ink : tint;
      c.stroke();
      c.setLineDash([]);
    }
    c.globalAlpha = on ? 1 : 0.6;
    stroked(c, SIGNS[effect.look], selected, selected ? inks.ink : tint);
  });
}
