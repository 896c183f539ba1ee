import { Brush, Download, FileUp, Mountain, Sprout } from "lucide-react";
import { Popover } from "radix-ui";
import { useState } from "react";
import { useMission } from "../../model/context";
import { useDesk } from "../../model/desk";
import { Button } from "../../ui/controls";
import { FIRST_BRUSH } from "./BrushPanel";
import { GroundFileDialog } from "./GroundFileDialog";
import { NewGroundDialog } from "./NewGroundDialog";

const ROW = "flex min-h-8 w-full items-center gap-2 px-3 text-left text-[14px] hover:bg-moss-soft";

/** What can be done with the ground as a whole: made, taken from a file, handed out. */
export function GroundMenu() {
  const id = useMission((state) => state.id);
  const setBrush = useDesk((desk) => desk.setBrush);
  const [shown, setShown] = useState(false);
  const [asks, setAsks] = useState<"new" | "file" | null>(null);
  const ask = (what: "new" | "file") => {
    setShown(false);
    setAsks(what);
  };
  const at = `/api/missions/${id}/terrain`;
  return (
    <>
      <Popover.Root open={shown} onOpenChange={setShown}>
        <Popover.Trigger asChild>
          <Button aria-label="The ground" title="The ground: new, from a file, to a file">
            <Mountain size={15} />
          </Button>
        </Popover.Trigger>
        <Popover.Portal>
          <Popover.Content
            side="left"
            sideOffset={6}
            aria-label="The ground"
            className="z-50 w-60 border border-line bg-slip py-1 shadow-lg"
          >
            <button
              type="button"
              className={ROW}
              onClick={() => {
                setShown(false);
                setBrush(FIRST_BRUSH);
              }}
            >
              <Brush size={15} /> Shape the ground
            </button>
            <button type="button" className={ROW} onClick={() => ask("new")}>
              <Sprout size={15} /> New ground…
            </button>
            <button type="button" className={ROW} onClick={() => ask("file")}>
              <FileUp size={15} /> From a file…
            </button>
            <a className={ROW} href={`${at}/grid`} download onClick={() => setShown(false)}>
              <Download size={15} /> Heights as a grid
            </a>
            <a className={ROW} href={`${at}/picture`} download onClick={() => setShown(false)}>
              <Download size={15} /> Heights as a picture
            </a>
          </Popover.Content>
        </Popover.Portal>
      </Popover.Root>
      {asks === "new" && <NewGroundDialog onClose={() => setAsks(null)} />}
      {asks === "file" && <GroundFileDialog onClose={() => setAsks(null)} />}
    </>
  );
}
