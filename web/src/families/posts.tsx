import { nameOf, ordered, type Post } from "../document/mission";
import { inks } from "../drawing/inks";
import type { Sheet } from "../drawing/sheet";
import { drawSpeck, putFacing, ring, SPECKS } from "../drawing/sprites";
import { each, FACING_POINT, only, type Traits } from "./traits";

/** Where somebody stands and watches. */
export const posts: Traits<"posts"> = {
  heading: "Posts",
  sign: "M3 5L3 14L15 14L15 5M9 14L9 8",
  setDown: {
    at: 6,
    tray: only("Places", "Post", "stand guard cover"),
    fresh: ({ at: [position], levelAt }) => ({
      name: "Post",
      position,
      level: levelAt(position),
      facing: 0,
      open: { type: "all" },
      purposes: {},
    }),
    remembered: ["open"],
  },
  ...FACING_POINT,
  levelled: true,
  eyes: true,
  place: "post",
  named: 14,
  painted: { at: 21, draw: each(drawPost) },
  inPlay: null,
  solid: null,
  printed: null,
  sentence: ({ open, purposes, facing }, mission) => {
    const whom = open.type === "all" ? "anybody" : `the ${nameOf(mission, open.side)}`;
    const words = ordered(purposes).map(([, { purpose }]) => nameOf(mission, purpose));
    const serves = words.length > 0 ? `, as ${words.join(" and ")}` : "";
    return `A post for ${whom} to stand at${serves}, watching ${facing}°.`;
  },
  slip: ["post"],
  side: ({ open }) => (open.type === "side" ? open.side.id : ""),
  links: ["units", "squads"],
  orders: (post, name) => [{ verb: `guard ${name}`, order: { type: "guard", post } }],
  linked: "guards",
};

/** Draws a post: a stake, open to the side it watches. */
function drawPost(sheet: Sheet, post: Post, selected: boolean): void {
  if (sheet.camera.scale < SPECKS) {
    drawSpeck(sheet, post.position, selected ? inks.ink : inks.flint);
    return;
  }
  putFacing(sheet, post, `post/${selected}`, 18, (c) => {
    for (const [width, colour] of [
      [5, inks.halo],
      [selected ? 2.8 : 2, inks.ink],
    ] as const) {
      c.beginPath();
      c.moveTo(-8, -4);
      c.lineTo(-8, 7);
      c.lineTo(8, 7);
      c.lineTo(8, -4);
      c.moveTo(0, 7);
      c.lineTo(0, -1);
      c.lineWidth = width;
      c.strokeStyle = colour;
      c.stroke();
    }
    if (selected) ring(c);
  });
}
