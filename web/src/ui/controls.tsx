import { ChevronDown, ChevronRight } from "lucide-react";
import { type ButtonHTMLAttributes, type ReactNode, useId } from "react";
import { toast } from "sonner";
import { clockSeconds, clockWords } from "../document/mission";
import { readQuantity } from "../document/quantity";
import { shownUnit, toKept, toShown, useUnits } from "../document/units";
import { useFolded } from "./folded";
import { useRoom } from "./useRoom";
import { useShown, useTyped } from "./useTyped";

interface ButtonProps extends ButtonHTMLAttributes<HTMLButtonElement> {
  look?: "plain" | "go" | "quiet" | "danger";
}

const LOOKS = {
  plain: "border border-line bg-slip hover:bg-paper text-ink",
  go: "border border-moss bg-moss text-on-ink hover:brightness-110 disabled:text-on-ink!",
  quiet: "border border-transparent hover:bg-hover text-flint",
  danger: "border border-error bg-slip text-error hover:bg-error-soft",
};

/** A button; verbs on it. */
export function Button({ look = "plain", className = "", ...rest }: ButtonProps) {
  return (
    <button
      type="button"
      className={`inline-flex min-h-8 items-center justify-center gap-1.5 px-2.5 text-sm font-semibold disabled:cursor-default disabled:text-quiet disabled:opacity-60 ${LOOKS[look]} ${className}`}
      {...rest}
    />
  );
}

/** The words on a button that also has a sign; where there is no room, for screen readers alone. */
export function Words({ children }: { children: ReactNode }) {
  return useRoom("words") ? children : <span className="sr-only">{children}</span>;
}

/** A field of a slip: its name, and what it holds. */
export function Field({ label, children }: { label: string; children: (id: string) => ReactNode }) {
  const id = useId();
  return (
    <div className="grid grid-cols-[5.25rem_1fr] items-center gap-2 py-1">
      <label htmlFor={id} className="text-small text-flint-2">
        {label}
      </label>
      {children(id)}
    </div>
  );
}

const BOX = "min-h-8 w-full min-w-0 border border-line bg-field px-2 text-sm text-ink";

const QUIET =
  "min-h-8 w-full min-w-0 border border-transparent bg-transparent px-1 text-large text-ink hover:border-line focus:border-line focus:bg-field";

/**
 * A text that is taken while it is typed, after a short pause; at once when it is left, when Enter
 * is pressed, or when the page goes. Esc gives back what stood there before.
 */
export function TextBox(props: {
  id?: string;
  label?: string;
  value: string;
  maxLength: number;
  required?: boolean;
  placeholder?: string;
  onTake: (value: string) => void;
  multiline?: boolean;
  autoFocus?: boolean;
  /** Looks like plain text until it is pointed at. */
  quiet?: boolean;
  /** Taken only when it is left: for what is done once, as closing a dialog. */
  whenLeft?: boolean;
}) {
  const typed = useTyped(props);
  const common = {
    id: props.id,
    "aria-label": props.label,
    value: typed.text,
    maxLength: props.maxLength,
    placeholder: props.placeholder,
    autoFocus: props.autoFocus,
    onFocus: typed.begin,
    onBlur: typed.end,
  };
  if (props.multiline) {
    return (
      <textarea
        {...common}
        rows={4}
        className={`${BOX} py-1.5 leading-snug`}
        onChange={(event) => typed.type(event.target.value)}
      />
    );
  }
  return (
    <input
      {...common}
      className={props.quiet ? QUIET : BOX}
      onChange={(event) => typed.type(event.target.value)}
      onKeyDown={(event) => {
        if (event.key === "Enter") event.currentTarget.blur();
        if (event.key === "Escape") {
          typed.giveBack();
          event.stopPropagation();
        }
      }}
    />
  );
}

/** A bearing within a whole turn, degrees. */
function turned(bearing: number): number {
  return ((bearing % 360) + 360) % 360;
}

/**
 * A number with its unit. It may be written with any unit and a little arithmetic, and says what it
 * understood; what is no number in range is said and not taken.
 */
export function NumberBox(props: {
  id?: string;
  label?: string;
  value: number;
  unit?: string;
  least: number;
  most: number;
  digits?: number;
  onTake: (value: number) => void;
  autoFocus?: boolean;
}) {
  const digits = props.digits ?? 2;
  const kept = props.unit ?? "";
  useUnits((units) => units.shown);
  const unit = shownUnit(kept);
  const shown = String(Number(toShown(props.value, kept).toFixed(digits)));
  const { text, setText, focused, watch } = useShown(shown);
  const read = readQuantity(text, unit);
  const entered = "value" in read ? Number(read.value.toFixed(Math.max(digits, 6))) : Number.NaN;
  const asked = Number(toKept(entered, kept).toFixed(6));
  // A field of a whole turn takes any bearing: -90 is 270.
  const value = kept === "°" && props.least === 0 && props.most === 359 ? turned(asked) : asked;
  const fits = value >= props.least && value <= props.most;
  const worded = fits && Number.isNaN(Number(text.replace(",", ".")));
  const take = () => {
    setText(shown);
    if (fits && entered !== Number(shown)) props.onTake(value);
    else if (!fits && text.trim() !== "") {
      const span = `${bound(props.least, kept)} to ${bound(props.most, kept)}`;
      toast.error(
        `“${text.trim()}” is not taken: ${"error" in read ? read.error : span}. It stays ${shown} ${unit}`.trim(),
      );
    }
  };
  watch(take);
  return (
    <span className="relative block">
      <input
        id={props.id}
        aria-label={props.label}
        aria-invalid={!fits}
        // biome-ignore lint/a11y/noAutofocus: opened on purpose by the token it belongs to
        autoFocus={props.autoFocus}
        value={text}
        className={`${BOX} pr-8 ${fits ? "" : "border-error"}`}
        onChange={(event) => setText(event.target.value)}
        onFocus={(event) => {
          focused(true);
          event.target.select();
        }}
        onBlur={() => {
          take();
          focused(false);
        }}
        onKeyDown={(event) => {
          if (event.key === "Enter") event.currentTarget.blur();
          if (event.key === "Escape") setText(shown);
        }}
      />
      <span className="pointer-events-none absolute top-1.5 right-2 text-small text-quiet">
        {unit}
      </span>
      {worded && (
        <output className="block pt-0.5 text-xs text-flint">
          = {Number(entered.toFixed(3))} {unit}
        </output>
      )}
      {!fits && (
        <span role="alert" className="block pt-0.5 text-xs text-error">
          ⚑{" "}
          {"error" in read
            ? read.error
            : `${bound(props.least, kept)} to ${bound(props.most, kept)}`}
        </span>
      )}
    </span>
  );
}

/** A bound as it is shown. */
function bound(value: number, unit: string): number {
  return Number(toShown(value, unit).toFixed(2));
}

/** Seconds after midnight, as a clock of 24 hours reads them. */
export function ClockBox(props: {
  id?: string;
  label?: string;
  value: number;
  onTake: (seconds: number) => void;
}) {
  const shown = clockWords(props.value);
  const { text, setText, focused, watch } = useShown(shown);
  const seconds = clockSeconds(text);
  const take = () => {
    if (seconds === undefined) setText(shown);
    else if (seconds !== clockSeconds(shown)) props.onTake(seconds);
  };
  watch(take);
  return (
    <span className="block">
      <input
        id={props.id}
        aria-label={props.label}
        aria-invalid={seconds === undefined}
        inputMode="numeric"
        value={text}
        className={`${BOX} tabular-nums ${seconds === undefined ? "border-error" : ""}`}
        onChange={(event) => setText(event.target.value)}
        onFocus={(event) => {
          focused(true);
          event.target.select();
        }}
        onBlur={() => {
          take();
          focused(false);
        }}
        onKeyDown={(event) => {
          if (event.key === "Enter") event.currentTarget.blur();
          if (event.key === "Escape") setText(shown);
        }}
      />
      {seconds === undefined && (
        <span role="alert" className="block pt-0.5 text-xs text-error">
          ⚑ A time such as 19:40
        </span>
      )}
    </span>
  );
}

/** A choice of a few. */
export function Choice<T extends string>(props: {
  id?: string;
  label?: string;
  value: T;
  options: { value: T; word: string }[];
  disabled?: boolean;
  /** Only as wide as its words. */
  narrow?: boolean;
  onTake: (value: T) => void;
}) {
  return (
    <select
      id={props.id}
      aria-label={props.label}
      className={props.narrow ? BOX.replace("w-full", "") : BOX}
      disabled={props.disabled}
      value={props.value}
      onChange={(event) => props.onTake(event.target.value as T)}
    >
      {props.options.map(({ value, word }) => (
        <option key={value} value={value}>
          {word}
        </option>
      ))}
    </select>
  );
}

/** A box to tick, with its word behind it. */
export function Tick(props: { word: string; checked: boolean; onTake: (on: boolean) => void }) {
  const { word, checked, onTake } = props;
  return (
    <label className="flex min-h-6 items-center gap-1 text-sm">
      <input
        type="checkbox"
        className="h-4 w-4 shrink-0 accent-moss"
        checked={checked}
        onChange={(event) => onTake(event.target.checked)}
      />
      {word}
    </label>
  );
}

/** A part of a slip with its heading, which folds it to one line; it stays as it was left. */
export function Group(props: { title: string; summary?: string; children: ReactNode }) {
  const { title, summary, children } = props;
  const folded = useFolded((state) => state.folded.has(title));
  const fold = useFolded((state) => state.fold);
  const Sign = folded ? ChevronRight : ChevronDown;
  return (
    <section className="border-t border-hairline px-3 py-1.5">
      <h3 className="font-sans text-small text-flint">
        <button
          type="button"
          aria-expanded={!folded}
          className="-ml-2 flex min-h-7 w-full items-center gap-1 text-left font-bold hover:bg-hover"
          onClick={() => fold(title)}
        >
          <Sign size="0.8125rem" aria-hidden="true" className="shrink-0" />
          {title}
          {folded && summary && (
            <span className="min-w-0 truncate pl-2 font-normal text-quiet">{summary}</span>
          )}
        </button>
      </h3>
      {!folded && children}
    </section>
  );
}
