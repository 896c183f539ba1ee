import { useRef } from "react";
import { sure } from "../../document/sure";
import { metres } from "../../document/units";
import { groundAt, type Section } from "./section";

const HEIGHT = 108;
const PAD = 14;

/** A section as it would be seen from beside the line; the heights of eyes and mark are dragged. */
export function Profile(props: {
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
