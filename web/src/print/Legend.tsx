import { type Mission, ordered } from "../document/mission";
import { SERIF } from "../drawing/printed";
import { StoneShapes } from "../drawing/Stone";
import { type AnyTraits, traitsOf } from "../families";
import type { Print } from "../families/traits";
import { EDGE, LEGEND, type Paper } from "./frame";
import { PRINTED } from "./printed";

/** What the signs on the sheet mean, as far as there are any. */
export function Legend({
  mission,
  paper,
  shown,
}: {
  mission: Mission;
  paper: Paper;
  shown: Print["shown"];
}) {
  const people = shown === "all" ? ordered(mission.sides) : [];
  const all = PRINTED.flatMap((family) => {
    const { printed } = traitsOf(family) as AnyTraits;
    const there = Object.keys(mission[family]).length > 0;
    return printed?.legend && there && (shown === "all" || printed.players)
      ? [{ family, ...printed.legend }]
      : [];
  });
  return (
    <g transform={`translate(${paper.width - EDGE - LEGEND + 5} ${EDGE + 7})`}>
      <text fontFamily={SERIF} fontWeight={700} fontSize={4.6}>
        Legend
      </text>
      {people.map(([id, side], i) => (
        <g key={id} transform={`translate(0 ${6 + i * 6})`}>
          <g transform="translate(3.5 1.5) scale(0.19)">
            <StoneShapes side={side} printed />
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
