/** Whether keys belong to a field that somebody types into or chooses in. */
export function typing(target: EventTarget | null): boolean {
  return (
    target instanceof Element &&
    target.matches("input:not([type=checkbox]), textarea, select, [contenteditable]")
  );
}
