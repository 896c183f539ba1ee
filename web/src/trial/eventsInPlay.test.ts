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

  it("is nothing for what the mission does not have", () => {
    expect(inPlay(mission, "gone")).toBeUndefined();
    expect(inPlay(mission, "objectives/gone/done")).toBeUndefined();
    expect(inPlay(mission, "objectives/relight/wins")).toBeUndefined();
  });
});
