import { find, type Mission, type Position, type Ref } from "../document/mission";
import { type Level, surfaceUnder } from "../document/surfaces";
import { familiesWith, traitsOf } from "../families";

/** The families whose things stand on a surface of one's choice. */
const LEVELLED = familiesWith(({ levelled }) => levelled);

/** The level that a thing stands on; nothing for what has none. */
export function levelOf(mission: Mission, ref: Ref): Level | undefined {
  if (!traitsOf(ref.family)?.levelled) return undefined;
  return (find(mission, ref) as { level: Level } | undefined)?.level;
}

/** The decks that lie higher than is looked at, and all that stands on what does, by key. */
export function peeledOff(mission: Mission, height: number | null): ReadonlySet<string> {
  const off = new Set<string>();
  if (height === null) return off;
  for (const [id, { top }] of Object.entries(mission.decks)) {
    if (top > height) off.add(`decks/${id}`);
  }
  if (off.size === 0 && Object.keys(mission.buildings).length === 0) return off;
  for (const family of LEVELLED) {
    for (const id of Object.keys(mission[family])) {
      const ref = { family, id };
      const [at, level] = [pointOf(mission, ref), levelOf(mission, ref)];
      const on = at && level && surfaceUnder(mission, level, at);
      if (on && on.top > height) off.add(`${family}/${id}`);
    }
  }
  return off;
}

/** A point of a thing, by which it is told what it stands on. */
function pointOf(mission: Mission, ref: Ref): Position | undefined {
  const thing = find(mission, ref);
  const geometry = thing && traitsOf(ref.family)?.geometry(thing as never);
  if (geometry === undefined) return undefined;
  if (geometry.is === "point") return geometry.at;
  return "vertices" in geometry ? geometry.vertices[0]?.at : geometry.centre;
}
