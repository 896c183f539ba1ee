import { put } from "../document/change";
import { useMission, useOpenMission } from "../document/context";
import { nameOf, type Prop, type PropKind, type PropKindFigure } from "../document/mission";
import { sure } from "../document/sure";
import { faint, inks } from "../drawing/inks";
import { FLINT } from "../drawing/printed";
import type { Sheet } from "../drawing/sheet";
import { drawSpeck, putFacing, SPECKS } from "../drawing/sprites";
import { Choice, Field, Group } from "../ui/controls";
import { Amount, Metres, ThingOf } from "./fields";
import { stopped } from "./stops";
import { each, FACING_POINT, type FieldsProps, type Traits } from "./traits";

/** What stands about and covers. */
export const props: Traits<"props"> = {
  heading: "Props",
  sign: "M4 5L14 5L14 15L4 15ZM4 5L14 15M14 5L4 15",
  icon: ({ kind }, { propKinds }) =>
    propKinds[kind.id] ? <PropSign kind={sure(propKinds, kind.id)} /> : undefined,
  setDown: {
    at: 17,
    tray: ({ propKinds }) =>
      Object.entries(propKinds).map(([choice, kind]) => ({
        group: "Works",
        choice,
        word: kind.name,
        also: "prop cover",
        icon: <PropSign kind={kind} size={20} />,
      })),
    fresh: ({ mission, at: [position], choice, levelAt }) => ({
      name: nameOf(mission, { family: "propKinds", id: choice }),
      kind: { family: "propKinds", id: choice },
      position,
      level: levelAt(position),
      facing: 0,
      look: 0,
      sunk: 0,
      tilt: 0,
    }),
    remembered: ["look"],
  },
  ...FACING_POINT,
  layer: "props",
  levelled: true,
  painted: {
    at: 8,
    draw: each((sheet, prop, selected, { propKinds }) =>
      drawProp(sheet, prop, propKinds[prop.kind.id], selected),
    ),
  },
  inPlay: (props, play) =>
    play.gone.length === 0
      ? props
      : Object.fromEntries(Object.entries(props).filter(([id]) => !play.gone.includes(id))),
  solid: ({ kind: { id }, sunk }, { propKinds }) => {
    const kind = propKinds[id];
    if (!kind) return undefined;
    const { footprint, figure, height } = kind;
    return {
      plan:
        footprint.type === "round"
          ? { is: "round", radius: footprint.radius }
          : { is: "block", width: footprint.width, depth: footprint.depth },
      foot: -0.2,
      top: Math.max(0.1, height - sunk),
      of: figure === "boulder" ? "stone" : "wood",
    };
  },
  printed: null,
  sentence: ({ kind: { id } }, { propKinds }) => {
    const kind = propKinds[id];
    if (!kind) return "Its kind is no longer in the catalogue.";
    const covers =
      kind.cover > 0
        ? ` It takes ${Math.round(kind.cover * 100)} % off shots at those close behind it.`
        : "";
    return `A ${kind.name.toLowerCase()} that stops ${stopped(kind.stops)}.${covers}`;
  },
  slip: [Fields],
};

/** What a prop is. */
function Fields({ id, name }: FieldsProps) {
  const open = useOpenMission();
  const prop = useMission((state) => sure(state.mission.props, id));
  const kinds = useMission((state) => state.mission.propKinds);
  const at = ["props", id];
  return (
    <Group title="What it is">
      <ThingOf
        label="Kind"
        path={[...at, "kind"]}
        value={prop.kind}
        options={Object.entries(kinds).map(([value, kind]) => ({ value, word: kind.name }))}
        says={`Change the kind of ${name}`}
      />
      <Field label="Look">
        {(field) => (
          <Choice
            id={field}
            value={String(prop.look)}
            options={["As new", "Weathered", "Broken", "Overgrown"].map((word, i) => ({
              value: String(i),
              word,
            }))}
            onTake={(look) =>
              put(open, `Change the look of ${name}`, [...at, "look"], Number(look))
            }
          />
        )}
      </Field>
      <Metres label="Sunk by" path={[...at, "sunk"]} value={prop.sunk} least={0} most={100} />
      <Amount
        label="Tilted by"
        path={[...at, "tilt"]}
        unit="°"
        least={0}
        most={90}
        digits={1}
        value={prop.tilt}
        says={(tilt) => `Tilt ${name} by ${tilt}°`}
      />
    </Group>
  );
}

/** The sign of a prop: its figure on its footprint. */
export function PropSign({ kind, size = 18 }: { kind: PropKind; size?: number }) {
  const { footprint, figure } = kind;
  const round = footprint.type === "round";
  const [width, depth] = round ? [1, 1] : [footprint.width, footprint.depth];
  const fit = 0.86 / Math.max(width, depth);
  const [w, h] = [Math.max(0.45, width * fit), Math.max(0.45, depth * fit)];
  return (
    <svg
      width={`${size / 16}rem`}
      height={`${size / 16}rem`}
      viewBox="-0.5 -0.5 1 1"
      aria-hidden="true"
      className="shrink-0"
    >
      <g transform={`scale(${w} ${h})`} fill="none" stroke={FLINT} strokeLinecap="round">
        {round ? (
          <circle r={0.5} strokeWidth={1.5} vectorEffect="non-scaling-stroke" />
        ) : (
          <rect
            x={-0.5}
            y={-0.5}
            width={1}
            height={1}
            strokeWidth={1.5}
            vectorEffect="non-scaling-stroke"
          />
        )}
        <path d={PROP_FIGURES[figure]} strokeWidth={1.2} vectorEffect="non-scaling-stroke" />
      </g>
    </svg>
  );
}

/** Drawings of props within a unit square about the origin, as strokes over their ground. */
const PROP_FIGURES: Record<PropKindFigure, string> = {
  cask: "M-0.3 0A0.3 0.3 0 1 1 0.3 0A0.3 0.3 0 1 1 -0.3 0",
  crate: "M-0.35 -0.35L0.35 0.35M0.35 -0.35L-0.35 0.35",
  pot: "M-0.3 -0.1L0.3 -0.1M-0.3 0.15L0.3 0.15M-0.1 -0.3L-0.1 0.3M0.15 -0.3L0.15 0.3",
  driftwood: "M-0.4 -0.15L0.4 -0.05M-0.35 0.15L0.3 0.2",
  hull: "M0 -0.42L0 0.42M-0.3 -0.15L0.3 -0.15M-0.3 0.15L0.3 0.15",
  boulder: "M-0.25 0.1L0 -0.2L0.25 0.05",
};

/** Draws a prop on the ground that it covers. */
function drawProp(sheet: Sheet, prop: Prop, kind: PropKind | undefined, selected: boolean) {
  const { camera } = sheet;
  if (camera.scale < SPECKS) {
    drawSpeck(sheet, prop.position, selected ? inks.ink : inks.wood);
    return;
  }
  const shape = kind?.footprint;
  const least = 10 / camera.scale;
  const width = Math.max(least, shape?.type === "block" ? shape.width : 2 * (shape?.radius ?? 0.5));
  const depth = Math.max(least, shape?.type === "block" ? shape.depth : 2 * (shape?.radius ?? 0.5));
  const half = (Math.hypot(width, depth) / 2) * camera.scale + 4;
  const size = `${width.toFixed(2)}/${depth.toFixed(2)}/${camera.scale.toFixed(4)}`;
  const kindly = `${kind?.figure}/${shape?.type}/${kind?.stops.movement}`;
  const name = `prop/${kindly}/${size}/${prop.look}/${prop.tilt > 0 || prop.sunk > 0}/${selected}`;
  putFacing(sheet, prop, name, half, (c) => {
    c.scale(camera.scale, camera.scale);
    const body = new Path2D();
    if (shape?.type === "block") body.roundRect(-width / 2, -depth / 2, width, depth, least / 5);
    else body.ellipse(0, 0, width / 2, depth / 2, 0, 0, Math.PI * 2);
    c.lineWidth = 4 / camera.scale;
    c.strokeStyle = inks.halo;
    c.stroke(body);
    c.fillStyle = kind?.stops.movement ? inks.solidProp : inks.lightProp;
    c.fill(body);
    c.lineWidth = (selected ? 2.4 : 1.4) / camera.scale;
    c.strokeStyle = selected ? inks.ink : inks.wood;
    c.stroke(body);
    if (!kind) return;
    const figure = new Path2D();
    figure.addPath(
      new Path2D(PROP_FIGURES[kind.figure]),
      new DOMMatrix([width, 0, 0, depth, 0, 0]),
    );
    c.lineWidth = 1.2 / camera.scale;
    c.stroke(figure);
    wear(c, prop, body, width, depth, camera.scale);
  });
}

/** Shows that a prop is weathered, broken or overgrown, and that it is sunk or tilted. */
function wear(
  c: CanvasRenderingContext2D,
  prop: Prop,
  body: Path2D,
  width: number,
  depth: number,
  scale: number,
): void {
  const [w, d] = [width / 2, depth / 2];
  if (prop.look === 1 || prop.look === 3) {
    c.fillStyle = prop.look === 1 ? faint(inks.flint2, 0.35) : faint(inks.moss, 0.45);
    c.fill(body);
  }
  if (prop.look === 2) {
    c.lineWidth = 1.6 / scale;
    c.strokeStyle = inks.slip;
    c.stroke(
      new Path2D(
        `M${-w} ${-d * 0.4}L${-w * 0.2} ${d * 0.1}L${w * 0.1} ${-d * 0.3}L${w} ${d * 0.5}`,
      ),
    );
  }
  if (prop.tilt > 0 || prop.sunk > 0) {
    c.save();
    c.clip(body);
    c.fillStyle = faint(inks.shadow, 0.28);
    c.fillRect(-w, 0, 2 * w, d);
    c.restore();
  }
}
