import { X } from "lucide-react";
import { removeAll } from "../../deeds/deeds";
import { useMission, useOpenMission } from "../../document/context";
import {
  freshName,
  key,
  type Mission,
  newId,
  type Owner,
  ownerOf,
  pinnedOf,
  type Ref,
} from "../../document/mission";
import { sure } from "../../document/sure";
import { PinnedToken } from "../../sentence/tokens";
import { Button, Group, TextBox, Tick } from "../../ui/controls";

function ownedBy(thing: Ref): Owner {
  if (thing.family === "zones") return { type: "zone", zone: thing };
  return thing.family === "units" ? { type: "unit", unit: thing } : { type: "side", side: thing };
}

function own(mission: Mission, family: "flags" | "counters", thing: Ref) {
  return Object.entries(mission[family]).filter(([, { of }]) => {
    const owner = ownerOf(of);
    return owner && key(owner) === key(thing);
  });
}

/** The flags and counters of one thing: how they begin, and their names. */
export function OwnFacts(props: { thing: Ref; name: string; title?: string }) {
  const { thing, name, title = "Its own flags and counters" } = props;
  const open = useOpenMission();
  const mission = useMission((state) => state.mission);
  const flags = own(mission, "flags", thing);
  const counters = own(mission, "counters", thing);
  const add = (family: "flags" | "counters", word: string) =>
    open.edit(`A ${word.toLowerCase()} of ${name}`, (draft) => {
      const fact = { name: freshName(draft[family], `${name} ${word.toLowerCase()}`.slice(0, 54)) };
      const of = ownedBy(thing);
      if (family === "flags") draft.flags[newId()] = { ...fact, on: false, of };
      else draft.counters[newId()] = { ...fact, value: pinnedOf(0), of };
    });
  const line = (family: "flags" | "counters", id: string, called: string) => (
    <>
      <span className="min-w-0 grow">
        <TextBox
          label={`Name of the ${family === "flags" ? "flag" : "counter"}`}
          value={called}
          maxLength={60}
          required
          quiet
          onTake={(to) =>
            open.edit(`Rename to ${to}`, (draft) => {
              const facts: Record<string, { name: string }> = draft[family];
              sure(facts, id).name = to;
            })
          }
        />
      </span>
    </>
  );
  const drop = (family: "flags" | "counters", id: string, called: string) => (
    <Button
      look="quiet"
      className="px-1"
      aria-label={`Delete ${called}`}
      onClick={() => open.edit(`Delete ${called}`, (draft) => removeAll(draft, [{ family, id }]))}
    >
      <X size="0.875rem" />
    </Button>
  );
  return (
    <Group
      title={title}
      summary={
        flags.length + counters.length === 0 ? "none" : String(flags.length + counters.length)
      }
    >
      <ul>
        {flags.map(([id, flag]) => (
          <li key={id} className="flex items-center gap-1">
            {line("flags", id, flag.name)}
            <Tick
              word="on"
              checked={flag.on}
              onTake={(on) => {
                open.edit(`${flag.name} ${on ? "on" : "off"} at the start`, (draft) => {
                  sure(draft.flags, id).on = on;
                });
              }}
            />
            {drop("flags", id, flag.name)}
          </li>
        ))}
        {counters.map(([id, counter]) => (
          <li key={id} className="flex items-center gap-1">
            {line("counters", id, counter.name)}
            <PinnedToken
              label={`${counter.name} at the start`}
              least={-1e9}
              most={1e9}
              value={counter.value}
              take={(to) =>
                open.edit(`${counter.name} begins at ${to.value}`, (draft) => {
                  sure(draft.counters, id).value = to;
                })
              }
            />
            {drop("counters", id, counter.name)}
          </li>
        ))}
      </ul>
      <div className="flex gap-2 pt-1">
        <Button onClick={() => add("flags", "Flag")}>New flag</Button>
        <Button onClick={() => add("counters", "Counter")}>New counter</Button>
      </div>
    </Group>
  );
}
