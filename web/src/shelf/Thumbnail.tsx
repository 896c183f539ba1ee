import { useQuery } from "@tanstack/react-query";
import { useEffect, useReducer, useRef } from "react";
import { getJson } from "../document/api";
import { extent, type Mission } from "../document/mission";
import { loadGround } from "../document/raster";
import { wholeGround } from "../drawing/camera";
import { useInks } from "../drawing/inks";
import { onTraced } from "../map/hills";
import { paintMission } from "../map/paint";
import { drawGround } from "../map/printedGround";

const WIDTH = 300;
const HEIGHT = 190;

/** A mission's ground, drawn small, with what stands on it. */
export function Thumbnail({ id, revision }: { id: string; revision: number }) {
  const canvas = useRef<HTMLCanvasElement>(null);
  const { data, error } = useQuery({
    queryKey: ["thumbnail", id, revision],
    queryFn: async () => {
      const [{ document }, tide] = await Promise.all([
        getJson<{ document: Mission }>(`/api/missions/${id}`),
        // A mission that breaks a bound is shown, and nothing is computed of it.
        getJson<{ level: number }>(`/api/missions/${id}/water`).catch(() => null),
      ]);
      const level = tide?.level ?? document.setting.waterLevel;
      return { mission: document, level, ground: await loadGround(document.setting.terrain) };
    },
  });
  const [traced, trace] = useReducer((times: number) => times + 1, 0);
  useEffect(() => onTraced((ground) => ground === data?.ground && trace()), [data]);
  const inked = useInks();
  // biome-ignore lint/correctness/useExhaustiveDependencies: drawn again once its contours are there, or with other inks
  useEffect(() => {
    const c = canvas.current?.getContext("2d");
    if (!c || !data) return;
    const { mission, ground, level } = data;
    const size = { width: WIDTH, height: HEIGHT };
    const { width, height } = extent(mission);
    const fit = wholeGround(size, width, height);
    const camera = { ...fit, scale: Math.max(WIDTH / width, HEIGHT / height) };
    c.setTransform(2, 0, 0, 2, 0, 0);
    c.clearRect(0, 0, WIDTH, HEIGHT);
    drawGround({ c, camera, size }, ground, level);
    c.save();
    c.translate(WIDTH / 2, HEIGHT / 2);
    c.scale(0.62, 0.62);
    c.translate(-WIDTH / 2, -HEIGHT / 2);
    const small = { c, camera: { ...camera, scale: camera.scale / 0.62 }, size };
    paintMission(small, { ...mission, events: {} }, new Set());
    c.restore();
  }, [data, traced, inked]);
  return (
    <div className="relative">
      <canvas
        ref={canvas}
        width={WIDTH * 2}
        height={HEIGHT * 2}
        aria-hidden="true"
        className={`block aspect-[300/190] w-full border-b border-line ${error ? "bg-paper" : "bg-(--map-deep)"}`}
      />
      {error && (
        <p className="absolute inset-x-4 top-1/2 -translate-y-1/2 text-center text-error">
          ⚑ It cannot be read as it is. Open it to see the ways out.
        </p>
      )}
    </div>
  );
}
