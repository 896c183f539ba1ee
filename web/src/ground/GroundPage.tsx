import { useEffect, useRef } from "react";
import { toScreen } from "../map/camera";
import type { Ground } from "../map/ground";
import type { MapHandle } from "../map/MapCanvas";
import { useMission } from "../model/context";
import { useDesk } from "../model/desk";
import { placeOf } from "../model/geometry";
import { isOpen, refOf } from "../model/mission";
import { Contents } from "./Contents";
import { DeleteDialog } from "./DeleteDialog";
import { GroundMap } from "./GroundMap";
import { Slip } from "./Slip";
import { Tray } from "./Tray";

/** What lies nearer to the rim of the map than this is brought to its middle to be shown, pixels. */
const RIM = 60;

/** The map is the desk: Contents to its left, the slip to its right, the tray below. */
export function GroundPage({ ground }: { ground: Ground }) {
  const mission = useMission((state) => state.mission);
  const selection = useDesk((desk) => desk.selection);
  const select = useDesk((desk) => desk.select);
  const map = useRef<MapHandle>(null);
  useEffect(() => {
    const there = [...selection].filter((name) => !isOpen(mission, refOf(name)));
    if (there.length < selection.size) select(there);
  }, [mission, selection, select]);
  const show = (name: string) => {
    const place = placeOf(mission, refOf(name));
    const handle = map.current;
    if (!place || !handle) return;
    const size = handle.size();
    const [px, py] = toScreen(handle.camera(), size, place.x, place.y);
    const inView = px > RIM && py > RIM && px < size.width - RIM && py < size.height - RIM;
    if (!inView) handle.look(place.x, place.y);
  };
  return (
    <div className="flex min-h-0 grow gap-2.5 p-2.5">
      <Contents onShow={show} />
      <div className="flex min-w-0 grow flex-col gap-2">
        <GroundMap
          ground={ground}
          onReady={(handle) => {
            map.current = handle;
          }}
        />
        <Tray />
      </div>
      <Slip ground={ground} onShow={show} />
      <DeleteDialog />
    </div>
  );
}
