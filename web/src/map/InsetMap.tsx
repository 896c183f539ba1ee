import { useCallback, useMemo, useRef } from "react";
import { useDeskPart } from "../desk/desk";
import { useMission } from "../document/context";
import { key, references } from "../document/mission";
import type { Ground } from "../document/raster";
import { onGround } from "../document/shapes";
import { useWater } from "../document/useWater";
import type { MapHandle } from "../drawing/camera";
import { Labels } from "../drawing/labels";
import type { Sheet } from "../drawing/sheet";
import { drawLink } from "./drawLink";
import { MapCanvas } from "./MapCanvas";
import { hits, linksOfEvent, paintMission } from "./paint";

/** A small map beside the script: shows what the event names, and takes what is pointed at. */
export function InsetMap({ ground }: { ground: Ground }) {
  const mission = useMission((state) => state.mission);
  const { event, lit, pointing, point } = useDeskPart("event", "lit", "pointing", "point");
  const level = useWater();
  const map = useRef<MapHandle>(null);
  const of = event === null ? undefined : mission.events[event];
  const named = of ? references(of) : [];
  const marked = new Set(named.map(({ ref }) => key(ref)));
  const links = useMemo(() => (of ? linksOfEvent(mission, of) : []), [mission, of]);
  const paint = useCallback(
    (sheet: Sheet) => {
      // No sentence speaks of place names and notes, and there is little room for them.
      const spoken = { ...mission, placeNames: {}, notes: {} };
      paintMission(sheet, spoken, marked, lit ?? undefined);
      for (const { from, to } of links) drawLink(sheet, from, to, "", new Labels());
    },
    [mission, marked, links, lit],
  );
  return (
    <div className="relative h-52 shrink-0 border-line border-b">
      <MapCanvas
        ground={ground}
        water={level}
        label="Small map"
        cursor={pointing ? "crosshair" : "default"}
        paint={paint}
        onReady={(handle) => {
          map.current = handle;
        }}
        onKeyDown={(it) => it.code === "Escape" && point(null)}
        onDown={(p) => {
          const handle = map.current;
          const c = document.createElement("canvas").getContext("2d");
          if (!pointing || !handle || !c) return;
          const sheet = { c, camera: handle.camera(), size: handle.size() };
          const hit = hits(sheet, mission, p.px, p.py).find(({ ref }) =>
            pointing.families.includes(ref.family),
          );
          if (hit) pointing.take({ ref: hit.ref });
          else if (pointing.points) {
            pointing.take({ place: { type: "point", position: onGround(mission, p) } });
          } else return;
          point(null);
        }}
      />
      {pointing && (
        <output className="absolute inset-x-2 top-2 border border-line bg-slip px-2 py-1 text-small shadow">
          {pointing.asks}
        </output>
      )}
    </div>
  );
}
