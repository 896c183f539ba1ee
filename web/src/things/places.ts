import { type Mission, nameOf, type Place, type Ref } from "../document/mission";
import { familiesWith, traitsOf } from "../families";

/** The thing that a place is wherever it is; nothing for a bare point. */
export function thingOf(place: Place): Ref | undefined {
  return place.type === "point" ? undefined : (place as unknown as Record<string, Ref>)[place.type];
}

/** A place in words. */
export function placeWords(mission: Mission, place: Place): string {
  if (place.type !== "point") return nameOf(mission, thingOf(place) as Ref);
  return `E ${Math.round(place.position.x)} N ${Math.round(place.position.y)}`;
}

/** The families of things that a place can be. */
export const PLACES = familiesWith(({ place }) => place);

/** The place that is wherever a thing is. */
export function placeAt(ref: Ref): Place {
  const type = traitsOf(ref.family)?.place ?? "unit";
  return { type, [type]: ref } as unknown as Place;
}
