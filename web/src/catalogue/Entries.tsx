import { Copy, Plus, Trash2 } from "lucide-react";
import { useState } from "react";
import { removeAll } from "../deeds/deeds";
import { useDesk } from "../desk/desk";
import { put } from "../document/change";
import { useMission, useOpenMission } from "../document/context";
import {
  FAMILY_WORDS,
  freshName,
  type Mission,
  nameOf,
  newId,
  type Ref,
  usesOf,
} from "../document/mission";
import { useShippedThings } from "../document/shipped";
import { sure } from "../document/sure";
import { placesOf, repoint } from "../document/uses";
import { Stone } from "../drawing/Stone";
import { ItemSign } from "../families/items";
import { KindSign } from "../families/kinds";
import { bring } from "../things/parcel";
import { Button, Choice, TextBox } from "../ui/controls";
import { DealingCard } from "./DealingCard";
import { ItemKindCard, KindCard, WeaponCard } from "./EntryCards";
import { FIRSTS } from "./firsts";
import { ThingKindCard } from "./ThingKindCard";

const EMPTY: Record<EntryFamily, string> = {
  kinds: "There is nobody yet: kinds say what people and creatures are and can do.",
  weapons: "There are no weapons yet. Kinds and single units carry them.",
  itemKinds:
    "There are no items yet: keys, flasks, tools and salve that lie about, are carried, and that fixtures ask for.",
  thingKinds:
    "There is nothing yet that stands about: props that cover or are in the way, and fixtures that people use.",
  dealings:
    "Nobody can be dealt with yet: talk, bind, free, carry. Kinds and single units say which of these can be done with them.",
};

type EntryFamily = "kinds" | "weapons" | "itemKinds" | "thingKinds" | "dealings";

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
      if (family === "thingKinds") {
        const id = Object.keys(draft.looks)[0] ?? newId();
        draft.looks[id] ??= { name: "Plain" };
        for (const { look } of Object.values(sure(draft.thingKinds, made).looks)) look.id = id;
      }
    });
    setChosen(made);
  };
  if (entries.length === 0) {
    return (
      <div className="mt-4 border border-line border-dashed p-4">
        <p className="pb-3 text-flint">{EMPTY[family]}</p>
        <Button onClick={first}>
          <Plus size="0.875rem" /> Make the first one
        </Button>
        {family === "dealings" && <BringIn family="dealings" onChoose={setChosen} />}
      </div>
    );
  }
  return (
    <div className="flex gap-6 pt-4">
      <div className="w-56 shrink-0 border-hairline border-r pr-3">
        {groups.map(([title, some]) => (
          <section key={title} aria-label={title}>
            {title && <h3 className="px-2 pt-2 pb-1 font-bold text-small text-flint">{title}</h3>}
            <ul>
              {some.map(([entry, { name }]) => (
                <li key={entry}>
                  <button
                    type="button"
                    aria-pressed={entry === id}
                    onClick={() => setChosen(entry)}
                    className="flex min-h-9 w-full items-center gap-2 border-l-3 border-transparent px-2 text-left hover:bg-hover aria-pressed:border-moss aria-pressed:bg-moss-soft"
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
        {(family === "thingKinds" || family === "dealings") && (
          <BringIn family={family} onChoose={setChosen} />
        )}
      </div>
      {id && <Entry key={id} of={{ family, id }} onChoose={setChosen} />}
    </div>
  );
}

/** Brings in an entry that ships and that the mission has not. */
function BringIn(props: { family: "thingKinds" | "dealings"; onChoose: (id: string) => void }) {
  const { family, onChoose } = props;
  const open = useOpenMission();
  const shipped = useShippedThings();
  const own = useMission((state) => state.mission[family]) as Record<string, { name: string }>;
  const ready = (shipped?.[family] ?? {}) as Record<string, { name: string }>;
  const names = new Set(Object.values(own).map(({ name }) => name));
  const others = Object.entries(ready).filter(([, { name }]) => !names.has(name));
  if (!shipped || others.length === 0) return null;
  return (
    <div className="w-56 max-w-full pt-3">
      <Choice
        label={`Bring in another ${FAMILY_WORDS[family]}`}
        value=""
        options={[
          { value: "", word: "Bring in another…" },
          ...others
            .map(([value, { name }]) => ({ value, word: name }))
            .sort((a, b) => a.word.localeCompare(b.word, "en")),
        ]}
        onTake={(id) => {
          if (id === "") return;
          let made = id;
          open.edit(`Bring in ${sure(ready, id).name}`, (draft) => {
            made = bring(draft, shipped, { family, id }).id;
          });
          onChoose(made);
        }}
      />
    </div>
  );
}

/** Kinds that have hands, and those that have none. */
function peopleAndCreatures<T>(entries: [string, T][], mission: Mission) {
  const some = (hands: boolean) =>
    entries.filter(([id]) => sure(mission.kinds, id).hands === hands);
  return [
    ["People", some(true)],
    ["Creatures", some(false)],
  ] as const;
}

function Sign({ of }: { of: Ref }) {
  const mission = useMission((state) => state.mission);
  if (of.family === "kinds") return <Stone glyph={sure(mission.kinds, of.id).glyph} size={24} />;
  if (of.family === "thingKinds")
    return <KindSign kind={sure(mission.thingKinds, of.id)} size={20} />;
  if (of.family === "itemKinds") {
    return (
      <span className="text-flint">
        <ItemSign figure={sure(mission.itemKinds, of.id).figure} size={20} />
      </span>
    );
  }
  return null;
}

function Uses({ of }: { of: Ref }) {
  const many = useMission((state) => usesOf(state.mission, of).length);
  return <span className="ml-auto text-xs text-quiet">{many === 0 ? "unused" : `${many} ×`}</span>;
}

function Entry({ of, onChoose }: { of: Ref; onChoose: (id: string) => void }) {
  const open = useOpenMission();
  const name = useMission((state) => nameOf(state.mission, of));
  const family = of.family as EntryFamily;
  const copy = () => {
    const id = newId();
    open.edit(`Copy ${name}`, (draft) => {
      const entries = draft[family] as unknown as Record<string, { name: string }>;
      const original = sure(open.state.mission[family] as unknown as typeof entries, of.id);
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
          maxLength={family === "dealings" ? 40 : 60}
          required
          onTake={(to) => put(open, `Rename to ${to}`, [family, of.id, "name"], to)}
        />
        <Button className="shrink-0" onClick={copy}>
          <Copy size="0.875rem" /> Make another like it
        </Button>
      </div>
      {family === "kinds" && <KindCard id={of.id} />}
      {family === "weapons" && <WeaponCard id={of.id} />}
      {family === "itemKinds" && <ItemKindCard id={of.id} />}
      {family === "thingKinds" && <ThingKindCard id={of.id} />}
      {family === "dealings" && <DealingCard id={of.id} />}
      <Replace of={of} name={name} onGone={onChoose} />
    </article>
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
          <span className="text-sm text-flint">
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
          <Trash2 size="0.875rem" /> Delete
        </Button>
      )}
    </section>
  );
}
