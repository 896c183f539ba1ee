import { type Mission, placeOf, refOf } from "../model/mission";
import { onGround } from "./deeds";

/** What the hand is doing on the map between press and release. */
export type Gesture =
  | { is: "press"; px: number; py: number; x: number; y: number; keys: string[]; was: boolean }
  | { is: "move"; x: number; y: number; dx: number; dy: number; keys: string[]; copies: boolean }
  | { is: "turn"; name: string; bearing: number }
  | { is: "resize"; id: string; radius: number }
  | { is: "frame"; px: number; py: number; toPx: number; toPy: number };

/** The mission as it looks while a gesture goes on. */
export function preview(mission: Mission, gesture: Gesture | null): Mission {
  if (!gesture || gesture.is === "press" || gesture.is === "frame") return mission;
  const draft = structuredClone({
    starts: mission.starts,
    units: mission.units,
    zones: mission.zones,
  });
  const shown = { ...mission, ...draft };
  if (gesture.is === "move") {
    for (const ref of gesture.keys.map(refOf)) {
      const place = placeOf(shown, ref);
      const at = place && onGround(mission, { x: place.x + gesture.dx, y: place.y + gesture.dy });
      if (place && at) Object.assign(place, at);
    }
  } else if (gesture.is === "turn") {
    const ref = refOf(gesture.name);
    const thing = ref.family === "units" ? shown.units[ref.id] : shown.starts[ref.id];
    if (thing) thing.facing = gesture.bearing;
  } else if (gesture.is === "resize") {
    shown.zones[gesture.id].shape.radius = gesture.radius;
  }
  return shown;
}
