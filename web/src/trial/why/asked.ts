import type { Mission } from "../../document/mission";
import type { Game } from "../game";

/** What each list of the reasons is told: the trial, and the mission that is tried. */
export interface WhyProps {
  game: Game;
  mission: Mission;
}

/** Steps as minutes and seconds of play. */
export function playTime(step: number): string {
  const seconds = Math.floor(step / 20);
  return `${Math.floor(seconds / 60)}:${String(seconds % 60).padStart(2, "0")}`;
}
