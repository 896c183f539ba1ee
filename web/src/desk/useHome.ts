import { useEffect } from "react";

/** What is open above the page and keeps the focus to itself. */
const ABOVE = "[role=dialog], [role=alertdialog], [role=menu]";

/** Marks what has the focus where nothing else has it. */
export const HOME = { "data-home": "" };

/**
 * Keeps the focus on something: where what had it is taken away, or a page has just been opened, the
 * page's home has it, the map or the first part to be read.
 */
export function useHome(): void {
  useEffect(() => {
    const home = () => {
      if (document.activeElement !== document.body || document.querySelector(ABOVE)) return;
      document.querySelector<HTMLElement>("[data-home]")?.focus({ preventScroll: true });
    };
    home();
    const watcher = new MutationObserver(home);
    watcher.observe(document.body, { childList: true, subtree: true });
    return () => watcher.disconnect();
  }, []);
}
