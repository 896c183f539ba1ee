import { Check, Flag, History, MapPin, Play, Redo2, Undo2 } from "lucide-react";
import { useEffect } from "react";
import { toast } from "sonner";
import { useLocation } from "wouter";
import { FixButton, graveFirst, SEVERITY_WORDS, useFindings } from "../checks/findings";
import { useShowFinding } from "../checks/useShowFinding";
import { useDesk } from "../desk/desk";
import { PANE } from "../desk/panes";
import { useTry } from "../desk/trials";
import { useMission, useOpenMission } from "../document/context";
import type { SaveState } from "../document/store";
import { Button, Words } from "../ui/controls";
import { Flyout, FlyoutClose } from "../ui/Flyout";
import { Tip } from "../ui/Tip";
import { FindOrDo } from "./FindOrDo";
import { TryOthers } from "./TryOthers";

/** Title, save state, undo and redo, checks, Try. */
export function Headline({ id }: { id: string }) {
  const open = useOpenMission();
  const title = useMission((state) => state.mission.brief.title);
  const save = useMission((state) => state.save);
  const undo = useMission((state) => state.undo.at(-1));
  const redo = useMission((state) => state.redo.at(-1));
  const trouble = useMission((state) => state.trouble);
  const tries = useTry();
  useEffect(() => {
    if (trouble) {
      toast.error(trouble, { duration: 10000 });
      open.toldTrouble();
    }
  }, [trouble, open]);
  const why = save.is === "offline" ? save.why : undefined;
  useEffect(() => {
    if (why) toast.error(why, { id: "not stored", duration: 10000 });
  }, [why]);
  const setHistory = useDesk((desk) => desk.setHistory);
  return (
    <header
      {...PANE}
      className="flex h-11 shrink-0 items-center gap-2 border-line border-b bg-slip px-4 lg:gap-3"
    >
      <h1 className="truncate text-lg font-bold">{title}</h1>
      <output
        className={`whitespace-nowrap text-small ${save.is === "offline" ? "text-error" : "text-quiet"}`}
        aria-label="Save state"
      >
        {save.is === "offline" && "⚑ "}
        {saveWords(save)}
      </output>
      <span className="grow" />
      <Tip says={undo && `Undo: ${undo.label} (Ctrl+Z)`}>
        <Button
          aria-description={undo && `Undo: ${undo.label} (Ctrl+Z)`}
          onClick={() => open.undo()}
          disabled={!undo}
        >
          <Undo2 size="0.9375rem" /> <Words>Undo</Words>
        </Button>
      </Tip>
      <Tip says={redo && `Redo: ${redo.label} (Ctrl+Shift+Z)`}>
        <Button
          aria-description={redo && `Redo: ${redo.label} (Ctrl+Shift+Z)`}
          onClick={() => open.redo()}
          disabled={!redo}
        >
          <Redo2 size="0.9375rem" /> <Words>Redo</Words>
        </Button>
      </Tip>
      <Tip says="Every edit, and the way back">
        <Button onClick={() => setHistory(true)}>
          <History size="0.9375rem" /> <Words>History</Words>
        </Button>
      </Tip>
      <FindOrDo id={id} />
      <ChecksButton />
      <div className="flex">
        <Button look="go" onClick={() => tries()}>
          Try <Play size="0.875rem" />
        </Button>
        <TryFrom id={id} />
        <TryOthers />
      </div>
    </header>
  );
}

/** Starts a trial from a place that is pointed at. */
function TryFrom({ id }: { id: string }) {
  const point = useDesk((desk) => desk.point);
  const [, go] = useLocation();
  const tries = useTry();
  const here = () => {
    go(`/missions/${id}/ground`);
    point({
      asks: "Point at where the trial begins.",
      families: [],
      points: true,
      take: (pointed) => {
        if (!("place" in pointed) || pointed.place.type !== "point") return;
        tries({ at: pointed.place.position });
      },
    });
  };
  return (
    <Tip says="Begin from a point on the map">
      <Button
        look="go"
        className="ml-px px-1.5"
        aria-label="Begin from a point on the map"
        onClick={here}
      >
        <MapPin size="0.875rem" />
      </Button>
    </Tip>
  );
}

function saveWords(save: SaveState): string {
  if (save.is === "saving") return "Saving…";
  if (save.is === "saved") return `Saved ${new Date(save.at).toLocaleTimeString("en-GB")}`;
  const edits = `${save.edits} ${save.edits === 1 ? "edit" : "edits"}`;
  const where = save.unkept > 0 ? "in this page only: leave it open" : "kept here";
  return save.why ? `Not stored, ${edits} ${where}` : `Offline, ${edits} ${where}`;
}

function ChecksButton() {
  const findings = useFindings();
  const show = useShowFinding();
  if (findings.length === 0) {
    return (
      <span className="flex items-center gap-1 whitespace-nowrap text-moss text-small">
        <Check size="0.875rem" aria-hidden="true" /> <Words>No open checks</Words>
      </span>
    );
  }
  const trigger = (
    <Button look="danger">
      <Flag size="0.875rem" /> {findings.length} {findings.length === 1 ? "check" : "checks"}
    </Button>
  );
  return (
    <Flyout trigger={trigger} label="Checks" align="end" look="w-96">
      <ul>
        {graveFirst(findings).map((finding) => (
          <li key={finding.pointer + finding.says} className="border-b border-hairline p-3">
            <p className="pb-1">
              <b className={finding.severity === "error" ? "text-error" : "text-flint-2"}>
                {SEVERITY_WORDS[finding.severity]}
              </b>{" "}
              {finding.says}
            </p>
            <div className="flex flex-wrap items-center gap-3">
              <FixButton finding={finding} />
              {finding.thing && (
                <FlyoutClose
                  className="font-semibold text-error underline"
                  onClick={() => show(finding)}
                >
                  Show me
                </FlyoutClose>
              )}
            </div>
          </li>
        ))}
      </ul>
    </Flyout>
  );
}
