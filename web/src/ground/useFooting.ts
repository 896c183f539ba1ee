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

/** Why a place is bad, as the server finds it; empty where it is good or not known yet. */
export function useFooting(wish: Wish | null): string {
  const id = useMission((state) => state.id);
  const [why, setWhy] = useState("");
  const asked = wish && `kind=${wish.kind}&x=${wish.x}&y=${wish.y}&${wish.except ?? ""}`;
  useEffect(() => {
    if (!asked) {
      setWhy("");
      return;
    }
    let stale = false;
    getJson<{ why: string }>(`/api/missions/${id}/footing?${asked}`)
      .then((answer) => !stale && setWhy(answer.why))
      .catch(() => !stale && setWhy(""));
    return () => {
      stale = true;
    };
  }, [id, asked]);
  return why;
}
