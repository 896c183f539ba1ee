import { afterEach, beforeEach, expect, it, vi } from "vitest";

/** Locks as a browser shares them between its pages. */
const held = new Set<string>();
const locks = {
  request: (name: string, _: unknown, work: () => Promise<void>) => {
    if (held.has(name)) return Promise.reject(new DOMException("busy", "AbortError"));
    held.add(name);
    return work();
  },
};

function page(session: Map<string, string>) {
  vi.resetModules();
  vi.stubGlobal("navigator", { locks });
  vi.stubGlobal("sessionStorage", {
    getItem: (name: string) => session.get(name) ?? null,
    setItem: (name: string, value: string) => session.set(name, value),
    removeItem: (name: string) => session.delete(name),
  });
  return import("./tab");
}

beforeEach(() => held.clear());
afterEach(() => vi.unstubAllGlobals());

it("a tab keeps its name over a reload; a duplicate of it takes one of its own", async () => {
  const session = new Map<string, string>();
  const first = await page(session);
  await first.claimTab();
  const name = first.tabId();

  const copied = new Map(session);
  const duplicate = await page(copied);
  await duplicate.claimTab();
  expect(duplicate.tabId()).not.toBe(name);

  held.delete(`flintmoss-tab:${name}`);
  const reloaded = await page(session);
  await reloaded.claimTab();
  expect(reloaded.tabId()).toBe(name);
});
