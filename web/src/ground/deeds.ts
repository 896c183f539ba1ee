import { type Ground, heightAt } from "../map/ground";
import type { Tool } from "../model/desk";
import { membersOf, onGround, verticesIn } from "../model/geometry";
import {
  find,
  freshHue,
  freshName,
  isOpen,
  key,
  type Mission,
  nameOf,
  newId,
  orderAfter,
  type Position,
  type Ref,
  refOf,
  type Unit,
  usesOf,
} from "../model/mission";
import type { OpenMission } from "../model/store";
import { bearingOf, type Change, moveAll, turnTo } from "./gesture";

/** What walls and gates stop unless changed. */
const SOLID = { movement: true, sight: true, shots: true, sound: 20 };

const VERBS = { lever: "Pull", bell: "Ring", lamp: "Light", chest: "Open" };

/** How far the use of a new fixture is heard, metres. */
const NOISES = { lever: 15, bell: 250, lamp: 0, chest: 8 };

/** How far the top of a new deck lies above the highest ground at its corners, metres. */
const RISE = 0.1;

const HATCHES = ["rising", "falling", "crossed", "dotted"] as const;

/** Sets down what a tool holds; answers with its key. */
export function setDown(open: OpenMission, ground: Ground, tool: Tool, points: Position[]): string {
  const id = newId();
  const { mission } = open.state;
  const [position, ...others] = points.map((at) => onGround(mission, at));
  const named = (things: Record<string, { name: string }>, base: string) => freshName(things, base);
  switch (tool.sets) {
    case "zone": {
      const name = named(mission.zones, "Zone");
      const hatch = HATCHES[Object.keys(mission.zones).length % HATCHES.length];
      const shape = shapeOf(tool.shape, position, [position, ...others]);
      open.edit(`Set down ${name}`, (draft) => {
        draft.zones[id] = { name, shape, hue: freshHue(draft.zones), hatch };
      });
      return `zones/${id}`;
    }
    case "route": {
      const name = named(mission.routes, "Route");
      open.edit(`Draw ${name}`, (draft) => {
        const rest = { speed: { type: "walk" }, waits: { type: "goesOn" } } as const;
        const waypoints = inOrder([position, ...others], rest);
        draft.routes[id] = { name, way: "thereAndBack", waypoints };
      });
      return `routes/${id}`;
    }
    case "wall": {
      const name = named(mission.walls, "Wall");
      open.edit(`Draw ${name}`, (draft) => {
        const corners = inOrder([position, ...others], {});
        draft.walls[id] = { name, corners, height: 2, thickness: 0.4, stops: { ...SOLID } };
      });
      return `walls/${id}`;
    }
    case "deck": {
      const name = named(mission.decks, "Deck");
      const heights = [position, ...others].map(({ x, y }) => heightAt(ground, x, y));
      const top = Math.round((Math.max(...heights) + RISE) * 100) / 100;
      open.edit(`Draw ${name}`, (draft) => {
        const corners = inOrder([position, ...others], {});
        const slope = { degrees: 0, toward: 0 };
        draft.decks[id] = { name, corners, top, thickness: 0.3, slope };
      });
      return `decks/${id}`;
    }
    case "gate": {
      const name = named(mission.gates, "Gate");
      open.edit(`Draw ${name}`, (draft) => {
        const to = others[0];
        const stands = "closed";
        draft.gates[id] = { name, from: position, to, height: 2, stands, stops: { ...SOLID } };
      });
      return `gates/${id}`;
    }
    case "fixture": {
      const base = tool.look[0].toUpperCase() + tool.look.slice(1);
      const name = named(mission.fixtures, base);
      open.edit(`Set down ${name}`, (draft) => {
        const effect = { type: "nothing" } as const;
        const verb = VERBS[tool.look];
        const uses = {
          [newId()]: { order: "a0", verb, seconds: 1, times: 0, noise: NOISES[tool.look], effect },
        };
        draft.fixtures[id] = { name, look: tool.look, position, facing: 0, uses };
      });
      return `fixtures/${id}`;
    }
    case "prop": {
      const kind: Ref = { family: "propKinds", id: tool.prop };
      const name = named(mission.props, nameOf(mission, kind));
      open.edit(`Set down ${name}`, (draft) => {
        draft.props[id] = { name, kind, position, facing: 0 };
      });
      return `props/${id}`;
    }
    case "marker": {
      const name = named(mission.markers, "Marker");
      open.edit(`Set down ${name}`, (draft) => {
        draft.markers[id] = { name, position, shown: true };
      });
      return `markers/${id}`;
    }
    case "post": {
      const name = named(mission.posts, "Post");
      open.edit(`Set down ${name}`, (draft) => {
        draft.posts[id] = { name, position, facing: 0, open: { type: "all" }, purposes: {} };
      });
      return `posts/${id}`;
    }
    case "spawnPoint": {
      const name = named(mission.spawnPoints, "Spawn point");
      open.edit(`Set down ${name}`, (draft) => {
        draft.spawnPoints[id] = { name, position, facing: 0, clearance: 1 };
      });
      return `spawnPoints/${id}`;
    }
    default:
      return setDownUnit(open, tool, id, position);
  }
}

function setDownUnit(
  open: OpenMission,
  tool: Extract<Tool, { kind: string }>,
  id: string,
  position: Position,
): string {
  const side: Ref = { family: "sides", id: tool.side };
  const kind: Ref = { family: "kinds", id: tool.kind };
  if (tool.sets === "start") {
    const { starts } = open.state.mission;
    const name = freshName(starts, "Player");
    open.edit(`Set down ${name}`, (draft) => {
      const order = orderAfter(draft.starts);
      draft.starts[id] = { name, order, side, kind, position, facing: 0, empty: "companion" };
    });
    return `starts/${id}`;
  }
  const { units } = open.state.mission;
  const name = freshName(units, nameOf(open.state.mission, kind));
  open.edit(`Set down ${name}`, (draft) => {
    draft.units[id] = {
      name,
      side,
      kind,
      position,
      facing: 0,
      inPlay: true,
      belongs: { type: "alone" },
      order: { type: "stay" },
    };
  });
  return `units/${id}`;
}

function shapeOf(shape: "circle" | "rectangle" | "polygon", at: Position, points: Position[]) {
  if (shape === "circle") return { type: shape, centre: at, radius: 15 } as const;
  if (shape === "rectangle") {
    return { type: shape, centre: at, width: 30, depth: 20, bearing: 0 } as const;
  }
  return { type: shape, corners: inOrder(points, {}) } as const;
}

/** Points as an ordered map, each with the same other fields. */
function inOrder<T extends object>(points: Position[], rest: T) {
  const parts: Record<string, { order: string; position: Position } & T> = {};
  for (const position of points) {
    parts[newId()] = { order: orderAfter(parts), position, ...structuredClone(rest) };
  }
  return parts;
}

function title(mission: Mission, keys: string[]): string {
  return keys.length === 1 ? nameOf(mission, refOf(keys[0])) : `${keys.length} things`;
}

/** Moves things by metres, as one edit. */
export function move(open: OpenMission, keys: string[], dx: number, dy: number): void {
  open.edit(`Move ${title(open.state.mission, keys)}`, (draft) =>
    moveAll(draft, keys.map(refOf), dx, dy),
  );
}

/** Turns things by degrees, each about itself, as one edit. */
export function turn(open: OpenMission, keys: string[], degrees: number): void {
  open.edit(`Turn ${title(open.state.mission, keys)}`, (draft) => {
    for (const ref of keys.map(refOf)) {
      const bearing = bearingOf(draft, ref);
      if (bearing !== undefined) turnTo(draft, ref, bearing + degrees);
    }
  });
}

/** What an edit that a gesture ends in is called. */
export function labelOf(mission: Mission, gesture: Change): string {
  switch (gesture.is) {
    case "move":
      return `Move ${title(mission, gesture.keys)}`;
    case "turn":
      return `Turn ${title(mission, [gesture.name])}`;
    case "resize":
      return `Resize ${title(mission, [gesture.name])} to ${gesture.radius} m`;
    case "reshape":
      return `Resize ${title(mission, [gesture.name])}`;
    case "vertex":
      return `Reshape ${title(mission, [gesture.name])}`;
  }
}

/** Takes a corner or waypoint out, if enough are left. */
export function removeVertex(open: OpenMission, ref: Ref, id: string): void {
  const ring = ref.family === "zones" || ref.family === "decks";
  const least = ring ? 3 : ref.family === "walls" ? 2 : 1;
  const parts = verticesIn(open.state.mission, ref);
  if (!parts?.[id] || Object.keys(parts).length <= least) return;
  open.edit(`Reshape ${title(open.state.mission, [key(ref)])}`, (draft) => {
    delete verticesIn(draft, ref)?.[id];
  });
}

/** Makes a squad of units, led by the first; answers with its key. */
export function makeSquad(open: OpenMission, units: Ref[]): string {
  const id = newId();
  const name = freshName(open.state.mission.squads, "Squad");
  open.edit(`Make ${name} of ${units.length}`, (draft) => {
    draft.squads[id] = { name, leader: units[0], order: { type: "stay" } };
    for (const unit of units) enlist(draft.units[unit.id], id);
  });
  return `squads/${id}`;
}

/** Makes units members of a squad, or lets them stand alone. */
export function join(open: OpenMission, units: Ref[], squad: string | null): void {
  const { mission } = open.state;
  const name = title(mission, units.map(key));
  const to = squad === null ? "out of the squad" : `into ${mission.squads[squad].name}`;
  open.edit(`Take ${name} ${to}`, (draft) => {
    for (const { id } of units) {
      const unit = draft.units[id];
      if (squad === null) standAlone(unit);
      else enlist(unit, squad);
    }
  });
}

function enlist(unit: Unit, squad: string): void {
  unit.belongs = { type: "squad", squad: { family: "squads", id: squad } };
  unit.order = { type: "squad" };
}

function standAlone(unit: Unit): void {
  unit.belongs = { type: "alone" };
  if (unit.order.type === "squad") unit.order = { type: "stay" };
}

/** Gives a thing another name. */
export function rename(open: OpenMission, ref: Ref, name: string): void {
  open.edit(`Rename to ${name}`, (draft) => {
    const thing = find(draft, ref);
    if (thing) thing.name = name;
  });
}

/** Duplicates things beside themselves, squads with their members; answers with the copies. */
export function duplicate(open: OpenMission, keys: string[], dx = 4, dy = -4): string[] {
  const copies: string[] = [];
  const { mission } = open.state;
  open.edit(`Duplicate ${title(mission, keys)}`, (draft) => {
    for (const ref of keys.map(refOf)) {
      const copy = duplicateOne(draft, mission, ref);
      if (!copy) continue;
      copies.push(key(copy));
      moveAll(draft, [copy], dx, dy);
    }
  });
  return copies;
}

function duplicateOne(draft: Mission, mission: Mission, ref: Ref): Ref | undefined {
  type Copied = { name: string; order?: unknown };
  const family = draft[ref.family] as unknown as Record<string, Copied>;
  const original = (mission[ref.family] as unknown as typeof family)[ref.id];
  if (!original) return undefined;
  const copy = { family: ref.family, id: newId() };
  const name = freshName(family, original.name.replace(/ \d+$/, ""));
  family[copy.id] = { ...structuredClone(original), name };
  if (ref.family === "starts") draft.starts[copy.id].order = orderAfter(mission.starts);
  if (ref.family === "squads") {
    for (const member of membersOf(mission, ref.id)) {
      const unit = duplicateOne(draft, mission, member);
      if (!unit) continue;
      draft.units[unit.id].belongs = { type: "squad", squad: copy };
      if (mission.squads[ref.id].leader.id === member.id) draft.squads[copy.id].leader = unit;
    }
  }
  return copy;
}

/** Deletes things; what still names them keeps their last name and becomes an open reference. */
export function remove(open: OpenMission, keys: string[]): void {
  const { mission } = open.state;
  open.edit(`Delete ${title(mission, keys)}`, (draft) => {
    for (const ref of keys.map(refOf)) removeOne(draft, ref);
  });
}

/** Deletes one thing of a draft, remembering its name where something still names it. */
export function removeOne(draft: Mission, ref: Ref): void {
  if (isOpen(draft, ref)) return;
  if (ref.family === "squads") {
    for (const member of membersOf(draft, ref.id)) standAlone(draft.units[member.id]);
  }
  const used = usesOf(draft, ref).some((user) => key(user) !== key(ref));
  if (used) draft.lost[ref.id] = { family: ref.family, name: nameOf(draft, ref) };
  delete (draft[ref.family] as Record<string, unknown>)[ref.id];
}

/** The things that name any of these, apart from themselves and the members of a squad. */
export function usersOf(mission: Mission, keys: string[]): Ref[] {
  const users = new Map<string, Ref>();
  for (const ref of keys.map(refOf)) {
    for (const user of usesOf(mission, ref)) {
      const member = ref.family === "squads" && user.family === "units";
      if (!member && !keys.includes(key(user))) users.set(key(user), user);
    }
  }
  return [...users.values()];
}
