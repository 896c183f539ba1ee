import { readFileSync } from "node:fs";
import { describe, expect, it } from "vitest";
import type { Mission } from "../document/mission";
import { sure } from "../document/sure";
import { inPlay } from "./eventsInPlay";

const mission = JSON.parse(
  readFileSync("../core/src/main/resources/samples/first-light.json", "utf8"),
) as Mission;

describe("what listens in play", () => {
  it("is an event by its id", () => {
    const [id, event] = sure(Object.entries(mission.events), 0);
    expect(inPlay(mission, id)).toMatchObject({ name: event.name, when: event.when });
  });

  it("is a condition of an objective's own, which asks how the objective stands too", () => {
    const done = inPlay(mission, "objectives/relight/done");
    expect(done?.name).toBe("Relight the lamp: done by itself");
    expect(done?.when).toEqual({
      type: "all",
      parts: {
        a: {
          order: "a0",
          condition: {
            type: "objective",
            objective: { family: "objectives", id: "relight" },
            state: "open",
          },
        },
        b: { order: "a1", condition: sure(mission.objectives, "relight").done },
      },
    });
    const opens = inPlay(mission, "objectives/relight/opens");
    expect(JSON.stringify(opens?.when)).toContain('"notYetOpen"');
  });

  it("is that while which a zone acts", () => {
    const [id, zone] = sure(Object.entries(mission.zones), 0);
    const when = sure(mission.objectives, "relight").done;
    const does = {
      a: {
        order: "a0",
        work: { type: "bounds" as const },
        whom: { type: "anyone" as const },
        hands: "both" as const,
        goes: "anyhow" as const,
        bears: { type: "whatever" as const },
        when,
        told: false,
      },
    };
    const acting = { ...mission, zones: { ...mission.zones, [id]: { ...zone, does } } };
    expect(inPlay(acting, `zones/${id}/does/a`)).toEqual({
      name: `${zone.name}: begins to act`,
      when,
      restsUntilFalse: true,
    });
    expect(inPlay(mission, `zones/${id}/does/a`)).toBeUndefined();
  });

  it("is nothing for what the mission does not have", () => {
    expect(inPlay(mission, "gone")).toBeUndefined();
    expect(inPlay(mission, "objectives/gone/done")).toBeUndefined();
    expect(inPlay(mission, "objectives/relight/wins")).toBeUndefined();
  });
});
