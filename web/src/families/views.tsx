import { orderAfter, type View } from "../document/mission";
import { metres } from "../document/units";
import { toScreen } from "../drawing/camera";
import { inks } from "../drawing/inks";
import type { Sheet } from "../drawing/sheet";
import { each, only, spots, type Traits } from "./traits";

/** Parts of the sheet to come back to. */
export const views: Traits<"views"> = {
  heading: "Views",
  sign: "M2 6L2 3L6 3M12 3L16 3L16 6M16 12L16 15L12 15M6 15L2 15L2 12",
  setDown: {
    at: 22,
    tray: only("Notes", "View", "frame camera"),
    drawn: () => ({ least: 2, most: 2, framed: true }),
    fresh: ({ mission, at: [a, b = a] }) => {
      const cent = (value: number) => Math.round(value * 100) / 100;
      return {
        name: "View",
        order: orderAfter(mission.views),
        centre: { x: cent((a.x + b.x) / 2), y: cent((a.y + b.y) / 2) },
        width: Math.max(1, Math.abs(b.x - a.x)),
        depth: Math.max(1, Math.abs(b.y - a.y)),
      };
    },
  },
  geometry: ({ centre, width, depth }) => ({
    is: "box",
    centre,
    width,
    depth,
    bearing: 0,
    upright: true,
  }),
  spots: (view) => spots("centre", view),
  sized: (view) => view,
  layer: "views",
  eyes: true,
  named: 6,
  painted: { at: 32, draw: each(drawView) },
  inPlay: null,
  solid: null,
  printed: null,
  sentence: ({ width, depth }) =>
    `A view of ${metres(width, 0)} by ${metres(depth, 0)} of the sheet to come back to.`,
  slip: ["view"],
};

/** Draws a view: the corners of its frame. */
function drawView({ c, camera, size }: Sheet, view: View, selected: boolean): void {
  const { centre, width, depth } = view;
  const [west, north] = toScreen(camera, size, centre.x - width / 2, centre.y + depth / 2);
  const [w, h] = [width * camera.scale, depth * camera.scale];
  const arm = Math.min(16, w / 3, h / 3);
  c.save();
  const corners = new Path2D();
  for (const [x, y, dx, dy] of [
    [west, north, 1, 1],
    [west + w, north, -1, 1],
    [west + w, north + h, -1, -1],
    [west, north + h, 1, -1],
  ] as const) {
    corners.moveTo(x + arm * dx, y);
    corners.lineTo(x, y);
    corners.lineTo(x, y + arm * dy);
  }
  c.lineWidth = 5;
  c.strokeStyle = inks.halo;
  c.stroke(corners);
  c.lineWidth = selected ? 2.6 : 1.6;
  c.strokeStyle = selected ? inks.ink : inks.flint;
  c.stroke(corners);
  c.restore();
}
