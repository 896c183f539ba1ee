import { emblemPath, glyphPath, outlinePath, SIDE_COLOURS } from "../map/stones";
import type { KindGlyph, Side } from "../model/mission";

interface Props {
  side?: Side;
  glyph?: KindGlyph;
  size?: number;
  player?: boolean;
}

/** A unit's stone as a small picture; without a side in neutral ink. */
export function Stone({ side, glyph, size = 20, player }: Props) {
  const colour = side ? SIDE_COLOURS[side.colour] : "#3a4048";
  const solid = side?.fill === "solid";
  return (
    <svg width={size} height={size} viewBox="-16 -16 32 32" aria-hidden="true" className="shrink-0">
      {player && (
        <circle r={15} fill="none" stroke={colour} strokeWidth={1.4} strokeDasharray="2.2 2.4" />
      )}
      <path
        d={outlinePath(side?.outline ?? "ring")}
        fill={solid ? colour : "#fcfaf3"}
        stroke={colour}
        strokeWidth={2.2}
      />
      {side && !glyph && emblemPath(side.emblem) && (
        <path
          d={emblemPath(side.emblem)}
          transform="scale(1.9)"
          fill="none"
          stroke={solid ? "#fcfaf3" : colour}
          strokeWidth={1}
          strokeLinecap="round"
          strokeLinejoin="round"
        />
      )}
      {glyph && (
        <path
          d={glyphPath(glyph)}
          fill="none"
          stroke={solid ? "#fcfaf3" : colour}
          strokeWidth={1.8}
          strokeLinecap="round"
          strokeLinejoin="round"
        />
      )}
    </svg>
  );
}

/** A zone's hatch as a small picture. */
export function ZoneSwatch({ hue, size = 18 }: { hue: number; size?: number }) {
  const colour = `hsl(${hue} 55% 30%)`;
  return (
    <svg width={size} height={size} viewBox="0 0 18 18" aria-hidden="true" className="shrink-0">
      <circle cx={9} cy={9} r={7} fill={`hsl(${hue} 55% 45% / 0.15)`} stroke={colour} />
      <path d="M4 12L12 4M6 15L15 6" stroke={colour} strokeWidth={1} />
    </svg>
  );
}
