/** What a field shows where several things differ. */
export const VARIOUS = "various";

/** The value that all have, or nothing where they differ. */
export function common<T>(values: T[]): T | undefined {
  return values.every((value) => value === values[0]) ? values[0] : undefined;
}

/** Options with "various" before them while things differ. */
export function withVarious(
  options: { value: string; word: string }[],
  chosen: string | undefined,
): { value: string; word: string }[] {
  return chosen === undefined ? [{ value: VARIOUS, word: "various" }, ...options] : options;
}
