import { toScreen } from "./camera";
import { inks, onInks } from "./inks";
import type { Sheet } from "./sheet";

/** A small picture that is drawn once and put down many times. */
interface Sprite {
  picture: ImageBitmap;
  /** Half the side of the square it covers, pixels of the screen. */
  half: number;
}

/** The most pictures that are kept; then all are drawn anew as they are needed. */
const MOST = 4000;

/** What reaches farther than this is drawn where it is each time, pixels. */
const LARGE = 120;

const kept = new Map<string, Sprite>();
onInks(() => kept.clear());

/** The degrees to which bearings are told apart in small pictures, and in smaller ones. */
const BEARING_STEP = 5;
const COARSE_STEP = 15;

/** A picture that reaches less far than this is a smaller one, pixels. */
const SMALL = 18;

/** A bearing as small pictures tell it apart. */
export function bearingStep(bearing: number, half: number): number {
  const step = half < SMALL ? COARSE_STEP : BEARING_STEP;
  return (Math.round(bearing / step) * step) % 360;
}

/**
 * Puts a small picture at a pixel, drawing it first if there is none of its name yet.
 *
 * @param half how far it reaches from its middle, pixels
 */
export function putSprite(
  c: CanvasRenderingContext2D,
  name: string,
  px: number,
  py: number,
  half: number,
  draw: (c: CanvasRenderingContext2D) => void,
): void {
  if (half > LARGE) {
    c.save();
    c.translate(px, py);
    draw(c);
    c.restore();
    return;
  }
  const ratio = window.devicePixelRatio || 1;
  const full = `${name}@${ratio}`;
  let sprite = kept.get(full);
  if (!sprite) {
    if (kept.size >= MOST) kept.clear();
    const side = Math.ceil(2 * half * ratio);
    const canvas = new OffscreenCanvas(side, side);
    const own = canvas.getContext("2d");
    if (!own) return;
    own.scale(ratio, ratio);
    own.translate(half, half);
    draw(own as unknown as CanvasRenderingContext2D);
    sprite = { picture: canvas.transferToImageBitmap(), half };
    kept.set(full, sprite);
  }
  const side = sprite.picture.width / ratio;
  // On whole pixels: sharp, and put down several times as fast.
  const whole = (at: number) => Math.round((at - sprite.half) * ratio) / ratio;
  c.drawImage(sprite.picture, whole(px), whole(py), side, side);
}

/** Puts a small picture of a thing where it is, as it faces. */
export function putFacing(
  { c, camera, size }: Sheet,
  thing: { position: { x: number; y: number }; facing: number },
  name: string,
  half: number,
  draw: (c: CanvasRenderingContext2D) => void,
): void {
  const [px, py] = toScreen(camera, size, thing.position.x, thing.position.y);
  if (px + half < 0 || py + half < 0 || px - half > size.width || py - half > size.height) return;
  const facing = bearingStep(thing.facing, half);
  putSprite(c, `${name}/${facing}`, px, py, half, (own) => {
    own.lineJoin = "round";
    own.rotate((facing * Math.PI) / 180);
    draw(own);
  });
}

/** Rings a small picture, to show that it is selected. */
export function ring(c: CanvasRenderingContext2D): void {
  c.beginPath();
  c.arc(0, 0, 16, 0, Math.PI * 2);
  c.lineWidth = 1.6;
  c.strokeStyle = inks.ink;
  c.stroke();
}

/** Below this scale props and posts are specks, pixels a metre. */
export const SPECKS = 0.3;

/** Draws something that is too small to be told from others at this scale. */
export function drawSpeck(
  { c, camera, size }: Sheet,
  at: { x: number; y: number },
  ink: string,
): void {
  const [px, py] = toScreen(camera, size, at.x, at.y);
  if (px < -3 || py < -3 || px > size.width + 3 || py > size.height + 3) return;
  c.fillStyle = inks.halo;
  c.fillRect(px - 3, py - 3, 6, 6);
  c.fillStyle = ink;
  c.fillRect(px - 2, py - 2, 4, 4);
}
