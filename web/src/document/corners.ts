import { newId, orderAfter, ordered, type Position, type Route } from "./mission";
import type { Vertex, Vertices } from "./shapes";

/** Corners or waypoints in their order. */
export function inOrder(parts: Vertices): Vertex[] {
  return ordered(parts).map(([id, { position }]) => ({ id, at: position }));
}

/**
 * The stretches of a route that forks, from waypoint to waypoint by their place in the order;
 * nothing where it does not fork.
 */
export function joinsOf(route: Route): [number, number][] | undefined {
  const points = ordered(route.waypoints);
  if (points.every(([, { follows, leads }]) => follows === "" && leads === "")) return undefined;
  const index = new Map(points.map(([id], i) => [id, i]));
  const joins: [number, number][] = [];
  const goesOn = new Set<number>();
  points.forEach(([, { follows }], i) => {
    if (i === 0) return;
    const named = index.get(follows) ?? i - 1;
    const from = named < i ? named : i - 1;
    joins.push([from, i]);
    goesOn.add(from);
  });
  points.forEach(([, { leads }], i) => {
    const to = index.get(leads);
    if (to !== undefined && to !== i) {
      joins.push([i, to]);
      goesOn.add(i);
    }
  });
  if (route.way === "loop") {
    points.forEach((_, i) => {
      if (!goesOn.has(i) && i > 0) joins.push([i, 0]);
    });
  }
  return joins;
}

/** Points as an ordered map, each with the same other fields. */
export function partsAt<T extends object>(points: Position[], rest: T) {
  const parts: Record<string, { order: string; position: Position } & T> = {};
  for (const position of points) {
    parts[newId()] = { order: orderAfter(parts), position, ...structuredClone(rest) };
  }
  return parts;
}
