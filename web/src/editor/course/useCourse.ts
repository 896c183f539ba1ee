import { keepPreviousData, useQuery } from "@tanstack/react-query";
import { useDesk } from "../../desk/desk";
import { send } from "../../document/api";
import { useMission } from "../../document/context";
import type { Ref } from "../../document/mission";
import type { Leg, Wish } from "./course";

/** A route as somebody of a kind would go along it. */
export interface Course {
  wish: Wish;
  of: Ref;
  legs: Leg[];
}

/** The course of a route that lies as wished, at the hour of the tide that the map is shown at. */
export function useCourse(wish: Wish | undefined): Course | undefined {
  const id = useMission((state) => state.id);
  const revision = useMission((state) => state.revision);
  const hour = useDesk((desk) => desk.hour);
  const { data } = useQuery({
    queryKey: ["course", id, revision, hour, wish],
    queryFn: async ({ signal }) => {
      const time = hour === null ? "" : `?time=${hour}`;
      const path = `/api/missions/${id}/course${time}`;
      return { wish, ...(await send<Omit<Course, "wish">>("POST", path, wish, signal)) } as Course;
    },
    placeholderData: keepPreviousData,
    enabled: wish !== undefined,
    gcTime: 10_000,
  });
  return wish && data?.wish.route === wish.route ? data : undefined;
}
