import { key, type Ref } from "../../document/mission";

/** What stands out about a knot of the web. */
export type Mark = "NEVER_SET" | "NEVER_READ" | "NEVER" | "CIRCLE";

export interface WebNode {
  ref: Ref;
  name: string;
  marks: Mark[];
}

export interface WebEdge {
  from: Ref;
  to: Ref;
  is: "READ" | "SET" | "WAKES" | "PUTS_TO_SLEEP" | "BRINGS" | "NAMES";
}

/** A script as a web, as the server derives it. */
export interface Web {
  nodes: WebNode[];
  edges: WebEdge[];
}

/** What of a web is shown. */
export interface Shown {
  /** Whether what nothing depends on is shown too: words, effects, things on the ground. */
  everything: boolean;
  /** The key of the knot from which it is shown outward; null for all of it. */
  around: string | null;
  /** How many threads outward. */
  reach: number;
}

/** The part of a web that is shown. */
export function partOf(web: Web, { everything, around, reach }: Shown): Web {
  const edges = everything ? web.edges : web.edges.filter(dependedOn(web));
  const tied = new Set(edges.flatMap(({ from, to }) => [key(from), key(to)]));
  const near = around === null ? null : within(edges, around, reach);
  const stays = ({ ref, marks }: WebNode) => {
    const it = key(ref);
    if (near) return near.has(it);
    // What hangs on nothing is shown where it is an event or stands out.
    return tied.has(it) || ref.family === "events" || marks.length > 0;
  };
  const nodes = web.nodes.filter(stays);
  const there = new Set(nodes.map(({ ref }) => key(ref)));
  return {
    nodes,
    edges: edges.filter(({ from, to }) => there.has(key(from)) && there.has(key(to))),
  };
}

/** What is said and shown: it matters to other events only where one asks for it. */
const LEAVES: Ref["family"][] = ["conversations", "effects", "markers"];

/** Whether a thread leads to something on which others may depend. */
function dependedOn({ edges }: Web): (edge: WebEdge) => boolean {
  const asked = new Set(edges.filter(({ is }) => is === "READ").map(({ from }) => key(from)));
  return ({ to, is }) => is !== "NAMES" && (!LEAVES.includes(to.family) || asked.has(key(to)));
}

/** Everything that a number of threads lead to from a knot, against them too. */
function within(edges: WebEdge[], from: string, reach: number): Set<string> {
  const found = new Set([from]);
  let rim = [from];
  for (let i = 0; i < reach; i++) {
    const next: string[] = [];
    for (const edge of edges) {
      const [a, b] = [key(edge.from), key(edge.to)];
      for (const [here, there] of [
        [a, b],
        [b, a],
      ] as const) {
        if (rim.includes(here) && !found.has(there)) {
          found.add(there);
          next.push(there);
        }
      }
    }
    rim = next;
  }
  return found;
}

const EVENT_MARKS: Record<Mark, string> = {
  NEVER: "can never fire",
  CIRCLE: "part of a circle",
  NEVER_SET: "never set",
  NEVER_READ: "never read",
};

/** Whether a knot stands out for something that is likely wrong; a circle may be meant. */
export function isOdd({ marks }: WebNode): boolean {
  return marks.some((mark) => mark !== "CIRCLE");
}

/** What stands out about a knot, in words. */
export function markWords({ ref, marks }: WebNode): string[] {
  return marks.map((mark) => {
    if (mark !== "NEVER") return EVENT_MARKS[mark];
    if (ref.family === "objectives") return "can never be done";
    return ref.family === "endings" ? "can never be reached" : EVENT_MARKS.NEVER;
  });
}

const LETTER = 7.4;

/** How large a knot is drawn, pixels. */
export function sizeOf(node: WebNode): { width: number; height: number } {
  const words = markWords(node);
  const longest = Math.max(node.name.length, ...words.map((it) => it.length + 2), 8);
  return {
    width: Math.round(Math.min(240, 34 + longest * LETTER)),
    height: 40 + 18 * words.length,
  };
}
