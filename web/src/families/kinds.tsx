import type { Path } from "../document/change";
import {
  type Appearance,
  type Fixture,
  type Mission,
  ordered,
  type Position,
  type Prop,
  type Ref,
  type Stroke,
  type ThingKind,
  type Use,
} from "../document/mission";
import type { InPlay, Solid } from "./traits";

/** A prop or a fixture. */
export type Upright = Prop | Fixture;

/** The kind of a thing; nothing where it is no longer in the catalogue. */
export function kindOf(mission: Mission, thing: Upright): ThingKind | undefined {
  return mission.thingKinds[thing.kind.id];
}

/** The appearances of a kind in their order. */
export function appearancesOf(kind: ThingKind): Appearance[] {
  return ordered(kind.looks).map(([, appearance]) => appearance);
}

/** How a thing appears when play begins; nothing where its kind is gone. */
export function appearanceOf(mission: Mission, thing: Upright): Appearance | undefined {
  const kind = kindOf(mission, thing);
  if (!kind) return undefined;
  const { begins } = thing;
  const its = appearancesOf(kind);
  return (begins.type === "look" && its.find(({ look }) => look.id === begins.look.id)) || its[0];
}

/** What can be done with a fixture: what its kind says, and what it says itself, by id. */
export function usesOfFixture(mission: Mission, fixture: Fixture): Record<string, Use> {
  return { ...kindOf(mission, fixture)?.uses, ...fixture.uses };
}

/** The looks that a sentence at a place of the document can name, by id; nothing for all. */
export function looksOf(
  mission: Mission,
  sentence: Record<string, unknown>,
  path: Path,
): Set<string> | undefined {
  const thing = sentence.thing as Ref | undefined;
  const [family, id = ""] = thing ? [thing.family, thing.id] : path;
  const kind =
    family === "thingKinds"
      ? mission.thingKinds[id]
      : family === "props" || family === "fixtures"
        ? mission[family][id] && kindOf(mission, mission[family][id])
        : undefined;
  return kind && new Set(Object.values(kind.looks).map(({ look }) => look.id));
}

/** Things as a trial shows them: where they are, with the looks that they have now. */
export function thingsInPlay<T extends Upright>(
  things: Record<string, T>,
  play: InPlay,
): Record<string, T> {
  const hidden = ([id, { stands }]: [string, T]) => (play.things[id]?.stands ?? stands) === "gone";
  const entries = Object.entries(things);
  const { places } = play;
  if (!entries.some(([id, it]) => play.things[id] || places.has(id) || hidden([id, it])))
    return things;
  return Object.fromEntries(
    entries
      .filter((it) => !hidden(it))
      .map(([id, thing]) => {
        const now = play.things[id];
        const at = places.get(id);
        const moved = at ? onItsOwn(thing, at) : thing;
        if (!now) return [id, moved];
        const look = { family: "looks" as const, id: now.look };
        return [id, { ...moved, stands: now.stands, begins: { type: "look", look } }];
      }),
  );
}

/** The strokes of a drawing as the data of two paths: its lines, and what is filled. */
export interface Drawn {
  lines: string;
  filled: string;
}

const DRAWN = new WeakMap<Record<string, Stroke>, Drawn>();

/** The strokes of a drawing, one unit from the middle of a footprint to its edges, north up. */
export function drawn(drawing: Record<string, Stroke>): Drawn {
  let made = DRAWN.get(drawing);
  if (!made) {
    const strokes = ordered(drawing).map(([, stroke]) => stroke);
    const some = (filled: boolean) =>
      strokes
        .filter((stroke) => stroke.filled === filled)
        .map(({ shape }) => pathOf(shape))
        .join("");
    made = { lines: some(false), filled: some(true) };
    DRAWN.set(drawing, made);
  }
  return made;
}

/** A stroke as the data of a path. */
export function pathOf(shape: Stroke["shape"]): string {
  const { x, y, toX, toY } = shape;
  switch (shape.type) {
    case "line":
      return `M${x} ${-y}L${toX} ${-toY}`;
    case "bow":
      return `M${x} ${-y}Q${shape.overX} ${-shape.overY} ${toX} ${-toY}`;
    case "box":
      return `M${x} ${-y}L${toX} ${-y}L${toX} ${-toY}L${x} ${-toY}Z`;
    case "ring": {
      const [rx, ry] = [Math.abs(toX - x) / 2, Math.abs(toY - y) / 2];
      const [cx, cy] = [(x + toX) / 2, -(y + toY) / 2];
      return `M${cx - rx} ${cy}A${rx} ${ry} 0 1 1 ${cx + rx} ${cy}A${rx} ${ry} 0 1 1 ${cx - rx} ${cy}Z`;
    }
  }
}

/** How wide and deep a kind's footprint is, metres. */
export function extentOf({ footprint }: ThingKind): [width: number, depth: number] {
  return footprint.type === "round"
    ? [2 * footprint.radius, 2 * footprint.radius]
    : [footprint.width, footprint.depth];
}

/** A thing as a block at eye level. */
export function solidOf(thing: Upright, mission: Mission, lift = 0): Solid | undefined {
  const kind = kindOf(mission, thing);
  const looks = appearanceOf(mission, thing);
  if (!kind || !looks || looks.height === 0 || thing.stands === "gone") return undefined;
  const { footprint, material } = kind;
  const { scale } = thing;
  const sunk = "sunk" in thing ? thing.sunk : 0;
  return {
    plan:
      footprint.type === "round"
        ? { is: "round", radius: footprint.radius * scale }
        : { is: "block", width: footprint.width * scale, depth: footprint.depth * scale },
    foot: lift - (lift > 0 ? 0 : 0.2),
    top: lift + Math.max(0.1, looks.height * scale - sunk),
    of: material === "cloth" ? "paper" : material,
  };
}

/** The sign of a kind: one of its drawings, on its footprint or as a plate of a fixture. */
export function KindSign(props: {
  kind: ThingKind;
  looks?: Appearance | undefined;
  size?: number;
}) {
  const { kind, looks = appearancesOf(kind)[0], size = 18 } = props;
  const fixture = Object.keys(kind.uses).length > 0;
  const [width, depth] = fixture ? [1, 1] : extentOf(kind);
  const fit = 0.9 / Math.max(width, depth);
  const [w, h] = [Math.max(0.45, width * fit), Math.max(0.45, depth * fit)];
  const { lines, filled } = drawn(looks?.drawing ?? {});
  return (
    <svg
      width={`${size / 16}rem`}
      height={`${size / 16}rem`}
      viewBox="-1.1 -1.1 2.2 2.2"
      aria-hidden="true"
      className="shrink-0"
    >
      <g
        transform={`scale(${w} ${h})`}
        fill="none"
        stroke="var(--color-flint)"
        strokeLinecap="round"
        strokeLinejoin="round"
        strokeWidth={1.3}
      >
        {!fixture &&
          (kind.footprint.type === "round" ? (
            <circle r={1} vectorEffect="non-scaling-stroke" />
          ) : (
            <rect x={-1} y={-1} width={2} height={2} vectorEffect="non-scaling-stroke" />
          ))}
        <path d={filled} fill="var(--color-flint)" vectorEffect="non-scaling-stroke" />
        <path d={lines} vectorEffect="non-scaling-stroke" />
      </g>
    </svg>
  );
}

/** A thing that lies elsewhere by now, and no longer on what it stood on at first. */
function onItsOwn<T extends Upright>(thing: T, { x, y }: Position): T {
  return { ...thing, position: { x, y }, atop: { type: "nothing" } };
}
