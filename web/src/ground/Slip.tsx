import { Copy, Trash2 } from "lucide-react";
import type { ReactNode } from "react";
import { useLocation } from "wouter";
import { type Ground, heightAt, surfaceAt } from "../map/ground";
import { SIDE_COLOURS } from "../map/stones";
import { useMission, useOpenMission } from "../model/context";
import { useDesk } from "../model/desk";
import {
  extent,
  key,
  type Mission,
  nameOf,
  ordered,
  placeOf,
  type Ref,
  refOf,
  standing,
  usesOf,
} from "../model/mission";
import { Button, Choice, Field, Group, NumberBox, TextBox } from "../ui/controls";
import { duplicate, face, remove, rename, resize, usersOf } from "./deeds";
import { Orders } from "./Orders";

/** The card of what is selected: a sentence that says what it is, then its fields. */
export function Slip({ ground, onShow }: { ground: Ground; onShow: (name: string) => void }) {
  const mission = useMission((state) => state.mission);
  const selection = useDesk((desk) => desk.selection);
  const keys = [...selection].filter((name) => placeOf(mission, refOf(name)));
  const only = keys.length === 1 ? refOf(keys[0]) : null;
  return (
    <aside
      aria-label="Slip"
      className="flex w-[264px] shrink-0 flex-col overflow-auto border border-line bg-slip shadow-sm"
    >
      {keys.length === 0 && <Nothing mission={mission} />}
      {only && <One key={key(only)} thing={only} ground={ground} onShow={onShow} />}
      {keys.length > 1 && <Several keys={keys} />}
    </aside>
  );
}

function Nothing({ mission }: { mission: Mission }) {
  const empty = Object.keys(mission.starts).length + Object.keys(mission.units).length === 0;
  return (
    <div className="p-3">
      <h2 className="pb-1 font-bold text-lg">{mission.brief.title}</h2>
      <p className="font-serif">
        {empty
          ? "An empty shore. Begin with a player start from the tray below, then somebody to meet, then a zone to reach."
          : mission.brief.summary || "Select something on the map or in Contents to see its slip."}
      </p>
      <h3 className="pt-4 font-bold font-sans text-[13px] text-flint">By hand</h3>
      <ul className="pt-1 text-[13px] text-flint">
        <li>Drag to move, Ctrl+drag to duplicate</li>
        <li>Shift+wheel or the handle to turn</li>
        <li>Drag on empty ground to select several</li>
        <li>Click again to reach what lies below</li>
        <li>Right-drag or Hand to pan, wheel to zoom</li>
        <li>Arrows nudge 1 m, with Shift 10 m</li>
      </ul>
    </div>
  );
}

function Several({ keys }: { keys: string[] }) {
  const mission = useMission((state) => state.mission);
  return (
    <>
      <h2 className="p-3 font-bold text-lg">{keys.length} things</h2>
      <ul className="px-3 pb-3">
        {keys.slice(0, 12).map((name) => (
          <li key={name}>{nameOf(mission, refOf(name))}</li>
        ))}
        {keys.length > 12 && <li className="text-quiet">and {keys.length - 12} more</li>}
      </ul>
      <Deeds keys={keys} />
    </>
  );
}

function One(props: { thing: Ref; ground: Ground; onShow: (name: string) => void }) {
  const { thing, ground } = props;
  const open = useOpenMission();
  const mission = useMission((state) => state.mission);
  const found = standing(mission, thing);
  const at = placeOf(mission, thing);
  if (!at) return null;
  const zone = thing.family === "zones" ? mission.zones[thing.id] : undefined;
  const edge = zone ? `hsl(${zone.hue} 55% 30%)` : found?.side && SIDE_COLOURS[found.side.colour];
  const { width, height } = extent(mission);
  const moveTo = (axis: "x" | "y") => (value: number) =>
    open.edit(`Move ${nameOf(mission, thing)}`, (draft) => {
      const place = placeOf(draft, thing);
      if (place) place[axis] = value;
    });
  return (
    <>
      <div style={{ background: edge }} className="h-1.5 shrink-0" />
      <div className="px-3 pt-2.5 pb-3">
        <TextBox
          label="Name"
          value={nameOf(mission, thing)}
          maxLength={60}
          required
          onTake={(name) => rename(open, thing, name)}
        />
        <p className="pt-2 font-serif text-[15px] leading-snug">{sentence(mission, thing)}</p>
      </div>
      {found && <Who thing={thing} mission={mission} />}
      {thing.family === "units" && (
        <Orders path={["units", thing.id, "order"]} of={nameOf(mission, thing)} />
      )}
      <Group title="Where">
        <Field label="East">
          {(id) => (
            <NumberBox id={id} unit="m" least={0} most={width} value={at.x} onTake={moveTo("x")} />
          )}
        </Field>
        <Field label="North">
          {(id) => (
            <NumberBox id={id} unit="m" least={0} most={height} value={at.y} onTake={moveTo("y")} />
          )}
        </Field>
        {found && (
          <Field label="Faces">
            {(id) => (
              <NumberBox
                id={id}
                unit="°"
                least={0}
                most={359}
                digits={0}
                value={found.thing.facing}
                onTake={(bearing) => face(open, thing, bearing)}
              />
            )}
          </Field>
        )}
        {zone && (
          <Field label="Radius">
            {(id) => (
              <NumberBox
                id={id}
                unit="m"
                least={0.5}
                most={10000}
                value={zone.shape.radius}
                onTake={(radius) => resize(open, thing.id, radius)}
              />
            )}
          </Field>
        )}
        <p className="pt-1 text-[13px] text-quiet">
          Ground at {heightAt(ground, at.x, at.y).toFixed(1)} m, {surfaceAt(ground, at.x, at.y)}
        </p>
      </Group>
      <Links thing={thing} onShow={props.onShow} />
      <Deeds keys={[key(thing)]} />
    </>
  );
}

/** What a thing is and does, in a sentence. */
export function sentence(mission: Mission, thing: Ref): ReactNode {
  if (thing.family === "zones") {
    const { radius } = mission.zones[thing.id].shape;
    const events = usesOf(mission, thing).filter(({ family }) => family === "events").length;
    const use = events === 0 ? "No event names it yet." : `${events} of the events name it.`;
    return `A round zone, ${radius * 2} m across. ${use}`;
  }
  const found = standing(mission, thing);
  if (!found) return null;
  const kind = (found.kind?.name ?? "somebody").toLowerCase();
  const side = (
    <b style={{ color: found.side && SIDE_COLOURS[found.side.colour] }}>
      {found.side?.name ?? "nobody"}
    </b>
  );
  if (thing.family === "starts") {
    return (
      <>
        A player begins here as a {kind} of the {side}.
      </>
    );
  }
  return (
    <>
      A {kind} of the {side}.
    </>
  );
}

function Who({ thing, mission }: { thing: Ref; mission: Mission }) {
  const open = useOpenMission();
  const found = standing(mission, thing);
  if (!found) return null;
  const change = (field: "side" | "kind", family: "sides" | "kinds") => (id: string) =>
    open.edit(`Change the ${field} of ${found.thing.name}`, (draft) => {
      const it = thing.family === "units" ? draft.units[thing.id] : draft.starts[thing.id];
      it[field] = { family, id };
    });
  const lostOr = (ref: Ref) =>
    nameOf(mission, ref) && !(mission[ref.family] as object)[ref.id as never]
      ? [{ value: ref.id, word: `${nameOf(mission, ref)} (gone)` }]
      : [];
  const sides = ordered(mission.sides).map(([value, { name }]) => ({ value, word: name }));
  const kinds = Object.entries(mission.kinds).map(([value, { name }]) => ({ value, word: name }));
  return (
    <Group title="Who">
      <Field label="Side">
        {(id) => (
          <Choice
            id={id}
            value={found.thing.side.id}
            options={[...lostOr(found.thing.side), ...sides]}
            onTake={change("side", "sides")}
          />
        )}
      </Field>
      <Field label="Kind">
        {(id) => (
          <Choice
            id={id}
            value={found.thing.kind.id}
            options={[...lostOr(found.thing.kind), ...kinds]}
            onTake={change("kind", "kinds")}
          />
        )}
      </Field>
    </Group>
  );
}

function Links({ thing, onShow }: { thing: Ref; onShow: (name: string) => void }) {
  const mission = useMission((state) => state.mission);
  const id = useMission((state) => state.id);
  const { select, openEvent } = useDesk();
  const [, go] = useLocation();
  const users = usersOf(mission, [key(thing)]);
  if (users.length === 0) return null;
  const follow = (user: Ref) => {
    if (user.family === "events") {
      openEvent(user.id);
      go(`/missions/${id}/script`);
    } else {
      select([key(user)]);
      onShow(key(user));
    }
  };
  return (
    <Group title="Named by">
      {users.map((user) => (
        <button
          key={key(user)}
          type="button"
          className="block min-h-7 border-b border-dotted border-flint text-left text-tarn hover:bg-black/5"
          onClick={() => follow(user)}
        >
          {nameOf(mission, user)}
        </button>
      ))}
    </Group>
  );
}

function Deeds({ keys }: { keys: string[] }) {
  const open = useOpenMission();
  const mission = useMission((state) => state.mission);
  const select = useDesk((desk) => desk.select);
  const users = usersOf(mission, keys);
  const names = users.map((user) => nameOf(mission, user)).join(", ");
  return (
    <div className="mt-auto border-t border-hairline p-3">
      {users.length > 0 && (
        <p className="pb-2 text-[13px] text-flint">
          Deleting leaves {users.length === 1 ? "one open place" : "open places"} in {names}.
        </p>
      )}
      <div className="flex gap-2">
        <Button onClick={() => select(duplicate(open, keys))} title="Duplicate (Ctrl+D)">
          <Copy size={14} /> Duplicate
        </Button>
        <Button look="danger" onClick={() => remove(open, keys)} title="Delete (Del)">
          <Trash2 size={14} /> Delete
        </Button>
      </div>
    </div>
  );
}
