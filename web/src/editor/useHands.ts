import { useMemo, useRef, useState } from "react";
import { toast } from "sonner";
import { tell } from "../bundles/CopyFields";
import { setDownBundle } from "../bundles/work";
import { duplicate, labelOf, move, setDown, setDownAll } from "../deeds/deeds";
import { kindOf } from "../deeds/fresh";
import { bearingOf, changes, dragged, type Gesture, perform, preview } from "../deeds/gesture";
import { addPart } from "../deeds/parts";
import { drawnBy, isPerson, pointsOf, useDesk } from "../desk/desk";
import { useMission, useOpenMission } from "../document/context";
import {
  key,
  type Mission,
  nameOf,
  newId,
  type Position,
  type Ref,
  refOf,
  standing,
} from "../document/mission";
import type { Ground } from "../document/raster";
import { onGround } from "../document/shapes";
import { freshLevel, type Level } from "../document/surfaces";
import type { MapHandle } from "../drawing/camera";
import { toScreen } from "../drawing/camera";
import type { Sheet } from "../drawing/sheet";
import type { MapPointer } from "../map/MapCanvas";
import { hits } from "../map/paint";
import { without } from "../things/contents";
import { geometryOf, isPlaced, placeOf } from "../things/geometry";
import { peeledOff } from "../things/levels";
import { framed, type Grip, handleAt, linkHandleAt } from "./overlay";
import { type Snapped, snapBearing, snapPoint } from "./snap";
import { askFooting, type Footing, useFooting, type Wish } from "./useFooting";

/** What lies under the pointer, and where a menu about it opens, pixels of the page. */
export interface Here {
  names: string[];
  left: number;
  top: number;
}

/** A link that is being made from one thing to another. */
export interface Linking {
  from: string;
  to: string;
  left: number;
  top: number;
}

/** How far the pointer goes before a press is a drag, pixels. */
const DRAG = 3;

/** What the hand on the map holds and does. */
export function useHands(ground: Ground, map: () => MapHandle | null) {
  const open = useOpenMission();
  const mission = useMission((state) => state.mission);
  const { selection, select, tool, pick, pointing, point, ruler, measure, snap } = useDesk();
  const { hidden, locked, peel } = useDesk();
  const [pointer, setPointer] = useState<Position | null>(null);
  const [gesture, setGesture] = useState<Gesture | null>(null);
  /** Where the pointer was pressed, and whether it has moved since. */
  const pressed = useRef({ px: 0, py: 0, dragged: false });
  /** What is being drawn point by point. */
  const [points, setPoints] = useState<Position[]>([]);
  const [guides, setGuides] = useState<Snapped | null>(null);
  /** The corner or waypoint that the arrows move. */
  const [vertex, setVertex] = useState<string | null>(null);
  const [here, setHere] = useState<Here | null>(null);
  const [linking, setLinking] = useState<Linking | null>(null);
  const keys = useMemo(() => [...selection], [selection]);
  const only = keys.length === 1 ? refOf(keys[0]) : null;
  const seen = useMemo(() => {
    const off = peeledOff(mission, peel);
    return without(mission, off.size === 0 ? hidden : new Set([...hidden, ...off]));
  }, [mission, hidden, peel]);
  const within = useMemo(() => without(seen, locked), [seen, locked]);
  /** What was let go, while it is asked whether it may stand there. */
  const [dropped, setDropped] = useState<Gesture | null>(null);
  const shown = useMemo(() => preview(seen, gesture ?? dropped), [seen, gesture, dropped]);

  const wish = useMemo(
    () => wishOf(mission, shown, tool, pointer, gesture),
    [mission, shown, tool, pointer, gesture],
  );
  const footing = useFooting(wish);

  const sheet = (): Sheet | null => {
    const handle = map();
    const c = document.createElement("canvas").getContext("2d");
    return handle && c ? { c, camera: handle.camera(), size: handle.size() } : null;
  };
  const scale = () => map()?.camera().scale ?? 1;
  const loose = () => keys.filter((name) => !locked.has(name));

  /** A point drawn to what it snaps to. */
  const snapped = (p: Position, from?: Position, except?: ReadonlySet<string>): Position => {
    const found = snapPoint(snap, mission, scale(), p, from, except);
    setGuides(found.east === undefined && found.north === undefined ? null : found);
    return found.at;
  };

  const place = async (raw: Position, force: boolean) => {
    if (!tool) return;
    const at = snapped(raw, points.at(-1));
    if (pointsOf(tool) > 0) {
      const last = points.at(-1);
      const again = last && Math.hypot(last.x - at.x, last.y - at.y) < 0.5;
      const next = again ? points : [...points, onGround(mission, at)];
      if (again || next.length === drawnBy(tool)?.most) finish(next);
      else setPoints(next);
      return;
    }
    if (tool.sets === "bundle") {
      const down = setDownBundle(open, tool, onGround(mission, at));
      tell(down.then((made) => select(made.filter(isPlaced))));
      return;
    }
    let to = at;
    if (isPerson(tool) && !force) {
      const answer = await askFooting(open.state.id, {
        kind: kindOf(mission, tool),
        level: levelWord(freshLevel(mission, at, peel)),
        ...onGround(mission, at),
      }).catch((): Footing => ({ why: "" }));
      if (answer.why && !(snap.on && snap.ground && answer.beside)) return;
      to = answer.beside ?? at;
    }
    if (tool.sets === "part") return;
    select(setDownAll(open, ground, tool, [to]));
    if ((tool.count ?? 1) > 1) pick(null);
    if (tool.sets === "starts" && Object.keys(open.state.mission.starts).length >= 4) pick(null);
  };

  /** Ends what is drawn point by point, if it has enough of them. */
  const finish = (drawn: Position[]) => {
    if (!tool || tool.sets === "bundle" || drawn.length < pointsOf(tool)) return;
    if (tool.sets === "part") addPart(open, tool, drawn);
    else select([setDown(open, ground, tool, drawn)]);
    setPoints([]);
    pick(null);
  };

  const measured = (p: Position) => {
    const at = onGround(mission, snapped(p, ruler?.at(-1)));
    measure(ruler?.length === 1 ? [ruler[0], at] : [at]);
  };

  const down = (p: MapPointer) => {
    const on = sheet();
    if (!on) return;
    pressed.current = { px: p.px, py: p.py, dragged: false };
    setVertex(null);
    if (tool) {
      void place(p, p.event.ctrlKey);
      setGesture(
        drawnBy(tool)?.framed && points.length === 0 ? { is: "span", px: p.px, py: p.py } : null,
      );
      return;
    }
    if (ruler) {
      measured(p);
      return;
    }
    const found = hits(on, pointing ? seen : within, p.px, p.py).map(({ ref }) => ref);
    if (pointing) {
      pointAt(found, p);
      return;
    }
    const linksFrom = only && linkHandleAt(on, seen, only, p);
    const grip = only && !locked.has(key(only)) && handleAt(on, seen, only, p);
    if (linksFrom && only) setGesture({ is: "link", name: key(only), to: { x: p.x, y: p.y } });
    else if (grip && only) setGesture(take(seen, grip, key(only)));
    else if (found.length === 0 || asksWhy(found.map(key))) {
      setGesture({ is: "frame", px: p.px, py: p.py, toPx: p.px, toPy: p.py });
    } else press(p, found.map(key));
  };

  const pointAt = (found: Ref[], p: MapPointer) => {
    if (!pointing) return;
    const ref = found.find(({ family }) => pointing.families.includes(family));
    if (ref) pointing.take({ ref });
    else if (pointing.points) {
      pointing.take({ place: { type: "point", position: onGround(mission, p) } });
    } else return;
    point(null);
  };

  /** Whether a press asks about a place: a reach is shown, and it is not whoever's reach it is. */
  const asksWhy = (found: string[]) => {
    const { reach } = useDesk.getState();
    return reach !== null && !found.includes(reach);
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

  /** How far what is held has been dragged, drawn to what it snaps to. */
  const dragOf = (from: { x: number; y: number }, p: Position, held: string[]) => {
    const first = held[0] && placeOf(mission, refOf(held[0]));
    if (!first || !snap.on) return { dx: p.x - from.x, dy: p.y - from.y };
    const wanted = { x: first.x + p.x - from.x, y: first.y + p.y - from.y };
    const at = snapped(wanted, undefined, new Set(held));
    return { dx: at.x - first.x, dy: at.y - first.y };
  };

  const moved = (p: MapPointer) => {
    setPointer({ x: p.x, y: p.y });
    pressed.current.dragged = true;
    if (gesture) setGesture(draggedTo(gesture, p));
    else if (tool || ruler?.length === 1) snapped(p, points.at(-1) ?? ruler?.[0]);
  };

  /** What becomes of a gesture when the pointer is dragged to a place. */
  const draggedTo = (from: Gesture, p: MapPointer): Gesture => {
    const copies = p.event.ctrlKey;
    if (from.is === "press") {
      if (Math.hypot(p.px - from.px, p.py - from.py) <= DRAG) return from;
      const held = [...useDesk.getState().selection].filter((name) => !locked.has(name));
      if (held.length === 0) return from;
      return draggedTo({ is: "move", x: from.x, y: from.y, dx: 0, dy: 0, keys: held, copies }, p);
    }
    if (from.is === "move") return { ...from, ...dragOf(from, p, from.keys), copies };
    if (from.is === "link") return { ...from, to: { x: p.x, y: p.y } };
    if (from.is === "frame") return { ...from, toPx: p.px, toPy: p.py };
    if (!changes(from)) return from;
    const drawn =
      from.is === "vertex" || from.is === "part" ? snapped(p, undefined, new Set([from.name])) : p;
    const next = dragged(mission, from, drawn, p.event.shiftKey);
    return next.is === "turn" ? { ...next, bearing: snapBearing(snap, next.bearing) % 360 } : next;
  };

  /** Where the pointer is let go: what counts is that place, not the last one that it was seen at. */
  const released = (p: MapPointer) => {
    if (!gesture) return;
    const { px, py, dragged: went } = pressed.current;
    const still = !went && Math.hypot(p.px - px, p.py - py) <= DRAG;
    const end = still ? gesture : draggedTo(gesture, p);
    setGesture(null);
    setGuides(null);
    if (end.is === "span") {
      // A frame may be dragged in one go, or set by a click on each of two corners.
      if (Math.hypot(p.px - end.px, p.py - end.py) > DRAG) void place(p, false);
    } else if (end.is === "press") {
      if (end.was) click(end.keys);
    } else if (end.is === "move") {
      void drop(end);
    } else if (end.is === "link") {
      linkTo(end.name, p);
    } else if (changes(end)) {
      if (end.is === "vertex" && !end.moved) setVertex(end.id);
      else open.edit(labelOf(mission, end), (draft) => perform(draft, end));
    } else if (useDesk.getState().reach && Math.hypot(p.px - end.px, p.py - end.py) <= DRAG) {
      useDesk.getState().askWhy(onGround(mission, p));
    } else {
      const inside = framed(sheet(), within, end);
      select(p.event.shiftKey ? [...keys, ...inside] : inside);
    }
  };

  /** A click on what is selected already: the next of those that lie here, or it alone. */
  const click = (found: string[]) => {
    const at = found.findIndex((name) => selection.has(name));
    select([found.length > 1 ? found[(at + 1) % found.length] : found[0]]);
  };

  /** Sets down what was dragged where it was let go, unless somebody could not stand there. */
  const drop = async (end: Extract<Gesture, { is: "move" }>) => {
    const { keys: held, dx, dy, copies } = end;
    const put = () => (copies ? select(duplicate(open, held, dx, dy)) : move(open, held, dx, dy));
    const asked = copies ? null : wishOf(mission, preview(seen, end), null, null, end);
    if (!asked) {
      put();
      return;
    }
    setDropped(end);
    const { why } = await askFooting(open.state.id, asked).catch((): Footing => ({ why: "" }));
    setDropped(null);
    if (!why) put();
    else {
      toast(`${nameOf(mission, refOf(held[0]))} was not moved. ${why}`, {
        action: { label: "Move it all the same", onClick: put },
        duration: 8000,
      });
    }
  };

  const linkTo = (from: string, p: MapPointer) => {
    const on = sheet();
    const to = on && hits(on, seen, p.px, p.py).find(({ ref }) => key(ref) !== from);
    if (!to) return;
    setLinking({ from, to: key(to.ref), left: p.event.clientX, top: p.event.clientY });
  };

  /** Lists what lies at a pixel of the map, in a menu at a pixel of the page. */
  const listAt = (px: number, py: number, left: number, top: number) => {
    const on = sheet();
    if (!on || tool || pointing) return;
    const names = hits(on, seen, px, py).map(({ ref }) => key(ref));
    setHere(names.length > 0 ? { names, left, top } : null);
  };

  const list = (p: MapPointer) => listAt(p.px, p.py, p.event.clientX, p.event.clientY);

  /** Lists what lies where the selected thing does. */
  const listHere = (box: DOMRect) => {
    const on = sheet();
    const at = only ? placeOf(mission, only) : pointer;
    if (!on || !at) return;
    const [px, py] = toScreen(on.camera, on.size, at.x, at.y);
    listAt(px, py, box.left + px, box.top + py);
  };

  const cancel = () => {
    setGuides(null);
    if (gesture) setGesture(null);
    else if (points.length > 0) setPoints([]);
    else if (vertex) setVertex(null);
    else if (tool) pick(null);
    else if (useDesk.getState().brush) useDesk.getState().setBrush(null);
    else if (pointing) point(null);
    else if (ruler) measure(null);
    else select([]);
  };

  return {
    open,
    mission,
    seen,
    within,
    shown,
    keys,
    loose,
    only,
    pointer,
    setPointer,
    gesture,
    setGesture,
    points,
    setPoints,
    guides,
    vertex,
    setVertex,
    here,
    setHere,
    linking,
    setLinking,
    footing,
    place,
    finish,
    measured,
    down,
    moved,
    released,
    list,
    listHere,
    cancel,
    leave: () => {
      if (!gesture) {
        setPointer(null);
        setGuides(null);
      }
    },
  };
}

/** The hand on the map. */
export type Hands = ReturnType<typeof useHands>;

/** Whom and where to ask about, while somebody is set down or moved. */
function wishOf(
  mission: Mission,
  shown: Mission,
  tool: ReturnType<typeof useDesk.getState>["tool"],
  pointer: Position | null,
  gesture: Gesture | null,
): Wish | null {
  if (tool && isPerson(tool) && pointer) {
    const level = levelWord(freshLevel(mission, pointer, useDesk.getState().peel));
    return { kind: kindOf(mission, tool), level, ...onGround(mission, pointer) };
  }
  if (gesture?.is !== "move" || gesture.keys.length !== 1) return null;
  const ref = refOf(gesture.keys[0]);
  const thing = standing(shown, ref)?.thing;
  if (!thing) return null;
  const query = `${ref.family === "units" ? "unit" : "start"}=${ref.id}`;
  const level = levelWord(thing.level);
  return { kind: thing.kind.id, level, ...thing.position, except: gesture.copies ? "" : query };
}

/** A level as it is asked about. */
function levelWord(level: Level): string {
  if (level.type === "deck") return level.deck.id;
  return level.type === "storey" ? `${level.building.id}/${level.storey}` : level.type;
}

/** The gesture that begins when a handle is taken hold of. */
function take(mission: Mission, grip: Grip, name: string): Gesture {
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
    case "part":
      return { is: "part", name, path: grip.path, at: grip.at };
    case "insert":
      return { is: "vertex", name, id: newId(), after: grip.after, at: grip.at, moved: true };
  }
}
