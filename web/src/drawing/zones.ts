import { ordered, type Zone, type ZoneShape } from "../document/mission";
import { boxCorners } from "../document/shapes";
import { toScreen } from "./camera";
import { edgeOf, faint, fillOf, inks, onInks } from "./inks";
import { line, type Sheet } from "./sheet";
import { putSprite } from "./sprites";

/** The outline of a zone on the screen. */
export interface ZoneOutline {
  rim: Path2D;
  /** The middle of its bounds and half of their larger side, in pixels. */
  px: number;
  py: number;
  r: number;
  /** How far from the middle its name is written: outside a circle, in the middle of others. */
  gap: number;
}

/** The outline of a zone as the camera sees it. */
export function zoneOutline({ camera, size }: Sheet, shape: ZoneShape): ZoneOutline {
  const rim = new Path2D();
  if (shape.type === "circle") {
    const [px, py] = toScreen(camera, size, shape.centre.x, shape.centre.y);
    const r = Math.max(3, shape.radius * camera.scale);
    rim.arc(px, py, r, 0, Math.PI * 2);
    return { rim, px, py, r, gap: r + 5 };
  }
  const ring =
    shape.type === "rectangle"
      ? boxCorners({ is: "box", ...shape })
      : ordered(shape.corners).map(([, { position }]) => position);
  const points = ring.map(({ x, y }) => toScreen(camera, size, x, y));
  points.forEach(([px, py], i) => {
    if (i === 0) rim.moveTo(px, py);
    else rim.lineTo(px, py);
  });
  rim.closePath();
  const [xs, ys] = [points.map(([px]) => px), points.map(([, py]) => py)];
  const [west, east] = [Math.min(...xs), Math.max(...xs)];
  const [top, bottom] = [Math.min(...ys), Math.max(...ys)];
  const r = Math.max(east - west, bottom - top) / 2;
  return { rim, px: (west + east) / 2, py: (top + bottom) / 2, r, gap: 5 };
}

/** Round zones that reach no farther are small pictures, pixels. */
const SMALL = 32;

/** Draws a zone: its rim in its hue, and a faint hatch that lets what lies inside be seen. */
export function drawZone(sheet: Sheet, zone: Zone, selected: boolean): void {
  const { c, size } = sheet;
  const { rim, px, py, r } = zoneOutline(sheet, zone.shape);
  if (px + r < 0 || py + r < 0 || px - r > size.width || py - r > size.height) return;
  if (zone.shape.type === "circle" && r <= SMALL) {
    const radius = Math.round(r * 2) / 2;
    const name = `zone/${zone.hue}/${zone.hatch}/${zone.strength}/${radius}/${selected}`;
    putSprite(c, name, px, py, radius + 3, (own) => {
      const circle = new Path2D();
      circle.arc(0, 0, radius, 0, Math.PI * 2);
      inkZone(own, zone, { rim: circle, px: 0, py: 0, r: radius }, selected);
    });
    return;
  }
  c.save();
  inkZone(c, zone, { rim, px, py, r }, selected);
  c.restore();
}

function inkZone(
  c: CanvasRenderingContext2D,
  zone: Zone,
  { rim, px, py, r }: Omit<ZoneOutline, "gap">,
  selected: boolean,
): void {
  c.lineJoin = "round";
  const share = zone.strength / 100;
  c.fillStyle = fillOf(zone.hue, 0.1 * share);
  c.fill(rim);
  const hatched = r > GAP && share > 0 ? hatch(c, zone, px, py) : null;
  if (hatched) {
    c.globalAlpha = share;
    c.fillStyle = hatched;
    c.fill(rim);
    c.globalAlpha = 1;
  }
  c.lineWidth = selected ? 4 : 3;
  c.strokeStyle = faint(inks.slip, 0.8);
  c.stroke(rim);
  c.lineWidth = selected ? 2.4 : 1.6;
  c.strokeStyle = selected ? inks.ink : edgeOf(zone.hue);
  c.stroke(rim);
}

/** Pixels between two lines of a hatch. */
const GAP = 9;

const hatches = new Map<string, HTMLCanvasElement>();
onInks(() => hatches.clear());

/** The hatch of a zone as a pattern that stays with its middle. */
function hatch(
  c: CanvasRenderingContext2D,
  { hue, hatch: kind }: Zone,
  px: number,
  py: number,
): CanvasPattern | null {
  const ratio = window.devicePixelRatio || 1;
  const name = `${hue}/${kind}@${ratio}`;
  let square = hatches.get(name);
  if (!square) {
    square = hatchSquare(hue, kind, ratio);
    hatches.set(name, square);
  }
  const pattern = c.createPattern(square, "repeat");
  pattern?.setTransform(new DOMMatrix().translate(px, py).scale(1 / ratio));
  return pattern;
}

/** One square of a hatch, which fits itself on all sides. */
function hatchSquare(hue: number, kind: Zone["hatch"], ratio: number): HTMLCanvasElement {
  const canvas = document.createElement("canvas");
  canvas.width = GAP * ratio;
  canvas.height = GAP * ratio;
  const c = canvas.getContext("2d");
  if (!c) return canvas;
  c.scale(ratio, ratio);
  c.strokeStyle = edgeOf(hue, 0.45);
  c.lineWidth = kind === "dotted" ? 1.8 : 1;
  c.lineCap = kind === "dotted" ? "round" : "square";
  if (kind === "dotted") c.setLineDash([0.1, (GAP * Math.SQRT2) / 2]);
  for (const shift of [-GAP, 0, GAP]) {
    if (kind !== "falling") line(c, shift, GAP, shift + GAP, 0);
    if (kind === "falling" || kind === "crossed") line(c, shift, 0, shift + GAP, GAP);
  }
  return canvas;
}
