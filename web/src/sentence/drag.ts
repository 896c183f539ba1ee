import { type DragEvent, useState } from "react";
import { create } from "zustand";
import type { Path } from "../document/change";
import { key, type Ref } from "../document/mission";
import { sure } from "../document/sure";

/** What is dragged: a line of actions, a part of a condition, or an event. */
export type Dragged = { is: "line" | "part" | "event"; path: Path };

/** The thing of the mission that is dragged, so that every token that takes it can show that. */
export const useHeld = create<{ held: Ref | null }>(() => ({ held: null }));

/** What the name of a thing needs to be dragged onto a token. */
export function thingHandle(ref: Ref) {
  return {
    draggable: true,
    onDragStart: (event: DragEvent) => {
      event.dataTransfer.effectAllowed = "link";
      event.dataTransfer.setData("text/plain", key(ref));
      useHeld.setState({ held: ref });
    },
    onDragEnd: () => useHeld.setState({ held: null }),
  };
}

/** What a token does with a thing that is dropped on it. */
export interface ThingDrop {
  fits: (ref: Ref) => boolean;
  take: (ref: Ref) => void;
}

/** Whether a token would take the thing that is held, and what it needs to take it. */
export function useThingDrop(drop: ThingDrop | undefined): { takes: boolean; target: object } {
  const held = useHeld((state) => state.held);
  const takes = held !== null && (drop?.fits(held) ?? false);
  if (!takes || !drop || !held) return { takes: false, target: {} };
  return {
    takes,
    target: {
      onDragOver: (event: DragEvent) => {
        event.preventDefault();
        event.dataTransfer.dropEffect = "link";
      },
      onDrop: (event: DragEvent) => {
        event.preventDefault();
        event.stopPropagation();
        useHeld.setState({ held: null });
        drop.take(held);
      },
    },
  };
}

/** A page drags one thing at a time. What a browser carries itself cannot be read before it is let go. */
let dragged: Dragged | null = null;

/** What a handle needs to begin to drag something. */
export function handle(what: Dragged) {
  return {
    draggable: true,
    onDragStart: (event: DragEvent) => {
      dragged = what;
      event.dataTransfer.effectAllowed = "move";
      event.dataTransfer.setData("text/plain", sure(what.path, what.path.length - 1));
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
