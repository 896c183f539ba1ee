/** What the map is written in. */
export const FONT = '"Source Sans 3 Variable", sans-serif';

/** Pixels of a page's letters where the reader has asked for no other size. */
const USUAL = 16;

let grown = 1;

/** How large the map is written: 1, or more where the reader has the browser write larger. */
export function lettersGrown(): number {
  return grown;
}

/** Reads how large the reader has the browser write. */
export function readLetters(): void {
  const asked = Number.parseFloat(getComputedStyle(document.documentElement).fontSize);
  grown = Number.isFinite(asked) ? Math.max(1, asked / USUAL) : 1;
}

/** A canvas's font whose letters grow with the reader's. @param px their usual size */
export function letters(px: number, weight = 600): string {
  return `${weight} ${px * grown}px ${FONT}`;
}
