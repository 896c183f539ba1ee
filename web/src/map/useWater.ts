import { keepPreviousData, useQuery } from "@tanstack/react-query";
import { getJson } from "../api";
import { useMission } from "../model/context";

/** The level of the water when play begins, metres; with a tide as the core reckons it. */
export function useWater(): number {
  const id = useMission((state) => state.id);
  const revision = useMission((state) => state.revision);
  const setting = useMission((state) => state.mission.setting);
  const tidal = Object.keys(setting.tide).length > 0;
  const { data } = useQuery({
    queryKey: ["water", id, revision],
    queryFn: () => getJson<{ level: number }>(`/api/missions/${id}/water`),
    placeholderData: keepPreviousData,
    enabled: tidal,
  });
  return tidal ? (data?.level ?? setting.waterLevel) : setting.waterLevel;
}
