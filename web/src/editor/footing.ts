import { useEffect, useRef, useState } from "react";
import { getJson } from "../document/api";
import { useMission } from "../document/context";
import type { Position } from "../document/mission";

/** A place somebody of a kind is about to stand at. */
export interface Wish {
  kind: string;
  /** The surface: `top`, `ground`, or the id of a deck. */
  level: string;
  x: number;
  y: number;
  /** The one who is being moved, as a query: `unit=…` or `start=…`. */
  except?: string;
}

/** Why a place is bad, empty where it is good; and where beside it one could stand instead. */
export interface Footing {
  why: string;
  beside?: Position;
}

/** A place that is good, or not known yet. */
export const GOOD: Footing = { why: "" };

/** Asks the server whether somebody can stand at a place. */
export async function askFooting(
  mission: string,
  wish: Wish,
  signal?: AbortSignal,
): Promise<Footing> {
  const { kind, level, x, y, except } = wish;
  const query = `kind=${kind}&level=${level}&x=${x}&y=${y}&${except ?? ""}`;
  return getJson<Footing>(`/api/missions/${mission}/footing?${query}`, signal);
}

/** How long after one question the next is asked at the soonest, milliseconds. */
const PAUSE = 50;

/** Whether a place is good, as the server finds it; good while it is not known yet. */
export function useFooting(wish: Wish | null): Footing {
  const id = useMission((state) => state.id);
  const [footing, setFooting] = useState(GOOD);
  const asked = useRef(0);
  useEffect(() => {
    if (!wish) {
      setFooting(GOOD);
      return;
    }
    const calledOff = new AbortController();
    const { signal } = calledOff;
    const wait = setTimeout(
      () => {
        asked.current = performance.now();
        askFooting(id, wish, signal).then(
          (answer) => !signal.aborted && setFooting(answer),
          () => !signal.aborted && setFooting(GOOD),
        );
      },
      Math.max(0, asked.current + PAUSE - performance.now()),
    );
    return () => {
      clearTimeout(wait);
      calledOff.abort();
    };
  }, [id, wish]);
  return footing;
}
