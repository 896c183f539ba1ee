import { useMission } from "../document/context";
import { inOrder, partsAt } from "../document/corners";
import type { Road, RoadMake } from "../document/mission";
import { lengthOf } from "../document/shapes";
import { sure } from "../document/sure";
import { metres } from "../document/units";
import { PRINT } from "../drawing/printed";
import { drawRoads } from "../drawing/roads";
import { Group } from "../ui/controls";
import { Metres, OneOf } from "./fields";
import { asSetDown, cornerSpots, type FieldsProps, only, type Traits } from "./traits";

const MAKES: { value: RoadMake; word: string }[] = [
  { value: "road", word: "Packed stone" },
  { value: "plank", word: "Planks" },
  { value: "shingle", word: "Shingle" },
  { value: "path", word: "A trodden path" },
];

const OF = { road: "packed stone", plank: "planks", shingle: "shingle", path: "trodden earth" };

const PRINTED = {
  road: PRINT.road,
  plank: PRINT.plankRoad,
  shingle: PRINT.shingle,
  path: PRINT.path,
};

/** Roads, paths and causeways. */
export const roads: Traits<"roads"> = {
  heading: "Roads",
  sign: "M6 16L7 11L6 7L8 2M12 16L13 11L12 7L13 2",
  setDown: {
    at: 14,
    tray: only("Works", "Road", "path lane track causeway"),
    drawn: () => ({ least: 2, most: 200 }),
    fresh: ({ at }) => ({ name: "Road", corners: partsAt(at, {}), width: 3, surface: "road" }),
    remembered: ["width", "surface"],
  },
  geometry: ({ corners }) => ({ is: "line", vertices: inOrder(corners), closed: false }),
  spots: ({ corners }) => cornerSpots(corners),
  vertices: ({ corners }) => corners,
  leastVertices: 2,
  layer: "roads",
  named: 13,
  painted: { at: 3, draw: (sheet, roads, { marked }) => drawRoads(sheet, roads, marked) },
  inPlay: asSetDown,
  solid: null,
  printed: {
    at: 3,
    draw: (roads, { line, wide }) =>
      Object.entries(roads).map(([id, road]) => {
        const d = line(path(road), false);
        const width = wide(road.width, 0.5);
        return (
          <g key={id} fill="none">
            <path d={d} stroke={PRINT.roadEdge} strokeWidth={width + 0.3} />
            <path d={d} stroke={PRINTED[road.surface]} strokeWidth={width} />
          </g>
        );
      }),
    legend: { word: "Road", sign: <path d="M0 1.5H7" stroke={PRINT.roadEdge} strokeWidth={1.4} /> },
    players: true,
  },
  sentence: (road) =>
    `A road ${metres(lengthOf(path(road), false))} long and ${metres(road.width)} wide, of ${OF[road.surface]}.`,
  slip: [Fields],
};

function path({ corners }: Road) {
  return inOrder(corners).map(({ at }) => at);
}

/** How wide a road is and of what. */
function Fields({ id, name }: FieldsProps) {
  const road = useMission((state) => sure(state.mission.roads, id));
  const at = ["roads", id];
  return (
    <Group title="The road">
      <Metres label="Wide" path={[...at, "width"]} value={road.width} least={0.3} most={60} />
      <OneOf
        label="Of"
        path={[...at, "surface"]}
        value={road.surface}
        options={MAKES}
        says={() => `${name} of another make`}
      />
    </Group>
  );
}
