import { MoreHorizontal } from "lucide-react";
import type { ReactNode } from "react";
import { type Path, shift } from "../document/change";
import { useOpenMission } from "../document/context";
import { Button } from "../ui/controls";
import { Menu, MenuItem } from "../ui/Menu";

/** Moves an entry of an ordered map up or down. */
export function Moves({ path, label }: { path: Path; label: string }) {
  const open = useOpenMission();
  return (
    <>
      <MenuItem onSelect={() => shift(open, label, path, -1)}>Move up</MenuItem>
      <MenuItem onSelect={() => shift(open, label, path, 1)}>Move down</MenuItem>
    </>
  );
}

/** The menu at the end of a line. */
export function LineMenu({ name, children }: { name: string; children: ReactNode }) {
  const trigger = (
    <Button look="quiet" className="min-h-7 px-1 opacity-70" aria-label={`More for this ${name}`}>
      <MoreHorizontal size="1rem" />
    </Button>
  );
  return (
    <Menu trigger={trigger} align="end" width="min-w-44">
      {children}
    </Menu>
  );
}
