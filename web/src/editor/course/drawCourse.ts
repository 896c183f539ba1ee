import type { Position } from "../../document/mission";
import { firstOf, sure } from "../../document/sure";
import { toScreen } from "../../drawing/camera";
import { inks } from "../../drawing/inks";
import { inked } from "../../drawing/labels";
import { letters } from "../../drawing/letters";
import type { Sheet } from "../../drawing/sheet";
import { drawBar } from "../bar";
import { middleOf, minutes, turns } from "./course";
import type { Course } from "./useCourse";

/** How long a leg is on the screen at least whose time is written at it, pixels. */
const ROOM = 44;

/** Draws where the legs of a route lead, how long each takes, and where one is barred. */
export function drawCourse(sheet: Sheet, { wish, legs }: Course): void {
  const { c, camera, size } = sheet;
  const screen = ({ x, y }: Position) => toScreen(camera, size, x, y);
  c.save();
  c.lineJoin = "round";
  c.lineCap = "round";
  legs.forEach((leg, i) => {
    const [from, to] = firstOf(
      sure(wish.legs, i).map((stop) => sure(wish.stops, stop).position),
      2,
    );
    if (!leg.reached) {
      dashes(c, [screen(leg.farthest), screen(to)], inks.error, [7, 5]);
      drawBar(c, screen(leg.farthest));
    } else if (turns(leg.way)) {
      dashes(c, leg.way.map(screen), inks.moss, [1, 6]);
    }
    const [ax, ay] = screen(from);
    const [bx, by] = screen(to);
    if (leg.reached && Math.hypot(bx - ax, by - ay) >= ROOM) {
      const [x, y] = screen(middleOf(leg.way));
      time(c, minutes(leg.seconds), x, y);
    }
  });
  c.restore();
}

function dashes(
  c: CanvasRenderingContext2D,
  points: [number, number][],
  ink: string,
  dash: number[],
): void {
  c.beginPath();
  points.forEach(([x, y], i) => {
    if (i === 0) c.moveTo(x, y);
    else c.lineTo(x, y);
  });
  c.setLineDash(dash);
  c.lineWidth = 2.6;
  c.strokeStyle = ink;
  c.stroke();
  c.setLineDash([]);
}

function time(c: CanvasRenderingContext2D, text: string, x: number, y: number): void {
  c.font = letters(12);
  c.textAlign = "center";
  inked(c, text, x, y - 6, inks.moss);
  c.textAlign = "left";
}
