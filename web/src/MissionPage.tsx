import { useEffect, useState } from "react";
import { Link } from "wouter";
import { BriefPage } from "./brief/BriefPage";
import { MakeBundleDialog } from "./bundles/MakeBundleDialog";
import { CataloguePage } from "./catalogue/CataloguePage";
import { ConflictDialog } from "./frame/ConflictDialog";
import { Headline } from "./frame/Headline";
import { Spine } from "./frame/Spine";
import { GroundPage } from "./ground/GroundPage";
import { HistoryDialog } from "./history/HistoryDialog";
import { loadGround } from "./map/ground";
import { useGround } from "./map/useGround";
import { MissionContext, useMission } from "./model/context";
import { useDesk } from "./model/desk";
import { OpenMission } from "./model/store";
import { ScriptPage } from "./script/ScriptPage";
import { TrialPage } from "./trial/TrialPage";

/** One mission on the desk. */
export function MissionPage({ id, tab }: { id: string; tab: string }) {
  const [open, setOpen] = useState<OpenMission | null>(null);
  const [error, setError] = useState<string | null>(null);
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
      (wrong: Error) => setError(wrong.message),
    );
    return () => {
      gone = true;
      opened?.close();
    };
  }, [id]);
  if (error) {
    return (
      <main className="mx-auto max-w-xl p-10">
        <h1 className="pb-2 text-xl font-bold">This mission cannot be opened</h1>
        <p role="alert">{error}</p>
        <p className="pt-4">
          <Link href="/" className="underline">
            Back to the shelf
          </Link>
        </p>
      </main>
    );
  }
  if (!open) return <p className="p-10 text-flint">Opening the mission…</p>;
  return (
    <MissionContext.Provider value={open}>
      <Frame id={id} tab={tab} />
    </MissionContext.Provider>
  );
}

/** Asks how a bundle is to be made, wherever that was asked for. */
function Bundling() {
  const { bundling, askBundle } = useDesk();
  return bundling && <MakeBundleDialog keys={bundling} onClose={() => askBundle(null)} />;
}

/** The history, wherever it was asked for. */
function Past() {
  const { history, setHistory } = useDesk();
  return history && <HistoryDialog onClose={() => setHistory(false)} />;
}

function Frame({ id, tab }: { id: string; tab: string }) {
  const title = useMission((state) => state.mission.brief.title);
  const { data: ground, error } = useGround();
  useEffect(() => {
    document.title = `${title} – Flintmoss`;
  }, [title]);
  return (
    <div className="flex h-full min-h-0">
      <Spine id={id} tab={tab} />
      <div className="flex min-w-0 grow flex-col">
        {tab !== "trial" && <Headline id={id} />}
        {error && <p role="alert">The ground cannot be read: {error.message}</p>}
        {ground && tab === "ground" && <GroundPage ground={ground} />}
        {ground && tab === "script" && <ScriptPage ground={ground} />}
        {ground && tab === "trial" && <TrialPage ground={ground} />}
        {tab === "brief" && <BriefPage />}
        {tab === "catalogue" && <CataloguePage />}
      </div>
      <ConflictDialog />
      <Bundling />
      <Past />
    </div>
  );
}
