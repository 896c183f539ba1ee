import { Plus } from "lucide-react";
import { type ReactNode, useRef, useState } from "react";
import { Combobox, type ComboRow } from "../ui/Combobox";
import { Flyout } from "../ui/Flyout";
import { type ThingDrop, useThingDrop } from "./drag";

/** A chip of a sentence that opens what it is chosen from. */
export function Token(props: {
  id?: string;
  children: ReactNode;
  label: string;
  look?: "thing" | "value" | "open" | "add" | "quiet";
  edge?: string;
  content: (close: () => void) => ReactNode;
  wide?: boolean;
  /** What it does with a thing that is dropped on it. */
  drop?: ThingDrop;
  onHover?: (on: boolean) => void;
  /** Where the focus goes when it closes; back to the chip where it is nowhere. */
  focusAfter?: (chip: Element) => HTMLElement | null;
}) {
  const chip = useRef<HTMLButtonElement>(null);
  const [shown, setShown] = useState(false);
  const drop = useThingDrop(props.drop);
  const look = {
    thing: "bg-chip border-b-2 border-line font-semibold",
    value: "bg-card border border-line border-b-2 border-b-flint font-semibold",
    open: "bg-error-soft border-b-2 border-error text-error font-semibold",
    add: "border border-dashed border-flint-2 text-flint",
    quiet: "text-flint border-b border-dotted border-flint-2",
  }[props.look ?? "thing"];
  const trigger = (
    <button
      ref={chip}
      type="button"
      id={props.id}
      data-open={props.look === "open" || undefined}
      aria-label={props.label}
      onPointerEnter={() => props.onHover?.(true)}
      onPointerLeave={() => props.onHover?.(false)}
      style={props.edge ? { borderBottomColor: props.edge } : undefined}
      className={`my-0.5 min-h-6 px-1.5 text-left leading-tight hover:brightness-95 ${look} ${drop.takes ? "outline-2 outline-moss outline-dashed outline-offset-1" : ""}`}
      {...drop.target}
    >
      {props.children}
    </button>
  );
  return (
    <Flyout
      trigger={trigger}
      align="start"
      look={props.wide ? "w-96" : "w-64"}
      open={shown}
      onOpenChange={setShown}
      onCloseAutoFocus={(event) => {
        const to = chip.current && props.focusAfter?.(chip.current);
        if (!to) return;
        event.preventDefault();
        to.focus();
      }}
    >
      {props.content(() => setShown(false))}
    </Flyout>
  );
}

/** One choice of a list. */
export interface Option {
  value: string;
  word: string;
  group?: string;
  icon?: ReactNode;
}

/** The row that makes what was typed; no option has such a value. */
const MAKES = ":makes";

/** A list to choose from by typing or clicking. */
export function OptionList(props: {
  options: Option[];
  chosen?: string;
  search?: boolean;
  label: string;
  onChoose: (value: string) => void;
  /** A last row that makes what was typed, under that name. */
  makes?: { word: string; make: (typed: string) => void };
  /** What else can be done. */
  children?: ReactNode;
}) {
  const [words, setWords] = useState("");
  const [at, setAt] = useState(() =>
    Math.max(
      0,
      props.options.findIndex(({ value }) => value === props.chosen),
    ),
  );
  const sought = words.trim().toLowerCase();
  const rank = ({ word, group }: Option) => {
    const text = word.toLowerCase();
    if (text.startsWith(sought)) return 0;
    if (text.includes(` ${sought}`)) return 1;
    if (text.includes(sought)) return 2;
    return group?.toLowerCase().includes(sought) ? 3 : 4;
  };
  const found =
    sought === ""
      ? props.options
      : props.options.filter((it) => rank(it) < 4).sort((a, b) => rank(a) - rank(b));
  const { makes } = props;
  const typed = words.trim();
  const shown: (Option & ComboRow & { of?: string })[] = found.map((option) => ({
    ...option,
    key: option.value,
    // Rows of one name say what each is one of.
    of: found.some((it) => it !== option && it.word === option.word) ? option.group : undefined,
    group: sought === "" ? option.group : undefined,
    current: option.value === props.chosen,
  }));
  if (makes) {
    const word = typed ? `${makes.word}: ${typed}` : makes.word;
    shown.push({ key: MAKES, value: MAKES, word, icon: <Plus size="0.875rem" /> });
  }
  return (
    <div>
      <Combobox
        label={props.label}
        rows={shown}
        row={({ word, icon, of }) => (
          <>
            {icon}
            <span className="grow">{word}</span>
            {of && <span className="text-quiet text-xs"> {of}</span>}
          </>
        )}
        at={Math.min(at, Math.max(0, shown.length - 1))}
        onAt={setAt}
        onTake={({ value }) =>
          value === MAKES && makes ? makes.make(typed) : props.onChoose(value)
        }
        input={
          props.search
            ? {
                text: words,
                onText: (text) => {
                  setWords(text);
                  setAt(0);
                },
                placeholder: "Type to search",
              }
            : undefined
        }
        none="Nothing of that name."
      />
      {props.children}
    </div>
  );
}
