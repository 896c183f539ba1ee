import { useEffect, useRef } from "react";
import type { Ground } from "../../document/raster";
import { onTraced } from "../../map/hills";
import { drawGround } from "../../map/printedGround";

/** The longer side of the picture, pixels. */
const SIDE = 430;

/** A ground as it will be printed, with its sea. */
export function Preview({ ground, water }: { ground: Ground; water: number }) {
  const canvas = useRef<HTMLCanvasElement>(null);
  const width = ground.columns * ground.cell;
  const height = ground.rows * ground.cell;
  const scale = SIDE / Math.max(width, height);
  useEffect(() => {
    const draw = () => {
      const c = canvas.current?.getContext("2d");
      if (!c) return;
      const ratio = window.devicePixelRatio;
      c.setTransform(ratio, 0, 0, ratio, 0, 0);
      c.clearRect(0, 0, width * scale, height * scale);
      const size = { width: width * scale, height: height * scale };
      drawGround({ c, camera: { x: width / 2, y: height / 2, scale }, size }, ground, water);
    };
    draw();
    return onTraced((traced) => traced === ground && draw());
  }, [ground, water, width, height, scale]);
  return (
    <canvas
      ref={canvas}
      role="img"
      aria-label="What the ground will look like"
      width={width * scale * window.devicePixelRatio}
      height={height * scale * window.devicePixelRatio}
      style={{ width: width * scale, height: height * scale }}
      className="border border-line"
    />
  );
}
