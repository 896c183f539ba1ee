import { useSyncExternalStore } from "react";

/** Least windows for which there is room, in the size of text, so that zoom and larger text count. */
const ROOMS = {
  /** Slips stand at both sides of the map. */
  sides: "(min-width: 68rem)",
  /** Buttons say in words what they do. */
  words: "(min-width: 60rem)",
  /** The tools of the map stand in one column, and what players are shown beside the map has its place. */
  tools: "(min-height: 42rem)",
  /** The tray stands under the map. */
  tray: "(min-height: 34rem)",
} as const;

/** Whether the window has room for something; it may change while it is looked at. */
export function useRoom(forWhat: keyof typeof ROOMS): boolean {
  const query = ROOMS[forWhat];
  return useSyncExternalStore(
    (changed) => {
      const media = window.matchMedia(query);
      media.addEventListener("change", changed);
      return () => media.removeEventListener("change", changed);
    },
    () => window.matchMedia(query).matches,
  );
}
