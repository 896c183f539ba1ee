import { type Mission, standing, type Zone } from "../document/mission";
import type { Player } from "./messages";

/** A zone where it is now: one that rides on somebody has come along with them. */
export function zoneNow(
  mission: Mission,
  zone: Zone,
  cast: Player[],
  where: (unit: number) => { x: number; y: number } | undefined,
): Zone {
  const { rides } = zone;
  if (rides.type === "stands") return zone;
  const carrier = rides.type === "unit" ? rides.unit : rides.start;
  const unit = cast.findIndex(({ ref }) => ref.family === carrier.family && ref.id === carrier.id);
  const home = standing(mission, carrier)?.thing.position;
  const now = unit < 0 ? undefined : where(unit);
  if (!home || !now) return zone;
  const moved = structuredClone(zone);
  const [dx, dy] = [now.x - home.x, now.y - home.y];
  const { shape } = moved;
  const positions =
    shape.type === "polygon"
      ? Object.values(shape.corners).map(({ position }) => position)
      : [shape.centre];
  for (const position of positions) {
    position.x += dx;
    position.y += dy;
  }
  return moved;
}
