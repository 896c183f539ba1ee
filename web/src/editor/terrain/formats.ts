import { useQuery } from "@tanstack/react-query";
import { getJson, type Operation, send } from "../../document/api";
import { key, type Ref } from "../../document/mission";
import type { OpenMission } from "../../document/store";

/** A number that reading a file asks for. */
export interface Setting {
  id: string;
  /** What it is, before the number: "Black lies at". */
  says: string;
  unit: string;
  least: number;
  most: number;
  /** What a form begins with. */
  fresh: number;
  optional: boolean;
}

/** An open format in which a ground, or what stands on it, goes out and comes in. */
export interface Format {
  id: string;
  /** What is handed out in it: "Things as GeoJSON". */
  out: string;
  /** What is taken in from it: "GeoJSON". */
  in: string;
  endings: string[];
  /** Whether it is of the ground itself. */
  ground: boolean;
  settings: Setting[];
}

/** All formats; none before they are here. */
export function useFormats(): Format[] {
  return (
    useQuery({
      queryKey: ["formats"],
      queryFn: () => getJson<Format[]>("/api/formats"),
      staleTime: Infinity,
    }).data ?? []
  );
}

/** What a file picker takes: ".geojson,.json,.gpx". */
export function accepted(formats: Format[]): string {
  return formats.flatMap(({ endings }) => endings.map((ending) => `.${ending}`)).join(",");
}

/** The format of a file by its ending; else the first. */
export function formatOf(formats: Format[], file: File): Format | undefined {
  const ending = file.name.toLowerCase().split(".").at(-1) ?? "";
  return formats.find(({ endings }) => endings.includes(ending)) ?? formats[0];
}

/** Where a format of a mission is handed out and taken in. */
export function addressOf(mission: string, { id }: Format): string {
  return `/api/missions/${mission}/formats/${id}`;
}

/** What came of taking a file in. */
export interface Taken {
  /** The keys of what was made. */
  made: string[];
  /** How many points lay beyond the edge of a new ground and were moved onto it. */
  moved: number;
}

/** Takes a file in as one edit. */
export async function takeIn(
  open: OpenMission,
  format: Format,
  file: Blob,
  settings: Record<string, number> = {},
): Promise<Taken> {
  await open.stored();
  const query = Object.entries(settings).map(([id, value]) => `${id}=${value}`);
  const path = [addressOf(open.state.id, format), ...(query.length > 0 ? [query.join("&")] : [])];
  const taken = await send<{ patch: Operation[]; made: Ref[]; moved: number }>(
    "POST",
    path.join("?"),
    file,
  );
  const label = format.ground ? `Ground from ${format.in}` : `Take in ${format.in}`;
  if (!open.take(label, taken.patch)) {
    throw new Error("The mission has changed meanwhile. Try again.");
  }
  return { made: taken.made.map(key), moved: taken.moved };
}
