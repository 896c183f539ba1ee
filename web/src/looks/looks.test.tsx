// @vitest-environment jsdom
import { render, screen } from "@testing-library/react";
import userEvent from "@testing-library/user-event";
import { afterEach, beforeEach, describe, expect, it, vi } from "vitest";
import { letters } from "../drawing/letters";
import { LooksMenu } from "./LooksMenu";
import { beginLooks, byDaylight, setLooks } from "./looks";

const root = document.documentElement;
let asks: Record<string, boolean> = {};
let changed: (() => void)[] = [];

beforeEach(() => {
  localStorage.clear();
  asks = {};
  changed = [];
  vi.stubGlobal("matchMedia", (query: string) => ({
    get matches() {
      return asks[query] ?? false;
    },
    addEventListener: (_: string, listener: () => void) => changed.push(listener),
  }));
  vi.stubGlobal(
    "ResizeObserver",
    class {
      constructor(told: () => void) {
        changed.push(told);
      }
      observe() {}
    },
  );
  setLooks({ light: "system", contrast: "system" });
});

afterEach(() => vi.unstubAllGlobals());

describe("the looks of the page", () => {
  it("are left to the computer at first, and follow it", () => {
    beginLooks();
    expect(root.dataset.theme).toBeUndefined();
    expect(root.dataset.contrast).toBe("plain");
    asks["(prefers-contrast: more)"] = true;
    for (const tell of changed) tell();
    expect(root.dataset.contrast).toBe("more");
  });

  it("give way to daylight for what is printed, and come back also when that fails", () => {
    setLooks({ light: "night", contrast: "more" });
    expect(byDaylight(() => [root.dataset.theme, root.dataset.contrast])).toEqual(["day", "plain"]);
    expect([root.dataset.theme, root.dataset.contrast]).toEqual(["night", "more"]);
    expect(() =>
      byDaylight(() => {
        throw new Error("no room");
      }),
    ).toThrow("no room");
    expect([root.dataset.theme, root.dataset.contrast]).toEqual(["night", "more"]);
  });

  it("write the map as large as the reader has the browser write, also when that changes", () => {
    beginLooks();
    expect(letters(12)).toMatch(/^600 12px /);
    root.style.fontSize = "32px";
    for (const tell of changed) tell();
    expect(letters(12)).toMatch(/^600 24px /);
    root.style.fontSize = "";
    for (const tell of changed) tell();
    expect(letters(12)).toMatch(/^600 12px /);
  });

  it("are chosen from a menu, kept in this browser, and given back to the computer", async () => {
    render(<LooksMenu trigger={<button type="button">Looks</button>} />);
    await userEvent.click(screen.getByRole("button", { name: "Looks" }));
    await userEvent.click(screen.getByRole("radio", { name: "Night" }));
    await userEvent.click(screen.getByRole("radio", { name: "More" }));
    expect(root.dataset.theme).toBe("night");
    expect(root.dataset.contrast).toBe("more");
    expect(JSON.parse(localStorage.getItem("flintmoss:looks") ?? "")).toEqual({
      light: "night",
      contrast: "more",
    });
    const groups = screen.getAllByRole("radio", { name: "As the computer has it" });
    for (const system of groups) await userEvent.click(system);
    expect(root.dataset.theme).toBeUndefined();
    expect(root.dataset.contrast).toBe("plain");
  });
});
