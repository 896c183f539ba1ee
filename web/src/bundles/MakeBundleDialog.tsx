import { useMemo, useState } from "react";
import { toast } from "sonner";
import { useDesk } from "../desk/desk";
import { useMission, useOpenMission } from "../document/context";
import { single, squadsOf } from "../document/membership";
import { FAMILY_WORDS, freshName, key, type Mission, nameOf, refOf } from "../document/mission";
import { type PhraseBook, usePhrases } from "../document/phrases";
import { sure } from "../document/sure";
import { sentenceAt } from "../sentence/plain";
import { Button, TextBox, Tick } from "../ui/controls";
import { Modal } from "../ui/Modal";
import { Tip } from "../ui/Tip";
import { type Candidate, candidates, suggestions } from "./suggest";
import { unitAt } from "./units";
import { keysOf, makeBundle } from "./work";

/** Some things with the squads and units that belong to them, each once. */
function whole(mission: Mission, keys: readonly string[]): string[] {
  const all = new Set(keys);
  for (const name of keys) {
    const ref = refOf(name);
    if (ref.family === "bands") for (const id of squadsOf(mission, ref.id)) all.add(`squads/${id}`);
    for (const one of single(mission, ref)) all.add(key(one));
  }
  return [...all];
}

/** Asks what a new bundle is called, what belongs to it, and what each copy has its own value for. */
export function MakeBundleDialog({ keys, onClose }: { keys: string[]; onClose: () => void }) {
  const open = useOpenMission();
  const mission = useMission((state) => state.mission);
  const select = useDesk((desk) => desk.select);
  const [name, setName] = useState(() => freshName(mission.bundles, "Bundle"));
  const [note, setNote] = useState("");
  const offered = useMemo(() => suggestions(mission, keys), [mission, keys]);
  const [added, setAdded] = useState<readonly string[]>(() =>
    offered.filter(({ belongs }) => belongs).map(({ ref }) => key(ref)),
  );
  const all = useMemo(() => whole(mission, [...keys, ...added]), [mission, keys, added]);
  const found = useMemo(() => candidates(mission, all), [mission, all]);
  const [named, setNamed] = useState<Record<string, string | null>>({});
  const nameOfOne = (it: Candidate) => {
    const given = named[it.id];
    return given === undefined ? (it.likely ? it.name : null) : given;
  };
  const [making, setMaking] = useState(false);
  const make = async () => {
    setMaking(true);
    const wanted = found.flatMap((it) => {
      const called = nameOfOne(it);
      return called === null ? [] : [{ name: called, places: it.places }];
    });
    try {
      const bundle = await makeBundle(open, name, note, all, wanted);
      const { copies } = open.state.mission;
      const copy = Object.keys(copies).find((id) => sure(copies, id).bundle.id === bundle);
      if (copy) select(keysOf(open.state.mission, copy));
      onClose();
    } catch (refused) {
      toast.error(`The bundle could not be made: ${(refused as Error).message}`);
      setMaking(false);
    }
  };
  return (
    <Modal
      title="Make a bundle"
      says="A bundle can be set down as often as you want. What you choose stays as it is and becomes its first copy."
      width="w-[40rem]"
      onClose={onClose}
    >
      <div className="min-h-0 overflow-auto pr-1">
        <div className="grid grid-cols-[12.5rem_1fr] gap-3 pb-3">
          <TextBox
            label="Name of the bundle"
            value={name}
            maxLength={60}
            required
            onTake={setName}
          />
          <TextBox
            label="What it is for"
            placeholder="What it is for"
            value={note}
            maxLength={2000}
            onTake={setNote}
          />
        </div>
        <h3 className="border-hairline border-b pb-1 font-bold font-sans text-small text-flint">
          What it is made of
        </h3>
        <ul aria-label="What it is made of" className="grid grid-cols-2 gap-x-3 py-1 text-sm">
          {whole(mission, keys).map((it) => (
            <li key={it} className="truncate py-0.5">
              {nameOf(mission, refOf(it))}
              <span className="text-quiet">, {FAMILY_WORDS[refOf(it).family]}</span>
            </li>
          ))}
          {offered.map(({ ref }) => (
            <li key={key(ref)}>
              <Tick
                word={`${nameOf(mission, ref)}, ${FAMILY_WORDS[ref.family]}`}
                checked={added.includes(key(ref))}
                onTake={(on) =>
                  setAdded(on ? [...added, key(ref)] : added.filter((it) => it !== key(ref)))
                }
              />
            </li>
          ))}
        </ul>
        <h3 className="border-hairline border-b pt-2 pb-1 font-bold font-sans text-small text-flint">
          What each copy has its own value for
        </h3>
        <ul aria-label="Parameters" className="py-1">
          {found.map((it) => (
            <CandidateRow
              key={it.id}
              candidate={it}
              name={nameOfOne(it)}
              onTake={(to) => setNamed({ ...named, [it.id]: to })}
            />
          ))}
          {found.length === 0 && (
            <li className="text-quiet">Nothing in it could differ from copy to copy.</li>
          )}
        </ul>
      </div>
      <div className="flex items-center justify-end gap-2 pt-3">
        <Button onClick={onClose}>Cancel</Button>
        <Button look="go" disabled={making} onClick={() => void make()}>
          Make the bundle
        </Button>
      </div>
    </Modal>
  );
}

/** Where a value stands, in words: the sentence, the thing, or how many places. */
function whereOf(
  mission: Mission,
  phrases: PhraseBook | undefined,
  { of, places, name }: Candidate,
): string {
  if (places.length > 1) return `in ${places.length} places`;
  const thing = nameOf(mission, of);
  const event = of.family === "events" ? mission.events[of.id] : undefined;
  const said =
    event && phrases && sentenceAt(mission, phrases, event, sure(places, 0).split("/").slice(3));
  if (event) return said ? `${thing}: ${said}` : thing;
  return `${name.toLowerCase()}, ${thing}`;
}

/** Something that may become a parameter: ticked, it has a name. */
function CandidateRow(props: {
  candidate: Candidate;
  name: string | null;
  onTake: (name: string | null) => void;
}) {
  const { candidate, name, onTake } = props;
  const mission = useMission((state) => state.mission);
  const phrases = usePhrases();
  const where = whereOf(mission, phrases, candidate);
  const unit = unitAt(mission, sure(candidate.places, 0), phrases);
  return (
    <li className="grid min-h-8 grid-cols-[1fr_200px] items-center gap-3 border-hairline border-b border-dotted">
      <Tip says={candidate.places.join("\n")}>
        <span className="flex min-w-0 items-center gap-2">
          <Tick
            word={`${candidate.stands} ${unit}`.trimEnd()}
            checked={name !== null}
            onTake={(on) => onTake(on ? candidate.name : null)}
          />
          <span className="min-w-0 truncate text-small text-quiet">{where}</span>
        </span>
      </Tip>
      {name !== null && (
        <TextBox
          label={`Name of the parameter for ${candidate.stands}`}
          value={name}
          maxLength={60}
          required
          onTake={onTake}
        />
      )}
    </li>
  );
}
