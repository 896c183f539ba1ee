import { Braces, X } from "lucide-react";
import type { ReactNode } from "react";
import { useMission } from "../document/context";
import type { Words } from "../document/mission";
import { Button, TextBox } from "../ui/controls";
import { Tip } from "../ui/Tip";
import { AmountToken } from "./AmountToken";
import { Token } from "./Picker";
import { toldWords, withFigure, withoutFigure } from "./words";

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
export function WordsToken(props: {
  value: Words;
  longest: number;
  inTurn: boolean;
  take: (words: Words) => void;
}) {
  const mission = useMission((state) => state.mission);
  const { value, longest, take } = props;
  const longer = withFigure(value, longest);
  return (
    <TextToken
      text={value.text}
      shown={toldWords(mission, value)}
      longest={longest}
      take={(text) => take({ ...value, text })}
    >
      <Figures value={value} acts inTurn={props.inTurn} take={take} />
      <Tip says={FIGURE}>
        <Button className="mt-2" onClick={() => longer && take(longer)} disabled={!longer}>
          Add a figure
        </Button>
      </Tip>
    </TextToken>
  );
}

/** Words that players are told, in a form: a box, and the figures in them below it. */
export function WordsField(props: {
  label?: string;
  id?: string;
  placeholder?: string;
  value: Words;
  longest: number;
  multiline?: boolean;
  onTake: (words: Words) => void;
}) {
  const { value, longest, onTake, ...box } = props;
  const longer = withFigure(value, longest);
  return (
    <div>
      <div className="flex items-start gap-1">
        <div className="min-w-0 grow">
          <TextBox
            {...box}
            value={value.text}
            maxLength={longest}
            onTake={(text) => onTake({ ...value, text })}
          />
        </div>
        <Tip says={FIGURE}>
          <Button
            look="quiet"
            className="px-1.5"
            aria-label={`Add a figure${props.label ? `: ${props.label}` : ""}`}
            onClick={() => longer && onTake(longer)}
            disabled={!longer}
          >
            <Braces size="0.875rem" />
          </Button>
        </Tip>
      </div>
      <Figures value={value} take={onTake} />
    </div>
  );
}

const FIGURE = "Add a figure: a number that is read of play when this is said";

/** What stands for each figure. */
function Figures(props: {
  value: Words;
  acts?: boolean;
  inTurn?: boolean;
  take: (words: Words) => void;
}) {
  const { value, acts, inTurn, take } = props;
  const { figures } = value;
  return Object.entries(figures).map(([letter, amount]) => (
    <div key={letter} className="mt-1.5 flex flex-wrap items-center gap-1.5">
      <code>{`{${letter}}`}</code>
      <span>is</span>
      <AmountToken
        value={amount}
        acts={acts}
        inTurn={inTurn}
        take={(to) => take({ ...value, figures: { ...figures, [letter]: to } })}
      />
      <Tip says="Leave this figure out">
        <button
          type="button"
          aria-label={`Leave out {${letter}}`}
          className="grid h-7 w-7 place-items-center hover:bg-hover"
          onClick={() => take(withoutFigure(value, letter))}
        >
          <X size="0.875rem" />
        </button>
      </Tip>
    </div>
  ));
}
