import { inOrder } from "../document/corners";
import type { Building } from "../document/mission";
import { sure } from "../document/sure";
import { drawBuildings } from "../drawing/buildings";
import { PRINT } from "../drawing/printed";
import { PathSign } from "../ui/PathSign";
import { planPath } from "./planPath";
import { bareBuilding, PLANS, plannedBuilding } from "./plans";
import { asSetDown, cornerSpots, eachPrinted, spots, type Traits } from "./traits";

/** Houses with storeys, doors, windows, stairs and a roof. */
export const buildings: Traits<"buildings"> = {
  heading: "Buildings",
  sign: "M2 9L9 3L16 9M4 8L4 15L14 15L14 8M8 15L8 11L11 11L11 15",
  setDown: {
    at: 15,
    tray: () => [
      { group: "Buildings", choice: "", word: "Building", also: "house walls outline" },
      ...Object.entries(PLANS).map(([choice, { word, also }]) => ({
        group: "Buildings" as const,
        choice,
        word,
        also: `building ${also}`,
        icon: <PathSign path={planPath(choice)} reach={8} width={1.1} size={20} />,
        turns: true as const,
      })),
    ],
    drawn: (plan) => (plan === "" ? { least: 3, most: 200, closed: true } : undefined),
    fresh: ({ at, choice: plan, turn }) =>
      plan === ""
        ? bareBuilding("House", at)
        : plannedBuilding(plan, sure(PLANS, plan).word, sure(at, 0), turn),
  },
  geometry: ({ corners }) => ({ is: "ring", vertices: inOrder(corners) }),
  vertices: ({ corners }) => corners,
  leastVertices: 3,
  spots: ({ corners, inner, stairs }) => [
    ...cornerSpots(corners),
    ...Object.values(inner).flatMap((it) => cornerSpots(it.corners)),
    ...spots("head", ...Object.values(stairs)),
    ...spots("foot", ...Object.values(stairs)),
  ],
  layer: "outlines",
  named: 12,
  landmarks: true,
  painted: {
    at: 4,
    draw: (sheet, buildings, { mission, marked }) =>
      drawBuildings(sheet, buildings, mission.setting.terrain, marked),
  },
  inPlay: asSetDown,
  solid: null,
  printed: {
    at: 4,
    draw: eachPrinted(({ corners, roof }, { line }) => ({
      d: line(
        inOrder(corners).map(({ at }) => at),
        true,
      ),
      fill: roof.make === "flat" ? PRINT.flatRoof : PRINT.roof,
      stroke: PRINT.wall,
      strokeWidth: 0.3,
    })),
    legend: {
      word: "Building",
      sign: (
        <rect
          x={1.5}
          width={4}
          height={3}
          fill={PRINT.roof}
          stroke={PRINT.wall}
          strokeWidth={0.3}
        />
      ),
    },
    players: true,
  },
  sentence: ({ storeys, doors, corners }) => {
    if (Object.keys(corners).length < 3) return "A building needs three corners to be there.";
    return `A building of ${counted(storeys, "storey")} with ${counted(doors, "door")}. Look into a storey to furnish it.`;
  },
  slip: ["building"],
};

function counted(parts: Building["doors"] | Building["storeys"], word: string): string {
  const many = Object.keys(parts).length;
  return `${many === 0 ? "no" : many} ${word}${many === 1 ? "" : "s"}`;
}
