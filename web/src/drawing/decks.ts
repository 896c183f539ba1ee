import {
  type Deck,
  type DeckRamp,
  type Mission,
  ordered,
  type Position,
} from "../document/mission";
import { moves, shifted, stopsOf } from "../document/stops";
import { firstOf, sure } from "../document/sure";
import { toScreen } from "./camera";
import { faint, inks } from "./inks";
import { letters } from "./letters";
import type { Sheet } from "./sheet";

/** How far the shadow of a deck falls for each metre that it lies above the ground, pixels. */
const SHADOW = 1.6;

/** The least and the most that a shadow falls, pixels. */
const SHADOWS = [2.5, 14];

/** Pixels between two treads of stairs. */
const TREAD = 4;

/** Pixels between two planks. */
const PLANK = 7;

/**
 * Draws decks with their ramps, the lowest first, and where those stop that move.
 *
 * @param over how high a deck lies above the ground, metres
 */
export function drawDecks(
  sheet: Sheet,
  decks: Mission["decks"],
  marked: (id: string) => boolean,
  over: (deck: Deck) => number,
): void {
  const upward = Object.entries(decks).sort(([, a], [, b]) => a.top - b.top);
  for (const [id, deck] of upward) {
    const fall = Math.max(sure(SHADOWS, 0), Math.min(sure(SHADOWS, 1), over(deck) * SHADOW));
    if (moves(deck)) drawStops(sheet, deck, marked(id));
    drawDeck(sheet, deck, fall, marked(id));
    if (rises(deck)) drawRise(sheet, deck);
  }
}

/** Whether a deck has a stop above or below where it is drawn. */
function rises(deck: Deck): boolean {
  return moves(deck) && stopsOf(deck).some(({ up }) => up !== 0);
}

/** A post with a head at either end, in a corner of a deck that goes up and down. */
function drawRise(sheet: Sheet, deck: Deck): void {
  const { c } = sheet;
  const points = ordered(deck.corners).map(([, { position }]) => position);
  const corners = screened(sheet, points);
  const [x, y] = middle(corners);
  const west = Math.min(...corners.map(([px]) => px));
  const at = x + (west - x) * 0.6;
  c.save();
  c.beginPath();
  c.moveTo(at, y - 8);
  c.lineTo(at, y + 8);
  for (const end of [-1, 1]) {
    c.moveTo(at - 3.5, y + end * 4);
    c.lineTo(at, y + end * 8);
    c.lineTo(at + 3.5, y + end * 4);
  }
  for (const [width, colour] of [
    [4, inks.halo],
    [1.6, inks.timber],
  ] as const) {
    c.lineWidth = width;
    c.strokeStyle = colour;
    c.stroke();
  }
  c.restore();
}

/** How far above and below where a deck is drawn one of its stops lies, in words. */
function lifted(up: number): string {
  return up === 0 ? "" : ` ${up > 0 ? "+" : "−"}${Math.abs(up)} m`;
}

/** Draws where a deck stops: its outline in dashes, the line along which it goes, and numbers. */
function drawStops(sheet: Sheet, deck: Deck, selected: boolean): void {
  const { c } = sheet;
  const outlines = stopsOf(deck).map((stop) => {
    const { corners } = shifted(deck, stop);
    const points = ordered(corners).map(([, { position }]) => position);
    return { corners: screened(sheet, points), up: stop.up };
  });
  c.save();
  c.lineJoin = "round";
  c.strokeStyle = inks.timber;
  c.lineWidth = selected ? 1.8 : 1.1;
  c.setLineDash([7, 4]);
  const line = new Path2D();
  outlines.forEach(({ corners }, i) => {
    const [x, y] = middle(corners);
    if (i === 0) line.moveTo(x, y);
    else line.lineTo(x, y);
  });
  for (const { corners } of outlines.slice(1)) trace(line, corners);
  c.stroke(line);
  c.restore();
  if (selected) for (const [i, it] of outlines.entries()) numbered(c, it.corners, i, it.up);
}

/** The number of a stop above its outline; those at one place stand above one another. */
function numbered(c: CanvasRenderingContext2D, corners: Corners, stop: number, up: number): void {
  const west = Math.min(...corners.map(([x]) => x));
  const north = Math.min(...corners.map(([, y]) => y));
  const word = `${stop + 1}${lifted(up)}`;
  c.save();
  c.font = letters(11);
  c.textBaseline = "middle";
  const width = c.measureText(word).width + 8;
  const y = north - 9 - stop * 17;
  c.fillStyle = faint(inks.slip, 0.92);
  c.strokeStyle = inks.timber;
  c.lineWidth = 1;
  c.beginPath();
  c.rect(west, y - 8, width, 16);
  c.fill();
  c.stroke();
  c.fillStyle = inks.ink;
  c.fillText(word, west + 4, y);
  c.restore();
}

function screened({ camera, size }: Sheet, points: Position[]): Corners {
  return points.map(({ x, y }) => toScreen(camera, size, x, y));
}

/** Draws a deck: planks within an inked rim, with its shadow, and an arrow up its slope. */
function drawDeck(sheet: Sheet, deck: Deck, fall: number, selected: boolean): void {
  const { c } = sheet;
  const corners = screened(
    sheet,
    ordered(deck.corners).map(([, { position }]) => position),
  );
  if (corners.length === 0) return;
  const openings = ordered(deck.openings).map(([, opening]) =>
    screened(
      sheet,
      ordered(opening.corners).map(([, { position }]) => position),
    ),
  );
  const rim = new Path2D();
  for (const ring of [corners, ...openings]) trace(rim, ring);
  c.save();
  c.lineJoin = "round";
  for (const [, ramp] of ordered(deck.ramps)) drawRamp(sheet, ramp, fall, selected);
  c.save();
  c.translate(fall, fall);
  c.fillStyle = faint(inks.shadow, 0.28);
  c.fill(rim, "evenodd");
  c.restore();
  c.fillStyle = inks.deck;
  c.fill(rim, "evenodd");
  c.save();
  c.clip(rim, "evenodd");
  planks(c, corners);
  c.restore();
  c.lineWidth = selected ? 2.6 : 1.6;
  c.strokeStyle = selected ? inks.ink : inks.timber;
  c.stroke(rim);
  if (deck.railing.height > 0) railing(c, [corners, ...openings], deck.railing.make);
  if (deck.slope.degrees > 0) uphill(c, corners, deck.slope.toward);
  c.restore();
}

function trace(path: Path2D, ring: Corners): void {
  ring.forEach(([px, py], i) => {
    if (i === 0) path.moveTo(px, py);
    else path.lineTo(px, py);
  });
  path.closePath();
}

/** Posts along the rims, or a pale band where they are a low wall. */
function railing(c: CanvasRenderingContext2D, rings: Corners[], make: Deck["railing"]["make"]) {
  const line = new Path2D();
  for (const ring of rings) trace(line, ring);
  c.save();
  c.lineCap = "butt";
  if (make === "parapet") {
    c.lineWidth = 4;
    c.strokeStyle = inks.flint2;
    c.stroke(line);
    c.lineWidth = 2;
    c.strokeStyle = inks.rail;
  } else {
    c.setLineDash([1.6, 6]);
    c.lineWidth = 5;
    c.strokeStyle = inks.timber;
  }
  c.stroke(line);
  c.restore();
}

/** Draws a ramp as a strip: treads across it, or an arrow that points uphill. */
function drawRamp(sheet: Sheet, ramp: DeckRamp, fall: number, selected: boolean): void {
  const { c, camera } = sheet;
  const [[hx, hy], [fx, fy]] = firstOf(screened(sheet, [ramp.head, ramp.foot]), 2);
  const length = Math.hypot(hx - fx, hy - fy);
  const half = Math.max(2, (ramp.width / 2) * camera.scale);
  c.save();
  c.translate(fx, fy);
  c.rotate(Math.atan2(hy - fy, hx - fx));
  c.fillStyle = faint(inks.shadow, 0.2);
  c.beginPath();
  c.moveTo(0, half);
  c.lineTo(length, half);
  c.lineTo(length, half + fall * 0.7);
  c.closePath();
  c.fill();
  c.beginPath();
  c.rect(0, -half, length, 2 * half);
  c.fillStyle = inks.ramp;
  c.fill();
  c.lineWidth = selected ? 2.2 : 1.2;
  c.strokeStyle = selected ? inks.ink : inks.timber;
  c.stroke();
  c.beginPath();
  if (ramp.tread === "stairs") {
    for (let at = TREAD; at < length; at += TREAD) {
      c.moveTo(at, -half);
      c.lineTo(at, half);
    }
    c.lineWidth = 1;
  } else {
    c.moveTo(length * 0.2, 0);
    c.lineTo(length * 0.75, 0);
    c.moveTo(length * 0.75 - 6, -4);
    c.lineTo(length * 0.75, 0);
    c.lineTo(length * 0.75 - 6, 4);
    c.lineWidth = 1.5;
  }
  c.stroke();
  c.restore();
}

type Corners = [number, number][];

/** Planks lie across the longest side. */
function planks(c: CanvasRenderingContext2D, corners: Corners): void {
  const sides = corners.map(([x, y], i) => {
    const [nx, ny] = sure(corners, (i + 1) % corners.length);
    return { turn: Math.atan2(ny - y, nx - x), length: Math.hypot(nx - x, ny - y) };
  });
  const { turn } = sides.reduce((one, other) => (other.length > one.length ? other : one));
  const [x, y] = middle(corners);
  const reach = Math.max(...corners.map(([px, py]) => Math.hypot(px - x, py - y)));
  c.translate(x, y);
  c.rotate(turn);
  c.beginPath();
  for (let at = -reach; at <= reach; at += PLANK) {
    c.moveTo(at, -reach);
    c.lineTo(at, reach);
  }
  c.lineWidth = 0.7;
  c.strokeStyle = faint(inks.timber, 0.4);
  c.stroke();
}

function middle(corners: Corners): [number, number] {
  const sum = corners.reduce(([x, y], [px, py]) => [x + px, y + py], [0, 0]);
  return [sum[0] / corners.length, sum[1] / corners.length];
}

function uphill(c: CanvasRenderingContext2D, corners: Corners, toward: number): void {
  const [x, y] = middle(corners);
  c.translate(x, y);
  c.rotate((toward * Math.PI) / 180);
  c.beginPath();
  c.moveTo(0, 9);
  c.lineTo(0, -9);
  c.moveTo(-4.5, -4);
  c.lineTo(0, -9);
  c.lineTo(4.5, -4);
  c.lineWidth = 1.8;
  c.strokeStyle = inks.ink;
  c.stroke();
}
