import { useQuery } from "@tanstack/react-query";
import { useMission } from "./context";
import { loadGround } from "./raster";

/** The ground of the mission that is open, once it is here. */
export function useGround() {
  const terrain = useMission((state) => state.mission.setting.terrain);
  return useQuery({
    queryKey: ["ground", terrain],
    queryFn: () => loadGround(terrain),
    staleTime: Infinity,
    // Grounds are large; those of late are kept by the map itself.
    gcTime: 0,
  });
}
