import { useState } from "react";
import { useMission, useOpenMission } from "../document/context";
import { FAMILY_WORDS, key, nameOf, type Ref, references, refOf } from "../document/mission";
import { sure } from "../document/sure";
import { Button, Choice, Tick } from "../ui/controls";
import { Modal } from "../ui/Modal";
import { copyFor } from "./replace";

/** Copies an event for other things than the one it is about. */
export function SameForDialog({ id, onClose }: { id: string; onClose: () => void }) {
  const open = useOpenMission();
  const mission = useMission((state) => state.mission);
  const event = sure(mission.events, id);
  const things = [
    ...new Map(
      [...references(event.when), ...references(event.actions)]
        .filter(({ ref }) => ref.id !== "")
        .map(({ ref }) => [key(ref), ref]),
    ).values(),
  ];
  const [of, setOf] = useState(things[0] ? key(things[0]) : "");
  const [chosen, setChosen] = useState<readonly string[]>([]);
  const what = of === "" ? undefined : refOf(of);
  const others: Ref[] = what
    ? Object.keys(mission[what.family])
        .filter((it) => it !== what.id)
        .map((it) => ({ family: what.family, id: it }))
    : [];
  const copy = () => {
    if (!what) return;
    const label = `Same as ${event.name} for ${chosen.length === 1 ? nameOf(mission, refOf(sure(chosen, 0))) : `${chosen.length} others`}`;
    open.edit(label, (draft) => {
      copyFor(draft, id, what, chosen.map(refOf));
    });
    onClose();
  };
  return (
    <Modal
      title="The same for others"
      says={`Copies “${event.name}”, each copy about another thing.`}
      width="w-[28.75rem]"
      onClose={onClose}
    >
      {things.length === 0 ? (
        <p className="py-4">This event names nothing that could be another.</p>
      ) : (
        <>
          <div className="py-3">
            <p className="pb-0.5 text-small text-flint">Instead of</p>
            <Choice
              label="Instead of"
              value={of}
              options={things.map((ref) => ({
                value: key(ref),
                word: `${nameOf(mission, ref)}, ${FAMILY_WORDS[ref.family]}`,
              }))}
              onTake={(next) => {
                setOf(next);
                setChosen([]);
              }}
            />
          </div>
          <ul aria-label="For" className="min-h-0 overflow-auto border-hairline border-y py-1">
            {others.map((ref) => {
              const it = key(ref);
              return (
                <li key={it}>
                  <Tick
                    word={nameOf(mission, ref)}
                    checked={chosen.includes(it)}
                    onTake={(on) =>
                      setChosen(on ? [...chosen, it] : chosen.filter((one) => one !== it))
                    }
                  />
                </li>
              );
            })}
            {others.length === 0 && <li className="text-quiet">There is no other.</li>}
          </ul>
        </>
      )}
      <div className="flex items-center justify-end gap-2 pt-3">
        <Button onClick={onClose}>Cancel</Button>
        <Button look="go" disabled={chosen.length === 0} onClick={copy}>
          {chosen.length <= 1 ? "Make the copy" : `Make ${chosen.length} copies`}
        </Button>
      </div>
    </Modal>
  );
}
