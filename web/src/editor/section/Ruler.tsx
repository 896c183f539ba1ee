import { keepPreviousData, useQuery } from "@tanstack/react-query";
import { Table2, X } from "lucide-react";
import { useState } from "react";
import { useDesk } from "../../desk/desk";
import { getJson } from "../../document/api";
import { useMission } from "../../document/context";
import type { Position } from "../../document/mission";
import { metres } from "../../document/units";
import { compass } from "../../map/margin";
import { Button } from "../../ui/controls";
import { Profile } from "./Profile";
import { SectionTable } from "./SectionTable";
import type { Section } from "./section";

/** What was measured, with the section along the line: ground, decks, walls, water and sight. */
export function Ruler({ line: [a, b] }: { line: [Position, Position] }) {
  const id = useMission((state) => state.id);
  const revision = useMission((state) => state.revision);
  const measure = useDesk((desk) => desk.measure);
  const [eye, setEye] = useState(1.6);
  const [table, setTable] = useState(false);
  const [mark, setMark] = useState(1.2);
  const { data } = useQuery({
    queryKey: ["section", id, revision, a, b, eye, mark],
    queryFn: () =>
      getJson<Section>(
        `/api/missions/${id}/section?x=${a.x}&y=${a.y}&toX=${b.x}&toY=${b.y}&eye=${eye}&mark=${mark}`,
      ),
    placeholderData: keepPreviousData,
  });
  if (!data) return null;
  const seen = data.sight >= data.length - 1e-9;
  const minutes = Math.floor(data.seconds / 60);
  const walk = `${minutes}:${String(Math.round(data.seconds % 60)).padStart(2, "0")}`;
  return (
    <section aria-label="Section" className="border-line border-t bg-slip">
      <div className="flex items-center gap-3 overflow-hidden whitespace-nowrap px-3 pt-1 text-small">
        <b>{metres(data.length)}</b>
        <span>
          {data.bearing.toFixed(0)}° {compass(data.bearing)}
        </span>
        <span>
          {data.slope >= 0 ? "up" : "down"} {Math.abs(data.slope).toFixed(1)}°, steepest{" "}
          {data.steepest.toFixed(0)}°
        </span>
        <span>{walk} straight across</span>
        <span className={seen ? "text-moss" : "text-error"}>
          {seen ? "✓ in view" : `⚑ hidden beyond ${metres(data.sight, 0)}`}
        </span>
        <span className="ml-auto overflow-hidden text-ellipsis text-quiet">
          eyes {metres(eye)}, mark {metres(mark)}
        </span>
        <Button
          look="quiet"
          className="min-h-6! shrink-0 px-1"
          aria-pressed={table}
          onClick={() => setTable(!table)}
        >
          <Table2 size="0.875rem" /> As a table
        </Button>
        <Button
          look="quiet"
          className="min-h-6! shrink-0 px-1"
          aria-label="Put the ruler away"
          onClick={() => measure(null)}
        >
          <X size="0.875rem" />
        </Button>
      </div>
      {table ? (
        <SectionTable section={data} />
      ) : (
        <Profile section={data} eye={eye} mark={mark} onEye={setEye} onMark={setMark} />
      )}
    </section>
  );
}
