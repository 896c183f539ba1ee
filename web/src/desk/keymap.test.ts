// @vitest-environment jsdom
import { beforeEach, expect, it } from "vitest";
import { commandOf, resetKeys, setKey } from "./keymap";

beforeEach(resetKeys);

it("gives a key to the command that was chosen for it, before one that ships with it", () => {
  localStorage.setItem("flintmoss:keys", JSON.stringify({ hand: "KeyE" }));
  expect(commandOf("KeyE")).toBe("hand");
  resetKeys();
  expect(commandOf("KeyE")).toBe("at");
});

it("changes places where a key is taken, and refuses keys that work the map", () => {
  expect(setKey("hide", "KeyK")).toBe("");
  expect(commandOf("KeyK")).toBe("hide");
  expect(commandOf("KeyO")).toBe("lock");
  expect(setKey("hide", "Space")).not.toBe("");
});
