import { isDraft, original } from "immer";
import { single } from "../document/membership";
import {
  type Mission,
  ordered,
  type Position,
  type Ref,
  refOf,
  safeBetween,
} from "../document/mission";
import { onGround, wholeBearing } from "../document/shapes";
import { insertWaypoint, waypointsOf } from "../document/strands";
import { sure } from "../document/sure";
import { withLines } from "../families/conveyor";
import { WAYPOINT } from "../families/routes";
import { restack, uprightOf, withStacks } from "../families/stacks";
import {
  facingThing,
  geometryOf,
  isSpan,
  moveThings,
  placeOf,
  sizedIn,
  verticesIn,
} from "../things/geometry";
import { putPart } from "./parts";

/** What the hand is doing on the map between press and release. */
export type Gesture =
  | { is: "press"; px: number; py: number; x: number; y: number; keys: string[]; was: boolean }
  | { is: "move"; x: number; y: number; dx: number; dy: number; keys: string[]; copies: boolean }
  | { is: "turn"; name: string; bearing: number }
  | { is: "resize"; name: string; radius: number }
  | { is: "reshape"; name: string; width: number; depth: number }
  | { is: "scale"; name: string; scale: number; per: number }
  | {
      is: "vertex";
      name: string;
      id: string;
      after: [string, string] | null;
      at: Position;
      moved: boolean;
    }
  | { is: "part"; name: string; path: string[]; at: Position }
  | { is: "link"; name: string; to: Position }
  | { is: "span"; px: number; py: number }
  | { is: "frame"; px: number; py: number; toPx: number; toPy: number };

/** A gesture that changes the mission. */
export type Change = Extract<
  Gesture,
  | { is: "move" }
  | { is: "turn" }
  | { is: "resize" }
  | { is: "reshape" }
  | { is: "scale" }
  | { is: "vertex" }
  | { is: "part" }
>;

/** Whether a gesture changes the mission. */
export function changes(gesture: Gesture | null): gesture is Change {
  return gesture !== null && !["press", "frame", "link", "span"].includes(gesture.is);
}

/** Does to a draft of the mission what a gesture does. */
export function perform(draft: Mission, gesture: Change): void {
  switch (gesture.is) {
    case "move":
      carry(draft, gesture.keys.map(refOf), gesture.dx, gesture.dy);
      break;
    case "turn":
      turnTo(draft, refOf(gesture.name), gesture.bearing);
      break;
    case "scale": {
      const thing = uprightOf(draft, refOf(gesture.name));
      if (thing) thing.scale = gesture.scale;
      break;
    }
    case "vertex":
      putVertex(draft, gesture);
      break;
    case "part":
      putPart(draft, refOf(gesture.name), gesture.path, gesture.at);
      break;
    default:
      size(draft, gesture);
  }
}

/** Things with all that comes along as they are moved: what stands on them, and their lines. */
function along(mission: Mission, refs: Ref[]): Ref[] {
  return withStacks(mission, withLines(mission, refs));
}

/** Moves things with what stands on them; what is dropped on another stands on it. */
export function carry(draft: Mission, refs: Ref[], dx: number, dy: number): void {
  const before = isDraft(draft) ? (original(draft) ?? draft) : draft;
  const all = along(before, refs);
  moveThings(draft, all, dx, dy);
  restack(before, draft, all);
}

function size(draft: Mission, gesture: Extract<Change, { is: "resize" | "reshape" }>): void {
  const sized = sizedIn(draft, refOf(gesture.name));
  if (gesture.is === "resize") {
    if (sized?.radius !== undefined) sized.radius = gesture.radius;
  } else if (sized?.width !== undefined) {
    sized.width = gesture.width;
    sized.depth = gesture.depth;
  }
}

/** Turns a thing to a bearing. */
export function turnTo(draft: Mission, ref: Ref, bearing: number): void {
  const facing = facingThing(draft, ref);
  const sized = sizedIn(draft, ref);
  if (facing) facing.facing = wholeBearing(bearing);
  else if (sized?.bearing !== undefined) {
    turnPushes(draft, ref, bearing - sized.bearing);
    sized.bearing = wholeBearing(bearing);
  }
}

/** What a zone pushes toward turns with it, by degrees clockwise. */
export function turnPushes(draft: Mission, { family, id }: Ref, degrees: number): void {
  if (family !== "zones") return;
  for (const { work } of Object.values(draft.zones[id]?.does ?? {})) {
    if (work.type === "pushes") work.bearing = wholeBearing(work.bearing + degrees);
  }
}

/** The bearing that a thing faces; nothing for what cannot be turned. */
export function bearingOf(mission: Mission, ref: Ref): number | undefined {
  const geometry = geometryOf(mission, ref);
  if (geometry?.is === "point") return geometry.facing;
  return geometry?.is === "box" && !geometry.upright ? geometry.bearing : undefined;
}

function putVertex(draft: Mission, { name, id, after, at }: Extract<Change, { is: "vertex" }>) {
  const ref = refOf(name);
  const position = onGround(draft, at);
  const span = isSpan(ref.family) ? draft[ref.family][ref.id] : undefined;
  if (span && (id === "from" || id === "to")) span[id] = position;
  const parts = verticesIn(draft, ref);
  if (!parts) return;
  if (parts[id]) {
    parts[id].position = position;
  } else if (after !== null) {
    const [from, to] = after;
    const waypoints = waypointsOf(draft, ref.family, ref.id);
    if (waypoints) {
      insertWaypoint(waypoints, id, from, to, position, structuredClone(WAYPOINT));
    } else {
      const line = ordered(parts);
      const index = line.findIndex(([it]) => it === from);
      const order = safeBetween(sure(line, index)[1].order, line[index + 1]?.[1].order ?? null);
      parts[id] = { order, position };
    }
  }
}

/** The mission as it looks while a gesture goes on; what it does not touch is the same. */
export function preview(mission: Mission, gesture: Gesture | null): Mission {
  if (!changes(gesture)) return mission;
  const shown = { ...mission };
  const fresh = new Set<string>();
  for (const { family, id } of touched(mission, gesture)) {
    if (!fresh.has(family)) {
      fresh.add(family);
      Object.assign(shown, { [family]: { ...(mission[family] as object) } });
    }
    const things = shown[family] as unknown as Record<string, object>;
    if (things[id]) things[id] = structuredClone(things[id]);
  }
  perform(shown, gesture);
  return shown;
}

/** The things that a gesture changes. */
export function touched(mission: Mission, gesture: Change): Ref[] {
  if (gesture.is !== "move") return [refOf(gesture.name)];
  return along(mission, gesture.keys.map(refOf)).flatMap((ref) => single(mission, ref));
}

/** Turning by the wheel, or with Shift held, goes by this many degrees. */
export const TURN_STEP = 15;

/** A gesture as the pointer has dragged it on. */
export function dragged(mission: Mission, gesture: Change, p: Position, coarse: boolean): Change {
  switch (gesture.is) {
    case "turn": {
      const at = placeOf(mission, refOf(gesture.name));
      if (!at) return gesture;
      const bearing = (Math.atan2(p.x - at.x, p.y - at.y) * 180) / Math.PI;
      const step = coarse ? TURN_STEP : 1;
      return { ...gesture, bearing: wholeBearing(Math.round(bearing / step) * step) };
    }
    case "resize": {
      const at = placeOf(mission, refOf(gesture.name));
      const radius = at ? Math.hypot(p.x - at.x, p.y - at.y) : gesture.radius;
      return { ...gesture, radius: Math.max(0.5, Math.round(radius * 2) / 2) };
    }
    case "reshape": {
      const box = geometryOf(mission, refOf(gesture.name));
      if (box?.is !== "box") return gesture;
      const turn = (box.bearing * Math.PI) / 180;
      const [dx, dy] = [p.x - box.centre.x, p.y - box.centre.y];
      const across = Math.abs(dx * Math.cos(turn) - dy * Math.sin(turn));
      const along = Math.abs(dx * Math.sin(turn) + dy * Math.cos(turn));
      const size = (half: number) => Math.max(0.5, Math.round(half * 4) / 2);
      return { ...gesture, width: size(across), depth: size(along) };
    }
    case "scale": {
      const at = placeOf(mission, refOf(gesture.name));
      const scale = at ? Math.hypot(p.x - at.x, p.y - at.y) / gesture.per : gesture.scale;
      return { ...gesture, scale: Math.max(0.1, Math.min(10, Math.round(scale * 20) / 20)) };
    }
    case "vertex":
      return { ...gesture, at: { x: p.x, y: p.y }, moved: true };
    case "part":
      return { ...gesture, at: { x: p.x, y: p.y } };
    default:
      return gesture;
  }
}
