import { type Family, type Ref, refOf } from "../document/mission";
import { type PlacedFamily, setDownOf } from "../families";
import { isPlacedFamily } from "../things/geometry";
import { toolOf, useDesk } from "./desk";

/** The one family of which something is asked for, where its things are drawn point by point. */
export function drawnFamily(families: Family[]): (Family & PlacedFamily) | undefined {
  const [family, other] = families;
  const only = family !== undefined && other === undefined && isPlacedFamily(family);
  return only && setDownOf(family).drawn?.("") ? family : undefined;
}

/** Ends the waiting of the field that asked last. */
let stopLast = () => {};

/**
 * Takes a tool into the hand for a field that lacks a thing of a family: what is set down next is
 * taken, and what was selected is selected again. Putting the tool back takes nothing.
 */
export function setDownNow(family: Family & PlacedFamily, take: (ref: Ref) => void): void {
  const { selection: before, pick, select } = useDesk.getState();
  stopLast();
  pick(toolOf(family));
  const stop = useDesk.subscribe(({ selection, tool }) => {
    const [made] = selection;
    if (made?.startsWith(`${family}/`) && !before.has(made)) {
      stop();
      take(refOf(made));
      pick(null);
      select(before);
    } else if (tool?.sets !== family) stop();
  });
  stopLast = stop;
}
