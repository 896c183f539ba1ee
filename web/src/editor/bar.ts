/** The ink of a way that can be gone, and of what bars one. */
export const GOOD = "#4e6b2e";
export const BAD = "#a33a1b";

/** Marks where a way is barred. */
export function drawBar(c: CanvasRenderingContext2D, [x, y]: [number, number]): void {
  c.beginPath();
  c.arc(x, y, 9, 0, Math.PI * 2);
  c.fillStyle = BAD;
  c.fill();
  c.beginPath();
  c.moveTo(x - 4.5, y);
  c.lineTo(x + 4.5, y);
  c.lineWidth = 2.8;
  c.strokeStyle = "#fcfaf3";
  c.stroke();
}
