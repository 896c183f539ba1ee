/** Marks a part of the page that F6 goes to. */
export const PANE = { "data-pane": "" };

const FOCUSABLE =
  'a[href], button:not([disabled]):not([tabindex="-1"]), input, select, textarea, [tabindex="0"]';

/** Goes to the next part of the page, or the one before: its first control, or itself. */
export function goToPane(by: 1 | -1): void {
  const panes = [...document.querySelectorAll<HTMLElement>("[data-pane]")].filter(
    (pane) => pane.offsetParent !== null,
  );
  const at = panes.findLastIndex((pane) => pane.contains(document.activeElement));
  const next = panes.at((at + by + panes.length) % panes.length);
  const first = next?.matches("[tabindex]") ? next : next?.querySelector<HTMLElement>(FOCUSABLE);
  first?.focus();
}
