import { useState } from "react";
import { toast } from "sonner";
import { removeAll, title } from "../deeds/deeds";
import { useDesk } from "../desk/desk";
import { useMission, useOpenMission } from "../document/context";
import { FAMILY_WORDS, key, nameOf, type Ref, refOf } from "../document/mission";
import { sure } from "../document/sure";
import { placesOf, repoint, takeAlong, type Use } from "../document/uses";
import { ThingIcon } from "../things/ThingIcon";
import { Button, Choice } from "../ui/controls";
import { Modal } from "../ui/Modal";
import { Tip } from "../ui/Tip";

/** Asks what becomes of what names the things that are to be deleted. */
export function DeleteDialog() {
  const deleting = useDesk((desk) => desk.deleting);
  const ask = useDesk((desk) => desk.askDelete);
  if (!deleting) return null;
  return <Asked keys={deleting} onClose={() => ask(null)} />;
}

function Asked({ keys, onClose }: { keys: string[]; onClose: () => void }) {
  const open = useOpenMission();
  const mission = useMission((state) => state.mission);
  const [to, setTo] = useState("");
  const refs = keys.map(refOf);
  const uses = placesOf(mission, refs);
  const holders = [...new Map(uses.map(({ holder }) => [key(holder), holder])).values()];
  const family = refs.every((ref) => ref.family === sure(refs, 0).family)
    ? sure(refs, 0).family
    : null;
  const others = family
    ? Object.entries(mission[family] as unknown as Record<string, { name: string }>).filter(
        ([id]) => !keys.includes(`${family}/${id}`),
      )
    : [];
  const name = title(mission, keys);
  const act = (label: string, before: (uses: Use[]) => (draft: typeof mission) => void) => {
    open.edit(label, (draft) => {
      before(uses)(draft);
      removeAll(draft, refs);
    });
    onClose();
  };
  return (
    <Modal
      title={`Delete ${name}`}
      says={`${uses.length === 1 ? "One place names" : `${uses.length} places name`} ${keys.length === 1 ? "it" : "them"}:`}
      width="w-[30rem]"
      onClose={onClose}
    >
      <ul className="my-2 min-h-0 overflow-auto border-hairline border-y py-1">
        {holders.map((holder) => (
          <Holder key={key(holder)} holder={holder} uses={uses} />
        ))}
      </ul>
      <div className="flex flex-col gap-2">
        {others.length > 0 && family && (
          <div className="flex items-center gap-2">
            <Choice
              label="Name instead"
              value={to}
              options={[
                { value: "", word: `Another ${FAMILY_WORDS[family]}…` },
                ...others.map(([value, it]) => ({ value, word: it.name })),
              ]}
              onTake={setTo}
            />
            <Button
              className="shrink-0"
              disabled={to === ""}
              onClick={() =>
                act(
                  `Delete ${name}, name ${nameOf(mission, { family, id: to })}`,
                  (all) => (draft) => repoint(draft, all, { family, id: to }),
                )
              }
            >
              Re-point, then delete
            </Button>
          </div>
        )}
        <div className="flex flex-wrap justify-end gap-2">
          <Button onClick={onClose}>Keep</Button>
          <Tip says="Their lines, conditions and orders go with it">
            <Button
              onClick={() =>
                act(`Delete ${name} and its uses`, (all) => (draft) => {
                  const left = takeAlong(draft, all);
                  if (left > 0) toast(`${left} could not be taken along; checks list them.`);
                })
              }
            >
              Take the uses along
            </Button>
          </Tip>
          <Button look="danger" onClick={() => act(`Delete ${name}`, () => () => {})}>
            Leave them open
          </Button>
        </div>
      </div>
    </Modal>
  );
}

function Holder({ holder, uses }: { holder: Ref; uses: Use[] }) {
  const mission = useMission((state) => state.mission);
  const many = uses.filter((use) => key(use.holder) === key(holder)).length;
  return (
    <li className="flex min-h-7 items-center gap-2">
      <ThingIcon thing={holder} />
      <span className="truncate">{nameOf(mission, holder)}</span>
      <span className="ml-auto text-small text-quiet">
        {FAMILY_WORDS[holder.family]}
        {many > 1 && `, ${many} times`}
      </span>
    </li>
  );
}
