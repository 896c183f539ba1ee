import { ChevronDown, ChevronRight } from "lucide-react";
import { type ReactNode, useState } from "react";
import { useRoom } from "../ui/useRoom";

/** A part of what players are shown; where there is little room it is folded from the first. */
export function Part(props: {
  name: string;
  /** What is shown instead of the name. */
  title?: ReactNode;
  /** What is told beside the name while it is folded. */
  brief?: string;
  /** What is shown folded or not. */
  always?: ReactNode;
  step?: number;
  /** It is folded from the first also where there is room. */
  folded?: boolean;
  /** It stays in view at the end of a column that scrolls. */
  stays?: boolean;
  children: ReactNode;
}) {
  const { name, title = name, brief, always, step, folded, stays, children } = props;
  const room = useRoom("tools");
  const [chosen, choose] = useState<boolean>();
  const open = chosen ?? (room && !folded);
  const Sign = open ? ChevronDown : ChevronRight;
  return (
    <section
      aria-label={name}
      data-step={step}
      className={`pointer-events-auto shrink-0 px-3 py-1.5 text-hud-ink ${stays ? "sticky bottom-0 bg-hud" : "bg-hud/85"}`}
    >
      <h2 className="font-bold text-hud-quiet text-small">
        <button
          type="button"
          aria-expanded={open}
          className="-mx-2 flex min-h-7 w-[calc(100%+1rem)] items-center gap-1 px-1 text-left hover:bg-hud-hover focus-visible:outline-hud-ink"
          onClick={() => choose(!open)}
        >
          <Sign size="0.8125rem" aria-hidden="true" className="shrink-0" />
          {title}
          {!open && brief && (
            <span className="min-w-0 truncate pl-1 font-normal text-hud-ink">{brief}</span>
          )}
        </button>
      </h2>
      {always}
      {open && <div className="pb-1.5">{children}</div>}
    </section>
  );
}
