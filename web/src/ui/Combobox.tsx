import { Command } from "cmdk";
import { Fragment, type KeyboardEvent, type ReactNode } from "react";

/** One line of a list to choose from. */
export interface ComboRow {
  /** Told apart from the other rows by it. */
  key: string;
  group?: string;
  /** It is what stands there now. */
  current?: boolean;
}

interface ComboboxProps<T extends ComboRow> {
  label: string;
  /** The rows that fit what is typed, in their order. */
  rows: T[];
  row: (row: T) => ReactNode;
  onTake: (row: T) => void;
  /** With room about each row, where it is all that is shown. */
  roomy?: boolean;
  /** The row that Enter takes. */
  at: number;
  onAt: (at: number) => void;
  /** What is typed; without it there is nothing to type in. */
  input?: {
    text: string;
    onText: (text: string) => void;
    placeholder: string;
    maxLength?: number;
    /** Sees a key first; what it prevents is not done. */
    onKeyDown?: (event: KeyboardEvent) => void;
  };
  /** Between what is typed and the rows. */
  below?: ReactNode;
  /** Instead of rows, where none fits. */
  none: ReactNode;
}

/** A list to choose from by typing, arrows and Enter, or by pointing. */
export function Combobox<T extends ComboRow>(props: ComboboxProps<T>) {
  const { label, rows, at, input, roomy } = props;
  return (
    <Command
      // Where nothing is typed, the list itself is what Tab comes to and arrows go through.
      tabIndex={input ? -1 : 0}
      label={input ? `Search: ${label}` : label}
      shouldFilter={false}
      loop
      className={`group/list ${input ? "outline-none" : "-outline-offset-2!"}`}
      value={rows[at]?.key ?? ""}
      onValueChange={(key) =>
        props.onAt(
          Math.max(
            0,
            rows.findIndex((row) => row.key === key),
          ),
        )
      }
      onKeyDown={input?.onKeyDown}
    >
      {input && (
        <Command.Input
          autoFocus
          placeholder={input.placeholder}
          className={`-outline-offset-2! w-full border-hairline border-b bg-field ${roomy ? "px-4 py-3 text-base" : "min-h-8 px-2.5"}`}
          maxLength={input.maxLength}
          value={input.text}
          onValueChange={input.onText}
        />
      )}
      {props.below}
      <Command.List label={label} className={`py-1 ${roomy ? "max-h-[26rem] overflow-auto" : ""}`}>
        {rows.map((row, i) => (
          <Fragment key={row.key}>
            {row.group && row.group !== rows[i - 1]?.group && (
              <p className="px-2.5 pt-1.5 font-bold text-quiet text-xs">{row.group}</p>
            )}
            <Command.Item
              value={row.key}
              data-current={row.current || undefined}
              onSelect={() => props.onTake(row)}
              className={`flex cursor-pointer items-center gap-2 hover:bg-moss-soft group-focus-within/list:aria-selected:bg-moss-soft data-[current]:font-bold ${roomy ? "min-h-9 px-4" : "min-h-7 px-2.5"}`}
            >
              {props.row(row)}
            </Command.Item>
          </Fragment>
        ))}
        {rows.length === 0 && (
          <p className={`py-1 text-quiet ${roomy ? "px-4" : "px-2.5"}`}>{props.none}</p>
        )}
      </Command.List>
    </Command>
  );
}
