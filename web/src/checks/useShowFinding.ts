import { useLocation } from "wouter";
import { useDesk } from "../desk/desk";
import type { Finding } from "../document/api";
import { useMission } from "../document/context";

/** Goes to the page and the thing that a finding is about. */
export function useShowFinding(): (finding: Finding) => void {
  const id = useMission((state) => state.id);
  const [, go] = useLocation();
  return ({ thing, area }) => {
    const { openEvent, select } = useDesk.getState();
    if (area === "script") openEvent(thing?.id ?? null);
    else if (thing) select([`${thing.family}/${thing.id}`]);
    go(`/missions/${id}/${area}`);
  };
}
