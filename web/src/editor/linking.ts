import { linkable } from "../deeds/links";
import { useDesk } from "../desk/desk";
import { key, type Ref } from "../document/mission";
import type { Linking } from "./hands";

/** Arms the map for pointing at what a thing is to be linked to; then the menu of both opens. */
export function startLink(from: Ref, onLink: (linking: Linking) => void): void {
  const { point } = useDesk.getState();
  const families = linkable(from.family);
  if (families.length === 0) return;
  point({
    asks: "Point at what it is to be linked to.",
    families,
    points: false,
    take: (pointed) => {
      if (!("ref" in pointed)) return;
      const { innerWidth, innerHeight } = window;
      onLink({
        from: key(from),
        to: key(pointed.ref),
        left: innerWidth / 2,
        top: innerHeight / 3,
      });
    },
  });
}
