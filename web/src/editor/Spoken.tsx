import { useStore } from "zustand";
import { useDesk } from "../desk/desk";
import { useMission } from "../document/context";
import { nameOf, refOf } from "../document/mission";
import { useSettled } from "../ui/useSettled";
import type { Hands } from "./hands";

/** How long something must stay so before it is told to an ear, milliseconds. */
const SETTLED = 350;

/** Tells an ear what an eye sees on the map: what is selected, where the cursor is and what it finds. */
export function Spoken({ hands }: { hands: Hands }) {
  const selected = useSelected();
  const cursor = useCursor(hands);
  const done = useMission((state) => state.undo.at(-1)?.label ?? "");
  return (
    <>
      <Tells words={selected} />
      <Tells words={cursor} />
      <Tells words={done} />
    </>
  );
}

function Tells({ words }: { words: string }) {
  return (
    <p role="status" aria-live="polite" className="sr-only">
      {useSettled(words, SETTLED)}
    </p>
  );
}

function useSelected(): string {
  const selection = useDesk((desk) => desk.selection);
  const [first] = selection;
  const one = useMission((state) => (first ? nameOf(state.mission, refOf(first)) : ""));
  if (selection.size === 0) return "";
  return selection.size === 1 ? `${one} is selected` : `${selection.size} things are selected`;
}

/** Where the cursor is that keys move, what lies there, and why somebody cannot stand there. */
function useCursor(hands: Hands): string {
  const tool = useDesk((desk) => desk.tool);
  const pointing = useDesk((desk) => desk.pointing);
  const mission = useMission((state) => state.mission);
  const at = useStore(hands.store, (held) => (held.byKeys ? held.pointer : null));
  const why = useStore(hands.store, (held) => held.footing.why);
  if (!at) return "";
  const place = `E ${at.x.toFixed(0)} N ${at.y.toFixed(0)}`;
  if (tool) return `${place}: ${why || "clear"}`;
  const [lies] = hands.lyingAt(at);
  const here = lies && (!pointing || pointing.families.includes(lies.family));
  return here ? `${place}: ${nameOf(mission, lies)}` : place;
}
