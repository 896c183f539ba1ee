import { X } from "lucide-react";
import type { ReactNode } from "react";
import { useMission } from "../model/context";
import type { Words } from "../model/mission";
import { Button, TextBox } from "../ui/controls";
import { AmountToken } from "./AmountToken";
import { Token } from "./Picker";
import { LONGEST_WORDS, toldWords, withFigure, withoutFigure } from "./words";

/** A text that is written in a box of its own; more may stand below the box. */
export function TextToken(props: {
  text: string;
  /** How it is shown, where that differs from how it is written. */
  shown?: string;
  longest: number;
  take: (text: string) => void;
  children?: ReactNode;
}) {
  const { text, shown = text } = props;
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
            maxLength={props.longest}
            multiline
            onTake={props.take}
          />
          {props.children}
        </div>
      )}
    >
      {text === "" ? "write the words" : `“${shown}”`}
    </Token>
  );
}

/** Words that players are told, with figures in them. */
export function WordsToken(props: { value: Words; take: (words: Words) => void }) {
  const mission = useMission((state) => state.mission);
  const { value, take } = props;
  const { text, figures } = value;
  const longer = withFigure(value);
  return (
    <TextToken
      text={text}
      shown={toldWords(mission, value)}
      longest={LONGEST_WORDS}
      take={(words) => take({ ...value, text: words })}
    >
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
            onClick={() => take(withoutFigure(value, letter))}
          >
            <X size={14} />
          </button>
        </div>
      ))}
      <Button className="mt-2" onClick={() => longer && take(longer)} disabled={!longer}>
        Add a figure
      </Button>
    </TextToken>
  );
}
