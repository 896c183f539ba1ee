import { sure } from "./sure";

/**
 * Reads lengths, times, angles, speeds and masses as people write them: with any unit and a little
 * arithmetic. `0.5 nmi`, `90 ft`, `2*350 m`, `1:30`, `12 kn`, `5 ft 6 in`, `(3 + 4) * 10 m`.
 */

/** Units by the unit that a field keeps its value in, each with its factor to it. */
const UNITS: Record<string, Record<string, number>> = {
  m: {
    mm: 0.001,
    cm: 0.01,
    m: 1,
    km: 1000,
    in: 0.0254,
    ft: 0.3048,
    yd: 0.9144,
    mi: 1609.344,
    nmi: 1852,
    fathom: 1.8288,
  },
  s: { ms: 0.001, s: 1, sec: 1, min: 60, h: 3600, d: 86400 },
  "°": { "°": 1, deg: 1, rad: 180 / Math.PI, gon: 0.9 },
  "m/s": { "m/s": 1, "km/h": 1 / 3.6, kn: 1852 / 3600, mph: 0.44704, "ft/s": 0.3048 },
  kg: { g: 0.001, kg: 1, t: 1000, oz: 0.028349523125, lb: 0.45359237 },
  "%": { "%": 1 },
};

/** The units that can be written where a value is shown in one of them, each with its factor to it. */
function unitsBeside(unit: string): Record<string, number> {
  if (UNITS[unit]) return UNITS[unit];
  const family = Object.values(UNITS).find((units) => unit in units);
  return family
    ? Object.fromEntries(
        Object.entries(family).map(([it, factor]) => [it, factor / sure(family, unit)]),
      )
    : {};
}

/** How much of one unit another is: 0.3048 for a foot in metres; 1 where they do not compare. */
export function factorOf(unit: string, of: string): number {
  return UNITS[of]?.[unit] ?? 1;
}

/** The longest text that is read. */
const LONGEST = 120;

/** How deep brackets may lie in one another. */
const DEEPEST = 16;

/** What was read: the value in the field's unit, or why it is none. */
export type Quantity = { value: number } | { error: string };

/** A number on its way: whether a unit has been said of it. */
interface Term {
  value: number;
  measured: boolean;
}

class Unread extends Error {}

/** Reads a text as a value in a unit; a bare number is in that unit already. */
export function readQuantity(text: string, unit = ""): Quantity {
  try {
    if (text.length > LONGEST) throw new Unread("It is too long to be a number");
    const value = new Reader(text, unitsBeside(unit), unit).read();
    return Number.isFinite(value) ? { value } : { error: "It comes to no number" };
  } catch (unread) {
    if (unread instanceof Unread) return { error: unread.message };
    throw unread;
  }
}

class Reader {
  private at = 0;
  private depth = 0;

  constructor(
    private readonly text: string,
    private readonly units: Record<string, number>,
    private readonly unit: string,
  ) {}

  read(): number {
    const { value } = this.sum();
    this.skip();
    if (this.at < this.text.length) throw this.unread();
    return value;
  }

  private sum(): Term {
    let left = this.product();
    for (;;) {
      const sign = this.take(/[+−-]/y);
      if (!sign) return left;
      const right = this.product();
      const value = sign === "+" ? left.value + right.value : left.value - right.value;
      left = { value, measured: left.measured || right.measured };
    }
  }

  private product(): Term {
    let left = this.factor();
    for (;;) {
      const sign = this.take(/[*×/÷]/y);
      if (!sign) return left;
      const right = this.factor();
      const divides = sign === "/" || sign === "÷";
      if (right.measured && (left.measured || divides)) {
        throw new Unread(`It ${divides ? "divides by" : "multiplies by"} something with a unit`);
      }
      const value = divides ? left.value / right.value : left.value * right.value;
      left = { value, measured: left.measured || right.measured };
    }
  }

  private factor(): Term {
    if (this.take(/[−-]/y)) {
      const { value, measured } = this.factor();
      return { value: -value, measured };
    }
    if (this.take(/\(/y)) {
      if (++this.depth > DEEPEST) throw new Unread("It has too many brackets");
      const inner = this.sum();
      if (!this.take(/\)/y)) throw new Unread("It lacks a closing bracket");
      this.depth--;
      return this.inUnit(inner);
    }
    return this.pieces();
  }

  /** A number with its unit, and smaller pieces after it: `5 ft 6 in`, `1 min 30 s`. */
  private pieces(): Term {
    let sum = this.inUnit(this.number());
    while (sum.measured && this.sees(/\d/y)) {
      const next = this.inUnit(this.number());
      if (!next.measured) throw new Unread("It has a number without a unit after one with it");
      sum = { value: sum.value + next.value, measured: true };
    }
    return sum;
  }

  private number(): Term {
    const clock = this.unit === "s" && this.take(/\d+:[0-5]\d(:[0-5]\d)?(\.\d+)?/y);
    if (clock) {
      const value = clock.split(":").reduce((sum, part) => sum * 60 + Number(part), 0);
      return { value, measured: true };
    }
    const digits = this.take(/\d+([.,]\d+)?|[.,]\d+/y);
    if (!digits) throw this.unread();
    return { value: Number(digits.replace(",", ".")), measured: false };
  }

  private inUnit(term: Term): Term {
    const word = this.take(/[a-z]+(\/[a-z]+)?|°|%/iy);
    if (!word) return term;
    const factor = this.units[word] ?? this.units[word.toLowerCase()];
    if (factor === undefined) {
      const known = Object.keys(this.units).join(", ");
      throw new Unread(known ? `‘${word}’ is none of ${known}` : `‘${word}’ has no place here`);
    }
    if (term.measured) throw new Unread(`It has a unit before ‘${word}’ already`);
    return { value: term.value * factor, measured: true };
  }

  private skip(): void {
    while (this.text[this.at] === " " || this.text[this.at] === "\u00a0") this.at++;
  }

  private sees(pattern: RegExp): boolean {
    this.skip();
    pattern.lastIndex = this.at;
    return pattern.test(this.text);
  }

  private take(pattern: RegExp): string | undefined {
    this.skip();
    pattern.lastIndex = this.at;
    const found = pattern.exec(this.text)?.[0];
    if (found) this.at += found.length;
    return found;
  }

  private unread(): Unread {
    const rest = this.text.slice(this.at, this.at + 12);
    return new Unread(rest === "" ? "It ends too early" : `It cannot be read from ‘${rest}’ on`);
  }
}
