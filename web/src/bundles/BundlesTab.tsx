import { Download, Trash2, Upload } from "lucide-react";
import { useRef } from "react";
import { toast } from "sonner";
import { useLocation } from "wouter";
import { useDesk, useDeskPart } from "../desk/desk";
import { put } from "../document/change";
import { useMission, useOpenMission } from "../document/context";
import { behind, newestOf } from "../document/copies";
import {
  type Bundle,
  FAMILY_WORDS,
  type Family,
  familyWords,
  ordered,
  refOf,
} from "../document/mission";
import { readyBundles, useShipped } from "../document/shipped";
import { isPlaced, placeOf } from "../things/geometry";
import { Button, TextBox } from "../ui/controls";
import { FilePick } from "../ui/FilePick";
import { Tip } from "../ui/Tip";
import { tell } from "./CopyFields";
import { ParameterFields } from "./ParameterFields";
import { bringBundles, keysOf, takeOver } from "./work";

/** The bundles of a mission, with their parameters and copies. */
export function BundlesTab() {
  const open = useOpenMission();
  const mission = useMission((state) => state.mission);
  const shipped = useShipped();
  const file = useRef<HTMLInputElement>(null);
  const others = readyBundles(mission, shipped).filter(({ id }) => !mission.bundles[id]);
  const all = Object.entries(mission.bundles).sort(([, a], [, b]) => (a.name < b.name ? -1 : 1));
  return (
    <>
      <div className="mt-4 flex items-baseline justify-between border-hairline border-b pb-2">
        <h2 className="font-bold text-xl">Bundles</h2>
        <span className="flex gap-2">
          <FilePick
            ref={file}
            label="A mission to bring bundles from"
            accept=".zip"
            onPick={(chosen) =>
              tell(bringBundles(open, chosen).then(() => toast("The bundles are here.")))
            }
          />
          <Button onClick={() => file.current?.click()}>
            <Upload size="0.875rem" /> Bring from a mission…
          </Button>
        </span>
      </div>
      {all.length === 0 && (
        <p className="max-w-2xl py-4 font-serif text-large">
          Nothing is bundled yet. Select things on the ground, an ambush with its zone say, and make
          a bundle of them in the slip; events that are about them come along. Or set down one of
          those that ship.
        </p>
      )}
      {all.map(([id, bundle]) => (
        <BundleCard key={id} id={id} bundle={bundle} />
      ))}
      {others.length > 0 && (
        <>
          <h2 className="mt-8 border-hairline border-b pb-2 font-bold text-xl">
            Ready to set down
          </h2>
          <ul className="grid grid-cols-3 gap-4 pt-3">
            {others.map(({ id, name, note }) => (
              <li key={id} className="border border-line bg-field p-3">
                <h3 className="font-bold">{name}</h3>
                <p className="min-h-12 py-1 font-serif text-large leading-snug">{note}</p>
                <SetDownButton id={id} name={name} />
              </li>
            ))}
          </ul>
        </>
      )}
    </>
  );
}

function SetDownButton({ id, name }: { id: string; name: string }) {
  const mission = useMission((state) => state.id);
  const pick = useDesk((desk) => desk.pick);
  const [, go] = useLocation();
  return (
    <Button
      look="go"
      aria-label={`Set down ${name}`}
      onClick={() => {
        go(`/missions/${mission}/ground`);
        pick({ sets: "bundle", bundle: id, word: name, turn: 0 });
      }}
    >
      <Download size="0.875rem" /> Set down
    </Button>
  );
}

/** How many of which family a bundle is made of, in words. */
function contents(bundle: Bundle): string {
  const [, { parts }] = newestOf(bundle);
  return Object.entries(parts)
    .map(([family, things]) => ({ family: family as Family, many: Object.keys(things).length }))
    .filter(({ many }) => many > 0)
    .map(({ family, many }) =>
      many === 1
        ? `a ${FAMILY_WORDS[family]}`.replace(/^a (?=[aeio])/, "an ")
        : `${many} ${familyWords(family)}`,
    )
    .join(", ");
}

function BundleCard({ id, bundle }: { id: string; bundle: Bundle }) {
  const open = useOpenMission();
  const mission = useMission((state) => state.mission);
  const [edition, newest] = newestOf(bundle);
  const copies = Object.entries(mission.copies).filter(([, copy]) => copy.bundle.id === id);
  const late = copies.filter(([, copy]) => behind(mission, copy)).map(([copy]) => copy);
  const remove = () =>
    open.edit(`Delete the bundle ${bundle.name}`, (draft) => {
      for (const [copy] of copies) delete draft.copies[copy];
      delete draft.bundles[id];
    });
  const all = async () => {
    const kept = await takeOver(open, late);
    for (const { says } of kept) toast(says);
  };
  const parameters = ["bundles", id, "editions", edition, "parameters"];
  return (
    <section aria-label={bundle.name} className="border-hairline border-b py-4">
      <div className="grid grid-cols-[13.75rem_1fr_auto] items-start gap-3">
        <TextBox
          label={`Name of ${bundle.name}`}
          value={bundle.name}
          maxLength={60}
          required
          onTake={(name) => put(open, `Rename to ${name}`, ["bundles", id, "name"], name)}
        />
        <TextBox
          label={`What ${bundle.name} is for`}
          placeholder="What it is for"
          value={bundle.note}
          maxLength={2000}
          onTake={(note) => put(open, `Describe ${bundle.name}`, ["bundles", id, "note"], note)}
        />
        <span className="flex gap-2">
          <SetDownButton id={id} name={bundle.name} />
          <Tip says="What was set down stays, and belongs to no bundle any more.">
            <Button look="quiet" aria-label={`Delete the bundle ${bundle.name}`} onClick={remove}>
              <Trash2 size="0.9375rem" />
            </Button>
          </Tip>
        </span>
      </div>
      <p className="py-1.5 text-sm text-flint">Made of {contents(bundle)}.</p>
      <div className="grid grid-cols-2 gap-8">
        <div>
          <h3 className="pb-1 font-bold font-sans text-small text-flint">Usual values</h3>
          {Object.keys(newest.parameters).length === 0 && (
            <p className="text-sm text-quiet">Every copy is the same.</p>
          )}
          <ParameterFields
            edition={newest}
            values={{}}
            onTake={(parameter, name, value) =>
              put(open, `Change the usual ${name}`, [...parameters, parameter, "usual"], value)
            }
          />
          {ordered(newest.parameters).length > 0 && (
            <p className="pt-1 text-small text-quiet">For copies that are set down from now on.</p>
          )}
        </div>
        <div>
          <h3 className="flex items-center justify-between pb-1 font-bold font-sans text-small text-flint">
            {copies.length === 0
              ? "No copies"
              : copies.length === 1
                ? "One copy"
                : `${copies.length} copies`}
            {late.length > 0 && (
              <Button look="go" onClick={() => tell(all())}>
                Take over in {late.length === 1 ? "one" : late.length}
              </Button>
            )}
          </h3>
          <ul>
            {copies.map(([copy, it]) => (
              <li key={copy} className="flex items-center gap-2 py-0.5 text-sm">
                <ShowCopy id={copy} name={it.name} />
                {late.includes(copy) && (
                  <span className="text-small text-flint">has not taken over yet</span>
                )}
              </li>
            ))}
          </ul>
        </div>
      </div>
    </section>
  );
}

/** Goes to a copy on the ground. */
function ShowCopy({ id, name }: { id: string; name: string }) {
  const open = useOpenMission();
  const mission = useMission((state) => state.id);
  const { select, map } = useDeskPart("select", "map");
  const [, go] = useLocation();
  const show = () => {
    const keys = keysOf(open.state.mission, id).filter(isPlaced);
    select(keys);
    go(`/missions/${mission}/ground`);
    const at = keys[0] && placeOf(open.state.mission, refOf(keys[0]));
    if (at) map?.look(at.x, at.y);
  };
  return (
    <button
      type="button"
      className="min-h-7 border-flint border-b border-dotted text-left text-tarn hover:bg-hover"
      onClick={show}
    >
      {name}
    </button>
  );
}
