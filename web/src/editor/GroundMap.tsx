import { keepPreviousData, useQuery } from "@tanstack/react-query";
import { useCallback, useEffect, useMemo, useRef } from "react";
import { toast } from "sonner";
import { drawBundle } from "../bundles/ghost";
import { useFlagged } from "../checks/findings";
import { turn } from "../deeds/deeds";
import { changes, type Gesture, TURN_STEP, touched } from "../deeds/gesture";
import {
  type Difficulty,
  drawnBy,
  type PartTool,
  pointsOf,
  type Tool,
  useDesk,
} from "../desk/desk";
import { getJson } from "../document/api";
import { useMission } from "../document/context";
import {
  clockWords,
  extent,
  find,
  key,
  type Mission,
  type Position,
  refOf,
} from "../document/mission";
import { type Ground, heightAt, surfaceAt } from "../document/raster";
import { wholeBearing } from "../document/shapes";
import { editionOf, useShipped } from "../document/shipped";
import { metres, useUnits } from "../document/units";
import { useWater } from "../document/useWater";
import type { MapHandle } from "../drawing/camera";
import { drawFound } from "../drawing/crossings";
import { drawDraft } from "../drawing/draft";
import { Labels } from "../drawing/labels";
import type { Sheet } from "../drawing/sheet";
import { drawShelter, type ShelterRay } from "../drawing/shelter";
import { EyePanel } from "../eye/EyePanel";
import { outlineOf } from "../families/plans";
import { drawLink } from "../map/drawLink";
import { MapCanvas } from "../map/MapCanvas";
import { drawMargin } from "../map/margin";
import { linksOf, paintMission } from "../map/paint";
import { onlyThese, without } from "../things/contents";
import { placeOf } from "../things/geometry";
import { copied, copy, paste } from "./clipboard";
import { type Leg, minutes, wishDrawn, wishOf } from "./course/course";
import { drawCourse } from "./course/drawCourse";
import { useCourse } from "./course/useCourse";
import { HereMenu, LinkMenu } from "./MapMenus";
import { DifficultySwitch, MapTools } from "./MapTools";
import {
  drawFlags,
  drawFrame,
  drawGhost,
  drawHandles,
  drawLinkHandle,
  drawWhy,
  MARGIN,
} from "./overlay";
import { PeelHeight } from "./PeelHeight";
import { drawRuler, Ruler } from "./Ruler";
import { type Reach, soonAt } from "./reach/bands";
import { drawLeaks, drawReach, drawWhyNot } from "./reach/drawReach";
import { ReachPanel } from "./reach/ReachPanel";
import { useCrossings, useReach, useWhyNot } from "./reach/useReach";
import { drawGuides } from "./snap";
import { TideHour } from "./TideHour";
import { BrushPanel, wheeled } from "./terrain/BrushPanel";
import { useBrush } from "./terrain/useBrush";
import { UnitsChoice } from "./UnitsChoice";
import { useHands } from "./useHands";
import { useMapKeys } from "./useMapKeys";

/** The sheet with all that stands on it, and the hands that work it. */
export function GroundMap({
  ground,
  onReady,
}: {
  ground: Ground;
  onReady: (handle: MapHandle) => void;
}) {
  const map = useRef<MapHandle>(null);
  const handle = useCallback(() => map.current, []);
  const hands = useHands(ground, handle);
  const { tool, pick, pointing, hand, selection, setMap, ruler, brush, setBrush, peel, eye } =
    useDesk();
  const { reach, whyAt } = useDesk();
  const { open, mission, shown, only, gesture, pointer, points, footing, vertex, guides } = hands;
  const level = useWater(useDesk((desk) => desk.hour));
  const shipped = useShipped();
  useUnits((units) => units.shown);
  const filling = useFilling();
  const flagged = useFlagged();
  const shelter = useShelter(only?.family === "posts" ? mission.posts[only.id]?.position : null);
  const links = useMemo(() => (only ? linksOf(shown, only) : []), [shown, only]);

  /** Draws the rim of the brush, which moves without anything else being drawn anew. */
  const rim = useRef((_: Sheet) => {});
  const written = useRef<Written>(null);
  const held = useHeld(hands.seen, gesture);
  const standing = useMemo(() => without(hands.seen, held), [hands.seen, held]);
  const wish = useMemo(
    () => (only && !tool ? wishOf(shown, only) : wishDrawn(tool, points, pointer)),
    [only, tool, shown, points, pointer],
  );
  const course = useCourse(wish);
  const reached = useReach(shown);
  const why = useWhyNot();
  const over = useCrossings();
  const things = useCallback(
    (sheet: Sheet) => {
      if (shelter) drawShelter(sheet, shelter);
      const tint = (on: Sheet) => {
        if (reached) drawReach(on, reached.picture, extent(mission));
      };
      const whole = { ...sheet, peel };
      const labels = paintMission(whole, standing, selection, undefined, filling, tint);
      drawFlags(sheet, standing, flagged);
      written.current = { labels, sheet };
    },
    [reached, mission, peel, standing, selection, filling, shelter, flagged],
  );

  const paint = useCallback(
    (sheet: Sheet) => {
      const some = held.size > 0 ? onlyThese(shown, held) : null;
      if (some) paintMission({ ...sheet, peel }, some, selection, undefined, filling);
      if (links.length > 0) {
        const labels = freeOf(written.current, sheet);
        for (const link of links) drawLink(sheet, link.from, link.to, link.word, labels);
      }
      if (course) drawCourse(sheet, course);
      if (only && !tool) {
        drawHandles(sheet, shown, only, gesture, vertex);
        drawLinkHandle(sheet, shown, only, gesture);
      }
      if (guides) drawGuides(sheet, guides);
      if (gesture?.is === "frame") drawFrame(sheet, gesture);
      if (tool && pointsOf(tool) > 0) drawDrawn(sheet, tool, points, pointer);
      else if (tool?.sets === "bundle") {
        const edition = editionOf(mission, shipped, tool.bundle);
        if (pointer && edition)
          drawBundle(sheet, mission, edition, guides?.at ?? pointer, tool.turn);
      } else if (tool?.sets === "buildings" && pointer) {
        drawDraft(sheet, outlineOf(tool.choice, guides?.at ?? pointer, tool.turn), null, true);
      } else if (tool && pointer) drawGhost(sheet, shown, tool, guides?.at ?? pointer, footing.why);
      const walker = reach && why && placeOf(shown, refOf(reach));
      if (over) {
        drawFound(
          sheet,
          over.crossings.filter(({ made }) => !made),
        );
        drawLeaks(sheet, over.leaks);
      }
      if (walker && whyAt) drawWhyNot(sheet, walker, whyAt, why);
      if (ruler) drawRuler(sheet, ruler, pointer);
      if (gesture?.is === "move" && footing.why) drawWhy(sheet, pointer, footing.why);
      rim.current(sheet);
      drawMargin(sheet, mission, MARGIN);
    },
    [
      peel,
      reach,
      why,
      over,
      whyAt,
      shown,
      held,
      selection,
      links,
      filling,
      course,
      only,
      tool,
      pointer,
      points,
      gesture,
      vertex,
      guides,
      ruler,
      footing,
      mission,
      shipped,
    ],
  );

  const onCopy = () => {
    const { keys } = hands;
    copy(open, keys).then(
      (many) =>
        toast(
          `${many} ${many === 1 ? "thing" : "things"} copied. Ctrl+V sets them down, here or in another mission.`,
        ),
      (refused: Error) => toast.error(`This cannot be copied: ${refused.message}`),
    );
  };
  const onPaste = () => {
    const parcel = copied();
    const at = pointer ?? map.current?.camera();
    if (!parcel || !at) {
      toast("Nothing has been copied yet.");
      return;
    }
    paste(open, parcel, at).then(
      (made) => useDesk.getState().select(made),
      (refused: Error) => toast.error(`This cannot be pasted here: ${refused.message}`),
    );
  };
  const brushing = useBrush(ground, level, handle);
  const keyDown = useMapKeys(hands, handle, onCopy, onPaste);

  rim.current = brushing.rim;
  const shapes = brush !== null;
  useEffect(() => {
    if (tool || pointing || ruler || shapes) map.current?.focus();
  }, [tool, pointing, ruler, shapes]);
  useEffect(() => () => setMap(null), [setMap]);
  const { cancel } = hands;
  useEffect(() => {
    if (!tool && !gesture && !shapes) return;
    const onEscape = (event: KeyboardEvent) => {
      const onMap = document.activeElement?.getAttribute("role") === "application";
      if (event.code === "Escape" && !onMap) {
        cancel();
        pick(null);
        setBrush(null);
      }
    };
    window.addEventListener("keydown", onEscape);
    return () => window.removeEventListener("keydown", onEscape);
  }, [tool, gesture, shapes, cancel, pick, setBrush]);

  return (
    <div className="relative flex min-h-0 grow flex-col border border-line bg-slip shadow-md">
      <div className="relative min-h-0 grow">
        <MapCanvas
          ground={brushing.printed}
          water={level}
          beneath={brushing.beneath}
          label={`Map of ${mission.brief.title}`}
          margin={MARGIN}
          hand={hand}
          cursor={
            tool || pointing || ruler || brush
              ? "crosshair"
              : gesture?.is === "move"
                ? "grabbing"
                : "default"
          }
          things={things}
          paint={paint}
          onReady={(ready) => {
            map.current = ready;
            setMap(ready);
            ready.whole();
            onReady(ready);
          }}
          onDown={brush ? brushing.down : hands.down}
          onMove={(p) => (brush ? brushing.moved(p) : hands.moved(p))}
          onUp={brush ? brushing.released : hands.released}
          onMenu={hands.list}
          onLeave={brush ? brushing.left : hands.leave}
          onKeyDown={keyDown}
          onAltWheel={brush ? (steps) => setBrush(wheeled(brush, "strength", steps)) : undefined}
          onShiftWheel={(steps) => {
            if (brush) setBrush(wheeled(brush, "radius", steps));
            else if (tool?.sets === "bundle" || (tool?.sets === "buildings" && tool.choice))
              pick({ ...tool, turn: wholeBearing(tool.turn + steps * TURN_STEP) });
            else if (hands.keys.length > 0) turn(open, hands.loose(), steps * TURN_STEP);
          }}
        />
        {brush ? <BrushPanel /> : <DifficultySwitch />}
        {reach && !brush && find(mission, refOf(reach)) && (
          <ReachPanel of={reach} why={why} over={over} />
        )}
        <MapTools handle={handle} onCopy={onCopy} onPaste={onPaste} />
        <Hint why={footing.why} drawn={points.length} legs={tool ? course?.legs : undefined} />
        {hands.here && <HereMenu here={hands.here} onClose={() => hands.setHere(null)} />}
        {hands.linking && (
          <LinkMenu linking={hands.linking} onClose={() => hands.setLinking(null)} />
        )}
      </div>
      {ruler?.length === 2 && <Ruler line={ruler} />}
      {eye && find(shown, refOf(eye)) && (
        <EyePanel
          key={eye}
          name={eye}
          mission={shown}
          ground={brushing.printed}
          moving={changes(gesture)}
        />
      )}
      <footer className="flex items-center justify-between gap-4 px-3 pb-1 text-[13px] text-flint">
        <span className="truncate tabular-nums">
          {readout(ground, level, pointer, reached && soonHere(reached.reach, mission, pointer)) ||
            `${mission.brief.title}, ${clockWords(mission.setting.startTime)}`}
        </span>
        <span className="flex items-center gap-3 whitespace-nowrap">
          <PeelHeight />
          <TideHour level={level} />
          <UnitsChoice />
        </span>
      </footer>
    </div>
  );
}

/** What is written on the sheet, and as which camera saw it. */
interface Written {
  labels: Labels;
  sheet: Sheet;
}

/** Labels that keep off all that is written on the sheet, as the camera sees it now. */
function freeOf(written: Written | null, { camera, size }: Sheet): Labels {
  if (!written || written.sheet.camera.scale !== camera.scale) return new Labels();
  const { camera: then, size: padded } = written.sheet;
  return written.labels.moved(
    (then.x - camera.x) * camera.scale - (padded.width - size.width) / 2,
    (camera.y - then.y) * camera.scale - (padded.height - size.height) / 2,
  );
}

/** Draws what is being drawn point by point; a view as the frame that it will be. */
function drawDrawn(sheet: Sheet, tool: Tool, points: Position[], pointer: Position | null): void {
  const [a] = points;
  if (!drawnBy(tool)?.framed || !a || !pointer) {
    drawDraft(sheet, points, pointer, drawnBy(tool)?.closed === true);
    return;
  }
  const corners = [a, { x: pointer.x, y: a.y }, pointer, { x: a.x, y: pointer.y }];
  drawDraft(sheet, corners, null, true);
}

const NOTHING: ReadonlySet<string> = new Set();

/** The keys of what a gesture moves or changes; the same set for as long as it goes on. */
function useHeld(mission: Mission, gesture: Gesture | null): ReadonlySet<string> {
  const last = useRef(NOTHING);
  if (!changes(gesture)) last.current = NOTHING;
  else if (last.current === NOTHING) last.current = new Set(touched(mission, gesture).map(key));
  return last.current;
}

/** How likely each place of a counted squad is filled at the difficulty that is shown. */
function useFilling(): Record<string, number> | undefined {
  const id = useMission((state) => state.id);
  const revision = useMission((state) => state.revision);
  const shown = useDesk((desk) => desk.shown);
  const { data } = useQuery({
    queryKey: ["filling", id, revision],
    queryFn: () =>
      getJson<Record<Difficulty, Record<string, number>>>(`/api/missions/${id}/filling`),
    placeholderData: keepPreviousData,
    enabled: shown !== null,
  });
  return shown ? data?.[shown] : undefined;
}

/** What shelters whoever stands at a place. */
function useShelter(at: Position | null | undefined): { at: Position; rays: ShelterRay[] } | null {
  const id = useMission((state) => state.id);
  const revision = useMission((state) => state.revision);
  const { data } = useQuery({
    queryKey: ["shelter", id, revision, at?.x, at?.y],
    queryFn: () =>
      getJson<ShelterRay[]>(`/api/missions/${id}/shelter?x=${at?.x ?? 0}&y=${at?.y ?? 0}`),
    enabled: Boolean(at),
  });
  return useMemo(() => (at && data ? { at, rays: data } : null), [at, data]);
}

/** Says what the next click does, and how to leave it. */
function Hint({ why, drawn, legs }: { why: string; drawn: number; legs?: Leg[] }) {
  const { tool, pointing, ruler, snap } = useDesk();
  const says = pointing
    ? `${pointing.asks} Esc leaves it.`
    : why && tool
      ? snap.on && snap.ground
        ? `${why} A click takes the nearest good place; Ctrl+click sets it down anyway.`
        : `${why} Ctrl+click sets it down anyway.`
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
  return (
    <output className="pointer-events-none absolute bottom-4 left-1/2 w-max max-w-[70%] -translate-x-1/2 border border-line bg-slip px-3 py-1 text-sm shadow">
      {says}
    </output>
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

/** How soon whoever's reach is shown is at the pointer, in words. */
function soonHere(reach: Reach, mission: Mission, at: Position | null): string {
  return at ? soonAt(reach, extent(mission), at.x, at.y) : "";
}

/** What lies under the pointer, in words; empty beyond the edge. */
function readout(ground: Ground, level: number, at: Position | null, soon: string | null): string {
  const { columns, rows, cell } = ground;
  const off = !at || at.x < 0 || at.y < 0 || at.x > columns * cell || at.y > rows * cell;
  if (off) return "";
  const height = heightAt(ground, at.x, at.y);
  const depth = level - height;
  const what = depth > 0 ? `sea, ${metres(depth)} deep` : surfaceAt(ground, at.x, at.y);
  return `${soon ? `${soon} · ` : ""}E ${at.x.toFixed(0)} N ${at.y.toFixed(0)} · height ${metres(height)} · ${what}`;
}
