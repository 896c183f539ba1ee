// @vitest-environment jsdom
import { act, cleanup, render, screen } from "@testing-library/react";
import userEvent from "@testing-library/user-event";
import { afterEach, expect, it } from "vitest";
import { Drawer } from "./Drawer";

const heard = new Set<() => void>();
let room = false;

/** Has the window have room for slips, or no longer. */
function make(wide: boolean): void {
  room = wide;
  window.matchMedia = () =>
    ({
      matches: room,
      addEventListener: (_: string, changed: () => void) => heard.add(changed),
      removeEventListener: (_: string, changed: () => void) => heard.delete(changed),
    }) as never;
  for (const changed of [...heard]) changed();
}

const show = () =>
  render(
    <Drawer name="Contents" side="left">
      <aside aria-label="Contents">
        <input aria-label="Filter" />
      </aside>
    </Drawer>,
  );

afterEach(cleanup);

it("stands where there is room, with no drawer about it", () => {
  make(true);
  show();
  expect(screen.getByLabelText("Filter")).toBeDefined();
  expect(screen.queryByRole("button")).toBeNull();
});

it("is opened by its strip, takes the focus, and gives it back when Esc closes it", async () => {
  make(false);
  show();
  expect(screen.queryByLabelText("Filter")).toBeNull();
  const user = userEvent.setup();
  const strip = screen.getByRole("button", { name: "Contents" });
  await user.click(strip);
  expect(strip.getAttribute("aria-expanded")).toBe("true");
  await user.tab();
  expect(screen.getByLabelText("Filter")).toBe(document.activeElement);
  await user.keyboard("{Escape}");
  expect(screen.queryByLabelText("Filter")).toBeNull();
  expect(strip).toBe(document.activeElement);
});

it("is closed by its cross and by its strip", async () => {
  make(false);
  show();
  const user = userEvent.setup();
  await user.click(screen.getByRole("button", { name: "Contents" }));
  await user.click(screen.getByRole("button", { name: "Close Contents" }));
  expect(screen.queryByLabelText("Filter")).toBeNull();
  await user.click(screen.getByRole("button", { name: "Contents" }));
  await user.click(screen.getByRole("button", { name: "Contents" }));
  expect(screen.queryByLabelText("Filter")).toBeNull();
});

it("stands as soon as the window is made wide enough", () => {
  make(false);
  show();
  act(() => make(true));
  expect(screen.getByLabelText("Filter")).toBeDefined();
});
