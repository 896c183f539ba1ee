import { X } from "lucide-react";
import { type ReactNode, useEffect, useId, useRef, useState } from "react";
import { useRoom } from "./useRoom";

const SIDES = {
  left: {
    strip: "w-7 flex-col",
    words: "[writing-mode:vertical-rl] rotate-180",
    slip: "left-full",
    cross: "top-0 left-full",
  },
  right: {
    strip: "w-7 flex-col",
    words: "[writing-mode:vertical-rl]",
    slip: "right-full",
    cross: "top-0 right-full",
  },
  bottom: {
    strip: "h-7",
    words: "",
    slip: "bottom-full left-0 right-0",
    cross: "right-0 bottom-full",
  },
} as const;

interface DrawerProps {
  name: string;
  side: keyof typeof SIDES;
  children: ReactNode;
}

/**
 * A slip that stands beside the map where the window has room for it, and else lies in a drawer: a
 * strip at that edge opens it over the map, and Esc, the strip or its cross closes it.
 */
export function Drawer({ name, side, children }: DrawerProps) {
  const stands = useRoom(side === "bottom" ? "tray" : "sides");
  return stands ? (
    children
  ) : (
    <Shut name={name} side={side}>
      {children}
    </Shut>
  );
}

function Shut({ name, side, children }: DrawerProps) {
  const [open, setOpen] = useState(false);
  const strip = useRef<HTMLButtonElement>(null);
  const slip = useRef<HTMLDivElement>(null);
  const id = useId();
  const look = SIDES[side];
  useEffect(() => {
    if (open) slip.current?.focus();
  }, [open]);
  const close = () => {
    setOpen(false);
    strip.current?.focus();
  };
  return (
    <div className={`relative flex shrink-0 ${look.strip}`}>
      <button
        ref={strip}
        type="button"
        aria-expanded={open}
        aria-controls={open ? id : undefined}
        onClick={() => (open ? close() : setOpen(true))}
        className="flex grow items-center justify-center border border-line bg-slip font-semibold text-small shadow-sm hover:bg-paper aria-expanded:bg-moss-soft"
      >
        <span className={look.words}>{name}</span>
      </button>
      {open && (
        <div
          ref={slip}
          id={id}
          tabIndex={-1}
          className={`absolute z-30 flex outline-none ${side === "bottom" ? "" : "top-0 bottom-0"} ${look.slip}`}
          onKeyDown={(event) => {
            if (event.key !== "Escape" || event.defaultPrevented) return;
            event.stopPropagation();
            close();
          }}
        >
          {children}
          <button
            type="button"
            aria-label={`Close ${name}`}
            onClick={close}
            className={`absolute flex h-7 w-7 items-center justify-center border border-line bg-slip shadow-sm hover:bg-paper ${look.cross}`}
          >
            <X size="0.9375rem" />
          </button>
        </div>
      )}
    </div>
  );
}
