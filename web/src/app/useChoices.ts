import { useMemo } from "react";
import { useLocation } from "wouter";
import { canBePart } from "../bundles/suggest";
import { makeBand } from "../deeds/bands";
import { askRemove, duplicate, makeSquad } from "../deeds/deeds";
import { makeFolder } from "../deeds/folders";
import { aligned, layOut, spread } from "../deeds/layout";
import { useDesk } from "../desk/desk";
import { keyWord } from "../desk/keymap";
import { useShow } from "../desk/useShow";
import { useMission, useOpenMission } from "../document/context";
import { anyInCopy } from "../document/copies";
import { key, ordered, refOf } from "../document/mission";
import { useShipped } from "../document/shipped";
import type { OpenMission } from "../document/store";
import { everything } from "../editor/overlay";
import { FIRST_BRUSH } from "../editor/terrain/BrushPanel";
import { readWanted, trayItems } from "../editor/trayItems";
import { type Choice, namedThings } from "../ui/finding";

const PAGES = [
  ["brief", "Brief"],
  ["ground", "Ground"],
  ["catalogue", "Catalogue"],
  ["script", "Script"],
  ["trial", "Trial"],
] as const;

/** What can be set down by words that say how many, or of which side. */
export function useSettingDown(id: string, typed: string): Choice[] {
  const mission = useMission((state) => state.mission);
  const pick = useDesk((desk) => desk.pick);
  const [, go] = useLocation();
  const side = ordered(mission.sides)[0]?.[0] ?? "";
  const shipped = useShipped();
  const { count, side: named, items } = readWanted(mission, typed, side, shipped);
  if (count === 1 && !named) return [];
  const whose = named ? ` of the ${mission.sides[named].name}` : "";
  return items.slice(0, 3).map(({ id: item, word, tool }) => ({
    id: `set:${item}`,
    word: `Set down ${count > 1 ? `${count} × ${word}` : word}${whose}`,
    what: "tray",
    run: () => {
      go(`/missions/${id}/ground`);
      pick(count > 1 ? { ...tool, count } : tool);
    },
  }));
}

/** Everything that can be done from anywhere in a mission. */
export function useDoings(id: string, onKeys: () => void): Choice[] {
  const open = useOpenMission();
  const mission = useMission((state) => state.mission);
  const undo = useMission((state) => state.undo.at(-1));
  const redo = useMission((state) => state.redo.at(-1));
  const desk = useDesk();
  const shipped = useShipped();
  const [, go] = useLocation();
  const side = ordered(mission.sides)[0]?.[0] ?? "";
  const onGround = (run: () => void) => () => {
    go(`/missions/${id}/ground`);
    run();
  };
  const doing = (word: string, what: string, run: () => void, letter?: string): Choice => ({
    id: `do:${word}`,
    word,
    what,
    run,
    key: letter,
  });
  return [
    doing("Try the mission", "trial", () => go(`/missions/${id}/trial`)),
    ...(undo ? [doing(`Undo: ${undo.label}`, "edit", () => open.undo(), "Ctrl+Z")] : []),
    ...(redo ? [doing(`Redo: ${redo.label}`, "edit", () => open.redo(), "Ctrl+Y")] : []),
    doing(
      "Measure",
      "map",
      onGround(() => desk.measure([])),
      keyWord("ruler"),
    ),
    doing(
      `Snap ${desk.snap.on ? "off" : "on"}`,
      "map",
      () => desk.setSnap({ on: !desk.snap.on }),
      keyWord("snap"),
    ),
    doing(
      "Whole sheet",
      "map",
      onGround(() => desk.map?.whole()),
      keyWord("whole"),
    ),
    doing(
      "Select everything",
      "map",
      onGround(() => desk.select(everything(mission))),
      "Ctrl+A",
    ),
    doing(
      "Shape the ground",
      "map",
      onGround(() => desk.setBrush(FIRST_BRUSH)),
    ),
    ...ofSelection(open, desk.selection, doing),
    doing("Show all that is hidden", "map", () => desk.setAside("hidden", [...desk.hidden], false)),
    doing("Unlock all that is locked", "map", () =>
      desk.setAside("locked", [...desk.locked], false),
    ),
    ...PAGES.map(([page, word]) =>
      doing(`Go to ${word}`, "page", () => go(`/missions/${id}/${page}`)),
    ),
    doing("History", "edit", () => desk.setHistory(true)),
    doing("Begin from plain lines…", "script", () => {
      go(`/missions/${id}/script`);
      desk.setOutlining(true);
    }),
    doing("Go to the shelf", "page", () => go("/")),
    doing("Change keys", "settings", onKeys),
    ...ordered(mission.views).map(([view, of]) =>
      doing(
        `Look at ${of.name}`,
        `view ${view}`,
        onGround(() => desk.map?.frame(of.centre, of.width, of.depth)),
      ),
    ),
    ...trayItems(mission, side, shipped).map(({ word, tool }) =>
      doing(
        `Set down: ${word}`,
        "tray",
        onGround(() => desk.pick(tool)),
      ),
    ),
  ];
}

type Doing = (word: string, what: string, run: () => void, letter?: string) => Choice;

/** What can be done with what is selected. */
function ofSelection(open: OpenMission, selection: ReadonlySet<string>, doing: Doing): Choice[] {
  const keys = [...selection];
  if (keys.length === 0) return [];
  const { select, askBundle } = useDesk.getState();
  const refs = keys.map(refOf);
  const units = refs.every(({ family }) => family === "units");
  const squads = refs.every(({ family }) => family === "squads");
  const many = keys.length === 1 ? "it" : `these ${keys.length}`;
  return [
    ...(squads
      ? [doing(`Make a band of ${many}`, "selection", () => select([makeBand(open, refs)]))]
      : []),
    ...(units
      ? [doing(`Make a squad of ${many}`, "selection", () => select([makeSquad(open, refs)]))]
      : []),
    doing(`Duplicate ${many}`, "selection", () => select(duplicate(open, keys)), "Ctrl+D"),
    doing(`Delete ${many}`, "selection", () => askRemove(open, keys), "Del"),
    ...(refs.every(({ family }) => canBePart(family)) && !anyInCopy(open.state.mission, keys)
      ? [doing(`Make a bundle of ${many}…`, "selection", () => askBundle(keys))]
      : []),
    doing(`New folder of ${many}`, "selection", () => makeFolder(open, keys)),
    ...(keys.length > 1
      ? [
          doing(`Align ${many} at the west`, "selection", () =>
            layOut(open, "Align at the west", aligned(open.state.mission, keys, "west")),
          ),
          doing(`Align ${many} at the south`, "selection", () =>
            layOut(open, "Align at the south", aligned(open.state.mission, keys, "south")),
          ),
          doing(`Spread ${many} evenly, west to east`, "selection", () =>
            layOut(open, "Spread evenly", spread(open.state.mission, keys, "eastward")),
          ),
          doing(`Spread ${many} evenly, south to north`, "selection", () =>
            layOut(open, "Spread evenly", spread(open.state.mission, keys, "northward")),
          ),
        ]
      : []),
  ];
}

/** All that can be found or done. */
export function useChoices(id: string, doings: Choice[]): Choice[] {
  const mission = useMission((state) => state.mission);
  const show = useShow(id);
  const things = useMemo(() => namedThings(mission), [mission]);
  return useMemo(
    () => [
      ...things.map(
        ({ ref, word }): Choice => ({ id: key(ref), word, what: "", ref, run: () => show(ref) }),
      ),
      ...doings,
    ],
    [things, doings, show],
  );
}
