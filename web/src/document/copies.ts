import {
  type Bundle,
  type BundleCopy,
  type BundleEdition,
  find,
  key,
  type Mission,
  ordered,
  type Ref,
} from "./mission";
import { sure } from "./sure";

/** The newest edition of a bundle, with its id. */
export function newestOf(bundle: Bundle): [string, BundleEdition] {
  const editions = ordered(bundle.editions);
  return sure(editions, editions.length - 1);
}

const OWNERS = new WeakMap<Mission["copies"], Map<string, string>>();

/** The copy that each thing belongs to, by the thing's key. */
function owners(copies: Mission["copies"]): Map<string, string> {
  let found = OWNERS.get(copies);
  if (!found) {
    found = new Map();
    for (const [id, { parts }] of Object.entries(copies)) {
      for (const ref of Object.values(parts)) found.set(key(ref), id);
    }
    OWNERS.set(copies, found);
  }
  return found;
}

/** The copy of a bundle that all of some things belong to. */
export function copyOf(mission: Mission, keys: readonly string[]): string | undefined {
  const all = owners(mission.copies);
  const first = keys.length > 0 ? all.get(sure(keys, 0)) : undefined;
  return first !== undefined && keys.every((name) => all.get(name) === first) ? first : undefined;
}

/** Whether any of some things belongs to a copy of a bundle. */
export function anyInCopy(mission: Mission, keys: readonly string[]): boolean {
  const all = owners(mission.copies);
  return keys.some((name) => all.has(name));
}

/** The things of a copy that are there. */
export function partsOf(mission: Mission, copy: BundleCopy): Ref[] {
  return Object.values(copy.parts).filter((ref) => find(mission, ref));
}

/** Whether the bundle of a copy has changed since the copy was made from it. */
export function behind(mission: Mission, copy: BundleCopy): boolean {
  const bundle = mission.bundles[copy.bundle.id];
  return bundle !== undefined && newestOf(bundle)[0] !== copy.edition;
}

/** Has copies of a draft forget things that are deleted; a copy of which nothing is left goes too. */
export function forgetParts(draft: Mission, keys: ReadonlySet<string>): void {
  for (const [id, copy] of Object.entries(draft.copies)) {
    const gone = Object.entries(copy.parts).filter(([, ref]) => keys.has(key(ref)));
    for (const [part] of gone) delete copy.parts[part];
    if (gone.length > 0 && Object.keys(copy.parts).length === 0) delete draft.copies[id];
  }
}
