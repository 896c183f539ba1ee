import { useShallow } from "zustand/react/shallow";
import { askRemove, duplicate, labelOf, move, removeVertex, turn } from "../deeds/deeds";
import { perform, TURN_STEP } from "../deeds/gesture";
import { useCommands } from "../desk/commands";
import { type Aside, pointsOf, useDesk } from "../desk/desk";
import { type CommandKey, commandOf } from "../desk/keymap";
import { useMission } from "../document/context";
import { newId, ordered, type Position } from "../document/mission";
import { onGround } from "../document/shapes";
import { sure } from "../document/sure";
import type { MapHandle } from "../drawing/camera";
import { verticesIn } from "../things/geometry";
import type { Hands } from "./hands";
import { startLink } from "./linking";
import { everything } from "./overlay";

/** How far the arrows move a cursor that sets something down, metres; with Shift ten times. */
const CURSOR = 2;

const ARROWS: Record<string, [number, number]> = {
  ArrowLeft: [-1, 0],
  ArrowRight: [1, 0],
  ArrowUp: [0, 1],
  ArrowDown: [0, -1],
};

/**
 * What the keyboard does while the map has the focus. What acts from elsewhere on the page too are
 * commands.
 */
export function useMapKeys(
  hands: Hands,
  map: () => MapHandle | null,
  onCopy: () => void,
  onPaste: () => void,
  onBegin: (at: Position) => void,
) {
  const { tool, hand, ruler, snap, pointing } = useDesk(
    useShallow(({ tool, hand, ruler, snap, pointing }) => ({ tool, hand, ruler, snap, pointing })),
  );
  const { setHand, select, measure, setSnap } = useDesk.getState();
  const { open, only } = hands;
  const keys = [...useDesk((desk) => desk.selection)];
  const mission = useMission((state) => state.mission);
  const vertices = only ? verticesIn(mission, only) : undefined;

  const arrow = (dx: number, dy: number, far: boolean) => {
    const handle = map();
    const step = far ? 10 : 1;
    if ((tool || ruler || pointing) && handle) {
      const from = hands.held.pointer ?? handle.camera();
      const at = { x: from.x + dx * step * CURSOR, y: from.y + dy * step * CURSOR };
      hands.pointTo(at);
    } else if (hands.held.vertex && only && vertices?.[hands.held.vertex]) {
      const { x, y } = sure(vertices, hands.held.vertex).position;
      const at = { x: x + dx * step, y: y + dy * step };
      reshape(hands.held.vertex, null, at);
    } else if (keys.length > 0) move(open, hands.loose(), dx * step, dy * step);
    else handle?.pan(dx * 60, -dy * 60);
  };

  const reshape = (
    id: string,
    after: [string, string] | null,
    at: { x: number; y: number },
  ): void => {
    const gesture = { is: "vertex", name: sure(keys, 0), id, after, at, moved: true } as const;
    open.edit(labelOf(mission, gesture), (draft) => perform(draft, gesture));
  };

  const nextCorner = () => {
    if (!vertices) return;
    const ids = ordered(vertices).map(([id]) => id);
    hands.set({ vertex: ids[(ids.indexOf(hands.held.vertex ?? "") + 1) % ids.length] });
  };

  const insert = () => {
    if (!vertices || !hands.held.vertex) return;
    const line = ordered(vertices);
    const at = line.findIndex(([id]) => id === hands.held.vertex);
    const next = line[at + 1] ?? sure(line, 0);
    const [a, b] = [sure(line, at)[1].position, next[1].position];
    const id = newId();
    reshape(id, [sure(line, at)[0], next[0]], { x: (a.x + b.x) / 2, y: (a.y + b.y) / 2 });
    hands.set({ vertex: id });
  };

  const setAside = (as: Aside) => {
    const desk = useDesk.getState();
    desk.setAside(as, keys, !keys.every((name) => desk[as].has(name)));
  };

  const commands: Record<CommandKey, (shift: boolean) => void> = {
    hand: () => setHand(!hand),
    ruler: () => measure(ruler ? null : []),
    snap: () => setSnap({ on: !snap.on }),
    whole: () => map()?.whole(),
    zoomIn: () => map()?.zoom(1.25),
    zoomOut: () => map()?.zoom(0.8),
    turnLeft: (shift) => turn(open, hands.loose(), shift ? -1 : -TURN_STEP),
    turnRight: (shift) => turn(open, hands.loose(), shift ? 1 : TURN_STEP),
    corner: nextCorner,
    insert,
    at: () => hands.set({ typing: true }),
    begin: () => {
      const at = hands.held.pointer ?? map()?.camera();
      if (at) onBegin(onGround(mission, at));
    },
    hide: () => setAside("hidden"),
    lock: () => setAside("locked"),
    link: () => only && startLink(only, (linking) => hands.set({ linking })),
  };

  /** Sets a point of what is drawn, or of what is measured, where the cursor is. */
  const set = (force: boolean) => {
    const at = hands.held.pointer ?? map()?.camera();
    if (at) hands.clickAt(at, force);
  };

  const drop = () => {
    if (hands.held.vertex && only) {
      removeVertex(open, only, hands.held.vertex);
      hands.set({ vertex: null });
    } else askRemove(open, hands.loose());
  };

  const some = () => keys.length > 0;
  const unread = () => window.getSelection()?.isCollapsed !== false;
  const unlisted = true as const;
  useCommands("page", () => [
    {
      id: "duplicate",
      word: "Duplicate",
      what: "selection",
      keys: ["Ctrl+D"],
      when: some,
      unlisted,
      run: () => select(duplicate(open, keys)),
    },
    {
      id: "all",
      word: "Select everything",
      what: "map",
      keys: ["Ctrl+A"],
      unlisted,
      run: () => select(everything(hands.within)),
    },
    {
      id: "copy",
      word: "Copy",
      what: "selection",
      keys: ["Ctrl+C"],
      when: () => some() && unread(),
      unlisted,
      run: onCopy,
    },
    {
      id: "cut",
      word: "Cut",
      what: "selection",
      keys: ["Ctrl+X"],
      when: some,
      unlisted,
      run: () => {
        onCopy();
        askRemove(open, hands.loose());
      },
    },
    { id: "paste", word: "Paste", what: "map", keys: ["Ctrl+V"], unlisted, run: onPaste },
    {
      id: "give up",
      word: "Give up what is in hand",
      what: "map",
      keys: ["Escape"],
      when: () => tool !== null || hands.held.gesture !== null || useDesk.getState().brush !== null,
      inText: true,
      unlisted,
      run: () => {
        hands.cancel();
        useDesk.getState().pick(null);
        useDesk.getState().setBrush(null);
      },
    },
  ]);
  const nudges = Object.entries(ARROWS).flatMap(([code, [dx, dy]]) =>
    [1, 10].map((step) => ({
      id: `nudge ${code} ${step}`,
      word: `Nudge by ${step} m`,
      what: "selection",
      keys: [step > 1 ? `Alt+Shift+${code}` : `Alt+${code}`],
      when: some,
      unlisted,
      run: () => move(open, hands.loose(), dx * step, dy * step),
    })),
  );
  useCommands("things", () => [
    ...nudges,
    {
      id: "delete",
      word: "Delete",
      what: "selection",
      keys: ["Delete"],
      when: some,
      unlisted,
      run: () => askRemove(open, hands.loose()),
    },
  ]);

  const alone = (event: React.KeyboardEvent): boolean => {
    const { code } = event;
    const draws = tool !== null && pointsOf(tool) > 0;
    const menu = code === "ContextMenu" || (code === "F10" && event.shiftKey);
    if (code === "Escape") hands.cancel();
    else if (menu) hands.listHere(event.currentTarget.getBoundingClientRect());
    else if (code === "Space" && (tool || ruler || pointing)) set(event.ctrlKey);
    else if (code === "Enter" && draws) hands.finish(hands.held.points);
    else if (code === "Enter" && (tool || ruler || pointing)) set(event.ctrlKey);
    else if (code === "Backspace" && hands.held.points.length > 0) {
      hands.set({ points: hands.held.points.slice(0, -1) });
    } else if ((code === "Delete" || code === "Backspace") && keys.length > 0) drop();
    else return false;
    return true;
  };

  return (event: React.KeyboardEvent) => {
    const step = ARROWS[event.code];
    const command = commandOf(event.code);
    const control = event.ctrlKey || event.metaKey;
    if (step) arrow(step[0], step[1], event.shiftKey);
    else if (alone(event)) {
      // Done.
    } else if (command && !control && !event.altKey) commands[command](event.shiftKey);
    else return;
    event.preventDefault();
  };
}
