import { useState } from "react";
import { addThing, part, put } from "../document/change";
import { useMission, useOpenMission } from "../document/context";
import { freshName } from "../document/mission";
import type { PhraseBook } from "../document/phrases";
import { sure } from "../document/sure";
import { SlotToken } from "../sentence/Sentence";
import { Button, TextBox, Tick } from "../ui/controls";
import { Modal } from "../ui/Modal";
import { alikeTo, type Cell, shapeOf } from "./alike";

interface Props {
  id: string;
  phrases: PhraseBook;
  onClose: () => void;
}

/** Events that are made of the same sentences, a line each, a column for all in which they differ. */
export function AlikeTable({ id, phrases, onClose }: Props) {
  const open = useOpenMission();
  const mission = useMission((state) => state.mission);
  const [ids] = useState(() => alikeTo(phrases, mission.events, id));
  const [made, setMade] = useState<string[]>([]);
  const [whole, setWhole] = useState(false);
  const rows = [...ids, ...made]
    .filter((it) => mission.events[it])
    .map((it) => ({ id: it, cells: shapeOf(phrases, sure(mission.events, it)).cells }));
  const columns = rows[0]?.cells.map((cell, i) => ({ cell, i })) ?? [];
  const text = (row: string, cell: Cell | undefined) =>
    cell && JSON.stringify(part(mission.events[row], cell.path));
  const differ = columns.filter(
    ({ i }) => new Set(rows.map((row) => text(row.id, row.cells[i]))).size > 1,
  );
  const shown = whole ? columns : differ;
  const another = () => {
    const last = rows.at(-1)?.id ?? id;
    const { name } = sure(mission.events, last);
    setMade([
      ...made,
      addThing(open, `Another like ${name}`, "events", {
        ...sure(mission.events, last),
        name: freshName(mission.events, name.replace(/ \d+$/, "")),
      }),
    ]);
  };
  return (
    <Modal
      title={`${rows.length} events that say the same`}
      says="A column stands for each place in which they differ. What is changed here is changed in the events."
      width="w-[min(72.5rem,92vw)]"
      onClose={onClose}
    >
      <div className="my-3 min-h-0 overflow-auto border border-hairline">
        <table className="w-full text-left">
          <thead>
            <tr className="border-hairline border-b bg-hover">
              <th className="px-2 py-1 font-sans text-small">Event</th>
              {shown.map(({ cell, i }) => (
                <th key={i} className="whitespace-nowrap px-2 py-1 font-sans text-small">
                  {cell.title}
                </th>
              ))}
            </tr>
          </thead>
          <tbody>
            {rows.map((row) => (
              <tr key={row.id} className="border-hairline border-b">
                <td className="min-w-44 px-1 font-semibold">
                  <TextBox
                    label="Name of the event"
                    quiet
                    value={sure(mission.events, row.id).name}
                    maxLength={60}
                    required
                    onTake={(name) =>
                      put(open, `Rename to ${name}`, ["events", row.id, "name"], name)
                    }
                  />
                </td>
                {shown.map(({ i }) => {
                  const cell = row.cells[i];
                  const path = ["events", row.id, ...(cell?.path ?? [])];
                  return (
                    <td key={i} className="px-2">
                      {cell && (
                        <SlotToken
                          name={cell.name}
                          slot={cell.slot}
                          value={part(mission, path)}
                          path={path}
                          label={`Change ${sure(mission.events, row.id).name}`}
                          acts={path.includes("actions")}
                          inTurn={path.includes("lines")}
                        />
                      )}
                    </td>
                  );
                })}
              </tr>
            ))}
          </tbody>
        </table>
        {shown.length === 0 && (
          <p className="p-3 text-quiet">They do not differ in anything but their names.</p>
        )}
      </div>
      <div className="flex items-center gap-3">
        <Button onClick={another}>Another row</Button>
        <Tick word="also what is the same in all" checked={whole} onTake={setWhole} />
        <span className="grow" />
        <Button look="go" onClick={onClose}>
          Done
        </Button>
      </div>
    </Modal>
  );
}
