import { useCallback, useEffect, useRef } from "react";
import { useDesk } from "../desk/desk";
import { useOpenMission } from "../document/context";
import { isOpen, refOf } from "../document/mission";
import type { Ground } from "../document/raster";
import type { MapHandle } from "../drawing/camera";
import { toScreen } from "../drawing/camera";
import { FOLDS, isStacked } from "../map/paint";
import { placeOf } from "../things/geometry";
import { Drawer } from "../ui/Drawer";
import { Contents } from "./Contents";
import { DeleteDialog } from "./DeleteDialog";
import { GroundMap } from "./GroundMap";
import { Slip } from "./Slip";
import { Tray } from "./Tray";

/** What lies nearer to the rim of the map than this is brought to its middle to be shown, pixels. */
const RIM = 60;

/** The map is the desk: Contents to its left, the slip to its right, the tray below. */
export function GroundPage({ ground }: { ground: Ground }) {
  const open = useOpenMission();
  const map = useRef<MapHandle>(null);
  const show = useCallback(
    (name: string) => {
      const place = placeOf(open.state.mission, refOf(name));
      const handle = map.current;
      if (!place || !handle) return;
      const size = handle.size();
      const [px, py] = toScreen(handle.camera(), size, place.x, place.y);
      const inView = px > RIM && py > RIM && px < size.width - RIM && py < size.height - RIM;
      const stacked = isStacked({ camera: handle.camera(), size }, open.state.mission, name);
      if (stacked) handle.look(place.x, place.y, FOLDS);
      else if (!inView) handle.look(place.x, place.y);
    },
    [open],
  );
  useKeptSelection();
  return (
    <div className="flex min-h-0 grow gap-2.5 p-2.5">
      <Drawer name="Contents" side="left">
        <Contents onShow={show} />
      </Drawer>
      <div className="flex min-w-0 grow flex-col gap-2">
        <GroundMap
          ground={ground}
          onReady={(handle) => {
            map.current = handle;
          }}
        />
        <Drawer name="Tray" side="bottom">
          <Tray />
        </Drawer>
      </div>
      <Drawer name="Slip" side="right">
        <Slip ground={ground} onShow={show} />
      </Drawer>
      <DeleteDialog />
    </div>
  );
}

/** Lets go of what is selected and no longer there. */
function useKeptSelection(): void {
  const open = useOpenMission();
  useEffect(() => {
    const keep = () => {
      const { selection, select } = useDesk.getState();
      const there = [...selection].filter((name) => !isOpen(open.state.mission, refOf(name)));
      if (there.length < selection.size) select(there);
    };
    keep();
    const stops = [open.store.subscribe(keep), useDesk.subscribe(keep)];
    return () => {
      for (const stop of stops) stop();
    };
  }, [open]);
}
