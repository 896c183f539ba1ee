import { Tooltip } from "radix-ui";
import { type ReactElement, type ReactNode, useState } from "react";

/** Lets the tips of a page follow each other without a wait. */
export function Tips({ children }: { children: ReactNode }) {
  return (
    <Tooltip.Provider delayDuration={400} skipDelayDuration={200}>
      {children}
    </Tooltip.Provider>
  );
}

type Side = "top" | "right" | "bottom" | "left";

/**
 * A few words about a control, shown while it is pointed at or has the focus. What is given beside
 * them goes to the control, so that it may stand where a trigger is asked for.
 */
export function Tip(props: { says: ReactNode; side?: Side; children: ReactElement }) {
  const { says, side = "bottom", children, ...passed } = props;
  const [shown, setShown] = useState(false);
  // Where there is nothing to say it stays shut, so that the control is the same one all the while.
  return (
    <Tooltip.Root open={shown && Boolean(says)} onOpenChange={setShown}>
      <Tooltip.Trigger asChild {...passed}>
        {children}
      </Tooltip.Trigger>
      <Tooltip.Portal>
        <Tooltip.Content
          side={side}
          sideOffset={4}
          collisionPadding={8}
          className="pointer-events-none z-60 max-w-72 whitespace-pre-line bg-ink px-2 py-1 text-on-ink text-xs shadow-md"
        >
          {says}
        </Tooltip.Content>
      </Tooltip.Portal>
    </Tooltip.Root>
  );
}
