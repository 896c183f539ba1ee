import { useQuery } from "@tanstack/react-query";
import {
  Background,
  Controls,
  type Edge,
  getViewportForBounds,
  Handle,
  MarkerType,
  MiniMap,
  type Node,
  type NodeProps,
  Position,
  ReactFlow,
  ReactFlowProvider,
  type Rect,
  useReactFlow,
  useStoreApi,
  type Viewport,
} from "@xyflow/react";
import "@xyflow/react/dist/base.css";
import { CircleAlert, Flag, RefreshCw } from "lucide-react";
import { useEffect, useMemo, useRef, useState } from "react";
import { useDeskPart } from "../../desk/desk";
import { getJson } from "../../document/api";
import { useMission } from "../../document/context";
import { FAMILY_WORDS, key } from "../../document/mission";
import { ThingIcon } from "../../things/ThingIcon";
import { Choice, Tick } from "../../ui/controls";
import { Tip } from "../../ui/Tip";
import { isOdd, markWords, partOf, sizeOf, type Web, type WebEdge, type WebNode } from "./graph";
import { layOut } from "./layout";

type Knot = Node<{ node: WebNode; current: boolean }, "knot">;

const LOOKS: Record<WebEdge["is"], { word: string; stroke: string; width: number; dash?: string }> =
  {
    SET: { word: "sets", stroke: "var(--color-ink)", width: 1.6 },
    READ: { word: "is read by", stroke: "var(--color-tarn)", width: 1.4, dash: "6 3" },
    WAKES: { word: "wakes", stroke: "var(--color-moss)", width: 2.6 },
    PUTS_TO_SLEEP: { word: "puts to sleep", stroke: "var(--color-rust)", width: 2, dash: "2 4" },
    BRINGS: { word: "brings", stroke: "var(--color-flint-2)", width: 1.4 },
    NAMES: { word: "speaks of", stroke: "var(--color-line)", width: 1, dash: "1 3" },
  };

/** The script as a web: who sets, who reads, who wakes whom; what stands out is marked. */
export default function ScriptWebView() {
  return (
    <ReactFlowProvider>
      <WebPane />
    </ReactFlowProvider>
  );
}

function useWeb(): Web | undefined {
  const id = useMission((state) => state.id);
  const revision = useMission((state) => state.revision);
  return useQuery({
    queryKey: ["web", id, revision],
    queryFn: () => getJson<Web>(`/api/missions/${id}/script/web`),
    placeholderData: (before) => before,
  }).data;
}

const REACHES = ["1", "2", "3", "4"] as const;

function WebPane() {
  const web = useWeb();
  const { event, openEvent, light } = useDeskPart("event", "openEvent", "light");
  const [everything, setEverything] = useState(false);
  const [around, setAround] = useState<string | null>(event && `events/${event}`);
  const [reach, setReach] = useState<(typeof REACHES)[number]>("2");
  const part = useMemo(
    () => web && partOf(web, { everything, around, reach: Number(reach) }),
    [web, everything, around, reach],
  );
  const { data: layout, isPlaceholderData: stale } = useQuery({
    queryKey: ["web-layout", part],
    queryFn: () => layOut(part as Web),
    enabled: part !== undefined,
    placeholderData: (before) => before,
    gcTime: 60_000,
  });
  // Another choice of what is shown is looked at anew; an edit leaves the view where it is.
  const { setViewport, getNodesBounds } = useReactFlow();
  const pane = useStoreApi();
  const choice = `${everything} ${around} ${reach}`;
  const fitted = useRef("");
  useEffect(() => {
    if (stale || !layout || fitted.current === choice) return;
    fitted.current = choice;
    const frame = requestAnimationFrame(() => {
      const { width, height, nodes } = pane.getState();
      void setViewport(readable(getNodesBounds(nodes), width, height));
    });
    return () => cancelAnimationFrame(frame);
  }, [stale, layout, choice, pane, setViewport, getNodesBounds]);
  const flow = useMemo(() => {
    if (!part || !layout) return null;
    const names = new Map(part.nodes.map((node) => [key(node.ref), node.name]));
    return {
      nodes: part.nodes.flatMap((node): Knot[] => {
        const position = layout.get(key(node.ref));
        const current = node.ref.family === "events" && node.ref.id === event;
        return position
          ? [
              {
                id: key(node.ref),
                type: "knot",
                position,
                ...sizeOf(node),
                ariaLabel: [node.name, FAMILY_WORDS[node.ref.family], ...markWords(node)].join(
                  ", ",
                ),
                data: { node, current },
              },
            ]
          : [];
      }),
      edges: part.edges.map(({ from, to, is }, i): Edge => {
        const { stroke, width, dash, word } = LOOKS[is];
        return {
          id: String(i),
          source: key(from),
          target: key(to),
          ariaLabel: `${names.get(key(from))} ${word} ${names.get(key(to))}`,
          focusable: false,
          style: { stroke, strokeWidth: width, strokeDasharray: dash },
          markerEnd: { type: MarkerType.ArrowClosed, color: stroke, width: 14, height: 14 },
        };
      }),
    };
  }, [part, layout, event]);
  if (!web || !flow || !part) return <p className="p-4 text-quiet">Laying out the web…</p>;
  if (web.nodes.length === 0) {
    return (
      <p className="m-2 border border-line border-dashed bg-slip p-3 text-quiet">
        The web shows how events hang together. Write the first one as a card.
      </p>
    );
  }
  const centre = event === null ? null : `events/${event}`;
  const name = around && web.nodes.find(({ ref }) => key(ref) === around)?.name;
  return (
    <section
      aria-label="Web"
      className="flex h-full min-h-0 flex-col border border-line bg-slip shadow-sm"
    >
      <div className="flex flex-wrap items-center gap-x-4 gap-y-1 border-hairline border-b px-3 py-1.5">
        <Odd nodes={part.nodes} />
        <span className="grow" />
        <Tick word="also words, effects and things" checked={everything} onTake={setEverything} />
        <Tick
          word={around ? `only around ${name}` : "only around the open event"}
          checked={around !== null}
          onTake={(on) => setAround(on ? centre : null)}
        />
        {around !== null && (
          <div className="w-28">
            <Choice
              label="How far"
              value={reach}
              options={REACHES.map((it) => ({
                value: it,
                word: it === "1" ? "1 thread" : `${it} threads`,
              }))}
              onTake={setReach}
            />
          </div>
        )}
      </div>
      <div className="min-h-0 grow">
        <ReactFlow
          nodes={flow.nodes}
          edges={flow.edges}
          nodeTypes={NODES}
          minZoom={0.1}
          maxZoom={1.6}
          nodesDraggable={false}
          nodesConnectable={false}
          edgesFocusable={false}
          proOptions={{ hideAttribution: true }}
          onNodeClick={(_, { data }) => {
            if (data.node.ref.family === "events") openEvent(data.node.ref.id);
            if (around !== null) setAround(key(data.node.ref));
          }}
          onNodeMouseEnter={(_, { data }) => light(key(data.node.ref))}
          onNodeMouseLeave={() => light(null)}
        >
          <Background color="var(--color-line)" gap={22} />
          <Controls showInteractive={false} />
          <MiniMap
            pannable
            zoomable
            ariaLabel="The whole web, small"
            nodeColor="var(--color-line)"
            maskColor="color-mix(in srgb, var(--color-desk) 60%, transparent)"
            bgColor="var(--color-slip)"
            style={{ width: 140, height: 90 }}
          />
        </ReactFlow>
      </div>
      <Legend edges={part.edges} />
    </section>
  );
}

/** The smallest scale at which its letters are read. */
const READABLE = 0.8;

/** How far from the edge the web begins that is larger than the pane, pixels. */
const EDGE = 16;

/** The whole web where that can be read; else its beginning, from where the eye goes on. */
function readable(web: Rect, width: number, height: number): Viewport {
  const whole = getViewportForBounds(web, width, height, READABLE, 1.1, 0.06);
  const { zoom } = whole;
  return {
    zoom,
    x: web.width * zoom > width ? EDGE - web.x * zoom : whole.x,
    y: web.height * zoom > height ? EDGE - web.y * zoom : whole.y,
  };
}

const NODES = { knot: KnotView };

const TINTS: Partial<Record<WebNode["ref"]["family"], string>> = {
  events: "bg-slip",
  objectives: "bg-lichen-soft",
  endings: "bg-off",
};

function KnotView({ data: { node, current } }: NodeProps<Knot>) {
  const { family } = node.ref;
  const odd = isOdd(node);
  const border = odd ? "border-error" : current ? "border-moss" : "border-line";
  return (
    <div
      className={`h-full w-full border px-2 py-1 shadow-sm ${border} ${current ? "border-2" : ""} ${TINTS[family] ?? "bg-chip"}`}
    >
      <Handle type="target" position={Position.Left} className="invisible" />
      <Tip says={node.name}>
        <p
          className={`truncate leading-tight ${family === "events" ? "font-bold" : "font-semibold"}`}
        >
          {node.name}
        </p>
      </Tip>
      <p className="flex items-center gap-1 text-xs text-flint leading-tight">
        {family !== "events" && <ThingIcon thing={node.ref} />}
        {FAMILY_WORDS[family]}
      </p>
      {markWords(node).map((word) => (
        <p
          key={word}
          className={`flex items-center gap-1 text-xs leading-tight ${odd ? "text-error" : "text-flint"}`}
        >
          {odd ? <Flag size="0.6875rem" /> : <RefreshCw size="0.6875rem" />} {word}
        </p>
      ))}
      <Handle type="source" position={Position.Right} className="invisible" />
    </div>
  );
}

/** What stands out, each to be gone to. */
function Odd({ nodes }: { nodes: WebNode[] }) {
  const { fitView } = useReactFlow();
  const odd = nodes.filter(isOdd);
  if (odd.length === 0) return <p className="text-small text-flint">Nothing stands out.</p>;
  return (
    <div className="flex min-w-0 flex-wrap items-center gap-x-2 text-small">
      <CircleAlert size="0.875rem" className="text-error" />
      {odd.length === 1 ? "One stands out:" : `${odd.length} stand out:`}
      {odd.slice(0, 4).map((node) => (
        <Tip key={key(node.ref)} says={markWords(node).join(", ")}>
          <button
            type="button"
            className="min-h-6 text-error underline decoration-dotted"
            onClick={() =>
              void fitView({ nodes: [{ id: key(node.ref) }], maxZoom: 1.2, duration: 300 })
            }
          >
            {node.name}
          </button>
        </Tip>
      ))}
      {odd.length > 4 && <span>and {odd.length - 4} more</span>}
    </div>
  );
}

function Legend({ edges }: { edges: WebEdge[] }) {
  const shown = (Object.keys(LOOKS) as WebEdge["is"][]).filter((is) =>
    edges.some((edge) => edge.is === is),
  );
  return (
    <ul className="flex flex-wrap gap-x-5 border-hairline border-t px-3 py-1 text-small text-flint">
      {shown.map((is) => {
        const { word, stroke, width, dash } = LOOKS[is];
        return (
          <li key={is} className="flex items-center gap-1.5">
            <svg width="34" height="8" aria-hidden="true">
              <line
                x1="0"
                y1="4"
                x2="34"
                y2="4"
                stroke={stroke}
                strokeWidth={width}
                strokeDasharray={dash}
              />
            </svg>
            {word}
          </li>
        );
      })}
    </ul>
  );
}
