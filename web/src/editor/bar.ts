import { inks } from "../drawing/inks";

/** Marks where a way is barred. */
export function drawBar(c: CanvasRenderingContext2D, [x, y]: [number, number]): void {
  c.beginPath();
  c.arc(x, y, 9, 0, Math.PI * 2);
  c.fillStyle = inks.error;
  c.fill();
  c.beginPath();
  c.moveTo(x - 4.5, y);
  c.lineTo(x + 4.5, y);
  c.lineWidth = 2.8;
  c.strokeStyle = inks.slip;
  c.stroke();
}
