import { useMemo } from "react";
import { useLocation } from "wouter";
import type { Command } from "../desk/commands";
import { useDesk } from "../desk/desk";
import { useShow } from "../desk/useShow";
import { useMission } from "../document/context";
import { key, ordered } from "../document/mission";
import { useShipped } from "../document/shipped";
import { sure } from "../document/sure";
import { readWanted } from "../editor/trayItems";
import { type Findable, namedThings } from "../ui/finding";
/** What can be set down by words that say how many, or of which side. */
export function useSettingDown(id: string, typed: string): Findable[] {
  const mission = useMission((state) => state.mission);
  const pick = useDesk((desk) => desk.pick);
  const [, go] = useLocation();
  const side = ordered(mission.sides)[0]?.[0] ?? "";
  const shipped = useShipped();
  const { count, side: named, items } = readWanted(mission, typed, side, shipped);
  if (count === 1 && !named) return [];
  const whose = named ? ` of the ${sure(mission.sides, named).name}` : "";
  return items.slice(0, 3).map(({ id: item, word, tool }) => ({
    key: `set:${item}`,
    word: `Set down ${count > 1 ? `${count} × ${word}` : word}${whose}`,
    what: "tray",
    run: () => {
      go(`/missions/${id}/ground`);
      pick(count > 1 ? { ...tool, count } : tool);
    },
  }));
}

/** All that can be found or done. */
export function useFindables(id: string, doings: Findable[]): Findable[] {
  const mission = useMission((state) => state.mission);
  const show = useShow(id);
  const things = useMemo(() => namedThings(mission), [mission]);
  return useMemo(
    () => [
      ...things.map(
        ({ ref, word }): Findable => ({ key: key(ref), word, what: "", ref, run: () => show(ref) }),
      ),
      ...doings,
    ],
    [things, doings, show],
  );
}

/** A command as it is found among things. */
export function findableOf({ id, word, what, keys, shown, run }: Command): Findable {
  return { key: `do:${id}`, word, what, run, shortcut: shown ?? keys?.[0] };
}
