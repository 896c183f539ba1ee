import { LocateFixed } from "lucide-react";
import { useCallback, useEffect, useRef, useState } from "react";
import { useStore } from "zustand";
import type { Mission } from "../document/mission";
import type { Ground } from "../document/raster";
import { type Camera, type MapHandle, toScreen } from "../drawing/camera";
import { Labels } from "../drawing/labels";
import type { Sheet } from "../drawing/sheet";
import { zoneOutline } from "../drawing/zones";
import { drawItem } from "../families/items";
import { blockPlaceNames } from "../families/placeNames";
import { MARKS } from "../families/traits";
import type { UnitSnapshot } from "../generated/snapshot.gen";
import { type Glide, glided, glideFrom, isOver } from "../map/glide";
import { MapCanvas, type MapPointer } from "../map/MapCanvas";
import { keepDrawing } from "../map/pace";
import { paintThings } from "../map/paint";
import { Button } from "../ui/controls";
import { zoneNow } from "./carried";
import { between, placesBetween, signs } from "./decode";
import { drawAims, drawStrikes } from "./drawFights";
import { drawHarm } from "./drawHarm";
import { drawMinds } from "./drawMinds";
import { dim, drawAim, drawGoal, drawPointer, drawUnit, nameNow, peelFor, up } from "./drawPlay";
import { type Game, STEPS } from "./game";
import { goneNow, missionInPlay, openness, withBrought } from "./missionInPlay";
import { useTrialKeys } from "./useTrialKeys";

/** Pixels of a metre when play begins. */
const SCALE = 4;
/** How near a click must be to a stone to mean it, pixels. */
const NEAR = 15;
/** About how wide a letter of a label is, with the gap before it, pixels. */
const LETTER = 9;

interface Props {
  game: Game;
  mission: Mission;
  ground: Ground;
  /** The unit that is looked at; -1 for none. */
  chosen: number;
  onChoose: (unit: number) => void;
  onPause: () => void;
}

const NOTHING_MARKED = () => false;

/** The trial's map: it follows the player's unit, and takes keys and mouse to it. */
export function TrialMap({ game, mission, ground, chosen, onChoose, onPause }: Props) {
  const designer = useStore(game.store, (state) => state.designer);
  const [follows, setFollows] = useState(true);
  const view = useStore(game.store, (state) =>
    state.view ? mission.views[state.view] : undefined,
  );
  const water = useStore(game.store, (state) => state.water) ?? mission.setting.waterLevel;
  const map = useRef<MapHandle>(null);
  const aimed = useRef(-1);
  const goal = useRef<{ x: number; y: number } | null>(null);
  const pointer = useRef<{ px: number; py: number } | null>(null);
  /** The camera on its way to a view or back, where to, and what it was before any view. */
  const glide = useRef<Glide | null>(null);
  const target = useRef<Camera | null>(null);
  const own = useRef<Camera | null>(null);

  const unitNow = useCallback(
    (unit: number): UnitSnapshot | undefined => {
      const latest = game.latest?.units.get(unit);
      const before = game.before?.units.get(unit);
      if (!latest || !before) return latest;
      const share = Math.min(1, (performance.now() - game.cameAt) / (1000 / STEPS));
      return between(before, latest, share);
    },
    [game],
  );

  const paint = useCallback(
    (sheet: Sheet) => {
      dim(sheet, game.state.light);
      const me = game.state.designer ? undefined : unitNow(game.state.unit);
      const peel = peelFor(mission, me);
      const share = Math.min(1, (performance.now() - game.cameAt) / (1000 / STEPS));
      const places = placesBetween(game.before, game.latest, share, game.state.movables);
      const shown = missionInPlay(withBrought(mission, game.state.brought), {
        ...game.state,
        places,
        gone: (deck) => goneNow(game.state.decks, deck, game.state.step, share),
        openness: (gate) => openness(game.state.moving[gate], game.state.step, share),
        zoneNow: (zone) => zoneNow(mission, zone, game.state.cast, unitNow),
      });
      paintThings({ ...sheet, peel }, shown, NOTHING_MARKED, (at) => at < MARKS);
      for (const heap of game.state.heaps) {
        drawItem(sheet, heap, mission.itemKinds[heap.kind]?.figure, heap.count);
      }
      if (goal.current && game.latest) {
        const me = game.latest.units.get(game.state.unit);
        if (me && signs(me).underWay) drawGoal(sheet, goal.current);
      }
      if (game.state.designer) drawMinds(sheet, game.state.minds, chosen, unitNow);
      paintThings(sheet, shown, NOTHING_MARKED, (at) => at >= MARKS);
      const labels = new Labels();
      blockPlaceNames(sheet, mission, labels);
      for (const marker of Object.values(shown.markers)) {
        const [px, py] = toScreen(sheet.camera, sheet.size, marker.position.x, marker.position.y);
        labels.draw(sheet.c, marker.name, px, py - 12, 16);
      }
      for (const { name, state, at } of game.state.objectives) {
        if (state !== "open" || !at) continue;
        const [px, py] = drawPointer(sheet, at);
        // Beside a pointer at the right rim its name lies to the left of it.
        const room = sheet.size.width - LETTER * name.length;
        labels.draw(sheet.c, name, Math.min(px, room), py, 18);
      }
      for (const { name, next } of game.state.courses) {
        if (!next) continue;
        const [px, py] = drawPointer(sheet, next);
        const room = sheet.size.width - LETTER * name.length;
        labels.draw(sheet.c, name, Math.min(px, room), py, 18);
      }
      drawHarm(sheet, withBrought(mission, game.state.brought), game.state.things, places);
      const own = game.state.unit;
      const units = [...(game.latest?.units.keys() ?? [])].filter((unit) => unit !== own);
      const seen = [...units, own].flatMap((unit) => {
        const now = unitNow(unit);
        const player = game.state.cast[unit];
        return now && player ? [{ unit, now, player }] : [];
      });
      for (const { unit, now, player } of seen) {
        const [px, py] = toScreen(sheet.camera, sheet.size, now.x, now.y);
        const mine = unit === own;
        if (mine && pointer.current && up(now)) drawAim(sheet, px, py, now.facing);
        drawUnit(sheet, mission, player, now, mine, peel);
        labels.block(px - 13, py - 13, 26, 26);
      }
      drawAims(sheet, game.state.aims, unitNow, own);
      const missed = drawStrikes(sheet, game.state.strikes, unitNow, game.stepNow);
      for (const { now, player } of seen) {
        const [px, py] = toScreen(sheet.camera, sheet.size, now.x, now.y);
        labels.draw(sheet.c, nameNow(player, now), px, py, 20);
      }
      for (const { word, end } of missed) labels.draw(sheet.c, word, ...end, 6);
      for (const [id, zone] of Object.entries(shown.zones)) {
        const { px, py, gap } = zoneOutline(sheet, zone.shape);
        const many = game.state.facts?.zones[id]?.length ?? 0;
        labels.draw(sheet.c, many > 0 ? `${zone.name}: ${many}` : zone.name, px, py, gap);
      }
    },
    [game, mission, unitNow, chosen],
  );

  useEffect(() => {
    return keepDrawing(() => {
      const me = unitNow(game.state.unit);
      const handle = map.current;
      const now = performance.now();
      if (glide.current && isOver(glide.current, now) && handle) {
        const { x, y, scale } = target.current ?? handle.camera();
        handle.look(x, y, scale);
        glide.current = null;
        if (!view) own.current = null;
      }
      if (handle && me && follows && !view) {
        if (target.current) target.current = { ...target.current, x: me.x, y: me.y };
        if (!glide.current) handle.look(me.x, me.y);
      }
      if (glide.current && target.current && handle) {
        const { x, y, scale } = glided(glide.current, target.current, now);
        handle.look(x, y, scale);
      }
      handle?.draw();
    });
  }, [game, unitNow, follows, view]);

  useEffect(() => {
    const handle = map.current;
    if (!view || !handle) return;
    const before = own.current ?? handle.camera();
    own.current = before;
    const from = handle.camera();
    handle.frame(view.centre, view.width, view.depth);
    target.current = handle.camera();
    glide.current = glideFrom(from);
    if (glide.current) handle.look(from.x, from.y, from.scale);
    return () => {
      target.current = before;
      glide.current = glideFrom(handle.camera());
      if (glide.current) return;
      handle.look(before.x, before.y, before.scale);
      own.current = null;
    };
  }, [view]);

  useTrialKeys(
    game,
    onPause,
    useCallback(() => {
      goal.current = null;
    }, []),
  );

  const aim = (p: MapPointer) => {
    pointer.current = { px: p.px, py: p.py };
    const me = unitNow(game.state.unit);
    if (!me) return;
    const bearing = Math.round((Math.atan2(p.x - me.x, p.y - me.y) * 180) / Math.PI + 360) % 360;
    if (bearing !== aimed.current) {
      aimed.current = bearing;
      game.act({ type: "aim", bearing });
    }
  };

  /** As a designer, a click on somebody looks at them; any other click walks. */
  const down = (p: MapPointer) => {
    const hit = designer ? unitAt(p) : undefined;
    if (hit === undefined) walkTo(p);
    else onChoose(hit === chosen ? -1 : hit);
  };

  const unitAt = (p: MapPointer): number | undefined => {
    const scale = map.current?.camera().scale ?? 1;
    const near = [...(game.latest?.units.keys() ?? [])].filter((unit) => {
      const now = unitNow(unit);
      return now && unit !== game.state.unit && Math.hypot(now.x - p.x, now.y - p.y) * scale < NEAR;
    });
    return near[0];
  };

  const walkTo = (p: MapPointer) => {
    const { columns, rows, cell } = ground;
    const x = Math.max(0, Math.min(columns * cell, p.x));
    const y = Math.max(0, Math.min(rows * cell, p.y));
    goal.current = { x, y };
    game.act({ type: "go", x, y });
  };

  return (
    <div
      className="h-full w-full"
      onPointerDownCapture={(event) => event.button !== 0 && setFollows(false)}
    >
      <MapCanvas
        ground={ground}
        water={water}
        label="Trial map"
        cursor="crosshair"
        paint={paint}
        onReady={(handle) => {
          map.current = handle;
          const { x, y, scale } = handle.camera();
          handle.look(x, y, Math.max(scale, SCALE));
          handle.focus();
        }}
        onDown={down}
        onMove={aim}
      />
      {view && (
        <p className="absolute top-4 left-1/2 -translate-x-1/2 border border-line bg-slip px-3 py-1 shadow">
          You are shown <b>{view.name}</b>
        </p>
      )}
      {!follows && !view && (
        <Button
          className="absolute right-4 bottom-4 shadow"
          onClick={() => {
            setFollows(true);
            map.current?.focus();
          }}
        >
          <LocateFixed size="0.875rem" /> Follow {game.state.cast[game.state.unit]?.name}
        </Button>
      )}
    </div>
  );
}
