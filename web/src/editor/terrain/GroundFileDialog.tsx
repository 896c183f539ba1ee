import { useState } from "react";
import { toast } from "sonner";
import { useDesk } from "../../desk/desk";
import { useOpenMission } from "../../document/context";
import { sure } from "../../document/sure";
import { Button, Field, NumberBox, Tick } from "../../ui/controls";
import { Modal } from "../../ui/Modal";
import { accepted, formatOf, type Setting, takeIn, useFormats } from "./formats";

/** Takes the heights of a ground from a file: a grid of numbers, or a picture in shades of grey. */
export function GroundFileDialog({ onClose }: { onClose: () => void }) {
  const open = useOpenMission();
  const map = useDesk((desk) => desk.map);
  const [file, setFile] = useState<File>();
  const formats = useFormats().filter(({ ground }) => ground);
  const format = file && formatOf(formats, file);
  const [given, setGiven] = useState<Record<string, number>>({});
  const [wrong, setWrong] = useState("");
  const [laying, setLaying] = useState(false);
  const settings = Object.fromEntries(
    (format?.settings ?? [])
      .filter(({ id, optional }) => !optional || id in given)
      .map(({ id, fresh }) => [id, given[id] ?? fresh]),
  );
  const lay = async () => {
    if (!file || !format) return;
    setLaying(true);
    setWrong("");
    try {
      const { moved } = await takeIn(open, format, file, settings);
      if (moved > 0) toast(`${moved} points lay beyond the new edge and were moved onto it.`);
      onClose();
      requestAnimationFrame(() => map?.whole());
    } catch (refused) {
      setWrong((refused as Error).message);
    } finally {
      setLaying(false);
    }
  };
  const give = (id: string, to: number | undefined) => {
    const { [id]: _, ...others } = given;
    setGiven(to === undefined ? others : { ...others, [id]: to });
  };
  const box = ({ id, says, unit, least, most }: Setting) => (
    <Field key={id} label={says}>
      {(field) => (
        <NumberBox
          id={field}
          unit={unit}
          least={least}
          most={most}
          value={sure(settings, id)}
          onTake={(to) => give(id, to)}
        />
      )}
    </Field>
  );
  return (
    <Modal
      title="Ground from a file"
      says="An ESRI ASCII grid of heights, or a PNG of 16-bit grey in which black lies lowest and white highest. One Undo brings the old ground back."
      width="w-[30rem]"
      onClose={onClose}
    >
      <input
        type="file"
        aria-label="A file of heights"
        accept={accepted(formats)}
        className="w-full border border-line bg-field p-2 text-sm"
        onChange={(event) => {
          setFile(event.target.files?.[0]);
          setWrong("");
        }}
      />
      <div className="py-3">
        {format?.settings.map((setting) =>
          setting.optional ? (
            <div key={setting.id}>
              <Tick
                word={`${setting.says} a height that is given`}
                checked={setting.id in given}
                onTake={(on) => give(setting.id, on ? setting.fresh : undefined)}
              />
              {setting.id in given && box(setting)}
            </div>
          ) : (
            box(setting)
          ),
        )}
        {wrong && (
          <p role="alert" className="pt-2 text-sm text-error">
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
