import {
  type Mission,
  newId,
  ordered,
  type Position,
  type RouteWaypoint,
  safeBetween,
} from "./mission";
import { sure } from "./sure";

type Waypoints = Record<string, RouteWaypoint>;

/** Puts a new waypoint of a route between two that are joined; answers with its id. */
export function insertWaypoint(
  waypoints: Waypoints,
  id: string,
  from: string,
  to: string,
  position: Position,
  plain: Omit<RouteWaypoint, "order" | "position">,
): void {
  const line = ordered(waypoints);
  const at = line.findIndex(([it]) => it === from);
  const next = line[at + 1]?.[0];
  const [a, b] = [sure(waypoints, from), waypoints[to]];
  const rest = { ...plain, speed: a.speed };
  if (b?.follows === from) {
    const before = line[line.findIndex(([it]) => it === to) - 1];
    const order = safeBetween(before?.[1].order ?? null, b.order);
    waypoints[id] = { ...rest, order, position, follows: from, leads: "" };
    b.follows = "";
    return;
  }
  const order = safeBetween(a.order, next ? sure(waypoints, next).order : null);
  const leads = a.leads === to && next !== to ? to : "";
  if (leads) a.leads = "";
  waypoints[id] = { ...rest, order, position, follows: "", leads };
}

/** Takes a waypoint out of a route; what came from it then comes from the one before it. */
export function removeWaypoint(waypoints: Waypoints, id: string): void {
  const line = ordered(waypoints);
  const at = line.findIndex(([it]) => it === id);
  const gone = sure(waypoints, id);
  const next = line[at + 1]?.[1];
  const before = gone.follows || (line[at - 1]?.[0] ?? "");
  for (const point of Object.values(waypoints)) {
    if (point.follows === id) point.follows = before;
    if (point.leads === id) point.leads = "";
  }
  if (gone.follows && next && next.follows === "") next.follows = gone.follows;
  delete waypoints[id];
}

/** Copies the waypoints of a route under ids of their own, joined among themselves as they were. */
export function copyWaypoints(waypoints: Waypoints): Waypoints {
  const ids = new Map(Object.keys(waypoints).map((id) => [id, newId()]));
  return Object.fromEntries(
    Object.entries(waypoints).map(([id, point]) => [
      ids.get(id) as string,
      {
        ...point,
        follows: ids.get(point.follows) ?? "",
        leads: ids.get(point.leads) ?? "",
      },
    ]),
  );
}

/** The waypoints of a route in a draft; nothing for another family. */
export function waypointsOf(draft: Mission, family: string, id: string): Waypoints | undefined {
  return family === "routes" ? draft.routes[id]?.waypoints : undefined;
}
