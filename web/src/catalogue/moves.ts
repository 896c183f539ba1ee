import type { Kind } from "../document/mission";
import type { FigureGroup } from "./figures";

/** The class of mover that a kind is of. */
export type MoverClass = Kind["moves"]["type"];

/** What each class of mover is like until it is changed. */
export const MOVES: { [C in MoverClass]: Extract<Kind["moves"], { type: C }> } = {
  walker: {
    type: "walker",
    wade: 0.7,
    swims: true,
    slope: 35,
    leap: 2.5,
    climb: 1.4,
    drop: 2.5,
    crawl: 0.8,
  },
  beast: { type: "beast", wade: 0.5, swims: true, slope: 40, leap: 3.5, drop: 2 },
  wheels: { type: "wheels", ford: 0.4, slope: 15 },
  boat: { type: "boat", draught: 0.8 },
  flyer: { type: "flyer", low: 8, high: 60, climb: 2, hovers: true },
};

/** What each class of mover is called, and where it gets. */
export const MOVER_WORDS: Record<MoverClass, { word: string; means: string }> = {
  walker: { word: "On two feet", means: "Up stairs and over what it can climb; with hands" },
  beast: { word: "On four feet", means: "Up stairs; it leaps, but does not climb or crawl" },
  wheels: { word: "On wheels", means: "No stairs; marsh and mud only where a road leads through" },
  boat: { word: "Afloat", means: "Where the water is deep enough, under what its mast clears" },
  flyer: { word: "In the air", means: "Over whatever it can rise above" },
};

const metres = (field: string, word: string, means: string, least: number, most: number) => ({
  path: ["moves", field],
  word,
  means,
  unit: "m",
  least,
  most,
});

const slope = (most: number, means: string) => ({
  path: ["moves", "slope"],
  word: "Slopes to",
  means,
  unit: "°",
  least: 1,
  most,
});

const WADE = metres("wade", "Wades to", "The deepest water it walks through", 0, 10);
const LEAP = metres("leap", "Leaps", "The widest gap; 0 for none", 0, 12);
const DROP = metres("drop", "Drops", "Down a ledge, unharmed; 0 for not at all", 0, 20);

/** What limits each class of mover. */
export const MOVE_FIGURES: Record<MoverClass, FigureGroup[]> = {
  walker: [
    {
      title: "Gets about",
      figures: [
        slope(80, "The steepest ground it walks on"),
        WADE,
        LEAP,
        metres("climb", "Climbs", "The highest ledge or wall; 0 for none", 0, 10),
        DROP,
        metres("crawl", "Crawls under", "The headroom it needs; 0 where it only walks", 0, 10),
      ],
    },
  ],
  beast: [{ title: "Gets about", figures: [slope(80, "The steepest ground"), WADE, LEAP, DROP] }],
  wheels: [
    {
      title: "Gets about",
      figures: [
        slope(60, "The steepest ground it is driven on"),
        metres("ford", "Fords", "The deepest water it is driven through", 0, 10),
      ],
    },
  ],
  boat: [
    {
      title: "Gets about",
      figures: [metres("draught", "Draught", "The least depth it floats in", 0.05, 20)],
    },
  ],
  flyer: [
    {
      title: "Gets about",
      figures: [
        metres("low", "Flies at", "Above ground, water and roofs", 0, 500),
        metres("high", "Rises to", "Above the ground; what is higher is in its way", 1, 2000),
        {
          path: ["moves", "climb"],
          word: "Climbs at",
          means: "And sinks",
          unit: "m/s",
          least: 0.1,
          most: 60,
        },
      ],
    },
  ],
};
