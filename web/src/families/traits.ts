import type { Family, Mission, Position } from "../document/mission";
import type { Geometry, Vertices } from "../document/shapes";
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

/** What is told of a family whose things have a place on the map. */
export interface Traits<F extends Family> {
  /** What its things are headed with in Contents. */
  heading: string;
  /** A small drawing within 18 units, for things without a look of their own. */
  sign?: string;
  /** Where a thing lies; nothing for one that has no place of its own. */
  geometry: (thing: Mission[F][string]) => Geometry | undefined;
  /** Where the positions of a thing are kept that move with it. */
  spots: (thing: Mission[F][string]) => Spot[];
  /** The corners or waypoints of a thing. */
  vertices?: (thing: Mission[F][string]) => Vertices | undefined;
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
  /** A place of the script can be wherever one of its things is. */
  place?: true;
  /** When its things are named beside their sign: those of the least number first. */
  named?: number;
  /** The layer in which its things are hit. */
  layer: (typeof LAYERS)[number];
  /** The families that its things can be linked to; what can is linked both ways. */
  links?: Family[];
  /** Its things act on others by themselves. */
  acts?: true;
  /** What a link to one of its things says. */
  linked?: string;
  /** Which fields a new thing takes from the last one that was set down. */
  remembered?: string[];
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
