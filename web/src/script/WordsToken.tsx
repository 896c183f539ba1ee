import { X } from "lucide-react";
import { useMission } from "../model/context";
import type { Amount, Words } from "../model/mission";
import { Button, TextBox } from "../ui/controls";
import { AmountToken } from "./AmountToken";
import { Token } from "./Picker";
import { toldWords } from "./words";

const LETTERS = [..."abcdefgh"];

/** Words that players are told, with figures in them. */
export function WordsToken(props: { value: Words; take: (words: Words) => void }) {
  const mission = useMission((state) => state.mission);
  const { value, take } = props;
  const { text, figures } = value;
  const shown = toldWords(mission, value);
  const free = LETTERS.find((letter) => !(letter in figures));
  const add = () => {
    if (!free) return;
    const fresh: Amount = { type: "played", times: 1, plus: 0 };
    const gap = text === "" || text.endsWith(" ") ? "" : " ";
    take({ text: `${text}${gap}{${free}}`, figures: { ...figures, [free]: fresh } });
  };
  const leaveOut = (letter: string) => {
    const { [letter]: _, ...others } = figures;
    take({ text: text.replaceAll(`{${letter}}`, ""), figures: others });
  };
  return (
    <Token
      look={text === "" ? "open" : "thing"}
      label={text === "" ? "Write the words" : `Text: ${shown}`}
      wide
      content={() => (
        <div className="p-2.5">
          <TextBox
            label="Text"
            value={text}
            maxLength={400}
            multiline
            onTake={(words) => take({ ...value, text: words })}
          />
          {Object.entries(figures).map(([letter, amount]) => (
            <div key={letter} className="mt-1.5 flex flex-wrap items-center gap-1.5">
              <code>{`{${letter}}`}</code>
              <span>is</span>
              <AmountToken
                value={amount}
                take={(to) => take({ ...value, figures: { ...figures, [letter]: to } })}
              />
              <button
                type="button"
                aria-label={`Leave out {${letter}}`}
                title="Leave this figure out"
                className="grid h-7 w-7 place-items-center hover:bg-black/5"
                onClick={() => leaveOut(letter)}
              >
                <X size={14} />
              </button>
            </div>
          ))}
          <Button className="mt-2" onClick={add} disabled={!free}>
            Add a figure
          </Button>
        </div>
      )}
    >
      {text === "" ? "write the words" : `“${shown}”`}
    </Token>
  );
}
