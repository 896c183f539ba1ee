import { readFileSync } from "node:fs";
import { afterEach, beforeEach, describe, expect, it, vi } from "vitest";
import { FakeServer } from "./fakeServer";
import type { Mission } from "./mission";
import { OpenMission } from "./store";
import { sure } from "./sure";

const kept = vi.hoisted(() => new Map<string, unknown>());
const room = vi.hoisted(() => ({ full: false }));
vi.mock("idb-keyval", () => ({
  get: async (key: string) => structuredClone(kept.get(key)),
  set: async (key: string, value: unknown) => {
    if (room.full) throw new DOMException("no room", "QuotaExceededError");
    kept.set(key, structuredClone(value));
  },
  del: async (key: string) => void kept.delete(key),
  keys: async () => [...kept.keys()],
}));

const sample = readFileSync("../core/src/main/resources/samples/first-light.json", "utf8");
let server: FakeServer;
let open: OpenMission;

beforeEach(async () => {
  vi.useFakeTimers();
  kept.clear();
  room.full = false;
  server = new FakeServer(JSON.parse(sample) as Mission);
  server.install(vi.stubGlobal);
  open = await OpenMission.open("m");
});

afterEach(() => {
  open.close();
  vi.useRealTimers();
  vi.unstubAllGlobals();
});

const settled = () => vi.advanceTimersByTimeAsync(5000);
const title = () => open.state.mission.brief.title;
const retitle = (to: string) =>
  open.edit(`Call it ${to}`, (draft) => {
    draft.brief.title = to;
  });
const author = (to: string) =>
  open.edit(`By ${to}`, (draft) => {
    draft.brief.author = to;
  });
const elsewhere = (path: string, from: unknown, to: unknown) => [
  { op: "test" as const, path, value: from },
  { op: "replace" as const, path, value: to },
];

describe("an edit", () => {
  it("is seen at once and stored soon after", async () => {
    retitle("Mine");
    expect(title()).toBe("Mine");
    expect(server.revision).toBe(0);
    await settled();
    expect(server.document.brief.title).toBe("Mine");
    expect(open.state.waiting).toEqual([]);
    expect(open.state.save.is).toBe("saved");
  });

  it("that changes nothing is not sent", async () => {
    retitle(title());
    await settled();
    expect(server.revision).toBe(0);
    expect(open.state.undo).toEqual([]);
  });

  it("waits while there is no network, and is sent once there is", async () => {
    server.down = true;
    retitle("Mine");
    author("Me");
    await settled();
    expect(open.state.save).toEqual({ is: "offline", edits: 2, unkept: 0 });
    server.down = false;
    await settled();
    expect(server.log.map(({ label }) => label)).toEqual(["Call it Mine", "By Me"]);
  });

  it("whose answer was lost is sent again under the same id, and stored once", async () => {
    server.losesAnswers = 1;
    retitle("Mine");
    await settled();
    expect(server.revision).toBe(1);
    expect(open.state.waiting).toEqual([]);
    expect(open.state.revision).toBe(1);
  });

  it("that was left behind by a tab that is gone is sent when the mission is opened again", async () => {
    server.down = true;
    retitle("Mine");
    await settled();
    open.close();
    server.down = false;
    server.install(vi.stubGlobal);
    open = await OpenMission.open("m");
    expect(title()).toBe("Mine");
    await settled();
    expect(server.document.brief.title).toBe("Mine");
  });

  it("that the server refuses goes, and the reason is told", async () => {
    server.refuses = "too long";
    retitle("Mine");
    await settled();
    expect(title()).toBe("First Light");
    expect(open.state.trouble).toBe("too long");
    expect(open.state.undo).toEqual([]);
  });
});

describe("what a mission may hold", () => {
  const start = (i: number) => `start-${i}`;
  const withStarts = (count: number) =>
    open.edit("Copy player starts", (draft) => {
      const one = sure(Object.values(open.state.mission.starts), 0);
      for (let i = Object.keys(draft.starts).length; i < count; i++) {
        draft.starts[start(i)] = structuredClone(one);
      }
    });

  it("is not gone beyond, and that is said before anything is kept or sent", async () => {
    withStarts(8);
    await settled();
    const { mission } = open.state;
    withStarts(9);
    expect(open.state.trouble).toBe("A mission has at most 8 player starts, not 9.");
    expect(open.state.mission).toBe(mission);
    await settled();
    expect(server.revision).toBe(1);
    expect(open.state.undo).toHaveLength(1);
  });

  it("is not gone beyond by undo either", async () => {
    withStarts(8);
    open.edit("Delete a start", (draft) => {
      delete draft.starts[start(7)];
    });
    await settled();
    const { value } = sure(server.log, 0).patch.at(-1) ?? {};
    server.other("o1", [{ op: "add", path: "/starts/other", value }]);
    open.undo();
    expect(open.state.trouble).toContain("at most 8 player starts");
    expect(Object.keys(open.state.mission.starts)).toHaveLength(8);
    await settled();
    expect(server.revision).toBe(3);
  });

  it("may be come nearer to where it was broken before", () => {
    const one = sure(Object.values(server.document.starts), 0);
    for (let i = 0; i < 6; i++) open.state.mission.starts[start(i)] = one;
    open.edit("Delete a start", (draft) => {
      delete draft.starts[start(5)];
    });
    expect(open.state.trouble).toBeNull();
    expect(open.state.undo).toHaveLength(1);
  });
});

describe("a page that has fallen out of step", () => {
  it("loads the mission anew, keeps what waits, and says so; requests do not pile up", async () => {
    server.document = {
      ...server.document,
      brief: { ...server.document.brief, author: "Somebody" },
    };
    const before = server.requests;
    server.other("o1", elsewhere("/brief/author", "Somebody", "Them"), false);
    retitle("Mine");
    await settled();
    expect(open.state.mission.brief).toMatchObject({ title: "Mine", author: "Them" });
    expect(server.document.brief).toMatchObject({ title: "Mine", author: "Them" });
    expect(open.state.trouble).toContain("out of step");
    expect(open.state.save.is).toBe("saved");
    expect(server.requests - before).toBeLessThan(6);
  });

  it("waits longer and longer where that does not help", async () => {
    server.refuses = "";
    vi.stubGlobal("fetch", async (_: string, init?: RequestInit) => {
      server.requests++;
      const { document, revision } = server;
      return init?.method === "POST"
        ? Response.json({ status: 409, detail: "stale", missed: [] }, { status: 409 })
        : Response.json({ document, revision, updatedAt: "2026-01-01T00:00:00Z" });
    });
    retitle("Mine");
    await vi.advanceTimersByTimeAsync(60_000);
    expect(server.requests).toBeLessThan(20);
    expect(title()).toBe("Mine");
    expect(open.state.save.is).toBe("offline");
  });
});

describe("an edit that this browser has no room for", () => {
  it("is not said to be kept here", async () => {
    server.down = true;
    room.full = true;
    retitle("Mine");
    await settled();
    expect(open.state.save).toEqual({ is: "offline", edits: 1, unkept: 1 });
    server.down = false;
    await settled();
    expect(open.state.save.is).toBe("saved");
  });
});

describe("two tabs", () => {
  it("see each other's edits", () => {
    server.other("o1", elsewhere("/brief/author", "", "Them").slice(1));
    expect(open.state.mission.brief.author).toBe("Them");
  });

  it("fetch what they have missed", async () => {
    server.other("o1", elsewhere("/brief/author", "", "Them").slice(1), false);
    server.other("o2", elsewhere("/brief/summary", "", "Theirs").slice(1));
    await settled();
    expect(open.state.mission.brief.author).toBe("Them");
    expect(open.state.mission.brief.summary).toBe("Theirs");
    expect(open.state.revision).toBe(2);
  });

  it("merge what does not clash, and lose nothing", async () => {
    server.other("o1", elsewhere("/brief/author", "", "Them").slice(1), false);
    retitle("Mine");
    await settled();
    expect(server.document.brief).toMatchObject({ title: "Mine", author: "Them" });
    expect(open.state.mission).toEqual(server.document);
  });

  it("that change the same thing are shown both values", async () => {
    server.other("o1", elsewhere("/brief/title", "First Light", "Theirs"), false);
    retitle("Mine");
    await settled();
    expect(open.state.conflict).toMatchObject({ expected: "First Light", found: "Theirs" });
  });

  it.each([
    [true, "Mine"],
    [false, "Theirs"],
  ])("settle a clash with mine: %s", async (mine, left) => {
    server.other("o1", elsewhere("/brief/title", "First Light", "Theirs"), false);
    retitle("Mine");
    await settled();
    open.settle(mine);
    await settled();
    expect(server.document.brief.title).toBe(left);
    expect(open.state.mission).toEqual(server.document);
    expect(open.state.conflict).toBeNull();
  });
});

describe("undo", () => {
  it("gives back the very document, and redo the change", async () => {
    const before = structuredClone(open.state.mission);
    retitle("Mine");
    open.undo();
    expect(open.state.mission).toEqual(before);
    open.redo();
    expect(title()).toBe("Mine");
    await settled();
    expect(server.log.map(({ kind }) => kind)).toEqual(["do", "undo", "redo"]);
  });

  it("does not overwrite what somebody else has changed since, but shows both values", async () => {
    retitle("Mine");
    await settled();
    server.other("o1", elsewhere("/brief/title", "Mine", "Theirs"));
    open.undo();
    expect(title()).toBe("Theirs");
    expect(open.state.conflict).toMatchObject({ expected: "Mine", found: "Theirs" });
    expect(open.state.undo).toHaveLength(1);
  });

  it("survives a reload", async () => {
    retitle("Mine");
    await settled();
    const again = await OpenMission.open("m");
    again.undo();
    expect(again.state.mission.brief.title).toBe("First Light");
    again.close();
  });
});
