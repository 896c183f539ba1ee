import { useState } from "react";
import { toast } from "sonner";
import { useOpenMission } from "../../model/context";
import { useDesk } from "../../model/desk";
import { Button, Field, NumberBox, Tick } from "../../ui/controls";
import { Modal } from "../../ui/Modal";
import { layGrid, layPicture } from "./lay";

/** Takes the heights of a ground from a file: a grid of numbers, or a picture in shades of grey. */
export function GroundFileDialog({ onClose }: { onClose: () => void }) {
  const open = useOpenMission();
  const map = useDesk((desk) => desk.map);
  const [file, setFile] = useState<File>();
  const [fills, setFills] = useState(false);
  const [fill, setFill] = useState(0);
  const [scale, setScale] = useState({ low: 0, high: 50, cell: 2 });
  const [wrong, setWrong] = useState("");
  const [laying, setLaying] = useState(false);
  const picture = file !== undefined && /\.png$/i.test(file.name);
  const lay = async () => {
    if (!file) return;
    setLaying(true);
    setWrong("");
    try {
      const moved = picture
        ? await layPicture(open, file, scale)
        : await layGrid(open, file, fills ? fill : null);
      if (moved > 0) toast(`${moved} points lay beyond the new edge and were moved onto it.`);
      onClose();
      requestAnimationFrame(() => map?.whole());
    } catch (refused) {
      setWrong((refused as Error).message);
    } finally {
      setLaying(false);
    }
  };
  const box = (label: string, field: keyof typeof scale, [least, most]: [number, number]) => (
    <Field label={label}>
      {(id) => (
        <NumberBox
          id={id}
          unit="m"
          least={least}
          most={most}
          value={scale[field]}
          onTake={(to) => setScale({ ...scale, [field]: to })}
        />
      )}
    </Field>
  );
  return (
    <Modal
      title="Ground from a file"
      says="An ESRI ASCII grid of heights, or a PNG of 16-bit grey in which black lies lowest and white highest. One Undo brings the old ground back."
      width="w-[480px]"
      onClose={onClose}
    >
      <input
        type="file"
        aria-label="A file of heights"
        accept=".asc,.txt,.grd,.png"
        className="w-full border border-line bg-white/70 p-2 text-[14px]"
        onChange={(event) => {
          setFile(event.target.files?.[0]);
          setWrong("");
        }}
      />
      <div className="py-3">
        {picture && (
          <>
            {box("Black lies at", "low", [-5000, 9000])}
            {box("White lies at", "high", [-5000, 9000])}
            {box("A pixel is", "cell", [0.25, 64])}
          </>
        )}
        {file && !picture && (
          <>
            <Tick
              word="Cells without a height lie at a height of their own"
              checked={fills}
              onTake={setFills}
            />
            {fills && (
              <Field label="They lie at">
                {(id) => (
                  <NumberBox
                    id={id}
                    unit="m"
                    least={-9000}
                    most={9000}
                    value={fill}
                    onTake={setFill}
                  />
                )}
              </Field>
            )}
          </>
        )}
        {wrong && (
          <p role="alert" className="pt-2 text-[14px] text-error">
            ⚑ {wrong}
          </p>
        )}
      </div>
      <div className="flex items-center justify-end gap-2">
        <Button onClick={onClose}>Cancel</Button>
        <Button look="go" disabled={!file || laying} onClick={() => void lay()}>
          {laying ? "Reading the heights…" : "Lay this ground"}
        </Button>
      </div>
    </Modal>
  );
}
