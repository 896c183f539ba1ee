import type {
  Cargo,
  Craft,
  Effect,
  ItemKindFigure,
  Mission,
  Note,
  PlaceName,
  View,
} from "../document/mission";
import { toScreen } from "./camera";
import { INK, PAPER } from "./inks";
import { inked, type Labels } from "./labels";
import type { Sheet } from "./sheet";

const FLINT = "#3a4048";

/** Drawings of effects about the origin, within 8 units, as strokes. */
export const EFFECT_SIGNS: Record<Effect["look"], string> = {
  smoke: "M-5 5C-8 2 -5 -1 -3 0C-4 -5 3 -6 3 -2C7 -3 8 3 4 5ZM-2 5C-2 3 0 2 1 3",
  fire: "M0 7C-6 6 -6 0 -2 -3C-2 -1 0 -1 0 -7C5 -3 7 3 4 6C3 7 1 7 0 7ZM0 7C-2 5 -1 3 1 2C2 4 2 6 0 7",
  spray: "M-6 6C-6 0 -4 -4 -3 -6M-1 6C-1 0 0 -4 1 -7M4 6C4 2 5 -1 6 -4M-7 7L7 7",
  light:
    "M-2.5 0A2.5 2.5 0 1 1 2.5 0A2.5 2.5 0 1 1 -2.5 0M0 -7L0 -5M0 5L0 7M-7 0L-5 0M5 0L7 0M-5 -5L-3.5 -3.5M3.5 3.5L5 5M5 -5L3.5 -3.5M-3.5 3.5L-5 5",
  sound: "M-6 -2L-3 -2L0 -5L0 5L-3 2L-6 2ZM2.5 -3Q4.5 0 2.5 3M5 -5Q8 0 5 5",
};

/** The hue that the reach of an effect is tinted with. */
const EFFECT_TINTS: Record<Effect["look"], string> = {
  smoke: "#5c646e",
  fire: "#a8551b",
  spray: "#3f7387",
  light: "#b08f1c",
  sound: "#6b5a78",
};

/** Drawings of loads about the origin, within 8 units, as strokes. */
export const CARGO_SIGNS: Record<Cargo["look"], string> = {
  bale: "M-6 -4L6 -4L6 4L-6 4ZM-2.5 -4L-2.5 4M2.5 -4L2.5 4",
  keg: "M-3.5 -6L3.5 -6Q6 0 3.5 6L-3.5 6Q-6 0 -3.5 -6ZM-4.4 -2.5L4.4 -2.5M-4.4 2.5L4.4 2.5",
  net: "M-5 -2L5 -2L3 6L-3 6ZM-5 -2Q0 -8 5 -2M-2 -2L-1 6M2 -2L1 6M-4 2L4 2",
  slate: "M-6 -3L4 -5L6 3L-4 5ZM-5.3 0L5 -2",
};

/** Drawings of craft about the origin, bow to the north, within 12 units, as strokes. */
export const CRAFT_SIGNS: Record<Craft["look"], string> = {
  cart: "M-5 -6L5 -6L5 7L-5 7ZM-7 2L-5 2M5 2L7 2M-7 -1L-7 5M7 -1L7 5M-2 -6L-2 -11M2 -6L2 -11",
  boat: "M0 -12C5 -6 5 5 3 10L-3 10C-5 5 -5 -6 0 -12ZM-3.6 -2L3.6 -2M-3.8 4L3.8 4",
  balloon:
    "M-9 0A9 9 0 1 1 9 0A9 9 0 1 1 -9 0M-3 -3L3 -3L3 3L-3 3ZM-9 0L-3 0M3 0L9 0M0 -9L0 -3M0 3L0 9",
};

/** Drawings of items about the origin, within 8 units, as strokes. */
export const ITEM_SIGNS: Record<ItemKindFigure, string> = {
  flask:
    "M-1.6 -7L1.6 -7L1.6 -3.5Q5.5 -1.5 5.5 2.5Q5.5 7 0 7Q-5.5 7 -5.5 2.5Q-5.5 -1.5 -1.6 -3.5ZM-5.3 1.5L5.3 1.5",
  spade: "M5 -7L7 -5M6 -6L-0.5 0.5M-2.5 -1.5L1.5 2.5C0 6 -3 7 -7 7C-7 3 -6 0 -2.5 -1.5Z",
  key: "M-7 0A3 3 0 1 1 -1 0A3 3 0 1 1 -7 0M-1 0L7 0L7 3.5M4 0L4 3",
  bundle: "M-6 -3Q0 -6 6 -3L6 4Q0 7 -6 4ZM-6 0.5Q0 3.5 6 0.5M0 -4.5L0 5.5",
  paper: "M-5 -6Q-6.5 -3.5 -5 -1L-5 6L5 6Q6.5 3.5 5 1L5 -6ZM-2.5 -2.5L2.5 -2.5M-2.5 1L2.5 1",
  salve: "M-6 -1L6 -1L5 6L-5 6ZM-6.5 -4L6.5 -4L6.5 -1L-6.5 -1ZM0 1L0 4.6M-1.8 2.8L1.8 2.8",
};

type Place = { x: number; y: number };

function pin({ c, camera, size }: Sheet, at: Place, facing: number, draw: () => void): void {
  const [px, py] = toScreen(camera, size, at.x, at.y);
  c.save();
  c.lineJoin = "round";
  c.lineCap = "round";
  c.translate(px, py);
  c.rotate((facing * Math.PI) / 180);
  draw();
  c.restore();
}

function stroked(c: CanvasRenderingContext2D, sign: string, selected: boolean, ink: string): void {
  const path = new Path2D(sign);
  c.lineWidth = 4.5;
  c.strokeStyle = PAPER;
  c.stroke(path);
  c.lineWidth = selected ? 2.4 : 1.5;
  c.strokeStyle = ink;
  c.stroke(path);
}

/** Draws an effect: its sign, and how far it spreads; faint until an event begins it. */
export function drawEffect(sheet: Sheet, effect: Effect, selected: boolean, on = effect.on): void {
  const { c, camera } = sheet;
  const tint = EFFECT_TINTS[effect.look];
  pin(sheet, effect.position, 0, () => {
    const reach = Math.max(4, effect.radius * camera.scale);
    const spread = c.createRadialGradient(0, 0, reach * 0.15, 0, 0, reach);
    spread.addColorStop(0, `${tint}${on ? "66" : "22"}`);
    spread.addColorStop(1, `${tint}00`);
    c.beginPath();
    c.arc(0, 0, reach, 0, Math.PI * 2);
    c.fillStyle = spread;
    c.fill();
    c.setLineDash([2, 4]);
    c.lineWidth = selected ? 1.8 : 1;
    c.strokeStyle = selected ? INK : tint;
    c.stroke();
    c.setLineDash([]);
    c.globalAlpha = on ? 1 : 0.6;
    stroked(c, EFFECT_SIGNS[effect.look], selected, selected ? INK : tint);
  });
}

/** Draws a load on a plate of its own. */
export function drawCargo(sheet: Sheet, cargo: Cargo, selected: boolean): void {
  const { c } = sheet;
  pin(sheet, cargo.position, cargo.facing, () => {
    stroked(c, CARGO_SIGNS[cargo.look], selected, selected ? INK : "#6d4a1e");
  });
}

/** Draws what lies somewhere: the sign of its kind on a plate, and how many there are. */
export function drawItem(
  sheet: Sheet,
  at: Place,
  figure: ItemKindFigure | undefined,
  count: number,
  selected = false,
): void {
  const { c } = sheet;
  pin(sheet, at, 0, () => {
    c.beginPath();
    c.roundRect(-9, -9, 18, 18, 9);
    c.fillStyle = "#fbf3d9";
    c.fill();
    c.lineWidth = selected ? 2.4 : 1.2;
    c.strokeStyle = selected ? INK : "#8a6a1c";
    c.stroke();
    c.lineWidth = 1.4;
    c.strokeStyle = INK;
    c.save();
    c.scale(0.82, 0.82);
    if (figure) c.stroke(new Path2D(ITEM_SIGNS[figure]));
    c.restore();
    if (count < 2) return;
    c.font = '700 12px "Source Sans 3 Variable", sans-serif';
    c.textAlign = "left";
    inked(c, String(count), 7, 12);
  });
}

/** Draws a craft the way it heads, in the colour of its side. */
export function drawCraft(sheet: Sheet, craft: Craft, colour: string, selected: boolean): void {
  const { c } = sheet;
  pin(sheet, craft.position, craft.facing, () => {
    const hull = new Path2D(CRAFT_SIGNS[craft.look]);
    c.fillStyle = "#f2ecdc";
    c.fill(hull);
    stroked(c, CRAFT_SIGNS[craft.look], selected, selected ? INK : colour);
  });
}

const LETTERS = { small: 13, medium: 17, large: 24 };

/** The letters of a place name, as the canvas takes a font. */
function letters(of: PlaceName): string {
  return `italic 600 ${LETTERS[of.letters]}px "Bitter Variable", serif`;
}

/** Writes a place name on the sheet as it is turned. */
export function drawPlaceName(sheet: Sheet, place: PlaceName, selected: boolean): void {
  const { c } = sheet;
  pin(sheet, place.position, place.facing, () => {
    c.font = letters(place);
    c.textAlign = "center";
    inked(c, place.name, 0, LETTERS[place.letters] / 3, selected ? INK : "#4a5260");
    if (!selected) return;
    const width = c.measureText(place.name).width;
    c.lineWidth = 1.4;
    c.strokeStyle = INK;
    c.strokeRect(
      -width / 2 - 5,
      -LETTERS[place.letters] / 1.5,
      width + 10,
      LETTERS[place.letters] * 1.35,
    );
  });
}

/** Keeps the names of units and zones off the place names. */
export function blockPlaceNames(
  { c, camera, size }: Sheet,
  mission: Mission,
  labels: Labels,
): void {
  for (const place of Object.values(mission.placeNames)) {
    if (place.facing % 180 > 20 && place.facing % 180 < 160) continue;
    c.font = letters(place);
    const width = c.measureText(place.name).width;
    const [px, py] = toScreen(camera, size, place.position.x, place.position.y);
    labels.block(px - width / 2, py - LETTERS[place.letters] / 2, width, LETTERS[place.letters]);
  }
}

/** Draws a view: the corners of its frame. */
export function drawView({ c, camera, size }: Sheet, view: View, selected: boolean): void {
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
  ]) {
    corners.moveTo(x + arm * dx, y);
    corners.lineTo(x, y);
    corners.lineTo(x, y + arm * dy);
  }
  c.lineWidth = 5;
  c.strokeStyle = PAPER;
  c.stroke(corners);
  c.lineWidth = selected ? 2.6 : 1.6;
  c.strokeStyle = selected ? INK : FLINT;
  c.stroke(corners);
  c.restore();
}

/** Draws a note: a slip of paper with a folded corner. */
export function drawNote(sheet: Sheet, note: Note, selected: boolean): void {
  const { c } = sheet;
  pin(sheet, note.position, 0, () => {
    const slip = new Path2D("M-8 -9L4 -9L8 -5L8 9L-8 9Z");
    c.fillStyle = "#f4e7b8";
    c.fill(slip);
    stroked(c, "M-8 -9L4 -9L8 -5L8 9L-8 9ZM4 -9L4 -5L8 -5", selected, INK);
    c.fill(slip);
    c.lineWidth = 1.2;
    c.strokeStyle = FLINT;
    c.stroke(new Path2D("M4 -9L4 -5L8 -5M-5 -2L5 -2M-5 2L5 2M-5 6L1 6"));
  });
}
