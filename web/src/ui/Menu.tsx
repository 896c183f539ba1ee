import { DropdownMenu } from "radix-ui";
import type { ReactNode } from "react";

const CONTENT =
  "z-50 max-h-[min(24rem,var(--radix-dropdown-menu-content-available-height))] max-w-80 overflow-auto border border-line bg-slip py-1 shadow-lg";

const ITEM =
  "flex min-h-8 cursor-default items-center gap-2 px-3 py-1 text-sm outline-none data-[disabled]:text-quiet data-[highlighted]:bg-moss-soft";

interface MenuProps {
  /** What opens it: a button, or a point of the page where it is open from the first. */
  trigger: ReactNode;
  /** Says to a screen reader what the menu is of, where its trigger does not. */
  label?: string;
  align?: "start" | "end";
  /** Its least width, as a class. */
  width?: string;
  /** Leaves the focus where an item put it, instead of giving it back to the trigger. */
  keepsFocus?: boolean;
  open?: boolean;
  onOpenChange?: (open: boolean) => void;
  children: ReactNode;
}

/** Deeds to choose from, by pointer, arrows or first letters. */
export function Menu(props: MenuProps) {
  const { trigger, label, align = "start", width = "min-w-48", keepsFocus, children } = props;
  return (
    <DropdownMenu.Root open={props.open} onOpenChange={props.onOpenChange}>
      <DropdownMenu.Trigger asChild>{trigger}</DropdownMenu.Trigger>
      <DropdownMenu.Portal>
        <DropdownMenu.Content
          align={align}
          sideOffset={4}
          aria-label={label}
          className={`${CONTENT} ${width}`}
          onCloseAutoFocus={keepsFocus ? (event) => event.preventDefault() : undefined}
        >
          {children}
        </DropdownMenu.Content>
      </DropdownMenu.Portal>
    </DropdownMenu.Root>
  );
}

/** A menu that is open at a point of the page, with a heading. */
export function MenuAt(props: {
  left: number;
  top: number;
  label: string;
  onClose: () => void;
  children: ReactNode;
}) {
  const { left, top, label, onClose, children } = props;
  const point = <span aria-hidden="true" className="fixed h-0 w-0" style={{ left, top }} />;
  return (
    <Menu
      trigger={point}
      label={label}
      width="min-w-52"
      open
      onOpenChange={(open) => !open && onClose()}
    >
      <DropdownMenu.Label className="px-3 pb-1 text-quiet text-xs">{label}</DropdownMenu.Label>
      {children}
    </Menu>
  );
}

/** One deed of a menu. */
export function MenuItem(props: {
  onSelect?: () => void;
  disabled?: boolean;
  /** It takes something away. */
  danger?: boolean;
  /** The child is the item itself, as a link. */
  asChild?: boolean;
  children: ReactNode;
}) {
  const { onSelect, disabled, danger, asChild, children } = props;
  return (
    <DropdownMenu.Item
      asChild={asChild}
      disabled={disabled}
      className={`${ITEM} ${danger ? "text-error" : ""}`}
      onSelect={onSelect}
    >
      {children}
    </DropdownMenu.Item>
  );
}
