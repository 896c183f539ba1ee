import { useDesk } from "../desk/desk";
import { useMission } from "../document/context";
import {
  type Family,
  isOpen,
  key,
  ordered,
  type Ref,
  refOf,
  type Selector,
} from "../document/mission";
import { Stone } from "../drawing/Stone";
import { Button } from "../ui/controls";
import { CountField } from "./CountField";
import { NarrowTokens } from "./NarrowTokens";
import { baseOf, type Narrowed, narrowed, narrowings, rebased, type Whom, widened } from "./narrow";
import { type Option, OptionList, Token } from "./Picker";
import { PinnedField } from "./PinnedField";
import { PointButton } from "./PointButton";
import { edgeOf, thingOptions } from "./things";
import { selectorWords, whomWords } from "./words";

const QUANTIFIERS = [
  { value: "any", word: "any of" },
  { value: "all", word: "all of" },
  { value: "none", word: "none of" },
  { value: "atLeast", word: "at least a number of" },
  { value: "share", word: "at least a share of" },
];

/** Which of whom: how many, and of whom. */
export function SelectorToken(props: {
  value: Selector;
  /** Whether it stands in what an event does, where the causer is known. */
  acts: boolean;
  /** Whether all of them are counted, so that it is not asked how many. */
  counted?: boolean;
  /** Whether it stands in what is done for one after another. */
  inTurn: boolean;
  /** What may stand there instead of a selector. */
  instead?: { word: string; take: () => void };
  take: (selector: Selector) => void;
}) {
  const mission = useMission((state) => state.mission);
  const light = useDesk((desk) => desk.light);
  const { value, take } = props;
  const whom = baseOf(value.whom);
  const words = props.counted
    ? whomWords(mission, whom)
    : selectorWords(mission, { ...value, whom });
  const named = namedBy(whom);
  const takeWhom = (base: Whom) => take({ ...value, whom: rebased(value.whom, base) });
  const lost = named !== undefined && isOpen(mission, named);
  const groups: Option[] = [
    { value: "players", word: "the players" },
    { value: "anyone", word: "anyone" },
    ...(props.inTurn ? [{ value: "thisOne", word: "this one" }] : []),
    ...(props.acts
      ? [
          { value: "causer", word: "the causer" },
          { value: "other", word: "the other of what happened" },
        ]
      : []),
    ...ordered(mission.sides).map(([id, side]) => ({
      value: `sides/${id}`,
      word: side.name,
      icon: <Stone side={side} />,
    })),
    ...thingOptions(mission, ["labels"]),
    ...thingOptions(mission, ["squads", "bands", "waves", "kinds", "starts", "units"]),
  ];
  const whomOf = (chosen: string): Selector["whom"] => {
    if (isCrowd(chosen)) return { type: chosen };
    const ref = refOf(chosen);
    if (ref.family === "waves") return { type: "wave", wave: ref };
    if (ref.family === "kinds") return { type: "kind", kind: ref };
    if (ref.family === "squads") return { type: "squad", squad: ref };
    if (ref.family === "bands") return { type: "band", band: ref };
    if (ref.family === "labels") return { type: "label", label: ref };
    if (ref.family === "sides") return { type: "side", side: ref };
    return ref.family === "starts" ? { type: "start", start: ref } : { type: "unit", unit: ref };
  };
  const quantify = (type: string) => {
    const pins = { calm: -1, breezy: -1, rough: -1, storm: -1 };
    const quantifier =
      type === "atLeast"
        ? { type, count: { count: 2, pins, perPlayer: 0 } }
        : type === "share"
          ? { type, percent: { value: 50, levels: {} } }
          : { type };
    take({ ...value, quantifier: quantifier as Selector["quantifier"] });
  };
  return (
    <>
      <Token
        label={words}
        look={lost ? "open" : "thing"}
        drop={{
          fits: ({ family }) => NAMED.includes(family),
          take: (ref) => takeWhom(whomOf(key(ref))),
        }}
        onHover={(on) => named && light(on ? key(named) : null)}
        edge={named && !lost ? edgeOf(mission, named) : undefined}
        content={(close) => (
          <>
            {props.instead && (
              <Button
                className="m-2"
                onClick={() => {
                  props.instead?.take();
                  close();
                }}
              >
                {props.instead.word}
              </Button>
            )}
            {!props.counted && (
              <OptionList
                label="How many"
                options={QUANTIFIERS}
                chosen={value.quantifier.type}
                onChoose={quantify}
              />
            )}
            {value.quantifier.type === "atLeast" && (
              <div className="px-2.5 pb-2">
                <CountField
                  label="Count"
                  value={value.quantifier.count}
                  onTake={(count) => take({ ...value, quantifier: { type: "atLeast", count } })}
                />
              </div>
            )}
            {value.quantifier.type === "share" && (
              <div className="px-2.5 pb-2">
                <PinnedField
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
                label="Narrow down"
                options={narrowOptions(value.whom, props.acts && !props.counted)}
                onChoose={(how) => {
                  const way = how as Narrowed["type"];
                  const said = narrowings(value.whom).includes(way);
                  const to = said ? widened(value.whom, way) : narrowed(value.whom, way);
                  take({ ...value, whom: to });
                  close();
                }}
              />
            </div>
            <div className="border-hairline border-t">
              <OptionList
                label="Whom"
                search
                options={groups}
                chosen={named ? key(named) : whom.type}
                onChoose={(chosen) => {
                  takeWhom(whomOf(chosen));
                  close();
                }}
              >
                <PointButton
                  families={["units", "starts", "squads"]}
                  onPoint={(ref) => takeWhom(whomOf(key(ref)))}
                  close={close}
                />
              </OptionList>
            </div>
          </>
        )}
      >
        {words}
      </Token>
      <NarrowTokens whom={value.whom} take={(to) => take({ ...value, whom: to })} />
    </>
  );
}

/** The ways in which those who are meant can be narrowed down. */
const NARROW: { value: Narrowed["type"]; word: string; wide: string }[] = [
  { value: "inside", word: "only those inside a zone", wide: "not only inside the zone" },
  { value: "within", word: "only those within a distance of a place", wide: "however far off" },
  { value: "nearest", word: "the nearest to a place first", wide: "nobody comes first" },
  { value: "farthest", word: "the farthest from a place first", wide: "nobody comes first" },
];

/** What may still be said of where they stand; and what may be left out again. */
function narrowOptions(whom: Whom, acts: boolean): Option[] {
  const said = narrowings(whom);
  const first = said.some((it) => it === "nearest" || it === "farthest");
  return NARROW.flatMap(({ value, word, wide }) => {
    if (said.includes(value)) return [{ value, word: `leave out: ${wide}` }];
    const isFirst = value === "nearest" || value === "farthest";
    return isFirst && (first || !acts) ? [] : [{ value, word }];
  });
}

/** Families whose things a selector can speak of. */
const NAMED: readonly Family[] = [
  "labels",
  "sides",
  "squads",
  "bands",
  "waves",
  "kinds",
  "starts",
  "units",
];

const CROWDS = ["players", "anyone", "causer", "other", "thisOne"] as const;

/** Whether a choice is one of those without a name. */
function isCrowd(chosen: string): chosen is (typeof CROWDS)[number] {
  return (CROWDS as readonly string[]).includes(chosen);
}

function namedBy(whom: Selector["whom"]): Ref | undefined {
  switch (whom.type) {
    case "side":
      return whom.side;
    case "kind":
      return whom.kind;
    case "squad":
      return whom.squad;
    case "band":
      return whom.band;
    case "label":
      return whom.label;
    case "wave":
      return whom.wave;
    case "unit":
      return whom.unit;
    case "start":
      return whom.start;
    default:
      return undefined;
  }
}
