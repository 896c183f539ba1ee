import { ordered, type Place, type WhereOneOf } from "../document/mission";
import { sure } from "../document/sure";
import {
  CHOICES,
  isPerson,
  isPlace,
  oneOf,
  type Where,
  withoutPlace,
  withPlace,
} from "../things/where";
import { OptionList, Token } from "./Picker";
import { SelectorToken } from "./SelectorToken";
import { PlaceChoice, PlaceToken } from "./tokens";

/** Where an event does something. */
export function WhereToken(props: { value: Where; inTurn: boolean; take: (where: Where) => void }) {
  const { value, take } = props;
  if (isPlace(value)) {
    return (
      <PlaceToken
        value={value}
        take={take}
        more={(close) => <Elsewhere place={value} take={take} close={close} />}
      />
    );
  }
  if (value.type === "oneOf") return <OneOfTokens value={value} take={take} />;
  return (
    <>
      {!isPerson(value.whom) && <span>{CHOICES.nearest}</span>}
      <SelectorToken
        counted
        acts
        inTurn={props.inTurn}
        value={{ quantifier: { type: "all" }, whom: value.whom }}
        instead={{
          word: "A place instead",
          take: () => take({ type: "zone", zone: { family: "zones", id: "" } }),
        }}
        take={({ whom }) => take({ type: "nearestOf", whom })}
      />
    </>
  );
}

/** What a place can give way to. */
function Elsewhere(props: { place: Place; take: (where: Where) => void; close: () => void }) {
  return (
    <div className="border-hairline border-b">
      <OptionList
        label="Somewhere else"
        options={[
          { value: "oneOf", word: "one of several places …" },
          { value: "causer", word: "where the causer is" },
          { value: "players", word: "where the nearest of some is …" },
        ]}
        onChoose={(chosen) => {
          if (chosen === "oneOf") props.take(oneOf(props.place));
          else props.take({ type: "nearestOf", whom: { type: chosen as "causer" | "players" } });
          props.close();
        }}
      />
    </div>
  );
}

/** One of several places: how it is chosen, and each of them. */
function OneOfTokens({ value, take }: { value: WhereOneOf; take: (where: Where) => void }) {
  const places = ordered(value.places);
  const putPlace = (id: string, place: Place) =>
    take({ ...value, places: { ...value.places, [id]: { ...sure(value.places, id), place } } });
  return (
    <>
      <Token
        look="value"
        label={`Which place: ${CHOICES[value.how]}`}
        content={(close) => (
          <OptionList
            label="Which place"
            options={Object.entries(CHOICES).map(([of, word]) => ({ value: of, word }))}
            chosen={value.how}
            onChoose={(how) => {
              take({ ...value, how: how as WhereOneOf["how"] });
              close();
            }}
          />
        )}
      >
        {CHOICES[value.how]}
      </Token>
      {places.map(([id, { place }]) => (
        <PlaceToken
          key={id}
          value={place}
          take={(to) => putPlace(id, to)}
          more={(close) => (
            <div className="border-hairline border-b">
              <OptionList
                label="This place"
                options={[{ value: "out", word: "leave this place out" }]}
                onChoose={() => {
                  take(withoutPlace(value, id));
                  close();
                }}
              />
            </div>
          )}
        />
      ))}
      <Token
        look="add"
        label="One more place"
        content={(close) => (
          <PlaceChoice take={(place) => take(withPlace(value, place))} close={close} />
        )}
      >
        + place
      </Token>
    </>
  );
}
