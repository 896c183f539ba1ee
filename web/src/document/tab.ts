import { newId } from "./mission";

/** How long a name is waited for that the page before this one may still hold, milliseconds. */
const PATIENCE = 400;

function named(): string {
  let id = sessionStorage.getItem("tab");
  if (!id) {
    id = newId();
    sessionStorage.setItem("tab", id);
  }
  return id;
}

/** This tab's name in the log of edits; it survives a reload. */
export function tabId(): string {
  return named();
}

/** Holds a name for as long as the page lives; false where another page holds it. */
function hold(id: string): Promise<boolean> {
  return new Promise((resolve) => {
    const signal = AbortSignal.timeout(PATIENCE);
    const held = () => {
      resolve(true);
      return new Promise<void>(() => {});
    };
    navigator.locks.request(`flintmoss-tab:${id}`, { signal }, held).catch(() => resolve(false));
  });
}

let claim: Promise<void> | undefined;

/**
 * Sees that this tab's name is its own: a browser copies it when a tab is duplicated, and then two
 * tabs would share one undo. A copy takes a new name.
 */
export function claimTab(): Promise<void> {
  claim ??= (async () => {
    if (typeof navigator === "undefined" || !navigator.locks) return;
    if (await hold(named())) return;
    sessionStorage.removeItem("tab");
    await hold(named());
  })();
  return claim;
}
