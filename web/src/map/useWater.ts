import { keepPreviousData, useQuery } from "@tanstack/react-query";
import { getJson } from "../api";
import { useMission } from "../model/context";

/**
 * The level of the water, metres; with a tide as the core reckons it.
 *
 * @param time seconds after the midnight before play; nothing for when play begins
 */
export function useWater(time: number | null = null): number {
  const id = useMission((state) => state.id);
  const revision = useMission((state) => state.revision);
  const setting = useMission((state) => state.mission.setting);
  const tidal = Object.keys(setting.tide).length > 0;
  const { data } = useQuery({
    queryKey: ["water", id, revision, time],
    queryFn: () =>
      getJson<{ level: number }>(
        `/api/missions/${id}/water${time === null ? "" : `?time=${time}`}`,
      ),
    placeholderData: keepPreviousData,
    enabled: tidal,
  });
  return tidal ? (data?.level ?? setting.waterLevel) : setting.waterLevel;
}
