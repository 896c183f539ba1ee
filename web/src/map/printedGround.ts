import type { Ground } from "../document/raster";
import { toScreen } from "../drawing/camera";
import { faint, inks } from "../drawing/inks";
import type { Sheet } from "../drawing/sheet";
import { drawPlants, printGrowth } from "./growth";
import { hillLines } from "./hills";
import { printLand } from "./land";
import { printSea } from "./sea";
import type { InkedLine } from "./trace";

/** Draws the printed ground: land, water over it, and the lines of both. */
export function drawGround({ c, camera, size }: Sheet, ground: Ground, water: number): void {
  const land = printLand(ground);
  const sea = printSea(ground, water);
  const width = ground.columns * ground.cell;
  const height = ground.rows * ground.cell;
  c.save();
  const [x, y] = toScreen(camera, size, 0, 0);
  c.translate(x, y);
  c.scale(camera.scale, -camera.scale);
  c.beginPath();
  c.rect(0, 0, width, height);
  c.clip();
  c.fillStyle = inks[land.base];
  c.fill();
  for (const { path, tint } of land.areas) {
    c.fillStyle = inks[tint];
    c.fill(path);
  }
  const grown = printGrowth(ground);
  if (grown) drawPicture(c, grown, width, height);
  drawPicture(c, land.shade, width, height);
  for (const line of [...hillLines(ground), land.rims]) drawLine(c, line, camera.scale);
  c.save();
  c.clip(sea.area, "evenodd");
  drawPicture(c, sea.picture, width, height);
  c.restore();
  for (const line of sea.lines) drawLine(c, line, camera.scale);
  c.lineWidth = 1.5 / camera.scale;
  c.strokeStyle = inks.flint2;
  c.strokeRect(0, 0, width, height);
  c.restore();
  if (grown) drawPlants({ c, camera, size }, ground);
}

/** Draws a picture whose north is at its top over the whole ground, in metres. */
function drawPicture(
  c: CanvasRenderingContext2D,
  picture: HTMLCanvasElement,
  width: number,
  height: number,
): void {
  c.save();
  c.scale(1, -1);
  c.imageSmoothingQuality = "medium";
  c.drawImage(picture, 0, -height, width, height);
  c.restore();
}

function drawLine(c: CanvasRenderingContext2D, line: InkedLine, scale: number): void {
  c.lineJoin = "round";
  c.lineWidth = line.width / scale;
  c.strokeStyle = line.share === undefined ? inks[line.ink] : faint(inks[line.ink], line.share);
  c.setLineDash((line.dash ?? []).map((dash) => dash / scale));
  c.stroke(line.path);
  c.setLineDash([]);
}
