import { type PointerEvent, type ReactNode, useCallback, useEffect, useRef } from "react";
import { PANE } from "../desk/panes";
import { HOME } from "../desk/useHome";
import type { Ground } from "../document/raster";
import {
  type Box,
  type Camera,
  kept,
  LEAST_SCALE,
  type MapHandle,
  MOST_SCALE,
  type Size,
  toGround,
  wholeGround,
  zoomed,
} from "../drawing/camera";
import { onInks } from "../drawing/inks";
import type { Sheet } from "../drawing/sheet";
import { GroundLayer } from "./GroundLayer";
import { onTraced } from "./hills";
import { ThingsLayer } from "./ThingsLayer";

/** Where the pointer is, in pixels of the map and in metres of the ground. */
export interface MapPointer {
  px: number;
  py: number;
  x: number;
  y: number;
  event: PointerEvent<HTMLElement>;
}

interface Props {
  ground: Ground;
  water: number;
  label: string;
  margin?: number;
  hand?: boolean;
  cursor?: string;
  /** Draws everything above the ground, or above what {@link Props.things} draws. */
  paint: (sheet: Sheet) => void;
  /** Draws right on the ground, under all that stands on it. */
  beneath?: (sheet: Sheet) => void;
  /** Draws what stands on the ground; called again only when it is another function or the view moves on. */
  things?: (sheet: Sheet) => void;
  onReady?: (handle: MapHandle) => void;
  onDown?: (pointer: MapPointer) => void;
  onMove?: (pointer: MapPointer) => void;
  onUp?: (pointer: MapPointer) => void;
  /** The right button was clicked, not dragged. */
  onMenu?: (pointer: MapPointer) => void;
  onLeave?: () => void;
  onKeyDown?: (event: React.KeyboardEvent) => void;
  onShiftWheel?: (steps: number) => void;
  /** The wheel was turned with Alt held; without this it zooms as ever. */
  onAltWheel?: (steps: number) => void;
  onBlur?: () => void;
  children?: ReactNode;
}

/** How wide the margin is on the right and below, where there is one, pixels. */
const RIM = 8;

/** How much of the map a frame that is looked at fills. */
const FRAMED = 0.94;

/** How far a click may slip, pixels. */
const CLICK = 4;

/** How long the view rests at a scale before the ground is drawn sharp at it, milliseconds. */
const SETTLE = 140;

/** Whether a map has no room at all, as in a window that is too small for it. */
function isEmpty({ width, height }: Size): boolean {
  return width === 0 || height === 0;
}

/** What of a map its margin leaves open to view. */
function framed({ width, height }: Size, margin = 0): Box {
  const rim = margin > 0 ? RIM : 0;
  return { left: margin, top: margin, width: width - margin - rim, height: height - margin - rim };
}

const isSame = (a: Camera | null, b: Camera) => a?.x === b.x && a.y === b.y && a.scale === b.scale;

/** A map that can be panned and zoomed by wheel, right-drag, Hand and keys. */
export function MapCanvas(props: Props) {
  const host = useRef<HTMLDivElement>(null);
  const groundCanvas = useRef<HTMLCanvasElement>(null);
  const overCanvas = useRef<HTMLCanvasElement>(null);
  const live = useRef(props);
  live.current = props;
  const view = useRef({
    camera: null as Camera | null,
    size: { width: 0, height: 0 },
    frame: 0,
    settle: 0,
    /** The scale at which the ground is to be drawn sharp once the view rests; 0 for none. */
    wanted: 0,
    drag: null as { px: number; py: number; fromX: number; fromY: number } | null,
    /** Whether the whole ground is shown, and stays so when the map changes its size. */
    whole: false,
    /** The scale of the last frame. */
    scale: 0,
  });
  const thingsLayer = useRef<ThingsLayer>(null);
  thingsLayer.current ??= new ThingsLayer();
  const layer = useRef<GroundLayer>(null);
  layer.current ??= new GroundLayer();

  const redrawRef = useRef(() => {});
  const draw = useCallback(() => {
    const v = view.current;
    v.frame = 0;
    const { ground, water, paint, things, beneath } = live.current;
    const under = groundCanvas.current?.getContext("2d");
    const over = overCanvas.current?.getContext("2d");
    if (!v.camera || !under || !over || !layer.current || isEmpty(v.size)) return;
    const ratio = window.devicePixelRatio || 1;
    if (layer.current.empty) layer.current.sharpen(ground, water, v.camera, v.size, ratio);
    layer.current.draw(under, { ground, water, camera: v.camera, size: v.size }, ratio);
    over.setTransform(ratio, 0, 0, ratio, 0, 0);
    over.clearRect(0, 0, v.size.width, v.size.height);
    beneath?.({ c: over, camera: v.camera, size: v.size });
    const standing = thingsLayer.current;
    let blurred = false;
    if (things && standing) {
      const zooms = standing.shows(things, v.size) && v.camera.scale !== v.scale;
      if (!zooms && !standing.covers(things, v.camera, v.size)) {
        standing.sharpen(things, v.camera, v.size, ratio, framed(v.size, live.current.margin));
      }
      standing.draw(over, v.camera, v.size);
      blurred = !standing.covers(things, v.camera, v.size);
    }
    v.scale = v.camera.scale;
    paint({ c: over, camera: v.camera, size: v.size });
    const rough = blurred || !layer.current.covers(ground, water, v.camera, v.size);
    if (rough && v.wanted !== v.camera.scale) {
      v.wanted = v.camera.scale;
      clearTimeout(v.settle);
      v.settle = window.setTimeout(() => {
        v.wanted = 0;
        if (!v.camera || !layer.current) return;
        const now = live.current;
        if (!layer.current.covers(now.ground, now.water, v.camera, v.size)) {
          layer.current.sharpen(now.ground, now.water, v.camera, v.size, ratio);
        }
        redrawRef.current();
      }, SETTLE);
    }
  }, []);

  const redraw = useCallback(() => {
    if (!view.current.frame) view.current.frame = requestAnimationFrame(draw);
  }, [draw]);
  redrawRef.current = redraw;

  const setCamera = useCallback(
    (camera: Camera) => {
      const { columns, rows, cell } = live.current.ground;
      const next = kept(camera, columns * cell, rows * cell);
      // The same camera stays the same object, by which the layers know that nothing has moved.
      if (!isSame(view.current.camera, next)) view.current.camera = next;
      view.current.whole = false;
      redraw();
    },
    [redraw],
  );

  useEffect(() => {
    const element = host.current;
    if (!element) return;
    const handle: MapHandle = {
      camera: () => view.current.camera ?? { x: 0, y: 0, scale: 1 },
      size: () => view.current.size,
      isWhole: () => view.current.whole,
      redraw,
      draw: () => {
        cancelAnimationFrame(view.current.frame);
        draw();
      },
      look: (x, y, scale) => {
        const camera = view.current.camera;
        if (camera) setCamera({ x, y, scale: scale ?? camera.scale });
      },
      pan: (px, py) => {
        const camera = view.current.camera;
        if (camera) {
          const { x, y, scale } = camera;
          setCamera({ scale, x: x + px / scale, y: y - py / scale });
        }
      },
      zoom: (factor) => {
        const { camera, size } = view.current;
        if (camera) setCamera(zoomed(camera, size, factor, size.width / 2, size.height / 2));
      },
      whole: () => {
        const { columns, rows, cell } = live.current.ground;
        const size = view.current.size;
        const inner = framed(size, live.current.margin);
        const { x, y, scale } = wholeGround(inner, columns * cell, rows * cell);
        const off = (2 * inner.left + inner.width - size.width) / 2 / scale;
        setCamera({ x: x - off, y: y + off, scale });
        view.current.whole = true;
      },
      frame: ({ x, y }, width, depth) => {
        const { size } = view.current;
        const scale = Math.min(size.width / width, size.height / depth) * FRAMED;
        setCamera({ x, y, scale: Math.max(LEAST_SCALE, Math.min(MOST_SCALE, scale)) });
      },
      focus: () => element.focus(),
    };
    const observer = new ResizeObserver(() => {
      const first = view.current.camera === null;
      const { width, height } = element.getBoundingClientRect();
      view.current.size = { width: Math.round(width), height: Math.round(height) };
      const ratio = window.devicePixelRatio || 1;
      for (const canvas of [groundCanvas.current, overCanvas.current]) {
        if (canvas) {
          canvas.width = view.current.size.width * ratio;
          canvas.height = view.current.size.height * ratio;
        }
      }
      layer.current?.emptied();
      if (first && width > 0) {
        handle.whole();
        live.current.onReady?.(handle);
      } else if (view.current.whole && width > 0) {
        handle.whole();
      }
      redraw();
    });
    observer.observe(element);
    const wheel = (event: WheelEvent) => {
      event.preventDefault();
      const { camera, size } = view.current;
      if (!camera) return;
      const { onShiftWheel, onAltWheel } = live.current;
      const turned = event.shiftKey ? onShiftWheel : event.altKey ? onAltWheel : undefined;
      if (turned) {
        turned(Math.sign(event.deltaY || event.deltaX));
        return;
      }
      const box = element.getBoundingClientRect();
      const factor = Math.exp(-event.deltaY * (event.deltaMode === 1 ? 0.05 : 0.0016));
      setCamera(zoomed(camera, size, factor, event.clientX - box.left, event.clientY - box.top));
    };
    element.addEventListener("wheel", wheel, { passive: false });
    return () => {
      observer.disconnect();
      element.removeEventListener("wheel", wheel);
      clearTimeout(view.current.settle);
      cancelAnimationFrame(view.current.frame);
      view.current.frame = 0;
    };
  }, [draw, redraw, setCamera]);

  useEffect(
    () =>
      onTraced((ground) => {
        if (ground !== live.current.ground) return;
        layer.current?.stale();
        redraw();
      }),
    [redraw],
  );

  useEffect(
    () =>
      onInks(() => {
        layer.current = new GroundLayer();
        thingsLayer.current = new ThingsLayer();
        redraw();
      }),
    [redraw],
  );

  useEffect(redraw);

  const at = (event: PointerEvent<HTMLElement>): MapPointer => {
    const box = event.currentTarget.getBoundingClientRect();
    const px = event.clientX - box.left;
    const py = event.clientY - box.top;
    const { camera, size } = view.current;
    const [x, y] = camera ? toGround(camera, size, px, py) : [0, 0];
    return { px, py, x, y, event };
  };

  return (
    <div
      ref={host}
      role="application"
      aria-label={props.label}
      // biome-ignore lint/a11y/noNoninteractiveTabindex: the map is worked by keyboard
      tabIndex={0}
      {...HOME}
      {...PANE}
      className="-outline-offset-2! relative h-full w-full touch-none select-none overflow-hidden"
      style={{ cursor: props.hand ? "grab" : props.cursor }}
      onContextMenu={(event) => event.preventDefault()}
      onKeyDown={props.onKeyDown}
      onBlur={props.onBlur}
      onPointerDown={(event) => {
        event.currentTarget.focus({ preventScroll: true });
        const pans = event.button === 2 || event.button === 1 || (event.button === 0 && props.hand);
        event.currentTarget.setPointerCapture(event.pointerId);
        const { clientX: px, clientY: py } = event;
        if (pans) view.current.drag = { px, py, fromX: px, fromY: py };
        else if (event.button === 0) props.onDown?.(at(event));
      }}
      onPointerMove={(event) => {
        const { drag, camera } = view.current;
        if (drag && camera) {
          const { x, y, scale } = camera;
          const dx = (event.clientX - drag.px) / scale;
          const dy = (event.clientY - drag.py) / scale;
          view.current.drag = { ...drag, px: event.clientX, py: event.clientY };
          setCamera({ scale, x: x - dx, y: y + dy });
        } else {
          props.onMove?.(at(event));
        }
      }}
      onPointerUp={(event) => {
        const { drag } = view.current;
        if (drag) {
          const gone = Math.hypot(event.clientX - drag.fromX, event.clientY - drag.fromY);
          view.current.drag = null;
          if (event.button === 2 && gone < CLICK) props.onMenu?.(at(event));
        } else if (event.button === 0) props.onUp?.(at(event));
      }}
      onPointerLeave={props.onLeave}
    >
      <canvas ref={groundCanvas} className="absolute inset-0 h-full w-full" />
      <canvas ref={overCanvas} className="absolute inset-0 h-full w-full" />
      {props.children}
    </div>
  );
}
