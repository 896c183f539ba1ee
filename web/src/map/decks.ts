import { type Deck, type Mission, ordered } from "../model/mission";
import { toScreen } from "./camera";
import type { Sheet } from "./draw";
import { INK } from "./inks";

/** How far the shadow of a deck falls, pixels. */
const SHADOW = 4;

/** Pixels between two planks. */
const PLANK = 7;

/** Draws the decks of a mission, the lowest first. */
export function drawDecks(sheet: Sheet, mission: Mission, marked: (name: string) => boolean): void {
  const upward = Object.entries(mission.decks).sort(([, a], [, b]) => a.top - b.top);
  for (const [id, deck] of upward) drawDeck(sheet, deck, marked(`decks/${id}`));
}

/** Draws a deck: planks within an inked rim, with its shadow, and an arrow up its slope. */
function drawDeck(sheet: Sheet, deck: Deck, selected: boolean): void {
  const { c, camera, size } = sheet;
  const corners = ordered(deck.corners).map(([, { position }]) =>
    toScreen(camera, size, position.x, position.y),
  );
  if (corners.length === 0) return;
  const rim = new Path2D();
  corners.forEach(([px, py], i) => {
    if (i === 0) rim.moveTo(px, py);
    else rim.lineTo(px, py);
  });
  rim.closePath();
  c.save();
  c.lineJoin = "round";
  c.save();
  c.translate(SHADOW, SHADOW);
  c.fillStyle = "rgba(34,38,43,0.28)";
  c.fill(rim);
  c.restore();
  c.fillStyle = "#e3d3ab";
  c.fill(rim);
  c.save();
  c.clip(rim);
  planks(c, corners);
  c.restore();
  c.lineWidth = selected ? 2.6 : 1.6;
  c.strokeStyle = selected ? INK : "#5d4a26";
  c.stroke(rim);
  if (deck.slope.degrees > 0) uphill(c, corners, deck.slope.toward);
  c.restore();
}

type Corners = [number, number][];

/** Planks lie across the longest side. */
function planks(c: CanvasRenderingContext2D, corners: Corners): void {
  const sides = corners.map(([x, y], i) => {
    const [nx, ny] = corners[(i + 1) % corners.length];
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
  c.strokeStyle = "rgba(93,74,38,0.4)";
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
  c.strokeStyle = INK;
  c.stroke();
}
