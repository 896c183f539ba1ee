import { Popover } from "radix-ui";
import type { ReactNode } from "react";

interface FlyoutProps {
  trigger: ReactNode;
  /** Says to a screen reader what it holds. */
  label?: string;
  side?: "top" | "left" | "bottom" | "right";
  align?: "start" | "center" | "end";
  /** Width and padding, as classes. */
  look: string;
  open?: boolean;
  onOpenChange?: (open: boolean) => void;
  /** Called before the focus goes back to the trigger; it may send it elsewhere. */
  onCloseAutoFocus?: (event: Event) => void;
  children: ReactNode;
}

/** A slip beside the button that opens it; Esc or a click elsewhere closes it. */
export function Flyout(props: FlyoutProps) {
  const { trigger, label, side, align, look, open, onOpenChange, onCloseAutoFocus, children } =
    props;
  return (
    <Popover.Root open={open} onOpenChange={onOpenChange}>
      <Popover.Trigger asChild>{trigger}</Popover.Trigger>
      <Popover.Portal>
        <Popover.Content
          side={side}
          align={align}
          sideOffset={5}
          collisionPadding={8}
          aria-label={label}
          onCloseAutoFocus={onCloseAutoFocus}
          className={`z-50 max-h-[min(28rem,var(--radix-popover-content-available-height))] overflow-auto border border-line bg-slip shadow-lg ${look}`}
        >
          {children}
        </Popover.Content>
      </Popover.Portal>
    </Popover.Root>
  );
}

/** A button of a flyout that also closes it. */
export const FlyoutClose = Popover.Close;
