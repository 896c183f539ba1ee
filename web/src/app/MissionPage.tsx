import { lazy, Suspense, useEffect, useState } from "react";
import { Redirect } from "wouter";
import { useKeyboard } from "../desk/commands";
import { useDesk, useDeskPart } from "../desk/desk";
import { useHome } from "../desk/useHome";
import { MissionContext, useMission, useOpenMission } from "../document/context";
import { loadGround } from "../document/raster";
import { type MissionState, OpenMission } from "../document/store";
import { useGround } from "../document/useRaster";
import { Boundary } from "../ui/Boundary";
import { CannotOpen } from "./CannotOpen";
import { ConflictDialog } from "./ConflictDialog";
import { Headline } from "./Headline";
import { isPage, Spine } from "./Spine";

/** Each page is loaded when it is first looked at. */
const BriefPage = lazy(async () => ({ default: (await import("../brief/BriefPage")).BriefPage }));
const CataloguePage = lazy(async () => ({
  default: (await import("../catalogue/CataloguePage")).CataloguePage,
}));
const GroundPage = lazy(async () => ({
  default: (await import("../editor/GroundPage")).GroundPage,
}));
const ScriptPage = lazy(async () => ({ default: (await import("./ScriptPage")).ScriptPage }));
/** How long after a page is shown the trial is loaded, milliseconds. */
const SETTLED = 1500;

const loadTrial = () => import("../trial/TrialPage");
const TrialPage = lazy(async () => ({ default: (await loadTrial()).TrialPage }));
const HistoryDialog = lazy(async () => ({
  default: (await import("../history/HistoryDialog")).HistoryDialog,
}));
const MakeBundleDialog = lazy(async () => ({
  default: (await import("../bundles/MakeBundleDialog")).MakeBundleDialog,
}));

/** One mission on the desk. */
export function MissionPage({ id, tab }: { id: string; tab: string }) {
  const [open, setOpen] = useState<OpenMission | null>(null);
  const [error, setError] = useState<Error | null>(null);
  useEffect(() => {
    let gone = false;
    let opened: OpenMission | undefined;
    OpenMission.open(id).then(
      (mission) => {
        opened = mission;
        useDesk.getState().layOut(id);
        // Asked for now, so that it comes while the page is laid out; what is wrong, the page tells.
        loadGround(mission.state.mission.setting.terrain).catch(() => {});
        if (gone) mission.close();
        else setOpen(mission);
      },
      (wrong: Error) => setError(wrong),
    );
    return () => {
      gone = true;
      opened?.close();
    };
  }, [id]);
  if (error) return <CannotOpen id={id} error={error} />;
  if (!open) return <p className="p-10 text-flint">Opening the mission…</p>;
  return (
    <MissionContext.Provider value={open}>
      <Frame id={id} tab={tab} />
    </MissionContext.Provider>
  );
}

/** Asks how a bundle is to be made, wherever that was asked for. */
function Bundling() {
  const { bundling, askBundle } = useDeskPart("bundling", "askBundle");
  return bundling && <MakeBundleDialog keys={bundling} onClose={() => askBundle(null)} />;
}

/** The history, wherever it was asked for. */
function Past() {
  const { history, setHistory } = useDeskPart("history", "setHistory");
  return history && <HistoryDialog onClose={() => setHistory(false)} />;
}

/** What has become of the edits, when a part of the page breaks. */
function whatIsSafe({ waiting, save }: MissionState): string {
  if (waiting.length === 0) return "Every edit of yours is stored.";
  const edits = waiting.length === 1 ? "One edit of yours waits" : `${waiting.length} edits wait`;
  return save.is === "offline" && save.unkept > 0
    ? `${edits} in this page only, to be stored: leave it open.`
    : `${edits} here to be stored, also after the page is loaded anew. All others are stored.`;
}

function Frame({ id, tab }: { id: string; tab: string }) {
  const open = useOpenMission();
  const title = useMission((state) => state.mission.brief.title);
  const { data: ground, error } = useGround();
  useKeyboard();
  useHome();
  useEffect(() => {
    document.title = `${title} – Flintmoss`;
  }, [title]);
  useEffect(() => {
    // Loaded ahead, so that it is there when the mission is tried.
    const idle = setTimeout(loadTrial, SETTLED);
    return () => clearTimeout(idle);
  }, []);
  if (!isPage(tab)) return <Redirect to={`/missions/${id}/ground`} replace />;
  return (
    <div className="flex h-full min-h-0">
      <Spine id={id} tab={tab} />
      <div className="flex min-w-0 grow flex-col">
        {tab !== "trial" && <Headline id={id} />}
        <Boundary key={tab} safe={() => whatIsSafe(open.state)}>
          <Suspense fallback={<p className="p-10 text-flint">Opening the page…</p>}>
            {error && <p role="alert">The ground cannot be read: {error.message}</p>}
            {ground && tab === "ground" && <GroundPage ground={ground} />}
            {ground && tab === "script" && <ScriptPage ground={ground} />}
            {ground && tab === "trial" && <TrialPage ground={ground} />}
            {tab === "brief" && <BriefPage />}
            {tab === "catalogue" && <CataloguePage />}
          </Suspense>
        </Boundary>
      </div>
      <ConflictDialog />
      <Suspense>
        <Bundling />
        <Past />
      </Suspense>
    </div>
  );
}
