import { describe, expect, it } from "vitest";
import { type LocalEdit, stacks } from "./store";

const edit = (id: string, kind: LocalEdit["kind"] = "do", target = ""): LocalEdit => ({
  id,
  label: id,
  kind,
  target,
  patch: [],
  inverse: [],
});
const ids = (edits: LocalEdit[]) => edits.map(({ id }) => id);

describe("the undo of a tab, from the log", () => {
  it("ends with the last edit that was not taken back", () => {
    const { undo, redo } = stacks([edit("a"), edit("b"), edit("c", "undo", "b")]);
    expect(ids(undo)).toEqual(["a"]);
    expect(ids(redo)).toEqual(["b"]);
  });

  it("forgets what was taken back once something new is done", () => {
    const { undo, redo } = stacks([edit("a"), edit("u", "undo", "a"), edit("b")]);
    expect(ids(undo)).toEqual(["b"]);
    expect(ids(redo)).toEqual([]);
  });

  it("has again what was done again", () => {
    const { undo, redo } = stacks([edit("a"), edit("u", "undo", "a"), edit("r", "redo", "a")]);
    expect(ids(undo)).toEqual(["a"]);
    expect(ids(redo)).toEqual([]);
  });
});
