import { Hand, Maximize, Minus, Plus } from "lucide-react";
import { useCallback, useEffect, useMemo, useRef, useState } from "react";
import { drawMargin, type Sheet } from "../map/draw";
import { type Ground, heightAt, surfaceAt } from "../map/ground";
import { MapCanvas, type MapHandle, type MapPointer } from "../map/MapCanvas";
import { drawDraft } from "../map/marks";
import { hits, linksOf, paintMission } from "../map/paint";
import { useWater } from "../map/useWater";
import { useMission, useOpenMission } from "../model/context";
import { mostPointsOf, pointsOf, useDesk } from "../model/desk";
import { geometryOf, onGround } from "../model/geometry";
import { clockWords, key, newId, type Position, refOf, standing } from "../model/mission";
import { Button } from "../ui/controls";
import { duplicate, labelOf, move, remove, setDown, turn } from "./deeds";
import { bearingOf, changes, dragged, type Gesture, perform, preview, TURN_STEP } from "./gesture";
import {
  drawFrame,
  drawGhost,
  drawHandles,
  drawWhy,
  everything,
  framed,
  type Grip,
  handleAt,
  MARGIN,
} from "./overlay";
import { askFooting, useFooting, type Wish } from "./useFooting";

/** The sheet with all that stands on it, and the hands that work it. */
export function GroundMap({
  ground,
  onReady,
}: {
  ground: Ground;
  onReady: (handle: MapHandle) => void;
}) {
  const open = useOpenMission();
  const mission = useMission((state) => state.mission);
  const { selection, select, tool, pick, pointing, point, hand, setHand } = useDesk();
  const [pointer, setPointer] = useState<Position | null>(null);
  const [gesture, setGesture] = useState<Gesture | null>(null);
  /** What is being drawn point by point. */
  const [points, setPoints] = useState<Position[]>([]);
  const level = useWater();
  const map = useRef<MapHandle>(null);
  const shown = useMemo(() => preview(mission, gesture), [mission, gesture]);
  const keys = [...selection];
  const only = keys.length === 1 ? refOf(keys[0]) : null;

  const wish = useMemo((): Wish | null => {
    if (tool && "kind" in tool && pointer) {
      return { kind: tool.kind, ...onGround(mission, pointer) };
    }
    if (gesture?.is === "move" && gesture.keys.length === 1) {
      const ref = refOf(gesture.keys[0]);
      const thing = standing(shown, ref)?.thing;
      if (!thing) return null;
      const query = `${ref.family === "units" ? "unit" : "start"}=${ref.id}`;
      return { kind: thing.kind.id, ...thing.position, except: gesture.copies ? "" : query };
    }
    return null;
  }, [tool, pointer, gesture, mission, shown]);
  const why = useFooting(wish);

  const links = useMemo(() => (only ? linksOf(shown, only) : []), [shown, only]);

  const paint = useCallback(
    (sheet: Sheet) => {
      paintMission(sheet, shown, selection, links);
      if (only && !tool) drawHandles(sheet, shown, only, gesture);
      if (gesture?.is === "frame") drawFrame(sheet, gesture);
      if (tool && pointsOf(tool) > 0)
        drawDraft(sheet, points, pointer, tool.sets === "zone" || tool.sets === "deck");
      else if (tool && pointer) drawGhost(sheet, shown, tool, pointer, why);
      if (gesture?.is === "move" && why) drawWhy(sheet, pointer, why);
      drawMargin(sheet, mission, MARGIN);
    },
    [shown, selection, links, only, tool, pointer, points, gesture, why, mission],
  );
  const sheetOf = (): Sheet | null => {
    const handle = map.current;
    const c = document.createElement("canvas").getContext("2d");
    return handle && c ? { c, camera: handle.camera(), size: handle.size() } : null;
  };

  const place = async (at: Position, force: boolean) => {
    if (!tool) return;
    if (pointsOf(tool) > 0) {
      const last = points.at(-1);
      const again = last && Math.hypot(last.x - at.x, last.y - at.y) < 0.5;
      const next = again ? points : [...points, onGround(mission, at)];
      if (again || next.length === mostPointsOf(tool)) finish(next);
      else setPoints(next);
      return;
    }
    if ("kind" in tool && !force) {
      const refused = await askFooting(open.state.id, {
        kind: tool.kind,
        ...onGround(mission, at),
      }).catch(() => "");
      if (refused) return;
    }
    select([setDown(open, ground, tool, [at])]);
    if (tool.sets === "start" && Object.keys(open.state.mission.starts).length >= 4) pick(null);
  };

  /** Ends what is drawn point by point, if it has enough of them. */
  const finish = (drawn: Position[]) => {
    if (!tool || drawn.length < pointsOf(tool)) return;
    select([setDown(open, ground, tool, drawn)]);
    setPoints([]);
    pick(null);
  };

  const down = (p: MapPointer) => {
    const sheet = sheetOf();
    if (!sheet) return;
    if (tool) {
      void place(p, p.event.ctrlKey);
      return;
    }
    const found = hits(sheet, mission, p.px, p.py).map(({ ref }) => ref);
    if (pointing) {
      const ref = found.find(({ family }) => pointing.families.includes(family));
      if (ref) pointing.take({ ref });
      else if (pointing.points) {
        pointing.take({ place: { type: "point", position: onGround(mission, p) } });
      } else return;
      point(null);
      return;
    }
    const grip = only && handleAt(sheet, mission, only, p);
    if (grip && only) setGesture(take(grip, key(only)));
    else if (found.length === 0) {
      setGesture({ is: "frame", px: p.px, py: p.py, toPx: p.px, toPy: p.py });
    } else press(p, found.map(key));
  };

  const take = (grip: Grip, name: string): Gesture => {
    const geometry = geometryOf(mission, refOf(name));
    const bearing = bearingOf(mission, refOf(name)) ?? 0;
    switch (grip.grip) {
      case "turn":
        return { is: "turn", name, bearing };
      case "resize":
        return { is: "resize", name, radius: geometry?.is === "circle" ? geometry.radius : 1 };
      case "reshape": {
        const { width, depth } = geometry?.is === "box" ? geometry : { width: 1, depth: 1 };
        return { is: "reshape", name, width, depth };
      }
      case "vertex":
        return { is: "vertex", name, id: grip.id, after: null, at: grip.at, moved: false };
      case "insert":
        return { is: "vertex", name, id: newId(), after: grip.after, at: grip.at, moved: true };
    }
  };

  const press = (p: MapPointer, found: string[]) => {
    const held = found.find((name) => selection.has(name));
    const add = p.event.shiftKey;
    const was = held !== undefined && !add;
    if (!was) {
      const name = found[0];
      if (!add) select([name]);
      else if (selection.has(name)) select(keys.filter((it) => it !== name));
      else select([...keys, name]);
    }
    setGesture({ is: "press", px: p.px, py: p.py, x: p.x, y: p.y, keys: found, was });
  };

  const moved = (p: MapPointer) => {
    setPointer({ x: p.x, y: p.y });
    if (!gesture) return;
    if (gesture.is === "press" && Math.hypot(p.px - gesture.px, p.py - gesture.py) > 3) {
      const { x, y } = gesture;
      setGesture({ is: "move", x, y, dx: 0, dy: 0, keys, copies: p.event.ctrlKey });
    } else if (gesture.is === "move") {
      setGesture({ ...gesture, dx: p.x - gesture.x, dy: p.y - gesture.y, copies: p.event.ctrlKey });
    } else if (changes(gesture)) {
      setGesture(dragged(mission, gesture, p, p.event.shiftKey));
    } else if (gesture.is === "frame") {
      setGesture({ ...gesture, toPx: p.px, toPy: p.py });
    }
  };

  const released = (p: MapPointer) => {
    if (!gesture) return;
    setGesture(null);
    if (gesture.is === "press" && gesture.was && gesture.keys.length > 1) {
      const at = gesture.keys.findIndex((name) => selection.has(name));
      select([gesture.keys[(at + 1) % gesture.keys.length]]);
    } else if (gesture.is === "press" && gesture.was) {
      select([gesture.keys[0]]);
    } else if (gesture.is === "move") {
      if (why && gesture.keys.length === 1 && !p.event.ctrlKey) return;
      if (gesture.copies) select(duplicate(open, gesture.keys, gesture.dx, gesture.dy));
      else move(open, gesture.keys, gesture.dx, gesture.dy);
    } else if (changes(gesture)) {
      if (gesture.is === "vertex" && !gesture.moved) return;
      open.edit(labelOf(mission, gesture), (draft) => perform(draft, gesture));
    } else if (gesture.is === "frame") {
      const inside = framed(sheetOf(), mission, gesture);
      select(p.event.shiftKey ? [...keys, ...inside] : inside);
    }
  };

  const cancel = () => {
    if (gesture) setGesture(null);
    else if (points.length > 0) setPoints([]);
    else if (tool) pick(null);
    else if (pointing) point(null);
    else select([]);
  };

  const arrow = (dx: number, dy: number, far: boolean) => {
    const handle = map.current;
    const step = far ? 10 : 1;
    if (tool && handle) {
      const from = pointer ?? handle.camera();
      setPointer(onGround(mission, { x: from.x + dx * step * 2, y: from.y + dy * step * 2 }));
    } else if (keys.length > 0) move(open, keys, dx * step, dy * step);
    else handle?.pan(dx * 60, -dy * 60);
  };

  const keyDown = (event: React.KeyboardEvent) => {
    const arrows: Record<string, [number, number]> = {
      ArrowLeft: [-1, 0],
      ArrowRight: [1, 0],
      ArrowUp: [0, 1],
      ArrowDown: [0, -1],
    };
    const step = arrows[event.code];
    if (step) arrow(step[0], step[1], event.shiftKey);
    else if (event.code === "Escape") cancel();
    else if (event.code === "Enter" && points.length > 0) finish(points);
    else if (event.code === "Enter" && tool && pointer) void place(pointer, event.ctrlKey);
    else if (event.code === "Backspace" && points.length > 0) setPoints(points.slice(0, -1));
    else if ((event.code === "Delete" || event.code === "Backspace") && keys.length > 0) {
      remove(open, keys);
    } else if (event.code === "KeyD" && (event.ctrlKey || event.metaKey) && keys.length > 0) {
      select(duplicate(open, keys));
    } else if (event.code === "KeyA" && (event.ctrlKey || event.metaKey))
      select(everything(mission));
    else if (event.ctrlKey || event.metaKey || event.altKey) return;
    else if (event.code === "KeyH") setHand(!hand);
    else if (event.key === "+" || event.key === "=") map.current?.zoom(1.25);
    else if (event.key === "-") map.current?.zoom(0.8);
    else if (event.code === "Digit0") map.current?.whole();
    else return;
    event.preventDefault();
  };

  useEffect(() => {
    if (!tool && !gesture) return;
    const onEscape = (event: KeyboardEvent) => {
      if (
        event.code === "Escape" &&
        document.activeElement?.getAttribute("role") !== "application"
      ) {
        pick(null);
        setPoints([]);
        setGesture(null);
      }
    };
    window.addEventListener("keydown", onEscape);
    return () => window.removeEventListener("keydown", onEscape);
  }, [tool, gesture, pick]);

  return (
    <div className="relative flex min-h-0 grow flex-col border border-line bg-slip shadow-md">
      <div className="relative min-h-0 grow">
        <MapCanvas
          ground={ground}
          water={level}
          label={`Map of ${mission.brief.title}`}
          margin={MARGIN}
          hand={hand}
          cursor={tool || pointing ? "crosshair" : gesture?.is === "move" ? "grabbing" : "default"}
          paint={paint}
          onReady={(handle) => {
            map.current = handle;
            handle.whole();
            onReady(handle);
          }}
          onDown={down}
          onMove={moved}
          onUp={released}
          onLeave={() => !gesture && setPointer(null)}
          onKeyDown={keyDown}
          onShiftWheel={(steps) => keys.length > 0 && turn(open, keys, steps * TURN_STEP)}
        />
        <MapButtons handle={() => map.current} />
        {(tool || pointing) && (
          <output className="pointer-events-none absolute bottom-4 left-1/2 w-max max-w-[70%] -translate-x-1/2 border border-line bg-slip px-3 py-1 text-sm shadow">
            {pointing
              ? `${pointing.asks} Esc leaves it.`
              : why
                ? `${why} Ctrl+click sets it down anyway.`
                : tool && pointsOf(tool) > 0
                  ? drawingHint(points.length, pointsOf(tool))
                  : "Click where it should stand. Esc puts it back."}
          </output>
        )}
      </div>
      <footer className="flex items-center justify-between gap-4 px-3 pb-1 text-[13px] text-flint">
        <span className="truncate font-serif font-semibold">
          {mission.brief.title}, {clockWords(mission.setting.startTime)}
        </span>
        <span className="whitespace-nowrap">{readout(ground, level, pointer)}</span>
      </footer>
    </div>
  );
}

function drawingHint(drawn: number, least: number): string {
  if (drawn === 0) return "Click the first point. Esc puts it back.";
  if (drawn < least) return "Click the next point. Backspace takes the last one back.";
  return "Click the next point; Enter, or a click on the last one, ends it. Backspace takes one back.";
}

function readout(ground: Ground, level: number, at: Position | null): string {
  const { columns, rows, cell } = ground;
  const off = !at || at.x < 0 || at.y < 0 || at.x > columns * cell || at.y > rows * cell;
  const water = `water ${Number(level.toFixed(1))} m`;
  if (off) return water;
  const height = heightAt(ground, at.x, at.y);
  const depth = level - height;
  const what = depth > 0 ? `sea, ${depth.toFixed(1)} m deep` : surfaceAt(ground, at.x, at.y);
  return `E ${at.x.toFixed(0)} N ${at.y.toFixed(0)} · height ${height.toFixed(1)} m · ${what} · ${water}`;
}

function MapButtons({ handle }: { handle: () => MapHandle | null }) {
  const { hand, setHand } = useDesk();
  return (
    <div className="absolute right-4 bottom-4 flex flex-col gap-1">
      <Button aria-label="Zoom in" title="Zoom in (+)" onClick={() => handle()?.zoom(1.25)}>
        <Plus size={16} />
      </Button>
      <Button aria-label="Zoom out" title="Zoom out (-)" onClick={() => handle()?.zoom(0.8)}>
        <Minus size={16} />
      </Button>
      <Button aria-label="Whole sheet" title="Whole sheet (0)" onClick={() => handle()?.whole()}>
        <Maximize size={15} />
      </Button>
      <Button
        aria-label="Hand"
        title="Hand: drag to pan (H)"
        aria-pressed={hand}
        className={hand ? "border-moss bg-moss-soft" : ""}
        onClick={() => setHand(!hand)}
      >
        <Hand size={16} />
      </Button>
    </div>
  );
}
