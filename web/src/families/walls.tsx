import { useMission } from "../document/context";
import { inOrder, partsAt } from "../document/corners";
import { ordered, type Wall } from "../document/mission";
import { lengthOf, stretches } from "../document/shapes";
import { sure } from "../document/sure";
import { metres } from "../document/units";
import { toScreen } from "../drawing/camera";
import { inks } from "../drawing/inks";
import { FLINT } from "../drawing/printed";
import type { Sheet } from "../drawing/sheet";
import { Group } from "../ui/controls";
import { Metres, StopsFields } from "./fields";
import { SlitFields } from "./Slits";
import { SOLID, stopped } from "./stops";
import {
  asSetDown,
  cornerSpots,
  each,
  eachPrinted,
  type FieldsProps,
  only,
  type Traits,
} from "./traits";

/** Lines that stop people, sight, shots and sound. */
export const walls: Traits<"walls"> = {
  heading: "Walls",
  sign: "M2 12L7 6L16 8M2 15L8 9.5L16 11",
  setDown: {
    at: 11,
    tray: only("Works", "Wall", "line"),
    drawn: () => ({ least: 2, most: 200 }),
    fresh: ({ at, levelAt }) => ({
      name: "Wall",
      corners: partsAt(at, {}),
      height: 2,
      thickness: 0.4,
      level: levelAt(sure(at, 0)),
      stops: { ...SOLID },
      slits: {},
    }),
    remembered: ["height", "thickness", "stops"],
  },
  geometry: ({ corners }) => ({ is: "line", vertices: inOrder(corners), closed: false }),
  spots: ({ corners }) => cornerSpots(corners),
  vertices: ({ corners }) => corners,
  leastVertices: 2,
  layer: "lines",
  levelled: true,
  painted: { at: 10, draw: each(drawWall) },
  inPlay: asSetDown,
  solid: null,
  printed: {
    at: 10,
    draw: eachPrinted(({ corners, thickness }, { line, wide }) => ({
      d: line(path(corners), false),
      fill: "none",
      stroke: FLINT,
      strokeWidth: wide(thickness, 0.5),
    })),
    legend: { word: "Wall", sign: <path d="M0 1.5H7" stroke={FLINT} strokeWidth={0.8} /> },
    players: true,
  },
  sentence: ({ corners, stops, height }) => {
    const long = metres(lengthOf(path(corners), false));
    return `A wall ${long} long and ${metres(height)} high that stops ${stopped(stops)}.`;
  },
  slip: [Fields],
};

function path(corners: Wall["corners"]) {
  return inOrder(corners).map(({ at }) => at);
}

/** How high and thick a wall is, and what it stops. */
function Fields({ id, name }: FieldsProps) {
  const wall = useMission((state) => sure(state.mission.walls, id));
  const at = ["walls", id];
  return (
    <Group title="The wall">
      <Metres label="Height" path={[...at, "height"]} value={wall.height} least={0.1} most={100} />
      <Metres
        label="Thickness"
        path={[...at, "thickness"]}
        value={wall.thickness}
        least={0.05}
        most={10}
      />
      <StopsFields path={[...at, "stops"]} value={wall.stops} of={name} />
      <SlitFields id={id} />
    </Group>
  );
}

/** Draws a wall as thick as it is. */
function drawWall(sheet: Sheet, wall: Wall, selected: boolean): void {
  const { c, camera, size } = sheet;
  const points = ordered(wall.corners).map(([, { position }]) =>
    toScreen(camera, size, position.x, position.y),
  );
  const width = Math.max(3, wall.thickness * camera.scale);
  c.save();
  c.lineJoin = "round";
  c.lineCap = "round";
  for (const [more, colour] of [
    [3, inks.halo],
    [0, selected ? inks.ink : inks.flint],
    [-2, wall.stops.sight ? inks.wallStone : inks.lowWall],
  ] as const) {
    c.beginPath();
    points.forEach(([px, py], i) => {
      if (i === 0) c.moveTo(px, py);
      else c.lineTo(px, py);
    });
    c.lineWidth = Math.max(1, width + more);
    c.strokeStyle = colour;
    c.stroke();
  }
  drawSlits(sheet, wall, width);
  c.restore();
}

/** Draws the slits of a wall as gaps with a line through them. */
function drawSlits({ c, camera, size }: Sheet, wall: Wall, width: number): void {
  const path = ordered(wall.corners).map(([, { position }]) => position);
  c.lineCap = "butt";
  for (const slit of Object.values(wall.slits)) {
    let from = 0;
    for (const [a, b] of stretches(path, false)) {
      const length = Math.hypot(b.x - a.x, b.y - a.y);
      const [start, end] = [slit.along - slit.width / 2 - from, slit.along + slit.width / 2 - from];
      from += length;
      if (end <= 0 || start >= length) continue;
      const at = (metres: number) => {
        const share = Math.max(0, Math.min(1, metres / length));
        return toScreen(camera, size, a.x + (b.x - a.x) * share, a.y + (b.y - a.y) * share);
      };
      for (const [line, colour] of [
        [Math.max(width + 1, 4), inks.slip],
        [1.5, inks.ink],
      ] as const) {
        c.beginPath();
        c.moveTo(...at(start));
        c.lineTo(...at(end));
        c.lineWidth = line;
        c.strokeStyle = colour;
        c.stroke();
      }
    }
  }
}
