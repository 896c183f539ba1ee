import { Plus, Trash2, X } from "lucide-react";
import { removeAll } from "../deeds/deeds";
import { addThing, append, drop, put } from "../document/change";
import { useMission, useOpenMission } from "../document/context";
import type { Family } from "../document/mission";
import { freshName, nameOf, ordered, pinnedOf, type WavePlan } from "../document/mission";
import type { PhraseBook } from "../document/phrases";
import { Token } from "../sentence/Picker";
import { Variant } from "../sentence/Sentence";
import { PlaceChoice, PlaceToken } from "../sentence/tokens";
import { Button, Choice, TextBox } from "../ui/controls";
import { freshParty, wavesOf } from "./party";
import { SwellTable, useSwell } from "./SwellTable";
import { WaveRow } from "./WaveRow";

const PLACINGS: { value: WavePlan["placing"]; word: string }[] = [
  { value: "inTurn", word: "in turn" },
  { value: "atRandom", word: "at random" },
];

/** A wave plan: where its parties come in, how many at once, and its waves in order. */
export function PlanCard(props: { id: string; plan: WavePlan; phrases: PhraseBook }) {
  const { id, plan, phrases } = props;
  const open = useOpenMission();
  const mission = useMission((state) => state.mission);
  const swell = useSwell();
  const path = ["wavePlans", id];
  const label = `Change ${plan.name}`;
  const waves = ordered(wavesOf(mission, id));
  const add = () => {
    const name = freshName(mission.waves, `Wave ${waves.length + 1}`);
    addThing(open, `New wave: ${name}`, "waves", {
      name,
      wavePlan: { family: "wavePlans", id },
      comes: { type: "afterLast", gap: pinnedOf(waves.length === 0 ? 0 : 30) },
      herald: { type: "unannounced" },
      parties: freshParty(mission),
    });
  };
  const remove = () =>
    open.edit(`Delete ${plan.name}`, (draft) => {
      for (const wave of Object.keys(wavesOf(draft, id))) {
        removeAll(draft, [{ family: "waves", id: wave }]);
      }
      removeAll(draft, [{ family: "wavePlans", id }]);
    });
  return (
    <article
      id={`card-${id}`}
      aria-label={plan.name}
      className="border border-line bg-slip p-3 shadow-sm"
    >
      <div className="flex items-center gap-2 pb-2">
        <div className="w-72">
          <TextBox
            label="Name of the wave plan"
            value={plan.name}
            maxLength={60}
            required
            onTake={(name) => put(open, `Rename to ${name}`, [...path, "name"], name)}
          />
        </div>
        <span className="flex grow flex-wrap items-center gap-x-1 text-large">
          <Variant entries={phrases.caps} path={[...path, "cap"]} label={label} what="the cap" />
        </span>
        <Button look="quiet" aria-label={`Delete ${plan.name}`} onClick={remove}>
          <Trash2 size="0.9375rem" />
        </Button>
      </div>
      <Entrances id={id} plan={plan} label={label} />
      <ol className="mt-2">
        {waves.map(([wave, of], i) => (
          <WaveRow
            key={wave}
            id={wave}
            wave={of}
            number={i + 1}
            phrases={phrases}
            swell={swell[wave]}
          />
        ))}
      </ol>
      {waves.length === 0 && (
        <p className="border border-line border-dashed p-3 text-quiet">
          No wave yet. The first comes when an event starts{" "}
          {nameOf(mission, { family: "wavePlans", id })}.
        </p>
      )}
      <div className="flex items-end justify-between gap-4 pt-2">
        <Button onClick={add}>
          <Plus size="0.875rem" /> Add a wave
        </Button>
        <SwellTable waves={waves.map(([wave, { name }]) => ({ id: wave, name }))} swell={swell} />
      </div>
    </article>
  );
}

/** Where parties come into play, and in which order. */
function Entrances({ id, plan, label }: { id: string; plan: WavePlan; label: string }) {
  const open = useOpenMission();
  const path = ["wavePlans", id, "entrances"];
  const entrances = ordered(plan.entrances);
  return (
    <div className="flex flex-wrap items-center gap-x-1.5 gap-y-1 text-large">
      <span>Parties come in</span>
      <div className="w-32">
        <Choice
          label="How entrances are dealt out"
          value={plan.placing}
          options={PLACINGS}
          onTake={(placing) => put(open, label, ["wavePlans", id, "placing"], placing)}
        />
      </div>
      <span>by</span>
      {entrances.map(([it, { place }], i) => (
        <span key={it} className="inline-flex items-center">
          <PlaceToken
            value={place}
            take={(next) => put(open, label, [...path, it, "place"], next)}
          />
          <button
            type="button"
            aria-label={`Take out entrance ${i + 1}`}
            className="grid h-6 w-6 place-items-center text-quiet hover:bg-hover"
            onClick={() => drop(open, label, [...path, it])}
          >
            <X size="0.8125rem" />
          </button>
        </span>
      ))}
      {entrances.length === 0 && <span className="text-quiet">no entrance yet</span>}
      <Token
        look="add"
        label="Add an entrance"
        content={(close) => (
          <PlaceChoice
            families={ENTRANCES}
            take={(place) => append(open, label, path, { place })}
            close={close}
          />
        )}
      >
        + entrance…
      </Token>
    </div>
  );
}

/** What parties come in by. */
const ENTRANCES: Family[] = ["spawnPoints", "zones"];
