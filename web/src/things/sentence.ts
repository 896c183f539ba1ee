import type { ReactNode } from "react";
import { find, type Mission, type Ref } from "../document/mission";
import { traitsOf } from "../families";

/** What a thing is and does, in a sentence. */
export function sentenceOf(mission: Mission, thing: Ref): ReactNode {
  const found = find(mission, thing);
  return found && traitsOf(thing.family)?.sentence(found as never, mission, thing);
}
