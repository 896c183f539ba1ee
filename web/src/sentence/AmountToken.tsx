import { useMission } from "../document/context";
import {
  type Amount,
  FAMILY_WORDS,
  isOpen,
  type Mission,
  type Place,
  pinnedOf,
  type Reading,
  type Ref,
  type Selector,
} from "../document/mission";
import { type Entry, type Slot, usePhrases } from "../document/phrases";
import { sure } from "../document/sure";
import { thingOf } from "../things/places";
import { NumberBox } from "../ui/controls";
import { OptionList, Token } from "./Picker";
import { PinnedField } from "./PinnedField";
import { SelectorToken } from "./SelectorToken";
import { ChoiceToken, PlaceToken, RefToken } from "./tokens";
import { amountWords } from "./words";

const PLAIN = [
  { value: "number", group: "Numbers", word: "a number" },
  { value: "byTerms", group: "Numbers", word: "a number by difficulty and players" },
  { value: "between", group: "Numbers", word: "by chance between two" },
];

/** What can be read of play: "the number of some". */
function readings(entries: Entry[]) {
  return entries.map(({ type, group, pieces, slots }) => ({
    value: type,
    group,
    word: pieces.map(({ text, slot = "" }) => text ?? gapWords(sure(slots, slot))).join(" "),
  }));
}

/** What can stand in a slot, in words. */
function gapWords({ is, families, options }: Slot): string {
  if (options) return options.map(({ word }) => word).join(" / ");
  if (is === "whom") return "some";
  const word = families?.[0] ? FAMILY_WORDS[families[0]] : "place";
  return `${/^[aeiou]/.test(word) ? "an" : "a"} ${word}`;
}

/** A number, or what gives one. */
export function AmountToken(props: {
  value: Amount;
  unit?: string;
  /** Whether it is read while an event acts, so that the causer may be meant. */
  acts?: boolean;
  /** Whether it is read in somebody's turn. */
  inTurn?: boolean;
  take: (amount: Amount) => void;
}) {
  const mission = useMission((state) => state.mission);
  const phrases = usePhrases();
  const { value, unit, take } = props;
  const words = amountWords(mission, value, unit);
  const entries = phrases?.readings ?? [];
  const box = (label: string, number: number, onTake: (value: number) => void, plain = false) => (
    <div className="px-2.5 pb-2">
      <span className="text-xs text-quiet">{label}</span>
      <NumberBox
        label={label}
        unit={plain ? undefined : unit}
        least={-1e9}
        most={1e9}
        value={number}
        onTake={onTake}
      />
    </div>
  );
  const change = (type: string) => {
    const number = value.type === "number" ? value.value : 1;
    const entry = entries.find((it) => it.type === type);
    if (type === "number") take({ type, value: 1 });
    else if (type === "byTerms") take({ type, number: pinnedOf(number) });
    else if (type === "between") take({ type, least: 1, most: 5 });
    else if (entry) take({ type: "formula", of: fresh(mission, entry), times: 1, plus: 0 });
  };
  return (
    <Token
      look={value.type === "formula" && isLost(mission, value.of) ? "open" : "value"}
      label={words}
      wide
      content={() => (
        <>
          {value.type === "number" &&
            box("Amount", value.value, (number) => take({ type: "number", value: number }))}
          {value.type === "byTerms" && (
            <div className="p-2.5">
              <PinnedField
                label="Amount"
                unit={unit}
                least={-1e9}
                most={1e9}
                value={value.number}
                onTake={(number) => take({ ...value, number })}
              />
            </div>
          )}
          {value.type === "between" && (
            <>
              {box("Least", value.least, (least) => take({ ...value, least }))}
              {box("Most", value.most, (most) => take({ ...value, most }))}
            </>
          )}
          {value.type === "formula" && (
            <>
              <div className="flex flex-wrap items-center gap-1 px-2.5 py-2">
                <ReadingTokens
                  entry={entries.find(({ type }) => type === value.of.type)}
                  value={value.of}
                  acts={props.acts ?? false}
                  inTurn={props.inTurn ?? false}
                  take={(of) => take({ ...value, of })}
                />
              </div>
              <div className="grid grid-cols-2">
                {box("Times", value.times, (times) => take({ ...value, times }), true)}
                {box("Plus", value.plus, (plus) => take({ ...value, plus }), true)}
              </div>
            </>
          )}
          <div className="border-hairline border-t">
            <OptionList
              label="What it is"
              search
              options={[...PLAIN, ...readings(entries)]}
              chosen={value.type === "formula" ? value.of.type : value.type}
              onChoose={change}
            />
          </div>
        </>
      )}
    >
      {words}
    </Token>
  );
}

type Parts = Record<string, unknown>;

/** A fresh reading; what it names is the first that there is. */
function fresh(mission: Mission, entry: Entry): Reading {
  const parts: Parts = { ...entry.fresh };
  for (const [slot, { is, families }] of Object.entries(entry.slots)) {
    const family = families?.[0];
    if (is === "ref" && family) {
      const [id] = Object.keys(mission[family]);
      parts[slot] = { family, id: id ?? "" };
    }
  }
  return parts as unknown as Reading;
}

/** Whether a reading names something that is not there. */
function isLost(mission: Mission, reading: Reading): boolean {
  return Object.entries(reading as unknown as Parts).some(([slot, part]) => {
    const ref = slot === "place" ? thingOf(part as Place) : (part as Ref);
    return ref?.family !== undefined && isOpen(mission, ref);
  });
}

/** The words of what is read, and a token for each of its slots. */
function ReadingTokens(props: {
  entry: Entry | undefined;
  value: Reading;
  acts: boolean;
  inTurn: boolean;
  take: (reading: Reading) => void;
}) {
  const { entry, value, acts, inTurn, take } = props;
  const parts = value as unknown as Parts;
  return entry?.pieces.map(({ text, slot = "" }, i) => {
    const put = (part: unknown) => take({ ...parts, [slot]: part } as unknown as Reading);
    return text ? (
      <span key={i}>{text}</span>
    ) : (
      <ReadingToken
        key={i}
        name={slot}
        slot={sure(entry.slots, slot)}
        value={parts[slot]}
        acts={acts}
        inTurn={inTurn}
        take={put}
      />
    );
  });
}

function ReadingToken(props: {
  name: string;
  slot: Slot;
  value: unknown;
  acts: boolean;
  inTurn: boolean;
  take: (part: unknown) => void;
}) {
  const { name, slot, value, take } = props;
  switch (slot.is) {
    case "whom":
      return (
        <SelectorToken
          value={{ quantifier: { type: "all" }, whom: value as Selector["whom"] }}
          acts={props.acts}
          inTurn={props.inTurn}
          counted
          take={({ whom }) => take(whom)}
        />
      );
    case "ref":
      return (
        slot.families && <RefToken value={value as Ref} families={slot.families} take={take} />
      );
    case "place":
      return <PlaceToken value={value as Place} take={take} />;
    default:
      return <ChoiceToken name={name} slot={slot} value={value as string} take={take} />;
  }
}
