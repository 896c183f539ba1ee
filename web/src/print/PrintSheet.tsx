import type { Ref as DomRef } from "react";
import { type Mission, ordered, type Position } from "../document/mission";
import { boxCorners, pathOf } from "../document/shapes";
import { surfacesOver } from "../document/surfaces";
import { StoneShapes } from "../drawing/Stone";
import { geometryOf } from "../things/geometry";
import { Margin, TitleBlock } from "./Border";
import { type Frame, frameOf, onPaper, type Paper } from "./frame";
import { Legend } from "./Legend";
import { INK, SANS, Words } from "./words";

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
      {Object.entries(mission.crossings).map(([id, { from, to }]) => (
        <path
          key={id}
          d={line(frame, [from, to], false)}
          stroke="#6b3a68"
          strokeWidth={0.5}
          strokeDasharray="1.4 0.8"
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
              <StoneShapes
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
