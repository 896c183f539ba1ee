import { keepPreviousData, useQuery } from "@tanstack/react-query";
import { useMemo } from "react";
import { useDeskPart } from "../../desk/desk";
import { getBytes, getJson } from "../../document/api";
import { useMission } from "../../document/context";
import type { CrossingManner, Position, Ref } from "../../document/mission";
import type { Span } from "../../drawing/crossings";
import { useInks } from "../../drawing/inks";
import { pixels } from "../../drawing/pixels";
import { decoded, paintInto, type Reach } from "./bands";

/** Whether somebody gets to a place, and if not, why not. */
export interface WhyNot {
  reached: boolean;
  seconds: number;
  farthest: Position;
  way: Position[];
  says: string;
  changes: string[];
  things: Ref[];
}

/** How far the shown unit gets from where it stands now, and the picture of it. */
export function useReach(
  at: Position | undefined,
): { reach: Reach; picture: HTMLCanvasElement } | null {
  const { reach: of, hour, against } = useDeskPart("reach", "hour", "against");
  const id = useMission((state) => state.id);
  const revision = useMission((state) => state.revision);
  const { data } = useQuery({
    queryKey: ["reach", id, revision, of, at?.x, at?.y, hour, against],
    queryFn: ({ signal }) => {
      const time = hour === null ? "" : `&time=${hour}`;
      const hands = against ? "&against=true" : "";
      const query = `of=${of}&x=${at?.x}&y=${at?.y}${time}${hands}`;
      return getBytes(`/api/missions/${id}/reach?${query}`, signal);
    },
    placeholderData: keepPreviousData,
    enabled: Boolean(at),
  });
  const inked = useInks();
  // biome-ignore lint/correctness/useExhaustiveDependencies: painted again with other inks
  return useMemo(() => {
    if (!data || !at) return null;
    const reach = decoded(data);
    return { reach, picture: pixels(reach.columns, reach.rows, (data) => paintInto(data, reach)) };
  }, [data, at, inked]);
}

/** A crossing that somebody uses, one for each stretch of a rim. */
export interface Stroke extends Span {
  /** The surfaces at its ends, as a run numbers them. */
  deck: number;
  toDeck: number;
  made: boolean;
}

/** Where players leave the ground that they are meant to stay on, and how; without, on foot. */
export interface Leak extends Position {
  manner: CrossingManner | null;
}

/** The crossings of the unit that the reach is shown for, and where they leave the boundary. */
export function useCrossings(): { crossings: Stroke[]; leaks: Leak[] } | undefined {
  const { reach: of, hour } = useDeskPart("reach", "hour");
  const id = useMission((state) => state.id);
  const revision = useMission((state) => state.revision);
  const { data } = useQuery({
    queryKey: ["crossings", id, revision, of, hour],
    queryFn: ({ signal }) => {
      const time = hour === null ? "" : `&time=${hour}`;
      return getJson<{ crossings: Stroke[]; leaks: Leak[] }>(
        `/api/missions/${id}/crossings?of=${of}${time}`,
        signal,
      );
    },
    placeholderData: keepPreviousData,
    enabled: of !== null,
  });
  return of === null ? undefined : data;
}

/** Asks whether and why the unit that the reach is shown for gets to a place. */
export function useWhyNot(): WhyNot | undefined {
  const { reach: of, whyAt, hour } = useDeskPart("reach", "whyAt", "hour");
  const id = useMission((state) => state.id);
  const revision = useMission((state) => state.revision);
  const { data } = useQuery({
    queryKey: ["why-not", id, revision, of, whyAt?.x, whyAt?.y, hour],
    queryFn: () => {
      const time = hour === null ? "" : `&time=${hour}`;
      return getJson<WhyNot>(
        `/api/missions/${id}/why-not?of=${of}&toX=${whyAt?.x}&toY=${whyAt?.y}${time}`,
      );
    },
    enabled: of !== null && whyAt !== null,
  });
  return of !== null && whyAt !== null ? data : undefined;
}
