// @vitest-environment jsdom
import { cleanup, fireEvent, render, screen } from "@testing-library/react";
import { afterEach, expect, it, vi } from "vitest";
import { type Command, listedCommands, type Scope, useCommands, useKeyboard } from "./commands";

const undo = vi.fn();
const find = vi.fn();
const drop = vi.fn();
const zoom = vi.fn();

function Registered({ scope, commands }: { scope: Scope; commands: Command[] }) {
  useCommands(scope, () => commands);
  return null;
}

function Page({ dialog = false, listens = true }: { dialog?: boolean; listens?: boolean }) {
  useKeyboard();
  return (
    <>
      <Registered
        scope="page"
        commands={[
          { id: "undo", word: "Undo", what: "edit", keys: ["Ctrl+Z"], run: undo },
          { id: "zoom", word: "Zoom", what: "map", keys: ["N"], when: () => listens, run: zoom },
          {
            id: "find",
            word: "Find",
            what: "page",
            keys: ["Ctrl+K"],
            inText: true,
            unlisted: true,
            run: find,
          },
        ]}
      />
      <Registered
        scope="things"
        commands={[{ id: "drop", word: "Delete", what: "map", keys: ["Delete"], run: drop }]}
      />
      <input aria-label="text" />
      <select aria-label="choice" />
      <button type="button">elsewhere</button>
      <div role="application" tabIndex={-1} />
      {dialog && (
        <div role="dialog">
          <button type="button">within</button>
        </div>
      )}
    </>
  );
}

const Z = { code: "KeyZ", ctrlKey: true };
const K = { code: "KeyK", ctrlKey: true };

afterEach(() => {
  cleanup();
  vi.clearAllMocks();
});

it("undoes with a choice focused, but not while somebody writes, whose field undoes by itself", () => {
  render(<Page />);
  fireEvent.keyDown(screen.getByLabelText("choice"), Z);
  expect(undo).toHaveBeenCalledTimes(1);
  fireEvent.keyDown(screen.getByLabelText("text"), Z);
  expect(undo).toHaveBeenCalledTimes(1);
});

it("does nothing behind a dialog, wherever the focus is", () => {
  render(<Page dialog />);
  fireEvent.keyDown(screen.getByText("within"), Z);
  fireEvent.keyDown(document.body, Z);
  fireEvent.keyDown(document.body, K);
  expect(undo).not.toHaveBeenCalled();
  expect(find).not.toHaveBeenCalled();
});

it("does what is meant everywhere also from a field that is written into", () => {
  render(<Page />);
  fireEvent.keyDown(screen.getByLabelText("text"), K);
  expect(find).toHaveBeenCalledTimes(1);
});

it("takes single letters neither from fields nor from choices", () => {
  render(<Page />);
  fireEvent.keyDown(screen.getByLabelText("choice"), { code: "KeyN" });
  fireEvent.keyDown(screen.getByLabelText("text"), { code: "KeyN" });
  expect(zoom).not.toHaveBeenCalled();
  fireEvent.keyDown(screen.getByText("elsewhere"), { code: "KeyN" });
  expect(zoom).toHaveBeenCalledTimes(1);
});

it("leaves a key alone whose command does not act just now, or that was taken before", () => {
  render(<Page listens={false} />);
  expect(fireEvent.keyDown(document.body, { code: "KeyN" })).toBe(true);
  expect(zoom).not.toHaveBeenCalled();
  screen.getByText("elsewhere").addEventListener("keydown", (event) => event.preventDefault());
  fireEvent.keyDown(screen.getByText("elsewhere"), Z);
  expect(undo).not.toHaveBeenCalled();
});

it("is about things only where things have the focus, or nothing has", () => {
  render(<Page />);
  fireEvent.keyDown(screen.getByText("elsewhere"), { code: "Delete" });
  expect(drop).not.toHaveBeenCalled();
  fireEvent.keyDown(screen.getByRole("application"), { code: "Delete" });
  fireEvent.keyDown(document.body, { code: "Delete" });
  expect(drop).toHaveBeenCalledTimes(2);
});

it("offers what is listed for as long as its part of the page is there", () => {
  const { unmount } = render(<Page />);
  expect(listedCommands().map(({ id }) => id)).toEqual(["undo", "zoom", "drop"]);
  unmount();
  expect(listedCommands()).toEqual([]);
});
