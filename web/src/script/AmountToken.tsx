import { Fragment, type ReactNode } from "react";
import { useMission } from "../model/context";
import { type Amount, isOpen, key, refOf, type Selector } from "../model/mission";
import { NumberBox } from "../ui/controls";
import { OptionList, Token } from "./Picker";
import { SelectorToken } from "./SelectorToken";
import { thingOptions } from "./things";
import { amountWords, LEVELS } from "./words";

const AMOUNTS = [
  { value: "number", word: "a number" },
  { value: "byLevel", word: "a number by difficulty and players" },
  { value: "between", word: "by chance between two" },
  { value: "counter", word: "from a counter" },
  { value: "howMany", word: "how many there are of some" },
  { value: "howManyAre", word: "how many of some are up, down or dead" },
  { value: "killedBy", word: "how many of some others have killed" },
  { value: "strength", word: "how strong some are, in %" },
  { value: "played", word: "the seconds played" },
  { value: "left", word: "the seconds left of a timer" },
  { value: "gone", word: "the seconds gone of a timer" },
  { value: "split", word: "the last split of a timer" },
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
    if (type === "byLevel") {
      take({ type, value: value.type === "number" ? value.value : 1, levels: {}, perPlayer: 0 });
    }
    if (type === "between") take({ type, least: 1, most: 5 });
    const formula = { times: 1, plus: 0 };
    if (type === "counter") {
      take({ type, counter: { family: "counters", id: counters[0] ?? "" }, ...formula });
    }
    if (type === "howMany" || type === "strength") {
      take({ type, who: { type: "anyone" }, ...formula });
    }
    if (type === "howManyAre") {
      take({ type, who: { type: "anyone" }, state: "dead", ...formula });
    }
    if (type === "killedBy") {
      take({ type, who: { type: "anyone" }, by: { type: "players" }, ...formula });
    }
    if (type === "played") take({ type, ...formula });
    if (type === "left" || type === "gone" || type === "split") {
      const [timer] = Object.keys(mission.timers);
      take({ type, timer: { family: "timers", id: timer ?? "" }, ...formula });
    }
  };
  const lost =
    (value.type === "counter" && isOpen(mission, value.counter)) ||
    ("timer" in value && isOpen(mission, value.timer));
  return (
    <Token
      look={lost ? "open" : "value"}
      label={words}
      content={() => (
        <>
          <OptionList label="What it is" options={AMOUNTS} chosen={value.type} onChoose={change} />
          {value.type === "number" &&
            box("Amount", value.value, (number) => take({ type: "number", value: number }))}
          {value.type === "byLevel" && <ByLevel value={value} unit={unit} take={take} box={box} />}
          {value.type === "between" && (
            <>
              {box("Least", value.least, (least) => take({ ...value, least }))}
              {box("Most", value.most, (most) => take({ ...value, most }))}
            </>
          )}
          {value.type === "counter" && (
            <OptionList
              label="Counter"
              options={thingOptions(mission, ["counters"])}
              chosen={key(value.counter)}
              onChoose={(chosen) => take({ ...value, counter: refOf(chosen) })}
            />
          )}
          {"timer" in value && (
            <OptionList
              label="Timer"
              options={thingOptions(mission, ["timers"])}
              chosen={key(value.timer)}
              onChoose={(chosen) => take({ ...value, timer: refOf(chosen) })}
            />
          )}
          {"who" in value && (
            <div className="flex flex-wrap items-center gap-1 px-2.5 pb-2">
              <WhomToken whom={value.who} take={(who) => take({ ...value, who })} />
              {value.type === "killedBy" && (
                <>
                  <span>killed by</span>
                  <WhomToken whom={value.by} take={(by) => take({ ...value, by })} />
                </>
              )}
            </div>
          )}
          {value.type === "howManyAre" && (
            <OptionList
              label="How they fare"
              options={SHAPES.map((state) => ({ value: state, word: state }))}
              chosen={value.state}
              onChoose={(state) => take({ ...value, state: state as (typeof SHAPES)[number] })}
            />
          )}
          {"times" in value && (
            <>
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

/** A number at each level of difficulty, any of them its own; and what each player adds. */
function ByLevel(props: {
  value: Extract<Amount, { type: "byLevel" }>;
  unit?: string;
  take: (amount: Amount) => void;
  box: (label: string, number: number, onTake: (value: number) => void) => ReactNode;
}) {
  const { value, take, box } = props;
  const { value: usual, levels } = value;
  const put = (level: string, number: number) => {
    const { [level]: _, ...others } = levels;
    take({ ...value, levels: number === usual ? others : { ...others, [level]: number } });
  };
  return (
    <>
      {box("Amount", usual, (number) => take({ ...value, value: number }))}
      <div className="grid grid-cols-2">
        {LEVELS.map((level) => (
          <Fragment key={level}>
            {box(level[0].toUpperCase() + level.slice(1), levels[level] ?? usual, (number) =>
              put(level, number),
            )}
          </Fragment>
        ))}
      </div>
      {box("More for each further player", value.perPlayer, (perPlayer) =>
        take({ ...value, perPlayer }),
      )}
    </>
  );
}

const SHAPES = ["up", "down", "dead"] as const;

/** Some, of whom it is not asked how many. */
function WhomToken(props: { whom: Selector["whom"]; take: (whom: Selector["whom"]) => void }) {
  return (
    <SelectorToken
      value={{ quantifier: { type: "all" }, whom: props.whom }}
      acts={false}
      inTurn={false}
      counted
      take={({ whom }) => props.take(whom)}
    />
  );
}
