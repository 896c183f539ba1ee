import { createContext, useContext } from "react";
import { useStore } from "zustand";
import type { MissionState, OpenMission } from "./store";

/** The mission that the page is about. */
export const MissionContext = createContext<OpenMission | null>(null);

/** The open mission. */
export function useOpenMission(): OpenMission {
  const open = useContext(MissionContext);
  if (!open) throw new Error("there is no open mission here");
  return open;
}

/** A part of the open mission's state. */
export function useMission<T>(select: (state: MissionState) => T): T {
  return useStore(useOpenMission().store, select);
}
