import type { KindGlyph, Side, SideEmblem } from "../document/mission";
import { inks } from "./inks";
import { bearingStep, putSprite } from "./sprites";

/** The colours of sides by daylight: in prints and at eye level. The map takes them from its inks. */
export const SIDE_COLOURS: Record<Side["colour"], string> = {
  gold: "#8f6508",
  heather: "#8f57a6",
  tarn: "#1b4a60",
  rust: "#8a2c12",
};

/** Outlines about the origin, 11 units in radius. */
const OUTLINES: Record<Side["outline"], string> = {
  pebble:
    "M-11 0C-11 -6.5 -6 -11 0.6 -11C7 -11 11 -6.3 11 0.4C11 6.8 6.2 11 0 11C-6.6 11 -11 6.4 -11 0Z",
  shard: "M-10.5 -3.5L-2.5 -11.5L8 -8.5L11.5 3L2 11.5L-8.5 8Z",
  cairn:
    "M-4 -11.5C0 -13 5 -12 5 -8.5C5 -6.5 4 -6 5 -5C9 -4 9 0 7.5 1.5C12 3 12 10 7 10.8L-7 10.8C-12 10 -12 3 -7.5 1.5C-9 0 -9 -4 -5 -5C-4 -6 -6 -10 -4 -11.5Z",
  leaf: "M0 -12.5C7.5 -8 10 -4 10 0C10 5 6.5 9.5 0 12.5C-6.5 9.5 -10 5 -10 0C-10 -4 -7.5 -8 0 -12.5Z",
  ring: "M-11.5 0A11.5 11.5 0 1 1 11.5 0A11.5 11.5 0 1 1 -11.5 0Z",
  slab: "M-7 -9L7 -9C14.5 -9 14.5 9 7 9L-7 9C-14.5 9 -14.5 -9 -7 -9Z",
};

/** Drawings of kinds about the origin, within 6 units, as strokes. */
const GLYPHS: Record<KindGlyph, string> = {
  keeper: "M-3 -2.5L3 -2.5L3.6 5L-3.6 5ZM-2 -2.5C-2 -6.5 2 -6.5 2 -2.5M0 0L0 3",
  lad: "M-1.9 -4A1.9 1.9 0 1 1 1.9 -4A1.9 1.9 0 1 1 -1.9 -4M0 -2L0 2L-2.5 5.5M0 2L2.5 5.5M-3.5 0L3.5 -1",
  guard: "M-5 -3Q0 -7 5 -3M0 -5L0 6M-5 -3L0 0L5 -3",
  wrecker: "M-5 5L1 -1M0 -3.5L3.5 0M0.2 -3.6Q2.5 -6.4 5 -5Q6.4 -2.5 3.6 -0.2",
  cudgel:
    "M-1 6L-1 1.6M1 6L1 1.6M-3 -2.4Q-3 -6.6 0 -6.6Q3 -6.6 3 -2.4Q3 1 1 1.7L-1 1.7Q-3 1 -3 -2.4Z",
  lookout: "M-6 0Q0 -6 6 0Q0 6 -6 0ZM-1.8 0A1.8 1.8 0 1 1 1.8 0A1.8 1.8 0 1 1 -1.8 0",
  townsman:
    "M-2 -3.5A2 2 0 1 1 2 -3.5A2 2 0 1 1 -2 -3.5M-4.5 5.5Q-4.5 -0.5 0 -0.5Q4.5 -0.5 4.5 5.5Z",
  hound:
    "M-5.5 -1L-3 -4.5L-1 -2.5L3.5 -2.5L5.5 -5M3.5 -2.5L3.5 5M-2.5 0L-2.5 5M-5.5 -1L-2.5 0L3.5 0",
  cart: "M-5.5 -3L5.5 -3L4 1.5L-4 1.5ZM-2.6 3.4A2.1 2.1 0 1 1 -2.6 3.41M2.6 3.4A2.1 2.1 0 1 1 2.6 3.41M5.5 -3L7 -4.5",
  boat: "M-6 1.5L6 1.5Q4.5 5.5 0 5.5Q-4.5 5.5 -6 1.5ZM0 1.5L0 -6.5L4.5 -0.5L0 -0.5",
  balloon: "M0 2.5Q-5 -0.5 -5 -3A5 4 0 1 1 5 -3Q5 -0.5 0 2.5ZM-1.5 2.8L-1.5 6L1.5 6L1.5 2.8",
  gull: "M-6.5 -1.5Q-3 -5.5 0 0Q3 -5.5 6.5 -1.5M-1.5 2.5L0 0L1.5 2.5",
};

/** Emblems about the origin, within 4 units, as strokes. */
const EMBLEMS: Record<Exclude<SideEmblem, "none">, string> = {
  lantern: "M-2 -1.5L2 -1.5L2.4 3L-2.4 3ZM-1.4 -1.5Q0 -4.5 1.4 -1.5",
  hook: "M-3 3.2L0.5 -1M0.5 -1Q0 -4 2.4 -3.4Q4 -2 2 -0.4",
  sheaf: "M0 3.5L0 -3.5M-2.6 3.5Q-0.6 0 -2.6 -3M2.6 3.5Q0.6 0 2.6 -3M-1.8 0.8L1.8 0.8",
  paw: "M-2 2.4Q0 -0.6 2 2.4Q0 4 -2 2.4ZM-2.8 -0.6L-2.7 -0.4M-1 -2.4L-0.9 -2.2M1 -2.4L0.9 -2.2M2.8 -0.6L2.7 -0.4",
  wave: "M-4 0Q-2 -3 0 0T4 0M-4 2.6Q-2 -0.4 0 2.6T4 2.6",
  star: "M0 -3.6L1 -1L3.6 -1L1.6 0.8L2.4 3.4L0 1.8L-2.4 3.4L-1.6 0.8L-3.6 -1L-1 -1Z",
};

/** The SVG path of a side's emblem; nothing where it has none. */
export function emblemPath(emblem: SideEmblem): string | undefined {
  return emblem === "none" ? undefined : EMBLEMS[emblem];
}

const paths = new Map<string, Path2D>();

function path(source: string): Path2D {
  let made = paths.get(source);
  if (!made) {
    made = new Path2D(source);
    paths.set(source, made);
  }
  return made;
}

/** The SVG path of a side's outline. */
export function outlinePath(outline: Side["outline"]): string {
  return OUTLINES[outline];
}

/** The SVG path of a kind's glyph. */
export function glyphPath(glyph: KindGlyph): string {
  return GLYPHS[glyph];
}

/** How one stone is drawn. */
export interface Stone {
  side?: Side;
  glyph?: KindGlyph;
  /** Bearing it faces, degrees. */
  facing: number;
  selected?: boolean;
  player?: boolean;
  faded?: boolean;
  dead?: boolean;
  /** How large it is drawn, as a share of its full size; 1 unless said. */
  size?: number;
}

/** How large stones are drawn at a scale, in pixels of a metre: smaller on maps seen from afar. */
export function stoneSize(scale: number): number {
  return Math.max(0.62, Math.min(1, 0.5 + scale * 0.35));
}

/** How far a stone reaches with its ring and notch, at its full size, pixels. */
const REACH = 22;

/** Draws a stone at a pixel: outline and second sign of its side, glyph of its kind, notch to its front. */
export function drawStone(c: CanvasRenderingContext2D, px: number, py: number, stone: Stone): void {
  const { side, glyph, selected, player, faded, dead, size = 1 } = stone;
  const facing = bearingStep(stone.facing, REACH * size);
  const look = side ? `${side.colour}/${side.outline}/${side.fill}/${side.emblem}` : "";
  const name = [
    "stone",
    look,
    glyph,
    facing,
    selected,
    player,
    faded,
    dead,
    size.toFixed(2),
  ].join();
  putSprite(c, name, px, py, REACH * size, (own) => inkStone(own, { ...stone, facing }));
}

function inkStone(c: CanvasRenderingContext2D, stone: Stone): void {
  const colour = stone.side ? inks[stone.side.colour] : inks.flint2;
  c.save();
  c.scale(stone.size ?? 1, stone.size ?? 1);
  c.globalAlpha = stone.dead ? 0.45 : stone.faded ? 0.55 : 1;
  if (stone.selected) ring(c);
  if (!stone.dead) notch(c, stone.facing, colour);
  const body = path(OUTLINES[stone.side?.outline ?? "ring"]);
  const solid = stone.side?.fill === "solid";
  c.lineJoin = "round";
  c.lineWidth = 4.5;
  c.strokeStyle = inks.slip;
  c.stroke(body);
  c.fillStyle = solid ? colour : inks.slip;
  c.fill(body);
  if (stone.side?.fill === "half") halfFill(c, body, colour);
  c.lineWidth = 2.2;
  c.strokeStyle = colour;
  c.stroke(body);
  if (stone.player) playerMark(c, colour);
  c.lineWidth = 1.7;
  c.lineCap = "round";
  c.strokeStyle = solid ? inks.slip : colour;
  if (stone.glyph) c.stroke(path(GLYPHS[stone.glyph]));
  if (stone.side && (stone.size ?? 1) >= ROOM) emblem(c, stone.side, colour);
  if (stone.dead) cross(c);
  c.restore();
}

/** The least size of a stone that has room for an emblem. */
const ROOM = 0.85;

/** Draws the emblem of a side on a small plate at the lower left of its stone. */
function emblem(c: CanvasRenderingContext2D, side: Side, colour: string): void {
  const sign = emblemPath(side.emblem);
  if (!sign) return;
  c.save();
  c.translate(-10, 10);
  c.beginPath();
  c.arc(0, 0, 6, 0, Math.PI * 2);
  c.fillStyle = inks.slip;
  c.fill();
  c.lineWidth = 1;
  c.strokeStyle = colour;
  c.stroke();
  c.lineWidth = 1.1;
  c.stroke(path(sign));
  c.restore();
}

function ring(c: CanvasRenderingContext2D): void {
  c.beginPath();
  c.arc(0, 0, 17, 0, Math.PI * 2);
  c.lineWidth = 3.5;
  c.strokeStyle = inks.halo;
  c.stroke();
  c.lineWidth = 1.6;
  c.strokeStyle = inks.ink;
  c.stroke();
}

function notch(c: CanvasRenderingContext2D, facing: number, colour: string): void {
  c.save();
  c.rotate((facing * Math.PI) / 180);
  c.beginPath();
  c.moveTo(-4.5, -12.5);
  c.lineTo(0, -19);
  c.lineTo(4.5, -12.5);
  c.closePath();
  c.lineWidth = 3;
  c.strokeStyle = inks.slip;
  c.stroke();
  c.fillStyle = colour;
  c.fill();
  c.restore();
}

function halfFill(c: CanvasRenderingContext2D, body: Path2D, colour: string): void {
  c.save();
  c.clip(body);
  c.fillStyle = colour;
  c.globalAlpha *= 0.35;
  c.fillRect(-14, 0, 28, 14);
  c.restore();
}

/** A player's own stone has a second, dotted rim. */
function playerMark(c: CanvasRenderingContext2D, colour: string): void {
  c.save();
  c.beginPath();
  c.arc(0, 0, 14.5, 0, Math.PI * 2);
  c.setLineDash([2.2, 2.4]);
  c.lineWidth = 1.4;
  c.strokeStyle = colour;
  c.stroke();
  c.restore();
}

function cross(c: CanvasRenderingContext2D): void {
  c.beginPath();
  c.moveTo(-8, -8);
  c.lineTo(8, 8);
  c.moveTo(8, -8);
  c.lineTo(-8, 8);
  c.lineWidth = 2.4;
  c.strokeStyle = inks.ink;
  c.stroke();
}
