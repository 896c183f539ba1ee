import type { Position } from "../../document/mission";
import { toScreen } from "../../drawing/camera";
import { inks } from "../../drawing/inks";
import type { Sheet } from "../../drawing/sheet";
import { drawBar } from "../bar";
import type { WhyNot } from "./useReach";

/** Lays the bands of a reach over the ground. */
export function drawReach(
  { c, camera, size }: Sheet,
  picture: HTMLCanvasElement,
  ground: { width: number; height: number },
): void {
  const [x, y] = toScreen(camera, size, 0, ground.height);
  c.save();
  c.imageSmoothingEnabled = false;
  c.drawImage(picture, x, y, ground.width * camera.scale, ground.height * camera.scale);
  c.restore();
}

/** Draws the way that somebody takes; where it ends short, what bars it, and where it leads. */
export function drawWhyNot(sheet: Sheet, from: Position, to: Position, why: WhyNot): void {
  const { c, camera, size } = sheet;
  const screen = ({ x, y }: Position) => toScreen(camera, size, x, y);
  const line = (points: Position[], colour: string, dash: number[]) => {
    for (const [width, ink] of [
      [5, inks.halo],
      [2.4, colour],
    ] as const) {
      c.beginPath();
      points.forEach((point, i) => {
        const [x, y] = screen(point);
        if (i === 0) c.moveTo(x, y);
        else c.lineTo(x, y);
      });
      c.setLineDash(width > 4 ? [] : dash);
      c.lineWidth = width;
      c.strokeStyle = ink;
      c.stroke();
    }
    c.setLineDash([]);
  };
  c.save();
  c.lineJoin = "round";
  c.lineCap = "round";
  if (why.reached) line(why.way, inks.moss, []);
  else {
    line([from, why.farthest], inks.moss, [2, 6]);
    line([why.farthest, to], inks.error, [6, 5]);
    drawBar(c, screen(why.way[why.way.length - 1] ?? why.farthest));
  }
  const [x, y] = screen(to);
  c.beginPath();
  c.arc(x, y, 7, 0, Math.PI * 2);
  c.fillStyle = inks.slip;
  c.fill();
  c.lineWidth = 2.4;
  c.strokeStyle = why.reached ? inks.moss : inks.error;
  c.stroke();
  c.restore();
}

/** Marks where players leave the ground that they are meant to stay on. */
export function drawLeaks({ c, camera, size }: Sheet, leaks: Position[]): void {
  c.save();
  for (const leak of leaks) {
    const [x, y] = toScreen(camera, size, leak.x, leak.y);
    c.beginPath();
    c.moveTo(x, y - 9);
    c.lineTo(x + 9, y);
    c.lineTo(x, y + 9);
    c.lineTo(x - 9, y);
    c.closePath();
    c.fillStyle = inks.error;
    c.fill();
    c.lineWidth = 2;
    c.strokeStyle = inks.slip;
    c.stroke();
    c.beginPath();
    c.moveTo(x - 3.5, y);
    c.lineTo(x + 3.5, y);
    c.moveTo(x + 0.5, y - 3);
    c.lineTo(x + 3.5, y);
    c.lineTo(x + 0.5, y + 3);
    c.stroke();
  }
  c.restore();
}
