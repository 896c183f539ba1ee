import type { Mission, Position } from "../document/mission";
import { type Ground, heightAt } from "../document/raster";
import { type Level, surfaceUnder } from "../document/surfaces";
import { SIDE_COLOURS } from "../drawing/stones";
import { Built } from "./built";
import type { Colour, Eye, Face } from "./picture";
import { plants } from "./plants";
import { block, prism, round } from "./solids";
import { DARK, IRON, PAPER, STONE, WOOD } from "./tints";

function rgb(hex: string): Colour {
  const part = (at: number) => Number.parseInt(hex.slice(at, at + 2), 16);
  return [part(1), part(3), part(5)];
}

/** Everything that can be seen from an eye but the land, as flat sides, without whoever looks. */
export function sceneOf(mission: Mission, ground: Ground, eye: Eye, except: string): Face[] {
  return [
    ...new Built(mission, ground).all(),
    ...new Standing(mission, ground).all(except),
    ...plants(ground, eye),
  ];
}

/** Props, fixtures, loads, craft, items and people as plain blocks. */
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

  /** Props, fixtures, loads, craft and items as plain blocks. */
  private things(): void {
    const { mission } = this;
    for (const prop of Object.values(mission.props)) {
      const kind = mission.propKinds[prop.kind.id];
      if (!kind) continue;
      const base = this.stands(prop.level, prop.position);
      const ring =
        kind.footprint.type === "round"
          ? round(prop.position, kind.footprint.radius)
          : block(prop.position, kind.footprint.width, kind.footprint.depth, prop.facing);
      const colour = kind.figure === "boulder" ? STONE : WOOD;
      prism(this.faces, ring, [base - 0.2, base + Math.max(0.1, kind.height - prop.sunk)], colour);
    }
    for (const { position, level, facing, look } of Object.values(mission.fixtures)) {
      const base = this.stands(level, position);
      const tall = { lever: 1.1, bell: 2.2, lamp: 2.4, chest: 0.7 }[look];
      const wide = look === "chest" ? 0.9 : 0.35;
      prism(this.faces, block(position, wide, 0.4, facing), [base, base + tall], IRON);
    }
    for (const { position, level, facing } of Object.values(mission.cargo)) {
      const base = this.stands(level, position);
      prism(this.faces, block(position, 0.9, 0.9, facing), [base, base + 0.8], WOOD);
    }
    for (const { position, facing, look } of Object.values(mission.craft)) {
      const base = Math.max(this.at(position), mission.setting.waterLevel);
      const [wide, long, tall] = { cart: [1.6, 2.6, 1.2], boat: [2.2, 6, 1.1], balloon: [7, 7, 9] }[
        look
      ];
      const lift = look === "balloon" ? 3 : 0;
      const ring = look === "balloon" ? round(position, 4) : block(position, wide, long, facing);
      prism(this.faces, ring, [base + lift, base + tall], look === "balloon" ? PAPER : DARK);
    }
    for (const { position, level } of Object.values(mission.items)) {
      const base = this.stands(level, position);
      prism(this.faces, block(position, 0.3, 0.3, 0), [base, base + 0.25], DARK);
    }
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
