import { readFileSync } from "node:fs";
import { describe, expect, it } from "vitest";
import { noOffer, offers } from "../deeds/links";
import type { Mission } from "../document/mission";
import { sure } from "../document/sure";
import { familiesWith, PLACED, traitsOf } from ".";

const harrow: Mission = JSON.parse(
  readFileSync("../core/src/main/resources/samples/relight-the-harrow.json", "utf8"),
);

describe("families", () => {
  it("have each a heading of their own", () => {
    expect(new Set(PLACED.map((family) => traitsOf(family)?.heading)).size).toBe(PLACED.length);
  });

  it("are told of by their name alone", () => {
    expect(traitsOf("zones")?.heading).toBe("Zones");
    expect(traitsOf("flags")).toBeUndefined();
  });

  it.each(familiesWith(({ links }) => links))("%s are linked both ways", (family) => {
    for (const other of traitsOf(family)?.links ?? []) {
      expect(traitsOf(other)?.links, other).toContain(family);
    }
  });

  it.each(PLACED.flatMap((from) => (traitsOf(from)?.links ?? []).map((to) => [from, to] as const)))(
    "%s and %s have something to do with each other",
    (from, to) => {
      const [one] = Object.keys(harrow[from]);
      const other = Object.keys(harrow[to]).at(-1);
      if (!one || !other) return;
      const found = offers(harrow, { family: from, id: one }, { family: to, id: other });
      expect(
        found,
        noOffer(harrow, { family: from, id: one }, { family: to, id: other }),
      ).not.toEqual([]);
    },
  );

  it("name their things beside their signs, one family after the other", () => {
    const order = familiesWith(({ named }) => named).map((it) => traitsOf(it)?.named);
    expect(new Set(order).size).toBe(order.length);
  });

  it("let a plate hold a gate open while something weighs on it, in one edit", () => {
    const blank: Mission = JSON.parse(
      readFileSync("../core/src/main/resources/samples/blank.json", "utf8"),
    );
    const [gate] = Object.entries(harrow.gates)[0] ?? [""];
    const [bell] = Object.values(harrow.fixtures);
    const kind = { family: "thingKinds", id: "plate-kind" } as const;
    const mission: Mission = {
      ...blank,
      gates: harrow.gates,
      fixtures: { plate: { ...sure({ bell }, "bell"), kind, uses: {} } },
    };
    const plate = { family: "fixtures", id: "plate" } as const;
    const held = offers(mission, plate, { family: "gates", id: gate }).find(({ word }) =>
      word.startsWith("hold"),
    );
    const draft = structuredClone(mission);
    held?.make(draft);
    const uses = Object.values(draft.fixtures.plate?.uses ?? {});
    expect(uses.map(({ made, effect }) => `${made.type} ${effect.type}`)).toEqual([
      "pressed opens",
      "eased closes",
    ]);
  });
});
