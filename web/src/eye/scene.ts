import type { Mission, Position, Ref } from "../document/mission";
import { type Ground, heightAt } from "../document/raster";
import { type Level, surfaceUnder } from "../document/surfaces";
import { SIDE_COLOURS } from "../drawing/stones";
import { familiesWith, traitsOf } from "../families";
import type { Solid } from "../families/traits";
import { geometryOf } from "../things/geometry";
import { levelOf } from "../things/levels";
import { Built } from "./built";
import type { Colour, Eye, Face } from "./picture";
import { plants } from "./plants";
import { block, prism, round } from "./solids";
import { DARK, IRON, PAPER, STONE, WOOD } from "./tints";

function rgb(hex: string): Colour {
  const part = (at: number) => Number.parseInt(hex.slice(at, at + 2), 16);
  return [part(1), part(3), part(5)];
}

/** Everything that can be seen from an eye but the land, as flat sides, without the one who looks. */
export function sceneOf(mission: Mission, ground: Ground, eye: Eye, except: string): Face[] {
  return [
    ...new Built(mission, ground).all(),
    ...new Standing(mission, ground).all(except),
    ...plants(ground, eye),
  ];
}

/** The families whose things are seen as blocks. */
const SOLID = familiesWith(({ solid }) => solid);

const GROUND: Level = { type: "ground" };

const TINTS: Record<Solid["of"], Colour> = {
  stone: STONE,
  wood: WOOD,
  dark: DARK,
  iron: IRON,
  paper: PAPER,
};

/** What stands about, and people, as plain blocks. */
class Standing {
  private readonly faces: Face[] = [];

  constructor(
    private readonly mission: Mission,
    private readonly ground: Ground,
  ) {}

  all(except: string): Face[] {
    this.things();
    this.people(except);
    return this.faces;
  }

  private at({ x, y }: Position): number {
    return heightAt(this.ground, x, y);
  }

  /** How high something stands at a point. */
  private stands(level: Level, at: Position): number {
    return surfaceUnder(this.mission, level, at)?.top ?? this.at(at);
  }

  /** What stands about, as plain blocks. */
  private things(): void {
    const { mission } = this;
    for (const family of SOLID) {
      for (const [id, thing] of Object.entries(mission[family])) {
        const solid = traitsOf(family)?.solid?.(thing as never, mission);
        if (solid) this.put({ family, id }, solid);
      }
    }
  }

  private put(ref: Ref, { plan, foot, top, of, floats }: Solid): void {
    const { mission } = this;
    const geometry = geometryOf(mission, ref);
    if (geometry?.is !== "point") return;
    const { at, facing = 0 } = geometry;
    const stands = this.stands(levelOf(mission, ref) ?? GROUND, at);
    const base = floats ? Math.max(stands, mission.setting.waterLevel) : stands;
    const ring =
      plan.is === "round" ? round(at, plan.radius) : block(at, plan.width, plan.depth, facing);
    prism(this.faces, ring, [base + foot, base + top], TINTS[of]);
  }

  /** Everybody but one as a body in the colour of their side, and a head. */
  private people(except: string): void {
    for (const family of ["units", "starts"] as const) {
      for (const [id, it] of Object.entries(this.mission[family])) {
        if (`${family}/${id}` === except) continue;
        const kind = this.mission.kinds[it.kind.id];
        const side = this.mission.sides[it.side.id];
        if (!kind) continue;
        const base = this.stands(it.level, it.position);
        const colour = side ? rgb(SIDE_COLOURS[side.colour]) : IRON;
        const neck = kind.eye * 0.86;
        const [wide, deep] = [Math.min(0.55, kind.radius * 1.3), Math.min(0.35, kind.radius)];
        prism(this.faces, block(it.position, wide, deep, it.facing), [base, base + neck], colour);
        prism(
          this.faces,
          round(it.position, 0.14, 6),
          [base + neck, base + kind.eye + 0.12],
          PAPER,
        );
      }
    }
  }
}
