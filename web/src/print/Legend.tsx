import type { ReactNode } from "react";
import { type Family, type Mission, ordered } from "../document/mission";
import { StoneShapes } from "../drawing/Stone";
import { EDGE, LEGEND, type Paper } from "./frame";
import type { Shown } from "./PrintSheet";
import { INK, SERIF } from "./words";

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
    family: "crossings",
    word: "Crossing",
    players: true,
    sign: <path d="M0.5 2.6Q3.5 -1 6.5 2.6" fill="none" stroke="#6b3a68" strokeWidth={0.6} />,
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

/** What the signs on the sheet mean, as far as there are any. */
export function Legend({
  mission,
  paper,
  shown,
}: {
  mission: Mission;
  paper: Paper;
  shown: Shown;
}) {
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
            <StoneShapes side={side} />
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
