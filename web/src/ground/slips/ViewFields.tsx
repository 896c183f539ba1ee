import { Frame } from "lucide-react";
import { useMission } from "../../model/context";
import { useDesk } from "../../model/desk";
import { Button, Group } from "../../ui/controls";

/** Goes to a view. */
export function ViewFields({ id }: { id: string }) {
  const view = useMission((state) => state.mission.views[id]);
  const map = useDesk((desk) => desk.map);
  return (
    <Group title="The view">
      <Button onClick={() => map?.frame(view.centre, view.width, view.depth)}>
        <Frame size={14} /> Look at it
      </Button>
    </Group>
  );
}
