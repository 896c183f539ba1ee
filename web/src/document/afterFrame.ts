import { lastThing } from "./leaving";

/** How long something waits at most for a frame that does not come, as in a tab that is hidden. */
const LATEST = 100;

/**
 * Does something once the next frame is on the screen, or when the page is left: what a person
 * waits for comes first. Where there are no frames, at once.
 */
export function afterFrame(todo: () => void): void {
  if (typeof requestAnimationFrame === "undefined") {
    todo();
    return;
  }
  let done = false;
  const once = () => {
    if (done) return;
    done = true;
    stop();
    todo();
  };
  const stop = lastThing(once);
  requestAnimationFrame(() => setTimeout(once));
  setTimeout(once, LATEST);
}
