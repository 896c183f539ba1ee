import { useLocation } from "wouter";
import { type Command, useCommands } from "../desk/commands";
import { useDesk } from "../desk/desk";
import { goToPane } from "../desk/panes";
import { useTry } from "../desk/trials";
import { useOpenMission } from "../document/context";
import { useShipped } from "../document/shipped";
import { groundCommands } from "../editor/commands";
import { setLooks } from "../looks/looks";
import { makeEvent } from "../script/eventMoves";
import { useScriptTab } from "../script/scriptTabs";

const PAGES = [
  ["brief", "Brief"],
  ["ground", "Ground"],
  ["catalogue", "Catalogue"],
  ["script", "Script"],
  ["trial", "Trial"],
] as const;

/** What can be done from anywhere in a mission, by keys or through Find or do. */
export function usePageCommands(id: string, onKeys: () => void): void {
  const open = useOpenMission();
  const shipped = useShipped();
  const [, go] = useLocation();
  const tries = useTry();
  const command = (word: string, what: string, run: () => void): Command => ({
    id: word,
    word,
    what,
    run,
  });
  useCommands("page", () => {
    const undo = open.state.undo.at(-1);
    const redo = open.state.redo.at(-1);
    const desk = useDesk.getState();
    return [
      command("Try the mission", "trial", () => tries()),
      {
        ...command(`Undo: ${undo?.label ?? ""}`, "edit", () => open.undo()),
        keys: ["Ctrl+Z"],
        unlisted: undo ? undefined : true,
      },
      {
        ...command(`Redo: ${redo?.label ?? ""}`, "edit", () => open.redo()),
        keys: ["Ctrl+Y", "Ctrl+Shift+Z"],
        unlisted: redo ? undefined : true,
      },
      ...groundCommands(open, shipped, () => go(`/missions/${id}/ground`)),
      ...PAGES.map(([page, word]) =>
        command(`Go to ${word}`, "page", () => go(`/missions/${id}/${page}`)),
      ),
      command("History", "edit", () => desk.setHistory(true)),
      command("New event", "script", () => {
        go(`/missions/${id}/script`);
        useScriptTab.getState().setTab("events");
        desk.openEvent(makeEvent(open));
      }),
      command("Begin from plain lines…", "script", () => {
        go(`/missions/${id}/script`);
        desk.setOutlining(true);
      }),
      command("Go to the shelf", "page", () => go("/")),
      {
        ...command("Next part of the page", "page", () => goToPane(1)),
        keys: ["F6"],
        inText: true,
      },
      {
        ...command("Part of the page before", "page", () => goToPane(-1)),
        keys: ["Shift+F6"],
        inText: true,
      },
      command("Change keys", "settings", onKeys),
      command("Night colours", "settings", () => setLooks({ light: "night" })),
      command("Day colours", "settings", () => setLooks({ light: "day" })),
      command("Colours as the computer has them", "settings", () =>
        setLooks({ light: "system", contrast: "system" }),
      ),
      command("More contrast", "settings", () => setLooks({ contrast: "more" })),
      command("Plain contrast", "settings", () => setLooks({ contrast: "plain" })),
    ];
  });
}
