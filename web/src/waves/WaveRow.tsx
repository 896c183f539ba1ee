import { ArrowDown, ArrowUp, Plus, Trash2, X } from "lucide-react";
import { removeAll } from "../deeds/deeds";
import { append, drop, type Path, put, shift } from "../document/change";
import { useMission, useOpenMission } from "../document/context";
import { ordered, type Wave } from "../document/mission";
import type { PhraseBook } from "../document/phrases";
import { sure } from "../document/sure";
import { OrderSentence, Variant } from "../sentence/Sentence";
import { RefToken, ScaledToken } from "../sentence/tokens";
import { Button, TextBox } from "../ui/controls";
import { freshParty, wavesOf } from "./party";
import type { Swell } from "./SwellTable";

/** One wave: when it comes, what is said of it, and who comes. */
export function WaveRow(props: {
  id: string;
  wave: Wave;
  number: number;
  phrases: PhraseBook;
  swell: Swell | undefined;
}) {
  const { id, wave, number, phrases, swell } = props;
  const open = useOpenMission();
  const mission = useMission((state) => state.mission);
  const path = ["waves", id];
  const label = `Change ${wave.name}`;
  const move = (by: -1 | 1) =>
    shift(open, label, path, by, (draft) => wavesOf(draft, wave.wavePlan.id));
  const parties = ordered(wave.parties);
  const addParty = () => {
    const party = sure(Object.values(freshParty(mission)), 0);
    append(open, `Add a party to ${wave.name}`, [...path, "parties"], party);
  };
  return (
    <li aria-label={wave.name} className="border-hairline border-t py-2">
      <div className="flex items-center gap-2">
        <span className="w-5 shrink-0 text-right font-bold">{number}</span>
        <div className="w-56 shrink-0">
          <TextBox
            label={`Name of wave ${number}`}
            quiet
            value={wave.name}
            maxLength={60}
            required
            onTake={(name) => put(open, `Rename to ${name}`, [...path, "name"], name)}
          />
        </div>
        <span className="grow text-right text-small text-quiet">
          {swell &&
            `${swell.calm} calm · ${swell.breezy} breezy · ${swell.rough} rough · ${swell.storm} storm`}
        </span>
        <div className="flex shrink-0">
          <Button
            look="quiet"
            className="px-1"
            aria-label={`${wave.name} up`}
            onClick={() => move(-1)}
          >
            <ArrowUp size="0.875rem" />
          </Button>
          <Button
            look="quiet"
            className="px-1"
            aria-label={`${wave.name} down`}
            onClick={() => move(1)}
          >
            <ArrowDown size="0.875rem" />
          </Button>
          <Button
            look="quiet"
            className="px-1"
            aria-label={`Delete ${wave.name}`}
            onClick={() =>
              open.edit(`Delete ${wave.name}`, (draft) =>
                removeAll(draft, [{ family: "waves", id }]),
              )
            }
          >
            <Trash2 size="0.875rem" />
          </Button>
        </div>
      </div>
      <p className="flex flex-wrap items-center gap-x-1 pl-7 text-large">
        <Variant
          entries={phrases.comes}
          path={[...path, "comes"]}
          label={label}
          what={`when ${wave.name} comes`}
        />
        {number === 1 && (
          <span className="text-small text-quiet">
            The first counts from the start of the plan.
          </span>
        )}
      </p>
      <p className="flex flex-wrap items-center gap-x-1 pl-7 text-large">
        <Variant
          entries={phrases.heralds}
          path={[...path, "herald"]}
          label={label}
          what={`how ${wave.name} is announced`}
        />
      </p>
      <ul className="pl-7">
        {parties.map(([party, of], i) => (
          <PartyLine
            key={party}
            path={[...path, "parties", party]}
            party={of}
            name={`party ${i + 1} of ${wave.name}`}
            label={label}
            phrases={phrases}
          />
        ))}
      </ul>
      <Button className="mt-1 ml-7" onClick={addParty}>
        <Plus size="0.875rem" /> Add a party
      </Button>
    </li>
  );
}

function PartyLine(props: {
  path: Path;
  party: Wave["parties"][string];
  name: string;
  label: string;
  phrases: PhraseBook;
}) {
  const { path, party, name, label } = props;
  const open = useOpenMission();
  const take = (field: string) => (value: unknown) => put(open, label, [...path, field], value);
  return (
    <li className="flex items-start gap-1 border-hairline border-t border-dashed py-1">
      <span className="flex grow flex-wrap items-center gap-x-1 text-large">
        <ScaledToken label={`Count of ${name}`} value={party.count} take={take("count")} />
        <span>×</span>
        <RefToken value={party.kind} families={["kinds"]} take={take("kind")} />
        <span>of</span>
        <RefToken value={party.side} families={["sides"]} take={take("side")} />
        <span>come</span>
        <Variant
          entries={props.phrases.from}
          path={[...path, "from"]}
          label={label}
          what={`where ${name} comes in`}
        />
        <span className="-ml-1">, then each</span>
        <OrderSentence path={[...path, "duty"]} label={label} />
      </span>
      <Button
        look="quiet"
        className="px-1"
        aria-label={`Take out ${name}`}
        onClick={() => drop(open, label, path)}
      >
        <X size="0.875rem" />
      </Button>
    </li>
  );
}
