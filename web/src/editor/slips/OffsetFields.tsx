import { Copy, Move } from "lucide-react";
import { duplicate, move } from "../../deeds/deeds";
import { useDesk } from "../../desk/desk";
import { useOpenMission } from "../../document/context";
import { Button, Field, Group, NumberBox } from "../../ui/controls";
import { useOffset } from "./useOffset";

/** The most copies in a row. */
const MOST_TIMES = 100;

/** How far an offset goes, metres. */
const FAR = 20_000;

/** Moves or duplicates what is selected by an exact offset, which is kept for the next time. */
export function OffsetFields({ keys }: { keys: string[] }) {
  const open = useOpenMission();
  const offset = useOffset();
  const { east, north, times } = offset;
  const { select, locked } = useDesk.getState();
  const loose = keys.filter((name) => !locked.has(name));
  const none = east === 0 && north === 0;
  return (
    <Group title="By an offset" summary={none ? undefined : `${east} m east, ${north} m north`}>
      {(["east", "north"] as const).map((axis) => (
        <Field key={axis} label={axis === "east" ? "East" : "North"}>
          {(id) => (
            <NumberBox
              id={id}
              unit="m"
              least={-FAR}
              most={FAR}
              value={offset[axis]}
              onTake={(to) => offset.set({ [axis]: to })}
            />
          )}
        </Field>
      ))}
      <Field label="Times">
        {(id) => (
          <NumberBox
            id={id}
            least={1}
            most={MOST_TIMES}
            digits={0}
            value={offset.times}
            onTake={(times) => offset.set({ times })}
          />
        )}
      </Field>
      <div className="flex gap-2 py-1">
        <Button disabled={none} onClick={() => select(duplicate(open, keys, east, north, times))}>
          <Copy size="0.875rem" /> {times > 1 ? `Duplicate ${times} times` : "Duplicate there"}
        </Button>
        <Button disabled={none} onClick={() => move(open, loose, east, north)}>
          <Move size="0.875rem" /> Move
        </Button>
      </div>
    </Group>
  );
}
