import { useCallback, useEffect, useRef, useState } from "react";
import { toast } from "sonner";
import { type BrushKind, useDesk } from "../../desk/desk";
import { send } from "../../document/api";
import { useMission, useOpenMission } from "../../document/context";
import type { Position, Terrain } from "../../document/mission";
import { same } from "../../document/patch";
import { type Ground, loadGround, writeTile } from "../../document/raster";
import { sure } from "../../document/sure";
import { metres } from "../../document/units";
import type { MapHandle } from "../../drawing/camera";
import { toScreen } from "../../drawing/camera";
import { inks } from "../../drawing/inks";
import { letters } from "../../drawing/letters";
import type { Sheet } from "../../drawing/sheet";
import { Stroke } from "./brush";
import { PatchLayer } from "./PatchLayer";

/** For how long a brush rests before the ground is printed anew, milliseconds. */
const REST = 1500;

/** What a stroke is called in the history. */
const LABELS: Record<BrushKind, string> = {
  raise: "Raise the ground",
  lower: "Lower the ground",
  level: "Level the ground",
  smooth: "Smooth the ground",
  slope: "Slope the ground",
  noise: "Roughen the ground",
  paint: "Paint the ground",
  growth: "Sow growth",
};

/** What is under the brush: a copy of the ground that it changes, and what is shown of that. */
interface Work {
  ground: Ground;
  patch: PatchLayer;
  /** The tiles as they are once all strokes are stored. */
  tiles: Terrain["tiles"];
}

function copyOf(ground: Ground): Ground {
  const { heights, surfaces, growth } = ground;
  return {
    ...ground,
    heights: heights.slice(),
    surfaces: surfaces.slice(),
    growth: growth.slice(),
  };
}

/**
 * The brush over the ground. What it changes is shown at once and stored when it is let go: first
 * the tiles that were touched, then the edit that names them.
 */
export function useBrush(ground: Ground, water: number, handle: () => MapHandle | null) {
  const open = useOpenMission();
  const terrain = useMission((state) => state.mission.setting.terrain);
  const brush = useDesk((desk) => desk.brush);
  const [printed, setPrinted] = useState(ground);
  const work = useRef<Work>(null);
  const stroke = useRef<Stroke>(null);
  const pointer = useRef<Position>(null);
  const rest = useRef(0);
  const storing = useRef(Promise.resolve());

  /** Prints the ground as it is stored by now, and lets go of the copy under the brush. */
  const print = useCallback(() => {
    const stored = open.state.mission.setting.terrain;
    loadGround(stored).then(
      (now) => {
        if (open.state.mission.setting.terrain !== stored || stroke.current) return;
        work.current = null;
        setPrinted(now);
      },
      // What is on the map stays; the page says why the ground cannot be read.
      () => {},
    );
  }, [open]);

  // What comes of strokes of this brush is on the map already; anything else is printed at once.
  useEffect(() => {
    const own = work.current && same(work.current.tiles, terrain.tiles);
    if (!own || !brush) print();
  }, [terrain, brush, print]);
  useEffect(() => {
    if (!work.current) setPrinted(ground);
  }, [ground]);
  useEffect(() => () => clearTimeout(rest.current), []);

  const show = (rect: Parameters<PatchLayer["update"]>[0] | null) => {
    if (rect) work.current?.patch.update(rect);
    handle()?.redraw();
  };

  const store = async (done: Stroke, label: string) => {
    const now = work.current;
    if (!now || done.tiles.size === 0) return;
    const places = [...done.tiles];
    const bytes = places.map((place) => writeTile(now.ground, terrain.base, place));
    const body = new Blob(bytes as BlobPart[]);
    const wait = storing.current;
    storing.current = (async () => {
      await wait;
      try {
        const hashes = await send<string[]>("POST", "/api/assets/tiles", body);
        const tiles = Object.fromEntries(places.map((place, i) => [place, sure(hashes, i)]));
        now.tiles = { ...now.tiles, ...tiles };
        open.edit(label, (draft) => {
          Object.assign(draft.setting.terrain.tiles, tiles);
        });
      } catch (refused) {
        toast.error(`This stroke could not be stored: ${(refused as Error).message}`);
        work.current = null;
        print();
      }
    })();
    await storing.current;
  };

  const down = (at: Position) => {
    if (!brush) return;
    clearTimeout(rest.current);
    if (!work.current) {
      const copy = copyOf(ground);
      work.current = { ground: copy, patch: new PatchLayer(copy, water), tiles: terrain.tiles };
    }
    stroke.current = new Stroke(work.current.ground, terrain.base, brush, at);
    show(stroke.current.begin());
  };

  const moved = (at: Position) => {
    pointer.current = at;
    show(stroke.current?.to(at) ?? null);
  };

  const released = () => {
    const done = stroke.current;
    if (!done || !brush) return;
    show(done.end());
    stroke.current = null;
    const clears = brush.kind === "growth" && brush.density === 0;
    void store(done, clears ? "Clear growth away" : LABELS[brush.kind]);
    clearTimeout(rest.current);
    rest.current = window.setTimeout(() => {
      void storing.current.then(print);
    }, REST);
  };

  const left = () => {
    pointer.current = null;
    handle()?.redraw();
  };

  /** The ground as it is under the brush by now. */
  const under = () => work.current?.ground ?? ground;

  /** Draws what has changed, under all that stands on the ground. */
  const beneath = useCallback((sheet: Sheet) => work.current?.patch.draw(sheet), []);

  /** Draws the rim of the brush. */
  const rim = (sheet: Sheet) => {
    const at = pointer.current;
    if (brush && at) drawRim(sheet, at, brush.radius, brush.kind === "slope" && stroke.current);
  };

  return { printed, under, down, moved, released, left, beneath, rim };
}

function drawRim(
  { c, camera, size }: Sheet,
  at: Position,
  radius: number,
  slope: Stroke | false | null,
): void {
  const [x, y] = toScreen(camera, size, at.x, at.y);
  c.save();
  c.lineWidth = 1.5;
  c.strokeStyle = inks.ink;
  c.beginPath();
  c.arc(x, y, radius * camera.scale, 0, Math.PI * 2);
  c.stroke();
  c.setLineDash([3, 3]);
  c.beginPath();
  c.arc(x, y, radius * camera.scale * 0.5, 0, Math.PI * 2);
  c.stroke();
  if (slope) {
    const [fromX, fromY] = toScreen(camera, size, slope.from.x, slope.from.y);
    c.beginPath();
    c.moveTo(fromX, fromY);
    c.lineTo(x, y);
    c.stroke();
  }
  c.font = letters(12);
  c.fillStyle = inks.ink;
  c.fillText(
    metres(radius, 0),
    x + radius * camera.scale * 0.72 + 4,
    y - radius * camera.scale * 0.72,
  );
  c.restore();
}
