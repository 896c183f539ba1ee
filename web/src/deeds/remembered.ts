import type { Family, Mission } from "../document/mission";
import { type PlacedFamily, setDownOf } from "../families";

/** The last thing of each family that was set down, by id. */
const last = new Map<Family, string>();

/** Notes that a thing of a family was set down. */
export function remember(family: PlacedFamily, id: string): void {
  last.set(family, id);
}

type Fields = Record<string, unknown>;

/** Gives a new thing what the last one of its family has by now. */
export function likeTheLast(mission: Mission, family: PlacedFamily, thing: object): void {
  const id = last.get(family);
  const like = id && (mission[family] as unknown as Record<string, Fields>)[id];
  if (!like) return;
  const { remembered = [], likeTheLast } = setDownOf(family);
  for (const field of remembered) {
    (thing as Fields)[field] = JSON.parse(JSON.stringify(like[field]));
  }
  likeTheLast?.(thing as never, like as never);
}
