import { Fragment, type ReactNode } from "react";
import { type Path, part, put } from "../document/change";
import { useMission, useOpenMission } from "../document/context";
import {
  type Amount,
  type Audience,
  clockWords,
  type Pinned,
  type Place,
  type Ref,
  type Scaled,
  type Selector,
  type Words,
} from "../document/mission";
import { type Entry, isLeftOut, type Slot, usePhrases } from "../document/phrases";
import { sure } from "../document/sure";
import { measured } from "../document/units";
import { looksOf } from "../families/kinds";
import type { Where } from "../things/where";
import { ClockBox, NumberBox } from "../ui/controls";
import { AmountToken } from "./AmountToken";
import { AudienceToken } from "./AudienceToken";
import { gist } from "./gist";
import { OptionList, Token } from "./Picker";
import { SelectorToken } from "./SelectorToken";
import { ChoiceToken, PinnedToken, PlaceToken, RefToken, ScaledToken } from "./tokens";
import { WhereToken } from "./WhereToken";
import { TextToken, WordsToken } from "./WordsToken";
import { takesPlural } from "./words";

interface SentenceProps {
  entry: Entry;
  value: Record<string, unknown>;
  path: Path;
  /** What the edits are called. */
  label: string;
}

/** A sentence of the script: its words, and a token for each slot. */
export function Sentence({ entry, value, path, label }: SentenceProps) {
  const mission = useMission((state) => state.mission);
  const alone = Object.keys(mission.starts).length < 2;
  let plural = false;
  return entry.pieces.map((piece, i) => {
    if (piece.text) {
      const tight = /^[,:]/.test(piece.text) ? "-ml-1" : undefined;
      return (
        <span key={i} className={tight}>
          {piece.text}
        </span>
      );
    }
    if (piece.agree) return <span key={i}>{piece.agree[plural ? 1 : 0]}</span>;
    const slot = piece.slot ?? "";
    const of = sure(entry.slots, slot);
    // Where only one can play, nobody has to be asked for whom it is.
    if (alone && of.is === "audience" && isLeftOut(entry, piece, value)) return null;
    plural = takesPlural(of.is, value[slot], plural);
    const token = (
      <SlotToken
        key={i}
        name={slot}
        slot={of}
        among={of.families?.[0] === "looks" ? looksOf(mission, value, path) : undefined}
        value={value[slot]}
        path={[...path, slot]}
        label={label}
        acts={path.includes("actions")}
        inTurn={path.includes("lines")}
      />
    );
    if (!piece.opening) return token;
    return (
      <Fragment key={i}>
        <span className={/^[,:]/.test(piece.opening) ? "-ml-1" : undefined}>{piece.opening}</span>
        {token}
      </Fragment>
    );
  });
}

interface SlotProps {
  name: string;
  slot: Slot;
  /** The ids of those that can be chosen, where it is not all. */
  among?: Set<string> | undefined;
  value: unknown;
  path: Path;
  label: string;
  acts: boolean;
  inTurn: boolean;
}

/** What stands in one slot of a sentence. */
export function SlotToken(props: SlotProps): ReactNode {
  const { slot, value, path, label } = props;
  const open = useOpenMission();
  const take = (next: unknown) => put(open, label, path, next);
  switch (slot.is) {
    case "selector":
      return (
        <SelectorToken
          value={value as Selector}
          acts={props.acts}
          inTurn={props.inTurn}
          take={take}
        />
      );
    case "whom":
      return (
        <SelectorToken
          counted
          acts={false}
          inTurn={false}
          value={{ quantifier: { type: "all" }, whom: value as Selector["whom"] }}
          take={({ whom }) => take(whom)}
        />
      );
    case "audience":
      return <AudienceToken value={value as Audience} inTurn={props.inTurn} take={take} />;
    case "ref":
      return (
        <RefToken
          value={value as Ref}
          families={slot.families ?? []}
          among={props.among}
          take={take}
        />
      );
    case "place":
      return <PlaceToken value={value as Place} take={take} />;
    case "where":
      return <WhereToken value={value as Where} inTurn={props.inTurn} take={take} />;
    case "amount":
      return (
        <AmountToken
          value={value as Amount}
          unit={slot.unit}
          acts={props.acts && !path.includes("condition")}
          inTurn={props.inTurn}
          take={take}
        />
      );
    case "condition":
    case "lines":
    case "choices":
      return null;
    case "scaled":
      return <ScaledToken label={props.name} value={value as Scaled} take={take} />;
    case "pinned":
      return (
        <PinnedToken
          label={props.name}
          unit={slot.unit}
          least={slot.least ?? 0}
          most={slot.most ?? 1e6}
          value={value as Pinned}
          take={take}
        />
      );
    case "number":
      return <NumberToken {...props} take={take} />;
    case "order":
      return <OrderSentence path={path} label={label} />;
    case "choice":
      return <ChoiceToken name={props.name} slot={slot} value={value as string} take={take} />;
    case "words":
      return (
        <WordsToken
          value={value as Words}
          longest={slot.longest ?? 400}
          inTurn={props.inTurn}
          take={take}
        />
      );
    case "text":
      return <TextToken text={value as string} longest={slot.longest ?? 400} take={take} />;
  }
}

/** An order within a sentence. */
export function OrderSentence({ path, label }: { path: Path; label: string }) {
  const phrases = usePhrases();
  return phrases && <Variant entries={phrases.orders} path={path} label={label} what="the order" />;
}

/** A number with its unit, or a time of day. */
function NumberToken(props: SlotProps & { take: (value: number) => void }) {
  const { name, slot, take } = props;
  const value = props.value as number;
  const clock = slot.unit === "clock";
  const words = clock ? clockWords(value) : measured(value, slot.unit ?? "", 3);
  return (
    <Token
      look="value"
      label={`${name}: ${words}`}
      content={(close) => {
        const taken = (number: number) => {
          take(number);
          close();
        };
        return (
          <div className="p-2.5">
            {clock ? (
              <ClockBox label={name} value={value} onTake={taken} />
            ) : (
              <NumberBox
                label={name}
                unit={slot.unit}
                least={slot.least ?? 0}
                most={slot.most ?? 1e6}
                value={value}
                autoFocus
                onTake={taken}
              />
            )}
          </div>
        );
      }}
    >
      {words}
    </Token>
  );
}

/** One of a few sentences, whole, and a chip to say another one of them instead. */
export function Variant(props: { entries: Entry[]; path: Path; label: string; what: string }) {
  const { entries, path, label, what } = props;
  const open = useOpenMission();
  const value = useMission((state) => part<{ type: string }>(state.mission, path));
  const entry = entries.find(({ type }) => type === value.type);
  if (!entry) return null;
  return (
    <>
      <Sentence entry={entry} value={value} path={path} label={label} />
      <Token
        look="quiet"
        label={`Change ${what}`}
        wide
        content={(close) => (
          <OptionList
            label={what}
            options={entries.map((it) => ({ value: it.type, word: gist(it) }))}
            chosen={value.type}
            onChoose={(type) => {
              put(open, label, path, entries.find((it) => it.type === type)?.fresh);
              close();
            }}
          />
        )}
      >
        change
      </Token>
    </>
  );
}
