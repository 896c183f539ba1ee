import { readFileSync } from "node:fs";
import { describe, expect, it } from "vitest";
import { faint, hexOf, INKS, rgbOf, tokenOf } from "./inks";

const CSS = readFileSync("src/app/styles.css", "utf8");
const [PLAIN = "", MORE = ""] = CSS.split(':root[data-contrast="more"]');

/** The tokens of a part of the styles, each by day and by night. */
function tokens(css: string): Map<string, [string, string]> {
  const found = css.matchAll(/(--(?:color|map)-[\w-]+): (?:light-dark\((.+), (.+)\)|([^;]+));/g);
  return new Map(
    [...found].map(([, name = "", day, night, both = ""]) => [name, [day ?? both, night ?? both]]),
  );
}

const plain = tokens(PLAIN);
const more = new Map([...plain, ...tokens(MORE)]);

/** How much two opaque colours differ, as WCAG 2.2 computes it: 1 to 21. */
function contrast(one: string, other: string): number {
  const light = (colour: string) => {
    const [red, green, blue] = rgbOf(colour).map((part) => {
      const share = part / 255;
      return share <= 0.04045 ? share / 12.92 : ((share + 0.055) / 1.055) ** 2.4;
    });
    return 0.2126 * (red ?? 0) + 0.7152 * (green ?? 0) + 0.0722 * (blue ?? 0);
  };
  const [a, b] = [light(one), light(other)];
  return (Math.max(a, b) + 0.05) / (Math.min(a, b) + 0.05);
}

const WRITTEN = ["ink", "flint", "flint-2", "quiet", "moss", "error", "tarn", "rust"];
const GROUNDS = ["paper", "slip"];

describe("the inks of the map", () => {
  it("are tokens of the theme, each by day and by night", () => {
    for (const ink of INKS) expect(plain.get(tokenOf(ink)), ink).toHaveLength(2);
  });

  it("are read as they are computed", () => {
    expect(hexOf("rgb(252, 250, 243)")).toBe("#fcfaf3");
    expect(hexOf("rgba(252, 250, 243, 0.5)")).toBe("#fcfaf380");
    expect(hexOf("rgb(0, 0, 0)")).toBe("#000000");
  });

  it("are laid on thinly", () => {
    expect(faint("#22262b", 0.5)).toBe("#22262b80");
    expect(faint("#22262b80", 1)).toBe("#22262bff");
    expect(faint("#22262b", 2)).toBe("#22262bff");
  });
});

describe.each([
  ["plain", plain, 4.5],
  ["more", more, 7],
] as const)("the theme with %s contrast", (_, theme, least) => {
  it.each(["day", "night"])("can be read by %s", (when) => {
    const at = when === "day" ? 0 : 1;
    const value = (name: string) => theme.get(`--color-${name}`)?.[at] ?? "";
    for (const ground of GROUNDS) {
      for (const written of WRITTEN) {
        const differ = contrast(value(written), value(ground));
        expect(differ, `${written} on ${ground}`).toBeGreaterThanOrEqual(least);
      }
    }
    for (const filled of ["ink", "flint", "moss"]) {
      expect(contrast(value("on-ink"), value(filled)), filled).toBeGreaterThanOrEqual(4.5);
    }
  });

  it.each(["day", "night"])("shows the sides on every ground by %s", (when) => {
    const at = when === "day" ? 0 : 1;
    for (const side of ["gold", "heather", "tarn", "rust"]) {
      const colour = theme.get(`--color-${side}`)?.[at] ?? "";
      for (const ground of ["shingle", "grass", "marsh", "mud", "rock", "plank"]) {
        const tint = theme.get(`--map-${ground}`)?.[at] ?? "";
        expect(contrast(colour, tint), `${side} on ${ground}`).toBeGreaterThanOrEqual(2.6);
      }
    }
  });
});

const SOURCES = import.meta.glob("../**/*.{ts,tsx}", {
  query: "?raw",
  import: "default",
  eager: true,
}) as Record<string, string>;

/** What is by daylight in any theme: prints, the sides in them, and what is seen at eye level. */
const BY_DAYLIGHT = /(^\.\/(printed|stones|inks)|\/eye\/\w+|\.test)\.tsx?$/;

describe("the source", () => {
  it("names no colour but through the theme", () => {
    const coloured = Object.entries(SOURCES).filter(
      ([path, source]) =>
        !BY_DAYLIGHT.test(path) &&
        !path.includes("/generated/") &&
        /#[0-9a-f]{6}\b|rgba?\(/i.test(source),
    );
    expect(coloured.map(([path]) => path)).toEqual([]);
  });
});
