import { useQuery } from "@tanstack/react-query";
import { getJson } from "./api";
import { newestOf } from "./copies";
import type { BundleEdition, Mission } from "./mission";

/** A bundle that ships with the application. */
export interface Shipped {
  id: string;
  name: string;
  note: string;
  edition: BundleEdition;
}

const NONE: Shipped[] = [];

/** The bundles that ship; none until they are here. */
export function useShipped(): Shipped[] {
  return (
    useQuery({
      queryKey: ["bundles"],
      queryFn: () => getJson<Shipped[]>("/api/bundles"),
      staleTime: Infinity,
    }).data ?? NONE
  );
}

/** Kinds of things and dealings that ship, with the looks and items that they name. */
export type ShippedThings = Pick<Mission, "thingKinds" | "looks" | "itemKinds" | "dealings">;

/** The kinds of things and the dealings that ship; nothing until they are here. */
export function useShippedThings(): ShippedThings | undefined {
  return useQuery({
    queryKey: ["shipped things"],
    queryFn: () => getJson<ShippedThings>("/api/catalogue/things"),
    staleTime: Infinity,
  }).data;
}

/** A bundle that can be set down in a mission. */
export interface Ready {
  id: string;
  name: string;
  note: string;
}

/** The bundles that can be set down: the mission's own, and those that ship and are not yet there. */
export function readyBundles(mission: Mission, shipped: Shipped[]): Ready[] {
  const own = Object.entries(mission.bundles).map(([id, { name, note }]) => ({ id, name, note }));
  const others = shipped.filter(({ id }) => !mission.bundles[id]);
  return [...own, ...others].sort((a, b) => (a.name < b.name ? -1 : 1));
}

/** What a bundle that is to be set down is made of by now. */
export function editionOf(
  mission: Mission,
  shipped: Shipped[],
  bundle: string,
): BundleEdition | undefined {
  const own = mission.bundles[bundle];
  return own ? newestOf(own)[1] : shipped.find(({ id }) => id === bundle)?.edition;
}
