import { ArrowDown, ArrowUp, Plus, X } from "lucide-react";
import { useState } from "react";
import { put } from "../document/change";
import { useMission, useOpenMission } from "../document/context";
import {
  type Appearance,
  nameOf,
  newId,
  orderAfter,
  ordered,
  type Ref,
  type ThingKind,
} from "../document/mission";
import { sure } from "../document/sure";
import { UsesFields } from "../editor/slips/UsesFields";
import { OneOf, StopsFields } from "../families/fields";
import { KindSign } from "../families/kinds";
import { RefToken } from "../sentence/tokens";
import { Button, Choice, Field, NumberBox, TextBox } from "../ui/controls";
import { BreaksFields } from "./BreaksFields";
import { DrawingEditor } from "./DrawingEditor";
import { FigureFields } from "./FigureFields";
import { LOOK_FIGURES } from "./figures";
import { HoldFields } from "./HoldFields";

/** The most looks of a kind. */
const MOST_LOOKS = 8;

/** What a kind of thing covers and is made of, how it looks, and what can be done with it. */
export function ThingKindCard({ id }: { id: string }) {
  const kind = useMission((state) => sure(state.mission.thingKinds, id));
  const [chosen, setChosen] = useState("");
  const looks = ordered(kind.looks);
  const [look] = looks.find(([it]) => it === chosen) ?? sure(looks, 0);
  return (
    <>
      <Ground id={id} kind={kind} />
      <h4 className="border-hairline border-t pt-3 pb-2 font-bold text-flint text-small">Looks</h4>
      <div className="flex gap-5">
        <LookList id={id} kind={kind} chosen={look} onChoose={setChosen} />
        <LookCard key={look} id={id} kind={kind} look={look} onGone={() => setChosen("")} />
      </div>
      <HoldFields id={id} />
      <BreaksFields id={id} />
      <section aria-label="Uses" className="max-w-xl border-hairline border-t py-3">
        <h4 className="pb-1 font-bold text-flint text-small">Uses</h4>
        <p className="pb-1 text-quiet text-small">
          With a use it is a fixture, which each one set down offers; without, a prop.
        </p>
        <UsesFields path={["thingKinds", id, "uses"]} of={kind.name} />
      </section>
    </>
  );
}

/** The ground it covers, and what it is made of. */
function Ground({ id, kind }: { id: string; kind: ThingKind }) {
  const open = useOpenMission();
  const at = ["thingKinds", id];
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
    const fresh: ThingKind["footprint"] =
      type === "round"
        ? { type: "round", radius: across / 2 }
        : { type: "block", width: across, depth: across };
    put(open, `Footprint of the ${kind.name}`, [...at, "footprint"], fresh);
  };
  return (
    <div className="grid w-[35rem] grid-cols-2 gap-x-6 pb-3">
      <OneOf
        label="Made of"
        path={[...at, "material"]}
        value={kind.material}
        options={[
          { value: "wood", word: "Wood" },
          { value: "stone", word: "Stone" },
          { value: "iron", word: "Iron" },
          { value: "cloth", word: "Cloth" },
        ]}
        says={(to) => `${kind.name} is made of ${to}`}
      />
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
  );
}

/** The looks of a kind in their order, of which one is chosen. */
function LookList(props: {
  id: string;
  kind: ThingKind;
  chosen: string;
  onChoose: (look: string) => void;
}) {
  const { id, kind, chosen, onChoose } = props;
  const open = useOpenMission();
  const mission = useMission((state) => state.mission);
  const looks = ordered(kind.looks);
  const add = () => {
    const made = newId();
    open.edit(`Another look of ${kind.name}`, (draft) => {
      const its = sure(draft.thingKinds, id).looks;
      const taken = new Set(Object.values(its).map(({ look }) => look.id));
      const look = Object.keys(draft.looks).find((it) => !taken.has(it)) ?? newId();
      draft.looks[look] ??= { name: "New look" };
      its[made] = {
        ...structuredClone(sure(kind.looks, chosen)),
        order: orderAfter(its),
        look: { family: "looks", id: look },
      } as Appearance;
    });
    onChoose(made);
  };
  return (
    <div className="w-44 shrink-0">
      <ul aria-label={`Looks of ${kind.name}`}>
        {looks.map(([look, it], i) => (
          <li key={look}>
            <button
              type="button"
              aria-pressed={look === chosen}
              onClick={() => onChoose(look)}
              className="flex min-h-9 w-full items-center gap-2 border-transparent border-l-3 px-2 text-left hover:bg-hover aria-pressed:border-moss aria-pressed:bg-moss-soft"
            >
              <KindSign kind={kind} looks={it} size={20} />
              <span className="truncate">{nameOf(mission, it.look)}</span>
              {i === 0 && looks.length > 1 && (
                <span className="ml-auto text-quiet text-xs">first</span>
              )}
            </button>
          </li>
        ))}
      </ul>
      {looks.length < MOST_LOOKS && (
        <Button className="mt-2" onClick={add}>
          <Plus size="0.875rem" /> Another look
        </Button>
      )}
    </div>
  );
}

/** One look of a kind: its name, its drawing, and what it stops. */
function LookCard(props: { id: string; kind: ThingKind; look: string; onGone: () => void }) {
  const { id, kind, look, onGone } = props;
  const open = useOpenMission();
  const mission = useMission((state) => state.mission);
  const it = sure(kind.looks, look);
  const at = ["thingKinds", id, "looks", look];
  const name = nameOf(mission, it.look);
  const looks = ordered(kind.looks).map(([key]) => key);
  const place = looks.indexOf(look);
  const swap = (by: number) =>
    open.edit(`Reorder the looks of ${kind.name}`, (draft) => {
      const its = sure(draft.thingKinds, id).looks;
      const [one, other] = [sure(its, look), sure(its, sure(looks, place + by))];
      [one.order, other.order] = [other.order, one.order];
    });
  return (
    <section aria-label={`Look ${name}`} className="min-w-0 grow">
      <div className="flex flex-wrap items-center gap-2 pb-2">
        <span className="text-flint-2 text-small">The look</span>
        <RefToken
          value={it.look}
          families={["looks"]}
          take={(to: Ref) => put(open, `Change a look of ${kind.name}`, [...at, "look"], to)}
        />
        {mission.looks[it.look.id] && (
          <span className="flex w-52 items-center gap-2">
            <span className="text-flint-2 text-small">named</span>
            <TextBox
              label="Name of the look"
              value={name}
              maxLength={60}
              required
              onTake={(to) =>
                put(open, `Rename the look ${name} to ${to}`, ["looks", it.look.id, "name"], to)
              }
            />
          </span>
        )}
        <span className="grow" />
        <Button look="quiet" aria-label="Earlier" disabled={place === 0} onClick={() => swap(-1)}>
          <ArrowUp size="0.875rem" />
        </Button>
        <Button
          look="quiet"
          aria-label="Later"
          disabled={place === looks.length - 1}
          onClick={() => swap(1)}
        >
          <ArrowDown size="0.875rem" />
        </Button>
        <Button
          look="quiet"
          aria-label={`Take the look ${name} away`}
          disabled={looks.length === 1}
          onClick={() => {
            open.edit(`Take the look ${name} of ${kind.name} away`, (draft) => {
              delete sure(draft.thingKinds, id).looks[look];
            });
            onGone();
          }}
        >
          <X size="0.875rem" />
        </Button>
      </div>
      <DrawingEditor kind={kind} path={[...at, "drawing"]} drawing={it.drawing} of={name} />
      <div className="w-80 py-2">
        <StopsFields path={[...at, "stops"]} value={it.stops} of={`${kind.name}, ${name}`} />
      </div>
      <FigureFields narrow groups={LOOK_FIGURES} at={at} of={`${kind.name}, ${name}`} />
    </section>
  );
}
