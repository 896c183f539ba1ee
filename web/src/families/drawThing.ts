import type { Appearance, ThingKind } from "../document/mission";
import { faint, inks } from "../drawing/inks";
import type { Sheet } from "../drawing/sheet";
import { drawSpeck, putFacing, SPECKS } from "../drawing/sprites";
import { drawn, extentOf, type Upright } from "./kinds";

/** The least that a thing measures on the screen, pixels. */
const LEAST = 10;

/** Draws a thing on the ground that it covers, as it faces. */
export function drawThing(
  sheet: Sheet,
  thing: Upright,
  kind: ThingKind | undefined,
  looks: Appearance | undefined,
  selected: boolean,
): void {
  const { camera } = sheet;
  if (camera.scale < SPECKS) {
    drawSpeck(sheet, thing.position, selected ? inks.ink : inks.wood);
    return;
  }
  const least = LEAST / camera.scale;
  const [width, depth] = (kind ? extentOf(kind) : [1, 1]).map((it) =>
    Math.max(least, it * thing.scale),
  ) as [number, number];
  const worn = "wear" in thing ? thing : undefined;
  const half = (Math.hypot(width, depth) / 2) * camera.scale + 4;
  const size = `${width.toFixed(2)}/${depth.toFixed(2)}/${camera.scale.toFixed(4)}`;
  const { lines, filled } = drawn(looks?.drawing ?? {});
  const round = kind?.footprint.type !== "block";
  const wearing = `${worn?.wear}/${(worn?.tilt ?? 0) > 0 || (worn?.sunk ?? 0) > 0}`;
  const kindly = `${lines}|${filled}/${round}/${looks?.stops.movement}/${looks?.height === 0}`;
  const name = `thing/${kindly}/${size}/${wearing}/${thing.stands}/${selected}`;
  putFacing(sheet, thing, name, half, (c) => {
    c.scale(camera.scale, camera.scale);
    const body = new Path2D();
    if (round) body.ellipse(0, 0, width / 2, depth / 2, 0, 0, Math.PI * 2);
    else body.roundRect(-width / 2, -depth / 2, width, depth, least / 5);
    const away = thing.stands === "gone";
    if (away) {
      c.globalAlpha = 0.55;
      c.setLineDash([4 / camera.scale, 3 / camera.scale]);
    }
    if (looks?.height !== 0) {
      c.lineWidth = 4 / camera.scale;
      c.strokeStyle = inks.halo;
      c.stroke(body);
      c.fillStyle = looks?.stops.movement ? inks.solidProp : inks.lightProp;
      c.fill(body);
    }
    c.lineWidth = (selected ? 2.4 : 1.4) / camera.scale;
    c.strokeStyle = selected ? inks.ink : inks.wood;
    if (looks?.height !== 0 || selected || away) c.stroke(body);
    c.setLineDash([]);
    const onFootprint = new DOMMatrix([width / 2, 0, 0, depth / 2, 0, 0]);
    const figure = new Path2D();
    figure.addPath(new Path2D(lines), onFootprint);
    c.lineWidth = 1.2 / camera.scale;
    c.stroke(figure);
    const blot = new Path2D();
    blot.addPath(new Path2D(filled), onFootprint);
    c.fillStyle = inks.wood;
    c.fill(blot);
    if (worn) wear(c, worn, body, width, depth, camera.scale);
  });
}

/** Shows what the years have done to a prop, and that it is sunk or tilted. */
function wear(
  c: CanvasRenderingContext2D,
  prop: { wear: string; tilt: number; sunk: number },
  body: Path2D,
  width: number,
  depth: number,
  scale: number,
): void {
  const [w, d] = [width / 2, depth / 2];
  if (prop.wear === "weathered" || prop.wear === "overgrown") {
    c.fillStyle = prop.wear === "weathered" ? faint(inks.flint2, 0.35) : faint(inks.moss, 0.45);
    c.fill(body);
  }
  if (prop.wear === "battered") {
    c.lineWidth = 1.6 / scale;
    c.strokeStyle = inks.slip;
    c.stroke(
      new Path2D(
        `M${-w} ${-d * 0.4}L${-w * 0.2} ${d * 0.1}L${w * 0.1} ${-d * 0.3}L${w} ${d * 0.5}`,
      ),
    );
  }
  if (prop.tilt > 0 || prop.sunk > 0) {
    c.save();
    c.clip(body);
    c.fillStyle = faint(inks.shadow, 0.28);
    c.fillRect(-w, 0, 2 * w, d);
    c.restore();
  }
}
