import { UserRound } from "lucide-react";
import { type Mission, orderAfter, standing } from "../document/mission";
import { Stone } from "../drawing/Stone";
import { ordersAbout, sideColour, sideName } from "./people";
import { FACING_POINT, type Traits } from "./traits";

/** Where players begin, one seat each. */
export const starts: Traits<"starts"> = {
  heading: "Player starts",
  always: true,
  icon: ({ side, kind }, { sides, kinds }) => (
    <Stone side={sides[side.id]} glyph={kinds[kind.id]?.glyph} player />
  ),
  setDown: {
    at: 1,
    sided: true,
    tray: () => [
      {
        group: "People",
        choice: "",
        word: "Player start",
        also: "seat begin",
        icon: <UserRound size="1.1875rem" aria-hidden="true" />,
      },
    ],
    fresh: ({ mission, at: [position], side, levelAt }) => ({
      name: "Player",
      order: orderAfter(mission.starts),
      side,
      kind: { family: "kinds", id: startKind(mission) },
      position,
      level: levelAt(position),
      facing: 0,
      pack: {},
      empty: "companion",
      begins: { type: "here" },
    }),
  },
  ...FACING_POINT,
  layer: "people",
  levelled: true,
  eyes: true,
  place: "start",
  painted: null,
  inPlay: null,
  solid: null,
  printed: null,
  sentence: (_, mission, ref) => {
    const found = standing(mission, ref);
    return (
      <>
        A player begins here as a {(found?.kind?.name ?? "somebody").toLowerCase()} of the{" "}
        {sideName(found?.side)}.
      </>
    );
  },
  slip: ["who", "seat", "pack"],
  side: ({ side }) => side.id,
  edge: sideColour,
  links: ["units", "squads", "zones"],
  orders: (start, name) =>
    ordersAbout(name, { quantifier: { type: "any" }, whom: { type: "start", start } }),
};

/** The kind that a new player is of, by id. */
export function startKind({ kinds }: Mission): string {
  return kinds.keeper ? "keeper" : (Object.keys(kinds)[0] ?? "");
}
