import { readFileSync } from "node:fs";
import { describe, expect, it } from "vitest";
import type { Mission } from "../document/mission";
import { sure } from "../document/sure";
import type { InPlay } from "../families/traits";
import { goneNow, missionInPlay, openness, withBrought } from "./missionInPlay";

const harrow: Mission = JSON.parse(
  readFileSync("../core/src/main/resources/samples/relight-the-harrow.json", "utf8"),
);
const gate = sure(Object.keys(harrow.gates), 0);
const marker = sure(Object.keys(harrow.markers), 0);
const effect = sure(Object.keys(harrow.effects), 0);
const PLAY: InPlay = {
  designer: false,
  things: {},
  places: new Map(),
  gates: Object.fromEntries(Object.keys(harrow.gates).map((id) => [id, "open" as const])),
  openness: () => undefined,
  gone: () => undefined,
  markers: [marker],
  grown: {},
  wind: null,
  effects: [effect],
  effectsAt: {},
  zoneNow: (zone) => ({ ...zone, hue: 7 }),
};

describe("a mission in play", () => {
  it("has its gates as they stand by now", () => {
    expect(missionInPlay(harrow, PLAY).gates[gate]).toEqual({
      ...harrow.gates[gate],
      stands: "open",
    });
  });

  it("has no props that are gone, and the looks that things have by now", () => {
    const [first = "", ...others] = Object.keys(harrow.props);
    const without = missionInPlay(harrow, {
      ...PLAY,
      things: {
        [first]: { stands: "gone", look: "look-plain", strength: 100 },
        "fixture-bell": { stands: "there", look: "rung", strength: 100 },
      },
    });
    expect(Object.keys(without.props)).toEqual(others);
    expect(without.fixtures["fixture-bell"]?.begins).toEqual({
      type: "look",
      look: { family: "looks", id: "rung" },
    });
    expect(missionInPlay(harrow, PLAY).props).toEqual(harrow.props);
  });

  it("has effects where they were begun", () => {
    const at = { x: 12, y: 34 };
    const shown = missionInPlay(harrow, { ...PLAY, effectsAt: { [effect]: at } });
    expect(sure(shown.effects, effect).position).toEqual(at);
    expect(sure(missionInPlay(harrow, PLAY).effects, effect).position).toEqual(
      sure(harrow.effects, effect).position,
    );
  });

  it("has gates as far open as they are by now while they move", () => {
    const moved = { from: 0, to: 1, since: 10, until: 50 };
    expect(openness(moved, 31, 0)).toBe(0.5);
    expect(openness(moved, 31, 0.4)).toBeCloseTo(0.51, 9);
    expect(openness(moved, 90, 1)).toBe(1);
    expect(openness(undefined, 31, 0)).toBeUndefined();
  });

  it("has decks as far off as they are by now while they go", () => {
    const half = { east: 2, north: 0, up: 1, goes: true };
    const decks = { at: { d: half }, were: {}, step: 9 };
    expect(goneNow(decks, "d", 9, 0.5)).toEqual({ east: 1, north: 0, up: 0.5 });
    expect(goneNow(decks, "d", 9, 1)).toEqual({ east: 2, north: 0, up: 1 });
    expect(goneNow(decks, "d", 12, 0.1)).toEqual(half);
    expect(goneNow(decks, "e", 9, 0.5)).toBeUndefined();
    const back = { at: {}, were: { d: half }, step: 9 };
    expect(goneNow(back, "d", 9, 0.5)).toEqual({ east: 1, north: 0, up: 0.5 });
  });

  it("has what zones bring forth, from when it is there", () => {
    const brought = [{ id: "b", name: "Keg 1", kind: "keg-kind", at: { x: 4, y: 5 } }];
    const all = withBrought(harrow, brought);
    expect(withBrought(harrow, brought)).toBe(all);
    expect(missionInPlay(all, PLAY).props.b).toBeUndefined();
    const there = { stands: "there", look: "look-plain", strength: 100 } as const;
    const shown = missionInPlay(all, { ...PLAY, things: { b: there } }).props.b;
    expect(shown?.position).toEqual({ x: 4, y: 5 });
    expect(shown?.kind.id).toBe("keg-kind");
    expect(withBrought(harrow, [])).toBe(harrow);
  });

  it("has the markers that players see and the effects that go on, and no others", () => {
    const shown = missionInPlay(harrow, PLAY);
    expect(Object.keys(shown.markers)).toEqual([marker]);
    expect(Object.values(shown.effects)).toEqual([{ ...harrow.effects[effect], on: true }]);
    expect(missionInPlay(harrow, { ...PLAY, markers: [], effects: [] }).effects).toEqual({});
  });

  it("shows zones to designers alone, where they are by now", () => {
    expect(missionInPlay(harrow, PLAY).zones).toEqual({});
    const zones = Object.values(missionInPlay(harrow, { ...PLAY, designer: true }).zones);
    expect(zones).toHaveLength(Object.keys(harrow.zones).length);
    expect(zones.every(({ hue }) => hue === 7)).toBe(true);
  });

  it("shows walls and props as they were set down, and never routes, posts or notes", () => {
    const shown = missionInPlay(harrow, { ...PLAY, designer: true });
    expect(shown.walls).toBe(harrow.walls);
    expect(shown.props).toBe(harrow.props);
    expect([shown.routes, shown.posts, shown.notes]).toEqual([{}, {}, {}]);
  });
});
