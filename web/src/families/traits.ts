import { type ComponentType, createElement, type ReactNode, type SVGProps } from "react";
import type { Family, Gate, Mission, Order, Place, Position, Ref, Zone } from "../document/mission";
import type { Ground } from "../document/raster";
import type { Geometry, Vertices } from "../document/shapes";
import type { Level } from "../document/surfaces";
import type { Sheet } from "../drawing/sheet";

/** A field of a part of a mission that holds a position. */
export interface Spot {
  holder: Record<string, Position>;
  field: string;
}

/**
 * Which of several things at a pixel is meant: those of a lower layer before those of a higher, the
 * nearest of a layer first.
 */
export const LAYERS = [
  "people",
  "pins",
  "spans",
  "props",
  "lines",
  "outlines",
  "roads",
  "areas",
  "views",
  "none",
] as const;

/** What holds the size of a round or a square thing, metres, and the bearing of a square one. */
export interface Sized {
  radius?: number;
  width?: number;
  depth?: number;
  bearing?: number;
}

/** The groups of the tray. */
export const GROUPS = [
  "People",
  "Places",
  "Works",
  "Things",
  "Buildings",
  "Items",
  "Carriage",
  "Effects",
  "Notes",
  "Bundles",
] as const;
export type TrayGroup = (typeof GROUPS)[number];

/** Something of a family that can be set down. */
export interface TrayRow {
  group: TrayGroup;
  /** Which of its things: a look, the id of a kind; empty where there is but one. */
  choice: string;
  word: string;
  /** Other words that it is found by. */
  also: string;
  /** How it is drawn in the tray; without, by the sign of the family. */
  icon?: ReactNode;
  /** It is turned while it is in hand. */
  turns?: true;
}

/** How a thing is drawn point by point. */
export interface Drawn {
  /** The fewest and the most points. */
  least: number;
  most: number;
  /** Its points are the corners of an area. */
  closed?: true;
  /** Its two points are opposite corners of a frame, which can be drawn in one go. */
  framed?: true;
}

/** What is known when a thing is set down. */
export interface Setting {
  mission: Mission;
  ground: Ground;
  /** The points of what is drawn, or the one place of what is not. */
  at: Points;
  choice: string;
  /** The side that is set down for. */
  side: Ref;
  /** Degrees clockwise. */
  turn: number;
  /** On which surface something stands at a point. */
  levelAt: (at: Position) => Level;
}

/** A point or more. */
export type Points = [Position, ...Position[]];

/** What things are drawn by, beside themselves. */
export interface Looks {
  mission: Mission;
  /** Whether a thing is selected, or lit up, by id. */
  marked: (id: string) => boolean;
}

/** How play stands, as far as it changes how things look. */
export interface InPlay {
  /** Whether it is watched with all that a designer sees. */
  designer: boolean;
  gates: Record<string, Gate["stands"]>;
  /** How far open a gate is that is moving, 0 to 1; nothing for one at rest. */
  openness: (gate: string) => number | undefined;
  /** How far a deck is from where it was drawn, metres; nothing for one that is there. */
  gone: (deck: string) => { east: number; north: number; up: number } | undefined;
  /** The props and fixtures that are otherwise than they were set down, by id. */
  things: Record<string, { stands: "gone" | "there"; look: string; strength: number }>;
  /** Where those are that lie elsewhere than they were set down, by id. */
  places: ReadonlyMap<string, Position & { foot: number }>;
  /** The ids of the markers that players see. */
  markers: string[];
  /** The ids of the effects that go on. */
  effects: string[];
  /** Where those effects are that were begun elsewhere than they were drawn, by id. */
  effectsAt: Record<string, Position>;
  /** How far effects have spread that grow, by id: a digit for each of their squares. */
  grown: Record<string, string>;
  /** The wind that blows; null until it was told. */
  wind: Mission["setting"]["wind"] | null;
  /** A zone where it is by now. */
  zoneNow: (zone: Zone) => Zone;
}

/** A thing as a plain block, as it is seen from eye level. */
export interface Solid {
  plan: { is: "round"; radius: number } | { is: "block"; width: number; depth: number };
  /** How far its foot and its top lie above what it stands on, metres. */
  foot: number;
  top: number;
  of: "stone" | "wood" | "dark" | "iron" | "paper";
  /** It lies on the water where there is any. */
  floats?: true;
}

/** The paper that is printed on. */
export interface Print {
  mission: Mission;
  /** Whether all is printed, or what the players' map shows. */
  shown: "all" | "players";
  /** Where a position lies, millimetres. */
  at: (position: Position) => [number, number];
  /** A line through positions, as the data of a path. */
  line: (points: Position[], closed: boolean) => string;
  /** A length in metres as millimetres on paper, never thinner than the given least. */
  wide: (metres: number, least: number) => number;
}

/** What a field of a slip is told. */
export interface FieldsProps {
  id: string;
  thing: Ref;
  name: string;
  ground: Ground;
}

/** Something that two things can do together. */
export interface Offer {
  word: string;
  /** What the edit is called that makes them do it. */
  label: string;
  make: (draft: Mission) => void;
}

/**
 * The parts of slips that speak in sentences, or that act on more than their thing: the editor
 * makes them.
 */
export type OwnPart =
  | "who"
  | "seat"
  | "play"
  | "kit"
  | "pack"
  | "dealings"
  | "facts"
  | "orders"
  | "band"
  | "squad"
  | "post"
  | "route"
  | "zone"
  | "deck"
  | "effect"
  | "gate"
  | "building"
  | "uses"
  | "drops"
  | "view";

/** How the things of a family are set down. */
export interface SetDown<F extends Family> {
  /** Where in the tray it stands: those of the least number first in their group. */
  at: number;
  /** Its things are of a side from the first. */
  sided?: true;
  /** What of it the tray offers. */
  tray: (mission: Mission) => TrayRow[];
  /** How a choice of it is drawn; nothing for what is set down with one click. */
  drawn?: (choice: string) => Drawn | undefined;
  /** A thing as it is when it is first set down, named as the first of its kind. */
  fresh: (setting: Setting) => Mission[F][string];
  /** Adds to a draft what belongs to a thing of a choice that has just been drawn. */
  completes?: (draft: Mission, thing: Mission[F][string], choice: string, at: Points) => void;
  /** Which fields a new thing takes from the last one that was set down. */
  remembered?: (keyof Mission[F][string])[];
  /** Gives a new thing what else of the last one it takes. */
  likeTheLast?: (fresh: Mission[F][string], last: Mission[F][string]) => void;
}

/** How things are drawn, and how low they lie among all others. */
export interface Painted<F extends Family> {
  at: number;
  draw: (sheet: Sheet, things: Mission[F], looks: Looks) => void;
}

/** What is told of a family whose things have a place on the map. */
export interface Traits<F extends Family> {
  /** What its things are headed with in Contents. */
  heading: string;
  /** Its heading is there also while nothing stands under it. */
  always?: true;
  /** A small drawing within 18 units, for things without a look of their own. */
  sign?: string;
  /** A thing as lists show it; without, by the sign of the family. */
  icon?: (thing: Mission[F][string], mission: Mission) => ReactNode;
  /** How its things are set down; null where they are only made of others. */
  setDown: SetDown<F> | null;
  /** Where a thing lies; nothing for one that has no place of its own. */
  geometry: (thing: Mission[F][string]) => Geometry | undefined;
  /** Where the positions of a thing are kept that move with it. */
  spots: (thing: Mission[F][string]) => Spot[];
  /** The corners or waypoints of a thing. */
  vertices?: (thing: Mission[F][string]) => Vertices | undefined;
  /** The part of a thing that holds its radius, or its frame and how that is turned. */
  sized?: (thing: Mission[F][string]) => Sized | undefined;
  /** A thing is where its first vertex is, not in its middle. */
  begins?: true;
  /** The fewest corners that it can have. */
  leastVertices?: number;
  /** Its things lie nowhere but where their members do. */
  group?: true;
  /** Its things are a point and face somewhere. */
  facing?: true;
  /** Its things lie between two ends. */
  span?: true;
  /** Its things stand on a surface of one's choice. */
  levelled?: true;
  /** One can look from its things. */
  eyes?: true;
  /** A place of the script can be wherever one of its things is; by this word. */
  place?: Place["type"];
  /** When its things are named beside their sign: those of the least number first. */
  named?: number;
  /** They are landmarks, which are named also on maps seen from afar. */
  landmarks?: true;
  /** The layer in which its things are hit. */
  layer: (typeof LAYERS)[number];
  /**
   * How its things are drawn on the map: those of the least number first, from {@link MARKS} on over
   * the tint of what is asked about. Null for people, whom the map draws, and for what is not drawn.
   */
  painted: Painted<F> | Painted<F>[] | null;
  /** Its things as the trial shows them; null where it shows none, or the trial draws them itself. */
  inPlay: ((things: Mission[F], play: InPlay) => Mission[F]) | null;
  /** A thing as a block at eye level; null where none is seen, or all are built of walls. */
  solid: ((thing: Mission[F][string], mission: Mission) => Solid | undefined) | null;
  /** How its things are printed, those of the least number first; null where they are not. */
  printed: {
    at: number;
    draw: (things: Mission[F], print: Print) => ReactNode;
    /** The sign in the legend, within 7 by 3 units; without, the legend leaves it out. */
    legend?: { word: string; sign: ReactNode };
    /** Players have it on their map. */
    players?: true;
  } | null;
  /** What a thing is and does, in a sentence. */
  sentence: (thing: Mission[F][string], mission: Mission, ref: Ref) => ReactNode;
  /**
   * What the slip shows of a thing beside its name and place: parts of its own, and in their order
   * those that the editor makes.
   */
  slip: (ComponentType<FieldsProps> | OwnPart)[];
  /** The side that a thing belongs to, by id; empty for none. */
  side?: (thing: Mission[F][string], mission: Mission, ref: Ref) => string;
  /** The colour of the edge of a thing's slip. */
  edge?: (thing: Mission[F][string], mission: Mission) => string | undefined;
  /** The families that its things can be linked to; what can is linked both ways. */
  links?: Family[];
  /** Its things can be given orders. */
  ordered?: true;
  /** What those can be ordered who are linked to one of its things. */
  orders?: (ref: Ref, name: string) => { verb: string; order: Order }[];
  /** What a thing can do with another beside being given orders. */
  offers?: (from: Ref, to: Ref, mission: Mission) => Offer[];
  /** Its things act on others by themselves. */
  acts?: true;
  /** What a link to one of its things says. */
  linked?: string;
}

/** From this number on things are painted over the tint of what is asked about. */
export const MARKS = 20;

/** Draws things one by one. */
export function each<T>(
  draw: (sheet: Sheet, thing: T, selected: boolean, mission: Mission) => void,
) {
  return (sheet: Sheet, things: Record<string, T>, { mission, marked }: Looks): void => {
    for (const [id, thing] of Object.entries(things)) draw(sheet, thing, marked(id), mission);
  };
}

/** Prints things one by one. */
export function eachPrinted<T>(print: (thing: T, on: Print) => SVGProps<SVGPathElement>) {
  return (things: Record<string, T>, on: Print): ReactNode =>
    Object.entries(things).map(([id, thing]) =>
      createElement("path", { key: id, ...print(thing, on) }),
    );
}

/** The trial shows things as they were set down. */
export function asSetDown<T>(things: T): T {
  return things;
}

/** One thing of a family in the tray. */
export function only(group: TrayGroup, word: string, also: string): () => TrayRow[] {
  return () => [{ group, choice: "", word, also }];
}

/** A position of a thing that moves with it. */
export function spots(field: string, ...holders: object[]): Spot[] {
  return holders.map((holder) => ({ holder: holder as Spot["holder"], field }));
}

/** The positions of corners and waypoints. */
export function cornerSpots(vertices: Vertices): Spot[] {
  return spots("position", ...Object.values(vertices));
}

/** The traits of things that are a point. */
export const POINT = {
  geometry: ({ position }: { position: Position }): Geometry => ({ is: "point", at: position }),
  spots: (thing: object): Spot[] => spots("position", thing),
  layer: "pins",
} as const;

/** The traits of things that are a point and face somewhere. */
export const FACING_POINT = {
  ...POINT,
  facing: true,
  geometry: ({ position, facing }: { position: Position; facing: number }): Geometry => ({
    is: "point",
    at: position,
    facing,
  }),
} as const;

/** The ends of what lies between two, as its fields are called. */
export const ENDS = ["from", "to"] as const;

/** The traits of things that lie between two ends. */
export const SPAN = {
  geometry: (thing: { from: Position; to: Position }): Geometry => ({
    is: "line",
    vertices: ENDS.map((id) => ({ id, at: thing[id] })),
    closed: false,
  }),
  spots: (thing: object): Spot[] => [...spots("from", thing), ...spots("to", thing)],
  span: true,
  layer: "spans",
} as const;
