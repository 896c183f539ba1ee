import { Popover } from "radix-ui";
import { type ReactNode, useState } from "react";
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
}) {
  const [shown, setShown] = useState(false);
  const drop = useThingDrop(props.drop);
  const look = {
    thing: "bg-[#ebe7d8] border-b-2 border-[#bdb9a9] font-semibold",
    value: "bg-white border border-line border-b-2 border-b-flint font-semibold",
    open: "bg-error-soft border-b-2 border-error text-error font-semibold",
    add: "border border-dashed border-flint-2 text-flint",
    quiet: "text-flint border-b border-dotted border-flint-2",
  }[props.look ?? "thing"];
  return (
    <Popover.Root open={shown} onOpenChange={setShown}>
      <Popover.Trigger asChild>
        <button
          type="button"
          id={props.id}
          aria-label={props.label}
          onPointerEnter={() => props.onHover?.(true)}
          onPointerLeave={() => props.onHover?.(false)}
          style={props.edge ? { borderBottomColor: props.edge } : undefined}
          className={`my-0.5 min-h-6 px-1.5 text-left leading-tight hover:brightness-95 ${look} ${drop.takes ? "outline-2 outline-moss outline-dashed outline-offset-1" : ""}`}
          {...drop.target}
        >
          {props.children}
        </button>
      </Popover.Trigger>
      <Popover.Portal>
        <Popover.Content
          align="start"
          sideOffset={4}
          collisionPadding={8}
          className={`z-50 max-h-[min(28rem,var(--radix-popover-content-available-height))] overflow-auto border border-line bg-slip shadow-lg ${props.wide ? "w-96" : "w-64"}`}
        >
          {props.content(() => setShown(false))}
        </Popover.Content>
      </Popover.Portal>
    </Popover.Root>
  );
}

/** One choice of a list. */
export interface Option {
  value: string;
  word: string;
  group?: string;
  icon?: ReactNode;
}

/** A list to choose from by typing or clicking. */
export function OptionList(props: {
  options: Option[];
  chosen?: string;
  search?: boolean;
  label: string;
  onChoose: (value: string) => void;
  children?: ReactNode;
}) {
  const [words, setWords] = useState("");
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
  return (
    <div>
      {props.search && (
        <input
          // biome-ignore lint/a11y/noAutofocus: the list was opened to be searched
          autoFocus
          aria-label={`Search: ${props.label}`}
          placeholder="Type to search"
          className="min-h-8 w-full border-hairline border-b bg-white/70 px-2.5"
          value={words}
          onChange={(event) => setWords(event.target.value)}
          onKeyDown={(event) => {
            if (event.key === "Enter" && found.length > 0) props.onChoose(found[0].value);
          }}
        />
      )}
      <div role="listbox" aria-label={props.label} className="py-1">
        {found.map(({ value, word, group, icon }, i) => (
          <div key={value}>
            {sought === "" && group && group !== found[i - 1]?.group && (
              <p className="px-2.5 pt-1.5 font-bold text-[12px] text-quiet">{group}</p>
            )}
            <button
              type="button"
              role="option"
              aria-selected={value === props.chosen}
              className="flex min-h-7 w-full items-center gap-2 px-2.5 text-left hover:bg-moss-soft aria-selected:bg-moss-soft aria-selected:font-bold"
              onClick={() => props.onChoose(value)}
            >
              {icon}
              {word}
            </button>
          </div>
        ))}
        {found.length === 0 && <p className="px-2.5 py-1 text-quiet">Nothing of that name.</p>}
      </div>
      {props.children}
    </div>
  );
}
