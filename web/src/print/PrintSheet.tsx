import { type Ref as DomRef, Fragment } from "react";
import type { Mission } from "../document/mission";
import { surfacesOver } from "../document/surfaces";
import { INK, PRINT, SANS } from "../drawing/printed";
import { StoneShapes } from "../drawing/Stone";
import { type AnyTraits, traitsOf } from "../families";
import type { Print } from "../families/traits";
import { Margin, TitleBlock } from "./Border";
import { frameOf, onPaper, type Paper } from "./frame";
import { Legend } from "./Legend";
import { PRINTED } from "./printed";

interface Props {
  mission: Mission;
  paper: Paper;
  shown: Print["shown"];
  legend: boolean;
  /** The ground as a picture, as a data URL; empty while it is drawn. */
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
  const print: Print = {
    mission,
    shown,
    at: (position) => onPaper(frame, position),
    line: (points, closed) =>
      points.map((it, i) => `${i === 0 ? "M" : "L"}${onPaper(frame, it).join(" ")}`).join("") +
      (closed ? "Z" : ""),
    wide: (metres, least) => Math.max(least, metres * frame.scale),
  };
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
      <rect width={paper.width} height={paper.height} fill={PRINT.sheet} />
      <clipPath id="ground">
        <rect x={left} y={top} width={width} height={height} />
      </clipPath>
      {picture && <image href={picture} x={left} y={top} width={width} height={height} />}
      <g clipPath="url(#ground)" strokeLinejoin="round" strokeLinecap="round">
        <Things print={print} wanted={(at) => at < NAMES} />
        {shown === "all" && <People {...print} />}
        <Things print={print} wanted={(at) => at >= NAMES} />
      </g>
      <Margin frame={frame} />
      {legend && <Legend mission={mission} paper={paper} shown={shown} />}
      <TitleBlock mission={mission} paper={paper} frame={frame} date={date} />
    </svg>
  );
}

/** What of a mission is printed but people, as far as its families are wanted. */
function Things({ print, wanted }: { print: Print; wanted: (at: number) => boolean }) {
  return PRINTED.map((family) => {
    const { printed } = traitsOf(family) as AnyTraits;
    if (!printed || !wanted(printed.at)) return null;
    if (print.shown === "players" && !printed.players) return null;
    const things = printed.draw(print.mission[family] as never, print);
    return <Fragment key={family}>{things}</Fragment>;
  });
}

/** From this number on things are printed over people. */
const NAMES = 30;

/** How large stones are printed beside their drawing. */
const STONE = 0.17;

function People({ mission, at }: Print) {
  return (["units", "starts"] as const).flatMap((family) =>
    Object.entries(mission[family]).map(([id, { position, side, kind, level }]) => {
      const [x, y] = at(position);
      const above = surfacesOver(mission, position)[0];
      const under = level.type === "ground" && above !== undefined;
      return (
        <g
          key={`${family}/${id}`}
          transform={`translate(${x} ${y}) scale(${STONE})`}
          opacity={under ? 0.6 : 1}
        >
          <StoneShapes
            side={mission.sides[side.id]}
            glyph={mission.kinds[kind.id]?.glyph}
            player={family === "starts"}
            printed
          />
        </g>
      );
    }),
  );
}
