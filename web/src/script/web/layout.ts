import ELK, { type ELK as Elk, type ElkNode } from "elkjs/lib/elk-api";
import workerUrl from "elkjs/lib/elk-worker.min.js?url";
import { key } from "../../document/mission";
import { sizeOf, type Web } from "./graph";

/** Where each knot lies, by its key. */
export type Layout = Map<string, { x: number; y: number }>;

let elk: Elk | null = null;

const OPTIONS = {
  "elk.algorithm": "layered",
  "elk.direction": "RIGHT",
  "elk.layered.spacing.nodeNodeBetweenLayers": "70",
  "elk.spacing.nodeNode": "18",
  "elk.spacing.componentComponent": "40",
  "elk.layered.nodePlacement.strategy": "NETWORK_SIMPLEX",
};

/** Lays a web out from left to right, beside the page. */
export async function layOut(web: Web): Promise<Layout> {
  elk ??= new ELK({ workerUrl });
  const graph: ElkNode = {
    id: "web",
    layoutOptions: OPTIONS,
    children: web.nodes.map((node) => ({ id: key(node.ref), ...sizeOf(node) })),
    edges: web.edges.map(({ from, to }, i) => ({
      id: String(i),
      sources: [key(from)],
      targets: [key(to)],
    })),
  };
  const laid = await elk.layout(graph);
  return new Map((laid.children ?? []).map(({ id, x = 0, y = 0 }) => [id, { x, y }]));
}
