import {
  ArrowDownToLine,
  ArrowUpFromLine,
  Check,
  ChevronDown,
  ChevronRight,
  type LucideIcon,
  MoveUpRight,
  PaintBucket,
  RectangleHorizontal,
  Sparkles,
  Sprout,
  Waves,
} from "lucide-react";
import { useState } from "react";
import type { Brush, BrushKind } from "../../desk/desk";
import { useDeskPart } from "../../desk/desk";
import { kept } from "../../document/kept";
import { DENSEST, GROWTHS, SURFACES } from "../../document/raster";
import { measured } from "../../document/units";
import { Button, Choice, Field, NumberBox } from "../../ui/controls";

const KINDS: { kind: BrushKind; word: string; Sign: LucideIcon }[] = [
  { kind: "raise", word: "Raise", Sign: ArrowUpFromLine },
  { kind: "lower", word: "Lower", Sign: ArrowDownToLine },
  { kind: "level", word: "Level", Sign: RectangleHorizontal },
  { kind: "smooth", word: "Smooth", Sign: Waves },
  { kind: "slope", word: "Slope", Sign: MoveUpRight },
  { kind: "noise", word: "Roughen", Sign: Sparkles },
  { kind: "paint", word: "Paint", Sign: PaintBucket },
  { kind: "growth", word: "Sow", Sign: Sprout },
];

/** Brushes whose strength is in metres; that of the others is a share. */
const IN_METRES: readonly BrushKind[] = ["raise", "lower", "noise"];

/** The brush that was in hand last, with all its settings; the one to begin with where none was. */
export function lastBrush(): Brush {
  return { ...FIRST_BRUSH, ...kept<Partial<Brush>>("brush", {}) };
}

const FIRST_BRUSH: Brush = {
  kind: "raise",
  radius: 20,
  strength: 1,
  surface: 1,
  growth: 0,
  density: 4,
};

/** How large a brush may be, metres. */
const RADII = [0.5, 2000] as const;
const STRENGTHS = [0.05, 50] as const;

/** By how much a step of the wheel changes a brush. */
const STEP = 1.15;

function within([least, most]: readonly [number, number], value: number): number {
  return Math.round(Math.max(least, Math.min(most, value)) * 100) / 100;
}

/** A brush larger or smaller, or stronger or weaker, by steps of the wheel. */
export function wheeled(brush: Brush, what: "radius" | "strength", steps: number): Brush {
  if (what === "strength" && brush.kind === "growth") {
    return { ...brush, density: Math.max(0, Math.min(DENSEST, brush.density - Math.sign(steps))) };
  }
  const bounds = what === "radius" ? RADII : STRENGTHS;
  return { ...brush, [what]: within(bounds, brush[what] * STEP ** -steps) };
}

/** What the brush does, how large and how strong it is. */
export function BrushPanel() {
  const { brush, setBrush } = useDeskPart("brush", "setBrush");
  const [open, setOpen] = useState(true);
  if (!brush) return null;
  const { word: named = "", Sign = Waves } = KINDS.find(({ kind }) => kind === brush.kind) ?? {};
  if (!open) {
    return (
      <section
        aria-label="Brush"
        className="absolute top-9 left-9 flex border border-line bg-slip shadow-md"
      >
        <Button look="quiet" aria-expanded={false} onClick={() => setOpen(true)}>
          <ChevronRight size="0.875rem" />
          <Sign size="0.9375rem" aria-hidden="true" /> {named}, {measured(brush.radius, "m", 0)}
        </Button>
        <Button look="quiet" aria-label="Done" onClick={() => setBrush(null)}>
          <Check size="0.875rem" />
        </Button>
      </section>
    );
  }
  const inMetres = IN_METRES.includes(brush.kind);
  return (
    <section
      aria-label="Brush"
      className="absolute top-9 left-9 w-56 border border-line bg-slip p-2.5 shadow-md"
    >
      <fieldset className="grid grid-cols-4 gap-1 pb-2">
        <legend className="flex w-full justify-between pb-1 font-bold text-small text-flint">
          Shape the ground
          <button
            type="button"
            aria-expanded
            aria-label="Fold the brush’s settings"
            className="flex h-6 w-6 items-center justify-center hover:bg-hover"
            onClick={() => setOpen(false)}
          >
            <ChevronDown size="0.875rem" />
          </button>
        </legend>
        {KINDS.map(({ kind, word, Sign }) => (
          <button
            key={kind}
            type="button"
            aria-pressed={brush.kind === kind}
            className="flex min-h-11 flex-col items-center justify-center gap-0.5 border border-transparent text-xs leading-none hover:bg-hover aria-pressed:border-moss aria-pressed:bg-moss-soft"
            onClick={() => setBrush({ ...brush, kind })}
          >
            <Sign size="0.9375rem" aria-hidden="true" />
            {word}
          </button>
        ))}
      </fieldset>
      <Field label="Radius">
        {(id) => (
          <NumberBox
            id={id}
            unit="m"
            least={RADII[0]}
            most={RADII[1]}
            value={brush.radius}
            onTake={(radius) => setBrush({ ...brush, radius })}
          />
        )}
      </Field>
      {brush.kind === "growth" ? (
        <>
          <Field label="Grows">
            {(id) => (
              <Choice
                id={id}
                value={String(brush.growth)}
                options={GROWTHS.map((word, i) => ({ value: String(i), word }))}
                onTake={(growth) => setBrush({ ...brush, growth: Number(growth) })}
              />
            )}
          </Field>
          <label className="flex items-center justify-between gap-2 py-1 text-small">
            {brush.density === 0 ? "Clear away" : `Density ${brush.density} of ${DENSEST}`}
            <input
              type="range"
              aria-label="Density"
              className="w-24 accent-moss"
              min={0}
              max={DENSEST}
              value={brush.density}
              onChange={(event) => setBrush({ ...brush, density: Number(event.target.value) })}
            />
          </label>
        </>
      ) : brush.kind === "paint" ? (
        <Field label="Surface">
          {(id) => (
            <Choice
              id={id}
              value={String(brush.surface)}
              options={SURFACES.map((word, i) => ({ value: String(i), word }))}
              onTake={(surface) => setBrush({ ...brush, surface: Number(surface) })}
            />
          )}
        </Field>
      ) : (
        <Field label="Strength">
          {(id) => (
            <NumberBox
              id={id}
              unit={inMetres ? "m" : ""}
              least={STRENGTHS[0]}
              most={STRENGTHS[1]}
              value={brush.strength}
              onTake={(strength) => setBrush({ ...brush, strength })}
            />
          )}
        </Field>
      )}
      <p className="py-1.5 text-xs text-quiet leading-snug">
        {brush.kind === "slope"
          ? "Drag from one height to the other."
          : brush.kind === "growth"
            ? "It hides those behind it and slows those in it. Shift+wheel: size. Alt+wheel: density."
            : "Shift+wheel: size. Alt+wheel: strength."}
      </p>
      <Button className="w-full" onClick={() => setBrush(null)}>
        <Check size="0.875rem" /> Done
      </Button>
    </section>
  );
}
