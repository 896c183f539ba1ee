import { labelOf, move } from "../../deeds/deeds";
import { bearingOf, type Change, perform } from "../../deeds/gesture";
import { put } from "../../document/change";
import { useMission, useOpenMission } from "../../document/context";
import { extent, key, nameOf, type Position, type Ref } from "../../document/mission";
import { type Ground, heightAt, surfaceAt } from "../../document/raster";
import { metres } from "../../document/units";
import { LevelChoice } from "../../families/fields";
import { geometryOf, placeOf } from "../../things/geometry";
import { levelOf } from "../../things/levels";
import { Field, Group, NumberBox } from "../../ui/controls";
import { Tip } from "../../ui/Tip";

/** Where a thing lies, which way it faces, how large it is. */
export function Where({ thing, ground }: { thing: Ref; ground: Ground }) {
  const open = useOpenMission();
  const mission = useMission((state) => state.mission);
  const at = placeOf(mission, thing);
  const geometry = geometryOf(mission, thing);
  const bearing = bearingOf(mission, thing);
  if (!at) return null;
  const { width, height } = extent(mission);
  const name = key(thing);
  const shape = (change: Change) =>
    open.edit(labelOf(mission, change), (draft) => perform(draft, change));
  const box = geometry?.is === "box" ? geometry : undefined;
  return (
    <Group title="Where" summary={`E ${metres(at.x, 0)} N ${metres(at.y, 0)}`}>
      <Metres
        label="East"
        most={width}
        value={at.x}
        onTake={(x) => move(open, [name], x - at.x, 0)}
      />
      <Metres
        label="North"
        most={height}
        value={at.y}
        onTake={(y) => move(open, [name], 0, y - at.y)}
      />
      {bearing !== undefined && (
        <Field label={box ? "Turned" : "Faces"}>
          {(id) => (
            <NumberBox
              id={id}
              unit="°"
              least={0}
              most={359}
              digits={0}
              value={bearing}
              onTake={(to) => shape({ is: "turn", name, bearing: to })}
            />
          )}
        </Field>
      )}
      {geometry?.is === "circle" && (
        <Metres
          label="Radius"
          least={0.5}
          most={10000}
          value={geometry.radius}
          onTake={(radius) => shape({ is: "resize", name, radius })}
        />
      )}
      {box && (
        <>
          <Metres
            label="Width"
            least={0.5}
            most={20000}
            value={box.width}
            onTake={(to) => shape({ is: "reshape", name, width: to, depth: box.depth })}
          />
          <Metres
            label="Depth"
            least={0.5}
            most={20000}
            value={box.depth}
            onTake={(to) => shape({ is: "reshape", name, width: box.width, depth: to })}
          />
        </>
      )}
      <LevelField thing={thing} at={at} />
      <Tip says={nameOf(mission, thing)}>
        <p className="pt-1 text-small text-quiet">
          Ground at {metres(heightAt(ground, at.x, at.y))}, {surfaceAt(ground, at.x, at.y)}
        </p>
      </Tip>
    </Group>
  );
}

/** On which of the surfaces above one another it stands, where there are several. */
function LevelField({ thing, at }: { thing: Ref; at: Position }) {
  const open = useOpenMission();
  const mission = useMission((state) => state.mission);
  const level = levelOf(mission, thing);
  if (!level) return null;
  const label = `Change what ${nameOf(mission, thing)} stands on`;
  return (
    <LevelChoice
      label="Stands on"
      level={level}
      at={at}
      onTake={(to) => put(open, label, [thing.family, thing.id, "level"], to)}
    />
  );
}

function Metres(props: {
  label: string;
  least?: number;
  most: number;
  value: number;
  onTake: (value: number) => void;
}) {
  const { label, least = 0, ...rest } = props;
  return (
    <Field label={label}>{(id) => <NumberBox id={id} unit="m" least={least} {...rest} />}</Field>
  );
}
