import { Download } from "lucide-react";
import { useEffect, useRef, useState } from "react";
import { toast } from "sonner";
import { useDesk } from "../desk/desk";
import { useMission } from "../document/context";
import type { Ground } from "../document/raster";
import { sure } from "../document/sure";
import { useWater } from "../document/useWater";
import type { Print } from "../families/traits";
import { Button, Choice, Field, Tick } from "../ui/controls";
import { Modal } from "../ui/Modal";
import { groundPicture, pngFile, save, svgFile } from "./files";
import { PAPERS } from "./frame";
import { PrintSheet } from "./PrintSheet";

const SHOWN: { value: Print["shown"]; word: string }[] = [
  { value: "all", word: "Everything" },
  { value: "players", word: "Players’ map" },
];

/** The sheet as it will be printed, and what it is printed as. */
export function PrintDialog({ ground, onClose }: { ground: Ground; onClose: () => void }) {
  const mission = useMission((state) => state.mission);
  const hour = useDesk((desk) => desk.hour);
  const water = useWater(hour);
  const [paper, setPaper] = useState("A3");
  const [shown, setShown] = useState<Print["shown"]>("all");
  const [legend, setLegend] = useState(true);
  const [busy, setBusy] = useState("");
  const sheet = useRef<SVGSVGElement>(null);
  const [picture, setPicture] = useState("");
  useEffect(() => setPicture(groundPicture(ground, water)), [ground, water]);
  const date = new Date().toLocaleDateString("en-GB", {
    day: "numeric",
    month: "long",
    year: "numeric",
  });
  const name = mission.brief.title.replace(/[^\p{L}\p{N}]+/gu, "-").toLowerCase() || "sheet";
  const make = async (kind: "svg" | "png") => {
    const of = sheet.current;
    if (!of) return;
    setBusy(kind);
    try {
      const file =
        kind === "svg"
          ? new Blob([await svgFile(of)], { type: "image/svg+xml" })
          : await pngFile(of, sure(PAPERS, paper));
      save(file, `${name}.${kind}`);
    } catch (broken) {
      toast.error(`The sheet could not be made: ${(broken as Error).message}`);
    } finally {
      setBusy("");
    }
  };
  return (
    <Modal
      title="Print the sheet"
      says="A sheet of paper with legend and title block, as the map stands at the hour that it shows."
      width="w-[58.75rem]"
      onClose={onClose}
    >
      <div className="flex min-h-0 gap-5">
        <div className="min-w-0 grow border border-line bg-paper shadow-md">
          <PrintSheet
            ref={sheet}
            mission={mission}
            paper={sure(PAPERS, paper)}
            shown={shown}
            legend={legend}
            picture={picture}
            date={date}
          />
        </div>
        <div className="flex w-56 shrink-0 flex-col gap-1">
          <Field label="Paper">
            {(id) => (
              <Choice
                id={id}
                value={paper}
                options={Object.keys(PAPERS).map((it) => ({ value: it, word: it }))}
                onTake={setPaper}
              />
            )}
          </Field>
          <Field label="Shows">
            {(id) => <Choice id={id} value={shown} options={SHOWN} onTake={setShown} />}
          </Field>
          <Tick word="Legend" checked={legend} onTake={setLegend} />
          <Button className="mt-4" disabled={busy !== ""} onClick={() => void make("svg")}>
            <Download size="0.875rem" /> {busy === "svg" ? "Making it…" : "Save as SVG"}
          </Button>
          <Button disabled={busy !== ""} onClick={() => void make("png")}>
            <Download size="0.875rem" /> {busy === "png" ? "Making it…" : "Save as PNG"}
          </Button>
          <Button look="quiet" className="mt-auto" onClick={onClose}>
            Close
          </Button>
        </div>
      </div>
    </Modal>
  );
}
