import { useLocation } from "wouter";
import { useOpenMission } from "../document/context";
import { key, type Ref } from "../document/mission";
import { sure } from "../document/sure";
import { PLACED, type PlacedFamily } from "../families";
import { placeOf } from "../things/geometry";
import { useDesk } from "./desk";

/** In which family's things are looked at on which page, where that is not Ground. */
const LIVES: Partial<Record<Ref["family"], string>> = {
  sides: "catalogue",
  kinds: "catalogue",
  weapons: "catalogue",
  thingKinds: "catalogue",
  itemKinds: "catalogue",
};

/** Goes to a thing wherever it is worked on. */
export function useShow(id: string): (ref: Ref) => void {
  const [, go] = useLocation();
  const open = useOpenMission();
  return (ref) => {
    const { select, openEvent, map, pointing, point } = useDesk.getState();
    if (pointing?.families.includes(ref.family)) {
      pointing.take({ ref });
      point(null);
      return;
    }
    if (PLACED.includes(ref.family as PlacedFamily)) {
      const at = placeOf(open.state.mission, ref);
      select([key(ref)]);
      go(`/missions/${id}/ground`);
      if (at) map?.look(at.x, at.y);
      return;
    }
    if (ref.family === "folders" || ref.family === "labels") {
      const { things } = sure(open.state.mission[ref.family], ref.id);
      select(Object.values(things).map(key));
      go(`/missions/${id}/ground`);
      return;
    }
    if (ref.family === "events") openEvent(ref.id);
    go(`/missions/${id}/${LIVES[ref.family] ?? "script"}`);
  };
}
