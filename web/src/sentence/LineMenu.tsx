import { MoreHorizontal } from "lucide-react";
import { DropdownMenu } from "radix-ui";
import type { ReactNode } from "react";
import { type Path, shift } from "../document/change";
import { useOpenMission } from "../document/context";
import { Button } from "../ui/controls";

/** Moves an entry of an ordered map up or down. */
export function Moves({ path, label }: { path: Path; label: string }) {
  const open = useOpenMission();
  return (
    <>
      <Item onSelect={() => shift(open, label, path, -1)}>Move up</Item>
      <Item onSelect={() => shift(open, label, path, 1)}>Move down</Item>
    </>
  );
}

/** The menu at the end of a line. */
export function LineMenu({ name, children }: { name: string; children: ReactNode }) {
  return (
    <DropdownMenu.Root>
      <DropdownMenu.Trigger asChild>
        <Button
          look="quiet"
          className="min-h-7 px-1 opacity-70"
          aria-label={`More for this ${name}`}
        >
          <MoreHorizontal size={16} />
        </Button>
      </DropdownMenu.Trigger>
      <DropdownMenu.Portal>
        <DropdownMenu.Content
          align="end"
          className="z-50 min-w-44 border border-line bg-slip py-1 shadow-lg"
        >
          {children}
        </DropdownMenu.Content>
      </DropdownMenu.Portal>
    </DropdownMenu.Root>
  );
}

/** One deed of such a menu. */
export function Item({ children, onSelect }: { children: ReactNode; onSelect: () => void }) {
  return (
    <DropdownMenu.Item
      className="min-h-7 cursor-pointer px-3 py-1 outline-none data-[highlighted]:bg-moss-soft"
      onSelect={onSelect}
    >
      {children}
    </DropdownMenu.Item>
  );
}
