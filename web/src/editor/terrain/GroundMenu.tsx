import { Brush, Download, FileUp, Mountain, Printer, Sprout } from "lucide-react";
import { useRef, useState } from "react";
import { toast } from "sonner";
import { useDesk } from "../../desk/desk";
import { useMission, useOpenMission } from "../../document/context";
import { useGround } from "../../document/useRaster";
import { PrintDialog } from "../../print/PrintDialog";
import { isPlaced } from "../../things/geometry";
import { Button } from "../../ui/controls";
import { FilePick } from "../../ui/FilePick";
import { Flyout } from "../../ui/Flyout";
import { Tip } from "../../ui/Tip";
import { lastBrush } from "./BrushPanel";
import { accepted, addressOf, type Format, formatOf, takeIn, useFormats } from "./formats";
import { GroundFileDialog } from "./GroundFileDialog";
import { NewGroundDialog } from "./NewGroundDialog";

/** Words of which one or another is meant: "GeoJSON, CSV or GPX". */
const EITHER = new Intl.ListFormat("en-GB", { type: "disjunction" });

const ROW = "flex min-h-8 w-full items-center gap-2 px-3 text-left text-sm hover:bg-moss-soft";

/** What can be done with the ground as a whole, and with files of what lies on it. */
export function GroundMenu() {
  const id = useMission((state) => state.id);
  const setBrush = useDesk((desk) => desk.setBrush);
  const open = useOpenMission();
  const select = useDesk((desk) => desk.select);
  const file = useRef<HTMLInputElement>(null);
  const { data: ground } = useGround();
  const [shown, setShown] = useState(false);
  const [asks, setAsks] = useState<"new" | "file" | "print" | null>(null);
  const ask = (what: "new" | "file" | "print") => {
    setShown(false);
    setAsks(what);
  };
  const formats = useFormats();
  const things = formats.filter(({ ground }) => !ground);
  const taken = EITHER.format(things.map((it) => it.in));
  const takeThings = (chosen: File) => {
    const format = formatOf(things, chosen);
    if (!format) return;
    takeIn(open, format, chosen).then(
      ({ made }) => {
        select(made.filter(isPlaced));
        toast(`${made.length} ${made.length === 1 ? "thing" : "things"} taken in.`);
      },
      (refused: Error) => toast.error(`This cannot be taken in: ${refused.message}`),
    );
  };
  const out = (format: Format) => (
    <a
      key={format.id}
      className={ROW}
      href={addressOf(id, format)}
      download
      onClick={() => setShown(false)}
    >
      <Download size="0.9375rem" /> {format.out}
    </a>
  );
  const trigger = (
    <Tip side="left" says="The ground: new, from a file, to a file">
      <Button aria-label="The ground">
        <Mountain size="0.9375rem" />
      </Button>
    </Tip>
  );
  return (
    <>
      <Flyout
        trigger={trigger}
        label="The ground"
        side="left"
        look="w-60 py-1"
        open={shown}
        onOpenChange={setShown}
      >
        <button
          type="button"
          className={ROW}
          onClick={() => {
            setShown(false);
            setBrush(lastBrush());
          }}
        >
          <Brush size="0.9375rem" /> Shape the ground
        </button>
        <button type="button" className={ROW} onClick={() => ask("new")}>
          <Sprout size="0.9375rem" /> New ground…
        </button>
        <button type="button" className={ROW} onClick={() => ask("file")}>
          <FileUp size="0.9375rem" /> From a file…
        </button>
        {formats.filter(({ ground }) => ground).map(out)}
        <hr className="my-1 border-hairline" />
        <button type="button" className={ROW} onClick={() => file.current?.click()}>
          <FileUp size="0.9375rem" /> Things from {taken}…
        </button>
        {things.map(out)}
        <hr className="my-1 border-hairline" />
        <button type="button" className={ROW} onClick={() => ask("print")}>
          <Printer size="0.9375rem" /> Print the sheet…
        </button>
      </Flyout>
      <FilePick
        ref={file}
        label={`A ${taken} file`}
        accept={accepted(things)}
        onPick={(chosen) => {
          setShown(false);
          takeThings(chosen);
        }}
      />
      {asks === "new" && <NewGroundDialog onClose={() => setAsks(null)} />}
      {asks === "print" && ground && <PrintDialog ground={ground} onClose={() => setAsks(null)} />}
      {asks === "file" && <GroundFileDialog onClose={() => setAsks(null)} />}
    </>
  );
}
