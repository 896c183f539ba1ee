// @vitest-environment jsdom

import { readFileSync } from "node:fs";
import { QueryClient, QueryClientProvider } from "@tanstack/react-query";
import { act, cleanup, fireEvent, render, screen } from "@testing-library/react";
import { produce } from "immer";
import { afterEach, beforeAll, beforeEach, expect, it, vi } from "vitest";
import { createStore } from "zustand/vanilla";
import { toolOf, useDesk } from "../desk/desk";
import { MissionContext } from "../document/context";
import type { Mission } from "../document/mission";
import type { Ground } from "../document/raster";
import type { MissionState, OpenMission } from "../document/store";
import { firstOf, sure } from "../document/sure";
import { PLACED } from "../families";
import { Tips } from "../ui/Tip";
import { GroundMap } from "./GroundMap";

const counted = vi.hoisted(() => ({ renders: 0 }));

/** A part of the page that is rendered whenever the page is. */
vi.mock("./MapTools", () => ({
  MapTools: () => {
    counted.renders++;
    return null;
  },
  DifficultySwitch: () => null,
}));

const SIZE = { width: 800, height: 600 };
const GROUND: Ground = {
  columns: 4,
  rows: 4,
  cell: 300,
  heights: new Float32Array(16).fill(3),
  surfaces: new Uint8Array(16),
  growth: new Uint8Array(16),
};
const sample: Mission = JSON.parse(
  readFileSync("../core/src/main/resources/samples/relight-the-harrow.json", "utf8"),
);

/** A mission with units of one kind in rows, 10 m apart. */
function crowded(many: number): Mission {
  const [unit] = Object.values(sample.units);
  const units = Array.from({ length: many }, (_, i) => [
    `u${i}`,
    { ...unit, name: `U ${i}`, position: { x: 100 + (i % 80) * 10, y: 100 + i / 8 } },
  ]);
  return { ...sample, units: Object.fromEntries(units) };
}

/** A mission with nothing on its ground but one marker. */
function lonely(x: number, y: number): Mission {
  const bare = { ...sample };
  for (const family of PLACED) Object.assign(bare, { [family]: {} });
  return { ...bare, markers: { m: { name: "Flag", position: { x, y }, shown: true } } };
}

/** An open mission that takes edits at once and tells nobody. */
function opened(mission: Mission): OpenMission & { labels: string[] } {
  const store = createStore(
    () => ({ id: "m", mission, revision: 0, undo: [] }) as unknown as MissionState,
  );
  const open = {
    store,
    labels: [] as string[],
    get state() {
      return store.getState();
    },
    edit(label: string, change: (draft: Mission) => void) {
      open.labels.push(label);
      store.setState({ mission: produce(store.getState().mission, change) });
    },
  };
  return open as unknown as OpenMission & { labels: string[] };
}

beforeAll(() => {
  // What jsdom lacks; its window is as large as one may wish.
  window.matchMedia = () =>
    ({ matches: true, addEventListener() {}, removeEventListener() {} }) as never;
});

function show(mission: Mission) {
  const open = opened(mission);
  render(
    <QueryClientProvider client={new QueryClient()}>
      <Tips>
        <MissionContext.Provider value={open}>
          <GroundMap ground={GROUND} onReady={() => {}} />
        </MissionContext.Provider>
      </Tips>
    </QueryClientProvider>,
  );
  const map = screen.getByRole("application");
  const camera = () => useDesk.getState().map?.camera() ?? { x: 0, y: 0, scale: 1 };
  /** Where a point of the ground is on the page. */
  const at = (x: number, y: number) => ({
    clientX: SIZE.width / 2 + (x - camera().x) * camera().scale,
    clientY: SIZE.height / 2 - (y - camera().y) * camera().scale,
  });
  return { open, map, at };
}

beforeEach(() => {
  counted.renders = 0;
  vi.stubGlobal("fetch", () => new Promise(() => {}));
  vi.stubGlobal("requestAnimationFrame", () => 1);
  vi.stubGlobal("cancelAnimationFrame", () => {});
  vi.stubGlobal(
    "ResizeObserver",
    class {
      constructor(private readonly told: () => void) {}
      observe() {
        this.told();
      }
      disconnect() {}
    },
  );
  vi.spyOn(HTMLElement.prototype, "getBoundingClientRect").mockReturnValue({
    left: 0,
    top: 0,
    right: SIZE.width,
    bottom: SIZE.height,
    x: 0,
    y: 0,
    ...SIZE,
    toJSON: () => "",
  });
  vi.spyOn(HTMLCanvasElement.prototype, "getContext").mockReturnValue({} as never);
  HTMLElement.prototype.setPointerCapture = () => {};
  useDesk.getState().layOut("m");
});

afterEach(() => {
  cleanup();
  vi.unstubAllGlobals();
  vi.restoreAllMocks();
});

it("renders nothing of the page while one of 5,000 things is dragged 80 moves far", () => {
  const { open, map, at } = show(crowded(5000));
  fireEvent.pointerDown(map, { button: 0, ...at(100, 100) });
  fireEvent.pointerMove(map, at(120, 100));
  expect(useDesk.getState().selection).toEqual(new Set(["units/u0"]));
  counted.renders = 0;
  for (let i = 1; i <= 80; i++) fireEvent.pointerMove(map, at(120 + i, 100));
  expect(counted.renders).toBe(0);
  fireEvent.pointerUp(map, { button: 0, ...at(200, 100) });
  expect(open.state.mission.units.u0?.position.x).toBe(100);
});

it("moves what is let go elsewhere as one edit, and tells where the pointer is", () => {
  const { open, map, at } = show(lonely(400, 500));
  fireEvent.pointerDown(map, { button: 0, ...at(400, 500) });
  for (let i = 1; i <= 5; i++) fireEvent.pointerMove(map, at(400 + 4 * i, 500));
  expect(screen.getByText(/^E 420 N 500/)).toBeTruthy();
  expect(open.labels).toEqual([]);
  fireEvent.pointerUp(map, { button: 0, ...at(420, 500) });
  expect(open.labels).toEqual(["Move Flag"]);
  expect(open.state.mission.markers.m?.position.x).toBeCloseTo(420, 1);
});

it("gives up a drag with Esc, and nothing has moved", () => {
  const { open, map, at } = show(lonely(400, 500));
  fireEvent.pointerDown(map, { button: 0, ...at(400, 500) });
  fireEvent.pointerMove(map, at(430, 500));
  fireEvent.keyDown(map, { code: "Escape" });
  fireEvent.pointerUp(map, { button: 0, ...at(430, 500) });
  expect(open.labels).toEqual([]);
});

it("sets down what is in hand with a click, and gives it up with Esc", () => {
  const { open, map, at } = show(lonely(400, 500));
  act(() => useDesk.getState().pick(toolOf("markers")));
  fireEvent.pointerDown(map, { button: 0, ...at(50, 40) });
  expect(open.labels).toEqual(["Set down Marker"]);
  expect(Object.keys(open.state.mission.markers)).toHaveLength(2);
  fireEvent.keyDown(map, { code: "Escape" });
  expect(useDesk.getState().tool).toBeNull();
});

it("draws a wall point by point by keys alone", () => {
  const { open, map } = show(lonely(400, 500));
  act(() => useDesk.getState().pick(toolOf("walls")));
  fireEvent.keyDown(map, { code: "Space" });
  for (let i = 0; i < 3; i++) fireEvent.keyDown(map, { code: "ArrowRight" });
  fireEvent.keyDown(map, { code: "Space" });
  expect(open.labels).toEqual([]);
  fireEvent.keyDown(map, { code: "Enter" });
  expect(open.labels).toEqual(["Draw Wall"]);
  const wall = sure(Object.values(open.state.mission.walls), 0);
  const [a, b] = firstOf(
    Object.values(wall.corners).map(({ position }) => position),
    2,
  );
  expect(b.x - a.x).toBeCloseTo(6, 6);
});
