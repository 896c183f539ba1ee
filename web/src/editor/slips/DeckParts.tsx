import { Plus, X } from "lucide-react";
import { type PartTool, useDeskPart } from "../../desk/desk";
import { put } from "../../document/change";
import { useMission, useOpenMission } from "../../document/context";
import {
  type DeckRailing,
  type DeckRamp,
  type Mission,
  newId,
  orderAfter,
  ordered,
  type Ref,
} from "../../document/mission";
import { type Ground, heightAt } from "../../document/raster";
import { lengthOf, pathOf } from "../../document/shapes";
import { sure } from "../../document/sure";
import { deckHeight, middleOf, surfacesOver } from "../../document/surfaces";
import { metres } from "../../document/units";
import { Metres } from "../../families/fields";
import { geometryOf } from "../../things/geometry";
import { Button, Choice, Field, Group } from "../../ui/controls";

/** How high a new railing is, metres. */
const RAIL = 1.1;

const MAKES: { value: DeckRailing["make"]; word: string }[] = [
  { value: "rails", word: "Posts and rails" },
  { value: "parapet", word: "A low wall" },
];

const TREADS: { value: DeckRamp["tread"]; word: string }[] = [
  { value: "slope", word: "A slope" },
  { value: "stairs", word: "Stairs" },
];

/** A part of a thing in a frame of its own, with a button that takes it away. */
export function Part(props: { title: string; onRemove: () => void; children: React.ReactNode }) {
  return (
    <fieldset className="mt-1 border border-hairline px-2 pb-1">
      <legend className="flex items-center gap-1 px-1 text-small font-semibold text-flint">
        {props.title}
        <Button
          look="quiet"
          className="min-h-6! px-1"
          aria-label={`Take ${props.title.toLowerCase()} away`}
          onClick={props.onRemove}
        >
          <X size="0.8125rem" />
        </Button>
      </legend>
      {props.children}
    </fieldset>
  );
}

/** A button that takes the tool in hand which draws a part of a deck or building. */
export function DrawPart(props: {
  of: Ref;
  part: PartTool["part"];
  storey?: string;
  word: string;
}) {
  const { tool, pick } = useDeskPart("tool", "pick");
  const { of, part, storey = "", word } = props;
  const on = tool?.sets === "part" && tool.of.id === of.id && tool.part === part;
  return (
    <Button
      className="mt-2"
      aria-pressed={on}
      onClick={() => pick(on ? null : { sets: "part", part, of, storey })}
    >
      <Plus size="0.875rem" /> {word}
    </Button>
  );
}

/** What runs along the rims of a deck, and where there is a gap in it. */
export function RailingFields({ id }: { id: string }) {
  const open = useOpenMission();
  const mission = useMission((state) => state.mission);
  const { name, railing } = sure(mission.decks, id);
  const at = ["decks", id, "railing"];
  const geometry = geometryOf(mission, { family: "decks", id });
  const round = geometry ? lengthOf(pathOf(geometry), true) : 0;
  const bare = railing.height === 0;
  const gap = () =>
    open.edit(`A gap in the railing of ${name}`, (draft) => {
      const { gaps } = sure(draft.decks, id).railing;
      gaps[newId()] = {
        order: orderAfter(gaps),
        along: Math.round(round * 12.5) / 100,
        width: 1.5,
      };
    });
  return (
    <Group title="Railing" summary={bare ? "none" : `${metres(railing.height)} high`}>
      <Metres label="Height" path={[...at, "height"]} value={railing.height} least={0} most={5} />
      {bare ? (
        <Button
          className="mt-1"
          onClick={() => put(open, `${name}: a railing`, [...at, "height"], RAIL)}
        >
          <Plus size="0.875rem" /> A railing
        </Button>
      ) : (
        <>
          <Field label="Of">
            {(field) => (
              <Choice
                id={field}
                value={railing.make}
                options={MAKES}
                onTake={(make) => put(open, `${name}: another railing`, [...at, "make"], make)}
              />
            )}
          </Field>
          <p className="pt-1 text-small text-quiet">
            {railing.make === "rails"
              ? "It stops people, and neither sight nor shots."
              : "It stops people, sight and shots, and covers those behind it."}{" "}
            The heads of ramps and stairs are left free.
          </p>
          {ordered(railing.gaps).map(([part, { along, width }], i) => (
            <Part
              key={part}
              title={`Gap ${i + 1}`}
              onRemove={() =>
                open.edit(`Close a gap in the railing of ${name}`, (draft) => {
                  delete sure(draft.decks, id).railing.gaps[part];
                })
              }
            >
              <Metres
                label="Along"
                path={[...at, "gaps", part, "along"]}
                value={along}
                least={0}
                most={100000}
              />
              <Metres
                label="Wide"
                path={[...at, "gaps", part, "width"]}
                value={width}
                least={0.1}
                most={100}
              />
              {along > round && (
                <p role="alert" className="text-xs text-error">
                  ⚑ The rim is only {metres(round)} long.
                </p>
              )}
            </Part>
          ))}
          <Button className="mt-2" onClick={gap}>
            <Plus size="0.875rem" /> A gap
          </Button>
        </>
      )}
    </Group>
  );
}

/** How far a ramp drops, how long it is, and how steep, in words. */
function lies(mission: Mission, ground: Ground, deck: string, { head, foot }: DeckRamp): string {
  const of = sure(mission.decks, deck);
  const top = deckHeight(of, middleOf(of), head);
  const below = surfacesOver(mission, foot).find((it) => it.of !== `decks/${deck}` && it.top < top);
  const bottom = Math.max(heightAt(ground, foot.x, foot.y), below?.top ?? -Infinity);
  const length = Math.hypot(foot.x - head.x, foot.y - head.y);
  const steep = (Math.atan2(Math.abs(top - bottom), length) * 180) / Math.PI;
  const on = below && below.top === bottom ? below.name : "the ground";
  const way = bottom > top ? "Up" : "Down";
  return `${way} ${metres(Math.abs(top - bottom))} to ${on} over ${metres(length)}: ${steep.toFixed(0)}°.`;
}

/** The ramps and stairs of a deck. */
export function RampFields({ id, ground }: { id: string; ground: Ground }) {
  const open = useOpenMission();
  const mission = useMission((state) => state.mission);
  const { name, ramps } = sure(mission.decks, id);
  const many = Object.keys(ramps).length;
  return (
    <Group title="Ramps and stairs" summary={many === 0 ? "none" : String(many)}>
      {ordered(ramps).map(([part, ramp], i) => {
        const at = ["decks", id, "ramps", part];
        const title = `${ramp.tread === "stairs" ? "Stairs" : "Ramp"} ${i + 1}`;
        return (
          <Part
            key={part}
            title={title}
            onRemove={() =>
              open.edit(`Take ${title.toLowerCase()} of ${name} away`, (draft) => {
                delete sure(draft.decks, id).ramps[part];
              })
            }
          >
            <Field label="As">
              {(field) => (
                <Choice
                  id={field}
                  value={ramp.tread}
                  options={TREADS}
                  onTake={(to) => put(open, `Change a way up to ${name}`, [...at, "tread"], to)}
                />
              )}
            </Field>
            <Metres label="Wide" path={[...at, "width"]} value={ramp.width} least={0.4} most={40} />
            <p className="text-small text-quiet">{lies(mission, ground, id, ramp)}</p>
          </Part>
        );
      })}
      <div className="flex gap-2">
        <DrawPart of={{ family: "decks", id }} part="stairs" word="Stairs" />
        <DrawPart of={{ family: "decks", id }} part="ramp" word="A ramp" />
      </div>
    </Group>
  );
}

/** The openings through a deck. */
export function OpeningFields({ id }: { id: string }) {
  const open = useOpenMission();
  const { name, openings } = useMission((state) => sure(state.mission.decks, id));
  const all = ordered(openings);
  return (
    <Group title="Openings" summary={all.length === 0 ? "none" : String(all.length)}>
      {all.map(([part, { corners }], i) => (
        <p key={part} className="flex items-center justify-between text-small">
          Opening {i + 1}, {Object.keys(corners).length} corners
          <Button
            look="quiet"
            className="min-h-6! px-1"
            aria-label={`Close opening ${i + 1}`}
            onClick={() =>
              open.edit(`Close an opening of ${name}`, (draft) => {
                delete sure(draft.decks, id).openings[part];
              })
            }
          >
            <X size="0.8125rem" />
          </Button>
        </p>
      ))}
      <DrawPart of={{ family: "decks", id }} part="opening" word="An opening" />
    </Group>
  );
}
