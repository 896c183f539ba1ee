import { describe, expect, it } from "vitest";
import type { Ref } from "../../document/mission";
import { firstOf } from "../../document/sure";
import { isOdd, markWords, partOf, sizeOf, type Web, type WebEdge, type WebNode } from "./graph";

const ref = (family: Ref["family"], id: string): Ref => ({ family, id });
const node = (of: Ref, marks: WebNode["marks"] = []): WebNode => ({ ref: of, name: of.id, marks });
const edge = (from: Ref, to: Ref, is: WebEdge["is"]): WebEdge => ({ from, to, is });

const [a, b, c] = firstOf(
  ["a", "b", "c"].map((id) => ref("events", id)),
  3,
);
const [f, g] = firstOf(
  ["f", "g"].map((id) => ref("flags", id)),
  2,
);
const zone = ref("zones", "z");
const web: Web = {
  nodes: [node(a), node(b), node(c), node(f), node(g, ["NEVER_SET"]), node(zone)],
  edges: [edge(a, f, "SET"), edge(f, b, "READ"), edge(zone, c, "NAMES"), edge(b, c, "WAKES")],
};
const ids = (part: Web) => part.nodes.map((it) => it.ref.id);
const ALL = { everything: false, around: null, reach: 1 };

describe("the part of a web that is shown", () => {
  it("leaves out things, but no event and nothing that stands out", () => {
    const part = partOf(web, ALL);
    expect(ids(part)).toEqual(["a", "b", "c", "f", "g"]);
    expect(part.edges).toHaveLength(3);
    expect(ids(partOf(web, { ...ALL, everything: true }))).toContain("z");
  });

  it("goes outward from a knot along threads and against them", () => {
    expect(ids(partOf(web, { ...ALL, around: "flags/f" }))).toEqual(["a", "b", "f"]);
    expect(ids(partOf(web, { ...ALL, around: "flags/f", reach: 2 }))).toEqual(["a", "b", "c", "f"]);
    expect(ids(partOf(web, { ...ALL, around: "events/c", reach: 0 }))).toEqual(["c"]);
  });

  it("has no thread that hangs on what is not shown", () => {
    const part = partOf(web, { ...ALL, around: "events/a" });
    expect(part.edges).toEqual([edge(a, f, "SET")]);
  });
});

describe("words and effects", () => {
  const talk = ref("conversations", "t");
  const says: Web = { nodes: [node(a), node(b), node(talk)], edges: [edge(a, talk, "SET")] };

  it("are left out unless an event asks for them", () => {
    expect(ids(partOf(says, ALL))).toEqual(["a", "b"]);
    expect(ids(partOf(says, { ...ALL, everything: true }))).toContain("t");
    const asked = { ...says, edges: [...says.edges, edge(talk, b, "READ")] };
    expect(ids(partOf(asked, ALL))).toContain("t");
  });
});

describe("what stands out", () => {
  it("is said in words that fit the family", () => {
    expect(markWords(node(a, ["NEVER", "CIRCLE"]))).toEqual(["can never fire", "part of a circle"]);
    expect(markWords(node(ref("endings", "e"), ["NEVER"]))).toEqual(["can never be reached"]);
    expect(markWords(node(ref("objectives", "o"), ["NEVER"]))).toEqual(["can never be done"]);
  });

  it("is odd unless it is but a circle", () => {
    expect(isOdd(node(a, ["CIRCLE"]))).toBe(false);
    expect(isOdd(node(a, ["CIRCLE", "NEVER"]))).toBe(true);
  });

  it("takes room", () => {
    const plain = sizeOf(node(a));
    const marked = sizeOf(node(a, ["NEVER"]));
    expect(marked.height).toBeGreaterThan(plain.height);
    expect(sizeOf({ ...node(a), name: "x".repeat(60) }).width).toBe(240);
  });
});
