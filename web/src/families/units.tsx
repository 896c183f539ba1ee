import { enlist } from "../document/membership";
import { nameOf, standing } from "../document/mission";
import { sure } from "../document/sure";
import { Stone } from "../drawing/Stone";
import { glyphPath } from "../drawing/stones";
import { PathSign } from "../ui/PathSign";
import { ordersAbout, sideColour, sideName } from "./people";
import { FACING_POINT, type Traits } from "./traits";

/** People and beasts of a side, whom the mission moves. */
export const units: Traits<"units"> = {
  heading: "Units",
  always: true,
  icon: ({ side, kind }, { sides, kinds }) => (
    <Stone side={sides[side.id]} glyph={kinds[kind.id]?.glyph} />
  ),
  setDown: {
    at: 2,
    sided: true,
    tray: ({ kinds }) =>
      Object.entries(kinds).map(([choice, { name, glyph }]) => ({
        group: "People",
        choice,
        word: name,
        also: "unit person",
        icon: <PathSign path={glyphPath(glyph)} reach={8} width={1.6} size={20} />,
      })),
    fresh: ({ mission, at: [position], choice, side, levelAt }) => ({
      name: nameOf(mission, { family: "kinds", id: choice }),
      side,
      kind: { family: "kinds", id: choice },
      position,
      level: levelAt(position),
      facing: 0,
      inPlay: true,
      kit: { type: "kind" },
      pack: {},
      dealings: {},
      belongs: { type: "alone" },
      order: { type: "stay" },
      holds: "whileCalm",
    }),
  },
  ...FACING_POINT,
  layer: "people",
  levelled: true,
  eyes: true,
  place: "unit",
  painted: null,
  inPlay: null,
  solid: null,
  printed: null,
  sentence: ({ belongs, inPlay }, mission, ref) => {
    const found = standing(mission, ref);
    return (
      <>
        A {(found?.kind?.name ?? "somebody").toLowerCase()} of the {sideName(found?.side)}
        {belongs.type === "squad" && `, in ${nameOf(mission, belongs.squad)}`}
        {inPlay ? "." : ", not in play until brought in."}
      </>
    );
  },
  slip: ["who", "play", "kit", "pack", "dealings", "facts", "orders"],
  side: ({ side }) => side.id,
  edge: sideColour,
  links: ["units", "squads", "starts", "posts", "routes", "zones", "spawnPoints"],
  ordered: true,
  orders: (unit, name) =>
    ordersAbout(name, { quantifier: { type: "any" }, whom: { type: "unit", unit } }),
  offers: (from, to, mission) =>
    to.family === "squads"
      ? [
          {
            word: `join ${nameOf(mission, to)}`,
            label: `Take ${nameOf(mission, from)} into ${nameOf(mission, to)}`,
            make: (draft) => enlist(sure(draft.units, from.id), to.id),
          },
        ]
      : [],
  acts: true,
};
