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

/** Keeps something under a name; where there is no room for it, it lasts until the page is left. */
export function keep(name: string, value: unknown): void {
  try {
    localStorage.setItem(`flintmoss:${name}`, JSON.stringify(value));
  } catch {
    // A full or forbidden store is no reason to stop working.
  }
}
