import { useEffect } from "react";
import { forget, keep, kept } from "../document/kept";
import type { Camera, MapHandle } from "../drawing/camera";

/** Shows the ground of a mission as this browser last saw it; the whole of it the first time. */
export function showKeptView(mission: string, map: MapHandle): void {
  const seen = kept<Camera | null>(nameOf(mission), null);
  if (seen) map.look(seen.x, seen.y, seen.scale);
  else map.whole();
}

/** Keeps how the ground is looked at when its page is left, or the whole page. */
export function useKeptView(mission: string, map: () => MapHandle | null): void {
  useEffect(() => {
    const leave = () => {
      const handle = map();
      if (!handle) return;
      if (handle.isWhole()) forget(nameOf(mission));
      else keep(nameOf(mission), handle.camera());
    };
    window.addEventListener("pagehide", leave);
    return () => {
      window.removeEventListener("pagehide", leave);
      leave();
    };
  }, [mission, map]);
}

function nameOf(mission: string): string {
  return `view:${mission}`;
}
