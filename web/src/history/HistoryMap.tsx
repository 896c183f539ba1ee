import { useQuery } from "@tanstack/react-query";
import { useEffect, useRef } from "react";
import type { Mission } from "../document/mission";
import { loadGround } from "../document/raster";
import { onTraced } from "../map/hills";
import { paintMission } from "../map/paint";
import { drawGround } from "../map/printedGround";

const SIDE = 380;

/** The sheet as it was, with what differs drawn as if it were selected. */
export function HistoryMap(props: { mission: Mission; marks: ReadonlySet<string>; says: string }) {
  const { mission, marks, says } = props;
  const canvas = useRef<HTMLCanvasElement>(null);
  const { terrain, waterLevel } = mission.setting;
  const { data: ground } = useQuery({
    queryKey: ["ground", terrain],
    queryFn: () => loadGround(terrain),
    staleTime: Infinity,
  });
  const [width, height] = [terrain.columns * terrain.cell, terrain.rows * terrain.cell];
  const scale = SIDE / Math.max(width, height);
  useEffect(() => {
    const c = canvas.current?.getContext("2d");
    if (!c || !ground) return;
    const draw = () => {
      const ratio = window.devicePixelRatio;
      c.setTransform(ratio, 0, 0, ratio, 0, 0);
      const size = { width: width * scale, height: height * scale };
      const sheet = { c, camera: { x: width / 2, y: height / 2, scale }, size };
      drawGround(sheet, ground, waterLevel);
      paintMission(sheet, { ...mission, placeNames: {}, notes: {}, views: {} }, marks);
    };
    draw();
    return onTraced((traced) => traced === ground && draw());
  }, [ground, mission, marks, waterLevel, width, height, scale]);
  return (
    <canvas
      ref={canvas}
      role="img"
      aria-label={says}
      width={width * scale * window.devicePixelRatio}
      height={height * scale * window.devicePixelRatio}
      style={{ width: width * scale, height: height * scale }}
      className="border border-line"
    />
  );
}
