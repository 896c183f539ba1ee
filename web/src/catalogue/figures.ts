/** One figure of an entry of the catalogue: where it is kept, how it reads, and its range. */
export interface Figure {
  path: string[];
  word: string;
  /** What it means, for those who do not know. */
  means: string;
  unit?: string;
  least: number;
  most: number;
  digits?: number;
  /** Kept as a share from 0 to 1, shown in hundredths. */
  share?: boolean;
}

/** Figures under one heading. */
export interface FigureGroup {
  title: string;
  figures: Figure[];
}

const share = (path: string[], word: string, means: string): Figure => ({
  path,
  word,
  means,
  unit: "%",
  least: 0,
  most: 100,
  digits: 0,
  share: true,
});

/** What a kind of unit is and can do. */
export const KIND_FIGURES: FigureGroup[] = [
  {
    title: "Body",
    figures: [
      {
        path: ["health"],
        word: "Health",
        means: "Points of harm it bears",
        least: 1,
        most: 100000,
      },
      {
        path: ["bleeds"],
        word: "Lies down for",
        means: "How long it can be helped up before it dies; 0 dies at once",
        unit: "s",
        least: 0,
        most: 600,
      },
      {
        path: ["radius"],
        word: "Radius",
        means: "Of its footprint",
        unit: "m",
        least: 0.1,
        most: 10,
      },
      { path: ["eye"], word: "Eyes at", means: "Above its feet", unit: "m", least: 0.1, most: 10 },
    ],
  },
  {
    title: "On the move",
    figures: [
      {
        path: ["walk"],
        word: "Walks at",
        means: "When it goes about",
        unit: "m/s",
        least: 0,
        most: 60,
      },
      { path: ["run"], word: "Runs at", means: "When it hurries", unit: "m/s", least: 0, most: 60 },
      {
        path: ["turn"],
        word: "Turns at",
        means: "A second; it slows down while it turns",
        unit: "°",
        least: 5,
        most: 1080,
      },
      {
        path: ["gain"],
        word: "Gathers",
        means: "Speed, each second",
        unit: "m/s",
        least: 0.1,
        most: 100,
      },
      {
        path: ["load"],
        word: "Pack holds",
        means: "A full pack takes 30 % of its speed",
        unit: "kg",
        least: 0,
        most: 10000,
      },
      {
        path: ["mass"],
        word: "Mass",
        means: "What it weighs without what it carries, on plates and in craft",
        unit: "kg",
        least: 0.1,
        most: 1000000,
      },
      {
        path: ["pushes"],
        word: "Pushes under",
        means: "Loose things that weigh less; half of that takes half of its pace",
        unit: "kg",
        least: 0,
        most: 1000000,
      },
    ],
  },
  {
    title: "Armour",
    figures: [
      share(["armour", "hand"], "Blows", "The share of a blow that does not come through"),
      share(["armour", "shot"], "Shots", "The share of a shot that does not come through"),
      share(["armour", "blast"], "Blasts", "The share of a blast that does not come through"),
      share(["armour", "fire"], "Fire", "The share of fire that does not come through"),
    ],
  },
  {
    title: "Senses",
    figures: [
      {
        path: ["sight", "range"],
        word: "Sees to",
        means: "Where a standing person can just be noticed",
        unit: "m",
        least: 0,
        most: 5000,
      },
      {
        path: ["sight", "field"],
        word: "Looks over",
        means: "Width of the field of view",
        unit: "°",
        least: 1,
        most: 360,
      },
      {
        path: ["sight", "notice"],
        word: "Notices in",
        means: "Somebody near and in full view",
        unit: "s",
        least: 0.05,
        most: 60,
      },
      {
        path: ["sight", "memory"],
        word: "Gives up after",
        means: "On somebody out of sight",
        unit: "s",
        least: 0,
        most: 600,
      },
      {
        path: ["hearing"],
        word: "Hears",
        means: "The factor by which noises carry farther to it; 0 is deaf",
        unit: "×",
        least: 0,
        most: 5,
      },
      share(["aim"], "Aims", "How well it hits"),
    ],
  },
];

/** What an item weighs. */
export const ITEM_FIGURES: FigureGroup[] = [
  {
    title: "In the pack",
    figures: [
      { path: ["mass"], word: "Weighs", means: "One of them", unit: "kg", least: 0, most: 1000 },
    ],
  },
];

/** What a weapon does. */
export const WEAPON_FIGURES: FigureGroup[] = [
  {
    title: "In use",
    figures: [
      {
        path: ["range"],
        word: "Reaches",
        means: "From the edge of who holds it",
        unit: "m",
        least: 0.1,
        most: 2000,
      },
      { path: ["damage"], word: "Harms by", means: "Points of one hit", least: 0, most: 100000 },
      {
        path: ["interval"],
        word: "Every",
        means: "Between two blows or shots",
        unit: "s",
        least: 0.05,
        most: 600,
      },
      share(["accuracy"], "Hits", "At no distance, in perfect hands"),
      {
        path: ["noise"],
        word: "Heard within",
        means: "Over open ground",
        unit: "m",
        least: 0,
        most: 5000,
      },
    ],
  },
];

/** How high a thing stands with one of its looks, what cover it gives, and how far it shines. */
export const LOOK_FIGURES: FigureGroup[] = [
  {
    title: "As it stands",
    figures: [
      {
        path: ["height"],
        word: "Height",
        means: "Above the ground",
        unit: "m",
        least: 0,
        most: 100,
      },
      share(["cover"], "Cover", "Taken off the chance to hit somebody close behind it"),
      {
        path: ["light"],
        word: "Shines",
        means: "How far its light reaches; 0 for none",
        unit: "m",
        least: 0,
        most: 500,
      },
    ],
  },
];
