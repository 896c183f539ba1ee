import { keepPreviousData, useQuery } from "@tanstack/react-query";
import { X } from "lucide-react";
import { useRef, useState } from "react";
import { useDesk } from "../desk/desk";
import { getJson } from "../document/api";
import { useMission } from "../document/context";
import type { Position } from "../document/mission";
import { sure } from "../document/sure";
import { metres } from "../document/units";
import { toScreen } from "../drawing/camera";
import { inks } from "../drawing/inks";
import { inked } from "../drawing/labels";
import { letters } from "../drawing/letters";
import type { Sheet } from "../drawing/sheet";
import { compass } from "../map/margin";
import { Button } from "../ui/controls";

/** The section along a line, as the core reckons it; see the core for its meanings. */
interface Section {
  length: number;
  bearing: number;
  slope: number;
  steepest: number;
  heights: number[];
  water: number;
  decks: {
    name: string;
    from: number;
    to: number;
    top: number;
    topTo: number;
    thickness: number;
  }[];
  obstacles: {
    at: number;
    foot: number;
    height: number;
    thickness: number;
    sill: number;
    top: number;
  }[];
  sight: number;
  seconds: number;
}

/** Draws the line that is measured. */
export function drawRuler(sheet: Sheet, ruler: Position[], pointer: Position | null): void {
  const [a, b = pointer] = ruler;
  if (!a || !b) return;
  const { c, camera, size } = sheet;
  const [ax, ay] = toScreen(camera, size, a.x, a.y);
  const [bx, by] = toScreen(camera, size, b.x, b.y);
  c.save();
  for (const [width, colour] of [
    [4.5, inks.halo],
    [1.8, inks.ink],
  ] as const) {
    c.lineWidth = width;
    c.strokeStyle = colour;
    c.beginPath();
    c.moveTo(ax, ay);
    c.lineTo(bx, by);
    c.stroke();
  }
  for (const [x, y] of [
    [ax, ay],
    [bx, by],
  ] as const) {
    c.beginPath();
    c.arc(x, y, 4.5, 0, Math.PI * 2);
    c.fillStyle = "var(--color-slip)";
    c.fill();
    c.lineWidth = 1.8;
    c.stroke();
  }
  const length = Math.hypot(b.x - a.x, b.y - a.y);
  c.font = letters(13);
  inked(c, metres(length), (ax + bx) / 2 + 8, (ay + by) / 2 - 8);
  c.restore();
}

const HEIGHT = 108;
const PAD = 14;

/** What was measured, with the section along the line: ground, decks, walls, water and sight. */
export function Ruler({ line: [a, b] }: { line: [Position, Position] }) {
  const id = useMission((state) => state.id);
  const revision = useMission((state) => state.revision);
  const measure = useDesk((desk) => desk.measure);
  const [eye, setEye] = useState(1.6);
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
          aria-label="Put the ruler away"
          onClick={() => measure(null)}
        >
          <X size="0.875rem" />
        </Button>
      </div>
      <Profile section={data} eye={eye} mark={mark} onEye={setEye} onMark={setMark} />
    </section>
  );
}

function Profile(props: {
  section: Section;
  eye: number;
  mark: number;
  onEye: (eye: number) => void;
  onMark: (mark: number) => void;
}) {
  const { section, eye, mark } = props;
  const { heights, length, water, sight } = section;
  const svg = useRef<SVGSVGElement>(null);
  const [start, end] = [sure(heights, 0), sure(heights, heights.length - 1)];
  const tops = [
    ...heights,
    start + eye,
    end + mark,
    ...section.decks.flatMap(({ top, topTo }) => [top, topTo]),
    ...section.obstacles.map(({ at, height }) => groundAt(section, at) + height),
  ];
  const low = Math.min(...heights, water);
  const high = Math.max(...tops) + 1;
  const WIDTH = 1000;
  const px = (metres: number) => PAD + (metres / Math.max(length, 0.01)) * (WIDTH - 2 * PAD);
  const py = (height: number) =>
    HEIGHT - 8 - ((height - low) / Math.max(high - low, 1)) * (HEIGHT - 16);
  const land = heights.map((h, i) => `${px((length * i) / (heights.length - 1))},${py(h)}`);
  const drag = (from: number, take: (height: number) => void) => (event: React.PointerEvent) => {
    const box = svg.current?.getBoundingClientRect();
    if (!box || event.buttons !== 1) return;
    const y = ((event.clientY - box.top) / box.height) * HEIGHT;
    const height = low + ((HEIGHT - 8 - y) / (HEIGHT - 16)) * Math.max(high - low, 1) - from;
    take(Math.round(Math.max(0, Math.min(100, height)) * 10) / 10);
  };
  const sightAt = start + eye + (end + mark - start - eye) * (sight / Math.max(length, 0.01));
  return (
    <svg
      ref={svg}
      viewBox={`0 0 ${WIDTH} ${HEIGHT}`}
      preserveAspectRatio="none"
      className="block h-[6.75rem] w-full"
      role="group"
      aria-label="Heights along the line"
    >
      {water > low && (
        <rect
          x={PAD}
          y={py(water)}
          width={WIDTH - 2 * PAD}
          height={py(low) - py(water)}
          fill="var(--map-shallow)"
        />
      )}
      <polygon
        points={`${PAD},${HEIGHT} ${land.join(" ")} ${WIDTH - PAD},${HEIGHT}`}
        fill="var(--map-shingle)"
        stroke="var(--color-flint-2)"
        strokeWidth={1.4}
        vectorEffect="non-scaling-stroke"
      />
      {section.decks.map((deck) => (
        <line
          key={`${deck.name}/${deck.from}/${deck.top}/${deck.topTo}`}
          x1={px(deck.from)}
          x2={px(deck.to)}
          y1={py(deck.top)}
          y2={py(deck.topTo)}
          stroke="var(--map-wood)"
          strokeWidth={3}
          vectorEffect="non-scaling-stroke"
        />
      ))}
      {section.obstacles.map(({ at, foot, height, thickness, sill, top }) => {
        const base = groundAt(section, at);
        const [x, w] = [px(at - thickness / 2), Math.max(3, px(thickness) - px(0))];
        const bar = (from: number, to: number) => (
          <rect
            key={from}
            x={x}
            width={w}
            y={py(base + to)}
            height={py(base + from) - py(base + to)}
            fill="var(--color-flint)"
          />
        );
        return (
          <g key={`${at}/${foot}/${height}`}>
            {top > 0 ? [bar(foot, sill), bar(top, Math.max(top, height))] : bar(foot, height)}
          </g>
        );
      })}
      <line
        x1={px(0)}
        y1={py(start + eye)}
        x2={px(sight)}
        y2={py(sightAt)}
        stroke="var(--color-moss)"
        strokeWidth={1.6}
        vectorEffect="non-scaling-stroke"
      />
      {sight < length && (
        <line
          x1={px(sight)}
          y1={py(sightAt)}
          x2={px(length)}
          y2={py(end + mark)}
          stroke="var(--color-error)"
          strokeDasharray="5 4"
          strokeWidth={1.4}
          vectorEffect="non-scaling-stroke"
        />
      )}
      <Grip
        label="Height of the eyes"
        x={px(0)}
        y={py(start + eye)}
        value={eye}
        onDrag={drag(start, props.onEye)}
        onTake={props.onEye}
      />
      <Grip
        label="Height of the mark"
        x={px(length)}
        y={py(end + mark)}
        value={mark}
        onDrag={drag(end, props.onMark)}
        onTake={props.onMark}
      />
    </svg>
  );
}

/** A height that is dragged, or moved by the arrows. */
function Grip(props: {
  label: string;
  x: number;
  y: number;
  value: number;
  onDrag: (event: React.PointerEvent) => void;
  onTake: (value: number) => void;
}) {
  return (
    <ellipse
      role="slider"
      tabIndex={0}
      aria-label={props.label}
      aria-valuenow={props.value}
      aria-valuetext={metres(props.value)}
      cx={props.x}
      cy={props.y}
      rx={7}
      ry={7}
      fill="var(--color-slip)"
      stroke="var(--color-ink)"
      strokeWidth={1.6}
      vectorEffect="non-scaling-stroke"
      style={{ cursor: "ns-resize" }}
      onPointerDown={(event) => event.currentTarget.setPointerCapture(event.pointerId)}
      onPointerMove={props.onDrag}
      onKeyDown={(event) => {
        const step = { ArrowUp: 0.1, ArrowDown: -0.1, PageUp: 1, PageDown: -1 }[event.code];
        if (step === undefined) return;
        props.onTake(Math.round(Math.max(0, Math.min(100, props.value + step)) * 10) / 10);
        event.preventDefault();
      }}
    />
  );
}

function groundAt({ heights, length }: Section, metres: number): number {
  const index = Math.round((metres / Math.max(length, 0.01)) * (heights.length - 1));
  return sure(heights, Math.max(0, Math.min(heights.length - 1, index)));
}
