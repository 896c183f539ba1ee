import type { Audience, Selector } from "../document/mission";
import { OptionList, Token } from "./Picker";
import { SelectorToken } from "./SelectorToken";

/** What it becomes for when it is no longer for all players: first of all, for the causer. */
const SOME: { value: string; word: string; who: Selector }[] = [
  {
    value: "causer",
    word: "only the causer",
    who: { quantifier: { type: "any" }, whom: { type: "causer" } },
  },
  {
    value: "some",
    word: "only some of them …",
    who: { quantifier: { type: "all" }, whom: { type: "players" } },
  },
];

/** To which players something is told or shown. */
export function AudienceToken(props: {
  value: Audience;
  inTurn: boolean;
  take: (audience: Audience) => void;
}) {
  const { value, take } = props;
  if (value.type === "only") {
    return (
      <SelectorToken
        value={value.who}
        acts
        inTurn={props.inTurn}
        instead={{ word: "For all players", take: () => take({ type: "everybody" }) }}
        take={(who) => take({ type: "only", who })}
      />
    );
  }
  return (
    <Token
      label="For all players"
      content={(close) => (
        <OptionList
          label="For whom"
          options={[{ value: "everybody", word: "all players" }, ...SOME]}
          chosen="everybody"
          onChoose={(chosen) => {
            const some = SOME.find((it) => it.value === chosen);
            take(some ? { type: "only", who: some.who } : { type: "everybody" });
            close();
          }}
        />
      )}
    >
      the players
    </Token>
  );
}
