import { type Mission, nameOf, type Place, type Ref } from "../document/mission";
import { familiesWith } from "../families";

/** The thing that a place is wherever it is; nothing for a bare point. */
export function thingOf(place: Place): Ref | undefined {
  switch (place.type) {
    case "point":
      return undefined;
    case "zone":
      return place.zone;
    case "unit":
      return place.unit;
    case "start":
      return place.start;
    case "spawnPoint":
      return place.spawnPoint;
    case "post":
      return place.post;
  }
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
  switch (ref.family) {
    case "zones":
      return { type: "zone", zone: ref };
    case "starts":
      return { type: "start", start: ref };
    case "spawnPoints":
      return { type: "spawnPoint", spawnPoint: ref };
    case "posts":
      return { type: "post", post: ref };
    default:
      return { type: "unit", unit: ref };
  }
}
