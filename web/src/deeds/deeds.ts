import { original } from "immer";
import { pointsOf, type ThingTool, useDesk } from "../desk/desk";
import { forgetParts } from "../document/copies";
import { formationPlace } from "../document/formation";
import { enlist, leftEmpty, membersOf, squadsOf, standAlone } from "../document/membership";
import {
  find,
  freshName,
  isOpen,
  key,
  type Mission,
  nameOf,
  newId,
  orderAfter,
  type Position,
  type Ref,
  references,
  refOf,
  usesOf,
} from "../document/mission";
import type { Ground } from "../document/raster";
import { onGround } from "../document/shapes";
import type { OpenMission } from "../document/store";
import { copyWaypoints, removeWaypoint, waypointsOf } from "../document/strands";
import { sure } from "../document/sure";
import { metres } from "../document/units";
import { isMember, isStanding } from "../document/uses";
import { setDownOf, traitsOf } from "../families";
import { followLines, withLines } from "../families/conveyor";
import { restack, standAgain, uprightOf } from "../families/stacks";
import type { Points } from "../families/traits";
import { moveThings, placeOf, singles, turnAbout, verticesIn } from "../things/geometry";
import { file } from "./folders";
import { fresh } from "./fresh";
import { bearingOf, type Change, carry, turnPushes, turnTo } from "./gesture";
import { unlabel } from "./labels";
import { likeTheLast, remember } from "./remembered";

/** How far apart those stand that are set down together, metres. */
const APART = 2.5;

/** Sets down what a tool holds; answers with its key. */
export function setDown(
  open: OpenMission,
  ground: Ground,
  tool: ThingTool,
  points: Points,
): string {
  return sure(setDownAll(open, ground, tool, points), 0);
}

/** Sets down as many as a tool holds, in a block about the first point; answers with their keys. */
export function setDownAll(
  open: OpenMission,
  ground: Ground,
  tool: ThingTool,
  points: Points,
): string[] {
  const count = pointsOf(tool) > 0 ? 1 : (tool.count ?? 1);
  const wide = Math.ceil(Math.sqrt(count));
  const first = fresh(open.state.mission, ground, tool, points);
  const label = count === 1 ? `${first.verb} ${first.thing.name}` : `Set down ${count}`;
  const made: string[] = [];
  open.edit(label, (draft) => {
    for (let i = 0; i < count; i++) {
      const [column, row] = [i % wide, Math.floor(i / wide)];
      const [x, y] = [(column - (Math.min(wide, count) - 1) / 2) * APART, -row * APART];
      const at: typeof points = count === 1 ? points : [{ x: points[0].x + x, y: points[0].y + y }];
      const { family, thing } = fresh(draft, ground, tool, at);
      const id = newId();
      likeTheLast(draft, family, thing);
      const [begins, ...others] = at.map((point) => onGround(draft, point));
      const drawn: Points = [begins ?? at[0], ...others];
      setDownOf(family).completes?.(draft, thing as never, tool.choice, drawn);
      (draft[family] as unknown as Record<string, unknown>)[id] = thing;
      made.push(`${family}/${id}`);
      remember(family, id);
    }
  });
  return made;
}

/** Things as a label calls them. */
export function title(mission: Mission, keys: string[]): string {
  return keys.length === 1 ? nameOf(mission, refOf(sure(keys, 0))) : `${keys.length} things`;
}

/** Moves things by metres, as one edit. */
export function move(open: OpenMission, keys: string[], dx: number, dy: number): void {
  open.edit(`Move ${title(open.state.mission, keys)}`, (draft) =>
    carry(draft, keys.map(refOf), dx, dy),
  );
}

/** Turns things by degrees clockwise, one about itself and several about their middle, as one edit. */
export function turn(open: OpenMission, keys: string[], degrees: number): void {
  open.edit(`Turn ${title(open.state.mission, keys)}`, (draft) => {
    const several = keys.length > 1;
    const refs = several ? singles(draft, keys.map(refOf)) : keys.map(refOf);
    if (several) goRound(draft, refs, degrees);
    for (const ref of refs) {
      const bearing = bearingOf(draft, ref);
      if (bearing !== undefined) turnTo(draft, ref, bearing + degrees);
      else {
        turnAbout(draft, ref, degrees);
        turnPushes(draft, ref, degrees);
      }
    }
  });
}

/** Moves things round the middle of all of them, which themselves stay as they face. */
function goRound(draft: Mission, refs: Ref[], degrees: number): void {
  const placed = refs.flatMap((ref) => {
    const at = placeOf(draft, ref);
    return at ? [{ ref, at }] : [];
  });
  const middle = (one: (at: Position) => number) => {
    const all = placed.map(({ at }) => one(at));
    return (Math.min(...all) + Math.max(...all)) / 2;
  };
  const [x, y] = [middle((at) => at.x), middle((at) => at.y)];
  const angle = (degrees * Math.PI) / 180;
  const [sin, cos] = [Math.sin(angle), Math.cos(angle)];
  for (const { ref, at } of placed) {
    const [dx, dy] = [at.x - x, at.y - y];
    moveThings(draft, [ref], dx * cos + dy * sin - dx, dy * cos - dx * sin - dy);
  }
}

/** What an edit that a gesture ends in is called. */
export function labelOf(mission: Mission, gesture: Change): string {
  switch (gesture.is) {
    case "move":
      return `Move ${title(mission, gesture.keys)}`;
    case "turn":
      return `Turn ${title(mission, [gesture.name])}`;
    case "resize":
      return `Resize ${title(mission, [gesture.name])} to ${metres(gesture.radius)}`;
    case "reshape":
    case "scale":
      return `Resize ${title(mission, [gesture.name])}`;
    case "vertex":
    case "part":
      return `Reshape ${title(mission, [gesture.name])}`;
  }
}

/** Takes a corner or waypoint out, if enough are left. */
export function removeVertex(open: OpenMission, ref: Ref, id: string): void {
  const least = traitsOf(ref.family)?.leastVertices ?? 1;
  const parts = verticesIn(open.state.mission, ref);
  if (!parts?.[id] || Object.keys(parts).length <= least) return;
  open.edit(`Reshape ${title(open.state.mission, [key(ref)])}`, (draft) => {
    const waypoints = waypointsOf(draft, ref.family, ref.id);
    if (waypoints) removeWaypoint(waypoints, id);
    else delete verticesIn(draft, ref)?.[id];
  });
}

/** Makes a squad of units, led by the first; answers with its key. */
export function makeSquad(open: OpenMission, units: Ref[]): string {
  const id = newId();
  const name = freshName(open.state.mission.squads, "Squad");
  open.edit(`Make ${name} of ${units.length}`, (draft) => {
    draft.squads[id] = {
      name,
      leader: sure(units, 0),
      formation: "pairs",
      spacing: 2.4,
      places: { type: "every" },
      belongs: { type: "alone" },
      order: { type: "stay" },
      holds: "whileCalm",
    };
    for (const unit of units) enlist(sure(draft.units, unit.id), id);
  });
  return `squads/${id}`;
}

/** Has the members of a squad stand in its formation about their leader, who stays. */
export function arrange(open: OpenMission, squad: string): void {
  const { mission } = open.state;
  const { name, leader, formation, spacing } = sure(mission.squads, squad);
  const members = membersOf(mission, squad);
  const first = members.find(({ id }) => id === leader.id) ?? members[0];
  const followers = members.filter((member) => member !== first);
  if (!first) return;
  const { position, facing } = sure(mission.units, first.id);
  const turn = (facing * Math.PI) / 180;
  open.edit(`${name} stands in formation`, (draft) => {
    followers.forEach(({ id }, rank) => {
      const { back, aside } = formationPlace(formation, spacing, rank, followers.length);
      const unit = sure(draft.units, id);
      unit.facing = facing;
      unit.position = onGround(draft, {
        x: position.x - back * Math.sin(turn) + aside * Math.cos(turn),
        y: position.y - back * Math.cos(turn) - aside * Math.sin(turn),
      });
    });
  });
}

/** Makes units members of a squad, or lets them stand alone. */
export function join(open: OpenMission, units: Ref[], squad: string | null): void {
  const { mission } = open.state;
  const name = title(mission, units.map(key));
  const to = squad === null ? "out of the squad" : `into ${sure(mission.squads, squad).name}`;
  open.edit(`Take ${name} ${to}`, (draft) => {
    for (const { id } of units) {
      const unit = sure(draft.units, id);
      if (squad === null) standAlone(unit);
      else enlist(unit, squad);
    }
  });
}

/** Gives a thing another name. */
export function rename(open: OpenMission, ref: Ref, name: string): void {
  open.edit(`Rename to ${name}`, (draft) => {
    const thing = find(draft, ref);
    if (thing) thing.name = name;
  });
}

/**
 * Duplicates things beside themselves, groups with their members; answers with the copies.
 *
 * @param times how many copies are made of each, each by the same offset from the one before
 */
export function duplicate(open: OpenMission, keys: string[], dx = 4, dy = -4, times = 1): string[] {
  const copies: string[] = [];
  const { mission } = open.state;
  const all = withLines(mission, keys.map(refOf));
  open.edit(`Duplicate ${title(mission, keys)}${times > 1 ? ` ${times} times` : ""}`, (draft) => {
    for (let time = 1; time <= times; time++) {
      const made = new Map<string, Ref>();
      for (const ref of all) {
        const copy = duplicateOne(draft, mission, ref);
        if (!copy) continue;
        if (keys.includes(key(ref))) copies.push(key(copy));
        made.set(key(ref), copy);
        moveThings(draft, [copy], dx * time, dy * time);
      }
      standOn(draft, made);
      followLines(draft, made);
      restack(mission, draft, [...made.values()]);
    }
  });
  return copies;
}

/** Has copies stand on the copies of what bore the things that they are copies of. */
function standOn(draft: Mission, made: Map<string, Ref>): void {
  for (const copy of made.values()) {
    const atop = uprightOf(draft, copy)?.atop;
    const bearer = atop?.type === "upon" ? made.get(key(atop.thing)) : undefined;
    if (atop?.type === "upon" && bearer) atop.thing = bearer;
  }
}

function duplicateOne(draft: Mission, mission: Mission, ref: Ref): Ref | undefined {
  type Copied = { name: string; order?: unknown };
  const family = draft[ref.family] as unknown as Record<string, Copied>;
  const original = (mission[ref.family] as unknown as typeof family)[ref.id];
  if (!original) return undefined;
  const copy = { family: ref.family, id: newId() };
  const name = freshName(family, original.name.replace(/ \d+$/, ""));
  family[copy.id] = { ...structuredClone(original), name };
  const listed = typeof original.order === "string";
  if (listed) sure(family, copy.id).order = orderAfter(draft[ref.family as "starts"]);
  if (ref.family === "routes") {
    const route = sure(draft.routes, copy.id);
    route.waypoints = copyWaypoints(route.waypoints);
  }
  if (ref.family === "bands") {
    for (const id of squadsOf(mission, ref.id)) {
      const squad = duplicateOne(draft, mission, { family: "squads", id });
      if (squad) sure(draft.squads, squad.id).belongs = { type: "band", band: copy };
    }
  }
  if (ref.family === "squads") {
    for (const member of membersOf(mission, ref.id)) {
      const unit = duplicateOne(draft, mission, member);
      if (!unit) continue;
      const { belongs } = sure(draft.units, unit.id);
      if (belongs.type === "squad") belongs.squad = copy;
      if (sure(mission.squads, ref.id).leader.id === member.id)
        sure(draft.squads, copy.id).leader = unit;
    }
  }
  return copy;
}

/** Deletes things at once where nothing names them; else it is asked what becomes of that first. */
export function askRemove(open: OpenMission, named: string[]): void {
  const keys = withLines(open.state.mission, named.map(refOf)).map(key);
  if (usersOf(open.state.mission, keys).length > 0) useDesk.getState().askDelete(keys);
  else if (keys.length > 0) remove(open, keys);
}

/** Deletes things; what still names them keeps their last name and becomes an open reference. */
export function remove(open: OpenMission, keys: string[]): void {
  const { mission } = open.state;
  open.edit(`Delete ${title(mission, keys)}`, (draft) => removeAll(draft, keys.map(refOf)));
}

/** Deletes things of a draft, remembering their names where something that stays still names them. */
export function removeAll(draft: Mission, refs: Ref[]): void {
  const before = original(draft) as Mission;
  const squads = refs.filter(({ family }) => family === "squads").map(({ id }) => id);
  const there = [...refs, ...leftEmpty(before, squads)].filter((ref) => !isOpen(draft, ref));
  const names = there.map((ref) => nameOf(draft, ref));
  for (const ref of there) {
    if (ref.family === "squads") {
      for (const member of membersOf(before, ref.id)) {
        if (!isOpen(draft, member)) standAlone(sure(draft.units, member.id));
      }
    }
    if (ref.family === "bands") disband(draft, squadsOf(before, ref.id), ref.id);
    delete (draft[ref.family] as Record<string, unknown>)[ref.id];
  }
  file(draft, there.map(key), null);
  unlabel(draft, there);
  const gone = new Set(there.map(key));
  standAgain(before, draft, gone);
  forgetParts(draft, gone);
  for (const [id, { about }] of Object.entries(draft.todos)) {
    if (about.type === "thing" && gone.has(key(about.thing))) delete draft.todos[id];
  }
  there.forEach((ref, i) => {
    const used = usesOf(before, ref).some(
      (user) => !isMember(ref, user) && stillNames(draft, user, ref),
    );
    if (used) draft.lost[ref.id] = { family: ref.family, name: sure(names, i) };
  });
}

/** Has squads of a draft belong to no band that still say they belong to one. */
function disband(draft: Mission, squads: string[], band: string): void {
  for (const squad of squads) {
    const belongs = draft.squads[squad]?.belongs;
    if (belongs?.type === "band" && belongs.band.id === band) {
      sure(draft.squads, squad).belongs = { type: "alone" };
    }
  }
}

/** Whether a thing is there and, as it is by now, names another. */
function stillNames(draft: Mission, user: Ref, ref: Ref): boolean {
  const thing = find(draft, user);
  return thing !== undefined && references(thing).some((it) => key(it.ref) === key(ref));
}

/** Whether a thing names another only as what it stands on. */
function standsOn(mission: Mission, user: Ref, bearer: Ref): boolean {
  return references(find(mission, user))
    .filter(({ ref }) => key(ref) === key(bearer))
    .every(({ path }) => isStanding(path));
}

/** The things that name any of these, apart from themselves and their members. */
export function usersOf(mission: Mission, keys: string[]): Ref[] {
  const users = new Map<string, Ref>();
  for (const ref of keys.map(refOf)) {
    for (const user of usesOf(mission, ref)) {
      const names = !isMember(ref, user) && !keys.includes(key(user));
      if (names && !standsOn(mission, user, ref)) users.set(key(user), user);
    }
  }
  return [...users.values()];
}
