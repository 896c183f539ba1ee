import { type DragEvent, useState } from "react";
import type { Path } from "./change";

/** What is dragged: a line of actions, a part of a condition, or an event. */
export type Dragged = { is: "line" | "part" | "event"; path: Path };

/** A page drags one thing at a time. What a browser carries itself cannot be read before it is let go. */
let dragged: Dragged | null = null;

/** What a handle needs to begin to drag something. */
export function handle(what: Dragged) {
  return {
    draggable: true,
    onDragStart: (event: DragEvent) => {
      dragged = what;
      event.dataTransfer.effectAllowed = "move";
      event.dataTransfer.setData("text/plain", what.path[what.path.length - 1]);
      event.stopPropagation();
    },
    onDragEnd: () => {
      dragged = null;
    },
  };
}

/** Where on an element something is held. */
export type Edge = "before" | "after";

/** Where something that is held over an element would come to lie; nothing while it may not. */
export function useDrop(
  is: Dragged["is"],
  path: Path,
  onDrop: (from: Path, edge: Edge) => void,
): { edge: Edge | null; target: object } {
  const [edge, setEdge] = useState<Edge | null>(null);
  const takes = () =>
    dragged?.is === is && !dragged.path.every((step, i) => path[i] === step) ? dragged : null;
  return {
    edge,
    target: {
      onDragOver: (event: DragEvent) => {
        if (!takes()) return;
        event.preventDefault();
        event.stopPropagation();
        const box = event.currentTarget.getBoundingClientRect();
        setEdge(event.clientY < box.top + box.height / 2 ? "before" : "after");
      },
      onDragLeave: () => setEdge(null),
      onDrop: (event: DragEvent) => {
        const what = takes();
        setEdge(null);
        if (!what || !edge) return;
        event.preventDefault();
        event.stopPropagation();
        onDrop(what.path, edge);
      },
    },
  };
}

/** How an element shows where something would come to lie. */
export function edgeLook(edge: Edge | null): string {
  if (edge === null) return "";
  return edge === "before"
    ? "shadow-[0_-2px_0_0_var(--color-moss)]"
    : "shadow-[0_2px_0_0_var(--color-moss)]";
}
