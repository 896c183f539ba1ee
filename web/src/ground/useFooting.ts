import { useEffect, useState } from "react";
import { getJson } from "../api";
import { useMission } from "../model/context";

/** A place somebody of a kind is about to stand at. */
export interface Wish {
  kind: string;
  x: number;
  y: number;
  /** The one who is being moved, as a query: `unit=…` or `start=…`. */
  except?: string;
}

/** Asks the server why a place is bad; empty where it is good. */
export async function askFooting(mission: string, wish: Wish): Promise<string> {
  const { kind, x, y, except } = wish;
  const query = `kind=${kind}&x=${x}&y=${y}&${except ?? ""}`;
  return (await getJson<{ why: string }>(`/api/missions/${mission}/footing?${query}`)).why;
}

/** Why a place is bad, as the server finds it; empty where it is good or not known yet. */
export function useFooting(wish: Wish | null): string {
  const id = useMission((state) => state.id);
  const [why, setWhy] = useState("");
  useEffect(() => {
    if (!wish) {
      setWhy("");
      return;
    }
    let stale = false;
    askFooting(id, wish)
      .then((answer) => !stale && setWhy(answer))
      .catch(() => !stale && setWhy(""));
    return () => {
      stale = true;
    };
  }, [id, wish]);
  return why;
}
