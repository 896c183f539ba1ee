import type { Effect, Mission } from "../document/mission";
import { toScreen } from "./camera";
import { faint, inks } from "./inks";
import { letters } from "./letters";
import type { Sheet } from "./sheet";

type Wind = Mission["setting"]["wind"];

/** For how long smoke goes with the wind, seconds, and how many times its radius at most. */
const DRIFTS = 4;
const LEANS = 3;

/** How far smoke leans in a wind, metres east and north; other effects stand still. */
export function leanOf(effect: Effect, wind: Wind): { east: number; north: number } {
  if (effect.look !== "smoke" || effect.spreads.type !== "atOnce") return { east: 0, north: 0 };
  const length = Math.min(wind.speed * DRIFTS, LEANS * effect.radius);
  const from = (wind.from * Math.PI) / 180;
  return { east: -Math.sin(from) * length, north: -Math.cos(from) * length };
}

/** Whether an effect grows from its middle. */
export function grows(effect: Effect): boolean {
  const cloud = effect.look !== "light" && effect.look !== "sound";
  return cloud && effect.spreads.type !== "atOnce";
}

/** After how many seconds an effect that grows reaches its rim at the earliest. */
export function rimAfter({ spreads, radius }: Effect): number {
  return spreads.type === "atOnce" ? 0 : radius / spreads.pace.value;
}

/** Draws what smoke fills beside its round patch as it leans, strongest where it rises. */
export function drawLean(
  sheet: Sheet,
  effect: Effect,
  wind: Wind,
  tint: string,
  strength: number,
): void {
  const { c, camera, size } = sheet;
  const { east, north } = leanOf(effect, wind);
  if (east === 0 && north === 0) return;
  const { x, y } = effect.position;
  const from = toScreen(camera, size, x, y);
  const to = toScreen(camera, size, x + east, y + north);
  const along = c.createLinearGradient(...from, ...to);
  along.addColorStop(0, faint(tint, strength));
  along.addColorStop(1, faint(tint, strength / 4));
  c.save();
  c.beginPath();
  c.moveTo(...from);
  c.lineTo(...to);
  c.lineCap = "round";
  c.lineWidth = 2 * effect.radius * camera.scale;
  c.strokeStyle = along;
  c.stroke();
  c.restore();
}

/**
 * Draws where an effect is by now that grows, and where it was.
 *
 * @param squares a digit for each of its squares, row by row from the south-west
 */
export function drawSquares(sheet: Sheet, effect: Effect, squares: string, tint: string): void {
  const { c, camera, size } = sheet;
  const across = Math.round(Math.sqrt(squares.length));
  const side = (2 * effect.radius) / across;
  const patches = { "1": new Path2D(), "2": new Path2D() };
  const core = new Path2D();
  const tongues = new Path2D();
  const reach = side * camera.scale;
  for (let at = 0; at < squares.length; at++) {
    const patch = patches[squares[at] as "1" | "2"];
    if (!patch) continue;
    const [column, row] = [at % across, Math.floor(at / across)];
    const x = effect.position.x - effect.radius + (column + 0.5) * side;
    const y = effect.position.y - effect.radius + (row + 0.5) * side;
    const [px, py] = toScreen(camera, size, x, y);
    patch.moveTo(px + reach, py);
    patch.arc(px, py, reach, 0, Math.PI * 2);
    if (squares[at] !== "1") continue;
    core.moveTo(px + reach * 0.75, py);
    core.arc(px, py, reach * 0.75, 0, Math.PI * 2);
    if (reach > 1.2 && (column * 5 + row * 3) % SPARSE === 0) tongue(tongues, px, py);
  }
  if (effect.look === "fire") {
    c.fillStyle = faint(inks.ink, 0.3);
    c.fill(patches["2"]);
  }
  c.fillStyle = faint(tint, 0.28);
  c.fill(patches["1"]);
  c.fillStyle = faint(tint, 0.3);
  c.fill(core);
  if (effect.look !== "fire") return;
  c.lineWidth = 1.2;
  c.strokeStyle = tint;
  c.fillStyle = inks.halo;
  c.fill(tongues);
  c.stroke(tongues);
}

/** One of how many squares of a fire has a tongue of flame drawn on it. */
const SPARSE = 11;

/** A tongue of flame, a few pixels high. */
function tongue(path: Path2D, px: number, py: number): void {
  path.moveTo(px, py + 4);
  path.quadraticCurveTo(px - 5, py + 1, px - 1, py - 3);
  path.quadraticCurveTo(px, py - 5, px, py - 7);
  path.quadraticCurveTo(px + 5, py - 1, px + 2, py + 3);
  path.quadraticCurveTo(px + 1, py + 4, px, py + 4);
  path.closePath();
}

/** From how far off its middle a time can be read beside the sign of an effect, pixels. */
const LEGIBLE = 28;

/** Draws how far an effect comes in a third, two thirds and all of its time, and when. */
export function drawTimes(sheet: Sheet, effect: Effect, ink: string): void {
  const { c, camera, size } = sheet;
  const [px, py] = toScreen(camera, size, effect.position.x, effect.position.y);
  const whole = rimAfter(effect);
  const rim = effect.radius * camera.scale;
  if (rim < LEGIBLE) return;
  c.save();
  c.strokeStyle = ink;
  c.fillStyle = ink;
  c.font = letters(12);
  c.textAlign = "center";
  c.textBaseline = "middle";
  for (const share of rim < 3 * LEGIBLE ? [1] : [1 / 3, 2 / 3, 1]) {
    const reach = rim * share;
    const word = `${Math.round(whole * share)} s`;
    const half = c.measureText(word).width / 2 + 3;
    const gap = Math.asin(Math.min(1, half / reach));
    c.setLineDash([2, 4]);
    c.beginPath();
    c.arc(px, py, reach, -Math.PI / 2 + gap, (3 * Math.PI) / 2 - gap);
    if (share < 1) c.stroke();
    c.lineWidth = 3;
    c.setLineDash([]);
    c.strokeStyle = inks.halo;
    c.strokeText(word, px, py - reach);
    c.strokeStyle = ink;
    c.lineWidth = 1;
    c.fillText(word, px, py - reach);
  }
  c.restore();
}
