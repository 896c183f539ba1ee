import {
  type Fixture,
  type Mission,
  nameOf,
  newId,
  orderAfter,
  ordered,
  pinnedOf,
  type Ref,
  type Use,
} from "../document/mission";
import { pinnedWords } from "../document/pinned";
import { moves, STOREY, stopsOf } from "../document/stops";
import { sure } from "../document/sure";
import { toScreen } from "../drawing/camera";
import { inks } from "../drawing/inks";
import { INK, PAPER } from "../drawing/printed";
import type { Sheet } from "../drawing/sheet";
import { drawThing } from "./drawThing";
import { KindFields } from "./KindFields";
import {
  appearanceOf,
  appearancesOf,
  drawn,
  extentOf,
  KindSign,
  kindOf,
  solidOf,
  thingsInPlay,
  usesOfFixture,
} from "./kinds";
import { atopOf, bearersOf, fromBelow, heightOf, liftOf } from "./stacks";
import { each, FACING_POINT, type Offer, type Traits } from "./traits";

/** The plain use of a fixture. */
export const USE: Omit<Use, "order"> = {
  verb: "Use",
  made: { type: "byHand" },
  open: { type: "all" },
  offered: { type: "always" },
  seconds: pinnedOf(1),
  times: 0,
  counted: "all",
  noise: 0,
  needs: { type: "nothing" },
  gives: { type: "nothing" },
  effect: { type: "nothing" },
  turns: { type: "stays" },
  passing: false,
  tells: "",
};

/** What is no higher lies under what stands on it, metres. */
const FLAT = 0.3;

/**
 * Whether a fixture is drawn under props: it is to be behind others, or it lies on the surface and
 * is so low that others stand and lie on it.
 */
function behind(fixture: Fixture, mission: Mission): boolean {
  const flat = fixture.atop.type === "nothing" && heightOf(mission, fixture) <= FLAT;
  return fixture.front < 0 || (fixture.front === 0 && flat);
}

/** Those fixtures of some that are meant. */
function only(all: Mission["fixtures"], meant: (it: Fixture) => boolean): Mission["fixtures"] {
  return Object.fromEntries(Object.entries(all).filter(([, it]) => meant(it)));
}

/** Things that people use. */
export const fixtures: Traits<"fixtures"> = {
  heading: "Fixtures",
  sign: "M4 14L14 14M9 14L13 5M11.6 5A1.4 1.4 0 1 1 14.4 5A1.4 1.4 0 1 1 11.6 5",
  icon: (fixture, mission) => {
    const kind = kindOf(mission, fixture);
    return kind && <KindSign kind={kind} looks={appearanceOf(mission, fixture)} />;
  },
  setDown: {
    at: 16,
    tray: ({ thingKinds }) =>
      Object.entries(thingKinds)
        .filter(([, { uses }]) => Object.keys(uses).length > 0)
        .map(([choice, kind]) => ({
          group: "Things",
          choice,
          word: kind.name,
          also: "fixture use",
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
      uses: {},
    }),
  },
  ...FACING_POINT,
  levelled: true,
  named: 8,
  painted: [
    {
      at: 7,
      draw: (sheet, all, looks) =>
        drawFixtures(
          sheet,
          fromBelow(
            looks.mission,
            only(all, (it) => behind(it, looks.mission)),
          ),
          looks,
        ),
    },
    {
      at: 13,
      draw: (sheet, all, looks) =>
        drawFixtures(
          sheet,
          fromBelow(
            looks.mission,
            only(all, (it) => !behind(it, looks.mission)),
          ),
          looks,
        ),
    },
  ],
  inPlay: thingsInPlay,
  solid: (thing, mission) => solidOf(thing, mission, liftOf(mission, thing)),
  printed: {
    at: 13,
    draw: (fixtures, { at }) =>
      Object.entries(fixtures).map(([id, { position }]) => {
        const [x, y] = at(position);
        return <Plate key={id} x={x - 0.8} y={y - 0.8} />;
      }),
    legend: { word: "Something to use", sign: <Plate x={2.7} y={0.7} /> },
  },
  sentence: (fixture, mission) => {
    const all = ordered(usesOfFixture(mission, fixture)).map(([, use]) => use);
    const byHand = all.filter(({ made }) => made.type === "byHand");
    const words = [
      ...(byHand.length > 0
        ? [`People beside it can: ${byHand.map((use) => handWords(mission, use)).join(", ")}.`]
        : []),
      ...all.filter(({ made }) => made.type !== "byHand").map(weightWords),
    ];
    return words.length === 0 ? "Nothing can be done with it yet." : words.join(" ");
  },
  slip: [KindFields, "uses", "drops"],
  links: ["gates", "decks", "props", "fixtures", "effects"],
  offers: (from, to, mission) =>
    to.family === "gates" || (to.family === from.family && to.id === from.id)
      ? [...heldOpen(from, to, mission), ...offered(from, mission, gateEffects(to))]
      : to.family === "decks"
        ? [...offered(from, mission, deckEffects(to, mission)), ...lifted(from, to, mission)]
        : to.family === "effects"
          ? offered(from, mission, effectEffects(to))
          : offered(from, mission, thingEffects(to, mission)),
  acts: true,
};

function handWords(mission: Mission, { verb, needs }: Use): string {
  return needs.type === "nothing"
    ? verb
    : `${verb} (${needs.type === "holding" ? "needs" : "uses up"} ${pinnedWords(needs.count)} × ${nameOf(mission, needs.item)})`;
}

function weightWords({ verb, made }: Use): string {
  if (made.type === "byHand") return "";
  const mass = `${pinnedWords(made.mass)} kg`;
  return made.type === "pressed" ? `Under ${mass}: ${verb}.` : `Freed of ${mass}: ${verb}.`;
}

/** What a use can do to another thing, and what that is called: "open Sluice". */
interface Doing {
  word: (name: string) => string;
  effect: Use["effect"];
  to: Ref;
}

function gateEffects(gate: Ref): Doing[] {
  const words = { opens: "open", closes: "close", turns: "open or close" };
  return gate.family === "gates"
    ? (["opens", "closes", "turns"] as const).map((type) => ({
        word: (name) => `${words[type]} ${name}`,
        effect: { type, gate },
        to: gate,
      }))
    : [];
}

function effectEffects(effect: Ref): Doing[] {
  return [
    { word: (name) => `begin ${name}`, effect: { type: "beginsEffect", effect }, to: effect },
    { word: (name) => `end ${name}`, effect: { type: "endsEffect", effect }, to: effect },
  ];
}

function deckEffects(deck: Ref, mission: Mission): Doing[] {
  const of = mission.decks[deck.id];
  if (!of || !moves(of)) return [];
  return [
    {
      word: (name) => `send ${name} to its next stop`,
      effect: { type: "sendsDeckOn", deck },
      to: deck,
    },
    ...stopsOf(of).map(
      (_, i): Doing => ({
        word: (name) => `send ${name} to stop ${i + 1}`,
        effect: { type: "sendsDeck", deck, stop: pinnedOf(i + 1) },
        to: deck,
      }),
    ),
  ];
}

/** A deck that stays can become a lift that is sent up and down. */
function lifted(from: Ref, deck: Ref, mission: Mission): Offer[] {
  const of = mission.decks[deck.id];
  if (!of || moves(of)) return [];
  const word = `raise and lower ${of.name} by ${STOREY} m`;
  return [
    {
      word,
      label: `${nameOf(mission, from)}: ${word}`,
      make: (draft) => {
        const { stops } = sure(draft.decks, deck.id).motion;
        stops[newId()] = { order: orderAfter(stops), east: 0, north: 0, up: STOREY };
        const [id, use] = useToTie(draft, from.id);
        const effect = { type: "sendsDeckOn" as const, deck };
        sure(draft.fixtures, from.id).uses[id] = { ...use, effect };
      },
    },
  ];
}

function thingEffects(to: Ref, mission: Mission): Doing[] {
  const thing = to.family === "props" ? mission.props[to.id] : mission.fixtures[to.id];
  const kind = thing && kindOf(mission, thing);
  if (!thing || !kind) return [];
  const looks = appearancesOf(kind);
  const others = looks.length > 1 ? looks.map(({ look }) => look) : [];
  return [
    {
      word: (name) => `take ${name} away`,
      effect: { type: "letsStand", thing: to, stands: "gone" },
      to,
    },
    {
      word: (name) => `put ${name} back`,
      effect: { type: "letsStand", thing: to, stands: "there" },
      to,
    },
    ...others.map(
      (look): Doing => ({
        word: (name) => `have ${name} look ${nameOf(mission, look)}`,
        effect: { type: "letsLook", thing: to, look },
        to,
      }),
    ),
  ];
}

/** What a use of a fixture can be given to do, each as one edit. */
function offered(from: Ref, mission: Mission, doings: Doing[]): Offer[] {
  return doings.map(({ word, effect, to }) => {
    const said = word(nameOf(mission, to));
    return {
      word: said,
      label: `${nameOf(mission, from)}: ${said}`,
      make: (draft) => {
        const [id, use] = useToTie(draft, from.id);
        sure(draft.fixtures, from.id).uses[id] = { ...use, effect };
      },
    };
  });
}

/** What bears a weight and is freed of it can hold a gate open so long. */
function heldOpen(from: Ref, gate: Ref, mission: Mission): Offer[] {
  const plate = mission.fixtures[from.id];
  if (gate.family !== "gates" || !plate) return [];
  const uses = ordered(usesOfFixture(mission, plate));
  const pressed = uses.find(([, { made }]) => made.type === "pressed");
  const eased = uses.find(([, { made }]) => made.type === "eased");
  if (!pressed || !eased) return [];
  const word = `hold ${nameOf(mission, gate)} open under a weight`;
  return [
    {
      word,
      label: `${plate.name}: ${word}`,
      make: (draft) => {
        const { uses: own } = sure(draft.fixtures, from.id);
        own[pressed[0]] = { ...pressed[1], effect: { type: "opens", gate } };
        own[eased[0]] = { ...eased[1], effect: { type: "closes", gate } };
      },
    },
  ];
}

/** A fixture in print. */
function Plate({ x, y }: { x: number; y: number }) {
  return <rect x={x} y={y} width={1.6} height={1.6} fill={PAPER} stroke={INK} strokeWidth={0.25} />;
}

/** The use of a fixture that does nothing by itself yet, or else its first one. */
function useToTie(mission: Mission, id: string): [string, Use] {
  const uses = ordered(usesOfFixture(mission, sure(mission.fixtures, id)));
  return (
    uses.find(([, { effect }]) => effect.type === "nothing") ??
    uses[0] ?? [newId(), { ...USE, order: "a0" }]
  );
}

const drawFixtures = each(drawFixture);

/** Half the side of the plate that shows a fixture on the map, pixels. */
const PLATE = 10;

/** Draws a fixture to scale where it is larger than its plate, and as a plate with its sign. */
function drawFixture(sheet: Sheet, fixture: Fixture, selected: boolean, mission: Mission): void {
  const { c, camera, size } = sheet;
  const kind = kindOf(mission, fixture);
  const looks = appearanceOf(mission, fixture);
  if (kind && Math.max(...extentOf(kind)) * fixture.scale * camera.scale > 2 * PLATE) {
    drawThing(sheet, fixture, kind, looks, selected);
  }
  const [px, py] = toScreen(camera, size, fixture.position.x, fixture.position.y);
  c.save();
  c.translate(px, py);
  if (fixture.stands === "gone") c.globalAlpha = 0.55;
  c.save();
  c.rotate((fixture.facing * Math.PI) / 180);
  c.beginPath();
  c.moveTo(-4.5, -13);
  c.lineTo(0, -20);
  c.lineTo(4.5, -13);
  c.closePath();
  c.lineWidth = 3;
  c.strokeStyle = inks.halo;
  c.stroke();
  c.fillStyle = inks.flint;
  c.fill();
  c.restore();
  c.beginPath();
  c.roundRect(-PLATE, -PLATE, 2 * PLATE, 2 * PLATE, 3);
  c.fillStyle = looks && looks.light > 0 ? inks.lichenSoft : inks.slip;
  c.fill();
  c.lineWidth = selected ? 2.6 : 1.4;
  c.strokeStyle = selected ? inks.ink : inks.flint;
  c.stroke();
  c.lineWidth = 1.6 / 7;
  c.lineJoin = "round";
  c.lineCap = "round";
  c.strokeStyle = inks.ink;
  c.fillStyle = inks.ink;
  c.scale(7, 7);
  const { lines, filled } = drawn(looks?.drawing ?? {});
  c.fill(new Path2D(filled));
  c.stroke(new Path2D(lines));
  c.restore();
}
