import type { Ref as DomRef, ReactNode } from "react";
import { glyphPath, outlinePath, SIDE_COLOURS } from "../map/stones";
import { boxCorners, geometryOf, pathOf } from "../model/geometry";
import {
  clockWords,
  type Family,
  type KindGlyph,
  type Mission,
  ordered,
  type Position,
  type Side,
} from "../model/mission";
import { surfacesOver } from "../model/surfaces";
import {
  EDGE,
  type Frame,
  frameOf,
  LEGEND,
  niceStep,
  onPaper,
  type Paper,
  ratio,
  TITLE,
} from "./frame";

const INK = "#22262b";
const QUIET = "#5c646e";
const SANS = "'Source Sans 3 Variable', 'Source Sans 3', sans-serif";
const SERIF = "'Bitter Variable', Bitter, serif";

/** What is printed: all that the designer sees, or what the players' map shows. */
export type Shown = "all" | "players";

interface Props {
  mission: Mission;
  paper: Paper;
  shown: Shown;
  legend: boolean;
  /** The ground as a picture, as a data URL. */
  picture: string;
  /** When it is printed, in words. */
  date: string;
  ref?: DomRef<SVGSVGElement>;
}

/** The sheet as a print: the ground with all that stands on it, a margin, a legend, a title block. */
export function PrintSheet(props: Props) {
  const { mission, paper, shown, legend, picture, date, ref } = props;
  const frame = frameOf(mission, paper, legend);
  const { left, top, width, height } = frame;
  return (
    <svg
      ref={ref}
      xmlns="http://www.w3.org/2000/svg"
      role="img"
      aria-label={`Print of ${mission.brief.title}`}
      viewBox={`0 0 ${paper.width} ${paper.height}`}
      width={`${paper.width}mm`}
      height={`${paper.height}mm`}
      fontFamily={SANS}
      fontSize={3}
      fill={INK}
      className="h-full w-full"
    >
      <rect width={paper.width} height={paper.height} fill="#f4f1e8" />
      <clipPath id="ground">
        <rect x={left} y={top} width={width} height={height} />
      </clipPath>
      <image href={picture} x={left} y={top} width={width} height={height} />
      <g clipPath="url(#ground)" strokeLinejoin="round" strokeLinecap="round">
        {shown === "all" && <Zones mission={mission} frame={frame} />}
        <Works mission={mission} frame={frame} />
        {shown === "all" && <Marks mission={mission} frame={frame} />}
        <Names mission={mission} frame={frame} shown={shown} />
      </g>
      <Margin frame={frame} />
      {legend && <Legend mission={mission} paper={paper} shown={shown} />}
      <TitleBlock mission={mission} paper={paper} frame={frame} date={date} />
    </svg>
  );
}

interface Part {
  mission: Mission;
  frame: Frame;
}

function line(frame: Frame, points: Position[], closed: boolean): string {
  const path = points.map((point, i) => `${i === 0 ? "M" : "L"}${onPaper(frame, point).join(" ")}`);
  return path.join("") + (closed ? "Z" : "");
}

function corners(parts: Record<string, { order: string; position: Position }>): Position[] {
  return ordered(parts).map(([, { position }]) => position);
}

function Zones({ mission, frame }: Part) {
  return Object.entries(mission.zones).map(([id, { shape, hue }]) => {
    const look = {
      fill: `hsl(${hue}, 55%, 45%)`,
      fillOpacity: 0.12,
      stroke: `hsl(${hue}, 55%, 30%)`,
      strokeWidth: 0.35,
    };
    if (shape.type === "circle") {
      const [cx, cy] = onPaper(frame, shape.centre);
      return <circle key={id} cx={cx} cy={cy} r={shape.radius * frame.scale} {...look} />;
    }
    const ring =
      shape.type === "rectangle" ? boxCorners({ is: "box", ...shape }) : corners(shape.corners);
    return <path key={id} d={line(frame, ring, true)} {...look} />;
  });
}

const ROADS = { road: "#e9dfc6", plank: "#d9c391", shingle: "#ddd8cc", path: "#d8c99d" };

function Works({ mission, frame }: Part) {
  const wide = (metres: number, least: number) => Math.max(least, metres * frame.scale);
  return (
    <>
      {Object.entries(mission.roads).map(([id, road]) => {
        const d = line(frame, corners(road.corners), false);
        const width = wide(road.width, 0.5);
        return (
          <g key={id} fill="none">
            <path d={d} stroke="#8d8069" strokeWidth={width + 0.3} />
            <path d={d} stroke={ROADS[road.surface]} strokeWidth={width} />
          </g>
        );
      })}
      {Object.entries(mission.buildings).map(([id, building]) => (
        <path
          key={id}
          d={line(frame, corners(building.corners), true)}
          fill={building.roof.make === "flat" ? "#d8cfbb" : "#b9a58a"}
          stroke="#4a4238"
          strokeWidth={0.3}
        />
      ))}
      {Object.entries(mission.decks)
        .sort(([, a], [, b]) => a.top - b.top)
        .map(([id, deck]) => {
          const holes = Object.values(deck.openings).map((it) => corners(it.corners));
          const rings = [corners(deck.corners), ...holes];
          return (
            <g key={id} stroke="#5d4a26" strokeWidth={0.3}>
              {Object.entries(deck.ramps).map(([ramp, { head, foot, width }]) => (
                <path
                  key={ramp}
                  d={line(frame, [head, foot], false)}
                  stroke="#c5ad78"
                  strokeWidth={wide(width, 0.5)}
                  strokeLinecap="butt"
                />
              ))}
              <path
                d={rings.map((ring) => line(frame, ring, true)).join("")}
                fill="#e3d3ab"
                fillRule="evenodd"
              />
            </g>
          );
        })}
      {Object.entries(mission.walls).map(([id, wall]) => (
        <path
          key={id}
          d={line(frame, corners(wall.corners), false)}
          fill="none"
          stroke="#3a4048"
          strokeWidth={wide(wall.thickness, 0.5)}
        />
      ))}
      {Object.entries(mission.gates).map(([id, { from, to }]) => (
        <path
          key={id}
          d={line(frame, [from, to], false)}
          stroke="#6d4a1e"
          strokeWidth={0.8}
          strokeLinecap="butt"
        />
      ))}
    </>
  );
}

/** How large stones are printed beside their drawing. */
const STONE = 0.17;

function Marks({ mission, frame }: Part) {
  return (
    <>
      {Object.keys(mission.routes).map((id) => {
        const geometry = geometryOf(mission, { family: "routes", id });
        if (geometry?.is !== "line") return null;
        const d = line(frame, pathOf(geometry), geometry.closed);
        return (
          <path
            key={id}
            d={d}
            fill="none"
            stroke="#3a4048"
            strokeWidth={0.35}
            strokeDasharray="1.6 1"
          />
        );
      })}
      {Object.entries(mission.fixtures).map(([id, { position }]) => {
        const [x, y] = onPaper(frame, position);
        return (
          <rect
            key={id}
            x={x - 0.8}
            y={y - 0.8}
            width={1.6}
            height={1.6}
            fill="#fcfaf3"
            stroke={INK}
            strokeWidth={0.25}
          />
        );
      })}
      {(["units", "starts"] as const).flatMap((family) =>
        Object.entries(mission[family]).map(([id, { position, side, kind, level }]) => {
          const [x, y] = onPaper(frame, position);
          const above = surfacesOver(mission, position)[0];
          const under = level.type === "ground" && above !== undefined;
          return (
            <g
              key={id}
              transform={`translate(${x} ${y}) scale(${STONE})`}
              opacity={under ? 0.6 : 1}
            >
              <Pebble
                side={mission.sides[side.id]}
                glyph={mission.kinds[kind.id]?.glyph}
                player={family === "starts"}
              />
            </g>
          );
        }),
      )}
    </>
  );
}

/** A stone about the origin, 11 units in radius. */
function Pebble({ side, glyph, player }: { side?: Side; glyph?: KindGlyph; player?: boolean }) {
  const colour = side ? SIDE_COLOURS[side.colour] : "#3a4048";
  const solid = side?.fill === "solid";
  return (
    <>
      {player && (
        <circle r={15} fill="none" stroke={colour} strokeWidth={1.6} strokeDasharray="3" />
      )}
      <path
        d={outlinePath(side?.outline ?? "ring")}
        fill={solid ? colour : "#fcfaf3"}
        stroke={colour}
        strokeWidth={2.2}
      />
      {glyph && (
        <path
          d={glyphPath(glyph)}
          fill="none"
          stroke={solid ? "#fcfaf3" : colour}
          strokeWidth={1.8}
        />
      )}
    </>
  );
}

/** Words with a halo of paper, so that they are read over anything. */
function Words(props: {
  at: [number, number];
  size: number;
  italic?: boolean;
  children: ReactNode;
}) {
  const { at, size, italic, children } = props;
  return (
    <text
      x={at[0]}
      y={at[1]}
      fontSize={size}
      textAnchor="middle"
      fontFamily={italic ? SERIF : SANS}
      fontStyle={italic ? "italic" : undefined}
      fontWeight={600}
      stroke="#fcfaf3"
      strokeWidth={size * 0.22}
      paintOrder="stroke"
    >
      {children}
    </text>
  );
}

const LETTERS: Record<string, number> = { small: 2.6, medium: 3.6, large: 5.2 };

function Names({ mission, frame, shown }: Part & { shown: Shown }) {
  const markers = Object.entries(mission.markers).filter(
    ([, marker]) => shown === "all" || marker.shown,
  );
  return (
    <>
      {markers.map(([id, { position, name }]) => {
        const [x, y] = onPaper(frame, position);
        return (
          <g key={id}>
            <path
              d={`M${x} ${y}L${x} ${y - 3.4}L${x + 2.2} ${y - 2.6}L${x} ${y - 1.8}`}
              fill="#c9a83b"
              stroke={INK}
              strokeWidth={0.3}
            />
            <Words at={[x, y + 2.8]} size={2.4}>
              {name}
            </Words>
          </g>
        );
      })}
      {Object.entries(mission.placeNames).map(([id, { position, name, letters }]) => (
        <Words key={id} at={onPaper(frame, position)} size={LETTERS[letters] ?? 3.6} italic>
          {name}
        </Words>
      ))}
    </>
  );
}

/** The rim of the ground with metres along it, and north. */
function Margin({ frame }: { frame: Frame }) {
  const { left, top, width, height, scale } = frame;
  const step = niceStep(frame, 26);
  const ticks = (most: number) => {
    const found: number[] = [];
    for (let at = 0; at <= most + 1e-6; at += step) found.push(at);
    return found;
  };
  return (
    <g fontSize={2.3} fill={QUIET}>
      <rect
        x={left}
        y={top}
        width={width}
        height={height}
        fill="none"
        stroke={INK}
        strokeWidth={0.4}
      />
      {ticks(width / scale).map((metres) => (
        <g key={`e${metres}`}>
          <path
            d={`M${left + metres * scale} ${top}V${top - 1.2}`}
            stroke={QUIET}
            strokeWidth={0.25}
          />
          <text x={left + metres * scale} y={top - 1.8} textAnchor="middle">
            {metres}
          </text>
        </g>
      ))}
      {ticks(height / scale).map((metres) => {
        const y = top + height - metres * scale;
        return (
          <g key={`n${metres}`}>
            <path d={`M${left} ${y}H${left - 1.2}`} stroke={QUIET} strokeWidth={0.25} />
            <text transform={`translate(${left - 1.8} ${y}) rotate(-90)`} textAnchor="middle">
              {metres}
            </text>
          </g>
        );
      })}
      <g transform={`translate(${left + width - 6} ${top + 4})`}>
        <path d="M0 0L2 7L0 5.6L-2 7Z" fill={INK} stroke="#fcfaf3" strokeWidth={0.3} />
        <Words at={[0, 11]} size={3}>
          N
        </Words>
      </g>
    </g>
  );
}

/** The families that the legend explains, as far as there are any. */
const EXPLAINED: { family: Family; word: string; sign: ReactNode; players: boolean }[] = [
  {
    family: "roads",
    word: "Road",
    players: true,
    sign: <path d="M0 1.5H7" stroke="#8d8069" strokeWidth={1.4} />,
  },
  {
    family: "buildings",
    word: "Building",
    players: true,
    sign: <rect x={1.5} width={4} height={3} fill="#b9a58a" stroke="#4a4238" strokeWidth={0.3} />,
  },
  {
    family: "decks",
    word: "Deck or bridge",
    players: true,
    sign: <rect x={0.5} width={6} height={3} fill="#e3d3ab" stroke="#5d4a26" strokeWidth={0.3} />,
  },
  {
    family: "walls",
    word: "Wall",
    players: true,
    sign: <path d="M0 1.5H7" stroke="#3a4048" strokeWidth={0.8} />,
  },
  {
    family: "gates",
    word: "Gate",
    players: true,
    sign: <path d="M0 1.5H7" stroke="#6d4a1e" strokeWidth={0.9} />,
  },
  {
    family: "zones",
    word: "Zone",
    players: false,
    sign: (
      <circle
        cx={3.5}
        cy={1.5}
        r={1.6}
        fill="#8aa06b"
        fillOpacity={0.3}
        stroke="#42572f"
        strokeWidth={0.3}
      />
    ),
  },
  {
    family: "routes",
    word: "Route",
    players: false,
    sign: <path d="M0 1.5H7" stroke="#3a4048" strokeWidth={0.35} strokeDasharray="1.6 1" />,
  },
  {
    family: "fixtures",
    word: "Something to use",
    players: false,
    sign: (
      <rect
        x={2.7}
        y={0.7}
        width={1.6}
        height={1.6}
        fill="#fcfaf3"
        stroke={INK}
        strokeWidth={0.25}
      />
    ),
  },
  {
    family: "markers",
    word: "Marker",
    players: true,
    sign: <path d="M2.5 3.4L2.5 0L5 0.9L2.5 1.8" fill="#c9a83b" stroke={INK} strokeWidth={0.3} />,
  },
];

function Legend({ mission, paper, shown }: { mission: Mission; paper: Paper; shown: Shown }) {
  const people = shown === "all" ? ordered(mission.sides) : [];
  const all = EXPLAINED.filter(
    ({ family, players }) =>
      (shown === "all" || players) && Object.keys(mission[family]).length > 0,
  );
  return (
    <g transform={`translate(${paper.width - EDGE - LEGEND + 5} ${EDGE + 7})`}>
      <text fontFamily={SERIF} fontWeight={700} fontSize={4.6}>
        Legend
      </text>
      {people.map(([id, side], i) => (
        <g key={id} transform={`translate(0 ${6 + i * 6})`}>
          <g transform="translate(3.5 1.5) scale(0.19)">
            <Pebble side={side} />
          </g>
          <text x={10} y={2.7}>
            {side.name}
          </text>
        </g>
      ))}
      {all.map(({ family, word, sign }, i) => (
        <g key={family} transform={`translate(0 ${6 + (people.length + i) * 6})`}>
          <g fill="none">{sign}</g>
          <text x={10} y={2.7}>
            {word}
          </text>
        </g>
      ))}
    </g>
  );
}

function TitleBlock(props: { mission: Mission; paper: Paper; frame: Frame; date: string }) {
  const { mission, paper, frame, date } = props;
  const { brief, setting } = mission;
  const y = paper.height - EDGE - TITLE + 6;
  const step = niceStep(frame, 22);
  const bar = step * frame.scale;
  const right = paper.width - EDGE;
  return (
    <g>
      <path d={`M${EDGE} ${y - 2}H${right}`} stroke={INK} strokeWidth={0.5} />
      <text x={EDGE} y={y + 5} fontFamily={SERIF} fontWeight={700} fontSize={6.4}>
        {brief.title}
      </text>
      <text x={EDGE} y={y + 10.5} fill={QUIET}>
        {[brief.author, `play begins at ${clockWords(setting.startTime)}`]
          .filter(Boolean)
          .join(", ")}
      </text>
      <g transform={`translate(${right - bar} ${y + 4})`}>
        <rect width={bar / 2} height={1.4} fill={INK} />
        <rect
          x={bar / 2}
          width={bar / 2}
          height={1.4}
          fill="#fcfaf3"
          stroke={INK}
          strokeWidth={0.25}
        />
        <text y={-0.8} fontSize={2.4}>
          0
        </text>
        <text x={bar} y={-0.8} fontSize={2.4} textAnchor="end">
          {step} m
        </text>
      </g>
      <text x={right} y={y + 10.5} textAnchor="end" fill={QUIET}>
        {ratio(frame)}, printed {date}
      </text>
    </g>
  );
}
