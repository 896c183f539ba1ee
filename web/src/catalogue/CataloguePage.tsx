import { Plus, Trash2 } from "lucide-react";
import { useState } from "react";
import { BundlesTab } from "../bundles/BundlesTab";
import { removeAll } from "../deeds/deeds";
import { PANE } from "../desk/panes";
import { HOME } from "../desk/useHome";
import { put } from "../document/change";
import { useMission, useOpenMission } from "../document/context";
import { freshName, newId, orderAfter, ordered, type Side, usesOf } from "../document/mission";
import { Stone } from "../drawing/Stone";
import { OwnFacts } from "../editor/slips/OwnFacts";
import { Button, Choice, TextBox } from "../ui/controls";
import { TabList, TabPanel, Tabs } from "../ui/Tabs";
import { Entries } from "./Entries";
import { StanceTable } from "./StanceTable";

const COLOURS: { value: Side["colour"]; word: string }[] = [
  { value: "gold", word: "Gold" },
  { value: "heather", word: "Heather" },
  { value: "tarn", word: "Tarn" },
  { value: "rust", word: "Rust" },
];
const OUTLINES: { value: Side["outline"]; word: string }[] = [
  { value: "pebble", word: "Pebble" },
  { value: "shard", word: "Shard" },
  { value: "cairn", word: "Cairn" },
  { value: "leaf", word: "Leaf" },
  { value: "ring", word: "Ring" },
  { value: "slab", word: "Slab" },
];
const FILLS: { value: Side["fill"]; word: string }[] = [
  { value: "hollow", word: "Hollow" },
  { value: "solid", word: "Solid" },
  { value: "half", word: "Half filled" },
];

const EMBLEMS: { value: Side["emblem"]; word: string }[] = [
  { value: "none", word: "None" },
  { value: "lantern", word: "Lantern" },
  { value: "hook", word: "Hook" },
  { value: "sheaf", word: "Sheaf" },
  { value: "paw", word: "Paw" },
  { value: "wave", word: "Wave" },
  { value: "star", word: "Star" },
];

/** The most sides of a mission. */
const MOST = 16;

const TABS = (["Sides", "Kinds", "Weapons", "Items", "Things", "Dealings", "Bundles"] as const).map(
  (tab) => ({
    tab,
    word: tab,
  }),
);

/** Sides and how they stand to each other; kinds of units, weapons, items and things, and what people do with people. */
export function CataloguePage() {
  const [tab, setTab] = useState<(typeof TABS)[number]["tab"]>("Sides");
  return (
    <main
      {...HOME}
      {...PANE}
      tabIndex={-1}
      className="relative min-h-0 grow overflow-auto p-4 outline-none"
    >
      <div className="mx-auto max-w-6xl border border-line bg-slip px-8 pt-3 pb-8 shadow-sm">
        <Tabs open={tab} onOpen={setTab}>
          <TabList label="Catalogue" look="line" tabs={TABS} />
          <TabPanel tab={tab}>
            {tab === "Sides" && (
              <>
                <h2 className="mt-4 border-hairline border-b pb-2 font-bold text-xl">Sides</h2>
                <Sides />
                <h2 className="mt-8 border-hairline border-b pb-2 font-bold text-xl">Stances</h2>
                <StanceTable />
                <h2 className="mt-8 border-hairline border-b pb-2 font-bold text-xl">
                  Flags and counters of sides
                </h2>
                <SideFacts />
              </>
            )}
            {tab === "Kinds" && <Entries family="kinds" />}
            {tab === "Weapons" && <Entries family="weapons" />}
            {tab === "Items" && <Entries family="itemKinds" />}
            {tab === "Things" && <Entries family="thingKinds" />}
            {tab === "Dealings" && <Entries family="dealings" />}
            {tab === "Bundles" && <BundlesTab />}
          </TabPanel>
        </Tabs>
      </div>
    </main>
  );
}

function Sides() {
  const open = useOpenMission();
  const mission = useMission((state) => state.mission);
  const sides = ordered(mission.sides);
  const add = () =>
    open.edit("Add a side", (draft) => {
      const name = freshName(draft.sides, "Side");
      const taken = new Set(Object.values(draft.sides).map(look));
      const [colour, outline, fill] = free(taken);
      const order = orderAfter(draft.sides);
      draft.sides[newId()] = {
        name,
        member: `${name} member`,
        order,
        colour,
        outline,
        fill,
        emblem: "none",
      };
    });
  const remove = (id: string, name: string) =>
    open.edit(`Delete the ${name}`, (draft) => {
      for (const [stance, { one, other }] of Object.entries(draft.stances)) {
        if (one.id === id || other.id === id) delete draft.stances[stance];
      }
      removeAll(draft, [{ family: "sides", id }]);
    });
  return (
    <>
      <div className="relative overflow-x-auto">
        <table className="w-full">
          <thead>
            <tr className="text-left text-small text-flint-2">
              {[
                "",
                "Name",
                "One of them",
                "Colour",
                "Stone",
                "Second sign",
                "Emblem",
                "Used by",
                "",
              ].map((word, i) => (
                <th key={word || i} scope="col" className="py-1 pr-3 font-normal">
                  {word || <span className="sr-only">{i === 0 ? "Stone" : "Delete"}</span>}
                </th>
              ))}
            </tr>
          </thead>
          <tbody>
            {sides.map(([id, side]) => (
              <SideRow key={id} id={id} side={side} onRemove={() => remove(id, side.name)} />
            ))}
          </tbody>
        </table>
      </div>
      <Button className="mt-3" onClick={add} disabled={sides.length >= MOST}>
        <Plus size="0.875rem" /> Add a side
      </Button>
    </>
  );
}

/** What is counted and remembered of each side. */
function SideFacts() {
  const sides = useMission((state) => state.mission.sides);
  return (
    <div className="grid grid-cols-2 gap-x-8 lg:grid-cols-3">
      {ordered(sides).map(([id, { name }]) => (
        <OwnFacts key={id} thing={{ family: "sides", id }} name={name} title={name} />
      ))}
    </div>
  );
}

function SideRow(props: { id: string; side: Side; onRemove: () => void }) {
  const open = useOpenMission();
  const mission = useMission((state) => state.mission);
  const { id, side } = props;
  const change = (field: keyof Side) => (value: string) =>
    put(open, `Change the ${side.name}`, ["sides", id, field], value);
  const users = usesOf(mission, { family: "sides", id }).filter(
    ({ family }) => family !== "stances",
  ).length;
  return (
    <tr className="border-hairline border-t">
      <td className="w-10 py-1.5">
        <Stone side={side} size={28} />
      </td>
      <td className="min-w-28 pr-3">
        <TextBox
          label={`Name of the ${side.name}`}
          value={side.name}
          maxLength={60}
          required
          onTake={change("name")}
        />
      </td>
      <td className="min-w-24 pr-3">
        <TextBox
          label={`One of the ${side.name}`}
          value={side.member}
          maxLength={60}
          required
          onTake={change("member")}
        />
      </td>
      <td className="w-28 min-w-28 pr-3">
        <Choice
          label={`Colour of the ${side.name}`}
          value={side.colour}
          options={COLOURS}
          onTake={change("colour")}
        />
      </td>
      <td className="w-28 min-w-28 pr-3">
        <Choice
          label={`Stone of the ${side.name}`}
          value={side.outline}
          options={OUTLINES}
          onTake={change("outline")}
        />
      </td>
      <td className="w-32 min-w-30 pr-3">
        <Choice
          label={`Second sign of the ${side.name}`}
          value={side.fill}
          options={FILLS}
          onTake={change("fill")}
        />
      </td>
      <td className="w-28 min-w-28 pr-3">
        <Choice
          label={`Emblem of the ${side.name}`}
          value={side.emblem}
          options={EMBLEMS}
          onTake={change("emblem")}
        />
      </td>
      <td className="w-20 min-w-18 text-small text-flint">
        {users === 0 ? "nothing" : users === 1 ? "one thing" : `${users} things`}
      </td>
      <td className="w-10">
        <Button look="quiet" aria-label={`Delete the ${side.name}`} onClick={props.onRemove}>
          <Trash2 size="0.9375rem" />
        </Button>
      </td>
    </tr>
  );
}

function look({ colour, outline }: Pick<Side, "colour" | "outline">): string {
  return `${colour} ${outline}`;
}

/** A colour and stone that no side has yet. */
function free(taken: Set<string>): [Side["colour"], Side["outline"], Side["fill"]] {
  for (const { value: outline } of OUTLINES) {
    for (const { value: colour } of COLOURS) {
      if (!taken.has(look({ colour, outline }))) return [colour, outline, "hollow"];
    }
  }
  return ["gold", "ring", "half"];
}
