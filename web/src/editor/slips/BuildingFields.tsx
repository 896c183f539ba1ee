import { DoorOpen, Eye, Plus, X } from "lucide-react";
import { hangGate } from "../../deeds/parts";
import { useDeskPart } from "../../desk/desk";
import { put } from "../../document/change";
import { useMission, useOpenMission } from "../../document/context";
import { houseOf, peelTo, storeySeen } from "../../document/houses";
import {
  type Building,
  type BuildingMake,
  newId,
  orderAfter,
  ordered,
} from "../../document/mission";
import { knownGround } from "../../document/raster";
import { sure } from "../../document/sure";
import { metres } from "../../document/units";
import { Metres, StopsFields } from "../../families/fields";
import { Button, Choice, Field, Group, TextBox, Tick } from "../../ui/controls";
import { Tip } from "../../ui/Tip";
import { DrawPart, Part } from "./DeckParts";

const ROOFS: { value: BuildingMake; word: string }[] = [
  { value: "pitched", word: "Pitched" },
  { value: "flat", word: "Flat, to walk on" },
];

const STANDS: { value: Building["floor"]["type"]; word: string }[] = [
  { value: "ground", word: "On the ground" },
  { value: "height", word: "At a height" },
];

/** How a building stands, what its walls stop, and what lies on top. */
function Body({ id }: { id: string }) {
  const open = useOpenMission();
  const mission = useMission((state) => state.mission);
  const building = sure(mission.buildings, id);
  const at = ["buildings", id];
  const { floors } = houseOf(building, knownGround(mission.setting.terrain));
  return (
    <Group title="The building">
      <Field label="Floor">
        {(field) => (
          <Choice
            id={field}
            value={building.floor.type}
            options={STANDS}
            onTake={(type) =>
              put(
                open,
                `${building.name} stands otherwise`,
                [...at, "floor"],
                type === "ground"
                  ? { type }
                  : { type: "height", height: Math.round(sure(floors, 0) * 100) / 100 },
              )
            }
          />
        )}
      </Field>
      {building.floor.type === "height" && (
        <Metres
          label="Height"
          path={[...at, "floor", "height"]}
          value={building.floor.height}
          least={-300}
          most={4000}
        />
      )}
      <Metres
        label="Walls"
        path={[...at, "thickness"]}
        value={building.thickness}
        least={0.05}
        most={5}
      />
      <StopsFields path={[...at, "stops"]} value={building.stops} of={building.name} />
      <Field label="Roof">
        {(field) => (
          <Choice
            id={field}
            value={building.roof.make}
            options={ROOFS}
            onTake={(make) =>
              put(open, `Another roof of ${building.name}`, [...at, "roof", "make"], make)
            }
          />
        )}
      </Field>
      {building.roof.make === "flat" && (
        <Metres
          label="Parapet"
          path={[...at, "roof", "parapet"]}
          value={building.roof.parapet}
          least={0}
          most={5}
        />
      )}
    </Group>
  );
}

/** The storeys of a building, the highest first, and which of them is looked into. */
function Storeys({ id }: { id: string }) {
  const open = useOpenMission();
  const mission = useMission((state) => state.mission);
  const building = sure(mission.buildings, id);
  const { peel, setPeel } = useDeskPart("peel", "setPeel");
  const house = houseOf(building, knownGround(mission.setting.terrain));
  const seen = storeySeen(house, peel);
  const add = () =>
    open.edit(`Another storey of ${building.name}`, (draft) => {
      const { storeys } = sure(draft.buildings, id);
      const many = Object.keys(storeys).length;
      storeys[newId()] = { order: orderAfter(storeys), name: `Storey ${many + 1}`, height: 3 };
    });
  const look = (i: number, word: string) => (
    <Button
      look="quiet"
      className="min-h-6! px-1"
      aria-label={`Look at ${word}`}
      aria-pressed={seen === i}
      onClick={() => setPeel(peelTo(house, i))}
    >
      <Eye size="0.875rem" className={seen === i ? "text-moss" : ""} />
    </Button>
  );
  return (
    <Group title="Storeys" summary={String(house.storeys.length)}>
      <p className="flex items-center justify-between text-small">
        Roof, {metres(sure(house.floors, house.storeys.length))}
        {look(house.storeys.length, "the roof")}
      </p>
      {[...house.storeys].reverse().map(([storey, { name, height }]) => {
        const i = house.storeys.findIndex(([it]) => it === storey);
        const at = ["buildings", id, "storeys", storey];
        return (
          <div key={storey} className="border-hairline border-t py-1">
            <div className="flex items-center gap-1">
              <TextBox
                label="Name of the storey"
                value={name}
                maxLength={60}
                required
                quiet
                onTake={(to) => put(open, `Call a storey ${to}`, [...at, "name"], to)}
              />
              {look(i, name)}
              {house.storeys.length > 1 && (
                <Button
                  look="quiet"
                  className="min-h-6! px-1"
                  aria-label={`Take ${name} away`}
                  onClick={() =>
                    open.edit(`Take ${name} of ${building.name} away`, (draft) =>
                      removeStorey(sure(draft.buildings, id), storey),
                    )
                  }
                >
                  <X size="0.8125rem" />
                </Button>
              )}
            </div>
            <Metres label="High" path={[...at, "height"]} value={height} least={1} most={30} />
          </div>
        );
      })}
      <Button className="mt-1" onClick={add}>
        <Plus size="0.875rem" /> A storey
      </Button>
    </Group>
  );
}

/** Takes a storey away with all that is in it. */
export function removeStorey(building: Building, storey: string): void {
  delete building.storeys[storey];
  for (const parts of [building.doors, building.windows, building.inner, building.stairs]) {
    for (const [id, part] of Object.entries(parts)) {
      if (part.storey === storey) delete parts[id];
    }
  }
}

const OPENINGS = { doors: "Door", windows: "Window" } as const;

/** Doors, windows, inner walls and stairs of the storey that is looked into. */
function Inside({ id }: { id: string }) {
  const open = useOpenMission();
  const mission = useMission((state) => state.mission);
  const building = sure(mission.buildings, id);
  const { peel, setPeel, select } = useDeskPart("peel", "setPeel", "select");
  const house = houseOf(building, knownGround(mission.setting.terrain));
  const seen = storeySeen(house, peel);
  const found = house.storeys[seen];
  if (!found) {
    return (
      <Group title="Inside">
        <p className="text-small text-quiet">
          Look into a storey to set doors, windows, inner walls and stairs.
        </p>
        <Button className="mt-1" onClick={() => setPeel(peelTo(house, 0))}>
          <DoorOpen size="0.875rem" /> Look inside
        </Button>
      </Group>
    );
  }
  const [storey, { name }] = found;
  const of = { family: "buildings", id } as const;
  const here = ([, part]: [string, { storey: string }]) => part.storey === storey;
  const remove = (parts: "doors" | "windows" | "inner" | "stairs", part: string, word: string) =>
    open.edit(`Take ${word} of ${building.name} away`, (draft) => {
      delete sure(draft.buildings, id)[parts][part];
    });
  const line = (parts: "inner" | "stairs", word: string) =>
    ordered<{ order: string; storey: string }>(building[parts])
      .filter(here)
      .map(([part], i) => (
        <p key={part} className="flex items-center justify-between text-small">
          {word} {i + 1}
          <Button
            look="quiet"
            className="min-h-6! px-1"
            aria-label={`Take ${word.toLowerCase()} ${i + 1} away`}
            onClick={() => remove(parts, part, word.toLowerCase())}
          >
            <X size="0.8125rem" />
          </Button>
        </p>
      ));
  return (
    <Group title={`Inside: ${name}`}>
      {(["doors", "windows"] as const).map((parts) =>
        ordered<{ order: string; storey: string; width: number }>(building[parts])
          .filter(here)
          .map(([part, { width }], i) => {
            const at = ["buildings", id, parts, part];
            const word = OPENINGS[parts];
            const door = parts === "doors" ? building.doors[part] : undefined;
            const window = parts === "windows" ? building.windows[part] : undefined;
            return (
              <Part
                key={part}
                title={`${word} ${i + 1}`}
                onRemove={() => remove(parts, part, `a ${word.toLowerCase()}`)}
              >
                <Metres label="Wide" path={[...at, "width"]} value={width} least={0.4} most={20} />
                {door && (
                  <>
                    <Metres
                      label="High"
                      path={[...at, "height"]}
                      value={door.height}
                      least={0.5}
                      most={20}
                    />
                    <Tip says="A gate in the doorway opens and closes it">
                      <Button className="my-1" onClick={() => select([hangGate(open, id, part)])}>
                        Hang a gate in it
                      </Button>
                    </Tip>
                  </>
                )}
                {window && (
                  <>
                    <Metres
                      label="Sill"
                      path={[...at, "sill"]}
                      value={window.sill}
                      least={0}
                      most={30}
                    />
                    <Metres
                      label="Top"
                      path={[...at, "top"]}
                      value={window.top}
                      least={0.1}
                      most={30}
                    />
                    <Tick
                      word="Lets sound through"
                      checked={window.lets.sound}
                      onTake={(on) =>
                        put(open, `A window of ${building.name}`, [...at, "lets", "sound"], on)
                      }
                    />
                  </>
                )}
              </Part>
            );
          }),
      )}
      {line("inner", "Inner wall")}
      {line("stairs", "Stairs")}
      <div className="flex flex-wrap gap-x-2">
        <DrawPart of={of} storey={storey} part="door" word="Door" />
        <DrawPart of={of} storey={storey} part="window" word="Window" />
        <DrawPart of={of} storey={storey} part="inner" word="Inner wall" />
        <DrawPart of={of} storey={storey} part="stairs" word="Stairs up" />
      </div>
    </Group>
  );
}

/** All of a building. */
export function BuildingFields({ id }: { id: string }) {
  return (
    <>
      <Storeys id={id} />
      <Inside id={id} />
      <Body id={id} />
    </>
  );
}
