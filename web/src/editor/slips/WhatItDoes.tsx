import { X } from "lucide-react";
import { drop, put } from "../../document/change";
import { useMission, useOpenMission } from "../../document/context";
import { newId, orderAfter, ordered, type Working } from "../../document/mission";
import { type Entry, isHappening, type PhraseBook, usePhrases } from "../../document/phrases";
import { sure } from "../../document/sure";
import { WORKING } from "../../families/conveyor";
import { toPeople } from "../../families/workings";
import { Tree } from "../../sentence/ConditionTree";
import { gist } from "../../sentence/gist";
import { OptionList, Token } from "../../sentence/Picker";
import { SelectorToken } from "../../sentence/SelectorToken";
import { Sentence } from "../../sentence/Sentence";
import { RefToken } from "../../sentence/tokens";
import { Button, Group, Tick } from "../../ui/controls";

const BEARS: { value: Working["bears"]["type"]; word: string }[] = [
  { value: "whatever", word: "whatever they carry" },
  { value: "with", word: "who carry" },
  { value: "without", word: "who do not carry" },
];

/** The most that one zone does. */
const MOST = 16;

/** What a zone does to those inside, or to those who leave it. */
export function WhatItDoes({ id }: { id: string }) {
  const many = useMission((state) => Object.keys(sure(state.mission.zones, id).does).length);
  return (
    <Group title="What it does" summary={many === 0 ? "nothing" : String(many)}>
      <Workings id={id} />
    </Group>
  );
}

/** Each thing that a zone does, with to whom and while what; more can be added. */
export function Workings({ id }: { id: string }) {
  const open = useOpenMission();
  const zone = useMission((state) => sure(state.mission.zones, id));
  const phrases = usePhrases();
  if (!phrases) return null;
  const add = (entry: Entry) =>
    put(open, `${zone.name}: ${gist(entry)}`, ["zones", id, "does", newId()], {
      order: orderAfter(zone.does),
      work: entry.fresh,
      ...WORKING,
      told: true,
    });
  const some = ordered(zone.does);
  return (
    <>
      {some.map(([key]) => (
        <OneWorking key={key} zone={id} id={key} phrases={phrases} />
      ))}
      {some.length < MOST && (
        <Token
          look="quiet"
          label="Add what it does"
          wide
          content={(close) => (
            <OptionList
              label="What the zone does"
              options={phrases.works.map((it) => ({ value: it.type, word: it.group }))}
              chosen=""
              onChoose={(type) => {
                const entry = phrases.works.find((it) => it.type === type);
                if (entry) add(entry);
                close();
              }}
            />
          )}
        >
          + what it does…
        </Token>
      )}
    </>
  );
}

/** Whether a condition asks for nothing yet. */
function isEmpty(when: Working["when"]): boolean {
  return "parts" in when && Object.keys(when.parts).length === 0;
}

function OneWorking(props: { zone: string; id: string; phrases: PhraseBook }) {
  const { phrases } = props;
  const open = useOpenMission();
  const zone = useMission((state) => sure(state.mission.zones, props.zone));
  const path = ["zones", props.zone, "does", props.id];
  const working = sure(zone.does, props.id);
  const entry = phrases.works.find(({ type }) => type === working.work.type);
  if (!entry) return null;
  const label = `Change what ${zone.name} does`;
  const states: PhraseBook = {
    ...phrases,
    conditions: phrases.conditions.filter((it) => !isHappening(it)),
  };
  return (
    <section aria-label={entry.group} className="mb-2 border-hairline border-l-2 pl-2.5">
      <div className="flex items-start gap-1">
        <p className="flex grow flex-wrap items-baseline gap-x-1 text-large">
          <Sentence
            entry={entry}
            value={working.work as unknown as Record<string, unknown>}
            path={[...path, "work"]}
            label={label}
          />
        </p>
        <Button
          look="quiet"
          className="px-1"
          aria-label={`Take out: ${entry.group}`}
          onClick={() => drop(open, `${zone.name} no longer: ${entry.group}`, path)}
        >
          <X size="0.875rem" aria-hidden="true" />
        </Button>
      </div>
      {toPeople(working.work) && (
        <ToWhom path={path} working={working} label={label} phrases={phrases} />
      )}
      <Tree
        condition={working.when}
        path={[...path, "when"]}
        label={label}
        phrases={states}
        lead={isEmpty(working.when) ? "always, or while" : "while"}
      />
      {toPeople(working.work) && (
        <Tick
          word="players are told"
          checked={working.told}
          onTake={(told) => put(open, label, [...path, "told"], told)}
        />
      )}
    </section>
  );
}

/** To whom it is done: whom, in whose hands, how they go about, what they carry. */
function ToWhom(props: { path: string[]; working: Working; label: string; phrases: PhraseBook }) {
  const { path, working, label } = props;
  const { hands, goes } = props.phrases;
  const open = useOpenMission();
  const set = (field: string, value: unknown) => put(open, label, [...path, field], value);
  const { bears } = working;
  const carrying = (type: string) =>
    set(
      "bears",
      type === "whatever" ? { type } : { type, itemKind: { family: "itemKinds", id: "" } },
    );
  return (
    <p className="flex flex-wrap items-baseline gap-x-1">
      to{" "}
      <SelectorToken
        counted
        acts={false}
        inTurn={false}
        value={{ quantifier: { type: "all" }, whom: working.whom }}
        take={({ whom }) => set("whom", whom)}
      />
      {working.hands !== "both" && <span>{wordOf(hands, working.hands)}</span>}
      {working.goes !== "anyhow" && <span>{wordOf(goes, working.goes)}</span>}
      {bears.type !== "whatever" && <span>{wordOf(BEARS, bears.type)}</span>}
      {bears.type !== "whatever" && (
        <RefToken
          value={bears.itemKind}
          families={["itemKinds"]}
          take={(itemKind) => set("bears", { ...bears, itemKind })}
        />
      )}
      <Token
        look="quiet"
        label="Only some of them"
        content={() => (
          <>
            <OptionList
              label="In whose hands"
              options={hands}
              chosen={working.hands}
              onChoose={(chosen) => set("hands", chosen)}
            />
            <OptionList
              label="How they go about"
              options={goes}
              chosen={working.goes}
              onChoose={(chosen) => set("goes", chosen)}
            />
            <OptionList
              label="What they carry"
              options={BEARS}
              chosen={bears.type}
              onChoose={carrying}
            />
          </>
        )}
      >
        only…
      </Token>
    </p>
  );
}

function wordOf(options: { value: string; word: string }[], value: string): string {
  return options.find((it) => it.value === value)?.word ?? value;
}
