import { type Mission, nameOf, type Place, type Ref } from "./mission";

/** A place in words. */
export function placeWords(mission: Mission, place: Place): string {
  switch (place.type) {
    case "point":
      return `E ${Math.round(place.position.x)} N ${Math.round(place.position.y)}`;
    case "zone":
      return nameOf(mission, place.zone);
    case "unit":
      return nameOf(mission, place.unit);
    case "start":
      return nameOf(mission, place.start);
  }
}

/** The place that is wherever a thing is. */
export function placeAt(ref: Ref): Place {
  if (ref.family === "zones") return { type: "zone", zone: ref };
  if (ref.family === "starts") return { type: "start", start: ref };
  return { type: "unit", unit: ref };
}
