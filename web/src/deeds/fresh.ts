import { type ThingTool, useDesk } from "../desk/desk";
import { freshName, type Mission } from "../document/mission";
import type { Ground } from "../document/raster";
import { onGround } from "../document/shapes";
import { freshLevel } from "../document/surfaces";
import { type PlacedFamily, setDownOf } from "../families";
import { startKind } from "../families/starts";
import type { Points } from "../families/traits";

/** A thing as it is when it is first set down: its family, and how it begins. */
interface Fresh {
  family: PlacedFamily;
  thing: { name: string };
  verb: "Set down" | "Draw";
}

/** The thing that a tool sets down at some points. */
export function fresh(
  mission: Mission,
  ground: Ground,
  tool: ThingTool,
  [first, ...others]: Points,
): Fresh {
  const { sets: family, choice, side, turn } = tool;
  const { peel } = useDesk.getState();
  const how = setDownOf(family);
  const thing = how.fresh({
    mission,
    ground,
    at: [onGround(mission, first), ...others.map((point) => onGround(mission, point))],
    choice,
    side: { family: "sides", id: side },
    turn,
    levelAt: (at) => freshLevel(mission, at, peel),
  });
  const names = mission[family] as unknown as Record<string, { name: string }>;
  const drawn = how.drawn?.(choice);
  return {
    family,
    thing: { ...thing, name: freshName(names, thing.name) },
    verb: drawn ? "Draw" : "Set down",
  };
}

/** The kind of somebody whom a tool sets down, by id. */
export function kindOf(mission: Mission, tool: ThingTool): string {
  return tool.sets === "units" ? tool.choice : startKind(mission);
}
