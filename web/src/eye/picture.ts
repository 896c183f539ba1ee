import type { Mission } from "../document/mission";
import { sure } from "../document/sure";
import { SKIES, type Sky } from "./weather";

/** Where somebody looks from and which way. */
export interface Eye {
  /** Metres east, north, and above the zero of heights. */
  x: number;
  y: number;
  z: number;
  /** Degrees clockwise from north. */
  bearing: number;
  /** How far the horizon is moved down to look up, as a share of the picture's height. */
  lift: number;
}

/** A point: metres east, north, and above the zero of heights. */
export type Point = [number, number, number];

/** Red, green and blue, 0 to 255. */
export type Colour = [number, number, number];

/** A flat convex side of something solid. */
export interface Face {
  points: Point[];
  colour: Colour;
  /** Whether it is as bright whichever way it faces, as leaves are. */
  soft?: boolean;
}

/** How wide the picture shows the world, degrees. */
const FIELD = 75;

/** Nothing nearer to the eye than this is drawn, metres. */
const NEAR = 0.15;

/** Light comes from the north-west and above. */
const SUN: Point = [-0.5, 0.5, 0.71];

/** What the air does: how light it is, and how far one sees. */
export interface Air {
  /** The share of daylight. */
  light: number;
  /** How far one sees, metres. */
  visibility: number;
  weather: Mission["setting"]["weather"];
}

/** The share of what is seen through haze that is haze, by distance: 95 % as far as one sees. */
export function haze(distance: number, visibility: number): number {
  return 1 - Math.exp((-3 * distance) / Math.max(1, visibility));
}

/** A colour on the way from one to another, of which it has a share from 0 to 1. */
export function mixed(one: Colour, other: Colour, share: number): Colour {
  return [
    one[0] + (other[0] - one[0]) * share,
    one[1] + (other[1] - one[1]) * share,
    one[2] + (other[2] - one[2]) * share,
  ];
}

/** A tint as it looks in a light: darker and bluer by night. */
export function inLight([r, g, b]: Colour, light: number): Colour {
  const day = Math.max(0, Math.min(1, (light - 0.2) / 0.75));
  const [low, cold] = [0.2 + 0.8 * day, 0.3 + 0.7 * day];
  return [r * low, g * (low * 0.6 + cold * 0.4), b * cold];
}

/** How many steps of distance the haze is reckoned for. */
const STEPS = 512;

/**
 * A picture of the world that keeps how far off each of its points is, so that what is nearer hides
 * what is farther in whatever order they are drawn.
 */
export class Picture {
  readonly data: Uint8ClampedArray;
  /** One over the distance of each point; 0 where there is nothing but sky. */
  readonly near: Float32Array;
  /** Pixels of a metre that is a metre off. */
  readonly focal: number;
  readonly horizon: number;
  readonly far: number;
  private readonly forward: [number, number];
  private readonly right: [number, number];
  private readonly hazes = new Float32Array(STEPS);
  private readonly hazeColour: Colour;
  private readonly looks: Sky;

  constructor(
    readonly width: number,
    readonly height: number,
    readonly eye: Eye,
    readonly air: Air,
  ) {
    this.data = new Uint8ClampedArray(width * height * 4);
    this.near = new Float32Array(width * height);
    this.focal = width / 2 / Math.tan((FIELD * Math.PI) / 360);
    this.horizon = height / 2 + eye.lift * height;
    this.far = Math.min(4000, air.visibility * 1.3);
    const turn = (eye.bearing * Math.PI) / 180;
    this.forward = [Math.sin(turn), Math.cos(turn)];
    this.right = [Math.cos(turn), -Math.sin(turn)];
    this.looks = SKIES[air.weather];
    this.hazeColour = inLight(this.looks.haze, air.light);
    for (let i = 0; i < STEPS; i++) {
      this.hazes[i] = haze((i / STEPS) * this.far, air.visibility);
    }
    this.sky();
  }

  /** How bright white is in this light, 0 to 1. */
  get bright(): number {
    return inLight([1, 1, 1], this.air.light)[1];
  }

  private sky(): void {
    const high = inLight(this.looks.high, this.air.light);
    for (let row = 0; row < this.height; row++) {
      const up = Math.max(0, Math.min(1, (this.horizon - row) / (this.height * 0.9)));
      const share = Math.sqrt(up);
      const colour = mixed(this.hazeColour, high, share);
      for (let column = 0; column < this.width; column++) {
        const at = (row * this.width + column) * 4;
        this.data[at] = colour[0];
        this.data[at + 1] = colour[1];
        this.data[at + 2] = colour[2];
        this.data[at + 3] = 255;
      }
    }
  }

  /** The point of the ground so far ahead in a column: metres east and north. */
  ahead(column: number, distance: number): [number, number] {
    const aside = ((column + 0.5 - this.width / 2) / this.focal) * distance;
    return [
      this.eye.x + this.forward[0] * distance + this.right[0] * aside,
      this.eye.y + this.forward[1] * distance + this.right[1] * aside,
    ];
  }

  /** The row in which a height so far ahead is seen. */
  row(height: number, distance: number): number {
    return this.horizon - (this.focal * (height - this.eye.z)) / distance;
  }

  /** Puts a tint, as it looks in this air, where nothing nearer is. */
  put(at: number, colour: Colour, near: number): void {
    if (near <= sure(this.near, at)) return;
    this.near[at] = near;
    const step = Math.min(STEPS - 1, Math.floor(STEPS / (near * this.far)));
    const thick = sure(this.hazes, step);
    const [hr, hg, hb] = this.hazeColour;
    const i = at * 4;
    this.data[i] = colour[0] + (hr - colour[0]) * thick;
    this.data[i + 1] = colour[1] + (hg - colour[1]) * thick;
    this.data[i + 2] = colour[2] + (hb - colour[2]) * thick;
  }

  /** How bright a side is that faces a way, 0 to 1, whichever of its two sides is seen. */
  private shade(points: Point[]): number {
    const [a, b, c] = [sure(points, 0), sure(points, 1), sure(points, 2)];
    const u = [b[0] - a[0], b[1] - a[1], b[2] - a[2]];
    const v = [c[0] - a[0], c[1] - a[1], c[2] - a[2]];
    const n = [
      sure(u, 1) * sure(v, 2) - sure(u, 2) * sure(v, 1),
      sure(u, 2) * sure(v, 0) - sure(u, 0) * sure(v, 2),
      sure(u, 0) * sure(v, 1) - sure(u, 1) * sure(v, 0),
    ];
    const long = Math.hypot(sure(n, 0), sure(n, 1), sure(n, 2)) || 1;
    const { x, y, z } = this.eye;
    const toEye =
      sure(n, 0) * (x - a[0]) + sure(n, 1) * (y - a[1]) + sure(n, 2) * (z - a[2]) < 0 ? -1 : 1;
    const sun = (toEye * (sure(n, 0) * SUN[0] + sure(n, 1) * SUN[1] + sure(n, 2) * SUN[2])) / long;
    const { shade } = this.looks;
    return shade + (1 - shade) * Math.max(0, sun);
  }

  /** Draws a flat convex side. */
  face({ points, colour, soft }: Face): void {
    const seen = this.clipped(points);
    if (seen.length < 3) return;
    const bright = soft ? 0.95 : this.shade(points);
    const lit = inLight(
      [colour[0] * bright, colour[1] * bright, colour[2] * bright],
      this.air.light,
    );
    for (let i = 2; i < seen.length; i++)
      this.triangle(sure(seen, 0), sure(seen, i - 1), sure(seen, i), lit);
  }

  /** The corners on the screen, each with one over its distance, of what lies before the eye. */
  private clipped(points: Point[]): Point[] {
    const { x, y, z } = this.eye;
    const [fx, fy] = this.forward;
    const [rx, ry] = this.right;
    const view = points.map((p): Point => {
      const [dx, dy] = [p[0] - x, p[1] - y];
      return [dx * rx + dy * ry, dx * fx + dy * fy, p[2] - z];
    });
    const out: Point[] = [];
    view.forEach((a, i) => {
      const b = sure(view, (i + 1) % view.length);
      if (a[1] >= NEAR) out.push(this.projected(a));
      if (a[1] >= NEAR !== b[1] >= NEAR) {
        const share = (NEAR - a[1]) / (b[1] - a[1]);
        out.push(
          this.projected([a[0] + (b[0] - a[0]) * share, NEAR, a[2] + (b[2] - a[2]) * share]),
        );
      }
    });
    return out;
  }

  private projected([aside, ahead, up]: Point): Point {
    return [
      this.width / 2 + (this.focal * aside) / ahead,
      this.horizon - (this.focal * up) / ahead,
      1 / ahead,
    ];
  }

  /** One over the distance falls evenly over the screen, so that it is summed along each row. */
  private triangle(a: Point, b: Point, c: Point, colour: Colour): void {
    const area = (b[0] - a[0]) * (c[1] - a[1]) - (c[0] - a[0]) * (b[1] - a[1]);
    if (Math.abs(area) < 1e-9) return;
    const top = Math.max(0, Math.ceil(Math.min(a[1], b[1], c[1]) - 0.5));
    const bottom = Math.min(this.height - 1, Math.floor(Math.max(a[1], b[1], c[1]) - 0.5));
    const acrossX = ((b[2] - a[2]) * (c[1] - a[1]) - (c[2] - a[2]) * (b[1] - a[1])) / area;
    const acrossY = ((c[2] - a[2]) * (b[0] - a[0]) - (b[2] - a[2]) * (c[0] - a[0])) / area;
    for (let row = top; row <= bottom; row++) {
      const y = row + 0.5;
      let [left, right] = [Infinity, -Infinity];
      for (const [p, q] of [
        [a, b],
        [b, c],
        [c, a],
      ] as const) {
        if (p[1] <= y === q[1] <= y) continue;
        const x = p[0] + ((y - p[1]) / (q[1] - p[1])) * (q[0] - p[0]);
        left = Math.min(left, x);
        right = Math.max(right, x);
      }
      const from = Math.max(0, Math.ceil(left - 0.5));
      const to = Math.min(this.width - 1, Math.floor(right - 0.5));
      let near = a[2] + (from + 0.5 - a[0]) * acrossX + (y - a[1]) * acrossY;
      for (let column = from; column <= to; column++, near += acrossX) {
        this.put(row * this.width + column, colour, near);
      }
    }
  }
}
