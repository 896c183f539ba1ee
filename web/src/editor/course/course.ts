import type { Tool } from "../../desk/desk";
import { type Mission, ordered, type Position, type Ref, type Route } from "../../document/mission";
import { stretchesOf } from "../../document/shapes";
import { sure } from "../../document/sure";
import { WAYPOINT } from "../../families/routes";
import { geometryOf } from "../../things/geometry";

/** A leg of a route as somebody would go along it. */
export interface Leg {
  reached: boolean;
  /** How long it takes; 0 where it cannot be gone. */
  seconds: number;
  way: Position[];
  farthest: Position;
  /** Why it cannot be gone. */
  says: string;
}

/** What is asked of the server: stops, and legs from one to another by their numbers. */
export interface Wish {
  route: string;
  stops: { position: Position; height: Route["waypoints"][string]["height"]; speed: unknown }[];
  legs: [number, number][];
}

/** The legs of a route that is there, as it lies by now; nothing for one without legs. */
export function wishOf(shown: Mission, ref: Ref): Wish | undefined {
  const geometry = ref.family === "routes" ? geometryOf(shown, ref) : undefined;
  if (!geometry) return undefined;
  const stops = ordered(sure(shown.routes, ref.id).waypoints).map(([, it]) => ({
    position: it.position,
    height: it.height,
    speed: it.speed,
  }));
  const legs = stretchesOf(geometry).map(([, , a, b]): [number, number] => [a, b]);
  return legs.length > 0 ? { route: ref.id, stops, legs } : undefined;
}

/** The legs of a route that is being drawn, the last of them to the pointer. */
export function wishDrawn(
  tool: Tool | null,
  points: Position[],
  pointer: Position | null,
): Wish | undefined {
  if (tool?.sets !== "routes" || points.length === 0) return undefined;
  const at = pointer ? [...points, pointer] : points;
  const stops = at.map((position) => ({
    position: { x: Math.round(position.x * 10) / 10, y: Math.round(position.y * 10) / 10 },
    height: WAYPOINT.height,
    speed: WAYPOINT.speed,
  }));
  const legs = at.slice(1).map((_, i): [number, number] => [i, i + 1]);
  return legs.length > 0 ? { route: "", stops, legs } : undefined;
}

/** Seconds as minutes and seconds. */
export function minutes(seconds: number): string {
  const whole = Math.round(seconds);
  return `${Math.floor(whole / 60)}:${String(whole % 60).padStart(2, "0")}`;
}

/** Whether a way leads elsewhere than straight from one stop to the next. */
export function turns(way: Position[]): boolean {
  return way.length > 2;
}

/** A point half way along a line of corners. */
export function middleOf(way: Position[]): Position {
  const lengths = way
    .slice(1)
    .map((at, i) => Math.hypot(at.x - sure(way, i).x, at.y - sure(way, i).y));
  let left = lengths.reduce((sum, it) => sum + it, 0) / 2;
  for (let i = 0; i < lengths.length; i++) {
    if (left <= sure(lengths, i) && sure(lengths, i) > 0) {
      const share = left / sure(lengths, i);
      return {
        x: sure(way, i).x + (sure(way, i + 1).x - sure(way, i).x) * share,
        y: sure(way, i).y + (sure(way, i + 1).y - sure(way, i).y) * share,
      };
    }
    left -= sure(lengths, i);
  }
  return sure(way, way.length - 1);
}
