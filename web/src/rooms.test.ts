import { describe, expect, it } from "vitest";
import { sure } from "./document/sure";

/**
 * The rooms of the source, from the ground up: a room imports from those before it alone, so that
 * there is no circle between any two. Tests may import from anywhere.
 */
const ROOMS = [
  "generated",
  "document",
  "ui",
  "drawing",
  "looks",
  "families",
  "things",
  "desk",
  "deeds",
  "map",
  "sentence",
  "checks",
  "bundles",
  "eye",
  "history",
  "print",
  "editor",
  "catalogue",
  "talk",
  "waves",
  "trial",
  "script",
  "brief",
  "shelf",
  "app",
];

const SOURCES = import.meta.glob("./**/*.{ts,tsx}", {
  query: "?raw",
  import: "default",
  eager: true,
}) as Record<string, string>;

/** The room of a module, such as `./map/paint.ts`. */
function roomOf(module: string): string {
  return sure(module.split("/"), 1);
}

/** The modules that a module imports, types as well, as paths from the top of the source. */
function importsOf(module: string, source: string): string[] {
  const named = source.matchAll(/(?:from|import|import\(|new URL\()\s*"(\.[^"?]+)/g);
  return [...named].map(([, path = ""]) => `.${new URL(path, `https://top/${module}`).pathname}`);
}

/** What of some modules goes up from a room to one above it, or sideways out of the list. */
function upward(sources: Record<string, string>): string[] {
  return Object.entries(sources).flatMap(([module, source]) =>
    importsOf(module, source)
      .filter((other) => ROOMS.indexOf(roomOf(other)) > ROOMS.indexOf(roomOf(module)))
      .map((other) => `${module} imports ${other}`),
  );
}

describe("the rooms of the source", () => {
  const inRooms = Object.fromEntries(
    Object.entries(SOURCES).filter(
      ([module]) => module.split("/").length > 2 && !module.includes(".test."),
    ),
  );

  it("are all in the list", () => {
    const found = new Set(Object.keys(inRooms).map(roomOf));
    expect([...found].sort()).toEqual([...ROOMS].sort());
  });

  it("import from the rooms below them alone", () => {
    expect(upward(inRooms)).toEqual([]);
  });

  it("are told of an import that goes up, be it of a type or of what loads late", () => {
    const sources = {
      "./map/paint.ts": 'import type { Page } from "../app/Page";',
      "./ui/Modal.tsx": 'const Late = lazy(() => import("../editor/Late"));',
      "./app/main.tsx": 'import { paint } from "../map/paint";\nimport "./styles.css";',
    };
    expect(upward(sources)).toEqual([
      "./map/paint.ts imports ./app/Page",
      "./ui/Modal.tsx imports ./editor/Late",
    ]);
  });
});

describe("the stores", () => {
  const WHOLE = /\buseDesk\(\)|\buseStore\([\w.]+\)|\buseMission\(\)/;

  it("are read through selectors, so that nothing is drawn anew for what it does not show", () => {
    const whole = Object.entries(SOURCES)
      .filter(([module, source]) => !module.includes(".test.") && WHOLE.test(source))
      .map(([module]) => module);
    expect(whole).toEqual([]);
  });
});
