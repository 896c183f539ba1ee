import type { ReactNode } from "react";
import type { Mission, Order, Ref, Selector, Side } from "../document/mission";

/** The name of a side in its colour. */
export function sideName(side: Side | undefined): ReactNode {
  return <b style={{ color: side && `var(--color-${side.colour})` }}>{side?.name ?? "nobody"}</b>;
}

/** The colour of whose side somebody is. */
export function sideColour({ side }: { side: Ref }, { sides }: Mission): string | undefined {
  const colour = sides[side.id]?.colour;
  return colour && `var(--color-${colour})`;
}

/** What others can be ordered to do about somebody. */
export function ordersAbout(name: string, who: Selector): { verb: string; order: Order }[] {
  return [
    { verb: `escort ${name}`, order: { type: "escort", who } },
    { verb: `attack ${name}`, order: { type: "attack", who } },
  ];
}
