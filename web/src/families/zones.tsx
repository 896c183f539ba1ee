import { ChevronsRight, Circle, PackagePlus, Pentagon, Square } from "lucide-react";
import { inOrder, partsAt } from "../document/corners";
import {
  freshHue,
  type Mission,
  nameOf,
  ordered,
  pinnedOf,
  type Ref,
  usesOf,
  type Work,
  type ZoneShape,
} from "../document/mission";
import { boxCorners } from "../document/shapes";
import { sure } from "../document/sure";
import { metres } from "../document/units";
import { edgeOf } from "../drawing/inks";
import { PRINT } from "../drawing/printed";
import { ZoneSwatch } from "../drawing/Stone";
import { drawZone } from "../drawing/zones";
import { completeConveyor, completeSpawner, conveyorShape } from "./conveyor";
import { cornerSpots, each, type Setting, spots, type Traits, type TrayRow } from "./traits";
import { drawWorkings } from "./workings";

const SHAPES: Omit<TrayRow, "group">[] = [
  {
    choice: "circle",
    word: "Round zone",
    also: "circle area trigger",
    icon: <Circle size="1.125rem" aria-hidden="true" />,
  },
  {
    choice: "rectangle",
    word: "Square zone",
    also: "rectangle area trigger",
    icon: <Square size="1.125rem" aria-hidden="true" />,
  },
  {
    choice: "polygon",
    word: "Drawn zone",
    also: "polygon area trigger",
    icon: <Pentagon size="1.125rem" aria-hidden="true" />,
  },
  {
    choice: "conveyor",
    word: "Conveyor",
    also: "belt chute pushes things along a line",
    icon: <ChevronsRight size="1.125rem" aria-hidden="true" />,
  },
  {
    choice: "spawner",
    word: "Spawner",
    also: "brings forth things one after another source",
    icon: <PackagePlus size="1.125rem" aria-hidden="true" />,
  },
];

/** What zones of a choice are called that do something from the first. */
const NAMES: Record<string, string> = { conveyor: "Conveyor", spawner: "Spawner" };

/** Whom a new zone holds back. */
export const NOBODY = {
  walkers: false,
  beasts: false,
  wheels: false,
  boats: false,
  flyers: false,
  crossings: false,
};

const HATCHES = ["rising", "falling", "crossed", "dotted"] as const;

/** Areas that the script and the slip speak of. */
export const zones: Traits<"zones"> = {
  heading: "Zones",
  always: true,
  icon: ({ hue }) => <ZoneSwatch hue={hue} />,
  setDown: {
    at: 4,
    tray: () => SHAPES.map((row) => ({ group: "Places", ...row })),
    drawn: (choice) =>
      choice === "polygon"
        ? { least: 3, most: 200, closed: true }
        : choice === "conveyor"
          ? { least: 2, most: 60 }
          : undefined,
    completes: (draft, zone, choice, at) => {
      if (choice === "conveyor") completeConveyor(draft, zone, at);
      if (choice === "spawner") completeSpawner(draft, zone);
    },
    fresh: (setting) => {
      const { zones } = setting.mission;
      return {
        name: NAMES[setting.choice] ?? "Zone",
        shape: shapeOf(setting),
        height: { type: "any" },
        rides: { type: "stands" },
        noGo: NOBODY,
        does: {},
        hue: freshHue(zones),
        hatch: sure(HATCHES, Object.keys(zones).length % HATCHES.length),
        strength: 100,
      };
    },
    likeTheLast: ({ shape, name }, { shape: last, name: lastName }) => {
      if ([name, lastName].some((it) => it.startsWith(sure(NAMES, "spawner")))) return;
      if (shape.type === "circle" && last.type === "circle") shape.radius = last.radius;
      if (shape.type === "rectangle" && last.type === "rectangle") {
        shape.width = last.width;
        shape.depth = last.depth;
        shape.bearing = last.bearing;
      }
    },
  },
  geometry: ({ shape }) => {
    if (shape.type === "circle") {
      return { is: "circle", centre: shape.centre, radius: shape.radius };
    }
    return shape.type === "rectangle"
      ? { is: "box", ...shape }
      : { is: "ring", vertices: inOrder(shape.corners) };
  },
  spots: ({ shape }) =>
    shape.type === "polygon" ? cornerSpots(shape.corners) : spots("centre", shape),
  vertices: ({ shape }) => (shape.type === "polygon" ? shape.corners : undefined),
  sized: ({ shape }) => (shape.type === "polygon" ? undefined : shape),
  leastVertices: 3,
  layer: "areas",
  place: "zone",
  painted: {
    at: 1,
    draw: each((sheet, zone, selected, mission) => {
      drawZone(sheet, zone, selected);
      drawWorkings(sheet, zone, selected, mission);
    }),
  },
  inPlay: (zones, { designer, zoneNow }) =>
    designer
      ? Object.fromEntries(Object.entries(zones).map(([id, zone]) => [id, zoneNow(zone)]))
      : {},
  solid: null,
  printed: {
    at: 1,
    draw: (zones, { at, line, wide }) =>
      Object.entries(zones).map(([id, { shape, hue }]) => {
        const look = {
          fill: `hsl(${hue}, 55%, 45%)`,
          fillOpacity: 0.12,
          stroke: `hsl(${hue}, 55%, 30%)`,
          strokeWidth: 0.35,
        };
        if (shape.type === "circle") {
          const [cx, cy] = at(shape.centre);
          return <circle key={id} cx={cx} cy={cy} r={wide(shape.radius, 0)} {...look} />;
        }
        const ring =
          shape.type === "rectangle"
            ? boxCorners({ is: "box", ...shape })
            : inOrder(shape.corners).map((corner) => corner.at);
        return <path key={id} d={line(ring, true)} {...look} />;
      }),
    legend: {
      word: "Zone",
      sign: (
        <circle
          cx={3.5}
          cy={1.5}
          r={1.6}
          fill={PRINT.meadow}
          fillOpacity={0.3}
          stroke={PRINT.leaf}
          strokeWidth={0.3}
        />
      ),
    },
  },
  sentence: ({ shape, noGo, does }, mission, ref) => {
    const rules = [...heldBack(noGo), ...worksIn(does)].join(" ");
    const use = `${named(mission, ref)} ${rules}`.trim();
    if (shape.type === "circle") return `A round zone, ${metres(shape.radius * 2)} across. ${use}`;
    if (shape.type === "rectangle") {
      return `A zone of four corners, ${metres(shape.width)} by ${metres(shape.depth)}. ${use}`;
    }
    return `A drawn zone of ${Object.keys(shape.corners).length} corners. ${use}`;
  },
  slip: ["zone"],
  edge: ({ hue }) => edgeOf(hue),
  links: ["units", "squads", "starts"],
  orders: (zone, name) => [
    {
      verb: `go to and fro to ${name}`,
      order: { type: "prowl", to: { type: "zone", zone }, pause: pinnedOf(10) },
    },
  ],
  offers: (from, to, mission) => {
    const [zone, other] = [sure(mission.zones, from.id).name, nameOf(mission, to)];
    const rides =
      to.family === "units"
        ? ({ type: "unit", unit: to } as const)
        : ({ type: "start", start: to } as const);
    return to.family === "units" || to.family === "starts"
      ? [
          {
            word: `ride on ${other}`,
            label: `${zone} rides on ${other}`,
            make: (draft) => {
              sure(draft.zones, from.id).rides = rides;
            },
          },
        ]
      : [];
  },
  acts: true,
};

function shapeOf({ choice, at }: Setting): ZoneShape {
  const [centre] = at;
  if (choice === "circle") return { type: "circle", centre, radius: 15 };
  if (choice === "spawner") {
    return { type: "rectangle", centre, width: 1, depth: 1, bearing: 0 };
  }
  if (choice === "rectangle") {
    return { type: "rectangle", centre, width: 30, depth: 20, bearing: 0 };
  }
  return choice === "conveyor" ? conveyorShape(at) : { type: "polygon", corners: partsAt(at, {}) };
}

const HELD_WORDS = {
  walkers: "people on foot",
  beasts: "beasts",
  wheels: "carts",
  boats: "boats",
  flyers: "flyers",
};

function heldBack(noGo: Mission["zones"][string]["noGo"]): string[] {
  const held = Object.entries(HELD_WORDS).flatMap(([field, word]) =>
    noGo[field as keyof typeof HELD_WORDS] ? [word] : [],
  );
  return held.length > 0 ? [`No-go for AI: ${held.join(", ")}.`] : [];
}

const WORK_WORDS: Record<Work["type"], string> = {
  harms: "harms",
  heals: "heals",
  transfers: "transfers",
  pushes: "pushes",
  pushesAlong: "pushes along a route",
  slows: "slows",
  clearsAway: "clears away",
  bringsForth: "brings forth things",
  checkpoint: "is a checkpoint",
  shows: "shows a view",
  bounds: "is a boundary",
  turnsBack: "turns back who would leave",
  harmsOutside: "harms who leaves",
  bringsBack: "brings back who leaves",
  endsOutside: "ends the mission for who leaves",
};

/** What a zone does, in a few words. */
function worksIn(does: Mission["zones"][string]["does"]): string[] {
  const words = ordered(does).map(([, { work }]) => WORK_WORDS[work.type]);
  return words.length > 0 ? [`It ${words.join(", ")}.`] : [];
}

/** How many events name a zone. */
function named(mission: Mission, ref: Ref): string {
  const many = usesOf(mission, ref).filter(({ family }) => family === "events").length;
  if (many === 0) return "No event names it yet.";
  return many === 1 ? "One event names it." : `${many} events name it.`;
}
