import type { KindGlyph, Side } from "../document/mission";
import { edgeStyle, fillOf } from "./inks";
import { FLINT, PAPER } from "./printed";
import { emblemPath, glyphPath, outlinePath, SIDE_COLOURS } from "./stones";

interface Props {
  side?: Side;
  glyph?: KindGlyph;
  size?: number;
  player?: boolean;
}

/** How a stone is coloured: on the page as the theme has it, in prints by daylight. */
function coloursOf(side: Side | undefined, printed: boolean): { colour: string; paper: string } {
  if (printed) return { colour: side ? SIDE_COLOURS[side.colour] : FLINT, paper: PAPER };
  return { colour: `var(--color-${side?.colour ?? "flint"})`, paper: "var(--color-slip)" };
}

/**
 * A stone about the origin, 11 units in radius: outline and second sign of its side, glyph or emblem.
 * One that is printed leaves the page, and its theme with it.
 */
export function StoneShapes({
  side,
  glyph,
  player,
  printed = false,
}: Omit<Props, "size"> & { printed?: boolean }) {
  const { colour, paper } = coloursOf(side, printed);
  const solid = side?.fill === "solid";
  const strokes = {
    fill: "none",
    stroke: solid ? paper : colour,
    strokeLinecap: "round",
    strokeLinejoin: "round",
  } as const;
  return (
    <>
      {player && (
        <circle r={15} fill="none" stroke={colour} strokeWidth={1.4} strokeDasharray="2.2 2.4" />
      )}
      <path
        d={outlinePath(side?.outline ?? "ring")}
        fill={solid ? colour : paper}
        stroke={colour}
        strokeWidth={2.2}
      />
      {side && !glyph && emblemPath(side.emblem) && (
        <path d={emblemPath(side.emblem)} transform="scale(1.9)" strokeWidth={1} {...strokes} />
      )}
      {glyph && <path d={glyphPath(glyph)} strokeWidth={1.8} {...strokes} />}
    </>
  );
}

/** A unit's stone as a small picture; without a side in neutral ink. */
export function Stone({ size = 20, ...stone }: Props) {
  return (
    <svg
      width={`${size / 16}rem`}
      height={`${size / 16}rem`}
      viewBox="-16 -16 32 32"
      aria-hidden="true"
      className="shrink-0"
    >
      <StoneShapes {...stone} />
    </svg>
  );
}

/** A zone's hatch as a small picture. */
export function ZoneSwatch({ hue, size = 18 }: { hue: number; size?: number }) {
  const colour = edgeStyle(hue);
  return (
    <svg
      width={`${size / 16}rem`}
      height={`${size / 16}rem`}
      viewBox="0 0 18 18"
      aria-hidden="true"
      className="shrink-0"
    >
      <circle cx={9} cy={9} r={7} fill={fillOf(hue, 0.15)} stroke={colour} />
      <path d="M4 12L12 4M6 15L15 6" stroke={colour} strokeWidth={1} />
    </svg>
  );
}
