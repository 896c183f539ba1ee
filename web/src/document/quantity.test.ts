import { describe, expect, it } from "vitest";
import { readQuantity } from "./quantity";

const value = (text: string, unit?: string) => {
  const read = readQuantity(text, unit);
  return "value" in read ? read.value : read.error;
};

describe("a quantity as people write it", () => {
  it.each([
    ["12", "m", 12],
    ["0,5", "m", 0.5],
    [".25", "m", 0.25],
    ["0.5 nmi", "m", 926],
    ["90 ft", "m", 27.432],
    ["2*350 m", "m", 700],
    ["2 × 350", "m", 700],
    ["5 ft 6 in", "m", 1.6764],
    ["1 km - 40 m", "m", 960],
    ["(3 + 4) * 10 m", "m", 70],
    ["(3 + 4) km / 2", "m", 3500],
    ["-3 m", "m", -3],
    ["7 − 10", "m", -3],
    ["3 KM", "m", 3000],
    ["1:30", "s", 90],
    ["1:02:03", "s", 3723],
    ["1:30 + 15", "s", 105],
    ["1 min 30 s", "s", 90],
    ["1.5 min", "s", 90],
    ["12 kn", "m/s", 6.173333333],
    ["36 km/h", "m/s", 10],
    ["0.5 rad", "°", 28.64788976],
    ["100 gon", "°", 90],
    ["90°", "°", 90],
    ["2 t", "kg", 2000],
    ["10 lb", "kg", 4.5359237],
    ["25 %", "%", 25],
    ["6 / 4", "", 1.5],
    ["2 + 3 * 4", "", 14],
    ["--2", "", 2],
  ])("%s in %s", (text, unit, expected) => {
    expect(value(text, unit)).toBeCloseTo(expected as number, 6);
  });

  it.each([
    ["", "m", "It ends too early"],
    ["twelve", "m", "It cannot be read from ‘twelve’ on"],
    ["3 kg", "m", "‘kg’ is none of mm, cm, m, km, in, ft, yd, mi, nmi, fathom"],
    ["3 m", "", "‘m’ has no place here"],
    ["2 m * 3 m", "m", "It multiplies by something with a unit"],
    ["6 / 2 m", "m", "It divides by something with a unit"],
    ["(1 m) km", "m", "It has a unit before ‘km’ already"],
    ["(1 + 2", "m", "It lacks a closing bracket"],
    ["5 ft 6", "m", "It has a number without a unit after one with it"],
    ["1 +", "m", "It ends too early"],
    ["1 2", "m", "It cannot be read from ‘2’ on"],
    ["1/0", "m", "It comes to no number"],
    ["1:75", "s", "It cannot be read from ‘:75’ on"],
    ["1:30", "m", "It cannot be read from ‘:30’ on"],
  ])("%s in %s is none", (text, unit, error) => {
    expect(value(text, unit)).toBe(error);
  });

  it("is bounded in length and depth", () => {
    expect(value("1".repeat(500), "m")).toBe("It is too long to be a number");
    expect(value(`${"(".repeat(50)}1${")".repeat(50)}`, "m")).toBe("It has too many brackets");
  });

  it("survives any text", () => {
    const letters = "0123456789.,+-*/()° %mskgftnih:eE\u00a0";
    let state = 7;
    for (let i = 0; i < 5000; i++) {
      let text = "";
      for (let j = 0; j < 12; j++) {
        state = (state * 1103515245 + 12345) % 2147483648;
        text += letters[state % letters.length];
      }
      const read = readQuantity(text, i % 2 ? "m" : "s");
      expect("value" in read ? Number.isFinite(read.value) : read.error.length > 0).toBe(true);
    }
  });
});
