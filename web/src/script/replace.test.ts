import { readFileSync } from "node:fs";
import { beforeEach, describe, expect, it } from "vitest";
import { draftDesk } from "../document/draftDesk";
import { find, type Mission, type Ref, references } from "../document/mission";
import { sure } from "../document/sure";
import { canStandAt, copyFor, inOrder, namedInScript, replaceUses, usesIn } from "./replace";

const sample = readFileSync("../core/src/main/resources/samples/relight-the-harrow.json", "utf8");
let open: ReturnType<typeof draftDesk>;
let mission: Mission;

beforeEach(() => {
  mission = JSON.parse(sample) as Mission;
  open = draftDesk(mission);
});

const idOf = (family: "zones" | "starts" | "units" | "squads" | "events", name: string): Ref => ({
  family,
  id: Object.entries(mission[family]).find(([, it]) => it.name === name)?.[0] ?? "",
});

describe("what the script names", () => {
  it("is counted, the most used first, without what is not chosen yet", () => {
    const named = namedInScript(mission);
    const times = named.map((it) => it.times);
    expect(times).toEqual([...times].sort((a, b) => b - a));
    expect(named.some(({ ref }) => ref.family === "chapters" || ref.id === "")).toBe(false);
    const rock = idOf("zones", "Harrow rock");
    expect(named.find(({ ref }) => ref.id === rock.id)?.times).toBe(3);
  });

  it("is found in the order of the events, and in objectives that point at it", () => {
    const uses = usesIn(mission, idOf("zones", "Harrow rock"));
    expect(uses.map(({ holder }) => find(mission, holder)?.name)).toEqual([
      "On the rock",
      "The squatters run",
      "Cross to the Harrow",
    ]);
    const order = inOrder(mission);
    expect(order).toHaveLength(Object.keys(mission.events).length);
  });
});

describe("a thing that is put in the place of another", () => {
  it("is named in every place that was taken, and in no other", () => {
    const [from, to] = [idOf("zones", "Harrow rock"), idOf("zones", "Landing")];
    const before = usesIn(mission, to).length;
    const first = sure(usesIn(mission, from), 0);
    open.edit("Replace", (draft) => replaceUses(draft, [first], to));
    expect(usesIn(open.state.mission, from)).toHaveLength(2);
    expect(usesIn(open.state.mission, to)).toHaveLength(before + 1);
  });

  it("may be another kind of body where somebody is spoken of", () => {
    const start = idOf("starts", "Tobin Ash");
    const unit = sure(Object.keys(mission.units), 0);
    const by: Ref = { family: "units", id: unit };
    const uses = usesIn(mission, start);
    open.edit("Replace", (draft) => replaceUses(draft, uses, by));
    const { holder } = sure(uses, 0);
    const named = references(find(open.state.mission, holder)).find(({ ref }) => ref.id === unit);
    expect(named?.path.slice(-2)).toEqual(["whom", "unit"]);
    const whom = named?.path
      .slice(0, -1)
      .reduce<unknown>(
        (node, step) => (node as Record<string, unknown>)[step],
        find(open.state.mission, holder),
      );
    expect(whom).toEqual({ type: "unit", unit: by });
  });

  it("is put there in objectives as well", () => {
    const objective = sure(Object.keys(mission.objectives), 0);
    const [from, to] = [idOf("zones", "Harrow rock"), idOf("zones", "Landing")];
    const who = { quantifier: { type: "any" }, whom: { type: "players" } };
    const condition = { type: "inside", who, zone: from };
    open.edit("Say when it is done", (draft) => {
      sure(draft.objectives, objective).done = {
        type: "all",
        parts: { a: { order: "a0", condition } },
      } as unknown as Mission["objectives"][string]["done"];
    });
    const uses = usesIn(open.state.mission, from);
    const last = uses.at(-1);
    expect(last?.holder).toEqual({ family: "objectives", id: objective });
    open.edit("Replace", (draft) => replaceUses(draft, uses, to));
    expect(usesIn(open.state.mission, from)).toHaveLength(0);
  });

  it("cannot be of another family where only that family can stand", () => {
    const rock = idOf("zones", "Harrow rock");
    const { holder, path } = sure(usesIn(mission, rock), 0);
    expect(canStandAt(find(mission, holder), path, idOf("zones", "Landing"))).toBe(true);
    expect(canStandAt(find(mission, holder), path, idOf("starts", "Tobin Ash"))).toBe(false);
  });
});

describe("an event that is copied for another thing", () => {
  it("names the other, and has its name, right behind the first", () => {
    const tobin = idOf("events", "Tobin goes down");
    const [from, to] = [idOf("starts", "Tobin Ash"), idOf("starts", "Mara Quill")];
    let made: string[] = [];
    open.edit("Copy", (draft) => {
      made = copyFor(draft, tobin.id, from, [to]);
    });
    const copy = sure(open.state.mission.events, sure(made, 0));
    expect(copy.name).toBe("Tobin goes down: Mara Quill");
    expect(references(copy.when).map(({ ref }) => ref.id)).toEqual([to.id]);
    const order = inOrder(open.state.mission);
    expect(order.indexOf(sure(made, 0))).toBe(order.indexOf(tobin.id) + 1);
  });

  it("takes the other's name where it had the first's, and wakes itself, not the first", () => {
    const id = idOf("events", "Tobin goes down").id;
    const [from, to] = [idOf("starts", "Tobin Ash"), idOf("starts", "Mara Quill")];
    let made: string[] = [];
    open.edit("Copy", (draft) => {
      sure(draft.events, id).name = "Tobin Ash falls";
      sure(draft.events, id).actions.self = {
        order: "a9",
        after: { type: "number", value: 0 },
        action: { type: "wakeEvent", event: { family: "events", id } },
      };
    });
    open.edit("Copy", (draft) => {
      made = copyFor(draft, id, from, [to, to]);
    });
    const copies = made.map((it) => sure(open.state.mission.events, it));
    expect(copies.map(({ name }) => name)).toEqual(["Mara Quill falls", "Mara Quill falls 2"]);
    expect(sure(sure(copies, 0).actions, "self").action).toEqual({
      type: "wakeEvent",
      event: { family: "events", id: made[0] },
    });
  });
});
