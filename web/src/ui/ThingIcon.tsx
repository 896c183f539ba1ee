import { CARGO_SIGNS, CRAFT_SIGNS, EFFECT_SIGNS, ITEM_SIGNS } from "../map/pins";
import { FIXTURE_SIGNS, PROP_FIGURES } from "../map/works";
import { useMission } from "../model/context";
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
} from "../model/mission";
import { Stone, ZoneSwatch } from "./Stone";

/** Small drawings of families whose things have no look of their own, within 18 units. */
const SIGNS: Partial<Record<Family, string>> = {
  squads:
    "M5 6A2 2 0 1 1 9 6A2 2 0 1 1 5 6M10 10A2 2 0 1 1 14 10A2 2 0 1 1 10 10M3 12A2 2 0 1 1 7 12A2 2 0 1 1 3 12",
  labels: "M2 4L10 4L16 9L10 14L2 14ZM5 9L7 9",
  bands: "M2 8A3 3 0 1 1 8 8A3 3 0 1 1 2 8M10 8A3 3 0 1 1 16 8A3 3 0 1 1 10 8M8 8L10 8M3 15L15 15",
  spawnPoints: "M9 3L9 14M5 10L9 14L13 10M3 16L15 16",
  markers: "M5 16L5 2L15 5.5L5 9",
  walls: "M2 12L7 6L16 8M2 15L8 9.5L16 11",
  gates: "M2 6L2 14M16 6L16 14M2 10L9 10M9 10L14 4",
  decks: "M2 11L6 5L16 5L12 11ZM4 11L4 15M12 11L12 15M16 5L16 9",
  buildings: "M2 9L9 3L16 9M4 8L4 15L14 15L14 8M8 15L8 11L11 11L11 15",
  roads: "M6 16L7 11L6 7L8 2M12 16L13 11L12 7L13 2",
  crossings: "M2 15L6 15L6 9M16 15L12 15L12 9M5 7Q9 1 13 6M13 6L9.8 5.6M13 6L13.2 2.8",
  fixtures: "M4 14L14 14M9 14L13 5M11.6 5A1.4 1.4 0 1 1 14.4 5A1.4 1.4 0 1 1 11.6 5",
  props: "M4 5L14 5L14 15L4 15ZM4 5L14 15M14 5L4 15",
  items: "M3 9A6 6 0 1 1 15 9A6 6 0 1 1 3 9M9 6L9 12M6 9L12 9",
  placeNames: "M3 15L8 3L10 3L15 15M5 11L13 11",
  effects: "M9 2L9 5M9 13L9 16M2 9L5 9M13 9L16 9M4 4L6 6M12 12L14 14M14 4L12 6M6 12L4 14",
  cargo: "M3 6L15 6L15 14L3 14ZM7 6L7 14M11 6L11 14",
  craft: "M9 1.5C13 6 13 12 12 16L6 16C5 12 5 6 9 1.5ZM5.6 9L12.4 9",
  views: "M2 6L2 3L6 3M12 3L16 3L16 6M16 12L16 15L12 15M6 15L2 15L2 12",
  notes: "M3 2L11 2L15 6L15 16L3 16ZM11 2L11 6L15 6M6 10L12 10M6 13L10 13",
  folders: "M2 5L7 5L9 7L16 7L16 15L2 15Z",
  posts: "M3 5L3 14L15 14L15 5M9 14L9 8",
  routes:
    "M3 14L7 6L12 11L16 4M1.6 14A1.4 1.4 0 1 1 4.4 14A1.4 1.4 0 1 1 1.6 14M14.6 4A1.4 1.4 0 1 1 17.4 4A1.4 1.4 0 1 1 14.6 4",
};

/** The sign of a family. */
export function FamilySign({ family, size = 18 }: { family: Family; size?: number }) {
  const sign = SIGNS[family];
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
