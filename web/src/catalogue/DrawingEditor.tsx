import { Circle, Minus, Spline, Square, Trash2 } from "lucide-react";
import { type KeyboardEvent, type PointerEvent, useRef, useState } from "react";
import { type Path, part, put } from "../document/change";
import { useOpenMission } from "../document/context";
import { newId, ordered, type Stroke, type ThingKind } from "../document/mission";
import { drawn, extentOf, pathOf } from "../families/kinds";
import { Button, Tick } from "../ui/controls";
import {
  GRAIN,
  handlesOf,
  MOST_STROKES,
  moved,
  onGrid,
  type Point,
  SHAPE_WORDS,
  SHAPES,
  type ShapeType,
  shapeBetween,
  strokeOf,
  withHandle,
} from "./strokes";

const ICONS: Record<ShapeType, typeof Minus> = {
  line: Minus,
  bow: Spline,
  ring: Circle,
  box: Square,
};

/** Half the side of the sheet that is drawn on, in halves of the footprint. */
const REACH = 1.6;

/** How far the arrow keys move a stroke. */
const NUDGES: Record<string, Point> = {
  ArrowLeft: { x: -GRAIN, y: 0 },
  ArrowRight: { x: GRAIN, y: 0 },
  ArrowUp: { x: 0, y: GRAIN },
  ArrowDown: { x: 0, y: -GRAIN },
};

/** What is being pulled: a shape that is drawn, or a handle of one that is there. */
type Pull = { from: Point; to: Point } | { handle: number; to: Point };

/** Draws a look on its footprint seen from above, stroke by stroke. */
export function DrawingEditor(props: {
  kind: ThingKind;
  path: Path;
  drawing: Record<string, Stroke>;
  of: string;
}) {
  const { kind, path, drawing, of } = props;
  const open = useOpenMission();
  const sheet = useRef<SVGSVGElement>(null);
  const [tool, setTool] = useState<ShapeType>("line");
  const [chosen, setChosen] = useState("");
  const [pull, setPull] = useState<Pull | null>(null);
  const stroke = drawing[chosen];
  const label = `Draw the look ${of}`;
  const take = (id: string, to: Stroke) => put(open, label, [...path, id], to);
  const place = ({ clientX, clientY }: PointerEvent): Point => {
    const box = sheet.current?.getBoundingClientRect();
    if (!box) return { x: 0, y: 0 };
    const x = ((clientX - box.left) / box.width) * 2 * REACH - REACH;
    return onGrid({ x, y: REACH - ((clientY - box.top) / box.height) * 2 * REACH });
  };
  const begin = (event: PointerEvent, handle?: number) => {
    event.stopPropagation();
    sheet.current?.setPointerCapture(event.pointerId);
    const at = place(event);
    setPull(handle === undefined ? { from: at, to: at } : { handle, to: at });
  };
  const shown =
    pull && "handle" in pull && stroke && withHandle(stroke.shape, pull.handle, pull.to);
  const fresh = pull && "from" in pull && shapeBetween(tool, pull.from, pull.to);
  const end = () => {
    if (shown && stroke) take(chosen, { ...stroke, shape: shown });
    if (fresh && pull && "from" in pull) {
      const drew = pull.from.x !== pull.to.x || pull.from.y !== pull.to.y;
      if (drew && Object.keys(drawing).length < MOST_STROKES) {
        const id = newId();
        take(id, strokeOf(drawing, fresh));
        setChosen(id);
      } else {
        setChosen("");
      }
    }
    setPull(null);
  };
  const remove = () => {
    open.edit(label, (draft) => {
      delete part<Record<string, Stroke>>(draft, path)[chosen];
    });
    setChosen("");
  };
  const press = (event: KeyboardEvent) => {
    const by = NUDGES[event.key];
    if (!stroke || (!by && event.key !== "Delete")) return;
    event.preventDefault();
    if (!by) remove();
    else take(chosen, { ...stroke, shape: moved(stroke.shape, by.x, by.y) });
  };
  const shape = shown || stroke?.shape;
  return (
    <div className="flex flex-wrap gap-4">
      <svg
        ref={sheet}
        role="img"
        aria-label={`The drawing of ${of}`}
        viewBox={`${-REACH} ${-REACH} ${2 * REACH} ${2 * REACH}`}
        className="h-60 w-60 shrink-0 cursor-crosshair touch-none border border-line bg-field"
        strokeLinecap="round"
        strokeLinejoin="round"
        fill="none"
        onPointerDown={(event) => begin(event)}
        onPointerMove={(event) => pull && setPull({ ...pull, to: place(event) })}
        onPointerUp={end}
        onPointerCancel={() => setPull(null)}
      >
        <Footprint kind={kind} />
        {ordered(drawing).map(([id, it]) => {
          const now = id === chosen && shape ? shape : it.shape;
          return (
            <g key={id}>
              <path
                d={pathOf(now)}
                stroke={id === chosen ? "var(--color-moss)" : "var(--color-ink)"}
                strokeWidth={0.06}
                fill={it.filled ? "var(--color-flint)" : "none"}
              />
              <path
                d={pathOf(now)}
                stroke="transparent"
                strokeWidth={0.2}
                className="cursor-pointer"
                onPointerDown={(event) => {
                  event.stopPropagation();
                  setChosen(id);
                }}
              />
            </g>
          );
        })}
        {fresh && <path d={pathOf(fresh)} stroke="var(--color-moss)" strokeWidth={0.06} />}
        {shape &&
          handlesOf(shape).map(({ x, y }, i) => (
            <circle
              key={i}
              cx={x}
              cy={-y}
              r={0.08}
              fill="var(--color-slip)"
              stroke="var(--color-moss)"
              strokeWidth={0.04}
              className="cursor-move"
              onPointerDown={(event) => begin(event, i)}
            />
          ))}
      </svg>
      <div className="min-w-44">
        <div role="toolbar" aria-label="What to draw" className="flex gap-1 pb-2">
          {SHAPES.map((type) => {
            const Icon = ICONS[type];
            return (
              <Button
                key={type}
                look="quiet"
                aria-label={SHAPE_WORDS[type]}
                title={SHAPE_WORDS[type]}
                aria-pressed={tool === type}
                className="aria-pressed:bg-moss-soft aria-pressed:outline aria-pressed:outline-moss"
                onClick={() => setTool(type)}
              >
                <Icon size="1rem" />
              </Button>
            );
          })}
        </div>
        <Strokes drawing={drawing} chosen={chosen} onChoose={setChosen} onKeyDown={press} />
        {stroke && (
          <div className="flex items-center gap-2 pt-2">
            <Tick
              word="filled"
              checked={stroke.filled}
              onTake={(filled) => take(chosen, { ...stroke, filled })}
            />
            <Button look="quiet" aria-label="Rub this stroke out" onClick={remove}>
              <Trash2 size="0.875rem" />
            </Button>
          </div>
        )}
      </div>
    </div>
  );
}

/** The footprint that is drawn on, with its front up. */
function Footprint({ kind }: { kind: ThingKind }) {
  const [width, depth] = extentOf(kind);
  const measure = (it: number) => `${Number(it.toFixed(2))} m`;
  const rim = {
    fill: "var(--color-paper)",
    stroke: "var(--color-line)",
    strokeWidth: 0.03,
    strokeDasharray: "0.08 0.06",
  };
  return (
    <>
      {kind.footprint.type === "round" ? (
        <circle r={1} {...rim} />
      ) : (
        <rect x={-1} y={-1} width={2} height={2} {...rim} />
      )}
      <text
        y={-1.12}
        textAnchor="middle"
        fontSize={0.17}
        fill="var(--color-quiet)"
        className="select-none"
      >
        front; {measure(width)} wide, {measure(depth)} deep
      </text>
    </>
  );
}

/** The strokes of a drawing as a list, so that each can be reached by keys. */
function Strokes(props: {
  drawing: Record<string, Stroke>;
  chosen: string;
  onChoose: (id: string) => void;
  onKeyDown: (event: KeyboardEvent) => void;
}) {
  const { drawing, chosen, onChoose, onKeyDown } = props;
  const strokes = ordered(drawing);
  if (strokes.length === 0) {
    return (
      <p className="max-w-52 text-quiet text-small">
        Nothing is drawn yet. Choose a shape and pull it over the footprint.
      </p>
    );
  }
  return (
    <ul aria-label="Strokes" className="max-h-40 max-w-52 overflow-y-auto">
      {strokes.map(([id, { shape, filled }], i) => (
        <li key={id}>
          <button
            type="button"
            aria-pressed={id === chosen}
            onClick={() => onChoose(id)}
            onKeyDown={onKeyDown}
            className="flex min-h-7 w-full items-center gap-2 px-2 text-left text-sm hover:bg-hover aria-pressed:bg-moss-soft"
          >
            <svg viewBox="-1.2 -1.2 2.4 2.4" className="h-4 w-4" aria-hidden="true">
              <path
                d={drawn({ it: { order: "a0", shape, filled } })[filled ? "filled" : "lines"]}
                fill={filled ? "var(--color-flint)" : "none"}
                stroke="var(--color-flint)"
                strokeWidth={0.16}
              />
            </svg>
            {SHAPE_WORDS[shape.type]} {i + 1}
          </button>
        </li>
      ))}
    </ul>
  );
}
