import { type Family, key, type Mission, type Ref, references, usesOf } from "./mission";
import { sure } from "./sure";

type Tree = Record<string, unknown>;

/** A place in the document that names something: the thing that holds it, and the steps inside. */
export interface Use {
  holder: Ref;
  path: string[];
}

/** Whether one that names a squad or a band is merely a member of it. */
export function isMember(of: Ref, user: Ref): boolean {
  const members: Partial<Record<Family, Family>> = { squads: "units", bands: "squads" };
  return members[of.family] === user.family;
}

/** Whether a path leads to on what a thing stands: deleted, it stands on what bore that. */
export function isStanding(path: string[]): boolean {
  return path[0] === "atop";
}

/** Every place that names any of some things, outside themselves; members are no uses. */
export function placesOf(mission: Mission, refs: Ref[]): Use[] {
  const gone = new Set(refs.map(key));
  const holders = new Map<string, Ref>();
  for (const ref of refs) {
    for (const user of usesOf(mission, ref)) {
      if (!gone.has(key(user)) && !isMember(ref, user)) holders.set(key(user), user);
    }
  }
  return [...holders.values()].flatMap((holder) =>
    references((mission[holder.family] as Record<string, unknown>)[holder.id])
      .filter(({ ref, path }) => gone.has(key(ref)) && !isStanding(path))
      .map(({ path }) => ({ holder, path })),
  );
}

/** Has all the places name another thing instead. */
export function repoint(draft: Mission, uses: Use[], to: Ref): void {
  for (const { holder, path } of uses) {
    const things = draft[holder.family] as unknown as Record<string, Tree>;
    const last = path
      .slice(0, -1)
      .reduce((node, step) => sure(node, step) as Tree, sure(things, holder.id));
    last[sure(path, path.length - 1)] = { ...to };
  }
}

/** What stands where something that named a thing is taken away: by the field that held it. */
const PLAIN: Record<string, object> = {
  order: { type: "stay" },
  duty: { type: "stay" },
  belongs: { type: "alone" },
  rides: { type: "stands" },
  body: { type: "elsewhere" },
  open: { type: "all" },
  of: { type: "mission" },
  effect: { type: "nothing" },
  task: { type: "nothing" },
  herald: { type: "unannounced" },
  from: { type: "plan" },
  points: { type: "nowhere" },
  tally: { type: "nothing" },
};

/**
 * Takes away the smallest part that makes sense around each place: the line, condition or entry of a
 * list that it stands in, or what a field then plainly is. What can be neither stays as it is.
 *
 * @returns how many were left as they are
 */
export function takeAlong(draft: Mission, uses: Use[]): number {
  let left = 0;
  for (const { holder, path } of uses) {
    const thing = (draft[holder.family] as unknown as Record<string, Tree>)[holder.id];
    if (!thing || !takeOne(thing, path)) left++;
  }
  return left;
}

function takeOne(thing: Tree, path: string[]): boolean {
  const nodes: Tree[] = [thing];
  for (const step of path) {
    const next = nodes[nodes.length - 1]?.[step];
    if (next === null || typeof next !== "object") return true;
    nodes.push(next as Tree);
  }
  for (let depth = path.length; depth > 0; depth--) {
    const [field, parent, node] = [
      sure(path, depth - 1),
      sure(nodes, depth - 1),
      sure(nodes, depth),
    ];
    if (field in PLAIN && typeof (node as { type?: unknown }).type === "string") {
      parent[field] = structuredClone(PLAIN[field]);
      return true;
    }
    if (typeof node.order === "string") {
      delete parent[field];
      return true;
    }
  }
  return false;
}
