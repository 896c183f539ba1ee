import { afterEach, beforeEach, describe, expect, it, vi } from "vitest";
import { keep, kept } from "../document/kept";
import { readQuantity } from "../document/quantity";
import { measured, metres, shownUnit, toKept, toShown, useUnits } from "../document/units";
import { commandOf, keyOf, keyWord, resetKeys, setKey } from "./keymap";

/** A browser's store of text, which can be full. */
function store(full = false) {
  const texts = new Map<string, string>();
  return {
    texts,
    getItem: (name: string) => texts.get(name) ?? null,
    setItem: (name: string, text: string) => {
      if (full) throw new Error("QuotaExceededError");
      texts.set(name, text);
    },
  };
}

let texts: Map<string, string>;

beforeEach(() => {
  const fresh = store();
  texts = fresh.texts;
  vi.stubGlobal("localStorage", fresh);
  useUnits.getState().show("m", "m");
  useUnits.getState().show("m/s", "m/s");
  useUnits.getState().show("kg", "kg");
});

afterEach(() => vi.unstubAllGlobals());

describe("what a browser keeps", () => {
  it("is found again, and never in the way", () => {
    keep("it", { a: [1] });
    expect(kept("it", {})).toEqual({ a: [1] });
    expect(kept("other", 7)).toBe(7);
    texts.set("flintmoss:broken", "{");
    expect(kept("broken", "fine")).toBe("fine");
  });

  it("is lost without harm where the store is full or forbidden", () => {
    vi.stubGlobal("localStorage", store(true));
    keep("it", 1);
    expect(kept("it", 2)).toBe(2);
    vi.stubGlobal("localStorage", undefined);
    keep("it", 1);
    expect(kept("it", 3)).toBe(3);
  });
});

describe("the keys of the map", () => {
  it("can be changed, and change places with what had them", () => {
    expect(commandOf("KeyR")).toBe("ruler");
    expect(setKey("ruler", "KeyS")).toBe("");
    expect(keyOf("ruler")).toBe("KeyS");
    expect(keyOf("snap")).toBe("KeyR");
    expect(keyWord("snap")).toBe("R");
    resetKeys();
    expect(keyOf("ruler")).toBe("KeyR");
  });

  it("leave alone what works the map by itself", () => {
    for (const code of ["Escape", "ArrowUp", "Delete", "Space", "Enter", "F5", "ShiftLeft"]) {
      expect(setKey("ruler", code)).not.toBe("");
    }
    expect(keyOf("ruler")).toBe("KeyR");
  });

  it("are shown as keyboards show them", () => {
    expect([keyWord("turnLeft"), keyWord("zoomIn"), keyWord("whole")]).toEqual(["[", "+", "0"]);
  });
});

describe("the units shown", () => {
  it("are metres, metres a second and kilograms unless others are wanted", () => {
    expect(metres(12.34)).toBe("12.3 m");
    expect(measured(3, "m/s")).toBe("3 m/s");
    expect(measured(4, "s")).toBe("4 s");
  });

  it.each([
    ["m", "ft", 30.48, 100],
    ["m", "yd", 9.144, 10],
    ["m/s", "kn", 1852 / 3600, 1],
    ["m/s", "km/h", 10, 36],
    ["kg", "lb", 0.45359237, 1],
  ] as const)("of %s are %s: %f is %f", (unit, as, value, shown) => {
    useUnits.getState().show(unit, as);
    expect(shownUnit(unit)).toBe(as);
    expect(toShown(value, unit)).toBeCloseTo(shown, 9);
    expect(toKept(shown, unit)).toBeCloseTo(value, 9);
  });

  it("are what a bare number is read in, beside any other unit", () => {
    expect(readQuantity("12", "ft")).toEqual({ value: 12 });
    const read = readQuantity("30.48 m", "ft");
    expect("value" in read && read.value).toBeCloseTo(100, 9);
    const knots = readQuantity("1852 m", "kn");
    expect("error" in knots).toBe(true);
  });

  it("are the same after the page is left", () => {
    useUnits.getState().show("m", "ft");
    expect(kept<Record<string, string>>("units", {}).m).toBe("ft");
  });
});
