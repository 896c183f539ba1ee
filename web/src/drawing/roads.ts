import { type Mission, ordered } from "../document/mission";
import { screened, stroke } from "./buildings";
import { INK } from "./inks";
import type { Sheet } from "./sheet";

const ROADS = {
  road: { edge: "#8d8069", bed: "#e9dfc6" },
  plank: { edge: "#5d4a26", bed: "#d9c391" },
  shingle: { edge: "#9a938a", bed: "#ddd8cc" },
  path: { edge: "", bed: "#d8c99d" },
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
    if (selected) stroke(c, line, width + 5, INK);
    else if (look.edge) stroke(c, line, width + 2, look.edge);
  }
  for (const { line, width, look } of all) {
    c.lineCap = look.edge ? "round" : "butt";
    if (!look.edge) c.setLineDash([7, 4]);
    stroke(c, line, width, look.bed);
    c.setLineDash([]);
  }
  c.restore();
}
