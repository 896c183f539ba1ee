import { canBePart } from "../bundles/suggest";
import { makeBand } from "../deeds/bands";
import { askRemove, duplicate, makeSquad } from "../deeds/deeds";
import { makeFolder } from "../deeds/folders";
import { aligned, layOut, spread } from "../deeds/layout";
import type { Command } from "../desk/commands";
import { useDesk } from "../desk/desk";
import { keyWord } from "../desk/keymap";
import { anyInCopy } from "../document/copies";
import { ordered, refOf } from "../document/mission";
import type { Shipped } from "../document/shipped";
import type { OpenMission } from "../document/store";
import { everything } from "./overlay";
import { lastBrush } from "./terrain/BrushPanel";
import { trayItems } from "./trayItems";

function command(word: string, what: string, run: () => void, shown?: string): Command {
  return { id: word, word, what, run, shown };
}

/**
 * What can be done on the ground from anywhere in a mission.
 *
 * @param go goes to the ground, where it has to be seen
 */
export function groundCommands(open: OpenMission, shipped: Shipped[], go: () => void): Command[] {
  const { mission } = open.state;
  const desk = useDesk.getState();
  const side = ordered(mission.sides)[0]?.[0] ?? "";
  const there = (run: () => void) => () => {
    go();
    run();
  };
  return [
    command(
      "Measure",
      "map",
      there(() => desk.measure([])),
      keyWord("ruler"),
    ),
    command(
      `Snap ${desk.snap.on ? "off" : "on"}`,
      "map",
      () => desk.setSnap({ on: !desk.snap.on }),
      keyWord("snap"),
    ),
    command(
      "Whole sheet",
      "map",
      there(() => useDesk.getState().map?.whole()),
      keyWord("whole"),
    ),
    command(
      "Select everything",
      "map",
      there(() => desk.select(everything(mission))),
      "Ctrl+A",
    ),
    command(
      "Shape the ground",
      "map",
      there(() => desk.setBrush(lastBrush())),
    ),
    ...selectionCommands(open),
    command("Show all that is hidden", "map", () =>
      desk.setAside("hidden", [...desk.hidden], false),
    ),
    command("Unlock all that is locked", "map", () =>
      desk.setAside("locked", [...desk.locked], false),
    ),
    ...ordered(mission.views).map(([view, of]) =>
      command(
        `Look at ${of.name}`,
        `view ${view}`,
        there(() => useDesk.getState().map?.frame(of.centre, of.width, of.depth)),
      ),
    ),
    ...trayItems(mission, side, shipped).map(({ word, tool }) =>
      command(
        `Set down: ${word}`,
        "tray",
        there(() => desk.pick(tool)),
      ),
    ),
  ];
}

/** What can be done with what is selected. */
function selectionCommands(open: OpenMission): Command[] {
  const keys = [...useDesk.getState().selection];
  if (keys.length === 0) return [];
  const { select, askBundle } = useDesk.getState();
  const refs = keys.map(refOf);
  const units = refs.every(({ family }) => family === "units");
  const squads = refs.every(({ family }) => family === "squads");
  const many = keys.length === 1 ? "it" : `these ${keys.length}`;
  return [
    ...(squads
      ? [command(`Make a band of ${many}`, "selection", () => select([makeBand(open, refs)]))]
      : []),
    ...(units
      ? [command(`Make a squad of ${many}`, "selection", () => select([makeSquad(open, refs)]))]
      : []),
    command(`Duplicate ${many}`, "selection", () => select(duplicate(open, keys)), "Ctrl+D"),
    command(`Delete ${many}`, "selection", () => askRemove(open, keys), "Del"),
    ...(refs.every(({ family }) => canBePart(family)) && !anyInCopy(open.state.mission, keys)
      ? [command(`Make a bundle of ${many}…`, "selection", () => askBundle(keys))]
      : []),
    command(`New folder of ${many}`, "selection", () => makeFolder(open, keys)),
    ...(keys.length > 1
      ? [
          command(`Align ${many} at the west`, "selection", () =>
            layOut(open, "Align at the west", aligned(open.state.mission, keys, "west")),
          ),
          command(`Align ${many} at the south`, "selection", () =>
            layOut(open, "Align at the south", aligned(open.state.mission, keys, "south")),
          ),
          command(`Spread ${many} evenly, west to east`, "selection", () =>
            layOut(open, "Spread evenly", spread(open.state.mission, keys, "eastward")),
          ),
          command(`Spread ${many} evenly, south to north`, "selection", () =>
            layOut(open, "Spread evenly", spread(open.state.mission, keys, "northward")),
          ),
        ]
      : []),
  ];
}
