/**
 * What this browser keeps of how somebody works: never part of a mission, and no harm where it is lost.
 * What cannot be read any more counts as never kept.
 */
export function kept<T>(name: string, otherwise: T): T {
  try {
    const text = localStorage.getItem(`flintmoss:${name}`);
    return text === null ? otherwise : (JSON.parse(text) as T);
  } catch {
    return otherwise;
  }
}

/**
 * Keeps something under a name; false where there is no room for it, so that it lasts only until
 * the page is left.
 */
export function keep(name: string, value: unknown): boolean {
  try {
    localStorage.setItem(`flintmoss:${name}`, JSON.stringify(value));
    return true;
  } catch {
    return false;
  }
}

/** Forgets what is kept under a name. */
export function forget(name: string): void {
  try {
    localStorage.removeItem(`flintmoss:${name}`);
  } catch {
    // Where nothing can be kept, nothing is left to be forgotten.
  }
}

/** The names that begin so and under which something is kept. */
export function keptNames(prefix: string): string[] {
  try {
    const all = Array.from({ length: localStorage.length }, (_, i) => localStorage.key(i) ?? "");
    const whole = `flintmoss:${prefix}`;
    return all.filter((it) => it.startsWith(whole)).map((it) => it.slice("flintmoss:".length));
  } catch {
    return [];
  }
}
