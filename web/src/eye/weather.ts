import type { Mission } from "../document/mission";
import { sure } from "../document/sure";
import type { Colour, Picture } from "./picture";

/** How a weather looks by day. */
export interface Sky {
  /** The tint of what is far off and low. */
  haze: Colour;
  /** The tint high above. */
  high: Colour;
  /** How much of a side's own tint is there in full shade: light is evener under clouds. */
  shade: number;
}

export const SKIES: Record<Mission["setting"]["weather"], Sky> = {
  clear: { haze: [222, 224, 214], high: [168, 196, 208], shade: 0.68 },
  overcast: { haze: [207, 209, 205], high: [171, 178, 181], shade: 0.86 },
  rain: { haze: [188, 193, 193], high: [143, 151, 156], shade: 0.88 },
  fog: { haze: [219, 221, 217], high: [219, 221, 217], shade: 0.92 },
};

/** How fast drops of 2 mm fall, metres a second (Gunn and Kinzer 1949). */
const FALL = 6.5;

/** For how long a drop is seen as a streak, seconds. */
const BLINK = 1 / 30;

/** The nearest and the farthest drops that are seen one by one, metres. */
const DROPS = { from: 1.5, to: 14 };

/** How much of the tint of a streak shows. */
const STRENGTH = 0.32;

/** The part behind the point of a multiple: spread evenly where the number is well chosen. */
function spread(i: number, by: number): number {
  return (i * by) % 1;
}

/** Draws rain that falls before the eyes, aslant as the wind drives it. */
export function drawRain(picture: Picture, wind: Mission["setting"]["wind"]): void {
  const { data, near, width, height, focal, eye } = picture;
  const slant = (wind.speed * Math.sin(((eye.bearing - wind.from) * Math.PI) / 180)) / FALL;
  for (let i = 1; i <= width; i++) {
    const far = DROPS.from + (DROPS.to - DROPS.from) * spread(i, Math.SQRT2);
    const long = Math.max(2, (focal * FALL * BLINK) / far);
    // Steps of the plane's own golden ratio leave neither clumps nor gaps (Roberts 2018).
    const left = spread(i, 0.7548776662) * width;
    const top = spread(i, 0.569840291) * (height + long) - long;
    for (let down = 0; down < long; down++) {
      const column = Math.floor(left + slant * down);
      const row = Math.floor(top + down);
      const at = row * width + column;
      if (row < 0 || row >= height || column < 0 || column >= width || sure(near, at) > 1 / far)
        continue;
      for (let part = 0; part < 3; part++) {
        const before = sure(data, at * 4 + part);
        data[at * 4 + part] = before + (232 * picture.bright - before) * STRENGTH;
      }
    }
  }
}
