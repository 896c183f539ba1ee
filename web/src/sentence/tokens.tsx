import type { ReactNode } from "react";
import { useDesk } from "../desk/desk";
import { drawnFamily, setDownNow } from "../desk/setDownNow";
import { useMission, useOpenMission } from "../document/context";
import {
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
} from "../document/mission";
import type { Slot } from "../document/phrases";
import { pinnedWords, scaledWords } from "../document/pinned";
import { isPlacedFamily } from "../things/geometry";
import { PLACES, placeAt, placeWords, thingOf } from "../things/places";
import { Button } from "../ui/controls";
import { CountField } from "./CountField";
import { OptionList, Token } from "./Picker";
import { PinnedField } from "./PinnedField";
import { PointButton } from "./PointButton";
import { edgeOf, MADE_HERE, makeNew, thingOptions } from "./things";

/** One of a few words. */
export function ChoiceToken(props: {
  name: string;
  slot: Slot;
  value: string;
  take: (value: string) => void;
}) {
  const { slot, value } = props;
  const word = slot.options?.find((it) => it.value === value)?.word ?? value;
  return (
    <Token
      look="value"
      label={word}
      content={(close) => (
        <OptionList
          label={props.name}
          options={slot.options ?? []}
          chosen={value}
          onChoose={(chosen) => {
            props.take(chosen);
            close();
          }}
        />
      )}
    >
      {word}
    </Token>
  );
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

/** A number with what it is on other terms. */
export function PinnedToken(props: {
  id?: string;
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
      id={props.id}
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

export function RefToken(props: {
  value: Ref;
  /** Of which families it may be; new ones are made of the first. */
  families: Family[];
  /** The ids of those that can be chosen, where it is not all. */
  among?: Set<string> | undefined;
  take: (ref: Ref) => void;
}) {
  const open = useOpenMission();
  const mission = useMission((state) => state.mission);
  const highlight = useDesk((desk) => desk.light);
  const { value, families, among } = props;
  const family = families[0] ?? "units";
  const lost = isOpen(mission, value);
  const name = nameOf(mission, value);
  const makes = MADE_HERE[family];
  const onGround = useDesk((desk) => desk.map !== null);
  const drawn = onGround ? drawnFamily(families) : undefined;
  return (
    <Token
      look={lost ? "open" : "thing"}
      edge={lost ? undefined : edgeOf(mission, value)}
      label={lost ? `Open: ${name}` : name}
      drop={{ fits: (ref) => families.includes(ref.family), take: props.take }}
      onHover={(on) => highlight(on ? key(value) : null)}
      content={(close) => (
        <OptionList
          label={FAMILY_WORDS[family]}
          search
          options={thingOptions(mission, families, among)}
          chosen={key(value)}
          onChoose={(chosen) => {
            props.take(refOf(chosen));
            close();
          }}
          makes={
            drawn
              ? {
                  word: "Draw one now",
                  make: () => {
                    setDownNow(drawn, props.take);
                    close();
                  },
                }
              : makes === undefined
                ? undefined
                : {
                    word: makes,
                    make: (typed) => {
                      const id = newId();
                      makeNew(open, family, id, typed);
                      props.take({ family, id });
                      close();
                    },
                  }
          }
        >
          {isPlacedFamily(family) && (
            <PointButton families={families} onPoint={props.take} close={close} />
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
  /** Whose things are places here; those that sentences take unless said. */
  families?: Family[];
  take: (place: Place) => void;
  close: () => void;
}) {
  const mission = useMission((state) => state.mission);
  const point = useDesk((desk) => desk.point);
  const { families = [...PLACES], take, close } = props;
  return (
    <OptionList
      label="Place"
      search
      options={thingOptions(mission, families)}
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
            families,
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
