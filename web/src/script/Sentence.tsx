import type { ReactNode } from "react";
import { placeAt, placeWords } from "../ground/Slip";
import { SIDE_COLOURS } from "../map/stones";
import { useMission, useOpenMission } from "../model/context";
import { useDesk } from "../model/desk";
import {
  type Amount,
  FAMILY_WORDS,
  type Family,
  freshName,
  isOpen,
  key,
  type Mission,
  nameOf,
  newId,
  orderAfter,
  ordered,
  type Place,
  type Ref,
  refOf,
  type Selector,
  standing,
} from "../model/mission";
import { Button, NumberBox, TextBox } from "../ui/controls";
import { Stone, ZoneSwatch } from "../ui/Stone";
import { type Path, put } from "./change";
import { type Option, OptionList, Token } from "./Picker";
import type { Entry, Slot } from "./phrases";
import { amountWords, counts, isPlural, selectorWords } from "./words";

interface SentenceProps {
  entry: Entry;
  value: Record<string, unknown>;
  path: Path;
  /** What the edits are called. */
  label: string;
}

/** A sentence of the script: its words, and a token for each slot. */
export function Sentence({ entry, value, path, label }: SentenceProps) {
  let plural = false;
  return entry.pieces.map((piece, i) => {
    if (piece.text) return <span key={i}>{piece.text}</span>;
    if (piece.agree) return <span key={i}>{piece.agree[plural ? 1 : 0]}</span>;
    const slot = piece.slot ?? "";
    const of = entry.slots[slot];
    if (of.is === "selector") plural = isPlural(value[slot] as Selector);
    return (
      <SlotToken
        key={i}
        name={slot}
        slot={of}
        value={value[slot]}
        path={[...path, slot]}
        label={label}
        acts={path.includes("actions")}
      />
    );
  });
}

interface SlotProps {
  name: string;
  slot: Slot;
  value: unknown;
  path: Path;
  label: string;
  acts: boolean;
}

function SlotToken(props: SlotProps): ReactNode {
  const { slot, value, path, label } = props;
  const open = useOpenMission();
  const take = (next: unknown) => put(open, label, path, next);
  switch (slot.is) {
    case "selector":
      return <SelectorToken value={value as Selector} acts={props.acts} take={take} />;
    case "ref":
      return <RefToken value={value as Ref} family={slot.family as Family} take={take} />;
    case "place":
      return <PlaceToken value={value as Place} take={take} />;
    case "amount":
      return <AmountToken value={value as Amount} unit={slot.unit} take={take} />;
    case "number":
      return (
        <Token
          look="value"
          label={`${props.name}: ${value} ${slot.unit ?? ""}`}
          content={(close) => (
            <div className="p-2.5">
              <NumberBox
                label={props.name}
                unit={slot.unit}
                least={slot.least ?? 0}
                most={slot.most ?? 1e6}
                value={value as number}
                autoFocus
                onTake={(number) => {
                  take(number);
                  close();
                }}
              />
            </div>
          )}
        >
          {String(value)} {slot.unit}
        </Token>
      );
    case "choice": {
      const word = slot.options?.find((it) => it.value === value)?.word ?? String(value);
      return (
        <Token
          look="value"
          label={word}
          content={(close) => (
            <OptionList
              label={props.name}
              options={slot.options ?? []}
              chosen={value as string}
              onChoose={(chosen) => {
                take(chosen);
                close();
              }}
            />
          )}
        >
          {word}
        </Token>
      );
    }
    case "text": {
      const text = value as string;
      return (
        <Token
          look={text === "" ? "open" : "thing"}
          label={text === "" ? "Write the words" : `Text: ${text}`}
          wide
          content={() => (
            <div className="p-2.5">
              <TextBox
                label="Text"
                value={text}
                maxLength={slot.longest ?? 400}
                multiline
                onTake={take}
              />
            </div>
          )}
        >
          {text === "" ? "write the words" : `“${text}”`}
        </Token>
      );
    }
  }
}

/** Things of some families to choose from. */
function thingOptions(mission: Mission, families: Family[]): Option[] {
  return families.flatMap((family) =>
    Object.entries(mission[family] as unknown as Record<string, { name: string }>).map(
      ([id, thing]) => {
        const ref = { family, id };
        const found =
          family === "units" || family === "starts" ? standing(mission, ref) : undefined;
        const icon =
          family === "zones" ? (
            <ZoneSwatch key={id} hue={mission.zones[id].hue} />
          ) : found ? (
            <Stone
              key={id}
              side={found.side}
              glyph={found.kind?.glyph}
              player={family === "starts"}
            />
          ) : null;
        return { value: key(ref), word: thing.name, icon };
      },
    ),
  );
}

/** The colour that a thing is edged with. */
function edgeOf(mission: Mission, ref: Ref): string | undefined {
  if (ref.family === "zones") {
    const zone = mission.zones[ref.id];
    return zone && `hsl(${zone.hue} 55% 35%)`;
  }
  if (ref.family === "sides") {
    const side = mission.sides[ref.id];
    return side && SIDE_COLOURS[side.colour];
  }
  const side = standing(mission, ref)?.side;
  return side && SIDE_COLOURS[side.colour];
}

const MADE_HERE: Partial<Record<Family, string>> = {
  flags: "New flag",
  counters: "New counter",
  objectives: "New objective",
  endings: "New ending",
};

function RefToken(props: { value: Ref; family: Family; take: (ref: Ref) => void }) {
  const open = useOpenMission();
  const mission = useMission((state) => state.mission);
  const highlight = useDesk((desk) => desk.light);
  const { value, family } = props;
  const lost = isOpen(mission, value);
  const name = nameOf(mission, value);
  return (
    <Token
      look={lost ? "open" : "thing"}
      edge={lost ? undefined : edgeOf(mission, value)}
      label={lost ? `Open: ${name}` : name}
      onHover={(on) => highlight(on ? key(value) : null)}
      content={(close) => (
        <OptionList
          label={FAMILY_WORDS[family]}
          search
          options={thingOptions(mission, [family])}
          chosen={key(value)}
          onChoose={(chosen) => {
            props.take(refOf(chosen));
            close();
          }}
        >
          {MADE_HERE[family] && (
            <Button
              className="m-2"
              onClick={() => {
                const id = newId();
                makeNew(open, family, id);
                props.take({ family, id });
                close();
              }}
            >
              {MADE_HERE[family]}
            </Button>
          )}
        </OptionList>
      )}
    >
      {lost && "⚑ "}
      {name}
    </Token>
  );
}

/** Makes a thing of the script, named by itself. */
export function makeNew(open: ReturnType<typeof useOpenMission>, family: Family, id: string): void {
  open.edit(MADE_HERE[family] ?? "New thing", (draft) => {
    if (family === "flags") draft.flags[id] = { name: freshName(draft.flags, "Flag"), on: false };
    if (family === "counters") {
      draft.counters[id] = { name: freshName(draft.counters, "Counter"), value: 0 };
    }
    if (family === "objectives") {
      const name = freshName(draft.objectives, "Objective");
      const order = orderAfter(draft.objectives);
      draft.objectives[id] = { name, order, text: "", rank: "primary", open: false };
    }
    if (family === "endings") {
      const name = freshName(draft.endings, "Ending");
      const order = orderAfter(draft.endings);
      const won = Object.values(draft.endings).some(({ outcome }) => outcome === "won");
      const outcome = won ? "lost" : "won";
      draft.endings[id] = { name, order, outcome, delay: 3, debriefing: "" };
    }
  });
}

const QUANTIFIERS = [
  { value: "any", word: "any of" },
  { value: "all", word: "all of" },
  { value: "none", word: "none of" },
  { value: "atLeast", word: "at least so many of" },
  { value: "share", word: "at least a share of" },
];

function SelectorToken(props: {
  value: Selector;
  acts: boolean;
  take: (selector: Selector) => void;
}) {
  const mission = useMission((state) => state.mission);
  const { value, take } = props;
  const words = selectorWords(mission, value);
  const named =
    "side" in value.whom
      ? value.whom.side
      : "unit" in value.whom
        ? value.whom.unit
        : "start" in value.whom
          ? value.whom.start
          : undefined;
  const lost = named !== undefined && isOpen(mission, named);
  const groups: Option[] = [
    { value: "players", word: "the players" },
    { value: "anyone", word: "anyone" },
    ...(props.acts ? [{ value: "causer", word: "the causer" }] : []),
    ...ordered(mission.sides).map(([id, side]) => ({
      value: `sides/${id}`,
      word: side.name,
      icon: <Stone side={side} />,
    })),
    ...thingOptions(mission, ["starts", "units"]),
  ];
  const whomOf = (chosen: string): Selector["whom"] => {
    if (chosen === "players" || chosen === "anyone" || chosen === "causer") return { type: chosen };
    const ref = refOf(chosen);
    if (ref.family === "sides") return { type: "side", side: ref };
    return ref.family === "starts" ? { type: "start", start: ref } : { type: "unit", unit: ref };
  };
  const quantify = (type: string) => {
    const pins = { calm: -1, breezy: -1, rough: -1, storm: -1 };
    const quantifier =
      type === "atLeast"
        ? { type, count: { count: 2, pins } }
        : type === "share"
          ? { type, percent: 50 }
          : { type };
    take({ ...value, quantifier: quantifier as Selector["quantifier"] });
  };
  return (
    <Token
      label={words}
      look={lost ? "open" : "thing"}
      edge={named && !lost ? edgeOf(mission, named) : undefined}
      content={(close) => (
        <>
          <OptionList
            label="How many"
            options={QUANTIFIERS}
            chosen={value.quantifier.type}
            onChoose={quantify}
          />
          {value.quantifier.type === "atLeast" && (
            <div className="px-2.5 pb-2">
              <NumberBox
                label="Count"
                least={0}
                most={10000}
                digits={0}
                value={value.quantifier.count.count}
                onTake={(count) =>
                  value.quantifier.type === "atLeast" &&
                  take({
                    ...value,
                    quantifier: {
                      ...value.quantifier,
                      count: { ...value.quantifier.count, count: Math.round(count) },
                    },
                  })
                }
              />
              <p className="pt-1 text-[12px] text-quiet">
                {counts(mission, value.quantifier.count.count)
                  .map(({ level, count }) => `${level} ${count}`)
                  .join(" · ")}
              </p>
            </div>
          )}
          {value.quantifier.type === "share" && (
            <div className="px-2.5 pb-2">
              <NumberBox
                label="Share"
                unit="%"
                least={1}
                most={100}
                value={value.quantifier.percent}
                onTake={(percent) => take({ ...value, quantifier: { type: "share", percent } })}
              />
            </div>
          )}
          <div className="border-hairline border-t">
            <OptionList
              label="Whom"
              search
              options={groups}
              chosen={named ? key(named) : value.whom.type}
              onChoose={(chosen) => {
                take({ ...value, whom: whomOf(chosen) });
                close();
              }}
            />
          </div>
        </>
      )}
    >
      {words}
    </Token>
  );
}

function PlaceToken({ value, take }: { value: Place; take: (place: Place) => void }) {
  const mission = useMission((state) => state.mission);
  const point = useDesk((desk) => desk.point);
  const ref =
    "zone" in value
      ? value.zone
      : "unit" in value
        ? value.unit
        : "start" in value
          ? value.start
          : undefined;
  const lost = ref !== undefined && isOpen(mission, ref);
  const words = placeWords(mission, value);
  return (
    <Token
      label={words}
      look={lost ? "open" : "thing"}
      edge={ref && !lost ? edgeOf(mission, ref) : undefined}
      content={(close) => (
        <OptionList
          label="Place"
          search
          options={thingOptions(mission, ["zones", "units", "starts"])}
          chosen={ref && key(ref)}
          onChoose={(chosen) => {
            take(placeAt(refOf(chosen)));
            close();
          }}
        >
          <Button
            className="m-2"
            onClick={() => {
              point({
                asks: "Point at the place on the small map.",
                families: ["zones", "units", "starts"],
                points: true,
                take: (pointed) => take("place" in pointed ? pointed.place : placeAt(pointed.ref)),
              });
              close();
            }}
          >
            Point on the map
          </Button>
        </OptionList>
      )}
    >
      {lost && "⚑ "}
      {words}
    </Token>
  );
}

const AMOUNTS = [
  { value: "number", word: "a number" },
  { value: "between", word: "by chance between two" },
  { value: "counter", word: "from a counter" },
];

/** A number, or what gives one. */
export function AmountToken(props: {
  value: Amount;
  unit?: string;
  take: (amount: Amount) => void;
}) {
  const mission = useMission((state) => state.mission);
  const { value, unit, take } = props;
  const words = amountWords(mission, value, unit);
  const counters = Object.keys(mission.counters);
  const box = (label: string, number: number, onTake: (value: number) => void) => (
    <div className="px-2.5 pb-2">
      <span className="text-[12px] text-quiet">{label}</span>
      <NumberBox label={label} unit={unit} least={-1e9} most={1e9} value={number} onTake={onTake} />
    </div>
  );
  const change = (type: string) => {
    if (type === "number") take({ type, value: 1 });
    if (type === "between") take({ type, least: 1, most: 5 });
    if (type === "counter") {
      take({ type, counter: { family: "counters", id: counters[0] ?? "" }, times: 1, plus: 0 });
    }
  };
  const lost = value.type === "counter" && isOpen(mission, value.counter);
  return (
    <Token
      look={lost ? "open" : "value"}
      label={words}
      content={() => (
        <>
          <OptionList label="What it is" options={AMOUNTS} chosen={value.type} onChoose={change} />
          {value.type === "number" &&
            box("Amount", value.value, (number) => take({ type: "number", value: number }))}
          {value.type === "between" && (
            <>
              {box("Least", value.least, (least) => take({ ...value, least }))}
              {box("Most", value.most, (most) => take({ ...value, most }))}
            </>
          )}
          {value.type === "counter" && (
            <>
              <OptionList
                label="Counter"
                options={thingOptions(mission, ["counters"])}
                chosen={key(value.counter)}
                onChoose={(chosen) => take({ ...value, counter: refOf(chosen) })}
              />
              {box("Times", value.times, (times) => take({ ...value, times }))}
              {box("Plus", value.plus, (plus) => take({ ...value, plus }))}
            </>
          )}
        </>
      )}
    >
      {words}
    </Token>
  );
}
