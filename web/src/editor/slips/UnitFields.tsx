import { join } from "../../deeds/deeds";
import { put } from "../../document/change";
import { useMission, useOpenMission } from "../../document/context";
import { type Mission, nameOf, ordered, type Ref, standing } from "../../document/mission";
import { sure } from "../../document/sure";
import { Choice, Field, Group, Tick } from "../../ui/controls";
import { common, VARIOUS, withVarious } from "./common";

function title(mission: Mission, things: Ref[]): string {
  return things.length === 1 ? nameOf(mission, sure(things, 0)) : `${things.length} units`;
}

/** The side and kind of units and player starts. */
export function Who({ things }: { things: Ref[] }) {
  const open = useOpenMission();
  const mission = useMission((state) => state.mission);
  const all = things.flatMap((thing) => standing(mission, thing)?.thing ?? []);
  const change = (field: "side" | "kind", family: "sides" | "kinds") => (id: string) => {
    if (id === VARIOUS) return;
    open.edit(`Change the ${field} of ${title(mission, things)}`, (draft) => {
      for (const thing of things) {
        const it =
          thing.family === "units" ? sure(draft.units, thing.id) : sure(draft.starts, thing.id);
        it[field] = { family, id };
      }
    });
  };
  const options = (field: "side" | "kind", family: "sides" | "kinds") => {
    const there = family === "sides" ? ordered(mission.sides) : Object.entries(mission.kinds);
    const chosen = common(all.map((it) => it[field].id));
    const gone = chosen !== undefined && !(mission[family] as Record<string, unknown>)[chosen];
    const lost = gone
      ? [{ value: chosen, word: `${nameOf(mission, { family, id: chosen })} (gone)` }]
      : [];
    const words = there.map(([value, { name }]) => ({ value, word: name }));
    return { value: chosen ?? VARIOUS, options: withVarious([...lost, ...words], chosen) };
  };
  return (
    <Group
      title="Who"
      summary={`${nameOf(mission, sure(all, 0).kind)}, ${nameOf(mission, sure(all, 0).side)}`}
    >
      <Field label="Side">
        {(id) => <Choice id={id} {...options("side", "sides")} onTake={change("side", "sides")} />}
      </Field>
      <Field label="Kind">
        {(id) => <Choice id={id} {...options("kind", "kinds")} onTake={change("kind", "kinds")} />}
      </Field>
    </Group>
  );
}

/** Whether units are there from the start, and whose orders they share. */
export function Play({ units }: { units: Ref[] }) {
  const open = useOpenMission();
  const mission = useMission((state) => state.mission);
  const all = units.map(({ id }) => sure(mission.units, id));
  const inPlay = common(all.map((it) => (it.inPlay ? "start" : "later")));
  const squad = common(
    all.map(({ belongs }) => (belongs.type === "squad" ? belongs.squad.id : "")),
  );
  const squads = Object.entries(mission.squads).map(([value, { name }]) => ({ value, word: name }));
  return (
    <Group title="In play" summary={inPlay === "later" ? "when brought in" : "from the start"}>
      <Field label="Comes">
        {(id) => (
          <Choice
            id={id}
            value={inPlay ?? VARIOUS}
            options={withVarious(
              [
                { value: "start", word: "From the start" },
                { value: "later", word: "When brought in" },
              ],
              inPlay,
            )}
            onTake={(when) => {
              if (when === VARIOUS) return;
              open.edit(`${title(mission, units)} in play ${when}`, (draft) => {
                for (const { id: unit } of units) sure(draft.units, unit).inPlay = when === "start";
              });
            }}
          />
        )}
      </Field>
      <Field label="Squad">
        {(id) => (
          <Choice
            id={id}
            value={squad ?? VARIOUS}
            options={withVarious([{ value: "", word: "None, on their own" }, ...squads], squad)}
            onTake={(to) => {
              if (to !== VARIOUS) join(open, units, to === "" ? null : to);
            }}
          />
        )}
      </Field>
    </Group>
  );
}

/** Where a player begins, and what becomes of their unit while nobody sits in its seat. */
export function Seat({ id }: { id: string }) {
  const open = useOpenMission();
  const start = useMission((state) => sure(state.mission.starts, id));
  const zones = useMission((state) => state.mission.zones);
  const { begins } = start;
  const begin = (next: typeof begins) =>
    put(open, `Where ${start.name} begins`, ["starts", id, "begins"], next);
  const gone = begins.type === "inZone" && !zones[begins.zone.id];
  return (
    <Group title="Seat">
      <Field label="Begins">
        {(field) => (
          <Choice
            id={field}
            value={begins.type === "inZone" ? begins.zone.id : ""}
            options={[
              { value: "", word: "Here" },
              ...(gone ? [{ value: begins.zone.id, word: "In a zone that is gone" }] : []),
              ...Object.entries(zones).map(([zone, { name }]) => ({
                value: zone,
                word: `Somewhere in ${name}`,
              })),
            ]}
            onTake={(zone) =>
              begin(
                zone === ""
                  ? { type: "here" }
                  : { type: "inZone", zone: { family: "zones", id: zone }, unseen: false },
              )
            }
          />
        )}
      </Field>
      {begins.type === "inZone" && (
        <Tick
          word="out of sight of enemies"
          checked={begins.unseen}
          onTake={(unseen) => begin({ ...begins, unseen })}
        />
      )}
      <Field label="While empty">
        {(field) => (
          <Choice
            id={field}
            value={start.empty}
            options={[
              { value: "companion", word: "Plays along" },
              { value: "away", word: "Stays away" },
            ]}
            onTake={(empty) =>
              open.edit(`Change the seat of ${start.name}`, (draft) => {
                sure(draft.starts, id).empty = empty;
              })
            }
          />
        )}
      </Field>
    </Group>
  );
}
