import type { Tool } from "../model/desk";
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
  placeOf,
  type Ref,
  refOf,
  usesOf,
} from "../model/mission";
import type { OpenMission } from "../model/store";

const HATCHES = ["rising", "falling", "crossed", "dotted"] as const;

/** Rounds metres to the centimetre and keeps them on the ground. */
export function onGround(mission: Mission, { x, y }: Position): Position {
  const { columns, rows, cell } = mission.setting.terrain;
  const kept = (value: number, most: number) =>
    Math.round(Math.max(0, Math.min(most, value)) * 100) / 100;
  return { x: kept(x, columns * cell), y: kept(y, rows * cell) };
}

/** A bearing from 0 up to 360, in whole degrees. */
export function wholeBearing(degrees: number): number {
  return ((Math.round(degrees) % 360) + 360) % 360;
}

/** Sets down what a tool holds; answers with its key. */
export function setDown(open: OpenMission, tool: Tool, at: Position): string {
  const id = newId();
  const position = onGround(open.state.mission, at);
  if (tool.sets === "zone") {
    const zones = open.state.mission.zones;
    const name = freshName(zones, "Zone");
    const hatch = HATCHES[Object.keys(zones).length % HATCHES.length];
    open.edit(`Set down ${name}`, (draft) => {
      const shape = { type: "circle", centre: position, radius: 15 } as const;
      draft.zones[id] = { name, shape, hue: freshHue(draft.zones), hatch };
    });
    return `zones/${id}`;
  }
  const side: Ref = { family: "sides", id: tool.side };
  const kind: Ref = { family: "kinds", id: tool.kind };
  if (tool.sets === "start") {
    const { starts } = open.state.mission;
    const name = freshName(starts, "Player");
    open.edit(`Set down ${name}`, (draft) => {
      const order = orderAfter(draft.starts);
      draft.starts[id] = { name, order, side, kind, position, facing: 0 };
    });
    return `starts/${id}`;
  }
  const { units } = open.state.mission;
  const name = freshName(units, nameOf(open.state.mission, kind));
  open.edit(`Set down ${name}`, (draft) => {
    draft.units[id] = { name, side, kind, position, facing: 0, order: { type: "stay" } };
  });
  return `units/${id}`;
}

function title(mission: Mission, keys: string[]): string {
  return keys.length === 1 ? nameOf(mission, refOf(keys[0])) : `${keys.length} things`;
}

/** Moves things by metres, as one edit. */
export function move(open: OpenMission, keys: string[], dx: number, dy: number): void {
  const { mission } = open.state;
  open.edit(`Move ${title(mission, keys)}`, (draft) => {
    for (const ref of keys.map(refOf)) {
      const place = placeOf(draft, ref);
      if (place) Object.assign(place, onGround(mission, { x: place.x + dx, y: place.y + dy }));
    }
  });
}

/** Turns units and starts by degrees, as one edit. */
export function turn(open: OpenMission, keys: string[], degrees: number): void {
  open.edit(`Turn ${title(open.state.mission, keys)}`, (draft) => {
    for (const ref of keys.map(refOf)) {
      const thing = ref.family === "units" ? draft.units[ref.id] : draft.starts[ref.id];
      if (thing) thing.facing = wholeBearing(thing.facing + degrees);
    }
  });
}

/** Turns one thing to a bearing. */
export function face(open: OpenMission, ref: Ref, bearing: number): void {
  turn(open, [key(ref)], bearing - facingOf(open.state.mission, ref));
}

/** The bearing that a unit or start faces. */
export function facingOf(mission: Mission, ref: Ref): number {
  const thing = ref.family === "units" ? mission.units[ref.id] : mission.starts[ref.id];
  return thing?.facing ?? 0;
}

/** Sets the radius of a zone, metres. */
export function resize(open: OpenMission, id: string, radius: number): void {
  const size = Math.max(0.5, Math.min(10000, Math.round(radius * 10) / 10));
  open.edit(`Resize ${open.state.mission.zones[id].name} to ${size} m`, (draft) => {
    draft.zones[id].shape.radius = size;
  });
}

/** Gives a thing another name. */
export function rename(open: OpenMission, ref: Ref, name: string): void {
  open.edit(`Rename to ${name}`, (draft) => {
    const thing = find(draft, ref);
    if (thing) thing.name = name;
  });
}

/** Duplicates things beside themselves; answers with the keys of the copies. */
export function duplicate(open: OpenMission, keys: string[], dx = 4, dy = -4): string[] {
  const copies: string[] = [];
  const { mission } = open.state;
  open.edit(`Duplicate ${title(mission, keys)}`, (draft) => {
    for (const ref of keys.map(refOf)) {
      const family = draft[ref.family] as unknown as Record<
        string,
        { name: string; order?: unknown }
      >;
      const original = (mission[ref.family] as unknown as typeof family)[ref.id];
      if (!original) continue;
      const id = newId();
      const name = freshName(family, original.name.replace(/ \d+$/, ""));
      family[id] = { ...structuredClone(original), name };
      if (ref.family === "starts") draft.starts[id].order = orderAfter(mission.starts);
      const place = placeOf(draft, { ...ref, id });
      if (place) Object.assign(place, onGround(mission, { x: place.x + dx, y: place.y + dy }));
      copies.push(`${ref.family}/${id}`);
    }
  });
  return copies;
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
  const used = usesOf(draft, ref).some((user) => key(user) !== key(ref));
  if (used) draft.lost[ref.id] = { family: ref.family, name: nameOf(draft, ref) };
  delete (draft[ref.family] as Record<string, unknown>)[ref.id];
}

/** The things that name any of these, apart from themselves. */
export function usersOf(mission: Mission, keys: string[]): Ref[] {
  const users = new Map<string, Ref>();
  for (const ref of keys.map(refOf)) {
    for (const user of usesOf(mission, ref)) {
      if (!keys.includes(key(user))) users.set(key(user), user);
    }
  }
  return [...users.values()];
}
