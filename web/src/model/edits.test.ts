import { readFileSync } from "node:fs";
import { afterEach, beforeEach, describe, expect, it, vi } from "vitest";
import { FakeServer } from "./fakeServer";
import type { Mission } from "./mission";
import { OpenMission } from "./store";

const kept = vi.hoisted(() => new Map<string, unknown>());
vi.mock("idb-keyval", () => ({
  get: async (key: string) => structuredClone(kept.get(key)),
  set: async (key: string, value: unknown) => void kept.set(key, structuredClone(value)),
  del: async (key: string) => void kept.delete(key),
  keys: async () => [...kept.keys()],
}));

const sample = readFileSync("../core/src/main/resources/samples/first-light.json", "utf8");
let server: FakeServer;
let open: OpenMission;

beforeEach(async () => {
  vi.useFakeTimers();
  kept.clear();
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
    expect(open.state.save).toEqual({ is: "offline", edits: 2 });
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
