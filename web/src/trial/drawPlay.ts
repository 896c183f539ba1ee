import { houseOf, peelTo } from "../document/houses";
import { type Mission, refOf } from "../document/mission";
import { knownGround } from "../document/raster";
import { type Numbered, numberedSurfaces, surfacesOver } from "../document/surfaces";
import { toScreen } from "../drawing/camera";
import { faint, inks } from "../drawing/inks";
import type { Sheet } from "../drawing/sheet";
import { drawStone, stoneSize } from "../drawing/stones";
import type { UnitSnapshot } from "../generated/snapshot.gen";
import { signs } from "./decode";
import type { Player } from "./messages";

/** What is said of alertness, from unaware to alarmed. */
const ALERT = ["", "wary", "alarmed"];

/** The bearings of the chips that fly off a stone, from unaware to alarmed, degrees. */
const CHIPS = [[], [0], [-38, 0, 38]];

/** How dark a moonless night is drawn, 0 to 1. */
const NIGHT = 0.62;

/** Lays the dark over the ground. */
export function dim({ c, size }: Sheet, light: number): void {
  c.fillStyle = faint(inks.dusk, (1 - light) * NIGHT);
  c.fillRect(0, 0, size.width, size.height);
}

/** Draws where the player asked to go. */
export function drawGoal({ c, camera, size }: Sheet, goal: { x: number; y: number }): void {
  const [px, py] = toScreen(camera, size, goal.x, goal.y);
  c.save();
  c.strokeStyle = inks.ink;
  c.lineWidth = 2;
  c.beginPath();
  c.arc(px, py, 6, 0, Math.PI * 2);
  c.moveTo(px - 10, py);
  c.lineTo(px - 3, py);
  c.moveTo(px + 3, py);
  c.lineTo(px + 10, py);
  c.stroke();
  c.restore();
}

/** Draws where the player aims. */
export function drawAim({ c }: Sheet, px: number, py: number, facing: number): void {
  c.save();
  c.translate(px, py);
  c.rotate((facing * Math.PI) / 180);
  c.setLineDash([3, 5]);
  c.strokeStyle = faint(inks.ink, 0.55);
  c.beginPath();
  c.moveTo(0, -24);
  c.lineTo(0, -120);
  c.stroke();
  c.restore();
}

function drawBlow(c: CanvasRenderingContext2D, px: number, py: number, facing: number): void {
  c.save();
  c.translate(px, py);
  c.rotate((facing * Math.PI) / 180);
  c.beginPath();
  c.arc(0, 0, 27, -Math.PI * 0.75, -Math.PI * 0.25);
  c.lineWidth = 4;
  c.strokeStyle = inks.ink;
  c.stroke();
  c.restore();
}

function drawHurt(c: CanvasRenderingContext2D, px: number, py: number): void {
  c.save();
  c.beginPath();
  c.arc(px, py, 20, 0, Math.PI * 2);
  c.lineWidth = 5;
  c.strokeStyle = faint(inks.error, 0.75);
  c.stroke();
  c.restore();
}

/** How alert a unit is: one hollow chip over the stone of who is wary, three solid ones if alarmed. */
/** Two cords about the stone of somebody who is bound. */
function drawCords(c: CanvasRenderingContext2D, px: number, py: number, scale: number): void {
  c.save();
  c.translate(px, py);
  c.scale(scale, scale);
  c.lineCap = "round";
  for (const [width, ink] of [
    [5, inks.halo],
    [2.5, inks.ink],
  ] as const) {
    c.lineWidth = width;
    c.strokeStyle = ink;
    c.beginPath();
    for (const y of [-3.5, 3.5]) {
      c.moveTo(-13, y + 2);
      c.quadraticCurveTo(0, y - 3, 13, y + 2);
    }
    c.stroke();
  }
  c.restore();
}

function drawChips(
  c: CanvasRenderingContext2D,
  px: number,
  py: number,
  alertness: number,
  scale: number,
): void {
  for (const bearing of CHIPS[alertness] ?? []) {
    c.save();
    c.translate(px, py);
    c.scale(scale * CHIPS_SIZE, scale * CHIPS_SIZE);
    c.rotate((bearing * Math.PI) / 180);
    c.translate(0, -CHIPS_OFF / CHIPS_SIZE);
    c.beginPath();
    c.moveTo(-1, -9);
    c.lineTo(5, 1);
    c.lineTo(-1, 4);
    c.lineTo(-5, -1);
    c.closePath();
    c.lineJoin = "round";
    c.lineWidth = 5;
    c.strokeStyle = inks.halo;
    c.stroke();
    c.lineWidth = 2;
    c.strokeStyle = alertness > 1 ? inks.error : inks.ink;
    c.fillStyle = alertness > 1 ? inks.error : inks.slip;
    c.fill();
    c.stroke();
    c.restore();
  }
}

/** How far from the middle of a stone its chips fly, at its full size, pixels. */
const CHIPS_OFF = 26;

/** How large a chip is drawn of its full size. */
const CHIPS_SIZE = 0.7;

function drawHealth(c: CanvasRenderingContext2D, px: number, py: number, health: number): void {
  c.save();
  c.fillStyle = inks.halo;
  c.fillRect(px - 15, py + 17, 30, 5);
  c.fillStyle = health > 35 ? inks.moss : inks.error;
  c.fillRect(px - 14, py + 18, 28 * (health / 100), 3);
  c.restore();
}

/** Whether a unit is on its feet. */
export function up(now: UnitSnapshot): boolean {
  const { dead, down } = signs(now);
  return !dead && !down;
}

/** The name of a unit, with what is to be seen of it. */
export function nameNow(player: Player, now: UnitSnapshot): string {
  const { dead, down, alertness, bound } = signs(now);
  if (bound) return `${player.name}, bound`;
  if (dead || down) return `${player.name}, ${dead ? "dead" : "down"}`;
  const alert = ALERT[alertness] ?? "";
  return player.name + (alert && `, ${alert}`);
}

/** Draws a unit as it is now: its stone, its blows, what it suffers and its health. */
export function drawUnit(
  sheet: Sheet,
  mission: Mission,
  player: Player,
  now: UnitSnapshot,
  mine: boolean,
  peel: number | null,
): void {
  const { c, camera, size } = sheet;
  const [px, py] = toScreen(camera, size, now.x, now.y);
  const { struck, hurt, dead, down, bound } = signs(now);
  if (struck) drawBlow(c, px, py, now.facing);
  if (hurt) drawHurt(c, px, py);
  drawStone(c, px, py, {
    side: mission.sides[player.side],
    glyph: mission.kinds[player.kind]?.glyph,
    facing: now.facing,
    dead,
    faded: down || underDeck(mission, now, peel),
    player: mine,
    size: stoneSize(camera.scale),
  });
  if (now.health < 100 && !dead) drawHealth(c, px, py, now.health);
  if (bound) drawCords(c, px, py, stoneSize(camera.scale));
  if (!dead && !down && !bound) drawChips(c, px, py, signs(now).alertness, stoneSize(camera.scale));
}

const numbered = new WeakMap<Mission, ReturnType<typeof numberedSurfaces>>();

/** The surface that a unit stands on, by the number that the run gives it; nothing for the ground. */
function standsOn(mission: Mission, { deck }: UnitSnapshot): Numbered | undefined {
  const all = numbered.get(mission) ?? numberedSurfaces(mission);
  numbered.set(mission, all);
  return all[deck];
}

/** Whether a unit is under a deck, a floor or a roof that is shown. */
function underDeck(mission: Mission, now: UnitSnapshot, peel: number | null): boolean {
  const on = standsOn(mission, now);
  const floor = on && houseFloor(mission, on);
  const above = surfacesOver(mission, now).filter(({ top }) => peel === null || top <= peel);
  return above.some(({ of, top }) => (floor === undefined ? of !== on?.of : top > floor + 0.5));
}

/** How high the floor of a building lies that a unit stands on, metres; nothing for other surfaces. */
function houseFloor(mission: Mission, { of, floor }: Numbered): number | undefined {
  const building = floor === undefined ? undefined : mission.buildings[refOf(of).id];
  if (!building || floor === undefined) return undefined;
  return houseOf(building, knownGround(mission.setting.terrain)).floors[floor];
}

/** The height to peel to, so that a unit that is in a building sees the floor they are on. */
export function peelFor(mission: Mission, now: UnitSnapshot | undefined): number | null {
  const on = now && standsOn(mission, now);
  const building = on?.floor === undefined ? undefined : mission.buildings[refOf(on.of).id];
  if (!building || on?.floor === undefined) return null;
  return peelTo(houseOf(building, knownGround(mission.setting.terrain)), on.floor);
}

/** How far from the rim of the map a pointer to something beyond it lies, pixels. */
const RIM = 28;

/**
 * Draws where an objective points: a diamond about the place, or at the rim of the map an arrow to
 * where it lies beyond it. Answers with where its name belongs.
 */
export function drawPointer(
  { c, camera, size }: Sheet,
  at: { x: number; y: number },
): [number, number] {
  const [x, y] = toScreen(camera, size, at.x, at.y);
  const px = Math.max(RIM, Math.min(size.width - RIM, x));
  const py = Math.max(RIM, Math.min(size.height - RIM, y));
  const beyond = px !== x || py !== y;
  c.save();
  c.translate(px, py);
  c.beginPath();
  if (beyond) {
    c.rotate(Math.atan2(x - px, py - y));
    c.moveTo(0, -14);
    c.lineTo(9, 8);
    c.lineTo(-9, 8);
  } else {
    c.moveTo(0, -15);
    c.lineTo(15, 0);
    c.lineTo(0, 15);
    c.lineTo(-15, 0);
  }
  c.closePath();
  c.lineWidth = 5;
  c.strokeStyle = inks.halo;
  c.stroke();
  c.lineWidth = 2.2;
  c.strokeStyle = inks.ink;
  c.stroke();
  c.fillStyle = beyond ? inks.lichen : faint(inks.lichen, 0.35);
  c.fill();
  c.restore();
  return [px, py];
}
