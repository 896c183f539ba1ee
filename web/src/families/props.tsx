import { useMission } from "../document/context";
import { type Mission, nameOf, type Prop, type ThingKind } from "../document/mission";
import { sure } from "../document/sure";
import { Group } from "../ui/controls";
import { drawThing } from "./drawThing";
import { Amount, Metres, OneOf } from "./fields";
import { KindFields } from "./KindFields";
import { appearanceOf, KindSign, kindOf, solidOf, thingsInPlay } from "./kinds";
import { aside, atopOf, bearersOf, fromBelow, frontOf, liftOf } from "./stacks";
import { stopped } from "./stops";
import { each, FACING_POINT, type FieldsProps, type Looks, type Traits } from "./traits";

const drawProps = each<Prop>((sheet, prop, selected, mission) =>
  drawThing(
    sheet,
    aside(mission, prop, sheet.camera.scale),
    kindOf(mission, prop),
    appearanceOf(mission, prop),
    selected,
  ),
);

/** The props that are drawn before fixtures, or the others, in the order in which they are drawn. */
function some(all: Mission["props"], { mission }: Looks, before: boolean): Mission["props"] {
  const sorted = fromBelow(mission, all);
  const raised = Object.values(all).some(({ front }) => front > 0);
  if (!raised) return before ? {} : sorted;
  return Object.fromEntries(
    Object.entries(sorted).filter(([, it]) => frontOf(mission, it) > 0 === before),
  );
}

/** What stands about and covers. */
export const props: Traits<"props"> = {
  heading: "Props",
  sign: "M4 5L14 5L14 15L4 15ZM4 5L14 15M14 5L4 15",
  icon: (prop, mission) => {
    const kind = kindOf(mission, prop);
    return kind && <KindSign kind={kind} looks={appearanceOf(mission, prop)} />;
  },
  setDown: {
    at: 17,
    tray: ({ thingKinds }) =>
      Object.entries(thingKinds)
        .filter(([, { uses }]) => Object.keys(uses).length === 0)
        .map(([choice, kind]) => ({
          group: "Things",
          choice,
          word: kind.name,
          also: "prop cover",
          icon: <KindSign kind={kind} size={20} />,
        })),
    fresh: ({ mission, at: [position], choice, levelAt }) => ({
      name: nameOf(mission, { family: "thingKinds", id: choice }),
      kind: { family: "thingKinds", id: choice },
      position,
      level: levelAt(position),
      atop: atopOf(bearersOf(mission)(position)),
      facing: 0,
      scale: 1,
      begins: { type: "asItsKind" },
      stands: "there",
      front: 0,
      drops: {},
      wear: "none",
      sunk: 0,
      tilt: 0,
    }),
    remembered: ["wear", "scale"],
  },
  ...FACING_POINT,
  layer: "props",
  levelled: true,
  painted: [
    { at: 8, draw: (sheet, all, looks) => drawProps(sheet, some(all, looks, false), looks) },
    { at: 14, draw: (sheet, all, looks) => drawProps(sheet, some(all, looks, true), looks) },
  ],
  inPlay: thingsInPlay,
  solid: (thing, mission) => solidOf(thing, mission, liftOf(mission, thing)),
  printed: null,
  sentence: (prop, mission) => {
    const kind = kindOf(mission, prop);
    const looks = appearanceOf(mission, prop);
    if (!kind || !looks) return "Its kind is no longer in the catalogue.";
    const covers =
      looks.cover > 0
        ? ` It takes ${Math.round(looks.cover * 100)} % off shots at those close behind it.`
        : "";
    const away = prop.stands === "gone" ? " It is not there until something puts it there." : "";
    return `A ${kind.name.toLowerCase()} that stops ${stopped(looks.stops)}.${covers}${loose(kind, prop.scale)}${away}`;
  },
  slip: [KindFields, Fields, "drops"],
  links: ["fixtures"],
  linked: "changes",
};

/** What a loose thing of some size weighs, and who moves it. */
function loose({ hold }: ThingKind, scale: number): string {
  if (hold.type === "fast") return "";
  const mass = Math.round(hold.mass * scale ** 3 * 10) / 10;
  const pushed = hold.pushed ? "pushed by people" : "not pushed by people";
  return ` It is loose and weighs ${mass} kg; it is ${pushed} and carried by ${hold.carried}.`;
}

/** How a prop lies, and what the years have done to it. */
function Fields({ id, name }: FieldsProps) {
  const prop = useMission((state) => sure(state.mission.props, id));
  const at = ["props", id];
  return (
    <Group title="How it lies">
      <OneOf
        label="Wear"
        path={[...at, "wear"]}
        value={prop.wear}
        options={[
          { value: "none", word: "As new" },
          { value: "weathered", word: "Weathered" },
          { value: "battered", word: "Battered" },
          { value: "overgrown", word: "Overgrown" },
        ]}
        says={() => `Change the wear of ${name}`}
      />
      <Metres label="Sunk by" path={[...at, "sunk"]} value={prop.sunk} least={0} most={100} />
      <Amount
        label="Tilted by"
        path={[...at, "tilt"]}
        unit="°"
        least={0}
        most={90}
        digits={1}
        value={prop.tilt}
        says={(tilt) => `Tilt ${name} by ${tilt}°`}
      />
    </Group>
  );
}
