// @vitest-environment jsdom
import { cleanup, fireEvent, render } from "@testing-library/react";
import { afterEach, beforeEach, expect, it, vi } from "vitest";
import { listedCommands, useKeyboard } from "../desk/commands";
import type { Game, TrialState } from "./game";
import { useTrialKeys } from "./useTrialKeys";

const act = vi.fn();
const state: Pick<TrialState, "asks"> = { asks: null };
const say = vi.fn();
const release = vi.fn((_: number, run: () => void) => run());
const onPause = vi.fn();
const onSteer = vi.fn();

function Trial({ menu = false }: { menu?: boolean }) {
  useKeyboard();
  useTrialKeys({ act, say, stepNow: 5, release, state } as unknown as Game, onPause, onSteer);
  return menu ? <div role="menu" /> : <input aria-label="text" />;
}

const key = (code: string, more = {}) => ({ code, ...more });
const down = (code: string, more = {}) => fireEvent.keyDown(document.body, key(code, more));
const up = (code: string) => fireEvent.keyUp(document.body, key(code));
const steered = () =>
  act.mock.calls.filter(([it]) => it.type === "steer").map(([it]) => [it.east, it.north]);

beforeEach(() => {
  vi.clearAllMocks();
  state.asks = null;
});
afterEach(cleanup);

it("walks for as long as keys are held, whatever Shift does, and once for each press", () => {
  render(<Trial />);
  down("KeyW");
  down("KeyW", { repeat: true });
  down("KeyD", { shiftKey: true });
  up("KeyW");
  up("KeyD");
  expect(steered()).toEqual([
    [0, 1],
    [1, 1],
    [1, 0],
    [0, 0],
  ]);
  expect(onSteer).toHaveBeenCalledTimes(4);
});

it("lets go of all keys when the window loses the focus, or the trial is left", () => {
  const { unmount } = render(<Trial />);
  down("KeyA");
  down("Digit2");
  fireEvent.blur(window);
  expect(steered().at(-1)).toEqual([0, 0]);
  expect(act).toHaveBeenLastCalledWith({ type: "attack", slot: 0 });
  down("KeyA");
  unmount();
  expect(steered().at(-1)).toEqual([0, 0]);
});

it("answers by numbers while there is a choice, but not what cannot be given", () => {
  const answer = (id: string, lacks: string | null) => ({
    id,
    text: id,
    lacks,
    votes: 0,
    own: false,
  });
  state.asks = {
    id: "c",
    text: "?",
    decides: "first",
    until: 0,
    of: 0,
    fallback: null,
    waits: false,
    voted: 0,
    voters: 1,
    answers: [answer("oil", null), answer("rope", "Needs a rope.")],
  };
  render(<Trial />);
  down("Digit2");
  down("Digit3");
  expect(act).not.toHaveBeenCalled();
  down("Digit1");
  expect(act.mock.calls).toEqual([[{ type: "answer", answer: "oil" }]]);
});

it("does nothing behind a menu that is open, nor while somebody writes", () => {
  const { getByLabelText, rerender } = render(<Trial />);
  fireEvent.keyDown(getByLabelText("text"), key("KeyE"));
  rerender(<Trial menu />);
  down("KeyE");
  down("KeyP");
  expect(act).not.toHaveBeenCalled();
  expect(onPause).not.toHaveBeenCalled();
});

it("uses, takes up, tells and steps with one press each", () => {
  render(<Trial />);
  for (const code of ["KeyR", "KeyQ", "KeyX", "KeyG", "KeyN", "KeyP"]) down(code);
  expect(act.mock.calls.map(([it]) => it)).toEqual([
    { type: "use", slot: 2 },
    { type: "takeUp" },
    { type: "over" },
    { type: "companions", tell: "attack" },
  ]);
  expect(say.mock.calls).toEqual([[{ type: "step", steps: 1 }]]);
  expect(onPause).toHaveBeenCalledTimes(1);
});

it("offers to pause and to step where things are found and done, and nothing of the hands", () => {
  render(<Trial />);
  expect(listedCommands().map(({ id }) => id)).toEqual(["pause", "step"]);
});

it("holds a short tap until the world has heard of it, and a key that is pressed again", () => {
  const waiting: (() => void)[] = [];
  release.mockImplementation((_, run) => waiting.push(run));
  render(<Trial />);
  down("KeyW");
  up("KeyW");
  expect(release).toHaveBeenCalledWith(5, expect.any(Function));
  expect(steered()).toEqual([[0, 1]]);
  down("KeyW");
  for (const run of waiting.splice(0)) run();
  expect(steered().at(-1)).toEqual([0, 1]);
  up("KeyW");
  for (const run of waiting.splice(0)) run();
  expect(steered().at(-1)).toEqual([0, 0]);
});
