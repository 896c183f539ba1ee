import { type Mission, refOf } from "../document/mission";
import { type Ground, heightAt } from "../document/raster";
import { surfacesOver, surfaceUnder } from "../document/surfaces";
import { facingThing, placeOf } from "../things/geometry";
import { levelOf } from "../things/levels";
import { drawLand } from "./land";
import { type Air, type Eye, Picture } from "./picture";
import { sceneOf } from "./scene";
import { drawRain } from "./weather";

/** How high the eyes are of who has no kind, metres. */
const EYES = 1.6;

/** The eye of a thing, turned from where it faces by degrees; nothing for what is not there. */
export function eyeOf(
  mission: Mission,
  ground: Ground,
  name: string,
  turned: { aside: number; lift: number },
): Eye | undefined {
  const ref = refOf(name);
  const at = placeOf(mission, ref);
  if (!at) return undefined;
  const level = levelOf(mission, ref) ?? { type: "top" };
  const stands = surfaceUnder(mission, level, at)?.top ?? heightAt(ground, at.x, at.y);
  const standing =
    ref.family === "units" || ref.family === "starts" ? mission[ref.family][ref.id] : undefined;
  const kind = standing && mission.kinds[standing.kind.id];
  const facing = facingThing(mission, ref)?.facing ?? 0;
  return {
    x: at.x,
    y: at.y,
    z: stands + (kind?.eye ?? EYES),
    bearing: (facing + turned.aside + 360) % 360,
    lift: turned.lift,
  };
}

function isUnderRoof(mission: Mission, eye: Eye): boolean {
  return surfacesOver(mission, eye).some((surface) => surface.top > eye.z);
}

/** Draws what one sees from an eye. */
export function look(
  mission: Mission,
  ground: Ground,
  eye: Eye,
  air: Air & { water: number },
  size: { width: number; height: number },
  except: string,
): Picture {
  const picture = new Picture(size.width, size.height, eye, air);
  drawLand(picture, ground, air.water);
  for (const face of sceneOf(mission, ground, eye, except)) picture.face(face);
  if (air.weather === "rain" && !isUnderRoof(mission, eye)) drawRain(picture, mission.setting.wind);
  return picture;
}
