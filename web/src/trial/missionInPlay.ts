import type { Mission } from "../document/mission";
import { PLACED, traitsOf } from "../families";
import type { InPlay } from "../families/traits";

/** A mission with its things as play has them by now, and without those that it does not show. */
export function missionInPlay(mission: Mission, play: InPlay): Mission {
  const shown = { ...mission };
  for (const family of PLACED) {
    const inPlay = traitsOf(family)?.inPlay;
    const things = inPlay ? inPlay(mission[family] as never, play) : {};
    Object.assign(shown, { [family]: things });
  }
  return shown;
}
