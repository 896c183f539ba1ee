import { Frame } from "lucide-react";
import { useDesk } from "../../desk/desk";
import { useMission } from "../../document/context";
import { sure } from "../../document/sure";
import { Button, Group } from "../../ui/controls";

/** Goes to a view. */
export function ViewFields({ id }: { id: string }) {
  const view = useMission((state) => sure(state.mission.views, id));
  const map = useDesk((desk) => desk.map);
  return (
    <Group title="The view">
      <Button onClick={() => map?.frame(view.centre, view.width, view.depth)}>
        <Frame size="0.875rem" /> Look at it
      </Button>
    </Group>
  );
}
