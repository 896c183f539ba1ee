import { type Mission, ordered, type RoadMake } from "../document/mission";
import { screened, stroke } from "./buildings";
import { type Ink, inks } from "./inks";
import type { Sheet } from "./sheet";

const ROADS: Record<RoadMake, { edge?: Ink; bed: Ink }> = {
  road: { edge: "roadEdge", bed: "roadBed" },
  plank: { edge: "timber", bed: "plankBed" },
  shingle: { edge: "shingleEdge", bed: "shingleBed" },
  path: { bed: "pathBed" },
};

/** Draws roads: a bed between two edges; a trodden path as a broken line. */
export function drawRoads(
  sheet: Sheet,
  roads: Mission["roads"],
  marked: (id: string) => boolean,
): void {
  const { c, camera } = sheet;
  c.save();
  c.lineJoin = "round";
  c.lineCap = "round";
  const all = Object.entries(roads).map(([id, road]) => ({
    line: screened(
      sheet,
      ordered(road.corners).map(([, { position }]) => position),
    ),
    width: Math.max(2, road.width * camera.scale),
    look: ROADS[road.surface],
    selected: marked(id),
  }));
  for (const { line, width, look, selected } of all) {
    if (selected) stroke(c, line, width + 5, inks.ink);
    else if (look.edge) stroke(c, line, width + 2, inks[look.edge]);
  }
  for (const { line, width, look } of all) {
    c.lineCap = look.edge ? "round" : "butt";
    if (!look.edge) c.setLineDash([7, 4]);
    stroke(c, line, width, inks[look.bed]);
    c.setLineDash([]);
  }
  c.restore();
}
