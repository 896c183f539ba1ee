import { useMission } from "../document/context";
import type { Mission, PlaceName } from "../document/mission";
import { sure } from "../document/sure";
import { toScreen } from "../drawing/camera";
import { inks } from "../drawing/inks";
import { inked, type Labels } from "../drawing/labels";
import { lettersGrown } from "../drawing/letters";
import { pin } from "../drawing/pin";
import { Words } from "../drawing/printed";
import type { Sheet } from "../drawing/sheet";
import { Group } from "../ui/controls";
import { OneOf } from "./fields";
import { asSetDown, each, FACING_POINT, type FieldsProps, only, type Traits } from "./traits";

const SIZES: { value: PlaceName["letters"]; word: string }[] = [
  { value: "small", word: "Small" },
  { value: "medium", word: "Medium" },
  { value: "large", word: "Large" },
];

/** How large letters are printed, millimetres. */
const PRINTED = { small: 2.6, medium: 3.6, large: 5.2 };

/** Names that are written on the sheet. */
export const placeNames: Traits<"placeNames"> = {
  heading: "Place names",
  sign: "M3 15L8 3L10 3L15 15M5 11L13 11",
  setDown: {
    at: 10,
    tray: only("Places", "Place name", "label writing"),
    fresh: ({ at: [position] }) => ({ name: "Place", position, facing: 0, letters: "medium" }),
    remembered: ["letters"],
  },
  ...FACING_POINT,
  painted: { at: 31, draw: each(drawPlaceName) },
  inPlay: asSetDown,
  solid: null,
  printed: {
    at: 31,
    draw: (names, { at }) =>
      Object.entries(names).map(([id, { position, name, letters }]) => (
        <Words key={id} at={at(position)} size={PRINTED[letters]} italic>
          {name}
        </Words>
      )),
    players: true,
  },
  sentence: () => "A name that is written on the sheet and on the players' map.",
  slip: [Fields],
};

/** How large a place name is written. */
function Fields({ id, name }: FieldsProps) {
  const place = useMission((state) => sure(state.mission.placeNames, id));
  return (
    <Group title="Writing">
      <OneOf
        label="Letters"
        path={["placeNames", id, "letters"]}
        value={place.letters}
        options={SIZES}
        says={(to) => `Write ${name} ${to}`}
      />
    </Group>
  );
}

const LETTERS = { small: 13, medium: 17, large: 24 };

/** How high a place name is written, pixels. */
function heightOf(of: PlaceName): number {
  return LETTERS[of.letters] * lettersGrown();
}

/** The letters of a place name, as the canvas takes a font. */
function fontOf(of: PlaceName): string {
  return `italic 600 ${heightOf(of)}px "Bitter Variable", serif`;
}

/** Writes a place name on the sheet as it is turned. */
function drawPlaceName(sheet: Sheet, place: PlaceName, selected: boolean): void {
  const { c } = sheet;
  pin(sheet, place.position, place.facing, () => {
    c.font = fontOf(place);
    c.textAlign = "center";
    inked(c, place.name, 0, heightOf(place) / 3, selected ? inks.ink : inks.flint);
    if (!selected) return;
    const width = c.measureText(place.name).width;
    c.lineWidth = 1.4;
    c.strokeStyle = inks.ink;
    c.strokeRect(-width / 2 - 5, -heightOf(place) / 1.5, width + 10, heightOf(place) * 1.35);
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
    c.font = fontOf(place);
    const width = c.measureText(place.name).width;
    const [px, py] = toScreen(camera, size, place.position.x, place.position.y);
    labels.block(px - width / 2, py - heightOf(place) / 2, width, heightOf(place));
  }
}
