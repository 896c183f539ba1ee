import {
  AlignCenterHorizontal,
  AlignCenterVertical,
  AlignEndHorizontal,
  AlignEndVertical,
  AlignHorizontalSpaceAround,
  AlignStartHorizontal,
  AlignStartVertical,
  AlignVerticalSpaceAround,
  Copy,
  Eye,
  Footprints,
  Link as LinkSign,
  type LucideIcon,
  Trash2,
  UsersRound,
} from "lucide-react";
import { type ComponentType, useState } from "react";
import { useLocation } from "wouter";
import { BundleFields } from "../bundles/BundleFields";
import { FixButton, useFindings } from "../checks/findings";
import { makeBand } from "../deeds/bands";
import { askRemove, duplicate, makeSquad, rename, usersOf } from "../deeds/deeds";
import { type Alignment, aligned, layOut, type Spread, spread } from "../deeds/layout";
import { linkable } from "../deeds/links";
import { useDesk, useDeskPart } from "../desk/desk";
import { PANE } from "../desk/panes";
import { useMission, useOpenMission } from "../document/context";
import { copyOf } from "../document/copies";
import { find, key, type Mission, nameOf, type Ref, refOf } from "../document/mission";
import type { Ground } from "../document/raster";
import { sure } from "../document/sure";
import { useUnits } from "../document/units";
import { PLACED, type PlacedFamily, traitsOf } from "../families";
import type { FieldsProps, OwnPart } from "../families/traits";
import { sentenceOf } from "../things/sentence";
import { Button, Group, TextBox } from "../ui/controls";
import { Tip } from "../ui/Tip";
import type { Linking } from "./hands";
import { startLink } from "./linking";
import { LinkMenu } from "./MapMenus";
import { NextStep } from "./NextStep";
import { Orders } from "./Orders";
import { BandFields } from "./slips/BandFields";
import { BuildingFields } from "./slips/BuildingFields";
import { DealingFields } from "./slips/DealingFields";
import { DeckFields } from "./slips/DeckFields";
import { OwnDrops } from "./slips/DropsFields";
import { EffectFields } from "./slips/EffectFields";
import { FixtureFields } from "./slips/FixtureFields";
import { FolderField } from "./slips/FolderField";
import { GateFields } from "./slips/GateFields";
import { PackFields } from "./slips/ItemFields";
import { KitFields } from "./slips/KitFields";
import { LabelField } from "./slips/LabelField";
import { OffsetFields } from "./slips/OffsetFields";
import { OwnFacts } from "./slips/OwnFacts";
import { PostFields } from "./slips/PostFields";
import { RouteFields } from "./slips/RouteFields";
import { SquadFields } from "./slips/SquadFields";
import { Play, Seat, Who } from "./slips/UnitFields";
import { ViewFields } from "./slips/ViewFields";
import { Where } from "./slips/Where";
import { ZoneFields } from "./slips/ZoneFields";

/** The card of what is selected: a sentence that says what it is, then its fields. */
export function Slip({ ground, onShow }: { ground: Ground; onShow: (name: string) => void }) {
  const mission = useMission((state) => state.mission);
  const selection = useDesk((desk) => desk.selection);
  const keys = [...selection].filter((name) => {
    const ref = refOf(name);
    return PLACED.includes(ref.family as PlacedFamily) && find(mission, ref);
  });
  const only = keys.length === 1 ? refOf(sure(keys, 0)) : null;
  return (
    <aside
      {...PANE}
      aria-label="Slip"
      className="flex w-[16.5rem] shrink-0 flex-col overflow-auto border border-line bg-slip shadow-sm"
    >
      {keys.length === 0 && <NextStep />}
      {only && <One key={key(only)} thing={only} ground={ground} onShow={onShow} />}
      {keys.length > 1 && <Several keys={keys} />}
    </aside>
  );
}

function Several({ keys }: { keys: string[] }) {
  const open = useOpenMission();
  const mission = useMission((state) => state.mission);
  const select = useDesk((desk) => desk.select);
  const units = keys.map(refOf).filter(({ family }) => family === "units");
  const people = keys.map(refOf).filter(({ family }) => family === "units" || family === "starts");
  const copy = copyOf(mission, keys);
  return (
    <>
      <h2 className="p-3 font-bold text-lg">
        {copy ? sure(mission.copies, copy).name : `${keys.length} things`}
      </h2>
      <ul className="px-3 pb-3">
        {keys.slice(0, 12).map((name) => (
          <li key={name}>{nameOf(mission, refOf(name))}</li>
        ))}
        {keys.length > 12 && <li className="text-quiet">and {keys.length - 12} more</li>}
      </ul>
      {people.length === keys.length && <Who things={people} />}
      {units.length === keys.length && (
        <>
          <Play units={units} />
          <Group title="Squad">
            <Button onClick={() => select([makeSquad(open, units)])}>
              <UsersRound size="0.875rem" /> Make a squad of these
            </Button>
          </Group>
        </>
      )}
      {keys.every((name) => name.startsWith("squads/")) && (
        <Group title="Band">
          <Button onClick={() => select([makeBand(open, keys.map(refOf))])}>
            <UsersRound size="0.875rem" /> Make a band of these
          </Button>
        </Group>
      )}
      <BundleFields keys={keys} />
      <Layout keys={keys} />
      <OffsetFields keys={keys} />
      <LabelField keys={keys} />
      <FolderField keys={keys} />
      <Deeds keys={keys} />
    </>
  );
}

function One(props: { thing: Ref; ground: Ground; onShow: (name: string) => void }) {
  const { thing, ground } = props;
  const open = useOpenMission();
  const mission = useMission((state) => state.mission);
  useUnits((units) => units.shown);
  const name = nameOf(mission, thing);
  return (
    <>
      <div style={{ background: edgeColour(mission, thing) }} className="h-1.5 shrink-0" />
      <div className="px-3 pt-2.5 pb-3">
        <TextBox
          label="Name"
          value={name}
          maxLength={60}
          required
          onTake={(to) => rename(open, thing, to)}
        />
        <p className="pt-2 font-serif text-large leading-snug">{sentenceOf(mission, thing)}</p>
      </div>
      <Found of={key(thing)} />
      <Fields id={thing.id} thing={thing} name={name} ground={ground} />
      <Where thing={thing} ground={ground} />
      <BundleFields keys={[key(thing)]} />
      <LabelField keys={[key(thing)]} />
      <FolderField keys={[key(thing)]} />
      <Links thing={thing} onShow={props.onShow} />
      <LinkButton thing={thing} />
      <LookButton thing={thing} />
      <Deeds keys={[key(thing)]} />
    </>
  );
}

/** Shows what one sees from a thing, and where a unit there gets on foot. */
function LookButton({ thing }: { thing: Ref }) {
  const { eye, setEye, reach, setReach } = useDeskPart("eye", "setEye", "reach", "setReach");
  if (!traitsOf(thing.family)?.eyes) return null;
  const name = key(thing);
  const walks = thing.family === "units" || thing.family === "starts";
  return (
    <div className="flex gap-2 border-hairline border-b px-3 pb-3">
      <Button aria-pressed={eye === name} onClick={() => setEye(eye === name ? null : name)}>
        <Eye size="0.875rem" /> Eye level
      </Button>
      {walks && (
        <Button
          aria-pressed={reach === name}
          onClick={() => setReach(reach === name ? null : name)}
        >
          <Footprints size="0.875rem" /> Reach
        </Button>
      )}
    </div>
  );
}

/** What was found about a thing, and how it is mended. */
function Found({ of }: { of: string }) {
  const findings = useFindings().filter(
    ({ thing }) => thing && `${thing.family}/${thing.id}` === of,
  );
  if (findings.length === 0) return null;
  return (
    <ul aria-label="Checks" className="border-error border-l-3 bg-error-soft px-3 py-2">
      {findings.map((finding) => (
        <li key={finding.pointer + finding.says} className="py-0.5 text-sm">
          <p className="pb-1">⚑ {finding.says}</p>
          <FixButton finding={finding} />
        </li>
      ))}
    </ul>
  );
}

function edgeColour(mission: Mission, thing: Ref): string | undefined {
  const found = find(mission, thing);
  return found && traitsOf(thing.family)?.edge?.(found as never, mission);
}

/** The parts of slips that speak in sentences, or that act on more than their thing. */
const PARTS: Record<OwnPart, ComponentType<FieldsProps>> = {
  who: ({ thing }) => <Who things={[thing]} />,
  seat: Seat,
  play: ({ thing }) => <Play units={[thing]} />,
  kit: KitFields,
  pack: PackFields,
  dealings: DealingFields,
  facts: OwnFacts,
  orders: ({ thing, name }) => <Orders path={[thing.family, thing.id, "order"]} of={name} />,
  band: BandFields,
  squad: SquadFields,
  post: PostFields,
  route: RouteFields,
  zone: ZoneFields,
  deck: DeckFields,
  effect: EffectFields,
  building: BuildingFields,
  gate: GateFields,
  uses: FixtureFields,
  drops: OwnDrops,
  view: ViewFields,
};

/** What a thing has beside a name and a place. */
function Fields(props: FieldsProps) {
  const parts = traitsOf(props.thing.family)?.slip ?? [];
  return parts.map((part) => {
    const Part = typeof part === "string" ? PARTS[part] : part;
    return <Part key={typeof part === "string" ? part : "own"} {...props} />;
  });
}

function Links({ thing, onShow }: { thing: Ref; onShow: (name: string) => void }) {
  const mission = useMission((state) => state.mission);
  const id = useMission((state) => state.id);
  const { select, openEvent } = useDeskPart("select", "openEvent");
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
          className="block min-h-7 border-b border-dotted border-flint text-left text-tarn hover:bg-hover"
          onClick={() => follow(user)}
        >
          {nameOf(mission, user)}
        </button>
      ))}
    </Group>
  );
}

/** Links a thing to another, for those who do not see its handle on the map. */
function LinkButton({ thing }: { thing: Ref }) {
  const [linking, setLinking] = useState<Linking | null>(null);
  if (linkable(thing.family).length === 0) return null;
  return (
    <div className="border-hairline border-t px-3 py-2">
      <Button onClick={() => startLink(thing, setLinking)}>
        <LinkSign size="0.875rem" /> Link to…
      </Button>
      {linking && <LinkMenu linking={linking} onClose={() => setLinking(null)} />}
    </div>
  );
}

const ROWS: { to: Alignment; word: string; Sign: LucideIcon }[] = [
  { to: "west", word: "Align at the west", Sign: AlignStartVertical },
  { to: "middleEast", word: "Align at the middle, west to east", Sign: AlignCenterVertical },
  { to: "east", word: "Align at the east", Sign: AlignEndVertical },
  { to: "north", word: "Align at the north", Sign: AlignStartHorizontal },
  { to: "middleNorth", word: "Align at the middle, south to north", Sign: AlignCenterHorizontal },
  { to: "south", word: "Align at the south", Sign: AlignEndHorizontal },
];

const SPREADS: { along: Spread; word: string; Sign: LucideIcon }[] = [
  { along: "eastward", word: "Spread evenly, west to east", Sign: AlignHorizontalSpaceAround },
  { along: "northward", word: "Spread evenly, south to north", Sign: AlignVerticalSpaceAround },
];

/** Puts things in a row, or spreads them evenly. */
function Layout({ keys }: { keys: string[] }) {
  const open = useOpenMission();
  return (
    <Group title="In a row">
      <div className="flex flex-wrap gap-1">
        {ROWS.map(({ to, word, Sign }) => (
          <Tip key={to} says={word}>
            <Button
              className="w-9 px-0"
              aria-label={word}
              onClick={() => layOut(open, word, aligned(open.state.mission, keys, to))}
            >
              <Sign size="0.9375rem" />
            </Button>
          </Tip>
        ))}
        {SPREADS.map(({ along, word, Sign }) => (
          <Tip key={along} says={word}>
            <Button
              className="w-9 px-0"
              aria-label={word}
              disabled={keys.length < 3}
              onClick={() => layOut(open, word, spread(open.state.mission, keys, along))}
            >
              <Sign size="0.9375rem" />
            </Button>
          </Tip>
        ))}
      </div>
    </Group>
  );
}

function Deeds({ keys }: { keys: string[] }) {
  const open = useOpenMission();
  const select = useDesk((desk) => desk.select);
  const locked = useDesk((desk) => keys.some((name) => desk.locked.has(name)));
  return (
    <div className="mt-auto border-t border-hairline p-3">
      {locked && <p className="pb-2 text-small text-flint">Locked: unlock it in Contents first.</p>}
      <div className="flex gap-2">
        <Tip says="Duplicate (Ctrl+D)">
          <Button onClick={() => select(duplicate(open, keys))}>
            <Copy size="0.875rem" /> Duplicate
          </Button>
        </Tip>
        <Tip says="Delete (Del)">
          <Button look="danger" disabled={locked} onClick={() => askRemove(open, keys)}>
            <Trash2 size="0.875rem" /> Delete
          </Button>
        </Tip>
      </div>
    </div>
  );
}
