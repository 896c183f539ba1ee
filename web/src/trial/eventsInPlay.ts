import type { Condition, Mission, Objective } from "../document/mission";

/** What listens in play: an event, or a condition that an objective or a zone has of its own. */
export interface InPlay {
  name: string;
  when: Condition;
  /** Whether it is ready again when its condition has been false. */
  restsUntilFalse: boolean;
}

const OWN = {
  opens: { how: "opened by itself", while: "notYetOpen" },
  done: { how: "done by itself", while: "open" },
  fails: { how: "failed by itself", while: "open" },
} as const;

/**
 * An event, an objective's own condition, or that while which a zone acts, shaped as the core runs
 * it; nothing for another id.
 */
export function inPlay(mission: Mission, id: string): InPlay | undefined {
  const event = mission.events[id];
  if (event) {
    const { name, when, again } = event;
    return { name, when, restsUntilFalse: again.type === "whenFalse" };
  }
  const [family, objective = "", which = "", key = ""] = id.split("/");
  if (family === "zones" && which === "does") {
    const zone = mission.zones[objective];
    const working = zone?.does[key];
    if (!zone || !working) return undefined;
    return { name: `${zone.name}: begins to act`, when: working.when, restsUntilFalse: true };
  }
  const of: Objective | undefined = mission.objectives[objective];
  if (family !== "objectives" || !of || !(which in OWN)) return undefined;
  const own = which as keyof typeof OWN;
  const stands: Condition = {
    type: "objective",
    objective: { family: "objectives", id: objective },
    state: OWN[own].while,
  };
  return {
    name: `${of.name}: ${OWN[own].how}`,
    when: {
      type: "all",
      parts: { a: { order: "a0", condition: stands }, b: { order: "a1", condition: of[own] } },
    },
    restsUntilFalse: true,
  };
}
