// @vitest-environment jsdom
import { renderHook } from "@testing-library/react";
import type { ReactNode } from "react";
import { afterEach, beforeEach, expect, it, vi } from "vitest";
import { MissionContext } from "../document/context";
import type { OpenMission } from "../document/store";
import { ALONE, addressOf, askedBy, type Party, takeAhead, useTry } from "./trials";

const asked: unknown[] = [];

beforeEach(() => {
  asked.length = 0;
  vi.stubGlobal("fetch", async (path: string, { body }: RequestInit) => {
    asked.push([path, JSON.parse(String(body))]);
    return new Response('{"id":"t1"}', { headers: { "content-type": "application/json" } });
  });
});

afterEach(() => vi.unstubAllGlobals());

/** Tries a mission with edits that wait to be stored, as a page would. */
function tries(waiting: unknown[]) {
  const open = { state: { id: "m1", waiting } } as unknown as OpenMission;
  const wrapper = (props: { children: ReactNode }) => (
    <MissionContext.Provider value={open}>{props.children}</MissionContext.Provider>
  );
  return renderHook(() => useTry(), { wrapper }).result.current;
}

it("asks for a trial at once, which the page takes up once", async () => {
  tries([])({ at: { x: 12, y: 34 } });
  expect(location.pathname + location.search).toBe("/missions/m1/trial?at=12%2C34");
  expect(asked).toEqual([
    [
      "/api/missions/m1/trials",
      {
        seed: expect.any(Number),
        difficulty: "breezy",
        begin: { type: "at", x: 12, y: 34 },
        party: ALONE,
      },
    ],
  ]);
  expect(await takeAhead("m1")?.started).toEqual({ id: "t1" });
  expect(takeAhead("m1")).toBeUndefined();
});

it("keeps a trial of one mission from the page of another", () => {
  tries([])();
  expect(takeAhead("m2")).toBeUndefined();
  expect(takeAhead("m1")).toBeUndefined();
});

it("waits for edits that the server does not know of yet", () => {
  tries([{}])();
  expect(location.pathname).toBe("/missions/m1/trial");
  expect(asked).toEqual([]);
  expect(takeAhead("m1")).toBeUndefined();
});

it("tells its page what is asked for by the address", () => {
  const party: Party = { players: 3, first: 0, begins: "everybody", empty: "bold" };
  const begin = { type: "at" as const, x: 12.5, y: 34 };
  expect(askedBy(addressOf(begin, party))).toEqual({ begin, party });
  expect(addressOf({ type: "starts" }, ALONE)).toBe("");
  for (const odd of ["", "?party=", "?party=0,0,host,bold", "?party=x", "?at=nowhere"]) {
    expect(askedBy(odd)).toEqual({ begin: { type: "starts" }, party: ALONE });
  }
});
