import { keepPreviousData, useQuery } from "@tanstack/react-query";
import { useCallback, useEffect, useMemo, useRef } from "react";
import { toast } from "sonner";
import { useStore } from "zustand";
import { useShallow } from "zustand/react/shallow";
import { drawBundle } from "../bundles/ghost";
import { useFlagged } from "../checks/findings";
import { turn } from "../deeds/deeds";
import { changes, TURN_STEP } from "../deeds/gesture";
import { type Difficulty, drawnBy, pointsOf, type Tool, useDesk } from "../desk/desk";
import { useTry } from "../desk/trials";
import { getJson } from "../document/api";
import { useMission, useOpenMission } from "../document/context";
import { extent, find, type Position, refOf } from "../document/mission";
import { once } from "../document/once";
import type { Ground } from "../document/raster";
import { wholeBearing } from "../document/shapes";
import { editionOf, useShipped } from "../document/shipped";
import { firstOf } from "../document/sure";
import { useUnits } from "../document/units";
import { useWater } from "../document/useWater";
import type { MapHandle } from "../drawing/camera";
import { drawFound } from "../drawing/crossings";
import { drawDraft } from "../drawing/draft";
import { Labels } from "../drawing/labels";
import type { Sheet } from "../drawing/sheet";
import { drawShelter, type ShelterRay } from "../drawing/shelter";
import { EyePanel } from "../eye/EyePanel";
import { pushes } from "../families/drift";
import { outlineOf } from "../families/plans";
import { drawLink } from "../map/drawLink";
import { MapCanvas } from "../map/MapCanvas";
import { drawMargin } from "../map/margin";
import { linksOf, paintMission } from "../map/paint";
import { onlyThese, without } from "../things/contents";
import { placeOf } from "../things/geometry";
import { Asking } from "./Asking";
import { copied, copy, paste } from "./clipboard";
import { drawCourse } from "./course/drawCourse";
import { drawDrift, loadAt } from "./drawDrift";
import { Hint } from "./Hint";
import { Hands } from "./hands";
import { HereMenu, LinkMenu } from "./MapMenus";
import { DifficultySwitch, MapTools } from "./MapTools";
import {
  drawCursor,
  drawFlags,
  drawFrame,
  drawGhost,
  drawHandles,
  drawLinkHandle,
  drawWhy,
  marginWidth,
} from "./overlay";
import { PeelHeight } from "./PeelHeight";
import { Readout } from "./Readout";
import { drawLeaks, drawReach, drawWhyNot } from "./reach/drawReach";
import { ReachPanel } from "./reach/ReachPanel";
import { useCrossings, useReach, useWhyNot } from "./reach/useReach";
import { Spoken } from "./Spoken";
import { drawRuler } from "./section/drawRuler";
import { Ruler } from "./section/Ruler";
import { drawGuides } from "./snap";
import { TideHour } from "./TideHour";
import { BrushPanel, wheeled } from "./terrain/BrushPanel";
import { useBrush } from "./terrain/useBrush";
import { UnitsChoice } from "./UnitsChoice";
import { showKeptView, useKeptView } from "./useKeptView";
import { useMapKeys } from "./useMapKeys";

/** The sheet with all that stands on it, and the hands that work it. */
export function GroundMap({
  ground,
  onReady,
}: {
  ground: Ground;
  onReady: (handle: MapHandle) => void;
}) {
  const open = useOpenMission();
  const map = useRef<MapHandle>(null);
  const handle = useCallback(() => map.current, []);
  const here = useRef(ground);
  here.current = ground;
  const hands = useMemo(() => new Hands(open, () => here.current, handle), [open, handle]);
  const mission = useMission((state) => state.mission);
  const { tool, pointing, hand, selection, ruler, brush, peel, eye, reach, whyAt } = useDesk(
    useShallow(onMap),
  );
  const { pick, setMap, setBrush } = useDesk.getState();
  const only = hands.only;
  const level = useWater(useDesk((desk) => desk.hour));
  const shipped = useShipped();
  useUnits((units) => units.shown);
  const filling = useFilling();
  const flagged = useFlagged();
  const shelter = useShelter(only?.family === "posts" ? mission.posts[only.id]?.position : null);
  const moves = useStore(hands.store, ({ gesture }) => gesture?.is === "move");

  /** Draws the rim of the brush, which moves without anything else being drawn anew. */
  const rim = useRef((_: Sheet) => {});
  const written = useRef<Written>(null);
  const touches = useStore(hands.store, () => hands.touches);
  const { seen } = hands;
  const standing = useMemo(() => without(seen, touches), [seen, touches]);
  const reached = useReach(useWalker(hands, reach));
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

  const links = useMemo(() => once(linksOf), []);
  const paint = useCallback(
    (sheet: Sheet) => {
      const { gesture, pointer, points, vertex, guides, footing, course, byKeys } = hands.held;
      const { shown } = hands;
      if (touches.size > 0) {
        const some = onlyThese(shown, touches);
        paintMission({ ...sheet, peel }, some, selection, undefined, filling);
      }
      if (only) {
        const labels = freeOf(written.current, sheet);
        for (const link of links(mission, only, shown)) {
          drawLink(sheet, link.from, link.to, link.word, labels);
        }
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
      else {
        const load = loadAt(shown, tool, gesture, pointer);
        const zone = only?.family === "zones" && !tool ? shown.zones[only.id] : undefined;
        const people = pushes(zone, "people");
        if (load) drawDrift(sheet, shown, load, freeOf(written.current, sheet), "things");
        else if (pointer && (people || pushes(zone, "things"))) {
          const what = people ? "people" : "things";
          drawDrift(sheet, shown, pointer, freeOf(written.current, sheet), what);
        }
      }
      if (gesture?.is === "move" && footing.why) drawWhy(sheet, pointer, footing.why);
      if (byKeys && pointer && !tool && !ruler) drawCursor(sheet, pointer);
      rim.current(sheet);
      drawMargin(sheet, mission, marginWidth());
    },
    [
      hands,
      links,
      touches,
      peel,
      reach,
      why,
      over,
      whyAt,
      selection,
      filling,
      only,
      tool,
      ruler,
      mission,
      shipped,
    ],
  );
  useEffect(() => hands.store.subscribe(() => map.current?.redraw()), [hands]);

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
    const at = hands.held.pointer ?? map.current?.camera();
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
  const tries = useTry();
  const keyDown = useMapKeys(hands, handle, onCopy, onPaste, (at) => tries({ at }));

  rim.current = brushing.rim;
  const shapes = brush !== null;
  useEffect(() => {
    if (tool || pointing || ruler || shapes) map.current?.focus();
  }, [tool, pointing, ruler, shapes]);
  useEffect(() => () => setMap(null), [setMap]);
  useKeptView(open.state.id, handle);
  return (
    <div className="relative flex min-h-0 grow flex-col border border-line bg-slip shadow-md">
      <div className="relative min-h-0 grow">
        <MapCanvas
          ground={brushing.printed}
          water={level}
          beneath={brushing.beneath}
          label={`Map of ${mission.brief.title}`}
          margin={marginWidth()}
          hand={hand}
          cursor={tool || pointing || ruler || brush ? "crosshair" : moves ? "grabbing" : "default"}
          things={things}
          paint={paint}
          onReady={(ready) => {
            map.current = ready;
            setMap(ready);
            showKeptView(open.state.id, ready);
            onReady(ready);
          }}
          onDown={brush ? brushing.down : hands.down}
          onMove={(p) => {
            if (brush) {
              brushing.moved(p);
              hands.set({ pointer: { x: p.x, y: p.y }, byKeys: false });
            } else hands.moved(p);
          }}
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
        <Hint hands={hands} />
        <Asking hands={hands} />
        <Spoken hands={hands} />
        <Menus hands={hands} />
      </div>
      {ruler?.length === 2 && <Ruler line={firstOf(ruler, 2)} />}
      {eye && <EyeOver key={eye} name={eye} hands={hands} ground={brushing.printed} />}
      <footer className="flex items-center justify-between gap-4 px-3 pb-1 text-small text-flint">
        <Readout hands={hands} ground={brushing.under()} level={level} reach={reached?.reach} />
        <span className="flex items-center gap-3 whitespace-nowrap">
          <PeelHeight />
          <TideHour level={level} />
          <UnitsChoice />
        </span>
      </footer>
    </div>
  );
}

type Desk = ReturnType<typeof useDesk.getState>;

/** What of the desk the map goes by. */
function onMap(desk: Desk) {
  const { tool, pointing, hand, selection, ruler, brush, peel, hidden, eye, reach, whyAt } = desk;
  return { tool, pointing, hand, selection, ruler, brush, peel, hidden, eye, reach, whyAt };
}

/** Where the one stands whose reach is shown, as they are held by now. */
function useWalker(hands: Hands, reach: string | null): Position | undefined {
  const east = useStore(hands.store, () => reach && placeOf(hands.shown, refOf(reach))?.x);
  const north = useStore(hands.store, () => reach && placeOf(hands.shown, refOf(reach))?.y);
  return useMemo(
    () =>
      typeof east === "number" && typeof north === "number" ? { x: east, y: north } : undefined,
    [east, north],
  );
}

/** What one sees from a thing, while things are moved too. */
function EyeOver({ name, hands, ground }: { name: string; hands: Hands; ground: Ground }) {
  useMission((state) => state.mission);
  const moving = useStore(hands.store, ({ gesture }) => changes(gesture));
  const shown = useStore(hands.store, () => hands.shown);
  if (!find(shown, refOf(name))) return null;
  return <EyePanel name={name} mission={shown} ground={ground} moving={moving} />;
}

/** The menus that open on the map. */
function Menus({ hands }: { hands: Hands }) {
  const here = useStore(hands.store, (held) => held.here);
  const linking = useStore(hands.store, (held) => held.linking);
  return (
    <>
      {here && <HereMenu here={here} onClose={() => hands.set({ here: null })} />}
      {linking && <LinkMenu linking={linking} onClose={() => hands.set({ linking: null })} />}
    </>
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

/** What shelters a unit at a place. */
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
