import type { Family, Mission, ZoneShape } from "../document/mission";
import { traitsOf } from "../families";

/** The last thing of each family that was set down, by id. */
const last = new Map<Family, string>();

/** Notes that a thing of a family was set down. */
export function remember(family: Family, id: string): void {
  last.set(family, id);
}

type Fields = Record<string, unknown>;

/** Gives a new thing the scale and look that the last one of its family has by now. */
export function likeTheLast(mission: Mission, family: Family, thing: object): void {
  const id = last.get(family);
  const like = id && (mission[family] as unknown as Record<string, Fields>)[id];
  if (!like) return;
  const fresh = thing as Fields;
  for (const field of traitsOf(family)?.remembered ?? [])
    fresh[field] = JSON.parse(JSON.stringify(like[field]));
  if (family === "zones") resize(fresh.shape as ZoneShape, like.shape as ZoneShape);
  const sameLook = fresh.look !== undefined && fresh.look === like.look;
  if (family === "effects" && sameLook) fresh.radius = like.radius;
  if (family === "cargo" && sameLook) fresh.mass = like.mass;
}

/** A zone is as large as the last one of its shape. */
function resize(shape: ZoneShape, like: ZoneShape): void {
  if (shape.type === "circle" && like.type === "circle") shape.radius = like.radius;
  if (shape.type === "rectangle" && like.type === "rectangle") {
    shape.width = like.width;
    shape.depth = like.depth;
    shape.bearing = like.bearing;
  }
}
