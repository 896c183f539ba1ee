import { readFileSync } from "node:fs";
import { describe, expect, it } from "vitest";
import { partPoints, putPart } from "../deeds/parts";
import { traitsOf } from "../families";
import type { Mission, Ref } from "./mission";
import { moves, STAYS, shifted, stopsOf, wayOf } from "./stops";
import { sure } from "./sure";
import { numberedSurfaces } from "./surfaces";

const RAFT: Ref = { family: "decks", id: "raft" };

function staged(): Mission {
  const read: Mission = JSON.parse(
    readFileSync("../core/src/main/resources/samples/relight-the-harrow.json", "utf8"),
  );
  const corner = (x: number, y: number, order: string) => ({ order, position: { x, y } });
  read.decks = {
    raft: {
      name: "Raft",
      corners: { a: corner(10, 10, "a0"), b: corner(14, 10, "a1"), c: corner(12, 16, "a2") },
      top: 1,
      thickness: 0.3,
      slope: { degrees: 0, toward: 0 },
      railing: { height: 0, make: "rails", gaps: {} },
      openings: {},
      ramps: {},
      motion: structuredClone(STAYS),
    },
  };
  return read;
}

describe("a deck that moves", () => {
  it("stays while it has no stop beside the place where it is drawn", () => {
    const raft = sure(staged().decks, "raft");
    expect(moves(raft)).toBe(false);
    expect(stopsOf(raft)).toEqual([{ east: 0, north: 0, up: 0 }]);
    expect(wayOf(raft)).toBe(0);
  });

  it("goes along the lines from stop to stop", () => {
    const raft = sure(staged().decks, "raft");
    raft.motion.stops = {
      z: { order: "a0", east: 3, north: 4, up: 0 },
      b: { order: "a1", east: 3, north: 4, up: 12 },
    };
    expect(moves(raft)).toBe(true);
    expect(wayOf(raft)).toBe(17);
    const last = shifted(raft, sure(stopsOf(raft), 2));
    expect(sure(last.corners, "a").position).toEqual({ x: 13, y: 14 });
    expect(last.top).toBe(13);
  });

  it("has its stops dragged by their middles, and their height kept", () => {
    const read = staged();
    sure(read.decks, "raft").motion.stops = { z: { order: "a0", east: 3, north: 4, up: 2 } };
    expect(partPoints(read, RAFT)).toEqual([
      { path: ["motion", "stops", "z"], at: { x: 15, y: 16 } },
    ]);
    putPart(read, RAFT, ["motion", "stops", "z"], { x: 20, y: 10.004 });
    expect(sure(read.decks, "raft").motion.stops.z).toEqual({
      order: "a0",
      east: 8,
      north: -2,
      up: 2,
    });
  });

  it("has a surface for each further stop, and one on which people ride", () => {
    const read = staged();
    sure(read.decks, "raft").motion.stops = { z: { order: "a0", east: 3, north: 4, up: 2 } };
    const many = numberedSurfaces(staged()).length;
    const numbered = numberedSurfaces(read);
    expect(numbered).toHaveLength(many + 2);
    expect(numbered.slice(-2).map((it) => it?.of)).toEqual(["decks/raft", "decks/raft"]);
  });

  it("becomes a lift by a lever that is tied to it, and is sent from then on", () => {
    const read = staged();
    const lever = Object.keys(read.fixtures)[0] ?? "";
    const from: Ref = { family: "fixtures", id: lever };
    const offers = traitsOf("fixtures")?.offers;
    const first = offers?.(from, RAFT, read) ?? [];
    expect(first.map(({ word }) => word)).toEqual(["raise and lower Raft by 3 m"]);
    first[0]?.make(read);
    expect(stopsOf(sure(read.decks, "raft"))).toHaveLength(2);
    const uses = Object.values(sure(read.fixtures, lever).uses);
    expect(uses.some(({ effect }) => effect.type === "sendsDeckOn")).toBe(true);
    expect(offers?.(from, RAFT, read).map(({ word }) => word)).toEqual([
      "send Raft to its next stop",
      "send Raft to stop 1",
      "send Raft to stop 2",
    ]);
  });
});
