import { makeFolder, putInFolder } from "../../deeds/folders";
import { useMission, useOpenMission } from "../../document/context";
import { ordered } from "../../document/mission";
import { folders } from "../../things/contents";
import { Choice, Field } from "../../ui/controls";
import { common, VARIOUS, withVarious } from "./common";

const NEW = "new";

/** The folder that things lie in. */
export function FolderField({ keys }: { keys: string[] }) {
  const open = useOpenMission();
  const mission = useMission((state) => state.mission);
  const filed = folders(mission);
  const folder = common(keys.map((name) => filed.get(name) ?? ""));
  const all = ordered(mission.folders).map(([value, { name }]) => ({ value, word: name }));
  return (
    <div className="border-hairline border-t px-3 py-1.5">
      <Field label="Folder">
        {(id) => (
          <Choice
            id={id}
            value={folder ?? VARIOUS}
            options={withVarious(
              [{ value: "", word: "None" }, ...all, { value: NEW, word: "New folder…" }],
              folder,
            )}
            onTake={(to) => {
              if (to === NEW) makeFolder(open, keys);
              else if (to !== VARIOUS) putInFolder(open, keys, to === "" ? null : to);
            }}
          />
        )}
      </Field>
    </div>
  );
}
