import type { Mission } from "../document/mission";
import { sure } from "../document/sure";
import { measured, shownUnit, toKept } from "../document/units";
import { toScreen } from "../drawing/camera";
import { faint, inks } from "../drawing/inks";
import { inked } from "../drawing/labels";
import { FONT, letters, lettersGrown } from "../drawing/letters";
import { line, type Sheet } from "../drawing/sheet";

const STEPS = [1, 2, 5, 10, 20, 50, 100, 200, 500, 1000, 2000, 5000];

/** The printed margin: metre ticks, scale bar, north, wind and title block. */
export function drawMargin(sheet: Sheet, mission: Mission, margin: number): void {
  const { c, size } = sheet;
  c.save();
  c.fillStyle = inks.slip;
  c.fillRect(0, 0, size.width, margin);
  c.fillRect(0, 0, margin, size.height);
  c.fillRect(size.width - 8, 0, 8, size.height);
  c.fillRect(0, size.height - 8, size.width, 8);
  c.strokeStyle = inks.ink;
  c.lineWidth = 1.4;
  c.strokeRect(margin, margin, size.width - margin - 8, size.height - margin - 8);
  ticks(sheet, mission, margin);
  scaleBar(sheet, margin);
  c.save();
  c.translate(size.width - 14, margin + 8);
  c.scale(lettersGrown(), lettersGrown());
  plate(c, -100, 0, 100, 66);
  north(c, -20, 32);
  wind(c, -64, 26, mission.setting.wind);
  c.restore();
  c.restore();
}

function ticks({ c, camera, size }: Sheet, mission: Mission, margin: number): void {
  const one = toKept(1, "m");
  const unit = shownUnit("m");
  const step = STEPS.find((it) => it * one * camera.scale >= 64 * lettersGrown()) ?? 5000;
  const { columns, rows, cell } = mission.setting.terrain;
  c.font = letters(12, 400);
  c.fillStyle = inks.flint;
  c.lineWidth = 1;
  c.textAlign = "center";
  for (let x = 0; x * one <= columns * cell; x += step) {
    const [px] = toScreen(camera, size, x * one, 0);
    if (px < margin + 14 || px > size.width - 24) continue;
    line(c, px, margin - 5, px, margin);
    c.fillText(`${x} ${unit}`, px, margin - 8);
  }
  for (let y = 0; y * one <= rows * cell; y += step) {
    const [, py] = toScreen(camera, size, 0, y * one);
    if (py < margin + 14 || py > size.height - 24) continue;
    line(c, margin - 5, py, margin, py);
    c.save();
    c.translate(margin - 8, py);
    c.rotate(-Math.PI / 2);
    c.fillText(`${y} ${unit}`, 0, 0);
    c.restore();
  }
  c.textAlign = "left";
}

/** The paper that what explains the map is printed on, so that names beneath do not run into it. */
function plate(c: CanvasRenderingContext2D, x: number, y: number, width: number, height: number) {
  c.fillStyle = faint(inks.slip, 0.88);
  c.fillRect(x, y, width, height);
}

function scaleBar({ c, camera, size }: Sheet, margin: number): void {
  const one = toKept(1, "m") * camera.scale;
  const length = STEPS.findLast((it) => it * one <= 110) ?? 1;
  const px = length * one;
  const x = margin + 16;
  const y = size.height - 30;
  plate(c, x - 8, y - 8 - 12 * lettersGrown(), px + 50 * lettersGrown(), 20 + 12 * lettersGrown());
  for (let i = 0; i < 4; i++) {
    c.fillStyle = i % 2 === 0 ? inks.ink : inks.slip;
    c.fillRect(x + (px / 4) * i, y, px / 4, 5);
  }
  c.strokeStyle = inks.ink;
  c.lineWidth = 1;
  c.strokeRect(x, y, px, 5);
  c.fillStyle = inks.ink;
  c.font = letters(12, 400);
  c.fillText("0", x - 2, y - 5);
  c.fillText(`${length} ${shownUnit("m")}`, x + px - 8, y - 5);
}

function north(c: CanvasRenderingContext2D, x: number, y: number): void {
  c.save();
  c.translate(x, y);
  c.beginPath();
  c.moveTo(0, -24);
  c.lineTo(5, 2);
  c.lineTo(0, -3);
  c.lineTo(-5, 2);
  c.closePath();
  c.fillStyle = inks.ink;
  c.strokeStyle = inks.halo;
  c.lineWidth = 3;
  c.stroke();
  c.fill();
  c.font = `700 13px ${FONT}`;
  c.textAlign = "center";
  inked(c, "N", 0, 18);
  c.restore();
}

const COMPASS = ["N", "NE", "E", "SE", "S", "SW", "W", "NW"];

/** The name of a bearing on the eight-point compass. */
export function compass(bearing: number): string {
  return sure(COMPASS, Math.round((((bearing % 360) + 360) % 360) / 45) % 8);
}

/** A vane with one barb for each 4 m/s, its tail to where the wind comes from. */
function wind(
  c: CanvasRenderingContext2D,
  x: number,
  y: number,
  { speed, from }: { speed: number; from: number },
): void {
  c.save();
  c.translate(x, y);
  c.save();
  c.rotate((from * Math.PI) / 180);
  for (const [width, colour] of [
    [4, inks.halo],
    [1.8, inks.ink],
  ] as const) {
    c.lineWidth = width;
    c.strokeStyle = colour;
    line(c, 0, 14, 0, -14);
    for (let barb = 0; barb < Math.min(5, Math.round(speed / 4)); barb++) {
      line(c, 0, -14 + barb * 5, 8, -18 + barb * 5);
    }
  }
  c.restore();
  c.font = `600 12px ${FONT}`;
  c.textAlign = "center";
  inked(c, `${compass(from)} ${measured(speed, "m/s", 0)}`, 0, 32);
  c.restore();
}
