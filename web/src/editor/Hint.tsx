import { useEffect, useRef, useState } from "react";
import { useStore } from "zustand";
import { drawnBy, type PartTool, pointsOf, useDesk } from "../desk/desk";
import { keyWord } from "../desk/keymap";
import { drawnFamily, setDownNow } from "../desk/setDownNow";
import { pointOf } from "../document/coordinates";
import { extent } from "../document/mission";
import { Button } from "../ui/controls";
import { type Leg, minutes } from "./course/course";
import type { Hands } from "./hands";

/** Says what the next click does, and how to leave it. */
export function Hint({ hands }: { hands: Hands }) {
  const tool = useDesk((desk) => desk.tool);
  const pointing = useDesk((desk) => desk.pointing);
  const ruler = useDesk((desk) => desk.ruler);
  const snap = useDesk((desk) => desk.snap);
  const why = useStore(hands.store, (held) => held.footing.why);
  const drawn = useStore(hands.store, (held) => held.points.length);
  const legs = useStore(hands.store, (held) => (tool ? held.course?.legs : undefined));
  const says = pointing
    ? `${pointing.asks} The arrows and Space do too. Esc leaves it.`
    : why && tool
      ? snap.on && snap.ground
        ? `${why} A click takes the nearest good place; Ctrl+click or Ctrl+Space sets it down anyway.`
        : `${why} Ctrl+click or Ctrl+Space sets it down anyway.`
      : tool && pointsOf(tool) > 0
        ? tool.sets === "part" && partHint(tool, drawn)
          ? partHint(tool, drawn)
          : courseHint(legs) + drawingHint(drawn, pointsOf(tool), drawnBy(tool)?.framed === true)
        : tool?.sets === "bundle" || (tool?.sets === "buildings" && tool.choice)
          ? "Click where its middle should lie. Shift+wheel turns it. Esc puts it back."
          : tool
            ? "Click where it should stand, or move there by the arrows and press Space. Esc puts it back."
            : ruler
              ? ruler.length === 1
                ? "Click the second end. Esc puts the ruler away."
                : ruler.length === 0
                  ? "Click the first end. Esc puts the ruler away."
                  : ""
              : "";
  if (!says) return null;
  const draws = pointing ? drawnFamily(pointing.families) : undefined;
  const typed = tool !== null || ruler !== null || pointing?.points === true;
  return (
    <div className="pointer-events-none absolute bottom-4 left-1/2 flex w-max max-w-[70%] -translate-x-1/2 items-center gap-2 border border-line bg-slip px-3 py-1 text-sm shadow">
      <output>{says}</output>
      {typed && <Coordinates hands={hands} />}
      {pointing && draws && (
        <Button
          className="pointer-events-auto"
          onClick={() => {
            const { take } = pointing;
            useDesk.getState().point(null);
            setDownNow(draws, (ref) => take({ ref }));
          }}
        >
          Draw one now
        </Button>
      )}
    </div>
  );
}

/** Where what is in hand goes, typed; its key puts the focus here, and the map has it back after. */
function Coordinates({ hands }: { hands: Hands }) {
  const typing = useStore(hands.store, (held) => held.typing);
  const [wrong, setWrong] = useState("");
  const field = useRef<HTMLInputElement>(null);
  useEffect(() => {
    if (typing) field.current?.focus();
  }, [typing]);
  const leave = () => {
    hands.set({ typing: false });
    useDesk.getState().map?.focus();
  };
  const keyDown = (event: React.KeyboardEvent<HTMLInputElement>) => {
    const at = pointOf(event.currentTarget.value);
    const { width, height } = extent(hands.mission);
    const inside = at && at.x >= 0 && at.y >= 0 && at.x <= width && at.y <= height;
    if (event.key === "Escape") leave();
    else if (event.key === "Enter" && at && inside) {
      event.currentTarget.value = "";
      hands.pointTo(at);
      hands.clickAt(at, event.ctrlKey);
      leave();
    } else if (event.key === "Enter") {
      setWrong(at ? "That lies beyond the sheet." : "Two numbers, please: E 120 N 340.");
    } else return;
    event.stopPropagation();
    event.preventDefault();
  };
  return (
    <>
      <input
        ref={field}
        aria-label="Where it goes, east and north"
        aria-invalid={wrong !== ""}
        aria-keyshortcuts={keyWord("at")}
        placeholder={`E 120 N 340 (${keyWord("at")})`}
        className="pointer-events-auto min-h-6 w-36 border border-line bg-field px-1.5 text-small aria-invalid:border-error"
        onChange={() => setWrong("")}
        onKeyDown={keyDown}
        onBlur={() => hands.set({ typing: false })}
      />
      {wrong && (
        <span role="alert" className="text-error">
          ⚑ {wrong}
        </span>
      )}
    </>
  );
}

/** What the next click of a part does; empty where it is drawn point by point. */
function partHint({ part, of }: PartTool, drawn: number): string {
  const esc = "Esc puts it back.";
  if (part === "door" || part === "window") return `Click on a wall. ${esc}`;
  if (part === "ramp" || (part === "stairs" && of.family === "decks")) {
    return `Click ${drawn === 0 ? "on the rim where it begins" : "where its foot should lie"}. ${esc}`;
  }
  if (part === "stairs") {
    return `Click ${drawn === 0 ? "where they begin below" : "where they come out above"}. ${esc}`;
  }
  return "";
}

/** How long the route takes that is being drawn, or why its last leg cannot be gone. */
function courseHint(legs: Leg[] | undefined): string {
  const last = legs?.at(-1);
  if (!legs || !last) return "";
  if (!last.reached) return `${last.says} `;
  return `${minutes(legs.reduce((sum, leg) => sum + leg.seconds, 0))} so far. `;
}

function drawingHint(drawn: number, least: number, frame: boolean): string {
  if (frame)
    return `Click ${drawn === 0 ? "one corner" : "the opposite corner"}. Esc puts it back.`;
  if (drawn === 0) return "Click the first point, or press Space. Esc puts it back.";
  if (drawn < least) return "Click the next point. Backspace takes the last one back.";
  return "Click the next point; Enter, or a click on the last one, ends it. Backspace takes one back.";
}
