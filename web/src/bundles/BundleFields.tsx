import { Package } from "lucide-react";
import { useDesk } from "../desk/desk";
import { useMission } from "../document/context";
import { anyInCopy, copyOf } from "../document/copies";
import { refOf } from "../document/mission";
import { Button, Group } from "../ui/controls";
import { CopyFields } from "./CopyFields";
import { canBePart } from "./suggest";

/** What selected things have to do with bundles: the copy they belong to, or how to make one. */
export function BundleFields({ keys }: { keys: string[] }) {
  const mission = useMission((state) => state.mission);
  const askBundle = useDesk((desk) => desk.askBundle);
  const inside = keys.filter((name) => anyInCopy(mission, [name]));
  const copy = copyOf(mission, inside);
  const parts = keys.every((name) => canBePart(refOf(name).family));
  if (copy) {
    const more = parts ? keys.filter((name) => !inside.includes(name)) : [];
    return <CopyFields key={copy} id={copy} more={more} />;
  }
  if (inside.length > 0 || !parts) return null;
  return (
    <Group title="Bundle" summary="none">
      <Button onClick={() => askBundle(keys)}>
        <Package size="0.875rem" /> Make a bundle of {keys.length === 1 ? "it" : "these"}…
      </Button>
    </Group>
  );
}
