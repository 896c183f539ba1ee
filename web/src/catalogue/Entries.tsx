import { Copy, Plus, Trash2 } from "lucide-react";
import { useState } from "react";
import { removeAll } from "../ground/deeds";
import { CarriedList } from "../ground/slips/KitFields";
import { StopsFields } from "../ground/slips/WorksFields";
import { useMission, useOpenMission } from "../model/context";
import { useDesk } from "../model/desk";
import {
  FAMILY_WORDS,
  freshName,
  type ItemKindFigure,
  type KindGlyph,
  type Mission,
  nameOf,
  newId,
  type PropKind,
  type PropKindFigure,
  type Ref,
  usesOf,
} from "../model/mission";
import { placesOf, repoint } from "../model/uses";
import { Chosen } from "../script/Chosen";
import { put } from "../script/change";
import { usePhrases } from "../script/phrases";
import { Button, Choice, Field, NumberBox, TextBox, Tick } from "../ui/controls";
import { Stone } from "../ui/Stone";
import { ItemSign, PropSign } from "../ui/ThingIcon";
import { FigureFields } from "./FigureFields";
import { ITEM_FIGURES, KIND_FIGURES, PROP_FIGURES_OF, WEAPON_FIGURES } from "./figures";
import { FIRSTS } from "./firsts";

const EMPTY: Record<EntryFamily, string> = {
  kinds: "There is nobody yet: kinds say what people and creatures are and can do.",
  weapons: "There are no weapons yet. Kinds and single units carry them.",
  itemKinds:
    "There are no items yet: keys, flasks, tools and salve that lie about, are carried, and that fixtures ask for.",
  propKinds: "There are no props yet: what stands about, gives cover or is in the way.",
};

type EntryFamily = "kinds" | "weapons" | "itemKinds" | "propKinds";

/** The entries of one family of the catalogue: a list, and the card of the one that is chosen. */
export function Entries({ family }: { family: EntryFamily }) {
  const open = useOpenMission();
  const mission = useMission((state) => state.mission);
  const [chosen, setChosen] = useState<string>();
  const entries = Object.entries(mission[family] as Record<string, { name: string }>).sort(
    ([, a], [, b]) => a.name.localeCompare(b.name, "en", { numeric: true }),
  );
  const groups =
    family === "kinds" ? peopleAndCreatures(entries, mission) : [["", entries] as const];
  const id =
    chosen && mission[family][chosen]
      ? chosen
      : groups.find(([, some]) => some.length > 0)?.[1][0]?.[0];
  const first = () => {
    const made = newId();
    open.edit(`New ${FAMILY_WORDS[family]}: ${FIRSTS[family].name}`, (draft) => {
      (draft[family] as Record<string, unknown>)[made] = structuredClone(FIRSTS[family]);
    });
    setChosen(made);
  };
  if (entries.length === 0) {
    return (
      <div className="mt-4 border border-line border-dashed p-4">
        <p className="pb-3 text-flint">{EMPTY[family]}</p>
        <Button onClick={first}>
          <Plus size={14} /> Make the first one
        </Button>
      </div>
    );
  }
  return (
    <div className="flex gap-6 pt-4">
      <div className="w-56 shrink-0 border-hairline border-r pr-3">
        {groups.map(([title, some]) => (
          <section key={title} aria-label={title}>
            {title && <h3 className="px-2 pt-2 pb-1 font-bold text-[13px] text-flint">{title}</h3>}
            <ul>
              {some.map(([entry, { name }]) => (
                <li key={entry}>
                  <button
                    type="button"
                    aria-pressed={entry === id}
                    onClick={() => setChosen(entry)}
                    className="flex min-h-9 w-full items-center gap-2 border-l-3 border-transparent px-2 text-left hover:bg-black/5 aria-pressed:border-moss aria-pressed:bg-moss-soft"
                  >
                    <Sign of={{ family, id: entry }} />
                    <span className="truncate">{name}</span>
                    <Uses of={{ family, id: entry }} />
                  </button>
                </li>
              ))}
            </ul>
          </section>
        ))}
      </div>
      {id && <Entry key={id} of={{ family, id }} onChoose={setChosen} />}
    </div>
  );
}

/** Kinds that have hands, and those that have none. */
function peopleAndCreatures<T>(entries: [string, T][], mission: Mission) {
  const some = (hands: boolean) => entries.filter(([id]) => mission.kinds[id].hands === hands);
  return [
    ["People", some(true)],
    ["Creatures", some(false)],
  ] as const;
}

function Sign({ of }: { of: Ref }) {
  const mission = useMission((state) => state.mission);
  if (of.family === "kinds") return <Stone glyph={mission.kinds[of.id].glyph} size={24} />;
  if (of.family === "propKinds") return <PropSign kind={mission.propKinds[of.id]} size={20} />;
  if (of.family === "itemKinds") {
    return (
      <span className="text-flint">
        <ItemSign figure={mission.itemKinds[of.id].figure} size={20} />
      </span>
    );
  }
  return null;
}

function Uses({ of }: { of: Ref }) {
  const many = useMission((state) => usesOf(state.mission, of).length);
  return (
    <span className="ml-auto text-[12px] text-quiet">{many === 0 ? "unused" : `${many} ×`}</span>
  );
}

function Entry({ of, onChoose }: { of: Ref; onChoose: (id: string) => void }) {
  const open = useOpenMission();
  const name = useMission((state) => nameOf(state.mission, of));
  const family = of.family as EntryFamily;
  const copy = () => {
    const id = newId();
    open.edit(`Copy ${name}`, (draft) => {
      const entries = draft[family] as unknown as Record<string, { name: string }>;
      const original = (open.state.mission[family] as unknown as typeof entries)[of.id];
      entries[id] = {
        ...structuredClone(original),
        name: freshName(entries, original.name.replace(/ \d+$/, "")),
      };
    });
    onChoose(id);
  };
  return (
    <article aria-label={name} className="min-w-0 grow">
      <div className="flex items-center gap-2 pb-3">
        <TextBox
          label={`Name of the ${FAMILY_WORDS[family]}`}
          value={name}
          maxLength={60}
          required
          onTake={(to) => put(open, `Rename to ${to}`, [family, of.id, "name"], to)}
        />
        <Button className="shrink-0" onClick={copy}>
          <Copy size={14} /> Make another like it
        </Button>
      </div>
      {family === "kinds" && <KindCard id={of.id} />}
      {family === "weapons" && <WeaponCard id={of.id} />}
      {family === "itemKinds" && <ItemKindCard id={of.id} />}
      {family === "propKinds" && <PropKindCard id={of.id} />}
      <Replace of={of} name={name} onGone={onChoose} />
    </article>
  );
}

const GLYPHS: { value: KindGlyph; word: string }[] = [
  { value: "keeper", word: "Lantern" },
  { value: "lad", word: "Runner" },
  { value: "guard", word: "Crossbow" },
  { value: "wrecker", word: "Boat-hook" },
  { value: "lookout", word: "Eye" },
  { value: "townsman", word: "Person" },
  { value: "hound", word: "Beast" },
];

function KindCard({ id }: { id: string }) {
  const open = useOpenMission();
  const kind = useMission((state) => state.mission.kinds[id]);
  const at = ["kinds", id];
  return (
    <>
      <div className="w-64 pb-1">
        <Field label="Sign">
          {(field) => (
            <Choice
              id={field}
              value={kind.glyph}
              options={GLYPHS}
              onTake={(glyph) => put(open, `Sign of ${kind.name}`, [...at, "glyph"], glyph)}
            />
          )}
        </Field>
      </div>
      <div className="flex flex-col gap-1 pb-3">
        <Tick
          word="has hands: works fixtures, takes items up, helps others up"
          checked={kind.hands}
          onTake={(hands) => {
            const label = `${kind.name} ${hands ? "has" : "has no"} hands`;
            put(open, label, [...at, "hands"], hands);
          }}
        />
        <Tick
          word="keeps above water that is too deep to wade"
          checked={kind.swims}
          onTake={(swims) => {
            put(open, `${kind.name} ${swims ? "swims" : "drowns"}`, [...at, "swims"], swims);
          }}
        />
      </div>
      <FigureFields groups={KIND_FIGURES} at={at} of={kind.name} />
      <section className="w-72 border-hairline border-t py-3">
        <h4 className="pb-1 font-bold font-sans text-[13px] text-flint">Weapons</h4>
        <CarriedList path={[...at, "weapons"]} label={`Change what a ${kind.name} carries`} />
      </section>
    </>
  );
}

const ITEM_FIGURES_SHOWN: { value: ItemKindFigure; word: string }[] = [
  { value: "flask", word: "Flask" },
  { value: "salve", word: "Tin" },
  { value: "key", word: "Key" },
  { value: "spade", word: "Spade" },
  { value: "bundle", word: "Bundle" },
  { value: "paper", word: "Paper" },
];

function ItemKindCard({ id }: { id: string }) {
  const open = useOpenMission();
  const kind = useMission((state) => state.mission.itemKinds[id]);
  const phrases = usePhrases();
  const at = ["itemKinds", id];
  return (
    <>
      <div className="w-64 pb-3">
        <Field label="Drawn as">
          {(field) => (
            <Choice
              id={field}
              value={kind.figure}
              options={ITEM_FIGURES_SHOWN}
              onTake={(figure) => put(open, `Figure of ${kind.name}`, [...at, "figure"], figure)}
            />
          )}
        </Field>
      </div>
      <p className="flex flex-wrap items-center gap-1 pb-3">
        <span className="w-[84px] text-[13px] text-flint-2">In hand</span>
        {phrases && (
          <Chosen entries={phrases.itemUses} path={[...at, "use"]} label={`Use of ${kind.name}`} />
        )}
      </p>
      <FigureFields groups={ITEM_FIGURES} at={at} of={kind.name} />
    </>
  );
}

function WeaponCard({ id }: { id: string }) {
  const open = useOpenMission();
  const weapon = useMission((state) => state.mission.weapons[id]);
  const at = ["weapons", id];
  return (
    <>
      <div className="w-64 pb-3">
        <Field label="Is used">
          {(field) => (
            <Choice
              id={field}
              value={weapon.use}
              options={[
                { value: "hand", word: "In the hand" },
                { value: "shot", word: "To shoot" },
              ]}
              onTake={(use) => put(open, `Use of the ${weapon.name}`, [...at, "use"], use)}
            />
          )}
        </Field>
      </div>
      <FigureFields groups={WEAPON_FIGURES} at={at} of={weapon.name} />
    </>
  );
}

const FIGURES: { value: PropKindFigure; word: string }[] = [
  { value: "cask", word: "Cask" },
  { value: "crate", word: "Crate" },
  { value: "pot", word: "Pot" },
  { value: "driftwood", word: "Driftwood" },
  { value: "hull", word: "Hull" },
  { value: "boulder", word: "Boulder" },
];

function PropKindCard({ id }: { id: string }) {
  const open = useOpenMission();
  const kind = useMission((state) => state.mission.propKinds[id]);
  const at = ["propKinds", id];
  const { footprint } = kind;
  const size = (label: string, field: string, value: number) => (
    <Field label={label}>
      {(name) => (
        <NumberBox
          id={name}
          unit="m"
          least={0.1}
          most={50}
          value={value}
          onTake={(to) =>
            put(open, `${kind.name}: ${label} ${to} m`, [...at, "footprint", field], to)
          }
        />
      )}
    </Field>
  );
  const reshape = (type: string) => {
    const across = footprint.type === "round" ? footprint.radius * 2 : footprint.width;
    const fresh: PropKind["footprint"] =
      type === "round"
        ? { type: "round", radius: across / 2 }
        : { type: "block", width: across, depth: across };
    put(open, `Footprint of the ${kind.name}`, [...at, "footprint"], fresh);
  };
  return (
    <>
      <div className="grid w-[560px] grid-cols-2 gap-x-6">
        <Field label="Drawn as">
          {(name) => (
            <Choice
              id={name}
              value={kind.figure}
              options={FIGURES}
              onTake={(figure) =>
                put(open, `Drawing of the ${kind.name}`, [...at, "figure"], figure)
              }
            />
          )}
        </Field>
        <Field label="Footprint">
          {(name) => (
            <Choice
              id={name}
              value={footprint.type}
              options={[
                { value: "round", word: "Round" },
                { value: "block", word: "Block" },
              ]}
              onTake={reshape}
            />
          )}
        </Field>
        {footprint.type === "round" && size("Radius", "radius", footprint.radius)}
        {footprint.type === "block" && size("Width", "width", footprint.width)}
        {footprint.type === "block" && size("Depth", "depth", footprint.depth)}
      </div>
      <div className="w-72 pb-2">
        <StopsFields path={[...at, "stops"]} value={kind.stops} of={kind.name} />
      </div>
      <FigureFields groups={PROP_FIGURES_OF} at={at} of={kind.name} />
    </>
  );
}

/** Takes an entry away: what is in use is replaced by another first, never torn out. */
function Replace({ of, name, onGone }: { of: Ref; name: string; onGone: (id: string) => void }) {
  const open = useOpenMission();
  const mission = useMission((state) => state.mission);
  const [by, setBy] = useState("");
  const family = of.family as EntryFamily;
  const uses = placesOf(mission, [of]);
  const others = Object.entries(mission[family] as Record<string, { name: string }>).filter(
    ([id]) => id !== of.id,
  );
  const gone = () => {
    const to = { family, id: by };
    const label = uses.length > 0 ? `Replace ${name} by ${nameOf(mission, to)}` : `Delete ${name}`;
    open.edit(label, (draft) => {
      repoint(draft, uses, to);
      removeAll(draft, [of]);
    });
    useDesk.getState().pick(null);
    onGone(by);
  };
  return (
    <section className="flex items-center gap-3 border-hairline border-t py-3">
      {uses.length > 0 ? (
        <>
          <span className="text-[14px] text-flint">
            In use in {uses.length} {uses.length === 1 ? "place" : "places"}. Replace it by
          </span>
          <span className="w-48">
            <Choice
              label={`Replace ${name} by`}
              value={by}
              options={[
                { value: "", word: "choose…" },
                ...others.map(([value, it]) => ({ value, word: it.name })),
              ]}
              onTake={setBy}
            />
          </span>
          <Button look="danger" disabled={by === ""} onClick={gone}>
            Replace, then delete
          </Button>
        </>
      ) : (
        <Button look="danger" onClick={gone}>
          <Trash2 size={14} /> Delete
        </Button>
      )}
    </section>
  );
}
