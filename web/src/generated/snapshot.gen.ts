// Generated from SnapshotLayout.java; a test of the core keeps it current.

/** What a snapshot tells of one unit. */
export interface UnitSnapshot {
  x: number;
  y: number;
  facing: number;
  health: number;
  signs: number;
  speed: number;
  deck: number;
}

/** The mask of a unit that can no longer be seen. */
export const GONE = 128;

/** The mask of a thing that may move. */
export const THING = 129;

/** The scale of where things lie, metres. */
export const CENTIMETRE = 0.01;

/** The fields of a unit in their order on the wire. */
export const UNIT_FIELDS = [
  { name: "x", wire: "i32", scale: 0.01 },
  { name: "y", wire: "i32", scale: 0.01 },
  { name: "facing", wire: "u16", scale: 0.01 },
  { name: "health", wire: "u8", scale: 1 },
  { name: "signs", wire: "u8", scale: 1 },
  { name: "speed", wire: "u8", scale: 0.1 },
  { name: "deck", wire: "u16", scale: 1 },
] as const;
