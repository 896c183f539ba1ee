import { useState } from "react";
import { useMission, useOpenMission } from "../document/context";
import {
  FAMILY_WORDS,
  find,
  key,
  type Mission,
  nameOf,
  type Ref,
  refOf,
} from "../document/mission";
import type { PhraseBook } from "../document/phrases";
import { sentenceAt } from "../sentence/plain";
import { Button, Choice, Tick } from "../ui/controls";
import { Modal } from "../ui/Modal";
import { canStandAt, namedInScript, replaceUses, STANDS_FOR, type Use, usesIn } from "./replace";

/** Finds a thing wherever the script names it, and puts another in its place. */
export function ReplaceDialog(props: { phrases: PhraseBook; onClose: () => void }) {
  const { phrases, onClose } = props;
  const open = useOpenMission();
  const mission = useMission((state) => state.mission);
  const named = namedInScript(mission);
  const [of, setOf] = useState(() => (named[0] ? key(named[0].ref) : ""));
  const [by, setBy] = useState("");
  const [left, setLeft] = useState<ReadonlySet<string>>(new Set());
  const what = of === "" ? undefined : refOf(of);
  const uses = what ? usesIn(mission, what) : [];
  const others = what ? othersThan(mission, what) : [];
  const other = others.find((it) => key(it) === by);
  const taken = uses.filter(
    (use) =>
      !left.has(keyOf(use)) && (!other || canStandAt(find(mission, use.holder), use.path, other)),
  );
  const replace = () => {
    if (!what || !other) return;
    const label = `Replace ${nameOf(mission, what)} by ${nameOf(mission, other)}`;
    open.edit(label, (draft) => replaceUses(draft, taken, other));
    onClose();
  };
  return (
    <Modal
      title="Find and replace a thing"
      says="Wherever the script names one thing, it may name another: in events, objectives, waves and talk."
      width="w-[40rem]"
      onClose={onClose}
    >
      {named.length === 0 ? (
        <p className="py-4">The script names nothing yet.</p>
      ) : (
        <>
          <div className="grid grid-cols-2 gap-3 py-3">
            <div>
              <p className="pb-0.5 text-small text-flint">Find</p>
              <Choice
                label="Find"
                value={of}
                options={named.map(({ ref, times }) => ({
                  value: key(ref),
                  word: `${nameOf(mission, ref)}, ${FAMILY_WORDS[ref.family]} (${times})`,
                }))}
                onTake={(next) => {
                  setOf(next);
                  setBy("");
                  setLeft(new Set());
                }}
              />
            </div>
            <div>
              <p className="pb-0.5 text-small text-flint">Put in its place</p>
              <Choice
                label="Put in its place"
                value={by}
                options={[
                  { value: "", word: others.length > 0 ? "Choose one" : "There is no other" },
                  ...others.map((ref) => ({ value: key(ref), word: nameOf(mission, ref) })),
                ]}
                onTake={setBy}
              />
            </div>
          </div>
          <ul className="min-h-0 overflow-auto border-hairline border-y py-1">
            {uses.map((use) => {
              const it = keyOf(use);
              const holder = find(mission, use.holder);
              const fits = !other || canStandAt(holder, use.path, other);
              return (
                <li
                  key={it}
                  className={`flex items-start gap-2 py-0.5 ${fits ? "" : "text-quiet"}`}
                >
                  <Tick
                    word={nameOf(mission, use.holder)}
                    checked={fits && !left.has(it)}
                    onTake={(on) => setLeft(toggled(left, it, !on))}
                  />
                  <span className="grow pt-0.5 text-sm text-flint">
                    {fits
                      ? sentenceAt(mission, phrases, holder, use.path) || placeOf(use)
                      : "cannot stand here"}
                  </span>
                </li>
              );
            })}
          </ul>
          <div className="flex items-center justify-end gap-2 pt-3">
            <Button onClick={onClose}>Cancel</Button>
            <Button look="go" disabled={!other || taken.length === 0} onClick={replace}>
              Replace {taken.length === 1 ? "it once" : `it ${taken.length} times`}
            </Button>
          </div>
        </>
      )}
    </Modal>
  );
}

/** Parts of what is no event that hold no sentence. */
const PARTS: Record<string, string> = {
  points: "what it points at",
  tally: "what it counts",
  speaker: "who speaks",
  from: "where they come from",
};

/** Where a thing is named in what has no sentences. */
function placeOf({ holder, path }: Use): string {
  const part = path.map((step) => PARTS[step]).find((word) => word);
  return `${FAMILY_WORDS[holder.family]}${part ? `, ${part}` : ""}`;
}

function keyOf({ holder, path }: Use): string {
  return [key(holder), ...path].join("/");
}

function toggled(of: ReadonlySet<string>, name: string, on: boolean): Set<string> {
  const next = new Set(of);
  if (on) next.add(name);
  else next.delete(name);
  return next;
}

/** The things that may stand for one in a sentence. */
function othersThan(mission: Mission, what: Ref): Ref[] {
  return (STANDS_FOR[what.family] ?? [what.family]).flatMap((family) =>
    Object.keys(mission[family])
      .map((id) => ({ family, id }))
      .filter((ref) => key(ref) !== key(what) && find(mission, ref)),
  );
}
