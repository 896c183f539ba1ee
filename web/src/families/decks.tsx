import { inOrder, partsAt } from "../document/corners";
import type { Deck, Mission } from "../document/mission";
import { heightAt, knownGround } from "../document/raster";
import { moves, STAYS, shifted, stopsOf, wayOf } from "../document/stops";
import { middleOf } from "../document/surfaces";
import { metres } from "../document/units";
import { drawDecks } from "../drawing/decks";
import { PRINT } from "../drawing/printed";
import { cornerSpots, only, spots, type Traits } from "./traits";

/** Where a deck is drawn. */
const HERE = { east: 0, north: 0, up: 0 };

/** How far the top of a new deck lies above the highest ground at its corners, metres. */
const RISE = 0.1;

/** Platforms, roofs and bridges. */
export const decks: Traits<"decks"> = {
  heading: "Decks",
  sign: "M2 11L6 5L16 5L12 11ZM4 11L4 15M12 11L12 15M16 5L16 9",
  setDown: {
    at: 13,
    tray: only("Works", "Deck", "bridge roof platform"),
    drawn: () => ({ least: 3, most: 200, closed: true }),
    fresh: ({ ground, at }) => {
      const heights = at.map(({ x, y }) => heightAt(ground, x, y));
      return {
        name: "Deck",
        corners: partsAt(at, {}),
        top: Math.round((Math.max(...heights) + RISE) * 100) / 100,
        thickness: 0.3,
        slope: { degrees: 0, toward: 0 },
        railing: { height: 0, make: "rails", gaps: {} },
        openings: {},
        ramps: {},
        motion: structuredClone(STAYS),
      };
    },
    remembered: ["thickness"],
  },
  geometry: ({ corners }) => ({ is: "ring", vertices: inOrder(corners) }),
  vertices: ({ corners }) => corners,
  leastVertices: 3,
  spots: ({ corners, openings, ramps }) => [
    ...cornerSpots(corners),
    ...Object.values(openings).flatMap((it) => cornerSpots(it.corners)),
    ...spots("head", ...Object.values(ramps)),
    ...spots("foot", ...Object.values(ramps)),
  ],
  layer: "outlines",
  named: 11,
  painted: {
    at: 5,
    draw: (sheet, decks, { mission, marked }) =>
      drawDecks(sheet, decks, marked, (deck) => above(mission, deck)),
  },
  inPlay: (decks, play) =>
    Object.fromEntries(
      Object.entries(decks).map(([id, deck]) => {
        if (!moves(deck)) return [id, deck];
        const now = shifted(deck, play.gone(id) ?? HERE);
        return [id, { ...now, motion: { ...now.motion, stops: {} } }];
      }),
    ),
  solid: null,
  printed: {
    at: 5,
    draw: (decks, { line, wide }) =>
      Object.entries(decks)
        .sort(([, a], [, b]) => a.top - b.top)
        .map(([id, deck]) => {
          const rings = [deck, ...Object.values(deck.openings)].map((it) =>
            inOrder(it.corners).map(({ at }) => at),
          );
          return (
            <g key={id} stroke={PRINT.timber} strokeWidth={0.3}>
              {Object.entries(deck.ramps).map(([ramp, { head, foot, width }]) => (
                <path
                  key={ramp}
                  d={line([head, foot], false)}
                  stroke={PRINT.planks}
                  strokeWidth={wide(width, 0.5)}
                  strokeLinecap="butt"
                />
              ))}
              <path
                d={rings.map((ring) => line(ring, true)).join("")}
                fill={PRINT.deck}
                fillRule="evenodd"
              />
            </g>
          );
        }),
    legend: {
      word: "Deck or bridge",
      sign: (
        <rect
          x={0.5}
          width={6}
          height={3}
          fill={PRINT.deck}
          stroke={PRINT.timber}
          strokeWidth={0.3}
        />
      ),
    },
    players: true,
  },
  sentence: (deck) => {
    const { top, slope, corners } = deck;
    if (Object.keys(corners).length < 3) return "A deck needs three corners to be there.";
    const lies = slope.degrees === 0 ? "level" : `rising ${slope.degrees}° toward ${slope.toward}°`;
    const goes = moves(deck)
      ? ` It moves between ${stopsOf(deck).length} stops, ${metres(wayOf(deck))} from first to last.`
      : "";
    return `A deck at ${metres(top)}, ${lies}. People walk on it, and under it where there is headroom.${goes}`;
  },
  slip: ["deck"],
  links: ["fixtures"],
};

/** How high a deck lies above the ground in its middle, metres; 0 where the ground is not known. */
function above(mission: Mission, deck: Deck): number {
  const { x, y } = middleOf(deck);
  const ground = knownGround(mission.setting.terrain);
  return ground ? Math.max(0, deck.top - heightAt(ground, x, y)) : 0;
}
