import { toast } from "sonner";
import { createStore } from "zustand/vanilla";
import { tell } from "../bundles/CopyFields";
import { setDownBundle } from "../bundles/work";
import { duplicate, labelOf, move, setDown, setDownAll } from "../deeds/deeds";
import { kindOf } from "../deeds/fresh";
import {
  bearingOf,
  changes,
  dragged,
  type Gesture,
  perform,
  preview,
  touched,
} from "../deeds/gesture";
import { addPart } from "../deeds/parts";
import { drawnBy, isPerson, pointsOf, useDesk } from "../desk/desk";
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
import { once } from "../document/once";
import type { Ground } from "../document/raster";
import { onGround } from "../document/shapes";
import type { OpenMission } from "../document/store";
import { sure } from "../document/sure";
import { freshLevel, type Level } from "../document/surfaces";
import { type MapHandle, toScreen } from "../drawing/camera";
import type { Sheet } from "../drawing/sheet";
import { uprightOf } from "../families/stacks";
import type { MapPointer } from "../map/MapCanvas";
import { hits } from "../map/paint";
import { without } from "../things/contents";
import { geometryOf, isPlaced, placeOf } from "../things/geometry";
import { peeledOff } from "../things/levels";
import type { Course } from "./course/useCourse";
import { askFooting, type Footing, GOOD, type Wish } from "./footing";
import { framed, type Grip, handleAt, linkHandleAt } from "./overlay";
import { type Snapped, snapBearing, snapPoint } from "./snap";

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

const NOTHING: ReadonlySet<string> = new Set();

/** How far the pointer goes before a press is a drag, pixels. */
const DRAG = 3;

/** What the hands on the map hold and do at the moment; nothing of it is part of the mission. */
export interface Held {
  pointer: Position | null;
  /** Whether keys have put the pointer where it is: it is shown then, and told to an ear. */
  byKeys: boolean;
  gesture: Gesture | null;
  /** What was let go, while it is asked whether it may stand there. */
  dropped: Gesture | null;
  /** What is being drawn point by point. */
  points: Position[];
  guides: Snapped | null;
  /** The corner or waypoint that the arrows move. */
  vertex: string | null;
  here: Here | null;
  /** Whether it is being typed where what is in hand goes. */
  typing: boolean;
  linking: Linking | null;
  /** Whether somebody could stand where they are held. */
  footing: Footing;
  /** How somebody would go along the route that is drawn or selected. */
  course: Course | undefined;
}

/**
 * The hands on the map: what they hold, and what becomes of a press, a drag, a key. They stand
 * outside React, so that a move of the pointer draws the map and renders nothing.
 */
export class Hands {
  readonly store = createStore<Held>(() => ({
    pointer: null,
    byKeys: false,
    gesture: null,
    dropped: null,
    points: [],
    guides: null,
    vertex: null,
    here: null,
    typing: false,
    linking: null,
    footing: GOOD,
    course: undefined,
  }));

  /** Where the pointer was pressed, and whether it has moved since. */
  private pressed = { px: 0, py: 0, dragged: false };

  constructor(
    readonly open: OpenMission,
    private readonly ground: () => Ground,
    private readonly map: () => MapHandle | null,
  ) {}

  private readonly seenOf = once(
    (mission: Mission, hidden: ReadonlySet<string>, peel: number | null) => {
      const off = peeledOff(mission, peel);
      return without(mission, off.size === 0 ? hidden : new Set([...hidden, ...off]));
    },
  );

  private readonly withinOf = once(without);
  private readonly shownOf = once(preview);
  private readonly keysOf = once((selection: ReadonlySet<string>) => [...selection]);

  get held(): Held {
    return this.store.getState();
  }

  get mission(): Mission {
    return this.open.state.mission;
  }

  /** The mission without what is hidden or lies above what is looked at. */
  get seen(): Mission {
    const { hidden, peel } = useDesk.getState();
    return this.seenOf(this.mission, hidden, peel);
  }

  /** What can be taken hold of. */
  get within(): Mission {
    return this.withinOf(this.seen, useDesk.getState().locked);
  }

  /** The mission as it will be once the gesture that goes on has ended. */
  get shown(): Mission {
    const { gesture, dropped } = this.held;
    return this.shownOf(this.seen, gesture ?? dropped);
  }

  get keys(): string[] {
    return this.keysOf(useDesk.getState().selection);
  }

  /** The one thing that is selected; nothing where none or several are. */
  get only(): Ref | null {
    const { keys } = this;
    return keys.length === 1 ? refOf(sure(keys, 0)) : null;
  }

  private moves: ReadonlySet<string> = NOTHING;

  /** The keys of what a gesture moves or changes; the same set for as long as it goes on. */
  get touches(): ReadonlySet<string> {
    const { gesture } = this.held;
    if (!changes(gesture)) this.moves = NOTHING;
    else if (this.moves === NOTHING) this.moves = new Set(touched(this.mission, gesture).map(key));
    return this.moves;
  }

  /** Whom and where to ask about, while somebody is set down or moved. */
  get wish(): Wish | null {
    const { pointer, gesture } = this.held;
    const { tool } = useDesk.getState();
    if (tool && isPerson(tool) && pointer) {
      const level = levelWord(freshLevel(this.mission, pointer, useDesk.getState().peel));
      return { kind: kindOf(this.mission, tool), level, ...onGround(this.mission, pointer) };
    }
    return wishOfMove(this.shown, gesture);
  }

  set(held: Partial<Held>): void {
    this.store.setState(held);
  }

  private sheet(): Sheet | null {
    const handle = this.map();
    const c = document.createElement("canvas").getContext("2d");
    return handle && c ? { c, camera: handle.camera(), size: handle.size() } : null;
  }

  /** The keys of what is selected and not locked. */
  loose(): string[] {
    const { locked } = useDesk.getState();
    return this.keys.filter((name) => !locked.has(name));
  }

  /** A point drawn to what it snaps to. */
  private snapped(p: Position, from?: Position, except?: ReadonlySet<string>): Position {
    const scale = this.map()?.camera().scale ?? 1;
    const found = snapPoint(useDesk.getState().snap, this.mission, scale, p, from, except);
    this.set({ guides: found.east === undefined && found.north === undefined ? null : found });
    return found.at;
  }

  /** Sets down what is in hand at a point, or draws the next point of it. */
  async place(raw: Position, force: boolean): Promise<void> {
    const { tool, pick, select, snap, peel } = useDesk.getState();
    if (!tool) return;
    const { open, mission } = this;
    const { points } = this.held;
    const at = this.snapped(raw, points.at(-1));
    if (pointsOf(tool) > 0) {
      const last = points.at(-1);
      const again = last && Math.hypot(last.x - at.x, last.y - at.y) < 0.5;
      const next = again ? points : [...points, onGround(mission, at)];
      if (again || next.length === drawnBy(tool)?.most) this.finish(next);
      else this.set({ points: next });
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
      }).catch((): Footing => GOOD);
      if (answer.why && !(snap.on && snap.ground && answer.beside)) return;
      to = answer.beside ?? at;
    }
    if (tool.sets === "part") return;
    select(setDownAll(open, this.ground(), tool, [to]));
    if ((tool.count ?? 1) > 1) pick(null);
    if (tool.sets === "starts" && Object.keys(open.state.mission.starts).length >= 4) pick(null);
  }

  /** Ends what is drawn point by point, if it has enough of them. */
  finish(drawn: Position[]): void {
    const { tool, pick, select } = useDesk.getState();
    if (!tool || tool.sets === "bundle" || drawn.length < pointsOf(tool)) return;
    const [first, ...others] = drawn;
    if (tool.sets === "part") addPart(this.open, tool, drawn);
    else if (first) select([setDown(this.open, this.ground(), tool, [first, ...others])]);
    this.set({ points: [] });
    pick(null);
  }

  /** Keys put the pointer at a point. */
  pointTo(at: Position): void {
    const { tool, ruler } = useDesk.getState();
    this.set({ pointer: onGround(this.mission, at), byKeys: true });
    const from = this.held.points.at(-1) ?? ruler?.[0];
    if (tool || ruler?.length === 1) this.snapped(at, from);
  }

  /** Does what a click does at a point, with what is in hand. */
  clickAt(at: Position, force: boolean): void {
    const { tool, ruler, pointing } = useDesk.getState();
    if (tool) void this.place(at, force);
    else if (ruler) this.measured(at);
    else if (pointing) this.pointAt(this.lyingAt(at), at);
  }

  /** What lies at a point, nearest on top first. */
  lyingAt({ x, y }: Position): Ref[] {
    const on = this.sheet();
    if (!on) return [];
    const [px, py] = toScreen(on.camera, on.size, x, y);
    return hits(on, this.seen, px, py).map(({ ref }) => ref);
  }

  /** Puts an end of the ruler at a point. */
  measured(p: Position): void {
    const { ruler, measure } = useDesk.getState();
    const at = onGround(this.mission, this.snapped(p, ruler?.at(-1)));
    measure(ruler?.length === 1 ? [sure(ruler, 0), at] : [at]);
  }

  /** The left button was pressed. */
  readonly down = (p: MapPointer): void => {
    const on = this.sheet();
    if (!on) return;
    const { tool, ruler, pointing, locked } = useDesk.getState();
    this.pressed = { px: p.px, py: p.py, dragged: false };
    this.set({ vertex: null });
    if (tool) {
      const spans = drawnBy(tool)?.framed && this.held.points.length === 0;
      void this.place(p, p.event.ctrlKey);
      this.set({ gesture: spans ? { is: "span", px: p.px, py: p.py } : null });
      return;
    }
    if (ruler) {
      this.measured(p);
      return;
    }
    const found = hits(on, pointing ? this.seen : this.within, p.px, p.py).map(({ ref }) => ref);
    if (pointing) {
      this.pointAt(found, p);
      return;
    }
    const { only, seen } = this;
    const linksFrom = only && linkHandleAt(on, seen, only, p);
    const grip = only && !locked.has(key(only)) && handleAt(on, seen, only, p);
    if (linksFrom && only) {
      this.set({ gesture: { is: "link", name: key(only), to: { x: p.x, y: p.y } } });
    } else if (grip && only) this.set({ gesture: take(seen, grip, key(only)) });
    else if (found.length === 0 || asksWhy(found.map(key))) {
      this.set({ gesture: { is: "frame", px: p.px, py: p.py, toPx: p.px, toPy: p.py } });
    } else this.press(p, found.map(key));
  };

  private pointAt(found: Ref[], p: Position): void {
    const { pointing, point } = useDesk.getState();
    if (!pointing) return;
    const ref = found.find(({ family }) => pointing.families.includes(family));
    if (ref) pointing.take({ ref });
    else if (pointing.points) {
      const position = onGround(this.mission, { x: p.x, y: p.y });
      pointing.take({ place: { type: "point", position } });
    } else return;
    point(null);
  }

  private press(p: MapPointer, found: string[]): void {
    const { selection, select } = useDesk.getState();
    const held = found.find((name) => selection.has(name));
    const add = p.event.shiftKey;
    const was = held !== undefined && !add;
    if (!was) {
      const name = sure(found, 0);
      if (!add) select([name]);
      else if (selection.has(name)) select(this.keys.filter((it) => it !== name));
      else select([...this.keys, name]);
    }
    const { px, py, x, y } = p;
    this.set({ gesture: { is: "press", px, py, x, y, keys: found, was } });
  }

  /** How far what is held has been dragged, drawn to what it snaps to. */
  private dragOf(from: { x: number; y: number }, p: Position, held: string[]) {
    const first = held[0] && placeOf(this.mission, refOf(held[0]));
    if (!first || !useDesk.getState().snap.on) return { dx: p.x - from.x, dy: p.y - from.y };
    const wanted = { x: first.x + p.x - from.x, y: first.y + p.y - from.y };
    const at = this.snapped(wanted, undefined, new Set(held));
    return { dx: at.x - first.x, dy: at.y - first.y };
  }

  /** The pointer has moved. */
  readonly moved = (p: MapPointer): void => {
    const { tool, ruler } = useDesk.getState();
    const { gesture, points } = this.held;
    this.pressed.dragged = true;
    this.set({ pointer: { x: p.x, y: p.y }, byKeys: false });
    if (gesture) this.set({ gesture: this.draggedTo(gesture, p) });
    else if (tool || ruler?.length === 1) this.snapped(p, points.at(-1) ?? ruler?.[0]);
  };

  /** What becomes of a gesture when the pointer is dragged to a place. */
  private draggedTo(from: Gesture, p: MapPointer): Gesture {
    const { selection, locked, snap } = useDesk.getState();
    const copies = p.event.ctrlKey;
    if (from.is === "press") {
      if (Math.hypot(p.px - from.px, p.py - from.py) <= DRAG) return from;
      const held = [...selection].filter((name) => !locked.has(name));
      if (held.length === 0) return from;
      const { x, y } = from;
      return this.draggedTo({ is: "move", x, y, dx: 0, dy: 0, keys: held, copies }, p);
    }
    if (from.is === "move") return { ...from, ...this.dragOf(from, p, from.keys), copies };
    if (from.is === "link") return { ...from, to: { x: p.x, y: p.y } };
    if (from.is === "frame") return { ...from, toPx: p.px, toPy: p.py };
    if (!changes(from)) return from;
    const draws = from.is === "vertex" || from.is === "part";
    const drawn = draws ? this.snapped(p, undefined, new Set([from.name])) : p;
    const next = dragged(this.mission, from, drawn, p.event.shiftKey);
    return next.is === "turn" ? { ...next, bearing: snapBearing(snap, next.bearing) % 360 } : next;
  }

  /** The pointer is let go: what counts is that place, not the last one that it was seen at. */
  readonly released = (p: MapPointer): void => {
    const { gesture } = this.held;
    if (!gesture) return;
    const { px, py, dragged: went } = this.pressed;
    const still = !went && Math.hypot(p.px - px, p.py - py) <= DRAG;
    const end = still ? gesture : this.draggedTo(gesture, p);
    this.set({ gesture: null, guides: null });
    if (end.is === "span") {
      // A frame may be dragged in one go, or set by a click on each of two corners.
      if (Math.hypot(p.px - end.px, p.py - end.py) > DRAG) void this.place(p, false);
    } else if (end.is === "press") {
      if (end.was) this.click(end.keys);
    } else if (end.is === "move") {
      void this.drop(end);
    } else if (end.is === "link") {
      this.linkTo(end.name, p);
    } else if (changes(end)) {
      if (end.is === "vertex" && !end.moved) this.set({ vertex: end.id });
      else this.open.edit(labelOf(this.mission, end), (draft) => perform(draft, end));
    } else this.frame(end, p);
  };

  /** What lies in a frame is selected; a click on bare ground may ask about it. */
  private frame(end: Extract<Gesture, { is: "frame" }>, p: MapPointer): void {
    const { reach, askWhy, select } = useDesk.getState();
    if (reach && Math.hypot(p.px - end.px, p.py - end.py) <= DRAG) {
      askWhy(onGround(this.mission, p));
      return;
    }
    const inside = framed(this.sheet(), this.within, end);
    select(p.event.shiftKey ? [...this.keys, ...inside] : inside);
  }

  /** A click on what is selected already: the next of those that lie here, or it alone. */
  private click(found: string[]): void {
    const { selection, select } = useDesk.getState();
    const at = found.findIndex((name) => selection.has(name));
    select([found.length > 1 ? sure(found, (at + 1) % found.length) : sure(found, 0)]);
  }

  /** Sets down what was dragged where it was let go, unless somebody could not stand there. */
  private async drop(end: Extract<Gesture, { is: "move" }>): Promise<void> {
    const { open } = this;
    const { select } = useDesk.getState();
    const { keys: held, dx, dy, copies } = end;
    const put = () => (copies ? select(duplicate(open, held, dx, dy)) : move(open, held, dx, dy));
    const asked = copies ? null : wishOfMove(preview(this.seen, end), end);
    if (!asked) {
      put();
      return;
    }
    this.set({ dropped: end });
    const { why } = await askFooting(open.state.id, asked).catch((): Footing => GOOD);
    this.set({ dropped: null });
    if (!why) put();
    else {
      toast(`${nameOf(this.mission, refOf(sure(held, 0)))} was not moved. ${why}`, {
        action: { label: "Move it all the same", onClick: put },
        duration: 8000,
      });
    }
  }

  private linkTo(from: string, p: MapPointer): void {
    const on = this.sheet();
    const to = on && hits(on, this.seen, p.px, p.py).find(({ ref }) => key(ref) !== from);
    if (!to) return;
    const { clientX: left, clientY: top } = p.event;
    this.set({ linking: { from, to: key(to.ref), left, top } });
  }

  /** Lists what lies at a pixel of the map, in a menu at a pixel of the page. */
  private listAt(px: number, py: number, left: number, top: number): void {
    const on = this.sheet();
    const { tool, pointing } = useDesk.getState();
    if (!on || tool || pointing) return;
    const names = hits(on, this.seen, px, py).map(({ ref }) => key(ref));
    this.set({ here: names.length > 0 ? { names, left, top } : null });
  }

  /** Lists what lies under the pointer. */
  readonly list = (p: MapPointer): void => {
    this.listAt(p.px, p.py, p.event.clientX, p.event.clientY);
  };

  /** Lists what lies where the selected thing does. */
  listHere(box: DOMRect): void {
    const on = this.sheet();
    const { only } = this;
    const at = only ? placeOf(this.mission, only) : this.held.pointer;
    if (!on || !at) return;
    const [px, py] = toScreen(on.camera, on.size, at.x, at.y);
    this.listAt(px, py, box.left + px, box.top + py);
  }

  /** Gives up what goes on, the latest first. */
  readonly cancel = (): void => {
    const { gesture, points, vertex } = this.held;
    const desk = useDesk.getState();
    this.set({ guides: null });
    if (gesture) this.set({ gesture: null });
    else if (points.length > 0) this.set({ points: [] });
    else if (vertex) this.set({ vertex: null });
    else if (desk.tool) desk.pick(null);
    else if (desk.brush) desk.setBrush(null);
    else if (desk.pointing) desk.point(null);
    else if (desk.ruler) desk.measure(null);
    else desk.select([]);
  };

  /** The pointer has left the map. */
  readonly leave = (): void => {
    if (!this.held.gesture) this.set({ pointer: null, guides: null });
  };
}

/** Whether a press asks about a place: a reach is shown, and it is not whose reach it is. */
function asksWhy(found: string[]): boolean {
  const { reach } = useDesk.getState();
  return reach !== null && !found.includes(reach);
}

/** Whom and where to ask about, while one person is moved. */
function wishOfMove(shown: Mission, gesture: Gesture | null): Wish | null {
  if (gesture?.is !== "move" || gesture.keys.length !== 1) return null;
  const ref = refOf(sure(gesture.keys, 0));
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
    case "scale": {
      const scale = uprightOf(mission, refOf(name))?.scale ?? 1;
      return { is: "scale", name, scale, per: grip.per };
    }
    case "vertex":
      return { is: "vertex", name, id: grip.id, after: null, at: grip.at, moved: false };
    case "part":
      return { is: "part", name, path: grip.path, at: grip.at };
    case "insert":
      return { is: "vertex", name, id: newId(), after: grip.after, at: grip.at, moved: true };
  }
}
