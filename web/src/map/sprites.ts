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

/** Bearings are told apart to so many degrees in small pictures. */
export const BEARING_STEP = 5;

/** A bearing as small pictures tell it apart. */
export function bearingStep(bearing: number): number {
  return (Math.round(bearing / BEARING_STEP) * BEARING_STEP) % 360;
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
