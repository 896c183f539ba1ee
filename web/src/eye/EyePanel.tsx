import { ArrowLeft, ArrowRight, type LucideIcon, RotateCcw, X } from "lucide-react";
import { useEffect, useMemo, useRef, useState } from "react";
import { useDesk } from "../desk/desk";
import { clockWords, type Mission, nameOf, refOf } from "../document/mission";
import type { Ground } from "../document/raster";
import { wholeBearing } from "../document/shapes";
import { metres } from "../document/units";
import { useAir } from "../document/useWater";
import { Button } from "../ui/controls";
import { Tip } from "../ui/Tip";
import { eyeOf, look } from "./look";

/** The picture at rest, and while something is dragged, pixels. */
const WHOLE = { width: 640, height: 250 };
const COARSE = { width: 256, height: 100 };

/** By how much a key or a button turns the eye, degrees. */
const STEP = 15;

/** How far one looks up or down at most, as a share of the picture's height. */
const LIFT = 0.6;

/** Which keys turn the eye aside and lift it. */
const KEYS: Record<string, [number, number]> = {
  ArrowLeft: [-1, 0],
  ArrowRight: [1, 0],
  ArrowUp: [0, 1],
  ArrowDown: [0, -1],
};

function Tool({ says, act, icon: Icon }: { says: string; act: () => void; icon: LucideIcon }) {
  return (
    <Tip says={says}>
      <Button look="quiet" className="min-h-6! px-1" aria-label={says} onClick={act}>
        <Icon size="0.875rem" />
      </Button>
    </Tip>
  );
}

/** A picture of what one sees from a thing, drawn anew as the mission changes. */
export function EyePanel(props: {
  name: string;
  mission: Mission;
  ground: Ground;
  moving: boolean;
}) {
  const { name, mission, ground, moving } = props;
  const setEye = useDesk((desk) => desk.setEye);
  const hour = useDesk((desk) => desk.hour);
  const [turned, setTurned] = useState({ aside: 0, lift: 0 });
  const [held, setHeld] = useState<{ x: number; y: number; aside: number; lift: number } | null>(
    null,
  );
  const canvas = useRef<HTMLCanvasElement>(null);
  const { water, light } = useAir(hour);
  const eye = useMemo(() => eyeOf(mission, ground, name, turned), [mission, ground, name, turned]);
  const size = moving || held ? COARSE : WHOLE;
  const { visibility, weather } = mission.setting;

  useEffect(() => {
    const c = canvas.current?.getContext("2d");
    if (!c || !eye) return;
    // Drawn in the next frame, so that of several changes at once only the last is drawn.
    const frame = requestAnimationFrame(() => {
      const start = performance.now();
      const { data, width, height } = look(
        mission,
        ground,
        eye,
        { water, light, visibility, weather },
        size,
        name,
      );
      c.canvas.width = width;
      c.canvas.height = height;
      c.putImageData(new ImageData(data as Uint8ClampedArray<ArrayBuffer>, width, height), 0, 0);
      performance.measure("eye level", { start });
    });
    return () => cancelAnimationFrame(frame);
  }, [mission, ground, eye, water, light, visibility, weather, size, name]);

  if (!eye) return null;
  const turnBy = (degrees: number) =>
    setTurned(({ aside, lift }) => ({ aside: aside + degrees, lift }));
  const tilt = (by: number) =>
    setTurned(({ aside, lift }) => ({ aside, lift: Math.max(-LIFT, Math.min(LIFT, lift + by)) }));
  return (
    <section aria-label="Eye level" className="border-line border-t bg-slip">
      <div className="flex items-center gap-2 overflow-hidden whitespace-nowrap px-3 pt-1 text-small">
        <b className="overflow-hidden text-ellipsis">{nameOf(mission, refOf(name))}</b>
        <span>looks {wholeBearing(eye.bearing)}°</span>
        <span className="text-quiet">
          eyes at {metres(eye.z)}, {clockWords(hour ?? mission.setting.startTime)}, one sees{" "}
          {metres(visibility, 0)}
        </span>
        <span className="ml-auto flex">
          <Tool says="Turn left" act={() => turnBy(-STEP)} icon={ArrowLeft} />
          <Tool says="Turn right" act={() => turnBy(STEP)} icon={ArrowRight} />
          <Tool
            says="Straight ahead"
            act={() => setTurned({ aside: 0, lift: 0 })}
            icon={RotateCcw}
          />
          <Tool says="Close eye level" act={() => setEye(null)} icon={X} />
        </span>
      </div>
      <canvas
        ref={canvas}
        role="img"
        tabIndex={0}
        aria-label={`What ${nameOf(mission, refOf(name))} sees at ${wholeBearing(eye.bearing)}°. Drag or press the arrow keys to look around.`}
        className="block h-[12.5rem] w-full cursor-grab touch-none object-cover active:cursor-grabbing"
        onPointerDown={(event) => {
          event.currentTarget.setPointerCapture(event.pointerId);
          setHeld({ x: event.clientX, y: event.clientY, ...turned });
        }}
        onPointerMove={(event) => {
          if (!held) return;
          const { width, height } = event.currentTarget.getBoundingClientRect();
          const aside = held.aside - ((event.clientX - held.x) / width) * 90;
          const lift = held.lift + (event.clientY - held.y) / height;
          setTurned({ aside, lift: Math.max(-LIFT, Math.min(LIFT, lift)) });
        }}
        onPointerUp={() => setHeld(null)}
        onKeyDown={(event) => {
          const [aside, up] = KEYS[event.code] ?? [0, 0];
          if (aside === 0 && up === 0) return;
          event.preventDefault();
          turnBy(aside * STEP);
          tilt(up * 0.1);
        }}
      />
    </section>
  );
}
