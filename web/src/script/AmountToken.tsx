import { useMission } from "../model/context";
import { type Amount, isOpen, key, refOf } from "../model/mission";
import { NumberBox } from "../ui/controls";
import { OptionList, Token } from "./Picker";
import { thingOptions } from "./things";
import { amountWords } from "./words";

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
