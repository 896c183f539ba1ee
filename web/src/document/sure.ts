/**
 * What stands at a place of a list, or under a key of a map, where the code around knows that
 * something does: the first corner of an outline, a thing whose id was just read from its map.
 *
 * @throws RangeError where nothing stands there. Ask the list or the map itself, and handle
 *     `undefined`, where a thing may be gone.
 */
export function sure<T>(list: ArrayLike<T>, at: number): Exclude<T, undefined>;
export function sure<K extends string, T>(
  map: Readonly<Partial<Record<K, T>>>,
  key: K,
): Exclude<T, undefined>;
export function sure(of: object, key: string | number): unknown {
  const found = (of as Record<string | number, unknown>)[key];
  if (found === undefined) throw new RangeError(`Nothing stands at ${key}.`);
  return found;
}

/** A list of `N` elements. */
type Row<T, N extends number, R extends T[] = []> = R["length"] extends N
  ? R
  : Row<T, N, [...R, T]>;

/**
 * The first few of a list that is known to hold as many.
 *
 * @throws RangeError where it holds fewer.
 */
export function firstOf<T, const N extends number>(list: readonly T[], count: N): Row<T, N> {
  if (list.length < count) throw new RangeError(`Only ${list.length} of ${count} are there.`);
  return list.slice(0, count) as Row<T, N>;
}
