import { useMission, useOpenMission } from "../document/context";
import { Button } from "../ui/controls";
import { Modal } from "../ui/Modal";

/** Two tabs changed the same thing: both values, and which one stands. */
export function ConflictDialog() {
  const open = useOpenMission();
  const conflict = useMission((state) => state.conflict);
  if (!conflict) return null;
  const change = conflict.edit.patch.find(
    ({ op, path }) => op !== "test" && path === conflict.path,
  );
  const removes = change?.op === "remove";
  return (
    <Modal
      title="Somebody else changed this too"
      says={`“${conflict.edit.label}” was made here while another tab changed the same thing.`}
      width="w-[28.75rem]"
      onClose={() => open.settle(false)}
    >
      <dl className="my-3 grid grid-cols-[5.625rem_1fr] gap-x-3 gap-y-1.5">
        <dt className="text-flint-2">There now</dt>
        <dd className="break-words">{shown(conflict.found)}</dd>
        <dt className="text-flint-2">Made here</dt>
        <dd className="break-words">{removes ? "deleted" : shown(change?.value)}</dd>
      </dl>
      <div className="flex justify-end gap-2">
        <Button onClick={() => open.settle(false)}>Keep what is there</Button>
        <Button look="go" onClick={() => open.settle(true)}>
          Use mine
        </Button>
      </div>
    </Modal>
  );
}

function shown(value: unknown): string {
  if (value === undefined) return "nothing";
  if (typeof value !== "object" || value === null) return String(value);
  const name = (value as { name?: string }).name;
  const text =
    name ??
    Object.entries(value)
      .map(([field, it]) => `${field} ${shown(it)}`)
      .join(", ");
  return text.length > 160 ? `${text.slice(0, 160)}…` : text;
}
