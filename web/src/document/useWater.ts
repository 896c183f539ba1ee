import { keepPreviousData, useQuery } from "@tanstack/react-query";
import { getJson } from "./api";
import { useMission } from "./context";

/** The sea and the day at a time. */
interface Air {
  /** The level of the water, metres. */
  water: number;
  /** The share of daylight. */
  light: number;
}

/**
 * How the water stands and how light it is, as the core reckons them.
 *
 * @param time seconds after the midnight before play; nothing for when play begins
 */
export function useAir(time: number | null): Air {
  const id = useMission((state) => state.id);
  const revision = useMission((state) => state.revision);
  const { waterLevel } = useMission((state) => state.mission.setting);
  const { data } = useQuery({
    queryKey: ["water", id, revision, time],
    queryFn: () => askWater(id, time),
    placeholderData: keepPreviousData,
  });
  return { water: data?.level ?? waterLevel, light: data?.light ?? 1 };
}

function askWater(id: string, time: number | null) {
  const query = time === null ? "" : `?time=${time}`;
  return getJson<{ level: number; light: number }>(`/api/missions/${id}/water${query}`);
}

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
    queryFn: () => askWater(id, time),
    placeholderData: keepPreviousData,
    enabled: tidal,
  });
  return tidal ? (data?.level ?? setting.waterLevel) : setting.waterLevel;
}
