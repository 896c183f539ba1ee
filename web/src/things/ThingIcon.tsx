import { useMission } from "../document/context";
import {
  type Cargo,
  type Craft,
  type Effect,
  type Family,
  type FixtureLook,
  type ItemKindFigure,
  type PropKind,
  type Ref,
  standing,
} from "../document/mission";
import { CARGO_SIGNS, CRAFT_SIGNS, EFFECT_SIGNS, ITEM_SIGNS } from "../drawing/pins";
import { Stone, ZoneSwatch } from "../drawing/Stone";
import { FIXTURE_SIGNS, PROP_FIGURES } from "../drawing/works";
import { traitsOf } from "../families";

/** Small drawings of what has no place on the map, within 18 units. */
const SIGNS: Partial<Record<Family, string>> = {
  labels: "M2 4L10 4L16 9L10 14L2 14ZM5 9L7 9",
  folders: "M2 5L7 5L9 7L16 7L16 15L2 15Z",
};

/** The sign of a family. */
export function FamilySign({ family, size = 18 }: { family: Family; size?: number }) {
  const sign = traitsOf(family)?.sign ?? SIGNS[family];
  if (!sign) return null;
  return (
    <svg width={size} height={size} viewBox="0 0 18 18" aria-hidden="true" className="shrink-0">
      <path d={sign} fill="none" stroke="#3a4048" strokeWidth={1.6} strokeLinejoin="round" />
    </svg>
  );
}

/** The sign of a fixture, by its look. */
export function FixtureSign({ look, size = 18 }: { look: FixtureLook; size?: number }) {
  return (
    <svg width={size} height={size} viewBox="-8 -8 16 16" aria-hidden="true" className="shrink-0">
      <path d={FIXTURE_SIGNS[look]} fill="none" stroke="#3a4048" strokeWidth={1.5} />
    </svg>
  );
}

/** The drawing of an effect, a load or a craft by its look. */
export function pinPath(family: "effects" | "cargo" | "craft", it: { look: string }): string {
  if (family === "effects") return EFFECT_SIGNS[it.look as Effect["look"]];
  return family === "cargo"
    ? CARGO_SIGNS[it.look as Cargo["look"]]
    : CRAFT_SIGNS[it.look as Craft["look"]];
}

/** The sign of an effect, a load or a craft. */
export function PinSign({ path, size = 18 }: { path: string; size?: number }) {
  return (
    <svg width={size} height={size} viewBox="-11 -11 22 22" aria-hidden="true" className="shrink-0">
      <path d={path} fill="none" stroke="#3a4048" strokeWidth={1.8} strokeLinejoin="round" />
    </svg>
  );
}

/** The sign of an item kind. */
export function ItemSign({ figure, size = 18 }: { figure: ItemKindFigure; size?: number }) {
  return (
    <svg width={size} height={size} viewBox="-9 -9 18 18" aria-hidden="true" className="shrink-0">
      <path
        d={ITEM_SIGNS[figure]}
        fill="none"
        stroke="currentColor"
        strokeWidth={1.6}
        strokeLinejoin="round"
        strokeLinecap="round"
      />
    </svg>
  );
}

/** The sign of a prop: its figure on its footprint. */
export function PropSign({ kind, size = 18 }: { kind: PropKind; size?: number }) {
  const { footprint, figure } = kind;
  const round = footprint.type === "round";
  const [width, depth] = round ? [1, 1] : [footprint.width, footprint.depth];
  const fit = 0.86 / Math.max(width, depth);
  const [w, h] = [Math.max(0.45, width * fit), Math.max(0.45, depth * fit)];
  return (
    <svg width={size} height={size} viewBox="-0.5 -0.5 1 1" aria-hidden="true" className="shrink-0">
      <g transform={`scale(${w} ${h})`} fill="none" stroke="#3a4048" strokeLinecap="round">
        {round ? (
          <circle r={0.5} strokeWidth={1.5} vectorEffect="non-scaling-stroke" />
        ) : (
          <rect
            x={-0.5}
            y={-0.5}
            width={1}
            height={1}
            strokeWidth={1.5}
            vectorEffect="non-scaling-stroke"
          />
        )}
        <path d={PROP_FIGURES[figure]} strokeWidth={1.2} vectorEffect="non-scaling-stroke" />
      </g>
    </svg>
  );
}

/** The small picture of a thing, as the map shows it. */
export function ThingIcon({ thing }: { thing: Ref }) {
  const mission = useMission((state) => state.mission);
  if (thing.family === "zones") {
    const zone = mission.zones[thing.id];
    return zone ? <ZoneSwatch hue={zone.hue} /> : null;
  }
  if (thing.family === "fixtures") {
    const fixture = mission.fixtures[thing.id];
    return fixture ? <FixtureSign look={fixture.look} /> : null;
  }
  if (thing.family === "props") {
    const kind = mission.propKinds[mission.props[thing.id]?.kind.id];
    return kind ? <PropSign kind={kind} /> : <FamilySign family="props" />;
  }
  if (thing.family === "items") {
    const kind = mission.itemKinds[mission.items[thing.id]?.kind.id];
    return kind ? <ItemSign figure={kind.figure} /> : <FamilySign family="items" />;
  }
  if (thing.family === "effects" || thing.family === "cargo" || thing.family === "craft") {
    const it = mission[thing.family][thing.id];
    return it ? <PinSign path={pinPath(thing.family, it)} /> : <FamilySign family={thing.family} />;
  }
  const found =
    thing.family === "units" || thing.family === "starts" ? standing(mission, thing) : undefined;
  if (!found) return <FamilySign family={thing.family} />;
  return <Stone side={found.side} glyph={found.kind?.glyph} player={thing.family === "starts"} />;
}
