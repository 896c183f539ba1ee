import { put } from "../document/change";
import { useMission, useOpenMission } from "../document/context";
import type { Marker } from "../document/mission";
import { sure } from "../document/sure";
import { toScreen } from "../drawing/camera";
import { inks } from "../drawing/inks";
import { INK, PRINT, Words } from "../drawing/printed";
import type { Sheet } from "../drawing/sheet";
import { Group, Tick } from "../ui/controls";
import { each, type FieldsProps, only, POINT, type Traits } from "./traits";

/** Notes on the players' map. */
export const markers: Traits<"markers"> = {
  heading: "Markers",
  sign: "M5 16L5 2L15 5.5L5 9",
  setDown: {
    at: 9,
    tray: only("Places", "Marker", "players map"),
    fresh: ({ at: [position] }) => ({ name: "Marker", position, shown: true }),
  },
  ...POINT,
  named: 7,
  landmarks: true,
  painted: { at: 30, draw: each(drawMarker) },
  inPlay: (markers, play) => Object.fromEntries(play.markers.map((id) => [id, sure(markers, id)])),
  solid: null,
  printed: {
    at: 30,
    draw: (markers, { at, shown }) =>
      Object.entries(markers)
        .filter(([, marker]) => shown === "all" || marker.shown)
        .map(([id, { position, name }]) => {
          const [x, y] = at(position);
          return (
            <g key={id}>
              <path
                d={`M${x} ${y}L${x} ${y - 3.4}L${x + 2.2} ${y - 2.6}L${x} ${y - 1.8}`}
                fill={PRINT.lichen}
                stroke={INK}
                strokeWidth={0.3}
              />
              <Words at={[x, y + 2.8]} size={2.4}>
                {name}
              </Words>
            </g>
          );
        }),
    legend: {
      word: "Marker",
      sign: (
        <path d="M2.5 3.4L2.5 0L5 0.9L2.5 1.8" fill={PRINT.lichen} stroke={INK} strokeWidth={0.3} />
      ),
    },
    players: true,
  },
  sentence: ({ shown }) =>
    shown
      ? "A note that players see on their map from the start."
      : "A note that players see on their map once an event shows it.",
  slip: [Fields],
};

/** When players see a marker. */
function Fields({ id, name }: FieldsProps) {
  const open = useOpenMission();
  const { shown } = useMission((state) => sure(state.mission.markers, id));
  return (
    <Group title="On the players' map">
      <Tick
        word="shown from the start"
        checked={shown}
        onTake={(to) =>
          put(open, `${name} ${to ? "shown" : "hidden"} at the start`, ["markers", id, "shown"], to)
        }
      />
    </Group>
  );
}

/** Draws a marker: a pennant on a pole. */
function drawMarker(sheet: Sheet, marker: Marker, selected: boolean): void {
  const { c, camera, size } = sheet;
  const [px, py] = toScreen(camera, size, marker.position.x, marker.position.y);
  c.save();
  c.translate(px, py);
  c.lineJoin = "round";
  const pennant = new Path2D("M0 0L0 -20L13 -15.5L0 -11");
  c.lineWidth = 4.5;
  c.strokeStyle = inks.halo;
  c.stroke(pennant);
  c.fillStyle = inks.lichen;
  c.fill(pennant);
  c.lineWidth = selected ? 2.6 : 1.6;
  c.strokeStyle = inks.ink;
  c.stroke(pennant);
  c.beginPath();
  c.arc(0, 0, 2.5, 0, Math.PI * 2);
  c.fillStyle = inks.ink;
  c.fill();
  c.restore();
}
