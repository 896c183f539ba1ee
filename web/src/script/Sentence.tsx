import { Fragment, type ReactNode } from "react";
import { useMission, useOpenMission } from "../model/context";
import { useDesk } from "../model/desk";
import { isPlacedFamily } from "../model/geometry";
import {
  type Amount,
  type Audience,
  clockWords,
  FAMILY_WORDS,
  type Family,
  isOpen,
  key,
  nameOf,
  newId,
  type Pinned,
  type Place,
  type Ref,
  refOf,
  type Scaled,
  type Selector,
  type Words,
} from "../model/mission";
import { PLACES, placeAt, placeWords, thingOf } from "../model/places";
import { measured } from "../model/units";
import type { Where } from "../model/where";
import { Button, ClockBox, NumberBox } from "../ui/controls";
import { AmountToken } from "./AmountToken";
import { AudienceToken } from "./AudienceToken";
import { CountField } from "./CountField";
import { type Path, put } from "./change";
import { OptionList, Token } from "./Picker";
import { PinnedField } from "./PinnedField";
import { PointButton } from "./PointButton";
import { type Entry, isLeftOut, type Slot, usePhrases } from "./phrases";
import { SelectorToken } from "./SelectorToken";
import { edgeOf, MADE_HERE, makeNew, thingOptions } from "./things";
import { Variant } from "./Variant";
import { WhereToken } from "./WhereToken";
import { TextToken, WordsToken } from "./WordsToken";
import { pinnedWords, scaledWords, takesPlural } from "./words";

interface SentenceProps {
  entry: Entry;
  value: Record<string, unknown>;
  path: Path;
  /** What the edits are called. */
  label: string;
}

/** A sentence of the script: its words, and a token for each slot. */
export function Sentence({ entry, value, path, label }: SentenceProps) {
  const alone = useMission(({ mission }) => Object.keys(mission.starts).length < 2);
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
    const of = entry.slots[slot];
    // Where only one can play, nobody has to be asked for whom it is.
    if (alone && isLeftOut(entry, piece, value)) return null;
    plural = takesPlural(of.is, value[slot], plural);
    const token = (
      <SlotToken
        key={i}
        name={slot}
        slot={of}
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
      return <RefToken value={value as Ref} family={slot.family as Family} take={take} />;
    case "place":
      return <PlaceToken value={value as Place} take={take} />;
    case "where":
      return <WhereToken value={value as Where} inTurn={props.inTurn} take={take} />;
    case "amount":
      return <AmountToken value={value as Amount} unit={slot.unit} take={take} />;
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
    case "words":
      return <WordsToken value={value as Words} take={take} />;
    case "text":
      return <TextToken text={value as string} longest={slot.longest ?? 400} take={take} />;
  }
}

/** An order within a sentence. */
export function OrderSentence({ path, label }: { path: Path; label: string }) {
  const phrases = usePhrases();
  return phrases && <Variant entries={phrases.orders} path={path} label={label} what="the order" />;
}

/** A count under pressure. */
export function ScaledToken(props: {
  label: string;
  value: Scaled;
  take: (value: Scaled) => void;
}) {
  return (
    <Token
      look="value"
      label={`${props.label}: ${scaledWords(props.value)}`}
      content={() => (
        <div className="p-2.5">
          <CountField label={props.label} value={props.value} onTake={props.take} />
        </div>
      )}
    >
      {scaledWords(props.value)}
    </Token>
  );
}

/** A time or share, with the levels at which it is another one. */
export function PinnedToken(props: {
  label: string;
  /** The words before it, where it is read out with them; else its label. */
  lead?: string;
  unit?: string;
  least: number;
  most: number;
  value: Pinned;
  take: (value: Pinned) => void;
}) {
  const words = pinnedWords(props.value, props.unit);
  return (
    <Token
      look="value"
      label={`${props.lead ?? `${props.label}:`} ${words}`}
      content={() => (
        <div className="p-2.5">
          <PinnedField {...props} autoFocus onTake={props.take} />
        </div>
      )}
    >
      {words}
    </Token>
  );
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

export function RefToken(props: { value: Ref; family: Family; take: (ref: Ref) => void }) {
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
      drop={{ fits: (ref) => ref.family === family, take: props.take }}
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
          {isPlacedFamily(family) && (
            <PointButton families={[family]} onPoint={props.take} close={close} />
          )}
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

/** What can be chosen as a place. */
export function PlaceChoice(props: {
  chosen?: string;
  take: (place: Place) => void;
  close: () => void;
}) {
  const mission = useMission((state) => state.mission);
  const point = useDesk((desk) => desk.point);
  const { take, close } = props;
  return (
    <OptionList
      label="Place"
      search
      options={thingOptions(mission, [...PLACES])}
      chosen={props.chosen}
      onChoose={(chosen) => {
        take(placeAt(refOf(chosen)));
        close();
      }}
    >
      <Button
        className="m-2"
        onClick={() => {
          point({
            asks: "Point at the place on the map.",
            families: [...PLACES],
            points: true,
            take: (pointed) => take("place" in pointed ? pointed.place : placeAt(pointed.ref)),
          });
          close();
        }}
      >
        Point on the map
      </Button>
    </OptionList>
  );
}

export function PlaceToken(props: {
  value: Place;
  take: (place: Place) => void;
  /** What can be chosen besides another place. */
  more?: (close: () => void) => ReactNode;
}) {
  const mission = useMission((state) => state.mission);
  const light = useDesk((desk) => desk.light);
  const { value, take } = props;
  const ref = thingOf(value);
  const lost = ref !== undefined && isOpen(mission, ref);
  const words = placeWords(mission, value);
  return (
    <Token
      label={words}
      look={lost ? "open" : "thing"}
      drop={{
        fits: ({ family }) => (PLACES as readonly Family[]).includes(family),
        take: (to) => take(placeAt(to)),
      }}
      onHover={(on) => ref && light(on ? key(ref) : null)}
      edge={ref && !lost ? edgeOf(mission, ref) : undefined}
      content={(close) => (
        <>
          {props.more?.(close)}
          <PlaceChoice chosen={ref && key(ref)} take={take} close={close} />
        </>
      )}
    >
      {lost && "⚑ "}
      {words}
    </Token>
  );
}
