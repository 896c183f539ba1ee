import { useMission } from "../document/context";
import { pinnedOf, type SpawnPoint } from "../document/mission";
import { sure } from "../document/sure";
import { inks } from "../drawing/inks";
import type { Sheet } from "../drawing/sheet";
import { putFacing, ring } from "../drawing/sprites";
import { Group } from "../ui/controls";
import { Amount } from "./fields";
import { each, FACING_POINT, type FieldsProps, only, type Traits } from "./traits";

/** Where those come in who are brought into play. */
export const spawnPoints: Traits<"spawnPoints"> = {
  heading: "Spawn points",
  sign: "M9 3L9 14M5 10L9 14L13 10M3 16L15 16",
  setDown: {
    at: 7,
    tray: only("Places", "Spawn point", "come in"),
    fresh: ({ at: [position], levelAt }) => ({
      name: "Spawn point",
      position,
      level: levelAt(position),
      facing: 0,
      clearance: 1,
    }),
    remembered: ["clearance"],
  },
  ...FACING_POINT,
  levelled: true,
  eyes: true,
  place: "spawnPoint",
  named: 15,
  painted: { at: 22, draw: each(drawSpawnPoint) },
  inPlay: null,
  solid: null,
  printed: null,
  sentence: () =>
    "Those who are brought in here come into play side by side, each with room to stand.",
  slip: [Fields],
  links: ["units", "squads"],
  orders: (spawnPoint, name) => [
    {
      verb: `go to and fro to ${name}`,
      order: { type: "prowl", to: { type: "spawnPoint", spawnPoint }, pause: pinnedOf(10) },
    },
  ],
};

/** How much room those need who come in at a spawn point. */
function Fields({ id, name }: FieldsProps) {
  const point = useMission((state) => sure(state.mission.spawnPoints, id));
  return (
    <Group title="Those who come in">
      <Amount
        label="Room between"
        path={["spawnPoints", id, "clearance"]}
        unit="m"
        least={0}
        most={20}
        value={point.clearance}
        says={(to) => `${to} m between those at ${name}`}
      />
    </Group>
  );
}

/** Draws a spawn point: an arrow that comes in through a dotted ring. */
function drawSpawnPoint(sheet: Sheet, point: SpawnPoint, selected: boolean): void {
  putFacing(sheet, point, `spawn/${selected}`, 18, (c) => {
    c.beginPath();
    c.arc(0, 0, 10, 0, Math.PI * 2);
    c.fillStyle = inks.halo;
    c.fill();
    c.setLineDash([3, 3]);
    c.lineWidth = selected ? 2.4 : 1.6;
    c.strokeStyle = inks.ink;
    c.stroke();
    c.setLineDash([]);
    c.beginPath();
    c.moveTo(0, 9);
    c.lineTo(0, -5);
    c.moveTo(-4, -1);
    c.lineTo(0, -6);
    c.lineTo(4, -1);
    c.lineWidth = 2;
    c.stroke();
    if (selected) ring(c);
  });
}
