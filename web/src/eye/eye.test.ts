import { readFileSync } from "node:fs";
import { describe, expect, it } from "vitest";
import type { Mission } from "../document/mission";
import { type Ground, growthCode } from "../document/raster";
import { firstOf, sure } from "../document/sure";
import { plannedBuilding } from "../families/plans";
import { without } from "./built";
import { drawLand } from "./land";
import { eyeOf, look } from "./look";
import { type Colour, type Eye, type Face, haze, inLight, Picture } from "./picture";
import { sceneOf } from "./scene";
import { type Faces, sheet } from "./solids";
import { drawRain, type SKIES } from "./weather";

const sample = readFileSync("../core/src/main/resources/samples/first-light.json", "utf8");
const AIR = { light: 1, visibility: 4000, water: -50, weather: "clear" as const };
const SIZE = { width: 80, height: 40 };
const EYE: Eye = { x: 100, y: 60, z: 6.6, bearing: 0, lift: 0 };

function ground(height: (x: number, y: number) => number = () => 5): Ground {
  const [columns, rows, cell] = [100, 100, 2];
  const heights = Float32Array.from({ length: columns * rows }, (_, i) =>
    height(((i % columns) + 0.5) * cell, (Math.floor(i / columns) + 0.5) * cell),
  );
  const bare = () => new Uint8Array(columns * rows);
  return { columns, rows, cell, heights, surfaces: bare().fill(1), growth: bare() };
}

/** A mission on this ground with nothing on it. */
function empty(): Mission {
  const read: Mission = JSON.parse(sample);
  for (const family of [
    "units",
    "starts",
    "props",
    "walls",
    "gates",
    "decks",
    "fixtures",
  ] as const) {
    read[family] = {};
  }
  return { ...read, items: {}, craft: {}, roads: {}, buildings: {} };
}

/** An upright board across the view, so far ahead. */
function board(far: number, colour: Colour): Face {
  const points = [
    [90, 60 + far, 0],
    [110, 60 + far, 0],
    [110, 60 + far, 20],
    [90, 60 + far, 20],
  ] as Face["points"];
  return { points, colour, soft: true };
}

/** The point in the middle of a picture. */
function middle({ data, width, height }: Picture): number[] {
  const at = ((height / 2) * width + width / 2) * 4;
  return [...data.slice(at, at + 3)];
}

describe("a picture", () => {
  it("shows what is nearer, in whatever order it is drawn", () => {
    for (const order of [
      [10, 20],
      [20, 10],
    ]) {
      const picture = new Picture(SIZE.width, SIZE.height, EYE, AIR);
      for (const far of order) picture.face(board(far, far === 10 ? [250, 0, 0] : [0, 0, 250]));
      const [red, , blue] = firstOf(middle(picture), 3);
      expect(red).toBeGreaterThan(blue + 100);
    }
  });

  it("shows nothing of what lies behind the eye, and what reaches past it as far as it lies ahead", () => {
    const picture = new Picture(SIZE.width, SIZE.height, EYE, AIR);
    picture.face(board(-5, [250, 0, 0]));
    expect(picture.near.every((near) => near === 0)).toBe(true);
    picture.face({
      points: [
        [90, 0, 5],
        [110, 0, 5],
        [110, 120, 5],
        [90, 120, 5],
      ],
      colour: [250, 0, 0],
    });
    expect(picture.near[(SIZE.height - 1) * SIZE.width + 40]).toBeGreaterThan(0);
    expect(picture.near[40]).toBe(0);
  });

  it("is covered by a flat outline but for its holes", () => {
    const square = (half: number) => [
      { x: -half, y: -half },
      { x: half, y: -half },
      { x: half, y: half },
      { x: -half, y: half },
    ];
    const faces: Faces = [];
    sheet(faces, square(10), [square(5)], () => 3, [1, 2, 3]);
    const area = faces.reduce((sum, { points }) => {
      const [a, b, c] = firstOf(points, 3);
      const twice = (b[0] - a[0]) * (c[1] - a[1]) - (c[0] - a[0]) * (b[1] - a[1]);
      return sum + Math.abs(twice) / 2;
    }, 0);
    expect(area).toBeCloseTo(300);
    expect(faces.flatMap(({ points }) => points).every((point) => point[2] === 3)).toBe(true);
  });

  it("puts a height at the row where it is seen", () => {
    const picture = new Picture(SIZE.width, SIZE.height, EYE, AIR);
    expect(picture.row(6.6, 30)).toBe(20);
    expect(picture.row(5, 16)).toBeCloseTo(20 + picture.focal / 10);
    const [x, y] = new Picture(80, 40, { ...EYE, bearing: 90 }, AIR).ahead(40, 10);
    expect([x, y]).toEqual([110, expect.closeTo(60, 0)]);
  });

  it("is hazier farther off and darker by night", () => {
    expect(haze(0, 500)).toBe(0);
    expect(haze(500, 500)).toBeCloseTo(0.95, 2);
    const [day, night] = [inLight([200, 200, 200], 1), inLight([200, 200, 200], 0.25)];
    expect(night[0]).toBeLessThan(day[0] / 2);
    expect(night[2]).toBeGreaterThan(night[0]);
  });
});

describe("the weather", () => {
  const inWeather = (weather: keyof typeof SKIES) =>
    new Picture(SIZE.width, SIZE.height, EYE, { ...AIR, weather });
  /** The points that rain changes, by whether each is. */
  const wetted = (picture: Picture, speed: number, from: number) => {
    const before = picture.data.slice();
    drawRain(picture, { speed, from });
    return [...picture.near.keys()].map((at) => picture.data[at * 4] !== before[at * 4]);
  };

  it("greys the sky under clouds and hides it in fog", () => {
    const blue = ({ data }: Picture) => sure(data, 2) - sure(data, 0);
    expect(blue(inWeather("overcast"))).toBeLessThan(blue(inWeather("clear")) / 2);
    const { data } = inWeather("fog");
    expect([...data.slice(0, 3)]).toEqual([...data.slice(-4, -1)]);
  });

  it("lets rain fall straight in still air and aslant in a wind from aside", () => {
    const upright = (wet: boolean[]) =>
      wet.filter((it, at) => it && wet[at + SIZE.width]).length / wet.filter((it) => it).length;
    expect(upright(wetted(inWeather("rain"), 0, 0))).toBeGreaterThan(0.5);
    expect(upright(wetted(inWeather("rain"), 20, 180))).toBeGreaterThan(0.5);
    expect(upright(wetted(inWeather("rain"), 20, 270))).toBeLessThan(0.3);
  });

  it("hides rain behind what is nearer", () => {
    const picture = inWeather("rain");
    picture.face(board(1, [90, 90, 90]));
    expect(wetted(picture, 0, 0)).not.toContain(true);
  });

  it("lets no rain fall under a roof", () => {
    const seen = (roofed: boolean, speed: number) => {
      const mission = empty();
      const shed = plannedBuilding("shed", "Shed", EYE, 0);
      if (roofed) mission.buildings.shed = { ...shed, floor: { type: "height", height: 5 } };
      mission.setting.wind = { speed, from: 270 };
      return look(mission, ground(), EYE, { ...AIR, weather: "rain" }, SIZE, "").data;
    };
    expect(seen(false, 0)).not.toEqual(seen(false, 20));
    expect(seen(true, 0)).toEqual(seen(true, 20));
  });
});

describe("the land", () => {
  it("is hidden behind a hill", () => {
    const flat = new Picture(SIZE.width, SIZE.height, EYE, AIR);
    drawLand(flat, ground(), -50);
    const hill = new Picture(SIZE.width, SIZE.height, EYE, AIR);
    drawLand(
      hill,
      ground((_, y) => (Math.abs(y - 90) < 6 ? 12 : 5)),
      -50,
    );
    const farthest = (picture: Picture) =>
      Math.max(...[...picture.near].filter((near) => near > 0).map((near) => 1 / near));
    expect(farthest(flat)).toBeGreaterThan(60);
    const above = [...hill.near.slice(0, SIZE.width * 10)].filter((near) => near > 0);
    expect(above.length).toBeGreaterThan(0);
    for (const near of above) expect(1 / near).toBeLessThan(35);
  });

  it("lies under water as far as that stands", () => {
    const dry = new Picture(SIZE.width, SIZE.height, EYE, AIR);
    const wet = new Picture(SIZE.width, SIZE.height, EYE, AIR);
    drawLand(dry, ground(), 0);
    drawLand(wet, ground(), 5.5);
    const at = (SIZE.height - 1) * SIZE.width * 4;
    expect(wet.data[at + 2]).toBeGreaterThan(sure(wet.data, at));
    expect(dry.data[at + 2]).toBeLessThan(sure(dry.data, at));
  });
});

describe("what stands there", () => {
  const seen = (mission: Mission, on = ground()) =>
    sure(look(mission, on, EYE, AIR, SIZE, "").near, 19 * SIZE.width + 40);

  it("is a house whose wall hides, and whose door lets the eye in", () => {
    const mission = empty();
    const house = plannedBuilding("shed", "Shed", { x: 100, y: 80 }, 0);
    mission.buildings = { h: house };
    expect(1 / seen(mission)).toBeGreaterThan(20);
    mission.buildings = { h: { ...house, doors: {} } };
    expect(1 / seen(mission)).toBeCloseTo(17.9, 0);
  });

  it("is everybody but the one who looks", () => {
    const mission = empty();
    const unit = sure(Object.values((JSON.parse(sample) as Mission).units), 0);
    mission.units = { u: { ...unit, position: { x: 100, y: 70 } } };
    expect(1 / seen(mission)).toBeCloseTo(10, 0);
    const alone = sure(
      look(mission, ground(), EYE, AIR, SIZE, "units/u").near,
      19 * SIZE.width + 40,
    );
    expect(alone === 0 || 1 / alone > 11).toBe(true);
    const eye = eyeOf(mission, ground(), "units/u", { aside: 30, lift: 0 });
    expect(eye).toMatchObject({ x: 100, y: 70, bearing: (unit.facing + 30) % 360 });
    expect(eyeOf(mission, ground(), "units/gone", { aside: 0, lift: 0 })).toBeUndefined();
  });

  it("is what grows, near the eye every plant", () => {
    const grown = ground();
    grown.growth.fill(growthCode(1, 7));
    const plants = sceneOf(empty(), grown, EYE, "").length;
    expect(plants).toBeGreaterThan(500);
    grown.growth.fill(growthCode(1, 1));
    expect(sceneOf(empty(), grown, EYE, "").length).toBeLessThan(plants / 4);
  });

  it("leaves out of a wall what is cut from it", () => {
    expect(without(10, [])).toEqual([[0, 10]]);
    expect(
      without(10, [
        [2, 3],
        [8, 12],
      ]),
    ).toEqual([
      [0, 2],
      [3, 8],
    ]);
  });
});
