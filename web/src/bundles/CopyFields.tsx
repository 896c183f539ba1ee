import { CircleArrowDown, CopyPlus, Unlink } from "lucide-react";
import { useState } from "react";
import { toast } from "sonner";
import { removeAll } from "../deeds/deeds";
import { useDesk, useDeskPart } from "../desk/desk";
import { useMission, useOpenMission } from "../document/context";
import { behind, newestOf } from "../document/copies";
import { type BundleValue, nameOf, refOf } from "../document/mission";
import { sure } from "../document/sure";
import { isPlaced } from "../things/geometry";
import { Button, Field, Group, NumberBox, TextBox } from "../ui/controls";
import { Tip } from "../ui/Tip";
import { ParameterFields } from "./ParameterFields";
import {
  changesOf,
  followCopy,
  type Kept,
  keysOf,
  letGo,
  type Proposal,
  proposeReset,
  resetCopy,
  takeOver,
} from "./work";

/** Tells what could not be done with a bundle. */
export function tell(work: Promise<unknown>): void {
  work.catch((refused: Error) => toast.error(`This cannot be done: ${refused.message}`));
}

/** How much a copy is made of, in words. */
function madeOf(keys: string[]): string {
  const placed = keys.filter(isPlaced).length;
  const rest = keys.length - placed;
  const many = (count: number, one: string, more: string) =>
    count === 1 ? `one ${one}` : `${count} ${more}`;
  const parts = [
    ...(placed > 0 ? [`${many(placed, "thing", "things")} on the ground`] : []),
    ...(rest > 0 ? [`${many(rest, "part", "parts")} of the script`] : []),
  ];
  return parts.length === 0 ? "nothing any more" : parts.join(" and ");
}

/** A copy of a bundle: its name, its values, and how it and its bundle follow each other. */
export function CopyFields({ id, more }: { id: string; more: string[] }) {
  const open = useOpenMission();
  const mission = useMission((state) => state.mission);
  const { selection, select } = useDeskPart("selection", "select");
  const copy = sure(mission.copies, id);
  const bundle = mission.bundles[copy.bundle.id];
  const edition = bundle?.editions[copy.edition];
  const keys = keysOf(mission, id);
  const whole = keys.every((name) => selection.has(name) || !isPlaced(name));
  const [kept, setKept] = useState<Kept[]>([]);
  if (!bundle || !edition) return null;
  const change = (label: string, to: { values?: Record<string, BundleValue>; turn?: number }) =>
    tell(resetCopy(open, id, label, to).then(setKept));
  return (
    <Group title="Bundle" summary={copy.name}>
      <TextBox
        label="Name of the copy"
        value={copy.name}
        maxLength={60}
        required
        onTake={(name) =>
          open.edit(`Rename to ${name}`, (draft) => {
            sure(draft.copies, id).name = name;
          })
        }
      />
      <p className="pt-1.5 pb-2 font-serif text-large leading-snug">
        A copy of the bundle {bundle.name}: {madeOf(keys)}.
      </p>
      <ParameterFields
        edition={edition}
        values={copy.values}
        onTake={(parameter, name, value) =>
          change(`Change ${name} of ${copy.name}`, {
            values: { ...copy.values, [parameter]: value },
          })
        }
      />
      <Field label="Turned">
        {(field) => (
          <NumberBox
            id={field}
            unit="°"
            least={0}
            most={359}
            digits={0}
            value={copy.turn}
            onTake={(turn) => change(`Turn ${copy.name}`, { turn })}
          />
        )}
      </Field>
      {behind(mission, copy) && <TakeOver id={id} onKept={setKept} />}
      {kept.length > 0 && (
        <ul
          aria-label="Stays as it is here"
          className="border-lichen border-l-3 py-1 pl-2 text-small"
        >
          {kept.map((it) => (
            <li key={it.pointer + it.says}>{it.says}</li>
          ))}
        </ul>
      )}
      <div className="flex flex-wrap gap-1.5 pt-2">
        {!whole && <Button onClick={() => select(keys.filter(isPlaced))}>Select all of it</Button>}
        <AnotherButton bundle={copy.bundle.id} />
        {more.length > 0 && (
          <Button onClick={() => tell(followCopy(open, id, more.map(refOf)))}>
            Add{" "}
            {more.length === 1 ? nameOf(mission, refOf(sure(more, 0))) : `${more.length} things`} to
            the bundle
          </Button>
        )}
        <Tip
          says={`What ${bundle.name} is made of will be as it is here; its other copies can take that over.`}
        >
          <Button onClick={() => tell(followCopy(open, id, []))}>Make the bundle like this</Button>
        </Tip>
        <Tip says="Its things stay, and no longer belong to a bundle.">
          <Button onClick={() => letGo(open, id)}>
            <Unlink size="0.875rem" /> Let go
          </Button>
        </Tip>
        <Button
          look="danger"
          onClick={() =>
            open.edit(`Delete ${copy.name}`, (draft) => removeAll(draft, keys.map(refOf)))
          }
        >
          Delete the copy
        </Button>
      </div>
    </Group>
  );
}

/** Takes a bundle into the hand, to set down another copy of it. */
function AnotherButton({ bundle }: { bundle: string }) {
  const pick = useDesk((desk) => desk.pick);
  const word = useMission((state) => state.mission.bundles[bundle]?.name ?? "");
  return (
    <Button onClick={() => pick({ sets: "bundle", bundle, word, turn: 0 })}>
      <CopyPlus size="0.875rem" /> Another
    </Button>
  );
}

/** Says that the bundle has changed, shows what that would change here, and does it. */
function TakeOver({ id, onKept }: { id: string; onKept: (kept: Kept[]) => void }) {
  const open = useOpenMission();
  const mission = useMission((state) => state.mission);
  const [proposal, setProposal] = useState<Proposal>();
  const copy = sure(mission.copies, id);
  const look = () => {
    const [edition] = newestOf(sure(mission.bundles, copy.bundle.id));
    const { values, turn } = copy;
    tell(proposeReset(open, id, { values, turn, edition }).then(setProposal));
  };
  const changes = proposal ? changesOf(mission, proposal) : [];
  return (
    <div className="my-2 border-lichen border-l-3 bg-lichen-soft px-2 py-1.5 text-sm">
      <p className="pb-1">The bundle has changed since this copy was made.</p>
      {proposal && (
        <ul aria-label="What would change here" className="pb-1 text-small">
          {changes.map((it) => (
            <li key={it}>{it}</li>
          ))}
          {proposal.kept.map((it) => (
            <li key={it.pointer + it.says} className="text-flint">
              {it.says}
            </li>
          ))}
          {changes.length + proposal.kept.length === 0 && <li>Nothing would change here.</li>}
        </ul>
      )}
      <div className="flex gap-1.5">
        {!proposal && <Button onClick={look}>What changes?</Button>}
        <Button look="go" onClick={() => tell(takeOver(open, [id]).then(onKept))}>
          <CircleArrowDown size="0.875rem" /> Take over
        </Button>
      </div>
    </div>
  );
}
