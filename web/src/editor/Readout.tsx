import { useStore } from "zustand";
import { useMission } from "../document/context";
import { clockWords, extent, type Position } from "../document/mission";
import { type Ground, heightAt, surfaceAt } from "../document/raster";
import { metres, useUnits } from "../document/units";
import type { Hands } from "./hands";
import { type Reach, soonAt } from "./reach/bands";

/** What lies under the pointer: where it is, how high, of what, and how soon it is reached. */
export function Readout(props: { hands: Hands; ground: Ground; level: number; reach?: Reach }) {
  const { hands, ground, level, reach } = props;
  const mission = useMission((state) => state.mission);
  const at = useStore(hands.store, (held) => held.pointer);
  useUnits((units) => units.shown);
  const soon = at && reach ? soonAt(reach, extent(mission), at.x, at.y) : "";
  return (
    <span className="truncate tabular-nums">
      {readout(ground, level, at, soon) ||
        `${mission.brief.title}, ${clockWords(mission.setting.startTime)}`}
    </span>
  );
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
