import {
  freshHue,
  freshName,
  type Mission,
  newId,
  ordered,
  type Position,
} from "../../document/mission";
import { distanceTo } from "../../document/shapes";
import type { OpenMission } from "../../document/store";
import { firstOf, sure } from "../../document/sure";
import { type Level, numberedSurfaces } from "../../document/surfaces";
import { NOBODY } from "../../families/zones";
import type { Stroke } from "./useReach";

/** How near a click has to be to a crossing to mean it, metres. */
const NEAR = 1.5;

/** How far around its middle a crossing is forbidden, metres. */
const AROUND = 3;

/** The crossing that was found nearest to a point; nothing where none is near. */
export function strokeAt(crossings: Stroke[], at: Position): Stroke | undefined {
  let least = NEAR;
  let best: Stroke | undefined;
  for (const stroke of crossings) {
    const far = stroke.made ? Infinity : distanceTo(at, stroke.from, stroke.to);
    if (far < least) [least, best] = [far, stroke];
  }
  return best;
}

/** The level of a surface that a run numbers. */
export function levelNumbered(mission: Mission, deck: number): Level {
  const surface = numberedSurfaces(mission)[deck];
  if (!surface) return { type: "ground" };
  const [family, id] = firstOf(surface.of.split("/"), 2);
  if (family === "decks") return { type: "deck", deck: { family: "decks", id } };
  const storeys = ordered(sure(mission.buildings, id).storeys);
  const storey = storeys[surface.floor ?? storeys.length]?.[0] ?? "";
  return { type: "storey", building: { family: "buildings", id }, storey };
}

/** Makes a crossing of the designer's own of one that was found. */
export function keepStroke(open: OpenMission, stroke: Stroke): string {
  const id = newId();
  const { manner, from, to, back } = stroke;
  open.edit(`Keep a ${manner} as a crossing`, (draft) => {
    draft.crossings[id] = {
      name: freshName(draft.crossings, sure(manner, 0).toUpperCase() + manner.slice(1)),
      manner,
      from,
      fromLevel: levelNumbered(draft, stroke.deck),
      to,
      toLevel: levelNumbered(draft, stroke.toDeck),
      back,
      takes: { type: "asLong" },
      open: "everybody",
    };
  });
  return `crossings/${id}`;
}

/** Lays a zone over a crossing in which nobody finds one. */
export function forbidStroke(open: OpenMission, { manner, from, to }: Stroke): string {
  const id = newId();
  const centre = { x: (from.x + to.x) / 2, y: (from.y + to.y) / 2 };
  const radius = Math.hypot(to.x - from.x, to.y - from.y) / 2 + AROUND;
  open.edit(`No ${manner} there`, (draft) => {
    draft.zones[id] = {
      name: freshName(draft.zones, `No ${manner}`),
      shape: { type: "circle", centre, radius: Math.round(radius * 100) / 100 },
      height: { type: "any" },
      rides: { type: "stands" },
      noGo: { ...NOBODY, crossings: true },
      does: {},
      hue: freshHue(draft.zones),
      hatch: "crossed",
      strength: 100,
    };
  });
  return `zones/${id}`;
}
